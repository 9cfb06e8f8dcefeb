<?php

declare(strict_types=1);

namespace Garnetine\Core\Tests\Plan;

use Garnetine\Core\Design\DesignFile;
use Garnetine\Core\Document\Kinds;
use Garnetine\Core\Finding\Finding;
use Garnetine\Core\Plan\Depth;
use Garnetine\Core\Plan\Plan;
use Garnetine\Core\Plan\ProjectPlan;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** The jobs that ship: each is of the kind that it is there to show, and nothing stops it but what is to be signed for. */
final class ExamplesTest extends TestCase
{
    /** @return iterable<string, array{0: string, 1: array<string, array{int, list<int>, string}>, 2: list<string>, 3?: list<string>}> By plane: modules, blocks' columns, kind of foot; then what is said, and what is to be signed for */
    public static function jobs(): iterable
    {
        yield 'quince-lane' => ['quince-lane', ['plane-1' => [19, [10], 'flashed_foot']], []];
        yield 'sorrel-row' => ['sorrel-row', ['plane-1' => [16, [8], 'standoff'], 'plane-2' => [14, [4, 1], 'standoff']], []];
        yield 'bramble-close' => ['bramble-close', ['plane-1' => [20, [7], 'standoff'], 'plane-2' => [10, [5], 'standoff']], ['fire_checked'], ['bonding_to_sign']];
        // On so light a roof any array is more than a twentieth: an engineer judges it.
        yield 'feijoa-lane' => ['feijoa-lane', ['plane-1' => [14, [7], 'l_foot']], ['sheet_laps'], ['one_share_too_much']];
        // A closed ceiling, and a deck that was tested; purlins 1300 mm apart, which no rail along a row meets.
        yield 'yarrow-lane' => ['yarrow-lane', ['plane-1' => [15, [5], 'butyl_base']], [], ['deck_only_hold_down']];
        yield 'tansy-croft' => ['tansy-croft', ['plane-1' => [10, [5], 'l_foot']], ['two_layers_higher', 'feet_fixed_along'], ['one_share_too_much']];
        yield 'mulberry-bank' => ['mulberry-bank', ['plane-1' => [14, [7], 'seam_clamp']], ['legs_mid_chord', 'given_pressures'], ['sheet_hold_down']];
        yield 'hazel-corner' => ['hazel-corner', ['plane-1' => [11, [7, 4], 'flashed_foot'], 'plane-2' => [3, [3], 'flashed_foot']], ['hip_figures']];
    }

    /**
     * @param array<string, array{int, list<int>, string}> $planes
     * @param list<string> $said
     * @param list<string> $toSign
     */
    #[DataProvider('jobs')]
    public function test_a_job_that_ships_holds(string $job, array $planes, array $said, array $toSign = []): void
    {
        $plan = ProjectPlan::of(DesignFile::read((string) file_get_contents(dirname(__DIR__, 3)."/docs/examples/$job.json")), Depth::Checks);
        self::assertSame($planes, array_map(static fn (Plan $one): array => [
            $one->moduleCount(), array_map(static fn ($block): int => $block->part->design->block->columns, $one->blocks), (string) Kinds::nameOf($one->design->kit->foot::class),
        ], $plan->plans));
        foreach ($plan->plans as $surface => $one) {
            self::assertSame([$toSign, false, 0], [array_map(static fn (Finding $stop): string => $stop->code->value, $one->openStops()), $one->hasRefusal(), $one->toEnter()], $surface);
            self::assertSame($said, array_values(array_intersect($said, array_map(static fn (Finding $finding): string => $finding->code->value, $one->findings))), $surface);
            self::assertGreaterThan(0.0, $one->leastReserve());
        }
    }
}
