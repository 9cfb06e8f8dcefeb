<?php

declare(strict_types=1);

namespace Garnetine\Core\Ground;

use Garnetine\Core\Design\Ground\Table;

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
    ) {
    }

    public static function of(Table $table, TableShape $shape): self
    {
        $stakes = [];
        foreach ([1 => [$shape->front_m, $shape->frontGround_m], 2 => [$shape->rear_m, $shape->rearGround_m]] as $row => [$heights_m]) {
            foreach ($shape->posts_m as $post => $x_m) {
                $stakes[] = ['post' => TablePost::name($post, $row), 'along_m' => $x_m - $shape->posts_m[0], 'string_m' => $heights_m[$post]];
            }
        }
        $diagonals = [];
        $last = count($shape->posts_m) - 1;
        $pairs = [...array_map(static fn (int $post): array => [$post, $post + 1], range(0, $last - 1)), ...$last > 1 ? [[0, $last]] : []];
        foreach ($pairs as [$from, $to]) {
            array_push($diagonals, self::diagonal($shape, $from, 1, $to, 2), self::diagonal($shape, $to, 1, $from, 2));
        }
        // Seen from the low edge the row runs to the right: a table that faces south has its low edge in the south, and its right is east.
        $row_rad = self::turn($table->bearing->toRadians() - M_PI / 2);
        $compass = static fn (float $true_rad): ?float => $table->declination === null ? null : self::turn($true_rad - $table->declination->toRadians());

        return new self($stakes, $diagonals, $shape->between_m, $row_rad, $compass($row_rad), $compass($table->bearing->toRadians()), $table->measured === null
            ? null
            : Squareness::of($table->measured, $shape->posts_m[$last] - $shape->posts_m[0], $shape->between_m));
    }

    /** @return array{from: string, to: string, level_m: float, ground_m: float} */
    private static function diagonal(TableShape $shape, int $one, int $row, int $other, int $otherRow): array
    {
        $level_m = hypot($shape->posts_m[$other] - $shape->posts_m[$one], $shape->between_m);

        return [
            'from' => TablePost::name($one, $row), 'to' => TablePost::name($other, $otherRow), 'level_m' => $level_m,
            'ground_m' => hypot($level_m, $shape->rearGround_m[$other] - $shape->frontGround_m[$one]),
        ];
    }

    /** The stake at a corner from 0: first front, last front, last rear, first rear. */
    public static function stake(int $corner, int $posts): string
    {
        return TablePost::name($corner === 1 || $corner === 2 ? $posts - 1 : 0, $corner < 2 ? 1 : 2);
    }

    private static function turn(float $rad): float
    {
        return fmod(fmod($rad, 2 * M_PI) + 2 * M_PI, 2 * M_PI);
    }
}
