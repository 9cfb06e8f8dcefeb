<?php

declare(strict_types=1);

namespace Garnetine\Core\Under;

use Garnetine\Core\Attachment\RunPlan;
use Garnetine\Core\Design\Bonding;
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
    /** Middle of a lug from the end of its rail. Source: common practice, no source (2 in). */
    private const FROM_END_IN = 2.0;

    /**
     * @param list<array{run: Run, at_m: float}> $lugs
     * @param list<array{run: Run, at_m: float}> $jumpers Splices that they bridge
     * @param list<array{run: Run, at_m: float}> $broken Splices that nothing bridges
     */
    private function __construct(public array $lugs, public array $jumpers, public array $broken, public int $frames)
    {
    }

    /** @param list<RunPlan> $plans All rails of a surface */
    public static function of(Bonding $bonding, array $plans, int $modules): self
    {
        $lugs = $splices = [];
        foreach ($plans as $plan) {
            $run = $plan->run;
            $lugs[] = ['run' => $run, 'at_m' => $run->x0_m + min(Length::ofInches(self::FROM_END_IN)->toMetres(), ($run->x1_m - $run->x0_m) / 2)];
            foreach ($bonding->splicesBond === YesNo::Yes ? [] : $run->splices_m as $at_m) {
                $splices[] = ['run' => $run, 'at_m' => $at_m];
            }
        }
        $isBridged = trim($bonding->jumper) !== '';

        return new self($lugs, $isBridged ? $splices : [], $isBridged ? [] : $splices, $bonding->clampsBond === YesNo::Yes ? 0 : $modules);
    }
}
