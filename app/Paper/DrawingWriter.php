<?php

declare(strict_types=1);

namespace App\Paper;

/**
 * What a drawing at true scale is made of, whatever file it becomes: lengths in metres, x along the eave and y up the slope.
 *
 * @phpstan-type Point array{float, float}
 */
interface DrawingWriter
{
    /** @param int $colour By the numbers that drawings share: 1 red, 2 yellow, 3 green, 4 cyan, 5 blue, 6 magenta, 7 black or white, 8 grey, 30 orange */
    public function layer(string $name, int $colour): void;

    /**
     * A block whose lines have their origin at its place.
     *
     * @param list<list<Point>> $closed Closed outlines
     */
    public function block(string $name, string $layer, array $closed): void;

    /** @param Point $at */
    public function insert(string $block, string $layer, array $at): void;

    /**
     * @param Point $from
     * @param Point $to
     */
    public function line(string $layer, array $from, array $to): void;

    /** @param list<Point> $points */
    public function closed(string $layer, array $points): void;

    /** @param Point $at */
    public function circle(string $layer, array $at, float $radius_m): void;

    /** @param Point $at */
    public function text(string $layer, array $at, float $height_m, string $text): void;

    /**
     * The distance of two points along the eave, or up the slope, with its text.
     *
     * @param Point $from
     * @param Point $to
     * @param float $line_m Where its line lies: at this height, or as far from the left
     */
    public function dimension(string $layer, array $from, array $to, bool $isUp, float $line_m, float $height_m, string $text): void;

    public function finished(): string;
}
