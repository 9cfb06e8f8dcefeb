<?php

declare(strict_types=1);

namespace Garnetine\Core\Plan;

use Garnetine\Core\Design\Ground\TableDesign;
use Garnetine\Core\Ground\TablePost;
use Garnetine\Core\Rates\Effort;
use Garnetine\Core\Rates\Rates;

/** The same modules on other posts, in other holes or lower, planned whole: what stands then, and what it takes. */
final readonly class TableWay
{
    private function __construct(
        public TableDesign $design,
        public int $posts,
        public float $hole_m,
        /** Null where nothing stands. */
        public ?float $depth_m,
        public bool $holds,
        public ?float $reserve,
        public float $bags,
        /** Of one person; null where nobody said how long things take. */
        public ?float $hours,
        /** All posts as they are cut, end to end. */
        public float $posts_m,
    ) {
    }

    public static function of(TableDesign $design): self
    {
        $plan = TablePlanner::plan($design, Depth::Checks);

        return new self(
            $design,
            count($plan->stand->places ?? []),
            $design->table->footing->hole->toMetres(),
            $plan->posts[0]->depth_m ?? null,
            $plan->posts !== [] && ($plan->leastReserve() ?? 0.0) >= -1e-9,
            $plan->leastReserve(),
            TablePost::bagsOf($plan->posts),
            $plan->hours(),
            TablePost::lengthOf_m($plan->posts),
        );
    }

    /** What it takes by a company's rates; null where nothing stands. */
    public function effort(Rates $rates): ?Effort
    {
        return $this->depth_m === null ? null : Effort::ofTable($rates, $this->hours, $this->posts_m, ceil($this->bags - 1e-9));
    }

    /** @return array{posts: int, hole_m: float, depth_m: float|null, holds: bool, reserve: float|null, bags: float} As it stands in the plan of a table */
    public function toArray(): array
    {
        return [
            'posts' => $this->posts, 'hole_m' => $this->hole_m, 'depth_m' => $this->depth_m, 'holds' => $this->holds, 'reserve' => $this->reserve,
            'bags' => $this->bags,
        ];
    }
}
