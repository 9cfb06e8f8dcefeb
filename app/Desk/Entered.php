<?php

declare(strict_types=1);

namespace App\Desk;

use App\Models\Job;
use Garnetine\Core\Design\Part;
use Illuminate\Support\Facades\DB;

/**
 * Who entered the value that stands at a place of the newest design, and when: the last design of the main line that changed it,
 * or that said that the example's stands. What a blank job began with was entered by nobody.
 */
final readonly class Entered
{
    public function __construct(private Job $job, private Part $part)
    {
    }

    /** @return array{by: string, at: string, design: int}|null Null when nobody entered it */
    public function at(string $pointer): ?array
    {
        $path = static fn (string $pointer): string => '{'.implode(',', array_slice(explode('/', $pointer), 1)).'}';
        $here = $this->part->inJob($pointer);
        // Designs of older versions had one surface, at the place that its design still tells.
        $old = $this->part->surface === 'plane-1' ? $pointer : $here;
        $row = DB::selectOne(<<<'SQL'
            select number, name, created_at, number = 1 and origins is not null as is_example from (
                select d.number, u.name, d.created_at, d.document -> 'origins' as origins,
                    now, lag(now) over line as before, origin, lag(origin) over line as origin_before
                from designs d join users u on u.id = d.author_id
                    cross join lateral (
                        select coalesce(d.document #> ?::text[], d.document #> ?::text[]) as now,
                        coalesce(d.document -> 'origins' ->> ?, d.document -> 'origins' ->> ?) as origin
                    ) as there
                where d.job_id = ? and not d.is_side window line as (order by d.number)
            ) as steps where now is distinct from before or origin is distinct from origin_before order by number desc limit 1
            SQL, [$path($here), $path($old), $here, $old, $this->job->id]);

        return $row instanceof \stdClass && $row->is_example === false && is_string($row->name) && is_string($row->created_at) && is_int($row->number)
            ? [
                'by' => $row->name,
                'at' => (new \DateTimeImmutable($row->created_at))->setTimezone(new \DateTimeZone('UTC'))->format('Y-m-d\TH:i:s\Z'),
                'design' => $row->number,
            ] : null;
    }
}
