<?php

declare(strict_types=1);

namespace Garnetine\Core\Tests\Ground;

use Garnetine\Core\Because\Becauses;
use Garnetine\Core\Design\Signing\OwnCopy;
use Garnetine\Core\Ground\Loading\Canopy;
use Garnetine\Core\Ground\Loading\FreeRoof;
use Garnetine\Core\Ground\Loading\TableStandards;
use Garnetine\Core\Ground\OpenWind;
use Garnetine\Core\Ground\TableCheck;
use Garnetine\Core\Ground\TableFace;
use Garnetine\Core\Ground\TableLoads;
use Garnetine\Core\Load\Coefficients;
use Garnetine\Core\Load\Figures;
use Garnetine\Core\Message\Summary;
use Garnetine\Core\Plan\Depth;
use Garnetine\Core\Plan\TablePlan;
use Garnetine\Core\Plan\TablePlanner;
use Garnetine\Core\Tests\Support\TableScenario;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** Tables to other standards than the first: their own figures, combinations and questions. */
final class TableStandardsTest extends TestCase
{
    /** @return iterable<string, array{float, float, string, float}> Tilt, qp, way, force on a unit of the table; EN 1991-1-4, Table 7.6 */
    public static function canopies(): iterable
    {
        // The worked one: 919 N/m² at 30°, 1.65 kN/m² up and 1.10 down.
        yield '30° up' => [30.0, 919.0, 'lifts_free', -1654.2];
        yield '30° down' => [30.0, 919.0, 'presses', 1102.8];
        yield '30° blocked' => [30.0, 1000.0, 'lifts_blocked', -1400.0];
        yield 'flat' => [0.0, 1000.0, 'lifts_blocked', -1300.0];
        yield 'between rows' => [12.5, 1000.0, 'lifts_free', -1000.0];
    }

    /** As one force at a quarter from the edge on which the wind blows, from both edges. */
    #[DataProvider('canopies')]
    public function test_a_canopy_is_pushed_at_a_quarter_of_its_depth(float $tilt_deg, float $qp_Pa, string $way, float $each_Pa): void
    {
        $cases = (new Canopy($tilt_deg, $qp_Pa, new Coefficients()))->cases(new Figures());
        self::assertCount(6, $cases);
        foreach (['low' => 0.25, 'high' => 0.75] as $from => $at) {
            [$case] = array_values(array_filter($cases, static fn (OpenWind $one): bool => $one->code === "open_wind.{$from}_$way"));
            self::assertEqualsWithDelta($each_Pa, ($case->lower_Pa + $case->upper_Pa) / 2, 0.01);
            self::assertEqualsWithDelta($at, (0.25 * $case->lower_Pa + 0.75 * $case->upper_Pa) / ($case->lower_Pa + $case->upper_Pa), 1e-12);
        }
        // An own copy that has it act in the middle spreads it evenly.
        $own = new Coefficients([new OwnCopy('en_1991_1_4/canopies/acts_at', 0.5, 'Own copy', '7.3', 'E. Sorrel', '2026-06-01')]);
        $even = (new Canopy($tilt_deg, $qp_Pa, $own))->cases(new Figures())[0];
        self::assertEqualsWithDelta($even->lower_Pa, $even->upper_Pa, 1e-9);
    }

    public function test_every_cell_of_canopies_is_read_where_it_stands(): void
    {
        $read = 0;
        foreach ([0, 5, 10, 15, 20, 25, 30] as $tilt) {
            foreach (['cf', 'A', 'B', 'C'] as $zone) {
                foreach (['down', 'up/0', 'up/1'] as $way) {
                    $id = "en_1991_1_4/canopies/$tilt/$zone/$way";
                    // So much more than all others that no other decides.
                    $wind = new Canopy((float) $tilt, 100.0, new Coefficients([new OwnCopy($id, 9.0, 'Own copy', '7.3', 'E. Sorrel', '2026-06-01')]));
                    $most_Pa = $zone === 'cf' ? max(array_map(static fn (OpenWind $one): float => abs($one->lower_Pa) / 2, $wind->cases(new Figures())))
                        : $wind->pressure_Pa(1.0, substr($way, 0, 2) === 'up' ? 'up' : 'down');
                    self::assertEqualsWithDelta(900.0, $most_Pa, 1e-9, $id);
                    ++$read;
                }
            }
        }
        self::assertSame(84, $read);
        // Worked: 3.49 kN/m² up in zone B at 30°, 919 N/m².
        self::assertEqualsWithDelta(3492.2, (new Canopy(30.0, 919.0, new Coefficients()))->pressure_Pa(1.7, 'up'), 0.1);
        self::assertEqualsWithDelta(2200.0, (new Canopy(0.0, 1000.0, new Coefficients()))->pressure_Pa(1.7, 'up'), 1e-9);
    }

