<?php

declare(strict_types=1);

namespace Garnetine\Core\Tests\Ground;

use Garnetine\Core\Design\Ground\Field\BuriedLine;
use Garnetine\Core\Geometry\Polygon;
use Garnetine\Core\Ground\InField;
use Garnetine\Core\Plan\Depth;
use Garnetine\Core\Plan\TablePlan;
use Garnetine\Core\Plan\TablePlanner;
use Garnetine\Core\Quantity\Length;
use Garnetine\Core\Tests\Support\TableScenario;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;

/** Tables in the field of their job, and what was marked there. */
final class InFieldTest extends TestCase
{
    private static function plan(float $bearing, string $kind = ''): TablePlan
    {
        $scenario = $kind === '' ? TableScenario::of() : TableScenario::kind($kind);

        return TablePlanner::plan($scenario->with(['/table/bearing_rad' => deg2rad($bearing), '/table/place' => ['east_m' => 20.0, 'north_m' => 30.0]])->design(), Depth::Checks);
    }

    private static function line(float $fromEast, float $fromNorth, float $toEast, float $toNorth): BuriedLine
    {
        $m = Length::ofMetres(...);

        return new BuriedLine('pipe', $m($fromEast), $m($fromNorth), $m($toEast), $m($toNorth), $m(0.5));
    }

    /** Seen from its low edge a row runs to the right, and its rear is where it does not face. */
    #[TestWith([180.0, 1.0, 0.0, 0.0, 1.0])]
    #[TestWith([90.0, 0.0, 1.0, -1.0, 0.0])]
    #[TestWith([0.0, -1.0, 0.0, 0.0, -1.0])]
    #[TestWith([135.0, 0.70710678, 0.70710678, -0.70710678, 0.70710678])]
    public function test_posts_stand_as_the_table_faces(float $bearing, float $rightEast, float $rightNorth, float $backEast, float $backNorth): void
    {
        $plan = self::plan($bearing);
        $field = $plan->inField() ?? self::fail();
        $places = array_column($plan->stand->places ?? [], null, 'id');
        [$along_m, $deep_m] = [$places['B1']->x_m - $places['A1']->x_m, $places['A2']->y_m - $places['A1']->y_m];
        self::assertEqualsWithDelta([[20.0, 30.0], [20 + $along_m * $rightEast, 30 + $along_m * $rightNorth], [20 + $deep_m * $backEast, 30 + $deep_m * $backNorth]], [$field->posts['A1'], $field->posts['B1'], $field->posts['A2']], 1e-6);
        // The modules cover as much ground as they do from above, and all posts stand under them.
        [$a, $b, , $d] = $field->corners;
        self::assertEqualsWithDelta($plan->face?->width_m, hypot($b[0] - $a[0], $b[1] - $a[1]), 1e-9);
        self::assertEqualsWithDelta(($plan->face->chord_m ?? 0.0) * cos($plan->face->tilt_rad ?? 0.0), hypot($d[0] - $a[0], $d[1] - $a[1]), 1e-9);
        foreach ($field->posts as [$east, $north]) {
            self::assertGreaterThan(0.0, min(self::leftOf($a, $b, $east, $north), self::leftOf($d, $a, $east, $north)));
        }
    }

    /**
     * @param array{float, float} $from
     * @param array{float, float} $to
     */
    private static function leftOf(array $from, array $to, float $east, float $north): float
    {
        return ($to[0] - $from[0]) * ($north - $from[1]) - ($to[1] - $from[1]) * ($east - $from[0]);
    }

    public function test_a_line_is_as_near_as_its_nearest_place_from_the_edge_of_the_hole(): void
    {
        $field = self::plan(180.0)->inField() ?? self::fail();
        [$east, $north] = $field->posts['B1'];
        // Beside it, past its end, and a line that is a point.
        self::assertEqualsWithDelta(1.0 - 0.15, $field->from_m(self::line(0.0, $north - 1.0, 90.0, $north - 1.0), 0.3)['B1'], 1e-9);
        self::assertEqualsWithDelta(5.0 - 0.15, $field->from_m(self::line($east + 3.0, $north - 4.0, $east + 90.0, $north - 4.0), 0.3)['B1'], 1e-9);
        self::assertEqualsWithDelta(5.0 - 0.15, $field->from_m(self::line($east - 3.0, $north + 4.0, $east - 3.0, $north + 4.0), 0.3)['B1'], 1e-9);
        self::assertEqualsWithDelta(-0.15, $field->from_m(self::line($east - 1.0, $north - 1.0, $east + 2.0, $north + 2.0), 0.3)['B1'], 1e-9);
        self::assertSame(array_keys($field->posts), array_keys($field->from_m(self::line(0, 0, 1, 1), 0.3)));
        self::assertNull(TablePlanner::plan(TableScenario::of()->design(), Depth::Checks)->inField());
        self::assertSame(0.6096, InField::BY_HAND_M);
    }

