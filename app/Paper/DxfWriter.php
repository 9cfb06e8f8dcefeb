<?php

declare(strict_types=1);

namespace App\Paper;

/**
 * Writes a drawing as DXF of release 12, the plainest that readers share: layers, blocks, lines, circles, texts and dimensions.
 *
 * Lengths are given in metres and written in the drawing's unit, at true scale.
 *
 * @phpstan-import-type Point from DrawingWriter
 */
final class DxfWriter implements DrawingWriter
{
    private const SOLID = 'CONTINUOUS';

    /** @var array<string, int> Colour number by layer */
    private array $layers = [];

    /** @var array<string, string> Entities by block */
    private array $blocks = [];

    private string $entities = '';

    /** @param float $perMetre Units of the drawing in a metre */
    public function __construct(private readonly float $perMetre)
    {
    }

    public function layer(string $name, int $colour): void
    {
        $this->layers[$name] = $colour;
    }

    /**
     * A block whose lines have their origin at its place.
     *
     * @param list<list<Point>> $closed Closed outlines
     */
    public function block(string $name, string $layer, array $closed): void
    {
        $this->blocks[$name] = implode('', array_map(fn (array $points): string => $this->outline($layer, $points), $closed));
    }

    /** @param Point $at */
    public function insert(string $block, string $layer, array $at): void
    {
        $this->entities .= self::pairs([[0, 'INSERT'], [8, $layer], [2, $block], ...$this->point($at)]);
    }

    /**
     * @param Point $from
     * @param Point $to
     */
    public function line(string $layer, array $from, array $to): void
    {
        $this->entities .= $this->straight($layer, $from, $to);
    }

    /** @param list<Point> $points */
    public function closed(string $layer, array $points): void
    {
        $this->entities .= $this->outline($layer, $points);
    }

    /** @param Point $at */
    public function circle(string $layer, array $at, float $radius_m): void
    {
        $this->entities .= self::pairs([[0, 'CIRCLE'], [8, $layer], ...$this->point($at), [40, $this->number($radius_m)]]);
    }

    /** @param Point $at */
    public function text(string $layer, array $at, float $height_m, string $text): void
    {
        $this->entities .= $this->written($layer, $at, $height_m, $text);
    }

    /**
     * The distance of two points along the eave, or up the slope, with its text.
     *
     * @param Point $from
     * @param Point $to
     * @param float $line_m Where its line lies: at this height, or as far from the left
     */
    public function dimension(string $layer, array $from, array $to, bool $isUp, float $line_m, float $height_m, string $text): void
    {
        $at = static fn (array $point): array => $isUp ? [$line_m, $point[1]] : [$point[0], $line_m];
        [$one, $other] = [$at($from), $at($to)];
        $middle = [($one[0] + $other[0]) / 2, ($one[1] + $other[1]) / 2];
        $name = '*D'.(1 + count(preg_grep('/^\*D/', array_keys($this->blocks)) ?: []));
        // Readers that do not draw a dimension themselves show its block.
        $this->blocks[$name] = $this->straight($layer, $one, $other).$this->straight($layer, $from, $one).$this->straight($layer, $to, $other)
            .$this->written($layer, $middle, $height_m, $text);
        $this->entities .= self::pairs([
            [0, 'DIMENSION'], [8, $layer], [2, $name], ...$this->point($other), ...$this->point($middle, 1), [70, '0'], [1, self::plain($text)],
            ...$this->point($from, 3), ...$this->point($to, 4), [50, $isUp ? '90.0' : '0.0'],
        ]);
    }