    /** @param array<mixed> $changes */
    private static function loads(TableScenario $scenario, array $changes = [], ?TableFace $face = null): TableLoads
    {
        $design = $scenario->with($changes)->design();
        $standard = TableStandards::of($design->site);
        [$face, $coefficients, $figures] = [$face ?? $scenario->with($changes)->shape(), new Coefficients($design->ownCopies), new Figures()];

        return $standard->loads($design, $face, $standard->pressure_Pa($design, $face, $coefficients, $figures), $coefficients, $figures);
    }

    public function test_en_takes_snow_by_tilt_only_where_it_has_room_to_slide(): void
    {
        $face = static fn (float $tilt_deg, float $edge_m): TableFace => new TableFace(deg2rad($tilt_deg), 4.0, 8.0, $edge_m, 2.0, 0, 0.3);
        $snow = static fn (float $tilt_deg, float $edge_m, array $changes = []): float => self::loads(TableScenario::of()->toEn(), $changes, $face($tilt_deg, $edge_m))->snow->ps_Pa;
        self::assertEqualsWithDelta(0.8 * 850.0, $snow(45.0, 0.5), 1e-9);
        self::assertEqualsWithDelta(0.4 * 850.0, $snow(45.0, 3.0), 1e-9);
        self::assertEqualsWithDelta(0.8 * 850.0, $snow(30.0, 3.0), 1e-9);
        self::assertEqualsWithDelta(1.2 * 0.8 * 850.0, $snow(30.0, 3.0, ['/site/roof_exposure' => 'sheltered']), 1e-9);
        self::assertSame(0.0, $snow(30.0, 3.0, ['/site/ground_snow_Pa' => 0.0]));
        // 0.85 kN/m² are 0.425 m, and 0.34 m of it on 4 m at 45° heap up to 0.98 m.
        $loads = self::loads(TableScenario::of()->toEn(), [], $face(45.0, 0.5));
        self::assertEqualsWithDelta([0.425, 0.425 + sqrt(4 * cos(M_PI_4) * 0.34)], [$loads->snow->ground_m, $loads->snow->roomNeeded_m], 1e-9);
        // Zone 2 at 600 m, as published: 2.06 kN/m².
        $zone = ['/site/en/snow_set' => 'de_2', '/site/ground_elevation_m' => 600.0];
        self::assertEqualsWithDelta(0.8 * 2060.0, $snow(30.0, 0.5, $zone), 8.0);
    }

    public function test_weight_wind_and_snow_come_together_as_each_standard_has_it(): void
    {
        $of = static fn (TableScenario $scenario, array $changes = []): array => self::loads($scenario, $changes)->combinations->all;
        $en = TableScenario::of()->toEn();
        self::assertEqualsWithDelta(
            [[1.0, 0.0, 0.0], [1.0, 1.0, 0.0], [1.0, 0.0, 1.0], [1.0, 1.0, 0.6], [1.0, 0.5, 1.0], [0.9 / 1.5, 0.0, 1.0]],
            array_map(static fn (array $one): array => array_slice($one, 1), $of($en)),
            1e-12,
        );
        // ψ0 of snow over 1,000 m.
        self::assertEqualsWithDelta(0.7, $of($en, ['/site/ground_elevation_m' => 1001.0])[4][2], 1e-12);
        self::assertEqualsWithDelta(
            [[1.0, 0.0, 0.0], [1.0, 0.0, 1 / 1.5], [0.9 / 1.5, 0.0, 1 / 1.5]],
            array_map(static fn (array $one): array => array_slice($one, 1), $of(TableScenario::of()->toAsNzs())),
            1e-12,
        );
        // The most along the row: twice the pressure on the end, or a twentieth of the most across.
        $loads = self::loads($en);
        $face = $en->shape();
        self::assertEqualsWithDelta(max(2 * $loads->q_Pa * $face->chord_m, 0.05 * $loads->most_N($face)), $loads->along_N($face, 1.0), 1e-6);
        self::assertEqualsWithDelta(1.2 * $loads->q_Pa * $face->area_m2(), self::loads($en, ['/table/tilt_rad' => deg2rad(30)])->most_N($face) / 1.5, 1e-6);
    }

