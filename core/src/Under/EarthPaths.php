<?php

declare(strict_types=1);

namespace Garnetine\Core\Under;

use Garnetine\Core\Attachment\RunPlan;
use Garnetine\Core\Design\Kit\Bonding;
use Garnetine\Core\Design\YesNo;
use Garnetine\Core\Quantity\Length;
use Garnetine\Core\Rail\Run;

/**
 * What joins rails and frames to the earth wire: a lug on every rail, a jumper over each splice that is not listed for bonding, a part of its
 * own for each frame that its clamps do not join.
 *
 * Source: common practice, no source; NEC 690.43 wants all exposed metal joined by what is listed for it. An electrician decides.
 */
final readonly class EarthPaths
{
    /** Middle of a lug from the end of its rail, and from the middle of a foot, clamp or splice, at least. Source: common practice, no source. */
    private const FROM_END_IN = 1.0;
    private const CLEAR_IN = 2.0;

    /**
     * @param list<array{run: Run, at_m: float}> $lugs
     * @param list<array{run: Run, at_m: float}> $jumpers Splices that they bridge
     * @param list<array{run: Run, at_m: float}> $broken Splices that nothing bridges
     */
    private function __construct(public array $lugs, public array $jumpers, public array $broken, public int $frames)
    {
    }

    /**
     * @param list<RunPlan> $plans All rails of a surface
     * @param list<Box> $boxes That hang on them
     * @param int $frames How many have a part of their own
     */
    public static function of(Bonding $bonding, array $plans, array $boxes, Length $box, int $frames): self
    {
        $lugs = $splices = [];
        foreach ($plans as $plan) {
            $run = $plan->run;
            array_push($lugs, ...$run->isRail ? [['run' => $run, 'at_m' => self::lug_m($plan, $boxes, $box)]] : []);
            foreach ($bonding->splicesBond === YesNo::Yes ? [] : $run->splices_m as $at_m) {
                $splices[] = ['run' => $run, 'at_m' => $at_m];
            }
        }
        $isBridged = trim($bonding->jumper) !== '';

        return new self($lugs, $isBridged ? $splices : [], $isBridged ? [] : $splices, $frames);
    }

    /**
     * As near the first end of its rail as there is room.
     *
     * @param list<Box> $boxes
     */
    private static function lug_m(RunPlan $plan, array $boxes, Length $box): float
    {
        $run = $plan->run;
        [$end_m, $clear_m] = [Length::ofInches(self::FROM_END_IN)->toMetres(), Length::ofInches(self::CLEAR_IN)->toMetres()];
        $hung = array_filter($boxes, static fn (Box $one): bool => $one->run?->id === $run->id);
        $taken = [
            ...Room::taken($plan, $clear_m),
            ...array_map(static fn (Box $one): array => [$one->at_m, $box->toMetres() / 2 + $end_m], array_values($hung)),
        ];

        return Room::nearest_m(
            $run->x0_m + $end_m,
            $run->x0_m + $end_m,
            $run->x1_m - $end_m,
            $taken,
        ) ?? $run->x0_m + min($end_m, ($run->x1_m - $run->x0_m) / 2);
    }
}
