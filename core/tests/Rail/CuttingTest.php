<?php

declare(strict_types=1);

namespace Garnetine\Core\Tests\Rail;

use Garnetine\Core\Plan\Plan;
use Garnetine\Core\Plan\Planner;
use Garnetine\Core\Rail\CuttingList;
use Garnetine\Core\Rail\FromStore;
use Garnetine\Core\Rail\LeastStock;
use Garnetine\Core\Rail\Pieces;
use Garnetine\Core\Tests\Support\Scenario;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

final class CuttingTest extends TestCase
{
    /** @return iterable<string, array{float, list<float>}> Length of a run in metres, where its pieces meet; stock 4.2 m, members at 0.6096 m, cut to the sixteenth */
    public static function runs(): iterable
    {
        yield 'shorter than stock' => [4.0, []];
        yield 'as long as stock' => [4.2, []];
        yield 'a rest that stands on its own' => [6.2, [4.2]];
        yield 'two stocks' => [8.4, [4.2]];
        yield 'a short rest takes from the piece before' => [4.5, [2.974975]];
        yield 'the same after a whole piece' => [8.7, [4.2, 7.175500]];
    }

    /** @param list<float> $splices_m */
    #[DataProvider('runs')]
    public function test_common_practice_a_rest_stands_on_two_members(float $length_m, array $splices_m): void
    {
        $design = Scenario::of()->with('/kit/rail/stock_length_m', 4.2)->design();
        self::assertEqualsWithDelta($splices_m, Pieces::splices_m($design, 0.0, $length_m), 1e-6);
        // And wherever the run begins.
        self::assertEqualsWithDelta(array_map(static fn (float $x_m): float => $x_m + 1.3, $splices_m), Pieces::splices_m($design, 1.3, 1.3 + $length_m), 1e-6);
    }

    public function test_a_saw_cut_takes_its_width_of_the_bar(): void
    {
        // Two rails of one length: a bar that is longer by less than a cut gives one, by a cut both.
        $roof = Scenario::of()->with('/block/rows', 1)->with('/block/columns', 3)->with('/block/left_out', [])->with('/kit/rail/kerf_m', 0.004);
        $list = static fn (float $stock_m): CuttingList => Planner::plan($roof->with('/kit/rail/stock_length_m', $stock_m)->design())->cutting ?? self::fail('no list');
        $pieces = array_column($list(14.0)->pieces, 'length_m');
        self::assertCount(2, $pieces);
        foreach ([[0.0035, 2], [0.0041, 1]] as [$more_m, $bars]) {
            self::assertCount($bars, $list(array_sum($pieces) + $more_m)->stock);
        }
    }

    public function test_pieces_make_up_their_runs_and_no_bar_is_overfull(): void
    {
        $bars = 0;
        for ($seed = 900; $seed < 930; ++$seed) {
            $stock_m = 2.0 + 0.17 * ($seed % 20);
            $plan = Planner::plan(Scenario::random($seed)->with('/kit/rail/stock_length_m', $stock_m)->with('/kit/rail/kerf_m', 0.004)->design());
            $runs = array_map(static fn ($support) => $support->run, $plan->supports);
            $list = CuttingList::of($plan->design, $runs);
            $step_m = $plan->design->units->cut_m();
            foreach ($runs as $run) {
                $own = array_filter($list->pieces, static fn (array $piece): bool => str_starts_with($piece['label'], $run->id.'-'));
                $over_m = array_sum(array_column($own, 'length_m')) - ($run->x1_m - $run->x0_m);
                self::assertGreaterThan(-1e-6, $over_m + count($own) * 1e-9, "seed $seed, run {$run->id} is too short");
                self::assertLessThan(count($own) * $step_m, $over_m, "seed $seed, run {$run->id} is cut too long");
            }
            $packed = [];
            foreach ($list->stock as $bar) {
                ++$bars;
                $cuts = count($bar['pieces']) - 1;
                $used_m = array_sum(array_column($bar['pieces'], 'length_m')) + $cuts * 0.004;
                self::assertLessThanOrEqual($stock_m + 1e-9, $used_m, "seed $seed");
                self::assertEqualsWithDelta($stock_m - $used_m, $bar['rest_m'], 1e-9);
                array_push($packed, ...array_column($bar['pieces'], 'label'));
            }
            self::assertCount(count($packed), array_unique($packed), 'no piece is cut twice');
            self::assertEqualsCanonicalizing(array_column($list->pieces, 'label'), $packed);
            self::assertGreaterThanOrEqual($list->bound, count($list->stock));
            // Of two bars less than half full, first-fit would have made one.
            self::assertLessThanOrEqual(1, count(array_filter($list->stock, static fn (array $bar): bool => $bar['rest_m'] > $stock_m / 2 + 0.004)));
        }
        self::assertGreaterThan(100, $bars);
    }

