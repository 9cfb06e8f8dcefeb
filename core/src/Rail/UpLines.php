<?php

declare(strict_types=1);

namespace Garnetine\Core\Rail;

use Garnetine\Core\Covering\ScrewedMetal;
use Garnetine\Core\Design\Design;
use Garnetine\Core\Document\Copy;
use Garnetine\Core\Finding\Code;
use Garnetine\Core\Finding\Finding;
use Garnetine\Core\Framing\Members;
use Garnetine\Core\Quantity\Length;

/**
 * Two rails up the slope under each column, inside the clamp zones, each where its feet stand: over ribs of a sheet, or the pans between
 * them, on the purlins that it crosses; or over one member, up and down which its feet stand.
 */
final class UpLines
{
    /**
     * @param list<int> $columns
     * @param int $number Of the block on its surface
     *
     * @return array{array<int, array{RailLine, RailLine}>, list<Finding>} By column, left and right
     */
    public static function of(Design $design, Members $members, array $columns, int $number): array
    {
        $places_m = self::places_m($design, $members);
        $pairs = [];
        $off = [];
        foreach ($columns as $column) {
            $pairs[$column] = [self::line($design, $places_m, $column, false, $number), self::line($design, $places_m, $column, true, $number)];
            foreach ($pairs[$column] as $line) {
                array_push($off, ...$line->over === null ? [$line->name()] : []);
            }
        }
        $findings = $off === [] || $places_m === [] || $design->railZones_m(false) === [] ? [] : [Finding::of(Code::LineOffRib, '/block/x_m', [
            'line' => $off[0], 'lines' => count($off), 'of' => 2 * count($columns),
            'stand' => $design->surface->covering instanceof ScrewedMetal ? 'stand.rib' : 'stand.member',
        ] + self::cure($design, $places_m, $columns))];

        return [$pairs, $findings];
    }

    /** @return array<int, float> By number, where rails may lie so that their feet stand on ribs or in pans, or on members */
    public static function places_m(Design $design, Members $members): array
    {
        $covering = $design->surface->covering;
        $aside_m = $covering instanceof ScrewedMetal && $design->kit->foot->standsInPan() ? $covering->ribPitch->toMetres() / 2 : 0.0;
        $places_m = [];
        $isInPan = FootPlaces::inPan($design);
        foreach ($members->members as $member) {
            if (!$isInPan($member->x_m)) {
                continue;
            }
            $places_m[$member->number] = $member->x_m + $aside_m - self::holeAside_m($design);
        }

        return $places_m;
    }

    /** How far the hole of a foot is aside of the rail: of one that is turned with it as far as it is up the slope else. */
    public static function holeAside_m(Design $design): float
    {
        return ($design->kit->foot->underRailUp()->turns ?? false) ? $design->kit->foot->holeOffset()->toMetres() : 0.0;
    }

    /** How far the hole of a foot is above the place where it bears the rail: not of one that is turned. */
    public static function holeUp_m(Design $design): float
    {
        return ($design->kit->foot->underRailUp()->turns ?? false) ? 0.0 : $design->kit->foot->holeOffset()->toMetres();
    }

    /** @param array<int, float> $places_m */
    private static function line(Design $design, array $places_m, int $column, bool $isRight, int $number): RailLine
    {
        $left_m = $design->block->x->toMetres() + ($column - 1) * ($design->moduleAcross()->toMetres() + $design->block->columnGap->toMetres());
        $wide_m = $design->moduleAcross()->toMetres();
        $wish_m = $left_m + ($isRight ? 1 - RailLines::DEFAULT_SHARE : RailLines::DEFAULT_SHARE) * $wide_m;
        $over = null;
        foreach ($places_m as $rib => $x_m) {
            $isNearer = $over === null || abs($x_m - $wish_m) < abs($places_m[$over] - $wish_m) - 1e-9;
            $over = $isNearer && self::isInZone($design, $x_m - $left_m, $isRight) ? $rib : $over;
        }
        $at_m = $over === null ? $wish_m : $places_m[$over];

        return new RailLine(
            RailLines::letter(2 * ($column - 1) + ($isRight ? 1 : 0)),
            $column,
            $isRight,
            $at_m - $left_m,
            $at_m,
            $at_m + self::holeAside_m($design),
            null,
            $number,
            null,
            true,
            $over,
            self::holeUp_m($design),
        );
    }

    private static function isInZone(Design $design, float $offset_m, bool $isRight): bool
    {
        foreach ($design->railZones_m($isRight) as [$from_m, $to_m]) {
            if ($offset_m >= $from_m - 1e-9 && $offset_m <= $to_m + 1e-9) {
                return true;
            }
        }

        return false;
    }

    /**
     * @param array<int, float> $places_m
     * @param list<int> $columns
     *
     * @return array{cure: string, to_m?: float}
     */
    private static function cure(Design $design, array $places_m, array $columns): array
    {
        $now_m = $design->block->x->toMetres();

        $spacing_m = $design->standSpacing()->toMetres();
        $isBetter = static function (float $move_m) use ($design, $places_m, $columns, $now_m): bool {
            $moved = Copy::of($design, block: Copy::of($design->block, x: Length::ofMetres($now_m + $move_m)));
            $isOver = static fn (int $column): bool => self::line($moved, $places_m, $column, false, 1)->over !== null
                && self::line($moved, $places_m, $column, true, 1)->over !== null;

            return array_filter($columns, $isOver) === $columns;
        };

        return MoveAlong::cure($design, $spacing_m, 'cure.beside', 'cure.none_up', $isBetter);
    }
}
