<?php

declare(strict_types=1);

namespace App\Jobs;

use App\Actions\Designs\PlanDesign;
use App\Models\Design;
use Illuminate\Contracts\Queue\ShouldBeUnique;
use Illuminate\Contracts\Queue\ShouldQueue;
use Illuminate\Foundation\Queue\Queueable;

/** Plans a design that the list of jobs would have to wait for. */
final class PlanAhead implements ShouldBeUnique, ShouldQueue
{
    use Queueable;

    public int $tries = 1;

    /** Within the queue's retry_after. */
    public int $timeout = 120;

    /** Not begun again sooner, should it take longer than it may. */
    public int $uniqueFor = 3600;

    public function __construct(public readonly int $designId)
    {
    }

    public function uniqueId(): string
    {
        return (string) $this->designId;
    }

    public function handle(PlanDesign $planDesign): void
    {
        $design = Design::query()->find($this->designId);
        if ($design !== null) {
            $planDesign->handle($design);
        }
    }
}
