<?php

declare(strict_types=1);

namespace Garnetine\Core\Ground;

use Garnetine\Core\Design\Ground\Field\GravelBed;
use Garnetine\Core\Design\Ground\Racking\LaidOnGround;
use Garnetine\Core\Design\Ground\TableDesign;
use Garnetine\Core\Document\Copy;
use Garnetine\Core\Quantity\UnitSystem;

/** Gravel under a table: how much is brought, and when it is laid. Bears nothing. */
final class Bedding
{
    /** For what is trodden in (common practice, no source). */
    private const MORE = 1.1;
    private const YARD_M = 0.9144;

    /** Of the bed, with what is trodden in. */
    public static function volume_m3(GravelBed $bed, TableFace $face): float
    {
        $past_m = 2 * $bed->past->toMetres();

        return self::MORE * $bed->thick->toMetres() * ($face->width_m + $past_m) * ($face->chord_m * cos($face->tilt_rad) + $past_m);
    }

    /** Up to half a cubic yard, or a tenth of a cubic metre. */
    private static function text(float $volume_m3, UnitSystem $units): string
    {
        return $units === UnitSystem::Us
            ? sprintf('%.1f yd³', ceil(2 * $volume_m3 / self::YARD_M ** 3 - 1e-9) / 2)
            : sprintf('%.1f m³', ceil(10 * $volume_m3 - 1e-9) / 10);
    }

    /** A stand with its bed: before all else where the table lies on it, before its modules where it stands on posts. */
    public static function under(TableStand $stand, TableDesign $design, TableFace $face): TableStand
    {
        $bed = $design->table->bed;
        if ($bed === null || $stand->posts === []) {
            return $stand;
        }
        $volume = self::text(self::volume_m3($bed, $face), $design->units);
        $step = Steps::one('bed', ['volume' => $volume, 'thick_m' => $bed->thick->toMetres(), 'past_m' => $bed->past->toMetres()]);
        $codes = array_column($stand->steps, 'code');
        $before = $design->table->racking instanceof LaidOnGround ? 0 : (int) array_search('table_modules', $codes, true);

        return Copy::of(
            $stand,
            materials: [...$stand->materials, Materials::item('gravel', "Gravel, {$design->printer()->length($bed->thick->toMetres())} deep: $volume", 1)],
            steps: [...array_slice($stand->steps, 0, $before), $step, ...array_slice($stand->steps, $before)],
        );
    }
}
