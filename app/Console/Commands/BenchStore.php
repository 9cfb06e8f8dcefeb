<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\Actions\Designs\SaveDesign;
use App\Actions\Plans\IssuePlan;
use App\Jobs\MakePaper;
use App\Models\Job;
use App\Models\Paper;
use App\Models\User;
use Garnetine\Core\Design\Edit\JobEdits;
use Illuminate\Console\Command;

/** Fills the store for bin/bench: a paper made, and many designs saved. */
final class BenchStore extends Command
{
    protected $signature = 'garnetine:bench-store {designs}';

    protected $description = 'For bin/bench: makes a paper, and saves many designs';

    protected $hidden = true;

    public function handle(IssuePlan $issuePlan, SaveDesign $saveDesign): int
    {
        $job = Job::query()->orderBy('id')->firstOrFail();
        $user = User::query()->orderBy('id')->firstOrFail();
        $issued = $issuePlan->handle($job, $job->current(), $user, 'bench');
        $made = true;
        foreach ($issued->papers as $paper) {
            $since = hrtime(true);
            (new MakePaper($paper->id))->handle();
            $paper->refresh();
            $made = $made && $paper->state === 'done';
            $this->line(
                sprintf(
                    '%s of the demo: %s, %d pages, %.1f s (at most 6)',
                    $paper->kind->file(),
                    $paper->state,
                    (int) $paper->pages,
                    (hrtime(true) - $since) / 1e9,
                ),
            );
        }
        $start = hrtime(true);
        $wanted = max(1, (int) $this->argument('designs'));
        for ($number = 0; $number < $wanted; ++$number) {
            $current = $job->current();
            $saveDesign->handle(
                $job,
                $user,
                $current,
                JobEdits::apply(
                    $current->document(),
                    [['path' => '/site/wind_speed_m_per_s', 'typed' => sprintf('%.1F mph', 100 + $number % 400 / 10)]],
                    'plane-1',
                ),
                "Bench $number",
            );
        }
        $this->line(sprintf('%d designs saved one after the other: %.1f s', $wanted, (hrtime(true) - $start) / 1e9));

        return $made ? self::SUCCESS : self::FAILURE;
    }
}
