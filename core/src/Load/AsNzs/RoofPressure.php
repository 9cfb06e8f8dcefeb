<?php

declare(strict_types=1);

namespace Garnetine\Core\Load\AsNzs;

use Garnetine\Core\Load\Coefficients;
use Garnetine\Core\Load\Interpolation;

/**
 * External pressure coefficients of a roof by h/d, pitch and distance from the upwind edge; the lesser and the greater of a
 * cell, signed. Local factors near edges and ridges are apart.
 *
 * Source: AS/NZS 1170.2:2011, Tables 5.3(A) to 5.3(C), 5.6; recalled.
 */
final class RoofPressure
{
    private const TABLE = 'as_nzs_1170_2/roof';
    private const ANGLES = [10, 15, 20, 25, 30, 35];
    private const FLATTER = [10, 15, 20];
    private const ROWS = [0.25, 0.5, 1.0];
    private const NAMES = ['0.25', '0.5', '1'];

    /** @var array<string, true> Ids of the cells looked at since they were last asked for */
    private array $cells = [];

    public function __construct(private readonly Coefficients $coefficients)
    {
    }

    /** @return list<string> Ids of the table cells behind the values since the last time */
    public function cells(): array
    {
        $cells = array_keys($this->cells);
        $this->cells = [];

        return $cells;
    }

    /**
     * Roofs under 10°, and slopes along the wind.
     *
     * @param int $belt 0 to 4, from the upwind edge: 0.5h, 1h, 2h, 3h and beyond
     *
     * @return array{float, float}
     */
    public function flat(float $hOverD, int $belt): array
    {
        $at = fn (string $which): float => Interpolation::linear(
            [0.5, 1.0],
            fn (int $row): float => $this->value('flat/'.['0.5', '1'][$row]."/$belt/$which"),
            $hOverD,
        );

        return [$at('low'), $at('high')];
    }

    /**
     * Upwind slopes of 10° and more.
     *
     * @return array{float, float}
     */
    public function upwind(float $hOverD, float $degrees): array
    {
        $steep = fn (string $row, string $which): float => $which === 'low' ? $this->value("upwind/$row/45/low") : 0.8 * sin(deg2rad(max(45.0, $degrees)));
        $cell = fn (string $row, string $which): float => Interpolation::linear(
            [...array_map(floatval(...), self::ANGLES), 45.0],
            fn (int $angle): float => isset(self::ANGLES[$angle]) ? $this->value("upwind/$row/".self::ANGLES[$angle]."/$which") : $steep($row, $which),
            $degrees,
        );
        $at = static fn (string $which): float => Interpolation::linear(self::ROWS, static fn (int $row): float => $cell(self::NAMES[$row], $which), $hOverD);

        return [$at('low'), $at('high')];
    }

    /** Downwind slopes of 10° and more. */
    public function downwind(float $hOverD, float $degrees, float $bOverD): float
    {
        $steep = match (true) {
            $bOverD < 3 => -0.6,
            $bOverD > 8 => -0.9,
            default => -0.06 * (7 + $bOverD),
        };
        $cell = fn (string $row): float => Interpolation::linear(
            [10.0, 15.0, 20.0, 25.0],
            fn (int $angle): float => isset(self::FLATTER[$angle]) ? $this->value("downwind/$row/".self::FLATTER[$angle]) : $steep,
            $degrees,
        );

        return Interpolation::linear(self::ROWS, static fn (int $row): float => $cell(self::NAMES[$row]), $hOverD);
    }

    /** Local factor by its key. */
    public function local(string $key): float
    {
        return $this->value('k/'.$key);
    }

    private function value(string $key): float
    {
        $this->cells[self::TABLE.'/'.$key] = true;

        return $this->coefficients->value(self::TABLE, $key);
    }
}