    /** Halves pressed or lifted whatever the other is, at the pressure of the site: 45 m/s, terrain 2 at 3 m. */
    public function test_free_roofs_go_by_what_was_read_in_an_own_copy(): void
    {
        $loads = self::loads(TableScenario::of()->toAsNzs());
        self::assertCount(16, $loads->winds);
        self::assertEqualsWithDelta(0.6 * (45 * 0.91) ** 2, $loads->q_Pa, 1e-6);
        $winds = array_column(array_map(static fn (OpenWind $one): array => [$one->code, [$one->lower_Pa / $loads->q_Pa, $one->upper_Pa / $loads->q_Pa]], $loads->winds), 1, 0);
        foreach (FreeRoof::KEYS as $nth => $key) {
            [$edge, $flow, $half] = explode('/', $key);
            $side = ($edge === 'low_edge') === ($half === 'windward') ? 0 : 1;
            foreach (['down' => 0.3 + 0.05 * $nth, 'up' => -0.9 - 0.1 * $nth] as $way => $cp) {
                $code = 'open_wind.'.substr($edge, 0, -5)."_$flow".($half === 'windward' ? "_{$way}_up" : "_up_$way");
                self::assertEqualsWithDelta($cp, $winds[$code][$side], 1e-12, $code);
            }
        }
        self::assertEqualsWithDelta([1.5 * 1.6, 1.5 * 0.65], [$loads->elements->pressure_Pa(1.0, 'up') / $loads->q_Pa, $loads->elements->pressure_Pa(1.0, 'down') / $loads->q_Pa], 1e-12);
        $missing = static fn (array $own): array => TablePlanner::plan(TableScenario::of()->toAsNzs()->with(['/own_copies' => $own])->design(), Depth::Checks)->missing();
        self::assertCount(18, $missing([]));
        self::assertContains('as_nzs_1170_2/free_roofs/high_edge/blocked/leeward/up', $missing([]));
    }

    /** @return iterable<string, array{TableScenario, string, TableScenario}> To a standard, part of its combinations, to the first one */
    public static function plans(): iterable
    {
        foreach (['pipes' => TableScenario::of(), 'piles' => TableScenario::kind('piles'), 'row' => TableScenario::kind('row'), 'blocks' => TableScenario::kind('blocks'), 'spikes' => TableScenario::kind('spikes')] as $kind => $scenario) {
            $low = $scenario->with(['/table/tilt_rad' => deg2rad(20), '/table/soil/frost_prone' => 'yes', '/table/soil/parted' => 'no', '/site/ground_snow_Pa' => 0.0]);
            yield "$kind to EN" => [$low->toEn(), 'g_', $low];
            yield "$kind to AS/NZS" => [$low->toAsNzs(), 'g_wu', $low];
        }
        $pole = TableScenario::kind('pole')->with(['/table/racking/steepest_rad' => deg2rad(30), '/table/tilt_rad' => deg2rad(30)]);
        yield 'pole to EN' => [$pole->toEn(), 'g_', $pole];
    }

    /** Every kind is planned to every standard; each of its figures is told down to what was entered or published. */
    #[DataProvider('plans')]
    public function test_each_kind_is_planned_to_each_standard(TableScenario $scenario, string $combination, TableScenario $first): void
    {
        $plan = TablePlanner::plan($scenario->design(), Depth::Checks);
        self::assertFalse($plan->hasRefusal(), implode(', ', array_map(static fn ($finding): string => $finding->code->value, $plan->findings)));
        $named = array_filter($plan->checks, static fn (TableCheck $check): bool => str_contains($check->case->combination ?? '', $combination));
        self::assertNotSame([], $named);
        // The same things are asked of it, and frost lifts it no less.
        $asked = static fn (TablePlan $one): array => array_values(array_unique([
            ...array_map(static fn (TableCheck $check): string => $check->what, array_values($one->checks)),
            ...array_map(static fn ($finding): string => $finding->code->value, array_filter($one->findings, static fn ($finding): bool => $finding->code->value === 'frost_heave')),
        ]));
        self::assertEqualsCanonicalizing($asked(self::plan($first)), $asked($plan));
        foreach (Becauses::paths($plan) as $path) {
            self::assertDoesNotMatchRegularExpression('/[{}]|because\.|formula\.|table_(case|combination|snow)|open_wind\.|bound\./', Summary::because($plan, Becauses::of($plan, $path)), $path);
        }
        self::assertNotContains('/site/wind_speed_m_per_s', array_map(static fn ($finding): string => $finding->at, $plan->findings));
    }

    /** More wind never leaves more in reserve, whatever the standard. */
    public function test_more_wind_holds_less(): void
    {
        $reserve = static fn (TableScenario $scenario): float => self::plan($scenario)->leastReserve() ?? 1.0;
        $before = INF;
        foreach ([18.0, 22.0, 26.0, 30.0] as $speed_mps) {
            $now = $reserve(TableScenario::kind('spikes')->toEn()->with(['/site/en/basic_velocity_m_per_s' => $speed_mps]));
            self::assertLessThan($before, $now);
            $before = $now;
        }
    }

    private static function plan(TableScenario $scenario): TablePlan
    {
        return TablePlanner::plan($scenario->design(), Depth::Checks);
    }
}
