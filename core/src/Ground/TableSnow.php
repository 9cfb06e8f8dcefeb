<?php

declare(strict_types=1);

namespace Garnetine\Core\Ground;

use Garnetine\Core\Load\Figure;
use Garnetine\Core\Load\Figures;

/**
 * Snow on an open table, on the level: on all of it, on the lower or the upper half, and along the row by spans.
 *
 * Source: the cases by ASCE/SEI 7-16, §7.5; recalled. Taken for every standard (a choice on the safe side).
 */
final readonly class TableSnow
{
    /** @param list<array{string, float, float, list<float>|null}> $cases Code, shares of ps on the lower and the upper half, and by span along the row */
    private function __construct(
        public float $ps_Pa,
        public array $cases,
        /** Room under the low edge that makes the modules slippery. */
        public float $roomNeeded_m,
        /** Of snow on the ground. */
        public float $ground_m,
    ) {
    }

    public static function none(Figures $figures): self
    {
        $figures->add('loads/ps', new Figure('no_snow', ['value_Pa' => 0.0], null, null, ['/site/ground_snow_Pa']));

        return new self(0.0, [], 0.0, 0.0);
    }

    /**
     * @param float $room_m Under the low edge, that makes the modules slippery
     * @param float $lies_m Of snow on the ground
     */
    public static function lying(float $ps_Pa, float $room_m, float $lies_m, TableFace $face): self
    {
        return new self(
            $ps_Pa,
            [
                ['table_snow.all', 1.0, 1.0, null], ['table_snow.lower', 1.0, 0.0, null], ['table_snow.upper', 0.0, 1.0, null],
                ...self::along($face->spans),
            ],
            $room_m,
            $lies_m,
        );
    }

    /**
     * Room that all the snow needs which slides off: over that on the ground a heap at 45° (a choice on the safe side).
     *
     * @param float $lies_m Of snow on the ground
     * @param float $flat_m Of snow on the modules, if they were level
     */
    public static function room_m(TableFace $face, float $lies_m, float $flat_m): float
    {
        return $lies_m + sqrt($face->chord_m * cos($face->tilt_rad) * $flat_m);
    }

    /**
     * All on some spans and half on the others: an end one, all but an end one, two beside each other
     *
     * @return list<array{string, float, float, list<float>}>
     */
    private static function along(int $spans): array
    {
        if ($spans < 2) {
            return [];
        }
        $full = [
            [0], [$spans - 1], range(1, $spans - 1), range(0, $spans - 2),
            ...array_map(static fn (int $span): array => [$span, $span + 1], range(0, $spans - 2)),
        ];
        $cases = [];
        foreach ($full as $ones) {
            $shares = array_map(static fn (int $span): float => in_array($span, $ones, true) ? 1.0 : 0.5, range(0, $spans - 1));
            $cases[implode(' ', $shares)] = ['table_snow.spans', 1.0, 1.0, $shares];
        }

        return array_values($cases);
    }
}
