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

    public function handle(): int
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
        foreach (['issued_plans' => "select id from issued_plans where encode(sha256(convert_to(bytes, 'UTF8')), 'hex') <> hash", 'papers' => "select id from papers where bytes is not null and encode(sha256(bytes), 'hex') <> hash"] as $table => $query) {
            foreach (DB::select($query) as $row) {
                ++$wrong;
                $this->error("$table: ".json_encode($row).' is not what was saved.');
            }
        }
        $this->line("$designs designs, $plans issued plans: ".($wrong === 0 ? 'all as they were saved' : "$wrong differ"));

        return $wrong === 0 ? self::SUCCESS : self::FAILURE;
    }
}