    /**
     * The fewest bars by every way to fill them: what is left of the last bar, for each set of pieces.
     *
     * @param list<int> $pieces
     */
    private static function fewest(array $pieces, int $bar): int
    {
        $count = count($pieces);
        /** @var array<int, array{int, int}> $best */
        $best = [[0, $bar]];
        for ($set = 1; $set < 1 << $count; ++$set) {
            $best[$set] = [PHP_INT_MAX, 0];
            for ($piece = 0; $piece < $count; ++$piece) {
                if (($set >> $piece & 1) === 1) {
                    [$bars, $used] = $best[$set ^ 1 << $piece];
                    $then = $used + $pieces[$piece] <= $bar ? [$bars, $used + $pieces[$piece]] : [$bars + 1, $pieces[$piece]];
                    $best[$set] = $then < $best[$set] ? $then : $best[$set];
                }
            }
        }

        return $best[(1 << $count) - 1][0];
    }

    public function test_no_other_way_of_cutting_needs_fewer_bars(): void
    {
        mt_srand(46);
        for ($try = 0; $try < 120; ++$try) {
            $bar = 4603;
            $kinds = array_map(static fn (): int => mt_rand(700, 3600), range(1, mt_rand(2, 8)));
            $pieces = array_map(static fn (): int => $kinds[mt_rand(0, count($kinds) - 1)], range(1, mt_rand(4, 11)));
            [$bars, $bound] = LeastStock::of($pieces, $bar);
            self::assertSame([self::fewest($pieces, $bar), $bound], [count($bars), count($bars)]);
            self::assertEqualsCanonicalizing(array_keys($pieces), array_merge(...$bars));
            foreach ($bars as $own) {
                self::assertLessThanOrEqual($bar, array_sum(array_map(static fn (int $piece): int => $pieces[$piece], $own)));
            }
        }
    }

    public function test_many_pieces_are_proven_or_a_bar_from_it(): void
    {
        mt_srand(47);
        $proven = 0;
        for ($try = 0; $try < 200; ++$try) {
            $kinds = array_map(static fn (): int => mt_rand(600, 4500), range(1, mt_rand(2, 14)));
            $pieces = array_map(static fn (): int => $kinds[mt_rand(0, count($kinds) - 1)], range(1, mt_rand(20, 60)));
            [$bars, $bound] = LeastStock::of($pieces, 4603);
            self::assertLessThanOrEqual($bound + 1, count($bars));
            self::assertGreaterThanOrEqual((int) ceil(array_sum($pieces) / 4603), $bound);
            $proven += (int) (count($bars) === $bound);
        }
        self::assertGreaterThan(195, $proven);
        // Where first-fit wastes a bar: 3 and 3 with 4, twice, in bars of 10; longest first it takes both fours together.
        self::assertCount(2, LeastStock::of([4, 3, 3, 4, 3, 3], 10)[0]);
    }

    public function test_rests_in_store_take_what_saves_a_bar_as_enumeration_does(): void
    {
        mt_srand(3);
        $over = 0;
        for ($try = 0; $try < 300; ++$try) {
            $pieces = array_map(static fn (): int => 10 * mt_rand(10, 90), range(1, mt_rand(2, 7)));
            $rests = array_slice([10 * mt_rand(15, 95), 10 * mt_rand(15, 95), 10 * mt_rand(15, 95)], 0, mt_rand(0, 3));
            [$taken, $bars, $bound] = FromStore::of($pieces, $rests, 1000);
            $own = array_merge(...array_values($taken), ...$bars);
            sort($own);
            self::assertSame(array_keys($pieces), $own);
            foreach ($taken as $rest => $in) {
                self::assertLessThanOrEqual($rests[$rest], array_sum(array_map(static fn (int $piece): int => $pieces[$piece], $in)));
                // Without it there is a bar more.
                self::assertGreaterThan(count($bars), count(FromStore::of($pieces, array_diff_key(array_intersect_key($rests, $taken), [$rest => 0]), 1000)[1]));
            }
            $fewest = self::fewestBars($pieces, $rests);
            self::assertTrue($bound <= $fewest && $fewest <= count($bars) && count($bars) <= $fewest + 1);
            $over += count($bars) - $fewest;
        }
        self::assertLessThanOrEqual(5, $over);
    }

