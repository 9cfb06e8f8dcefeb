<?php

declare(strict_types=1);

namespace App\Jobs;

use App\Models\IssuedPlan;
use App\Models\Paper;
use App\Paper\Printer;
use Garnetine\Core\Plan\Build;
use Illuminate\Contracts\Queue\ShouldQueue;
use Illuminate\Foundation\Queue\Queueable;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\URL;

/**
 * Makes one paper of an issued plan. Killed half-way it begins again; the bytes are written once, when they are whole.
 */
final class MakePaper implements ShouldQueue
{
    use Queueable;

    /** Fails for what goes wrong in it; a worker that is killed under it says nothing about it. */
    public int $maxExceptions = 3;
    public int $tries = 10;
    public int $timeout = 120;
    public int $backoff = 5;

    public function __construct(public readonly int $paperId)
    {
    }

    public function handle(): void
    {
        $paper = Paper::query()->select(['id', 'issued_plan_id', 'kind', 'state'])->findOrFail($this->paperId);
        $issued = IssuedPlan::query()->findOrFail($paper->issued_plan_id);
        if ($paper->state === 'done') {
            return;
        }
        if ($issued->build !== Build::hash()) {
            $this->tell('failed', 0, 'The application was renewed before the paper was made. Issue the plan again.');

            return;
        }
        $this->tell('making', 20);
        // The path is signed, not the address: behind a balancer the application sees another port than the browser.
        $url = URL::to(URL::temporarySignedRoute('issued.paper', now()->addMinute(), ['issuedPlan' => $issued->id, 'kind' => $paper->kind->value], false));
        $bytes = Printer::pdf($url, $paper->kind->file().' '.substr($issued->hash, 0, 12));
        $this->tell('making', 90);
        DB::update(
            "update papers set state = 'done', percent = 100, trouble = '', pages = ?, hash = ?, bytes = decode(?, 'base64'), updated_at = now() where id = ? and bytes is null",
            [Printer::pages($bytes), hash('sha256', $bytes), base64_encode($bytes), $paper->id],
        );
    }

    public function failed(?\Throwable $trouble): void
    {
        $this->tell('failed', 0, mb_strimwidth($trouble?->getMessage() ?? 'unknown', 0, 400, '…'));
    }

    private function tell(string $state, int $percent, string $trouble = ''): void
    {
        Paper::query()->whereKey($this->paperId)->whereNull('bytes')->update(['state' => $state, 'percent' => $percent, 'trouble' => $trouble]);
    }
}
