<?php

declare(strict_types=1);

namespace Garnetine\Core\Tests\Design;

use Garnetine\Core\Design\DesignFile;
use Garnetine\Core\Design\Edit\JobEdits;
use Garnetine\Core\Design\Project;
use Garnetine\Core\Document\DocumentInvalid;
use Garnetine\Core\Document\Fault;
use Garnetine\Core\Document\Writer;
use Garnetine\Core\Plan\Depth;
use Garnetine\Core\Plan\Plan;
use Garnetine\Core\Plan\PlanDocument;
use Garnetine\Core\Plan\ProjectPlan;
use Garnetine\Core\Plan\Status;
use Garnetine\Core\Tests\Support\Scenario;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** Jobs of several surfaces: what is one surface's, what two share, what is the job's. */
final class ProjectTest extends TestCase
{
    /** Two planes: the second like the first, then steeper and with a block of its own size. */
    private static function two(?Scenario $scenario = null): Project
    {
        return JobEdits::apply(($scenario ?? Scenario::of())->project(), [
            ['plane' => 'copy'], ['on' => 'plane-2', 'path' => '/surface/pitch_rad', 'typed' => '30°'], ['on' => 'plane-2', 'path' => '/block/columns', 'value' => 5],
            ['on' => 'plane-2', 'path' => '/block/left_out', 'value' => []], ['on' => 'plane-2', 'path' => '/surface/name', 'value' => 'Street side'],
        ], 'plane-1');
    }

    public function test_a_surface_is_planned_as_if_it_were_alone(): void
    {
        $project = DesignFile::read(DesignFile::write(self::two()));
        self::assertSame(['plane-1', 'plane-2'], $project->ids());
        $plan = ProjectPlan::of($project);
        self::assertEquals(PlanDocument::surface(ProjectPlan::of(Scenario::of()->project())->plans['plane-1']), PlanDocument::surface($plan->plans['plane-1']));
        $alone = Scenario::of()->with('/surface/pitch_rad', $project->surfaces['plane-2']->pitch->toRadians())->with('/block/columns', 5)->with('/block/left_out', [])->with('/surface/name', 'Street side')->project();
        self::assertEquals(PlanDocument::surface(ProjectPlan::of($alone)->plans['plane-1']), PlanDocument::surface($plan->plans['plane-2']));
        self::assertSame(['30°', '4 in 12'], [$project->asTyped['/surfaces/plane-2/pitch_rad'] ?? null, $project->design('plane-1')->asTyped['/surface/pitch_rad'] ?? null]);
    }

    public function test_the_job_sums_its_surfaces_and_is_as_far_as_the_worst(): void
    {
        $plan = ProjectPlan::of(self::two(), Depth::Full);
        [$one, $other] = array_values($plan->plans);
        $summary = $plan->summary();
        self::assertSame([2, $one->moduleCount() + $other->moduleCount(), $one->attachmentCount() + $other->attachmentCount()], [$summary['surfaces'], $summary['modules'], $summary['attachments']]);
        self::assertSame(min($one->leastReserve(), $other->leastReserve()), $summary['least_reserve']);
        $ids = array_map(static fn ($value): string => $value->id, [...$one->unconfirmed(), ...$other->unconfirmed()]);
        self::assertGreaterThan(count(array_unique($ids)), count($ids));
        self::assertSame(count(array_unique($ids)), $summary['unconfirmed'], 'a recalled value counts once');
        $count = static fn (Plan|ProjectPlan $of, string $item): int => array_column($of->materials(), 'count', 'item')[$item] ?? 0;
        foreach (['module', 'foot', 'clamp'] as $item) {
            self::assertSame($count($one, $item) + $count($other, $item), $count($plan, $item), $item);
        }
        // One of two refused: nothing of the job is a hand-over, and the other is planned all the same.
        $half = ProjectPlan::of(JobEdits::apply(self::two(), [['path' => '/surface/covering/kind', 'typed' => 'tile']], 'plane-2'));
        self::assertSame([true, true, false, []], [$half->hasRefusal(), $half->plans['plane-2']->hasRefusal(), $half->plans['plane-1']->hasRefusal(), $half->materials()]);
        self::assertSame($one->design->surface->name === 'Roof' ? $one->attachmentCount() : $other->attachmentCount(), $half->plans['plane-1']->attachmentCount());
    }

