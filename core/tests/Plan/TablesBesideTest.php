<?php

declare(strict_types=1);

namespace Garnetine\Core\Tests\Plan;

use Garnetine\Core\Design\Ground\Field\FieldPlace;
use Garnetine\Core\Design\Project;
use Garnetine\Core\Document\Copy;
use Garnetine\Core\Finding\Finding;
use Garnetine\Core\Message\Texts;
use Garnetine\Core\Plan\Depth;
use Garnetine\Core\Plan\ProjectPlan;
use Garnetine\Core\Plan\TablePlanner;
use Garnetine\Core\Plan\TablesBeside;
use Garnetine\Core\Quantity\Angle;
use Garnetine\Core\Quantity\Length;
use Garnetine\Core\Tests\Support\TableScenario;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;

/** Two tables alike in one field, the second so far to the right and so far before the first. */
final class TablesBesideTest extends TestCase
{
    /** @param float|null $farBefore_m Of a third */
    private static function project(float $faces_deg, float $right_m, float $before_m, float $turned_deg = 0.0, ?float $farBefore_m = null): Project
    {
        $faces = deg2rad($faces_deg);
        $put = static fn (Project $project, string $id, float $x_m, float $y_m, float $deg): Project => $project->withTable($id, $project->table($id)->on(Copy::of(
            $project->tables[$id],
            place: new FieldPlace(Length::ofMetres(100 - $x_m * cos($faces) + $y_m * sin($faces)), Length::ofMetres(200 + $x_m * sin($faces) + $y_m * cos($faces))),
            bearing: Angle::ofDegrees($deg),
        )));
        $project = $put(TableScenario::of()->project(), 'table-1', 0.0, 0.0, $faces_deg)->withTableLike('table-1');
        self::assertNull($project->tables['table-2']->place, 'a further table does not stand on the first');

        $project = $put($project, 'table-2', $right_m, $before_m, $faces_deg + $turned_deg);

        return $farBefore_m === null ? $project : $put($project->withTableLike('table-2'), 'table-3', $right_m, $farBefore_m, $faces_deg);
    }

    /** @return array<string, list<array{string, array<string, float|int|string>}>> What each is told of the other */
    private static function told(Project $project): array
    {
        return array_map(static fn ($plan): array => array_values(array_map(
            static fn (Finding $finding): array => [$finding->code->value, $finding->values],
            array_filter($plan->findings, static fn (Finding $finding): bool => in_array($finding->code->value, ['tables_overlap', 'row_shaded'], true)),
        )), ProjectPlan::of($project, Depth::Checks)->tables);
    }

    public function test_tables_alike_are_worked_out_once_and_others_for_themselves(): void
    {
        $project = self::project(180.0, 30.0, 0.0, farBefore_m: 40.0);
        $project = $project->withTable('table-3', $project->table('table-3')->on(Copy::of($project->tables['table-3'], columnGap: Length::ofMetres(0.03))));
        $plans = ProjectPlan::of($project, Depth::Checks)->tables;
        self::assertSame($plans['table-1']->stand, $plans['table-2']->stand);
        foreach ($plans as $id => $plan) {
            $alone = TablePlanner::plan($project->table($id), Depth::Checks);
            self::assertEquals($alone->stand, $plan->stand);
            self::assertEquals($alone->inField(), $plan->inField());
        }
        self::assertNotEquals($plans['table-1']->stand->checks ?? [], $plans['table-3']->stand->checks ?? []);
    }

    #[TestWith([180.0])]
    #[TestWith([90.0])]
    #[TestWith([217.0])]
    public function test_tables_stand_clear_of_each_other(float $faces_deg): void
    {
        $face = TablePlanner::plan(TableScenario::of()->design(), Depth::Checks)->face ?? self::fail();
        $deep_m = $face->chord_m * cos($face->tilt_rad);
        foreach ([[$face->width_m, 0.0, 1, 0], [-$face->width_m, 0.0, -1, 0], [0.0, $deep_m, 0, 1], [0.0, -$deep_m, 0, -1]] as [$x_m, $y_m, $right, $before]) {
            $over = self::told(self::project($faces_deg, $x_m - 0.02 * $right, $y_m - 0.02 * $before));
            foreach (['table-1', 'table-2'] as $id) {
                self::assertSame('tables_overlap', $over[$id][0][0] ?? null, "$id, $right, $before");
                self::assertEqualsWithDelta(0.02, $over[$id][0][1]['over_m'], 1e-6);
            }
            $clear = self::told(self::project($faces_deg, $x_m + 0.02 * $right, $y_m + 0.02 * $before));
            self::assertNotContains('tables_overlap', array_merge(...array_map(static fn (array $one): array => array_column($one, 0), array_values($clear))));
        }
        // Turned about its first stake by a right angle it lies over the first; far off it does not.
        self::assertSame('tables_overlap', self::told(self::project($faces_deg, 1.0, 1.0, 90.0))['table-1'][0][0] ?? null);
        self::assertSame(['table-1' => [], 'table-2' => []], self::told(self::project($faces_deg, 0.0, 40.0, 90.0)));
        self::assertSame(['table-1' => [], 'table-2' => []], self::told(self::project($faces_deg, 3.0, -4.0, 45.0)), 'past its corner, aslant');
    }

