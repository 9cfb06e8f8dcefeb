<?php

declare(strict_types=1);

namespace Garnetine\Core\Tests\Framing;

use Garnetine\Core\Attachment\RunPlan;
use Garnetine\Core\Because\Becauses;
use Garnetine\Core\Design\Edit\Edits;
use Garnetine\Core\Finding\Finding;
use Garnetine\Core\Framing\Member;
use Garnetine\Core\Framing\Members;
use Garnetine\Core\Framing\MemberShare;
use Garnetine\Core\Message\Texts;
use Garnetine\Core\Plan\Plan;
use Garnetine\Core\Plan\Planner;
use Garnetine\Core\Tests\Support\Scenario;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** Members where they were found: moved, missing, more, doubled, cut short; and how well that is known. */
final class OwnMembersTest extends TestCase
{
    /** @param list<array<string, mixed>> $own */
    private static function with(array $own): Scenario
    {
        $entry = static fn (array $one): array => $one + ['x_m' => null, 'from_m' => null, 'to_m' => null, 'plies' => 1, 'known' => 'probed', 'plus_minus_m' => null];

        return Scenario::of()->with('/block/left_out', [])->with('/surface/framing/own', array_map($entry, $own));
    }

    public function test_members_found_where_the_rule_puts_them_change_nothing(): void
    {
        $even = Planner::plan(self::with([])->design());
        $found = Planner::plan(self::with(array_map(static fn (Member $one): array => ['number' => $one->number, 'x_m' => $one->x_m], $even->members->members))->design());
        $told = static fn (Plan $plan): array => [
            array_map(static fn (RunPlan $run): array => $run->members(), $plan->supports),
            array_map(static fn (Finding $one): string => (string) json_encode($one->toArray()), $plan->findings),
        ];
        self::assertSame($told($even), $told($found));
        $shares = static fn (Plan $plan): array => array_map(static fn (MemberShare $one): array => [$one->load_N, $one->even_N, $one->ratio], $plan->shares->shares ?? []);
        self::assertEqualsWithDelta($shares($even), $shares($found), 1e-9);
        self::assertEqualsWithDelta([$even->screen?->ratio, $even->leastReserve()], [$found->screen?->ratio, $found->leastReserve()], 1e-12);
    }

    public function test_what_was_found_rules_and_renames_no_other(): void
    {
        $even = Members::of(Scenario::of()->design()->surface);
        $x_m = array_column($even->members, 'x_m', 'number');
        $width_m = Scenario::of()->design()->surface->framing->width->toMetres();
        $design = self::with([
            ['number' => 5, 'x_m' => $x_m[5] + 0.1], ['number' => 6], ['number' => 101, 'x_m' => $x_m[7] + 0.3], ['number' => 9, 'x_m' => $x_m[9], 'plies' => 2],
            ['number' => 10, 'x_m' => $x_m[10], 'plies' => 3], ['number' => 11, 'x_m' => $x_m[11], 'to_m' => 2.0], ['number' => 12, 'x_m' => $x_m[12], 'from_m' => 2.0],
        ])->design();
        $members = Members::of($design->surface);
        self::assertSame([4, 5, 7, 101, 8, 9, 10, 11, 12], array_slice(array_column($members->members, 'number'), 3, 9));
        $now_m = array_column($members->members, 'x_m', 'number');
        self::assertEqualsWithDelta([$x_m[5] + 0.1, $x_m[7], $x_m[9] - $width_m / 2, $x_m[10], $x_m[19]], [$now_m[5], $now_m[7], $now_m[9], $now_m[10], $now_m[19]], 1e-12);
        // A roof's width is carried once: from half a spacing before the first to half a spacing past the last.
        self::assertEqualsWithDelta($x_m[count($x_m)] - $x_m[1] + 0.6096, array_sum(array_map($members->tributary_m(...), array_keys($now_m))), 1e-9);
        self::assertEqualsWithDelta([($now_m[7] - $x_m[4]) / 2, ($now_m[8] - $x_m[7]) / 2], [$members->tributary_m(5), $members->tributary_m(101)], 1e-12);
        self::assertEqualsWithDelta(max([0.0, ...array_map($members->tributary_m(...), array_keys($now_m))]), $members->widest_m(), 1e-12);
        $plan = Planner::plan($design);
        $lines = [];
        foreach ($plan->supports as $run) {
            $lines[] = array_map(static fn (int $number): bool => in_array($number, $run->run->members, true), [6, 11, 12]);
        }
        $heights_m = array_map(static fn (RunPlan $run): float => $run->run->line->holeAt_m, $plan->supports);
        self::assertSame(array_map(static fn (float $y_m): array => [false, $y_m <= 2.0 - 3 * 0.0254, $y_m >= 2.0 + 3 * 0.0254], $heights_m), $lines);
        self::assertGreaterThan(1, count(array_unique(array_map(static fn (array $line): string => (string) json_encode($line), $lines))));
        self::assertSame('bay_uneven', Becauses::of($plan, 'runs/'.$plan->supports[0]->run->id.'/feet/1/bay')->code);
    }