    public function test_what_two_share_changes_for_both_and_a_surface_for_itself(): void
    {
        $project = JobEdits::apply(self::two(), [['path' => '/kit/foot/up_N', 'typed' => '601 lb'], ['path' => '/surface/width_m', 'typed' => '13.9 m'], ['path' => '/site/exposure', 'value' => 'D']], 'plane-1');
        [$roof, $other] = [$project->design('plane-1'), $project->design('plane-2')];
        self::assertSame(['601 lb', '601 lb'], [$roof->asTyped['/kit/foot/up_N'], $other->asTyped['/kit/foot/up_N']]);
        self::assertEquals($roof->kit, $other->kit);
        self::assertEquals($roof->site, $other->site);
        $cleared = JobEdits::apply($project, [['path' => '/surface/width_m', 'value' => 13.5]]);
        self::assertSame(['13.9 m', false], [$project->asTyped['/surfaces/plane-1/width_m'], isset($cleared->asTyped['/surfaces/plane-1/width_m'])]);
        self::assertSame([13.9, self::two()->design('plane-2')->surface->width->toMetres()], [$roof->surface->width->toMetres(), $other->surface->width->toMetres()]);
    }

    public function test_a_signature_on_one_surface_is_none_on_the_other(): void
    {
        $scenario = Scenario::of()->with('/surface/setbacks', ['eave_m' => 2.0, 'left_m' => 0.0, 'ridge_m' => 0.0, 'right_m' => 0.0]);
        $plain = ProjectPlan::of($scenario->project())->plans['plane-1'];
        self::assertNotSame([], $plain->openStops());
        $by = ['name' => 'E. Sorrel', 'on' => '2026-06-01', 'reason' => 'letter 3', 'account' => 'E. Sorrel'];
        $signed = [['subject' => 'structure', 'value' => $plain->structureDigest()] + $by, ...array_map(static fn ($stop): array => ['subject' => $stop->subject(), 'value' => ''] + $by, $plain->openStops())];
        $signed = [...$signed, ...array_map(static fn ($value): array => ['subject' => "coefficient/{$value->id}", 'value' => $value->text()] + $by, $plain->unconfirmed())];
        $project = JobEdits::apply($scenario->with('/confirmations', $signed)->project(), [['plane' => 'copy']], 'plane-1');
        $plan = ProjectPlan::of($project);
        self::assertSame([Status::Confirmed, Status::Preliminary, Status::Preliminary], [$plan->plans['plane-1']->status(), $plan->plans['plane-2']->status(), $plan->status()]);
        self::assertSame([count($plain->openStops()), 0, null], [count($plan->plans['plane-2']->openStops()), $plan->summary()['unconfirmed'], $plan->plans['plane-2']->structureSignedBy()]);
        $both = JobEdits::apply($project, [['on' => 'plane-2', 'path' => '/confirmations', 'value' => $signed]], 'plane-1');
        self::assertSame(Status::Confirmed, ProjectPlan::of($both)->status());
        self::assertSame(count($signed), count($both->design('plane-1')->confirmations));
    }

    public function test_a_surface_taken_out_takes_what_was_told_of_it_along(): void
    {
        $project = Scenario::of()->project();
        self::assertSame(DesignFile::write($project), DesignFile::write(JobEdits::apply(self::two(), [['plane' => 'remove', 'on' => 'plane-2']], 'plane-1')));
        $left = JobEdits::apply(self::two(), [['plane' => 'remove', 'on' => 'plane-1']], 'plane-1');
        self::assertSame(['plane-2', 'plane-2'], [...$left->ids(), ...array_keys($left->blocks)]);
        self::assertSame([], preg_grep('~^/(surfaces|blocks)/plane-1/~', array_keys($left->asTyped)));
        // Its number is not taken by the next while it is there.
        self::assertSame(['plane-1', 'plane-2', 'plane-3'], JobEdits::apply(self::two(), [['plane' => 'copy', 'on' => 'plane-2']], 'plane-1')->ids());
    }

