<?php

declare(strict_types=1);

namespace Garnetine\Core\Plan;

use Garnetine\Core\Design\Block\Orientation;
use Garnetine\Core\Design\Design;
use Garnetine\Core\Design\Edit\Edits;
use Garnetine\Core\Layout\Fill;
use Garnetine\Core\Load\Coefficients;

/** Ways to fill a surface with the block in view, each planned: the most modules, then the least to be mended, then the fewest feet. */
final readonly class Proposals
{
    /** Places of equal count that are planned for each way. */
    private const PLANNED = 6;

    /** @param list<array{path: string, value: mixed}> $edits That make the block so */
    private function __construct(public Fill $fill, public Plan $plan, public array $edits)
    {
    }

    /**
     * @param \Closure(Design): Plan $plan
     *
     * @return list<self> For each orientation that has room for a module at all
     */
    public static function of(Design $design, \Closure $plan, int $most = self::PLANNED): array
    {
        $proposals = [];
        foreach (Orientation::cases() as $orientation) {
            $best = null;
            foreach (Fill::of($design, $orientation, new Coefficients($design->ownCopies), $most) as $fill) {
                $edits = $fill->edits();
                $one = new self($fill, $plan(Edits::apply($design, $edits)), $edits);
                $best = $best === null || $one->order() < $best->order() ? $one : $best;
            }
            array_push($proposals, ...array_filter([$best]));
        }

        return $proposals;
    }

    /** @return array{int, int} What is left to mend, then feet */
    private function order(): array
    {
        $blocking = count(array_filter($this->plan->findings, static fn ($finding): bool => $finding->blocks()));

        return [$blocking, $this->plan->attachmentCount()];
    }
}