    public function finished(): string
    {
        $layers = '';
        foreach ($this->layers as $name => $colour) {
            $layers .= self::pairs([[0, 'LAYER'], [2, $name], [70, '0'], [62, (string) $colour], [6, self::SOLID]]);
        }
        // Millimetres or inches.
        $unit = $this->perMetre > 500.0 ? '4' : '1';
        $blocks = '';
        foreach ($this->blocks as $name => $entities) {
            $blocks .= self::pairs([[0, 'BLOCK'], [8, '0'], [2, $name], [70, str_starts_with($name, '*') ? '1' : '0'], ...$this->point([0.0, 0.0]), [3, $name]])
                .$entities.self::pairs([[0, 'ENDBLK'], [8, '0']]);
        }

        return self::pairs([[0, 'SECTION'], [2, 'HEADER'], [9, '$ACADVER'], [1, 'AC1009'], [9, '$INSUNITS'], [70, $unit], [0, 'ENDSEC']])
            .self::pairs([[0, 'SECTION'], [2, 'TABLES']])
            .self::pairs(
                [
                    [0, 'TABLE'], [2, 'LTYPE'], [70, '1'], [0, 'LTYPE'], [2, self::SOLID], [70, '0'], [3, 'solid'], [72, '65'], [73, '0'],
                    [40, '0.0'], [0, 'ENDTAB'],
                ],
            )
            .self::pairs([[0, 'TABLE'], [2, 'LAYER'], [70, (string) count($this->layers)]]).$layers.self::pairs([[0, 'ENDTAB'], [0, 'ENDSEC']])
            .self::pairs([[0, 'SECTION'], [2, 'BLOCKS']]).$blocks.self::pairs([[0, 'ENDSEC'], [0, 'SECTION'], [2, 'ENTITIES']])
            .$this->entities.self::pairs([[0, 'ENDSEC'], [0, 'EOF']]);
    }

    /** @param list<Point> $points */
    private function outline(string $layer, array $points): string
    {
        $text = self::pairs([[0, 'POLYLINE'], [8, $layer], [66, '1'], ...$this->point([0.0, 0.0]), [70, '1']]);
        foreach ($points as $point) {
            $text .= self::pairs([[0, 'VERTEX'], [8, $layer], ...$this->point($point)]);
        }

        return $text.self::pairs([[0, 'SEQEND'], [8, $layer]]);
    }

    /**
     * @param Point $from
     * @param Point $to
     */
    private function straight(string $layer, array $from, array $to): string
    {
        return self::pairs([[0, 'LINE'], [8, $layer], ...$this->point($from), ...$this->point($to, 1)]);
    }

    /** @param Point $at */
    private function written(string $layer, array $at, float $height_m, string $text): string
    {
        return self::pairs([[0, 'TEXT'], [8, $layer], ...$this->point($at), [40, $this->number($height_m)], [1, self::plain($text)]]);
    }

    /**
     * @param Point $point
     * @param int $which Of several of an entity
     *
     * @return list<array{int, string}>
     */
    private function point(array $point, int $which = 0): array
    {
        return [[10 + $which, $this->number($point[0])], [20 + $which, $this->number($point[1])], [30 + $which, '0.0']];
    }

    private function number(float $metres): string
    {
        return sprintf('%.6F', $metres * $this->perMetre + 0.0);
    }

    /** On one line, in the letters that the release has; others by their numbers. */
    private static function plain(string $text): string
    {
        $text = strtr(
            $text,
            ['½' => ' 1/2', '¼' => ' 1/4', '¾' => ' 3/4', '⅛' => ' 1/8', '⅜' => ' 3/8', '⅝' => ' 5/8', '⅞' => ' 7/8', '’' => "'", '−' => '-', '×' => 'x'],
        );

        return (string) preg_replace_callback(
            '/[^\x20-\x7e]/u',
            static fn (array $letter): string => mb_ord($letter[0]) < 0x20 ? ' ' : sprintf('\U+%04X', mb_ord($letter[0])),
            $text,
        );
    }

    /** @param list<array{int, string}> $pairs */
    private static function pairs(array $pairs): string
    {
        return implode('', array_map(static fn (array $pair): string => sprintf("%3d\r\n%s\r\n", $pair[0], $pair[1]), $pairs));
    }
}