    /** @return iterable<string, array{array<string, mixed>, string, string}> What is put where, with "=" what stands elsewhere; place of the fault, what is expected */
    public static function damages(): iterable
    {
        yield 'a block on no surface' => [['/blocks/plane-1/surface' => 'attic'], '/blocks/plane-1/surface', 'the id of one of the surfaces'];
        yield 'a block of no kit' => [['/blocks/plane-1/kit' => 'other'], '/blocks/plane-1/kit', 'the id of one of the kits'];
        yield 'a block of no modules' => [['/blocks/plane-1/module' => 'other'], '/blocks/plane-1/module', 'the id of one of the modules'];
        yield 'two kits on one surface' => [['/kits/other' => '=/kits/kit-1', '/blocks/more' => '=/blocks/plane-1', '/blocks/more/kit' => 'other'], '/blocks/more/kit', 'the kit of the other blocks on its surface, kit-1'];
        yield 'a bare surface' => [['/surfaces/more' => '=/surfaces/plane-1'], '/surfaces/more', 'a block that lies on it'];
        yield 'no surface' => [['/surfaces' => new \stdClass(), '/blocks' => new \stdClass()], '/surfaces', 'a surface or a table, or more'];
        yield 'a surface of an unknown kind' => [['/surfaces/plane-1/kind' => 'dome'], '/surfaces/plane-1/kind', 'one of roof_plane'];
        yield 'a foot of an unknown kind' => [['/kits/kit-1/foot/kind' => 'suction_cup'], '/kits/kit-1/foot/kind', 'one of flashed_foot, two_lag_foot, standoff, l_foot, tile_hook, seam_clamp, butyl_base, sheet_screws'];
        yield 'an id that is none' => [['/surfaces/2nd' => '=/surfaces/plane-1'], '/surfaces/2nd', 'no key of this name'];
        yield 'a key of the version before' => [['/surface' => '=/surfaces/plane-1'], '/surface', 'no key of this name'];
    }

    /** @param array<string, mixed> $damage */
    #[DataProvider('damages')]
    public function test_what_does_not_fit_together_is_refused_at_its_place(array $damage, string $path, string $expected): void
    {
        $job = json_decode(Scenario::of()->json());
        $at = static function (string $path) use ($job): \stdClass {
            $place = $job;
            foreach (array_filter(explode('/', $path)) as $key) {
                $place = $place instanceof \stdClass ? $place->{$key} : null;
            }

            return $place instanceof \stdClass ? $place : self::fail("nothing at $path");
        };
        foreach ($damage as $place => $value) {
            $at(dirname($place))->{basename($place)} = is_string($value) && str_starts_with($value, '=') ? clone $at(substr($value, 1)) : $value;
        }
        try {
            DesignFile::read((string) json_encode($job, JSON_PRESERVE_ZERO_FRACTION));
            self::fail('It is read.');
        } catch (DocumentInvalid $invalid) {
            self::assertContains("$path $expected", array_map(static fn (Fault $fault): string => "$fault->path $fault->expected", $invalid->faults));
        }
    }

    /** @return iterable<string, array{array<mixed>, string}> */
    public static function wrongEdits(): iterable
    {
        yield 'on no surface' => [['on' => 'attic', 'path' => '/surface/width_m', 'typed' => '9 m'], 'surface or a table of this job: plane-1, found "attic"'];
        yield 'the only one taken out' => [['plane' => 'remove'], 'a surface beside others'];
        yield 'something else with it' => [['plane' => ['x']], 'copy, mirror or remove'];
        yield 'a block moved by its id' => [['path' => '/block/surface', 'value' => 'plane-2'], 'to stay where it lies'];
        yield 'a whole block of another kit' => [['path' => '/block/kit', 'typed' => 'other'], 'to stay where it lies'];
    }

    public function test_no_more_edits_are_made_at_once_on_many_surfaces_than_on_one(): void
    {
        $edits = array_map(static fn (int $index): array => ['on' => $index % 2 === 0 ? 'plane-1' : 'plane-2', 'path' => '/block/columns', 'value' => 3 + $index % 5], range(0, 200));
        $this->expectExceptionMessage('at most 200 edits, found 201 edits');
        JobEdits::apply(self::two(), $edits);
    }