    public function test_the_corners_of_a_block_reach_further_than_a_hole(): void
    {
        $pole = self::plan(180.0, 'pole');
        $side_m = 1.8288;
        $at = static fn (float $away_m): array => array_map(static fn ($finding): string => $finding->code->value, TablePlanner::plan(TableScenario::kind('pole')->with([
            '/table/place' => ['east_m' => 20.0, 'north_m' => 30.0],
            '/site/buried' => [['what' => 'pipe', 'from_east_m' => 0.0, 'from_north_m' => 30.0 - $away_m, 'to_east_m' => 60.0, 'to_north_m' => 30.0 - $away_m, 'clear_m' => 0.5]],
        ])->design(), Depth::Checks)->findings);
        self::assertSame(['A1'], array_keys($pole->inField()->posts ?? []));
        self::assertContains('hole_on_line', $at($side_m * M_SQRT2 / 2 + 0.499));
        self::assertContains('dig_by_hand', $at($side_m * M_SQRT2 / 2 + 0.501));
        self::assertNotContains('hole_on_line', $at($side_m * M_SQRT2 / 2 + 0.501));
        self::assertNotContains('dig_by_hand', $at($side_m * M_SQRT2 / 2 + 0.611));
    }

    public function test_no_hole_comes_into_ground_that_nothing_is_dug_in_nor_nearer_than_its_clearance(): void
    {
        $field = self::plan(180.0)->inField() ?? self::fail();
        [$east, $north] = $field->posts['B1'];
        // An L round the post: beside it, in its notch, and in it.
        $ell = static fn (float $x, float $y): Polygon => new Polygon([[$x, $y], [$x + 4, $y], [$x + 4, $y + 1], [$x + 2, $y + 1], [$x + 2, $y + 3], [$x, $y + 3]]);
        self::assertEqualsWithDelta(1.0 - 0.15, $field->fromArea_m($ell($east + 1.0, $north - 0.5), 0.3)['B1'], 1e-9);
        self::assertEqualsWithDelta(0.5 - 0.15, $field->fromArea_m($ell($east - 3.0, $north - 1.5), 0.3)['B1'], 1e-9);
        self::assertEqualsWithDelta(-0.6 - 0.15, $field->fromArea_m($ell($east - 0.6, $north - 2.0), 0.3)['B1'], 1e-9);
        $said = static fn (array $corners, float $clear_m): array => array_map(static fn ($finding): string => $finding->code->value, array_filter(TablePlanner::plan(TableScenario::kind('pole')->with([
            '/table/place' => ['east_m' => 20.0, 'north_m' => 30.0],
            '/site/no_dig' => [['what' => 'roots', 'clear_m' => $clear_m, 'corners' => self::corners($corners)]],
        ])->design(), Depth::Checks)->findings, static fn ($finding): bool => str_starts_with($finding->at, '/site/no_dig')));
        $square = static fn (float $away_m): array => [[10.0, 30.0 + $away_m], [30.0, 30.0 + $away_m], [30.0, 50.0]];
        $half_m = 1.8288 * M_SQRT2 / 2;
        self::assertSame([[], ['hole_in_no_dig'], ['hole_in_no_dig']], [array_values($said($square($half_m + 0.401), 0.4)), array_values($said($square($half_m + 0.399), 0.4)), array_values($said($square(-5.0), 0.0))]);
        // Two corners, and sides that cross.
        self::assertSame([['no_dig_unclear'], ['no_dig_unclear']], [array_values($said([[0.0, 0.0], [9.0, 9.0]], 0.0)), array_values($said([[0.0, 0.0], [9.0, 9.0], [9.0, 0.0], [0.0, 9.0]], 0.0))]);
    }

    /**
     * @param array<mixed> $corners East and north
     *
     * @return list<array{east_m: mixed, north_m: mixed}>
     */
    private static function corners(array $corners): array
    {
        $named = [];
        foreach ($corners as $corner) {
            $named[] = is_array($corner) ? ['east_m' => $corner[0], 'north_m' => $corner[1]] : self::fail();
        }

        return $named;
    }
}
