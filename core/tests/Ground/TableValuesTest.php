<?php

declare(strict_types=1);

namespace Garnetine\Core\Tests\Ground;

use Garnetine\Core\Because\Because;
use Garnetine\Core\Because\Becauses;
use Garnetine\Core\Design\Signing\OwnCopy;
use Garnetine\Core\Document\CanonicalJson;
use Garnetine\Core\Ground\Loading\OpenRoofElements;
use Garnetine\Core\Load\Coefficients;
use Garnetine\Core\Message\Summary;
use Garnetine\Core\Message\Texts;
use Garnetine\Core\Plan\Depth;
use Garnetine\Core\Plan\TableDocument;
use Garnetine\Core\Plan\TablePlan;
use Garnetine\Core\Plan\TablePlanner;
use Garnetine\Core\Tests\Support\TableScenario;
use PHPUnit\Framework\TestCase;

/** Every published value of tables can be read in an own copy, and then some output changes; every figure can be asked why. */
final class TableValuesTest extends TestCase
{
    private const TABLES = ['asce7_16/open_roof', 'ibc_2018/soils', 'ibc_2018/posts', 'aisc_360_16/members', 'nds_2018/timber', 'practice/concrete', 'practice/adfreeze'];

    private const GRIPPED = ['/table/soil/frost_depth_m' => 0.02, '/table/soil/frost_prone' => 'yes', '/table/soil/parted' => 'no'];

    /** @return array<string, float> By id */
    private static function values(string $table): array
    {
        /** @var array{values: array<string, float|array{value: float}>} $read */
        $read = require dirname(__DIR__, 2)."/data/$table.php";
        $values = [];
        foreach ($read['values'] as $key => $value) {
            $values["$table/$key"] = is_array($value) ? $value['value'] : $value;
        }

        return $values;
    }

    /** @return list<TableScenario> Where each value decides something */
    private static function scenarios(): array
    {
        $tilted = static fn (float $deg): TableScenario => TableScenario::of()->with(['/table/tilt_rad' => deg2rad($deg), '/table/racking/between_m' => 1.4]);

        return [
            ...array_map($tilted, [5.0, 7.5, 15.0, 22.5, 30.0, 37.5, 45.0]),
            ...array_map(static fn (string $soil): TableScenario => TableScenario::of()->with(['/table/soil/kind' => $soil]), ['sedimentary_rock', 'gravel', 'sand']),
            ...array_map(static fn (string $bag): TableScenario => TableScenario::of()->with(['/table/footing/bag' => $bag, '/table/footing/hole_m' => 0.9]), ['lb_40', 'lb_50', 'lb_60', 'kg_20', 'kg_25', 'kg_30']),
            TableScenario::of()->with(['/table/footing/doubling' => ['by' => 'E. Sorrel', 'why' => '']]),
            // Nothing but the least wind; no frost; a short, a slender and a stout post.
            TableScenario::of()->with(['/site/wind_speed_m_per_s' => 20.0, '/table/soil/frost_depth_m' => 0.0, '/site/ground_snow_Pa' => 0.0]),
            TableScenario::of()->with(['/table/racking/post/outside_m' => 0.1, '/table/racking/front_height_m' => 0.7, '/table/soil/frost_depth_m' => 0.0]),
            TableScenario::of()->with(['/site/wind_speed_m_per_s' => 75.0, '/table/racking/posts' => 2]),
            // Frozen ground grips concrete and steel.
            ...array_map(static fn (string $soil): TableScenario => TableScenario::of()->with(['/table/soil/kind' => $soil] + self::GRIPPED), ['clay', 'sand']),
            ...array_map(static fn (string $soil): TableScenario => TableScenario::kind('piles')->with(['/table/soil/kind' => $soil] + self::GRIPPED), ['clay', 'gravel']),
            ...array_map(TableScenario::kind(...), ['timber', 'post', 'pole']),
            ...array_map(static fn (string $soil): TableScenario => TableScenario::kind('pole')->with(['/table/soil/kind' => $soil]), ['sedimentary_rock', 'gravel', 'clay']),
            // Flat, and a slim post that is pulled apart.
            TableScenario::kind('pole')->with(['/table/tilt_rad' => 0.0, '/table/racking/steepest_rad' => 0.0]),
            TableScenario::kind('post')->with(['/table/racking/stick/breadth_m' => 0.0889, '/table/racking/stick/tension_Pa' => 1e5]),
            // Slim and stout, weak and strong timbers.
            ...array_map(static fn (float $psi): TableScenario => TableScenario::kind('timber')->with(array_merge(...array_map(static fn (string $part): array => [
                "/table/racking/$part/breadth_m" => 0.0889, "/table/racking/$part/depth_m" => 0.1397, "/table/racking/$part/bending_Pa" => $psi * 6894.757, "/table/racking/$part/compression_Pa" => 0.7 * $psi * 6894.757,
            ], ['front_post', 'rear_post', 'girder']))), [1050.0, 2000.0]),
            // As shallow as may be.
            TableScenario::of()->with(['/site/wind_speed_m_per_s' => 20.0, '/table/soil/kind' => 'sedimentary_rock', '/table/soil/frost_depth_m' => 0.0, '/site/ground_snow_Pa' => 0.0, '/table/footing/hole_m' => 1.0, '/table/racking/posts' => 6]),
        ];
    }

