<?php

declare(strict_types=1);

namespace Garnetine\Core\Tests\Ground;

use Garnetine\Core\Design\Ground\Built\Measured;
use Garnetine\Core\Ground\SetOut;
use Garnetine\Core\Ground\Squareness;
use Garnetine\Core\Quantity\Length;
use PHPUnit\Framework\TestCase;

/** Which stake to move: worked by hand, and found again where one or all were put off their places. */
final class SquarenessTest extends TestCase
{
    private const IN = 0.0254;

    /** @param list<array{float, float}> $corners First front, last front, last rear, first rear */
    private static function read(array $corners): Measured
    {
        $tape = static fn (int $one, int $other): Length => Length::ofMetres(hypot($corners[$one][0] - $corners[$other][0], $corners[$one][1] - $corners[$other][1]));

        return new Measured($tape(0, 2), $tape(1, 3), $tape(0, 1), $tape(1, 2), $tape(2, 3), $tape(3, 0));
    }

    private static function diagonals(float $one_in, ?float $other_in): Measured
    {
        return new Measured(Length::ofInches($one_in), $other_in === null ? null : Length::ofInches($other_in), null, null, null, null);
    }

    public function test_two_diagonals_tell_by_how_much_the_far_line_is_off(): void
    {
        // 113.6 and 112.6 in on 80 in: 0.71 in too far right.
        $square = Squareness::of(self::diagonals(113.6, 112.6), 80 * self::IN, 80 * self::IN);
        self::assertSame('far_line', $square->state);
        self::assertEqualsWithDelta([0.707, 1.0], [$square->farLine_m / self::IN, $square->differ_m / self::IN], 0.001);
        foreach ([[113.0, 112.5, 'square'], [112.5, 113.01, 'far_line']] as [$one, $other, $state]) {
            self::assertSame($state, Squareness::of(self::diagonals($one, $other), 2.0, 2.0)->state);
        }
        self::assertSame('unknown', Squareness::of(self::diagonals(113.0, null), 2.0, 2.0)->state);
    }

    public function test_the_one_stake_that_was_put_wrong_is_found_with_its_way_back(): void
    {
        mt_srand(23);
        $of = static fn (float $from, float $to): float => $from + ($to - $from) * mt_rand() / mt_getrandmax();
        for ($try = 0; $try < 100; ++$try) {
            [$wide_m, $deep_m] = [$of(1.5, 8), $of(1.0, 4)];
            $corners = [[0.0, 0.0], [$wide_m, 0.0], [$wide_m, $deep_m], [0.0, $deep_m]];
            // Not the first nor along the front: from those the others are told.
            $corner = 2 + $try % 2;
            [$right_m, $back_m] = [$of(0.03, 0.2) * ($try % 4 < 2 ? 1 : -1), $of(0.01, 0.1)];
            $corners[$corner] = [$corners[$corner][0] + $right_m, $corners[$corner][1] + $back_m];
            $square = Squareness::of(self::read($corners), $wide_m, $deep_m);
            self::assertSame(['one', $corner], [$square->state, $square->moves[0]['corner']]);
            self::assertEqualsWithDelta([-$right_m, -$back_m], [$square->moves[0]['right_m'], $square->moves[0]['back_m']], 1e-6);
        }
    }

    public function test_where_all_are_off_the_moves_make_the_planned_rectangle(): void
    {
        $corners = [[0.0, 0.0], [4.04, 0.0], [3.93, 2.06], [0.05, 2.02]];
        $square = Squareness::of(self::read($corners), 4.0, 2.0);
        self::assertSame('all', $square->state);
        self::assertCount(4, $square->moves);
        foreach ($square->moves as $move) {
            $corners[$move['corner']] = [$corners[$move['corner']][0] + $move['right_m'], $corners[$move['corner']][1] + $move['back_m']];
        }
        $again = self::read(array_values($corners));
        self::assertEqualsWithDelta([4.0, 2.0, 4.0, 2.0], array_map(static fn (?Length $one): float => $one?->toMetres() ?? 0.0, [$again->front, $again->right, $again->rear, $again->left]), 1e-6);
        self::assertSame('square', Squareness::of($again, 4.0, 2.0)->state);
        // No further off in all than they need be: their moves even out.
        self::assertEqualsWithDelta(0.0, array_sum(array_column($square->moves, 'right_m')), 1e-9);
    }

    public function test_tapes_that_no_four_stakes_can_show_are_read_again(): void
    {
        $read = self::read([[0.0, 0.0], [4.0, 0.0], [4.0, 2.0], [0.0, 2.0]]);
        self::assertSame('square', Squareness::of($read, 4.0, 2.0)->state);
        $wrong = new Measured($read->diagonal, $read->otherDiagonal, $read->front, Length::ofMetres(2.1), $read->rear, $read->left);
        self::assertSame('again', Squareness::of($wrong, 4.0, 2.0)->state);
        self::assertSame(['A1', 'D1', 'D2', 'A2'], array_map(static fn (int $corner): string => SetOut::stake($corner, 4), [0, 1, 2, 3]));
    }
}
