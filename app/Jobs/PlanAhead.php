<?php

declare(strict_types=1);

namespace App\Jobs;

use App\Actions\Designs\PlanDesign;
use App\Models\Design;
use Illuminate\Contracts\Queue\ShouldBeUnique;
use Illuminate\Contracts\Queue\ShouldQueue;
use Illuminate\Foundation\Queue\Queueable;
use Illuminate\Support\Facades\Cache;

/** Plans a design that the list of jobs would have to wait for, in a queue behind which nobody waits; a few at a time for a company. */
final class PlanAhead implements ShouldBeUnique, ShouldQueue
{
    use Queueable;

    public const QUEUE = 'ahead';

    /** Of one company, waiting or under way. */
    private const AT_ONCE = 2;

    public int $tries = 1;

    /** Within the queue's retry_after. */
    public int $timeout = 120;

    /** Not begun again sooner, should it take longer than it may. */
    public int $uniqueFor = 3600;

    /** @param array{string, string}|null $turn Name and owner of the company's turn, which ends with the job */
    private function __construct(public readonly int $designId, private readonly ?array $turn)
    {
        $this->onQueue(self::QUEUE);
    }

    /** Where the company has a turn left; else a later look at the list asks again. */
    public static function ask(int $company, int $designId): void
    {
        for ($turn = 0; $turn < self::AT_ONCE; ++$turn) {
            $lock = Cache::lock("ahead.$company.$turn", 300);
            if ($lock->get()) {
                dispatch(new self($designId, ["ahead.$company.$turn", $lock->owner()]));

                return;
            }
        }
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
        $this->end();
    }

    public function failed(): void
    {
        $this->end();
    }

    private function end(): void
    {
        if ($this->turn !== null) {
            Cache::restoreLock(...$this->turn)->release();
        }
    }
}
