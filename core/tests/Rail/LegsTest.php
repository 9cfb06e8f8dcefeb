<?php

declare(strict_types=1);

namespace Garnetine\Core\Tests\Rail;

use Garnetine\Core\Attachment\RunPlan;
use Garnetine\Core\Because\Because;
use Garnetine\Core\Because\Becauses;
use Garnetine\Core\Finding\Finding;
use Garnetine\Core\Finding\FindingKind;
use Garnetine\Core\Message\Texts;
use Garnetine\Core\Plan\Plan;
use Garnetine\Core\Plan\Planner;
use Garnetine\Core\Rail\LegFrame;
use Garnetine\Core\Rail\OnLegs;
use Garnetine\Core\Tests\Support\Scenario;
use Garnetine\Core\Tests\Support\SecondOpinion;
use PHPUnit\Framework\TestCase;

/** Rails on legs, whose modules are steeper than the roof. */
final class LegsTest extends TestCase
{
    private const LEGS = ['kind' => 'tilt_legs', 'name' => 'Leg', 'document' => 'data 9 (invented)', 'front_m' => 0.1016, 'up_N' => 3500.0, 'down_N' => 5000.0, 'along_N' => 1800.0, 'bracing' => ''];

    /** @param array<string, mixed> $changes */
    private static function plan(array $changes = []): Plan
    {
        $scenario = Scenario::to('given')->with('/block/arrangement', self::LEGS)->with('/block/tilt_from_roof_rad', deg2rad(15))->with('/block/left_out', [])
            ->with('/block/rows', 1)->with('/block/columns', 4)->with('/surface/no_work_circles', []);
        foreach ($changes as $path => $value) {
            $scenario = $scenario->with($path, $value);
        }

        return Planner::plan($scenario->design());
    }

    private static function opinion(Plan $plan, RunPlan $run): SecondOpinion
    {
        $pair = ($plan->blocks[0]->lines ?? self::fail())->pairs[$run->run->line->row];
        $slant = cos($plan->design->block->tiltFromRoof->toRadians());

        return new SecondOpinion($plan->design, $run->run, [$pair[0]->offset_m / $slant, $pair[1]->offset_m / $slant]);
    }

    public function test_a_frame_has_its_lengths_and_forces(): void
    {
        // c 60 in, 15°, lower 4: upper 19.5, feet 58.0; 400 lb on the middle: 207 on the upper leg, 104 along.
        $plan = self::plan();
        $lines = $plan->blocks[0]->lines ?? self::fail();
        $frame = LegFrame::all($plan->design, $lines)[0];
        self::assertEqualsWithDelta($frame->chord_m * sin(deg2rad(15)) + 0.1016, $frame->rear_m, 1e-9);
        self::assertEqualsWithDelta($frame->chord_m * cos(deg2rad(15)), $frame->apart_m, 1e-9);
        self::assertEqualsWithDelta(19.53, 4 + 60 * ($frame->rear_m - $frame->front_m) / $frame->chord_m, 0.005);
        self::assertEqualsWithDelta(57.96, 60 * $frame->apart_m / $frame->chord_m, 0.005);
        [$lower, $upper] = array_map(static fn ($line): OnLegs => OnLegs::of($plan->design, $line, 0.5, 0.5) ?? self::fail(), $lines->pairs[1]);
        self::assertEqualsWithDelta(207.06, $upper->turned(200.0, 0.0, 0.0)[0], 0.005);
        self::assertEqualsWithDelta(400 * cos(deg2rad(15)) - 207.06, $lower->turned(200.0, 0.0, 0.0)[0], 0.005);
        self::assertEqualsWithDelta(103.53, $lower->turned(200.0, 0.0, 0.0)[1], 0.005);
    }

    public function test_all_that_weighs_stands_on_both_legs(): void
    {
        foreach ([[], ['/kit/clamp/grips_both_rails' => false], ['/surface/pitch_rad' => 0.05, '/block/tilt_from_roof_rad' => 0.5]] as $changes) {
            $plan = self::plan($changes);
            $weight_N = ($plan->design->module->mass->toSi() + $plan->design->kit->extraMassPerModule->toSi()) * 9.80665;
            $rail_N = 2 * $plan->design->kit->rail->lineMass->toSi() * 9.80665 * ($plan->design->moduleAcross()->toMetres() + $plan->design->block->columnGap->toMetres());
            $runs = array_map(static fn (RunPlan $one) => $one->run, $plan->supports);
            self::assertEqualsWithDelta($weight_N + $rail_N, $runs[0]->deadVertical_N + $runs[1]->deadVertical_N, 1e-6);
            // The wind takes hold of all of the modules, not of what they cover of the roof.
            $area_m2 = array_sum(array_map(static fn ($run): float => array_sum(array_map(array_sum(...), $run->windAreas_m2)), $runs));
            self::assertEqualsWithDelta(4 * $plan->design->module->length->toMetres() * $plan->design->module->width->toMetres(), $area_m2, 1e-6);
        }
    }