    public function test_a_member_that_is_gone_leaves_its_roof_to_its_neighbours(): void
    {
        $plan = Planner::plan(self::with([['number' => 8]])->design());
        $shares = array_column($plan->shares->shares ?? [], null, 'number');
        self::assertArrayNotHasKey(8, $shares);
        self::assertEqualsWithDelta(1.5, $plan->members->tributary_m(7) / 0.6096, 1e-9);
        // Twice the bay in the screen of the rafters: from 24 in to one and a half of it.
        $roof = static fn (Scenario $one): Scenario => $one->with('/surface/framing/span_m', 3.0)->with('/surface/framing/grade', 'no_2')->with('/surface/framing/kind', 'rafter')->with('/site/ground_snow_Pa', 0.0);
        $screens = array_map(static fn (Scenario $one): float => Planner::plan($roof($one)->design())->screen->before ?? 0.0, [self::with([]), self::with([['number' => 8]])]);
        self::assertGreaterThan(1.2 * $screens[0], $screens[1]);
    }

    /** @return iterable<string, array{list<array<string, mixed>>, array<string, mixed>, list<string>}> Members, other values, codes with their places */
    public static function faults(): iterable
    {
        yield 'one number twice' => [[['number' => 101, 'x_m' => 3.0], ['number' => 101, 'x_m' => 3.3]], [], ['member_twice /surface/framing/own/1']];
        yield 'beyond the rake' => [[['number' => 101, 'x_m' => 13.5]], [], ['member_off_surface /surface/framing/own/0']];
        yield 'upside down' => [[['number' => 101, 'x_m' => 3.0, 'from_m' => 2.0, 'to_m' => 2.0]], [], ['member_upside_down /surface/framing/own/0']];
        yield 'on another' => [[['number' => 101, 'x_m' => 0.6477 + 0.038]], [], ['members_collide /surface/framing/own/0']];
        yield 'against another' => [[['number' => 101, 'x_m' => 0.6477 + 0.0382]], [], []];
        yield 'on one that is not there' => [[['number' => 101, 'x_m' => 0.6477], ['number' => 1]], [], []];
        yield 'assumed' => [[['number' => 5, 'x_m' => 3.1, 'known' => 'assumed']], [], ['prove_member_first /surface/framing/own/0/known']];
        yield 'all assumed' => [[], ['/surface/framing/known' => 'assumed'], ['prove_member_first /surface/framing/known']];
        yield 'as well known as a foot is placed' => [[['number' => 5, 'x_m' => 3.1, 'plus_minus_m' => 0.00635]], ['/surface/framing/plus_minus_m' => 0.00635], []];
        yield 'not so well' => [[['number' => 5, 'x_m' => 3.1, 'plus_minus_m' => 0.0064]], ['/surface/framing/plus_minus_m' => 0.0064], ['prove_member_first /surface/framing/known', 'prove_member_first /surface/framing/own/0/known']];
        yield 'a closer foot' => [[['number' => 5, 'x_m' => 3.1, 'plus_minus_m' => 0.00635]], ['/rules/placing_tolerance_m' => 0.003], ['prove_member_first /surface/framing/own/0/known']];
    }

    /**
     * @param list<array<string, mixed>> $own
     * @param array<string, mixed> $values
     * @param list<string> $expected
     */
    #[DataProvider('faults')]
    public function test_members_that_cannot_be_or_are_not_known_are_found(array $own, array $values, array $expected): void
    {
        $scenario = self::with($own);
        foreach ($values as $path => $value) {
            $scenario = $scenario->with($path, $value);
        }
        $findings = array_values(array_filter(Planner::plan($scenario->design())->findings, static fn (Finding $one): bool => str_starts_with($one->code->value, 'member') && $one->code->value !== 'member_share' || $one->code->value === 'prove_member_first'));
        self::assertEqualsCanonicalizing($expected, array_map(static fn (Finding $one): string => "{$one->code->value} $one->at", $findings));
        foreach ($findings as $finding) {
            self::assertDoesNotMatchRegularExpression('/[{}]/', Texts::of($scenario->design())->finding($finding));
        }
    }

    public function test_members_are_entered_as_they_are_found(): void
    {
        $design = Edits::apply(Scenario::of()->design(), [['path' => '/surface/framing/own', 'add' => true], ['path' => '/surface/framing/own', 'add' => true], ['path' => '/surface/framing/own/0/number', 'typed' => '4'], ['path' => '/surface/framing/own/0/x_m', 'typed' => ''], ['path' => '/surface/framing/own/1/x_m', 'typed' => "9' 1\""]]);
        self::assertSame([[4, null], [102, "9' 1\""]], [[$design->surface->framing->own[0]->number, $design->surface->framing->own[0]->x], [$design->surface->framing->own[1]->number, $design->asTyped['/surface/framing/own/1/x_m']]]);
        $more = Edits::apply($design, [['path' => '/surface/framing/own', 'add' => true]]);
        self::assertSame(101, $more->surface->framing->own[2]->number);
    }
}