    public function test_a_row_is_shaded_by_the_one_before_it_within_the_distance_of_their_sun(): void
    {
        $faces_deg = TableScenario::of()->design()->table->bearing->toDegrees();
        $usual = array_column(TablePlanner::pitches(TableScenario::of()->design()), null, 'is_usual')[true] ?? self::fail();
        $pitch_m = $usual['pitch_m'] ?? self::fail();
        $near = self::told(self::project($faces_deg, 2.0, $pitch_m - 0.02));
        self::assertSame(['row_shaded', []], [$near['table-1'][0][0] ?? null, $near['table-2']]);
        self::assertEqualsWithDelta([$pitch_m - 0.02, $pitch_m], [$near['table-1'][0][1]['before_m'], $near['table-1'][0][1]['pitch_m']], 1e-6);
        $face = TablePlanner::plan(TableScenario::of()->design(), Depth::Checks)->face ?? self::fail();
        $none = ['table-1' => [], 'table-2' => []];
        self::assertSame($none, self::told(self::project($faces_deg, 2.0, $pitch_m + 0.02)));
        $rows = self::told(self::project($faces_deg, 2.0, $pitch_m - 0.02, 0.0, 2 * $pitch_m));
        self::assertSame([['row_shaded'], [], []], array_map(static fn (array $one): array => array_column($one, 0), array_values($rows)), 'by the nearest alone');
        self::assertSame($none, self::told(self::project($faces_deg, $face->width_m + 0.1, $pitch_m - 0.5)), 'past its end');
        self::assertSame($none, self::told(self::project($faces_deg, 2.0, $pitch_m - 0.2, 5.0)), 'another way');
    }

    public function test_a_field_has_room_for_many_tables(): void
    {
        $project = TableScenario::of()->project();
        while (count($project->tables) < Project::MOST_TABLES) {
            $project = $project->withTableLike('table-1');
        }
        $plans = TablesBeside::all($project);
        self::assertCount(250, $plans);
        // What else would stand is worked out once for all that are alike.
        self::assertEquals($plans['table-1']->ways, $plans['table-250']->ways);
        self::assertNotSame([], $plans['table-250']->ways);
        $this->expectExceptionMessage('/tables: expected at most 250 tables, found one more');
        $project->withTableLike('table-1');
    }

    public function test_one_alone_is_told_as_among_all(): void
    {
        $project = self::project(180.0, 0.5, 0.5);
        $plan = TablesBeside::plan($project, 'table-2', Depth::Checks);
        self::assertEquals(ProjectPlan::of($project, Depth::Checks)->tables['table-2']->findings, $plan->findings);
        $finding = array_values(array_filter($plan->findings, static fn (Finding $one): bool => $one->code->value === 'tables_overlap'))[0] ?? self::fail();
        self::assertSame(['stop', 'field', '/table/place'], [$finding->kind->value, $finding->code->stage($finding->at)->value, $finding->at]);
        // All at once, and of them those in the field, are the same again; one without a place is alone.
        $all = TablesBeside::all($project, Depth::Checks);
        self::assertEquals(array_map(static fn ($one): array => $one->findings, TablesBeside::field($project, 'table-2', Depth::Checks)), array_map(static fn ($one): array => $one->findings, TablesBeside::of($all, 'table-2')));
        $more = $project->withTableLike('table-1');
        self::assertSame([['table-3'], ['table-1', 'table-2']], array_map(static fn (string $id): array => array_keys(TablesBeside::of(TablesBeside::all($more, Depth::Checks), $id)), ['table-3', 'table-1']));
        // Half a metre of the 2.948 m that it is deep from above.
        self::assertSame('Modules of this table and of “Table 1” stand over one another: move one of them 8\' 0 ⅜" or more.', Texts::of($plan->design)->finding($finding));
    }
}
