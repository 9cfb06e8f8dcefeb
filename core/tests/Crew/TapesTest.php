<?php

declare(strict_types=1);

namespace Garnetine\Core\Tests\Crew;

use Garnetine\Core\Covering\Shingles;
use Garnetine\Core\Design\Block\LayOut;
use Garnetine\Core\Design\Block\RunDatum;
use Garnetine\Core\Layout\Course;
use Garnetine\Core\Message\Texts;
use Garnetine\Core\Plan\Depth;
use Garnetine\Core\Plan\Plan;
use Garnetine\Core\Plan\Planner;
use Garnetine\Core\Quantity\Length;
use Garnetine\Core\Tests\Support\Scenario;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

final class TapesTest extends TestCase
{
    private static function plan(string $path, string $value, ?float $control_m = null): Plan
    {
        return Planner::plan(Scenario::of()->with($path, $value)->with('/rules/control_line_m', $control_m)->design(), Depth::Checks);
    }

    public function test_a_tape_begins_at_a_corner_where_there_is_no_rake(): void
    {
        $told = static fn (Scenario $job): array => array_map(static fn (RunDatum $datum): string => Texts::of($job->design())->choice('/rules/run_datum', $datum->value), RunDatum::cases());
        self::assertSame(['left rake', 'right rake', 'first member'], $told(Scenario::of()));
        self::assertSame(['left corner', 'right rake', 'first member'], $told(Scenario::of()->with('/surface/left_hip_m', 1.0)));
        self::assertSame(['left rake', 'right corner', 'first member'], $told(Scenario::of()->with('/surface/right_hip_m', 1.0)));
        self::assertSame(['left rake', 'right rake', 'first rib'], $told(Scenario::of('feijoa-lane')));
    }

    public function test_a_run_reads_the_same_places_from_either_rake_and_from_the_first_member(): void
    {
        $left = self::plan('/rules/run_datum', 'left_rake');
        $right = self::plan('/rules/run_datum', 'right_rake');
        $first = self::plan('/rules/run_datum', 'first_member');
        $width_m = $left->design->surface->width->toMetres();
        $half_m = $left->design->units->roofMark_m() / 2;
        self::assertNotSame([], $left->supports);
        foreach ($left->supports as $index => $run) {
            foreach (['clamp', 'end', 'splice', 'member'] as $kind) {
                $of = static function (Plan $plan) use ($index, $kind): array {
                    $marks = array_column(array_filter($plan->tapes()->run($plan->supports[$index]), static fn (array $mark): bool => $mark['kind'] === $kind), 'tape_m');
                    sort($marks);

                    return $marks;
                };
                // A member is marked on the tape's own marks, so that from another datum it may stand half a mark further.
                $delta_m = $kind === 'member' ? 2 * $half_m : 1e-9;
                $fromRight = array_reverse(array_map(static fn (float $x_m): float => $width_m - $x_m, $of($right)));
                foreach ($of($left) as $place => $tape_m) {
                    self::assertEqualsWithDelta($tape_m, $fromRight[$place], $delta_m, "run {$run->run->id}, $kind $place");
                    self::assertEqualsWithDelta($tape_m - $left->members->first->toMetres(), $of($first)[$place], $delta_m, "run {$run->run->id}, $kind $place");
                }
            }
        }
    }

    public function test_from_the_first_member_the_tape_counts_spacings(): void
    {
        // Below a lap the rafters stand beside those above it, and the tape begins at the shifted first one.
        $plan = Planner::plan(Scenario::of()->with('/rules/run_datum', 'first_member')->with('/surface/framing/lap', ['from_m' => 2.6, 'to_m' => 2.9, 'shift_m' => 0.0381])->design(), Depth::Checks);
        $spacing_m = $plan->design->surface->framing->spacing->toMetres();
        $shifted = $straight = 0;
        foreach ($plan->supports as $run) {
            foreach ($plan->tapes()->run($run) as $mark) {
                if ($mark['kind'] === 'member') {
                    $shifted += $plan->members->shiftAt_m($run->run->line->holeAt_m) === 0.0 ? 0 : 1;
                    $straight += $plan->members->shiftAt_m($run->run->line->holeAt_m) === 0.0 ? 1 : 0;
                    self::assertEqualsWithDelta(round($mark['tape_m'] / $spacing_m) * $spacing_m, $mark['tape_m'], $plan->design->units->roofMark_m() / 2 + 1e-9);
                }
            }
        }
        self::assertGreaterThan(8, $shifted);
        self::assertGreaterThan(8, $straight);
    }

    public function test_a_tape_ascends_and_bears_every_foot_once_on_a_member(): void
    {
        foreach (['left_rake', 'right_rake', 'first_member'] as $datum) {
            $plan = self::plan('/rules/run_datum', $datum);
            foreach ($plan->supports as $run) {
                $tape = $plan->tapes()->run($run);
                $sorted = array_column($tape, 'tape_m');
                sort($sorted);
                self::assertSame($sorted, array_column($tape, 'tape_m'));
                $feet = array_filter($tape, static fn (array $mark): bool => $mark['kind'] === 'foot');
                self::assertCount(count($run->picks), $feet);
                $members = array_column(array_filter($tape, static fn (array $mark): bool => $mark['kind'] === 'member'), 'x_m');
                foreach ($feet as $foot) {
                    self::assertContains($foot['x_m'], $members, "$datum, run {$run->run->id}");
                }
            }
        }
    }

