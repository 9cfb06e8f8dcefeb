<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\Models\Design;
use Garnetine\Core\Design\DesignFile;
use Garnetine\Core\Document\DocumentInvalid;
use Illuminate\Console\Command;
use Illuminate\Support\Facades\DB;

/** Reads everything that is kept for ever and compares it with its hash: after a restore, or whenever in doubt. */
final class VerifyStore extends Command
{
    protected $signature = 'garnetine:verify';

    protected $description = 'Compares every design, issued plan and paper with its hash';

    /** @return int 0 when all is as it was saved, 1 when something is not, 2 when that could not be found out */
    public function handle(): int
    {
        try {
            return $this->compared();
        } catch (\Throwable $trouble) {
            $this->error('Could not be verified: '.mb_strimwidth($trouble->getMessage(), 0, 300, '…'));

            return 2;
        }
    }

    private function compared(): int
    {
        $designs = $wrong = 0;
        foreach (Design::query()->orderBy('id')->lazyById(100) as $design) {
            ++$designs;
            try {
                $same = DesignFile::hashAsWritten($design->bytes) === $design->hash;
            } catch (DocumentInvalid) {
                $same = false;
            }
            if (!$same) {
                ++$wrong;
                $this->error("Design {$design->id} is not what was saved.");
            }
        }
        $plans = DB::table('issued_plans')->count();
        foreach ([
            'issued_plans' => "select id from issued_plans where encode(sha256(convert_to(bytes, 'UTF8')), 'hex') <> hash",
            'papers' => "select id from papers where bytes is not null and encode(sha256(bytes), 'hex') <> hash",
        ] as $table => $query) {
            foreach (DB::select($query) as $row) {
                ++$wrong;
                $this->error("$table: ".json_encode($row).' is not what was saved.');
            }
        }
        $this->line("$designs designs, $plans issued plans: ".($wrong === 0 ? 'all as they were saved' : "$wrong differ"));

        return $wrong === 0 ? self::SUCCESS : self::FAILURE;
    }
}
