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

    /** Of one person, to build it; null where nobody said how long things take, or nothing stands. */
    public function hours(): ?float
    {
        return $this->plan === null || $this->plan->posts === [] ? null : $this->plan->days()?->hours;
    }

    /** What it takes by a company's rates; null where nothing stands. */
    public function effort(Rates $rates): ?Effort
    {
        $posts = $this->plan->posts ?? [];
        $length_m = array_sum(array_map(static fn (TablePost $post): float => $post->cut_m ?? 0.0, $posts));

        return $posts === [] ? null : Effort::ofTable(
            $rates,
            $this->hours(),
            $length_m,
            $posts[0]->bags === null ? 0.0 : ceil(TablePost::bagsOf($posts) - 1e-9),
        );
    }

    /** What fails first of what is known of it. */
    public function failing(): ?TableCheck
    {
        $worst = $this->plan?->worst();

        return $worst !== null && $worst->ratio > 1 + 1e-9 ? $worst : null;
    }
}
