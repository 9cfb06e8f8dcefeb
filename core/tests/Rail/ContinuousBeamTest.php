<?php

declare(strict_types=1);

namespace Garnetine\Core\Tests\Rail;

use Garnetine\Core\Rail\ContinuousBeam;
use Garnetine\Core\Rail\SingularBeam;
use Garnetine\Core\Tests\Support\ExactBeam;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

final class ContinuousBeamTest extends TestCase
{
    public function test_beams_agree_with_exact_fractions(): void
    {
        // The full thousand runs in bin/bench; these seeds hold 1 to 12 spans, overhangs and hinges.
        for ($seed = 1; $seed <= 32; ++$seed) {
            [$supports, $hinges, $loads] = ExactBeam::random($seed);
            $exact = ExactBeam::solve($supports, $hinges, $loads);
            self::assertNotNull($exact, "seed $seed");
            $state = (new ContinuousBeam(array_map(floatval(...), $supports), array_map(floatval(...), $hinges)))
                ->under(array_map(static fn (array $load): float => (float) $load[0], $loads), array_map(static fn (array $load): float => (float) $load[1], $loads));
            $scale = max(1.0, ...array_map(abs(...), $exact[0]), ...array_map(abs(...), $exact[1]));
            foreach ($supports as $i => $_) {
                self::assertEqualsWithDelta($exact[0][$i], $state->moments_Nm[$i], 1e-9 * $scale, "seed $seed");
                self::assertEqualsWithDelta($exact[1][$i], $state->reactions_N[$i], 1e-9 * $scale, "seed $seed");
            }
            self::assertEqualsWithDelta(array_sum(array_column($loads, 1)), array_sum($state->reactions_N), 1e-9 * $scale, "equilibrium, seed $seed");
        }
    }

    public function test_the_moment_at_a_hinge_is_zero(): void
    {
        $state = (new ContinuousBeam([0.0, 1.0, 2.0, 3.0], [1.25]))->under([0.3, 1.1, 1.4, 1.9, 2.7], [1.0, 2.0, 3.0, 1.5, 1.0]);
        self::assertEqualsWithDelta(0.0, $state->momentInSpan_Nm(1, 0.25), 1e-12);
    }

    /** @return iterable<string, array{list<float>, list<float>, string}> */
    public static function unstable(): iterable
    {
        yield 'one support' => [[1.0], [], 'at least 2'];
        yield 'supports out of order' => [[1.0, 1.0], [], 'must ascend'];
        yield 'a hinge in an overhang' => [[0.0, 1.0], [2.0], 'outside the spans'];
        yield 'two hinges in one span' => [[0.0, 1.0, 2.0], [1.2, 1.4], 'shares its span'];
        yield 'a mechanism' => [[0.0, 1.0], [0.5], 'mechanism'];
    }

    /**
     * @param list<float> $supports
     * @param list<float> $hinges
     */
    #[DataProvider('unstable')]
    public function test_a_beam_that_cannot_stand_is_refused(array $supports, array $hinges, string $says): void
    {
        $this->expectException(SingularBeam::class);
        $this->expectExceptionMessage($says);
        new ContinuousBeam($supports, $hinges);
    }
}
