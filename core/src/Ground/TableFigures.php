<?php

declare(strict_types=1);

namespace Garnetine\Core\Ground;

use Garnetine\Core\Load\Figure;
use Garnetine\Core\Load\Figures;

/** The figures of a table by path, so that every one of them can be asked why. */
final class TableFigures
{
    /** What goes by the height of the modules, and pressures of the wind: in each standard another. */
    private const BY_HEIGHT = ['loads/kh', 'loads/ce', 'loads/mz', 'loads/ms', 'loads/mt'];
    private const PRESSURES = ['loads/qh', 'loads/qp', 'loads/q'];

    /**
     * Where the height of the wind comes from, on a table.
     *
     * @param list<string> $heightFrom
     */
    public static function height(Figures $figures, array $heightFrom): void
    {
        foreach (self::BY_HEIGHT as $path) {
            $figure = $figures->at($path);
            if ($figure !== null) {
                $from = array_values(array_diff($figure->from, ['/site/mean_roof_height_m']));
                $of = [...$heightFrom, '/table/tilt_rad', ...$from];
                $figures->add($path, new Figure($figure->code, $figure->values, $figure->source, $figure->confidence, $of));
            }
        }
    }

    /** Pressure of the wind at the modules, as its standard has it. */
    public static function pressure(Figures $figures): string
    {
        return array_values(array_filter(self::PRESSURES, static fn (string $path): bool => $figures->at($path) !== null))[0] ?? '';
    }

    /**
     * Figures of wind at another tilt, at their own paths.
     *
     * @param string $at Where that tilt was entered
     *
     * @return array<string, Figure>
     */
    public static function tilted(Figures $figures, float $tilt_rad, string $at): array
    {
        $tilted = [];
        foreach ($figures->all() as $path => $figure) {
            $tilted[sprintf('loads/at_%g/', round(rad2deg($tilt_rad), 2)).substr($path, strlen('loads/'))] = new Figure(
                $figure->code,
                $figure->values,
                $figure->source,
                $figure->confidence,
                [$at, ...array_values(array_diff($figure->from, ['/table/tilt_rad']))],
                listed: false,
            );
        }

        return $tilted;
    }

    /**
     * @param array<string, TableCheck> $checks By path
     * @param array<string, Figure> $tilted Of wind at other tilts, of which those are written that a check is made of
     */
    public static function write(Figures $figures, array $checks, array $tilted): void
    {
        $pressure = self::pressure($figures);
        foreach ($checks as $path => $check) {
            $wind = $check->case?->windPath() ?? '';
            if (isset($tilted[$wind])) {
                $figures->add($wind, $tilted[$wind]);
            }
            $values = ['value' => $check->ratio]
                + ($check->unit === '' ? [] : ["demand_{$check->unit}" => $check->demand_si, "capacity_{$check->unit}" => $check->capacity_si])
                + ($check->case?->values() ?? []);
            $of = $figures->at($wind) !== null ? [$wind] : [$pressure];
            $snow = ($check->case->snow ?? TableLoads::NO_SNOW) !== TableLoads::NO_SNOW ? ['loads/ps'] : [];
            $figures->add($path, new Figure("table_{$check->says()}", $values + $check->values + ['place' => $check->place], $check->source, null, [
                ...$check->from, ...$check->what === 'rail_along' ? ['loads/ps'] : $of, ...$snow,
            ], listed: false));
        }
    }
}
