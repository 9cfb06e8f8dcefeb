<?php

declare(strict_types=1);

namespace Garnetine\Core\Plan;

use Garnetine\Core\Finding\Finding;
use Garnetine\Core\Ground\TableCheck;
use Garnetine\Core\Ground\TablePost;
use Garnetine\Core\Rates\Effort;
use Garnetine\Core\Rates\Rates;

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

    /** What it takes by a company's rates; null where nothing stands. */
    public function effort(Rates $rates): ?Effort
    {
        $posts = $this->plan->posts ?? [];

        return $posts === [] ? null : Effort::ofTable($rates, $this->plan?->hours(), TablePost::lengthOf_m($posts), ceil(TablePost::bagsOf($posts) - 1e-9));
    }

    /** What fails first of what is known of it. */
    public function failing(): ?TableCheck
    {
        $worst = $this->plan?->worst();

        return $worst !== null && $worst->ratio > 1 + 1e-9 ? $worst : null;
    }
}
