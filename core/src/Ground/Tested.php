<?php

declare(strict_types=1);

namespace Garnetine\Core\Ground;

use Garnetine\Core\Design\Ground\Racking\PullTest;
use Garnetine\Core\Design\Ground\Racking\PullTests;
use Garnetine\Core\Design\Ground\TableDesign;
use Garnetine\Core\Design\YesNo;
use Garnetine\Core\Finding\Code;
use Garnetine\Core\Finding\Finding;
use Garnetine\Core\Load\Printed;

/**
 * What pull tests on the ground prove: half of the least of three or more.
 *
 * Source: practice after ASTM D3689 and D3966, and IBC 2018, §1810.3.3.1.5 (half of what a test bore); recalled.
 */
final class Tested
{
    private const FEWEST = 3;
    /** Over which results scatter so much that more tests are called for (common practice, no source). */
    private const SCATTER = 0.30;

    /** @return list<float> */
    private static function results_N(PullTests $tests, bool $isUp): array
    {
        return array_values(array_filter(array_map(
            static fn (PullTest $test): float => ($isUp ? $test->up : $test->sideways)?->toSi() ?? 0.0,
            $tests->each,
        )));
    }

    /** Null where too few were pulled that way. */
    public static function bears_N(PullTests $tests, bool $isUp): ?float
    {
        $results_N = self::results_N($tests, $isUp);

        return count($results_N) < self::FEWEST ? null : min($results_N) / 2;
    }

    /** @return list<Finding> What ends above the frost is lifted by it */
    public static function aboveFrost(TableDesign $design, PullTests $tests): array
    {
        $frost_m = $design->table->soil->frostDepth->toMetres();

        return Printed::under($tests->embedment->toMetres(), $frost_m)
            ? [Finding::of(Code::FootOverFrost, '/table/racking/tests/embedment_m', ['depth_m' => $tests->embedment->toMetres(), 'frost_m' => $frost_m])] : [];
    }

    /** @return list<Finding> Whether the tests prove anything */
    public static function asked(PullTests $tests, bool $isSidewaysToo, int $posts): array
    {
        $findings = [];
        $fewest = max(self::FEWEST, (int) ceil($posts / 100));
        foreach ($isSidewaysToo ? [true, false] : [true] as $isUp) {
            $results_N = self::results_N($tests, $isUp);
            $way = $isUp ? 'word.upward' : 'word.sideways';
            if (count($results_N) < $fewest) {
                $findings[] = Finding::of(Code::TooFewTests, '/table/racking/tests/each', ['tests' => count($results_N), 'fewest' => $fewest, 'way' => $way]);
                continue;
            }
            $mean_N = array_sum($results_N) / count($results_N);
            $squares = array_sum(array_map(static fn (float $result_N): float => ($result_N - $mean_N) ** 2, $results_N));
            $scatter = sqrt($squares / (count($results_N) - 1)) / $mean_N;
            if ($scatter > self::SCATTER) {
                $findings[] = Finding::of(Code::TestsScatter, '/table/racking/tests/each', ['percent' => (int) round(100 * $scatter), 'way' => $way]);
            }
        }

        return [
            ...$findings,
            ...$tests->representative === YesNo::Yes ? [] : [
                Finding::of(Code::TestsVoid, '/table/racking/tests/representative', ['answer' => $tests->representative->value]),
            ],
        ];
    }
}
