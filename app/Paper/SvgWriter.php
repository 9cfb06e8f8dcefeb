<?php

declare(strict_types=1);

namespace App\Paper;

/**
 * Writes a drawing as SVG at true scale, in millimetres: a group for each layer, a symbol for each block.
 *
 * @phpstan-import-type Point from DrawingWriter
 */
final class SvgWriter implements DrawingWriter
{
    private const COLOURS = [1 => '#a11', 2 => '#765', 3 => '#174', 4 => '#246', 5 => '#345', 6 => '#737', 7 => '#111', 8 => '#999', 30 => '#a63'];

    /** Around all that is drawn. */
    private const MARGIN_M = 0.5;

    /** @var array<string, int> */
    private array $colours = [];

    /** @var array<string, string> Elements by layer */
    private array $layers = [];

    private string $blocks = '';

    /** @var array{float, float, float, float} */
    private array $box = [INF, INF, -INF, -INF];

    public function layer(string $name, int $colour): void
    {
        $this->colours[$name] = $colour;
        $this->layers[$name] = '';
    }

    public function block(string $name, string $layer, array $closed): void
    {
        $paths = implode('', array_map(fn (array $points): string => $this->path($points, false), $closed));
        $this->blocks .= sprintf('<g id="%s">%s</g>', self::plain($name), $paths);
    }

    public function insert(string $block, string $layer, array $at): void
    {
        [$x, $y] = $this->at($at);
        $this->layers[$layer] .= sprintf('<use href="#%s" x="%s" y="%s"/>', self::plain($block), $x, $y);
    }

    public function line(string $layer, array $from, array $to): void
    {
        [[$x, $y], [$toX, $toY]] = [$this->at($from), $this->at($to)];
        $this->layers[$layer] .= sprintf('<line x1="%s" y1="%s" x2="%s" y2="%s"/>', $x, $y, $toX, $toY);
    }

    public function closed(string $layer, array $points): void
    {
        $this->layers[$layer] .= $this->path($points, true);
    }

    public function circle(string $layer, array $at, float $radius_m): void
    {
        [$x, $y] = $this->at($at);
        $this->layers[$layer] .= sprintf('<circle cx="%s" cy="%s" r="%s"/>', $x, $y, self::number($radius_m));
    }

    public function text(string $layer, array $at, float $height_m, string $text): void
    {
        [$x, $y] = $this->at($at);
        $this->layers[$layer] .= sprintf('<text x="%s" y="%s" font-size="%s">%s</text>', $x, $y, self::number($height_m), self::plain($text));
    }

    public function dimension(string $layer, array $from, array $to, bool $isUp, float $line_m, float $height_m, string $text): void
    {
        $at = static fn (array $point): array => $isUp ? [$line_m, $point[1]] : [$point[0], $line_m];
        [$one, $other] = [$at($from), $at($to)];
        foreach ([[$one, $other], [$from, $one], [$to, $other]] as [$begin, $end]) {
            $this->line($layer, $begin, $end);
        }
        $this->text($layer, [($one[0] + $other[0]) / 2, ($one[1] + $other[1]) / 2], $height_m, $text);
    }

    public function finished(): string
    {
        [$left, $top, $right, $bottom] = $this->box;
        [$wide_m, $high_m] = [$right - $left + 2 * self::MARGIN_M, $bottom - $top + 2 * self::MARGIN_M];
        $groups = '';
        foreach ($this->layers as $name => $elements) {
            $colour = self::COLOURS[$this->colours[$name]] ?? '#111';
            $groups .= sprintf('<g id="%s" fill="none" stroke="%s">%s</g>', self::plain($name), $colour, $elements)."\n";
        }

        return '<?xml version="1.0" encoding="UTF-8"?>'."\n".sprintf(
            '<svg xmlns="http://www.w3.org/2000/svg" width="%1$smm" height="%2$smm" viewBox="%3$s %4$s %1$s %2$s" stroke-width="8" font-family="sans-serif">',
            self::number($wide_m),
            self::number($high_m),
            self::number($left - self::MARGIN_M),
            self::number($top - self::MARGIN_M),
        ).'<style>text{fill:#111;stroke:none}</style>'."\n<defs>$this->blocks</defs>\n$groups</svg>\n";
    }

    /** @param list<Point> $points */
    private function path(array $points, bool $isPlaced): string
    {
        $corners = array_map(
            fn (array $point): string => implode(' ', $isPlaced ? $this->at($point) : [self::number($point[0]), self::number(-$point[1])]),
            $points,
        );

        return '<path d="M'.implode('L', $corners).'Z"/>';
    }

    /**
     * Downward on the page is down the slope.
     *
     * @param Point $point
     *
     * @return array{string, string}
     */
    private function at(array $point): array
    {
        [$x, $y] = [$point[0], -$point[1]];
        $this->box = [min($this->box[0], $x), min($this->box[1], $y), max($this->box[2], $x), max($this->box[3], $y)];

        return [self::number($x), self::number($y)];
    }

    private static function number(float $metres): string
    {
        return rtrim(rtrim(sprintf('%.3F', 1000 * $metres), '0'), '.');
    }

    private static function plain(string $text): string
    {
        return htmlspecialchars($text, ENT_XML1 | ENT_QUOTES);
    }
}
