<?php

declare(strict_types=1);

namespace App\Company;

use App\Models\User;
use Garnetine\Core\Design\Edit\JobEdits;
use Garnetine\Core\Design\Project;
use Garnetine\Core\Design\Signing\OwnCopy;
use Garnetine\Core\Document\Writer;
use Illuminate\Support\Facades\DB;

/** The values that a company read in its own copies: the newest of each, offered to designs that have another or none. */
final class CompanyCopies
{
    public static function keep(User $by, OwnCopy $copy): void
    {
        DB::table('own_copies')->insert([
            'company_id' => $by->company_id, 'entered_by' => $by->id, 'coefficient' => $copy->coefficient, 'value' => $copy->value,
            'document' => $copy->document, 'clause' => $copy->clause, 'name' => $copy->name, 'on' => $copy->on, 'created_at' => now(),
        ]);
    }

    /**
     * @param list<string> $concerned Ids of values that matter to the design's plan: others are not offered
     *
     * @return list<OwnCopy> In the order of their ids
     */
    public static function offers(int $company, Project $design, array $concerned): array
    {
        $here = [];
        foreach ($design->ownCopies as $copy) {
            $here[$copy->coefficient] = $copy->value;
        }
        $offers = [];
        foreach (DB::select(
            'select distinct on (coefficient) coefficient, value, document, clause, name, "on" from own_copies where company_id = ? order by coefficient, id desc',
            [$company],
        ) as $row) {
            /** @var \stdClass&object{coefficient: string, value: float, document: string, clause: string, name: string, on: string} $row */
            if (in_array($row->coefficient, $concerned, true) && ($here[$row->coefficient] ?? null) !== (float) $row->value) {
                $offers[] = new OwnCopy($row->coefficient, (float) $row->value, $row->document, $row->clause, $row->name, $row->on);
            }
        }

        return $offers;
    }

    /** A design with values in place of its own ones of the same ids. */
    public static function in(Project $design, OwnCopy ...$copies): Project
    {
        $ids = array_map(static fn (OwnCopy $copy): string => $copy->coefficient, $copies);
        $kept = array_filter($design->ownCopies, static fn (OwnCopy $copy): bool => !in_array($copy->coefficient, $ids, true));

        return JobEdits::apply(
            $design,
            [['path' => '/own_copies', 'value' => array_map(Writer::toArray(...), [...array_values($kept), ...array_values($copies)])]],
            $design->first(),
        );
    }
}
