<?php

declare(strict_types=1);

namespace Garnetine\Core\Tests\Framing;

use Garnetine\Core\Framing\Member;
use Garnetine\Core\Framing\Members;
use Garnetine\Core\Plan\Depth;
use Garnetine\Core\Plan\Planner;
use Garnetine\Core\Quantity\Length;
use Garnetine\Core\Tests\Support\Scenario;
use PHPUnit\Framework\TestCase;

/** Where members stand, by rule or as measured, from either gable, above and below a lap, and what they bear. */
final class MembersTest extends TestCase
{
    /** @return list<float> In inches */
    private static function inches(Scenario $scenario): array
    {
        return array_map(static fn (Member $member): float => round(Length::ofMetres($member->x_m)->toInches(), 6), Members::of($scenario->design()->surface)->members);
    }

    public function test_a_structural_overhang_and_a_measured_member_move_the_layout(): void
    {
        self::assertSame([25.5, 49.5], array_slice(self::inches(Scenario::of()), 0, 2));
        // Common practice, no source: a structural rake overhang adds to the rule.
        self::assertSame([37.5, 61.5], array_slice(self::inches(Scenario::of()->with('/surface/left_rake_overhang_m', Length::ofInches(12)->toMetres())), 0, 2));
        self::assertSame([26.25, 50.25], array_slice(self::inches(Scenario::of()->with('/surface/framing/first_member_m', Length::ofInches(26.25)->toMetres())), 0, 2));
    }

    public function test_a_layout_from_the_right_is_the_mirror_and_is_numbered_from_the_left(): void
    {
        $left = self::inches(Scenario::of());
        $right = self::inches(Scenario::of()->with('/surface/framing/layout_from', 'right'));
        self::assertEqualsWithDelta($left, array_map(static fn (float $x): float => 531 - $x, array_reverse($right)), 1e-6);
        self::assertSame(1, Members::of(Scenario::of()->with('/surface/framing/layout_from', 'right')->design()->surface)->members[0]->number);
    }

    public function test_the_gable_end_members_take_no_feet(): void
    {
        // 25.5 in and 21 bays of 24 in: the member at 529.5 in stays 1.5 in of board and one and a half of its 1.5 in from the edge.
        $last = static fn (float $inches): float => max([0.0, ...self::inches(Scenario::of()->with('/surface/width_m', Length::ofInches($inches)->toMetres()))]);
        self::assertEqualsWithDelta([505.5, 529.5], [$last(533.24), $last(533.26)], 1e-6);
    }

    public function test_below_a_lap_members_and_feet_are_shifted_and_in_it_there_are_none(): void
    {
        $members = Members::of(Scenario::of()->with('/surface/framing/lap', ['from_m' => 2.0, 'to_m' => 2.5, 'shift_m' => 0.0381])->design()->surface);
        self::assertSame([0.0381, 0.0381, 0.0], [$members->shiftAt_m(1.0), $members->shiftAt_m(2.0), $members->shiftAt_m(2.5)]);
        self::assertSame([false, true, false], [$members->inLap(2.0), $members->inLap(2.2), $members->inLap(2.5)]);
        $plan = Planner::plan(Scenario::of()->with('/surface/framing/lap', ['from_m' => 1.3, 'to_m' => 1.9, 'shift_m' => 0.0381])->design(), Depth::Checks);
        $first = static fn (int $run): float => $plan->supports[$run]->run->candidates_m[0];
        self::assertEqualsWithDelta(0.0381, $first(0) - $first(1), 1e-9);
    }

    public function test_the_load_on_a_member_is_what_its_feet_bring(): void
    {
        $design = Scenario::of()->with('/rules/pattern', 'stacked')->design();
        $plan = Planner::plan($design, Depth::Checks);
        $theta = $design->surface->pitch->toRadians();
        $all_N = 0.0;
        foreach ($plan->supports as $support) {
            $modules = $support->run->lastColumn - $support->run->firstColumn + 1;
            $all_N += $modules * ($support->run->deadVertical_N + $support->run->snowVertical_N);
        }
        self::assertEqualsWithDelta($all_N, array_sum(array_map(static fn ($share): float => $share->load_N, $plan->shares->shares ?? [])), 1e-6);
        // D_roof 12 psf; array and snow by hand: (42 + 2) lb on 66 × 39 in, two rails of 0.68 lb/ft, ps 11.55 psf; Lr 20·cos θ without.
        $snow_psf = 0.7 * 1.1 * 15 * cos($theta);
        $array_psf = 44 / (66 * 39 / 144) + 2 * 0.68 / (66 / 12);
        self::assertEqualsWithDelta((12 + $array_psf + $snow_psf) / (12 + 20 * cos($theta)), $plan->shares->atOneShare ?? 0.0, 1e-4);
    }
}