    /**
     * By every way to lay each piece into a rest that has room, or into new bars.
     *
     * @param list<int> $pieces
     * @param array<int, int> $rests
     * @param list<int> $new
     */
    private static function fewestBars(array $pieces, array $rests, array $new = []): int
    {
        if ($pieces === []) {
            return $new === [] ? 0 : count(LeastStock::of($new, 1000)[0]);
        }
        $piece = array_shift($pieces);
        $fewest = self::fewestBars($pieces, $rests, [...$new, $piece]);
        foreach ($rests as $rest => $length) {
            $fewest = $length >= $piece ? min($fewest, self::fewestBars($pieces, array_replace($rests, [$rest => $length - $piece]), $new)) : $fewest;
        }

        return $fewest;
    }

    public function test_the_list_cuts_rests_first_and_counts_new_bars_alone(): void
    {
        $roof = Scenario::of()->with('/kit/rail/kerf_m', 0.004);
        $plain = Planner::plan($roof->design());
        $pieces_m = array_column($plain->cutting->pieces ?? [], 'length_m');
        // A rest as long as the longest piece takes it, one a little shorter does not.
        $plan = static fn (float $length_m, int $count = 1): Plan => Planner::plan($roof->with('/rules/remnants', [['length_m' => $length_m, 'count' => $count]])->with('/rules/keep_from_m', 0.5)->design());
        $fits = $plan(max([0.0, ...$pieces_m]), 20);
        self::assertSame([], $fits->cutting?->stock);
        self::assertEqualsCanonicalizing($pieces_m, array_merge(...array_map(static fn (array $bar): array => array_column($bar['pieces'], 'length_m'), $fits->cutting->fromStore)));
        self::assertSame(0, array_column($fits->materials(), 'count', 'item')['rail']);
        $none = $plan(min([9.0, ...$pieces_m]) - 0.002);
        self::assertSame([[], count($plain->cutting->stock ?? [])], [$none->cutting?->fromStore, count($none->cutting->stock ?? [])]);
        foreach ($fits->cutting->fromStore as $bar) {
            self::assertEqualsWithDelta($bar['length_m'], array_sum(array_column($bar['pieces'], 'length_m')) + (count($bar['pieces']) - 1) * 0.004 + $bar['rest_m'], 1e-9);
        }
    }

    public function test_rails_that_are_trimmed_in_place_are_longer_at_their_ends_before(): void
    {
        $plan = static fn (string $job, array $changes): Plan => Planner::plan(array_reduce(array_keys($changes), static fn (Scenario $scenario, string $path): Scenario => $scenario->with($path, $changes[$path]), Scenario::of($job))->design());
        $lengths = static fn (Plan $of): array => array_column($of->cutting->pieces ?? [], 'length_m', 'label');
        $steps = static fn (Plan $of): array => array_values(array_intersect(array_column($of->steps->steps ?? [], 'code'), ['rails', 'rails_on_roof', 'rails_long', 'trim_ends']));
        $ground = $plan('quince-lane', []);
        $long = $plan('quince-lane', ['/rules/rails_cut' => 'trimmed', '/rules/trim_m' => 0.0762]);
        $bar_m = $ground->design->kit->rail->stockLength->toMetres();
        $pieces = array_count_values(array_map(static fn (string $label): string => explode('-', $label)[0], array_keys($lengths($ground))));
        foreach ($lengths($ground) as $label => $length_m) {
            [$run, $piece] = explode('-', $label);
            $ends = (int) ($piece === '1') + (int) ((int) $piece === $pieces[$run]);
            self::assertEqualsWithDelta(min($bar_m, $length_m + 0.0762 * $ends), $lengths($long)[$label], 1e-6, $label);
        }
        self::assertContains(1, $pieces);
        self::assertSame([['rails'], ['rails_long', 'trim_ends'], ['rails_on_roof']], [$steps($ground), $steps($long), $steps($plan('quince-lane', ['/rules/rails_cut' => 'on_roof']))]);
        self::assertContains('saw_on_roof', array_column($long->steps->steps ?? [], 'cautions', 'code')['trim_ends'] ?? []);
        // Two inches unless entered; pieces under one clamp end by themselves.
        self::assertEqualsWithDelta(0.0508, $plan('quince-lane', ['/rules/rails_cut' => 'trimmed'])->design->rules->trim_m(), 1e-12);
        self::assertSame($lengths($plan('teasel-yard', [])), $lengths($plan('teasel-yard', ['/rules/rails_cut' => 'trimmed'])));
    }
}
