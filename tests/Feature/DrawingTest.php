<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Paper\SheetDrawing;
use App\Paper\Tables;
use Garnetine\Core\Design\DesignFile;
use Garnetine\Core\Design\Surface\Outline;
use Garnetine\Core\Geometry\PointsFile;
use Garnetine\Core\Plan\Plan;
use Garnetine\Core\Plan\ProjectPlan;
use Garnetine\Core\Quantity\UnitSystem;
use PHPUnit\Framework\Attributes\DataProvider;
use Tests\TestCase;

/** The sheets as a drawing, read back by a reader of its own: every thing in its place and on its layer, at true scale. */
final class DrawingTest extends TestCase
{
    private static function plan(string $job): ProjectPlan
    {
        return ProjectPlan::of(DesignFile::read((string) file_get_contents(base_path("docs/examples/$job.json"))));
    }

    /**
     * Entities by section and block, each with its pairs; what a pair means is told by its number alone.
     *
     * @return array{array<string, true>, array<string, list<array<int, list<string>>>>, list<array<int, list<string>>>} Layers, blocks, entities
     */
    private static function read(string $dxf): array
    {
        $lines = explode("\r\n", rtrim($dxf, "\r\n"));
        self::assertSame(0, count($lines) % 2, 'every value has its number');
        [$layers, $blocks, $entities] = [[], [], []];
        [$section, $block, $things] = ['', '', []];
        foreach (array_chunk($lines, 2) as [$code, $value]) {
            self::assertMatchesRegularExpression('/^ *\d{1,3}$/', $code);
            self::assertMatchesRegularExpression('/^[\x20-\x7e]*$/', $value);
            if ((int) $code === 0) {
                $things[] = [];
            }
            $things[count($things) - 1][(int) $code][] = $value;
        }
        foreach ($things as $thing) {
            $kind = $thing[0][0];
            if ($kind === 'SECTION') {
                $section = $thing[2][0];
            } elseif ($kind === 'LAYER') {
                $layers[$thing[2][0]] = true;
            } elseif ($kind === 'BLOCK') {
                $block = $thing[2][0];
                $blocks[$block] = [];
            } elseif ($section === 'BLOCKS' && !in_array($kind, ['ENDBLK', 'ENDSEC'], true)) {
                $blocks[$block][] = $thing;
            } elseif ($section === 'ENTITIES' && $kind !== 'ENDSEC') {
                $entities[] = $thing;
            }
        }
        $last = array_pop($entities);
        self::assertSame('EOF', $last === null ? '' : $last[0][0]);

        return [$layers, $blocks, $entities];
    }

    /**
     * @param list<array<int, list<string>>> $entities
     *
     * @return list<array{float, float}> Where those of a kind on a layer are
     */
    private static function places(array $entities, string $kind, string $layer, int $which = 0): array
    {
        $of = array_values(array_filter($entities, static fn (array $one): bool => $one[0][0] === $kind && $one[8][0] === $layer));

        return array_map(static fn (array $one): array => [(float) $one[10 + $which][0], (float) $one[20 + $which][0]], $of);
    }

    /** @return iterable<string, array{string}> */
    public static function jobs(): iterable
    {
        foreach (['bramble-close', 'hazel-corner', 'feijoa-lane'] as $job) {
            yield $job => [$job];
        }
    }

    #[DataProvider('jobs')]
    public function test_every_module_foot_and_rail_stands_where_the_plan_has_it(string $job): void
    {
        $project = self::plan($job);
        [$layers, $blocks, $entities] = self::read(SheetDrawing::dxf($project));
        $unit = array_values($project->plans)[0]->design->units === UnitSystem::Us ? 1 / 0.0254 : 1000.0;
        foreach ([...$entities, ...array_merge(...array_values($blocks))] as $one) {
            self::assertArrayHasKey($one[8][0], $layers);
            if (in_array($one[0][0], ['INSERT', 'DIMENSION'], true)) {
                self::assertArrayHasKey($one[2][0], $blocks);
            }
        }
        [$modules, $feet, $rails, $lugs, $boxes, $left_m] = [[], [], [], [], [], 0.0];
        foreach ($project->plans as $plan) {
            foreach ($plan->blocks as $block) {
                foreach ($block->placement->spots() as $spot) {
                    $modules[] = [($left_m + $spot->x_m) * $unit, $spot->y_m * $unit];
                }
            }
            foreach ($plan->supports as $run) {
                array_push($feet, ...array_map(static fn (float $x_m): array => [($left_m + $x_m) * $unit, $run->run->line->holeAt_m * $unit], $run->feet_m()));
                $rails[] = [($left_m + $run->run->x1_m) * $unit, $run->run->line->at_m * $unit];
            }
            foreach ($plan->beneath->earth->lugs ?? [] as $lug) {
                $lugs[] = [($left_m + $lug['at_m']) * $unit, $lug['run']->line->at_m * $unit];
            }
            foreach ($plan->beneath->boxes ?? [] as $box) {
                $boxes[] = [($left_m + $box->at_m - ($plan->design->kit->under?->length->toMetres() ?? 0.0) / 2) * $unit, ($box->run->line->at_m ?? 0.0) * $unit - 0.04 * $unit];
            }
            $left_m += $plan->design->surface->width->toMetres() + 3.0;
        }
        self::assertEqualsWithDelta($modules, self::places($entities, 'INSERT', 'MODULES'), 1e-5);
        self::assertEqualsWithDelta($feet, self::places($entities, 'INSERT', 'FEET'), 1e-5);
        self::assertEqualsWithDelta($rails, self::places($entities, 'LINE', 'RAILS', 1), 1e-5);
        self::assertEqualsWithDelta($lugs, self::places($entities, 'CIRCLE', 'UNDER_MODULES'), 1e-5);
        self::assertEqualsWithDelta($boxes, array_column(array_chunk(self::places($entities, 'VERTEX', 'UNDER_MODULES'), 4), 0), 1e-5);
        // A module's block is as large as it is.
        $first = array_values($project->plans)[0]->blocks[0]->placement;
        self::assertEqualsWithDelta([[0.0, 0.0], [$first->width_m * $unit, 0.0], [$first->width_m * $unit, $first->length_m * $unit], [0.0, $first->length_m * $unit]], self::places($blocks['MODULE_1_1'], 'VERTEX', 'MODULES'), 1e-5);
        self::assertCount(array_sum(array_map(static fn (Plan $plan): int => count($plan->members->members) + count($plan->members->purlins->purlins ?? []), $project->plans)), self::places($entities, 'LINE', 'FRAMING'));
    }