    /** @param array<mixed> $edit */
    #[DataProvider('wrongEdits')]
    public function test_an_edit_that_cannot_be_made_is_refused(array $edit, string $says): void
    {
        $this->expectException(DocumentInvalid::class);
        $this->expectExceptionMessage($says);
        JobEdits::apply(Scenario::of()->project(), [$edit], 'plane-1');
    }

    public function test_a_plane_in_the_mirror_is_planned_as_the_mirror_image(): void
    {
        foreach ([[], [[0.0, 0.0, 'eave'], [12.0, 0.0, 'rake'], [12.0, 3.2, 'valley'], [7.0, 5.2, 'ridge'], [0.0, 5.2, 'rake']]] as $outline) {
            $scenario = Scenario::of()->with('/units', 'mm')->with('/surface/width_m', 12.0)->with('/surface/slope_length_m', 5.2)->with('/surface/framing/spacing_m', 0.6)->with('/surface/framing/first_member_m', 0.6)->with('/block/columns', 7)->with('/block/left_out', [['row' => 1, 'column' => 2]])
                ->with('/block/x_m', 1.2)->with('/block/column_gap_m', 0.02)->with('/surface/setbacks', ['eave_m' => 0.4, 'ridge_m' => 0.4, 'left_m' => 0.9, 'right_m' => 0.7])->with('/surface/framing/layout_from', 'left')
                ->with('/surface/no_work_circles', [['id' => 'vent', 'kind' => 'pipe_vent', 'x_m' => 9.8, 'y_m' => 1.5, 'diameter_m' => 0.1, 'clearance_m' => 0.15]])->with('/surface/framing/own', [['number' => 101, 'x_m' => 3.3, 'from_m' => null, 'to_m' => null, 'plies' => 1, 'known' => null, 'plus_minus_m' => null]])
                ->with('/module/width_m', 1.0)->with('/surface/outline', array_map(static fn (array $one): array => ['x_m' => $one[0], 'y_m' => $one[1], 'edge' => $one[2], 'setback_m' => $one[2] === 'valley' ? 0.3 : 0.0, 'overhang_m' => 0.0], $outline));
            $project = JobEdits::apply($scenario->project(), [['plane' => 'mirror']], 'plane-1');
            $plan = ProjectPlan::of($project);
            [$one, $other] = [$plan->plans['plane-1'], $plan->plans['plane-2']];
            $loads = static function (Plan $plan, bool $turned): array {
                $rows = array_map(static fn (array $spots): array => array_keys($spots), $plan->blocks[0]->placement->rows);
                $told = [];
                foreach ($plan->modules() as $module) {
                    $told[$module->row][$turned ? 8 - $module->column : $module->column] = [round($module->up_Pa, 6), round($module->down_Pa, 6)];
                }

                return [count($rows), array_map(static function (array $row): array {
                    ksort($row);

                    return $row;
                }, $told)];
            };
            self::assertSame($loads($one, false), $loads($other, true));
            $codes = static fn (Plan $plan): array => array_values(array_unique(array_map(static fn ($one): string => $one->code->value, $plan->findings)));
            self::assertSame([$one->attachmentCount(), $codes($one)], [$other->attachmentCount(), $codes($other)]);
            $members = static fn (Plan $plan, bool $turned): array => array_map(static fn ($member): float => round($turned ? 12.0 - $member->x_m : $member->x_m, 6), $turned ? array_reverse($plan->members->members) : $plan->members->members);
            self::assertSame($members($one, false), $members($other, true));
            $back = JobEdits::apply($project, [['on' => 'plane-2', 'plane' => 'mirror'], ['on' => 'plane-3', 'path' => '/surface/name', 'typed' => 'Roof']], 'plane-1');
            self::assertEqualsWithDelta(Writer::toArray($project->design('plane-1')->surface), Writer::toArray($back->design('plane-3')->surface), 1e-9);
            self::assertEqualsWithDelta(1.2, $back->design('plane-3')->block->x->toMetres(), 1e-9);
        }
        $this->expectExceptionMessage('others count from the left, found 5');
        JobEdits::apply(Scenario::of()->with('/surface/framing/own', [['number' => 5, 'x_m' => 3.3, 'from_m' => null, 'to_m' => null, 'plies' => 1, 'known' => null, 'plus_minus_m' => null]])->project(), [['plane' => 'mirror']], 'plane-1');
    }
}
