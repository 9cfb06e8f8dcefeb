<?php

declare(strict_types=1);

namespace Garnetine\Core\Ground;

use Garnetine\Core\Design\Ground\TableDesign;

/** What is measured on the ground before a hole is dug. A is the first front post, B the last; the far line is that of the rear posts. */
final readonly class SetOut
{
    /**
     * @param list<array{post: string, along_m: float, string_m: float}> $stakes Running measures from A along its own line, on the level,
     *                                                                           and the height at which a string over the stake marks the centre of the pipe
     * @param list<array{from: string, to: string, level_m: float, ground_m: float}> $diagonals Of each bay, and of the whole: on the
     *                                                                                          level, and along the ground
     */
    private function __construct(
        public array $stakes,
        public array $diagonals,
        /** Between the two lines. */
        public float $apart_m,
        /** Of the row, from A to B: true, and as the compass shows it where its declination is known. */
        public float $row_rad,
        public ?float $rowCompass_rad,
        public ?float $facesCompass_rad,
        /** Whether the stakes stand square, as far as they were measured; null where nobody did. */
        public ?Squareness $square,
        public North $north,
    ) {
    }

    /** @param list<PostPlace> $places Front row first */
    public static function of(TableDesign $design, array $places): self
    {
        [$table, $north] = [$design->table, North::of($design)];
        $rows = [
            array_values(array_filter($places, static fn (PostPlace $place): bool => !$place->isRear)),
            array_values(array_filter($places, static fn (PostPlace $place): bool => $place->isRear)),
        ];
        $stakes = array_map(static fn (PostPlace $place): array => [
            'post' => $place->id, 'along_m' => $place->x_m - $places[0]->x_m, 'string_m' => $place->height_m,
        ], $places);
        $last = count($rows[0]) - 1;
        $diagonals = [];
        if ($last > 0 && $rows[1] !== []) {
            $pairs = [...array_map(static fn (int $post): array => [$post, $post + 1], range(0, $last - 1)), ...$last > 1 ? [[0, $last]] : []];
            foreach ($pairs as [$from, $to]) {
                array_push($diagonals, self::diagonal($rows[0][$from], $rows[1][$to]), self::diagonal($rows[0][$to], $rows[1][$from]));
            }
        }
        $between_m = $rows[1] === [] ? 0.0 : $rows[1][0]->y_m - $rows[0][0]->y_m;
        // Seen from the low edge the row runs to the right: a table that faces south has its low edge in the south, and its right is east.
        $row_rad = self::turn($table->bearing->toRadians() - M_PI / 2);
        $compass = static fn (float $true_rad): ?float => $north->declination === null ? null : self::turn($true_rad - $north->declination->toRadians());

        return new self(
            $stakes,
            $diagonals,
            $between_m,
            $row_rad,
            $compass($row_rad),
            $compass($table->bearing->toRadians()),
            $table->measured === null || $diagonals === []
                ? null
                : Squareness::of($table->measured, $rows[0][$last]->x_m - $rows[0][0]->x_m, $between_m),
            $north,
        );
    }

    /** @return array{from: string, to: string, level_m: float, ground_m: float} */
    private static function diagonal(PostPlace $front, PostPlace $rear): array
    {
        $level_m = hypot($rear->x_m - $front->x_m, $rear->y_m - $front->y_m);

        return ['from' => $front->id, 'to' => $rear->id, 'level_m' => $level_m, 'ground_m' => hypot($level_m, $rear->ground_m - $front->ground_m)];
    }

    /** The stake at a corner from 0: first front, last front, last rear, first rear. */
    public static function stake(int $corner, int $posts): string
    {
        return PostPlace::name($corner === 1 || $corner === 2 ? $posts - 1 : 0, $corner < 2 ? 1 : 2);
    }

    private static function turn(float $rad): float
    {
        return fmod(fmod($rad, 2 * M_PI) + 2 * M_PI, 2 * M_PI);
    }
}
