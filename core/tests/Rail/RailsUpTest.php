<?php

declare(strict_types=1);

namespace Garnetine\Core\Tests\Rail;

use Garnetine\Core\Attachment\RunPlan;
use Garnetine\Core\Covering\Covering;
use Garnetine\Core\Plan\Plan;
use Garnetine\Core\Plan\Planner;
use Garnetine\Core\Tests\Support\Enumeration;
use Garnetine\Core\Tests\Support\Scenario;
use Garnetine\Core\Tests\Support\SecondOpinion;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** Rails up the slope: over the purlins that they cross, on ribs, held against the push along them. */
final class RailsUpTest extends TestCase
{
    /** @param array<string, mixed> $changes */
    private static function shed(array $changes = []): Plan
    {
        $scenario = Scenario::of('feijoa-lane');
        foreach ($changes + [
            '/block/arrangement' => ['kind' => 'rails_up'], '/block/orientation' => 'landscape', '/block/columns' => 4, '/block/rows' => 3, '/kit/foot/pad_width_m' => 0.05,
            '/rules/greatest_bay_m' => null, '/block/left_out' => [], '/surface/covering' => ['kind' => 'metal', 'spaces_between' => 12] + Covering::TYPICAL['metal'],
        ] as $path => $value) {
            $scenario = $scenario->with($path, $value);
        }

        return Planner::plan($scenario->design());
    }

    /** @return array<string, mixed> */
    private static function snowy(float $pitch, float $ground_Pa): array
    {
        return [
            '/kit/capacities' => 'allowable', '/site/standard' => 'asce7-16', '/site/ground_snow_kind' => 'nominal', '/site/ground_snow_Pa' => $ground_Pa, '/surface/pitch_rad' => $pitch,
            '/surface/roof_kind' => 'two_sided_gable', '/site/eave_to_ridge_m' => 9.0, '/site/roof_supports' => 'other', '/site/array_holds_snow' => 'yes', '/site/wind_speed_m_per_s' => 51.4,
            '/kit/rail/section_modulus_x_m3' => 2.2e-6, '/surface/dead_load_Pa' => 0.0,
        ];
    }

    /** @return iterable<string, array{array<string, mixed>}> */
    public static function sheds(): iterable
    {
        yield 'wind' => [[]];
        yield 'steep, a weak foot' => [['/surface/pitch_rad' => 0.5, '/kit/foot/along_N' => 80.0]];
        yield 'one taken out' => [['/block/left_out' => [['row' => 2, 'column' => 3]]]];
        yield 'snow near the ridge' => [self::snowy(0.3, 1000.0)];
        yield 'little snow' => [self::snowy(0.2, 600.0) + ['/kit/foot/along_N' => 420.0]];
        yield 'a light roof, on which feet keep off a purlin' => [['/surface/dead_load_Pa' => 150.0] + self::snowy(0.2, 600.0)];
        yield 'a short stock without splices that bear' => [['/kit/rail/stock_length_m' => 2.4, '/kit/rail/splice_moment_Nm' => null]];
        yield 'the planner’s own hand' => [['/block/pins' => [['line' => 'C', 'member' => 3]], '/block/bars' => [['line' => null, 'member' => 4]]]];
    }

    /** @param array<string, mixed> $changes */
    #[DataProvider('sheds')]
    public function test_the_fewest_feet_hold_as_a_second_way_finds_too(array $changes): void
    {
        $plan = self::shed($changes);
        self::assertNotSame([], $plan->supports);
        $known = [];
        $added = 0;
        foreach ($plan->supports as $run) {
            $opinion = new SecondOpinion($plan->design, $run->run);
            self::assertTrue($run->run->line->isUpSlope && $run->holds());
            self::assertEqualsWithDelta($opinion->worst($run->feet_m()), $run->verdict()?->worst, 1e-6, $run->run->id);
            $known[$run->run->signature()] ??= Enumeration::fewest($opinion, $run->run, 6, static fn (array $picks): bool => array_diff($run->run->hand->pinned, $picks) === []);
            [$count, $worst] = $known[$run->run->signature()];
            // Their members decide where the fewest are not enough; what is seen, as screws are, has no foot off its mark.
            $isMoved = ($changes['/surface/dead_load_Pa'] ?? 0.0) > 0.0;
            self::assertSame([$count, $count], [count($run->picks) - $run->forMembers, $run->bound], $run->run->id);
            self::assertTrue($isMoved || abs($worst - $run->verdict()->worst) < 1e-6);
            $added += $run->forMembers;
        }
        self::assertSame(isset($isMoved) && $isMoved, $added > 0);
    }
}