    /** @param list<array<string, mixed>> $own */
    private static function told(TableScenario $scenario, array $own = []): string
    {
        $told = TableDocument::of(TablePlanner::plan($scenario->with(['/own_copies' => $own])->design(), Depth::Checks));
        unset($told['coefficients'], $told['summary'], $told['findings']);

        return CanonicalJson::encode($told);
    }

    public function test_each_value_read_otherwise_changes_some_output(): void
    {
        $scenarios = self::scenarios();
        $plain = array_map(self::told(...), $scenarios);
        $used = array_map(static fn (TableScenario $one): array => array_map(static fn ($value): string => $value->id, TablePlanner::plan($one->design(), Depth::Checks)->coefficients->used()), $scenarios);
        // Within twice and half of what is recalled, so that it is no other unit.
        $idle = [];
        foreach (array_merge(...array_map(self::values(...), self::TABLES)) as $id => $value) {
            $moved = false;
            foreach ([1.9, 0.55] as $times) {
                $own = [['coefficient' => $id, 'value' => $value === 0.0 ? 0.3 : $times * $value, 'document' => 'Own copy', 'clause' => '1', 'name' => 'E. Sorrel', 'on' => '2026-06-01']];
                foreach ($value === 0.0 ? [] : $scenarios as $index => $scenario) {
                    if (in_array($id, $used[$index], true) && self::told($scenario, $own) !== $plain[$index]) {
                        $moved = true;
                        break 2;
                    }
                }
            }
            $idle = $moved || $value === 0.0 ? $idle : [...$idle, $id];
        }
        self::assertSame(['ibc_2018/posts/most_times'], $idle, 'only what is reached below 12 ft is of no account');
    }

    public function test_each_cell_of_elements_is_read_where_it_stands(): void
    {
        $read = 0;
        foreach (self::values('asce7_16/open_roof_elements') as $id => $value) {
            if (preg_match('~/([\d.]+)/(?:clear|obstructed)/(\d)/(up|down)$~', $id, $found) !== 1) {
                continue;
            }
            [, $tilt, $zone, $way] = $found;
            // So much more than all others that it is the greater flow.
            $coefficients = new Coefficients([new OwnCopy($id, 10 * $value, 'Own copy', '1', 'E. Sorrel', '2026-06-01')]);
            $shape = TableScenario::of()->with(['/table/tilt_rad' => deg2rad((float) $tilt), '/table/racking/between_m' => 1.2])->shape();
            $wind = OpenRoofElements::on($shape, 1e5, $coefficients);
            $area_m2 = [3 => 0.5, 2 => 2.0, 1 => 4.0][(int) $zone] ?? 0.0;
            self::assertEqualsWithDelta(8.5e5 * $value, $wind->pressure_Pa($area_m2, $way), 1e-3 * 8.5e5, $id);
            ++$read;
        }
        self::assertSame(60, $read);
    }

    public function test_every_figure_of_a_table_can_be_asked_why_down_to_what_was_entered_or_published(): void
    {
        $plan = TablePlanner::plan(TableScenario::of()->design());
        $paths = Becauses::paths($plan);
        self::assertGreaterThan(80, count($paths));
        $texts = Texts::of($plan->design);
        foreach ($paths as $path) {
            $told = Summary::because($plan, Becauses::of($plan, $path));
            self::assertDoesNotMatchRegularExpression('/[{}]|because\.|formula\.|table_(case|combination|snow)|open_wind\.|bound\./', $told, $path);
            self::assertTrue(self::isFounded(Becauses::of($plan, $path)), $path);
        }
        foreach ($plan->checks as $path => $check) {
            self::assertContains($path, $paths);
            self::assertSame(Texts::reserve($check->reserve()), $texts->valueOf(Becauses::of($plan, $path)));
        }
    }

    private static function isFounded(Because $because): bool
    {
        return $because->input !== null || $because->code === 'coefficient' || array_filter($because->children, self::isFounded(...)) !== [];
    }

    public function test_the_same_table_is_the_same_document_and_says_what_it_leaves_out(): void
    {
        [$one, $other] = [TableDocument::of($plan = TablePlanner::plan(TableScenario::of()->design())), TableDocument::of(TablePlanner::plan(TableScenario::of()->design()))];
        self::assertSame(CanonicalJson::encode($one), CanonicalJson::encode($other));
        self::assertContains('seismic', $plan->notCovered());
        $items = array_column($plan->materials(), 'count', 'item');
        self::assertSame(['module' => 8, 'table_rail' => 8, 'end_clamp' => 16, 'mid_clamp' => 8, 'rail_to_pipe' => 16, 'beam_pipe' => 2, 'tee' => 8, 'post_pipe' => 6, 'concrete' => 78], $items);
        self::assertSame([], self::refused()->materials());
        self::assertSame([], self::refused()->steps());
        $codes = array_column($plan->steps(), 'code');
        self::assertSame(['table_services', 'table_stakes'], array_slice($codes, 0, 2));
        self::assertContains('table_set_cut', $codes);
        $long = array_column(TablePlanner::plan(TableScenario::of()->with(['/table/racking/cut' => 'in_place'])->design())->steps(), 'code');
        self::assertContains('table_set_long', $long);
        self::assertContains('table_cut', $long);
    }

    private static function refused(): TablePlan
    {
        return TablePlanner::plan(TableScenario::of()->with(['/table/soil/kind' => 'unknown'])->design());
    }
}
