<?php

declare(strict_types=1);

namespace Garnetine\Core\Plan;

use Garnetine\Core\Finding\Finding;
use Garnetine\Core\Ground\TableCheck;

/** The same modules on one kind of table. */
final readonly class KindBeside
{
    /** @param list<array{path: string, typed: string}> $edits That begin with it */
    public function __construct(
        public string $kind,
        public bool $isHere,
        /** Null where the sizes that are entered do not fit such a table. */
        public ?TablePlan $plan,
        public ?Finding $refusal,
        /** How much is still to be entered or proven. */
        public int $missing,
        public array $edits,
    ) {
    }

    /** Of one person, to build it; null where nobody said how long things take, or nothing stands. */
    public function hours(): ?float
    {
        return $this->plan === null || $this->plan->posts === [] ? null : $this->plan->days()?->hours;
    }

    /** What fails first of what is known of it. */
    public function failing(): ?TableCheck
    {
        $worst = $this->plan?->worst();

        return $worst !== null && $worst->ratio > 1 + 1e-9 ? $worst : null;
    }
}