    public function test_the_slope_tape_reads_from_eave_ridge_and_control_line_and_goes_outward(): void
    {
        $eave = self::plan('/rules/slope_datum', 'eave');
        $ridge = self::plan('/rules/slope_datum', 'ridge');
        $control = self::plan('/rules/slope_datum', 'control_line', 2.0);
        $by = static fn (Plan $plan): array => array_column($plan->tapes()->slope(), 'tape_m', 'line');
        $length_m = $eave->design->surface->slopeLength->toMetres();
        foreach ($by($eave) as $line => $tape_m) {
            self::assertEqualsWithDelta($length_m, $tape_m + $by($ridge)[$line], 1e-9);
            self::assertEqualsWithDelta($tape_m, 2.0 + $by($control)[$line], 1e-9);
        }
        foreach ([$eave, $ridge, $control] as $plan) {
            $away = array_map(abs(...), array_column($plan->tapes()->slope(), 'tape_m'));
            $sorted = $away;
            sort($sorted);
            self::assertSame($sorted, $away);
        }
    }

    public function test_every_chalk_line_stands_on_its_course(): void
    {
        $plan = self::plan('/rules/slope_datum', 'eave');
        $shingles = $plan->design->surface->covering;
        self::assertInstanceOf(Shingles::class, $shingles);
        $exposure_m = ($shingles->upperButt->toMetres() - $shingles->lowerButt->toMetres()) / $shingles->coursesBetween;
        foreach ($plan->tapes()->slope() as $mark) {
            $courses = ($mark['y_m'] - ($mark['above_butt_m'] ?? NAN) - $shingles->lowerButt->toMetres()) / $exposure_m;
            self::assertEqualsWithDelta(round($courses), $courses, 1e-6, "line {$mark['line']}");
            self::assertSame((int) round($courses) + 1, $mark['butt']);
            self::assertLessThan($exposure_m, $mark['above_butt_m']);
            self::assertGreaterThanOrEqual(0.0, $mark['above_butt_m']);
        }
    }

    public function test_a_line_below_the_first_butt_stands_on_none(): void
    {
        $course = new Course(Length::ofInches(11.25), Length::ofInches(5.625));
        self::assertSame([0, 0, 1, 1, 2], array_map(static fn (float $y_in): int => $course->butt($y_in * 0.0254), [1.0, 11.24, 11.25, 16.87, 16.876]));
    }

    public function test_lines_are_marked_the_way_that_the_company_goes(): void
    {
        $marked = [];
        foreach (LayOut::cases() as $way) {
            $steps = Planner::plan(Scenario::of()->with('/rules/lay_out', $way->value)->design())->steps->steps ?? [];
            $marked[] = $steps[array_search('find', array_column($steps, 'code'), true) - 1]['code'];
            self::assertContains('edges', array_column($steps, 'cautions', 'code')[end($marked)]);
        }
        self::assertSame(['mark', 'mark_by_ruler', 'mark_by_gauge'], $marked);
    }

    /** @return iterable<string, array{string, string}> */
    public static function cautions(): iterable
    {
        yield 'power lines and ladders before anything is carried up' => ['lines_and_ladder', 'power_lines'];
        yield 'fall protection before work at the edge' => ['anchors', 'fall_protection'];
        yield 'wires behind the deck before drilling' => ['find', 'wires_in_attic'];
        yield 'no hole stays open' => ['seal_flashed_foot', 'no_open_hole'];
        yield 'the maker of the kit sets the torque' => ['torque', 'makers_torque'];
        yield 'modules are live in light' => ['modules', 'electric'];
        yield 'an electrician wires' => ['wiring', 'electrician'];
        yield 'the last anchor is left from a tied rope' => ['anchors_out', 'fall_protection'];
    }

    #[DataProvider('cautions')]
    public function test_a_caution_stands_at_the_step_where_it_hurts(string $step, string $caution): void
    {
        $steps = Planner::plan(Scenario::of()->design())->steps->steps ?? [];
        $by = array_column($steps, 'cautions', 'code');
        self::assertContains($caution, $by[$step] ?? []);
    }

    public function test_the_order_of_work_marks_before_it_drills_and_seals_before_it_loads(): void
    {
        $order = array_flip(array_column(Planner::plan(Scenario::of()->design())->steps->steps ?? [], 'code'));
        foreach ([['anchors', 'mark'], ['mark', 'find'], ['find', 'attach'], ['attach', 'seal_flashed_foot'], ['seal_flashed_foot', 'rails'], ['rails', 'torque'], ['torque', 'modules'], ['modules', 'wiring'], ['photograph', 'anchors_out']] as [$before, $after]) {
            self::assertLessThan($order[$after] ?? -1, $order[$before] ?? PHP_INT_MAX, "$before comes before $after");
        }
    }
}