    public function test_both_rails_hold_as_a_second_way_finds_too(): void
    {
        foreach ([
            [], ['/block/tilt_from_roof_rad' => 0.45, '/kit/rail/stock_length_m' => 2.1, '/kit/rail/splice_moment_Nm' => null], ['/given' => ['down_Pa' => 2600.0, 'roof_snow_Pa' => 0.0] + Scenario::GIVEN],
            ['/block/rows' => 2, '/block/left_out' => [['row' => 1, 'column' => 2]], '/kit/clamp/grips_both_rails' => false, '/given' => ['roof_snow_Pa' => 1900.0] + Scenario::GIVEN],
            ['/block/orientation' => 'portrait', '/site/array_holds_snow' => 'yes', '/given' => ['field_up_Pa' => 600.0, 'roof_snow_Pa' => 1500.0] + Scenario::GIVEN],
        ] as $case => $changes) {
            $plan = self::plan($changes);
            self::assertNotSame([], $plan->supports);
            foreach ($plan->supports as $index => $run) {
                $worst = self::opinion($plan, $run)->worst($run->feet_m());
                self::assertEqualsWithDelta($worst, $run->verdict()?->worst, 1e-6, "case $case, {$run->run->id}");
                self::assertSame($plan->supports[$index - $index % 2]->members(), $run->members(), 'Legs stand over one another.');
                self::assertSame($run->run->line->isUpper, ($run->verdict()->attachments[0]->along_N ?? -1.0) < 1e-9);
            }
        }
    }

    public function test_no_layout_that_both_rails_hold_has_fewer_feet(): void
    {
        $failed = 0;
        for ($seed = 1; $seed <= 24; ++$seed) {
            mt_srand($seed);
            $plan = self::plan([
                '/block/columns' => mt_rand(2, 3), '/block/x_m' => 1.0 + mt_rand(0, 20) / 10, '/block/tilt_from_roof_rad' => mt_rand(5, 50) / 100, '/surface/pitch_rad' => mt_rand(10, 50) / 100,
                '/given' => ['field_up_Pa' => (float) mt_rand(500, 2200), 'down_Pa' => (float) mt_rand(300, 2500), 'roof_snow_Pa' => (float) mt_rand(0, 2500)] + Scenario::GIVEN,
                '/kit/rail/section_modulus_x_m3' => mt_rand(15, 70) / 1e7, '/kit/foot/up_N' => (float) mt_rand(900, 3000), '/block/arrangement' => ['along_N' => (float) mt_rand(700, 1800)] + self::LEGS,
            ]);
            [$lower, $upper] = $plan->supports;
            $opinions = [self::opinion($plan, $lower), self::opinion($plan, $upper)];
            $fewest = null;
            for ($mask = 1; $mask < 1 << count($lower->run->candidates_m); ++$mask) {
                $feet = array_values(array_filter($lower->run->candidates_m, static fn (int $place): bool => ($mask >> $place & 1) === 1, ARRAY_FILTER_USE_KEY));
                if (count($feet) > 1 && count($feet) < ($fewest ?? INF) && $opinions[0]->holds($feet) && $opinions[1]->holds($feet)) {
                    $fewest = count($feet);
                }
            }
            self::assertSame($fewest, $lower->holds() ? count($lower->picks) - $lower->forMembers : null, "seed $seed");
            $failed += $fewest === null ? 1 : 0;
        }
        self::assertLessThan(12, $failed);
    }

    public function test_legs_want_what_is_known_of_them(): void
    {
        $refused = static fn (Plan $plan): array => array_values(array_map(static fn (Finding $one): string => $one->code->value, array_filter($plan->findings, static fn (Finding $one): bool => $one->kind === FindingKind::Refusal)));
        self::assertSame([], $refused(self::plan()));
        self::assertSame(['legs_need_given'], $refused(self::plan(['/given' => ['roof_snow_Pa' => null] + Scenario::GIVEN])));
        foreach ([[0.99, true], [1.0, false], [35.0, false], [35.01, true]] as [$tilt_deg, $isRefused]) {
            self::assertSame($isRefused ? ['legs_unfit'] : [], $refused(self::plan(['/block/tilt_from_roof_rad' => deg2rad($tilt_deg)])));
        }
        // Up to a foot long they need no brace, and they stand near edges, where who gives the pressures lets them.
        $near = self::plan(['/block/y_m' => 0.5]);
        $frame = LegFrame::all($near->design, $near->blocks[0]->lines)[0];
        foreach ([[0.0, false], [0.001, true]] as [$more_m, $isLong]) {
            $plan = self::plan(['/block/arrangement' => ['front_m' => 0.3048 - $frame->rear_m + $frame->front_m + $more_m] + self::LEGS, '/block/y_m' => 0.5]);
            $said = array_map(static fn (Finding $one): string => $one->code->value, $plan->findings);
            self::assertSame([$isLong, false], [in_array('legs_unbraced', $said, true), in_array('too_near_edge', $said, true)]);
        }
        $tile = Scenario::of('damson-terrace')->with('/block/arrangement', self::LEGS)->with('/block/tilt_from_roof_rad', 0.2)->with('/site/ground_snow_Pa', 0.0);
        self::assertContains('legs_unfit', $refused(Planner::plan($tile->design())));
    }

    public function test_legs_are_told_to_the_crew_and_explained(): void
    {
        $plan = self::plan(['/block/pins' => [['line' => 'B', 'member' => 5]], '/surface/framing/lap' => null]);
        self::assertContains(5, $plan->supports[0]->members());
        self::assertContains('tilt_legs', array_column($plan->steps->steps ?? [], 'code'));
        $because = static fn (string $path): Because => Becauses::of($plan, $path);
        $texts = new Texts($plan->design->printer());
        foreach (['A', 'B'] as $line) {
            $explained = $because("runs/$line/feet/1");
            self::assertContains($line === 'A' ? 'leg_lower' : 'leg_upper', array_map(static fn ($one): string => $one->code, $explained->children));
        }
        self::assertStringStartsWith('1.035 · the pull of the rail', $texts->formula($because('runs/B/feet/1')->children[1]));
    }
}