    #[DataProvider('jobs')]
    public function test_dimensions_measure_what_they_say(string $job): void
    {
        $project = self::plan($job);
        [, $blocks, $entities] = self::read(SheetDrawing::dxf($project));
        $plans = array_values($project->plans);
        $unit = $plans[0]->design->units === UnitSystem::Us ? 1 / 0.0254 : 1000.0;
        $measured = [];
        foreach ($entities as $one) {
            if ($one[0][0] !== 'DIMENSION') {
                continue;
            }
            $isUp = (float) $one[50][0] === 90.0;
            $long = abs($isUp ? (float) $one[24][0] - (float) $one[23][0] : (float) $one[14][0] - (float) $one[13][0]);
            $line = $blocks[$one[2][0]][0];
            self::assertEqualsWithDelta($long, hypot((float) $line[11][0] - (float) $line[10][0], (float) $line[21][0] - (float) $line[20][0]), 1e-5, 'its block shows the same');
            $text = strtr($plans[0]->design->printer()->tape($long / $unit), ['½' => ' 1/2', '¼' => ' 1/4', '¾' => ' 3/4', '⅛' => ' 1/8', '⅜' => ' 3/8', '⅝' => ' 5/8', '⅞' => ' 7/8']);
            self::assertSame($text, $one[1][0]);
            $measured[] = round($long / $unit, 5);
        }
        foreach ($plans as $plan) {
            self::assertContains(round($plan->design->surface->width->toMetres(), 5), $measured);
            self::assertContains(round($plan->design->surface->slopeLength->toMetres(), 5), $measured);
        }
    }

    public function test_tables_list_every_foot_and_hole(): void
    {
        $plan = self::plan('feijoa-lane');
        self::assertSame(41, substr_count(Tables::feet($plan), "\r\n"));
        self::assertStringContainsString("\r\nNorth,A,1,rib,19,1406,1000,1.4060,1.0000\r\n", Tables::feet($plan));
        self::assertSame(43, substr_count(Tables::holes($plan), "\r\n"));
        self::assertStringContainsString("\r\nNorth,cable,\"cable entry\",9.1000,2.0000,planned,\"boot with a screwed collar\"\r\n", Tables::holes($plan));
    }

    public function test_a_drawing_of_ours_is_taken_as_the_outline_that_it_shows(): void
    {
        foreach (['feijoa-lane' => 'rectangle', 'damson-terrace' => 'hip', 'quince-lane' => 'in inches'] as $job => $what) {
            $project = self::plan($job);
            $surface = array_values($project->plans)[0]->design->surface;
            $found = PointsFile::read(SheetDrawing::dxf($project), '/surface/outline')['corners'];
            foreach (Outline::of($surface)->corners() as $index => $corner) {
                self::assertEqualsWithDelta($corner, $found[$index], 1e-6, $what);
            }
        }
    }

    #[DataProvider('jobs')]
    public function test_the_same_drawing_as_svg_has_all_its_things_at_their_places(string $job): void
    {
        $project = self::plan($job);
        [, , $entities] = self::read(SheetDrawing::dxf($project));
        $svg = simplexml_load_string(SheetDrawing::svg($project)) ?: self::fail('no XML');
        self::assertMatchesRegularExpression('/^[\d.]+mm$/', (string) $svg['width']);
        $perMillimetre = array_values($project->plans)[0]->design->units === UnitSystem::Us ? 1 / 25.4 : 1.0;
        foreach (['MODULES' => ['INSERT', 'use'], 'FEET' => ['INSERT', 'use'], 'RAILS' => ['LINE', 'line'], 'FRAMING' => ['LINE', 'line'], 'ZONES' => ['POLYLINE', 'path'], 'HOLES' => ['CIRCLE', 'circle'], 'TEXT' => ['TEXT', 'text']] as $layer => [$kind, $element]) {
            $groups = array_values(array_filter(iterator_to_array($svg->g, false), static fn (\SimpleXMLElement $one): bool => (string) $one['id'] === $layer));
            self::assertCount(1, $groups, $layer);
            self::assertCount(count(self::places($entities, $kind, $layer)), $groups[0]->{$element}, $layer);
            if ($kind === 'INSERT') {
                foreach (self::places($entities, $kind, $layer) as $index => [$x, $y]) {
                    $use = $groups[0]->use[$index] ?? self::fail($layer);
                    self::assertEqualsWithDelta([$x, $y], [(float) $use['x'] * $perMillimetre, -(float) $use['y'] * $perMillimetre], 1e-3);
                    self::assertCount(1, $svg->xpath("//*[@id='".substr((string) $use['href'], 1)."']") ?: []);
                }
            }
        }
    }
}
