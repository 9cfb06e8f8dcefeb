<?php

declare(strict_types=1);

namespace Garnetine\Core\Ground;

use Garnetine\Core\Design\Ground\Sun\Position;
use Garnetine\Core\Design\Ground\TableDesign;
use Garnetine\Core\Earth\MagneticField;
use Garnetine\Core\Quantity\Angle;
use Garnetine\Core\Sun\SunPosition;

/**
 * How true north is found where a table stands: by a compass, from which its declination is taken off, entered or by the model of the
 * field; and by the shadow of a plumb line when the sun stands in the meridian.
 */
final readonly class North
{
    /**
     * Under so much of the field along the level no compass is told, and under so much with a warning. Source: World Magnetic Model, technical report,
     * blackout and caution zones; recalled.
     */
    public const NONE_NT = 2000.0;
    public const WEAK_NT = 6000.0;

    /** So high a sun throws no shadow that a line could be read off. Source: common practice, no source. */
    private const HIGHEST_DEG = 85.0;

    private function __construct(
        /** East positive; what was entered before what is computed, null where neither is known. */
        public ?Angle $declination,
        /** By the model, as far as its field is strong enough; null outside its years, or without a place and a day. */
        public ?Angle $computed,
        /** Of the field along the level, by the model; null without it. */
        public ?float $horizontal_nT,
        /** Whether there is a day, and the model does not hold on it. */
        public bool $isBeyond,
        /** When the sun stands in the meridian, by the clock of the place, in seconds of the day; null where that is not known. */
        public ?int $noon_s,
        /** How high it stands then. */
        public ?Angle $noonHeight,
        /** Whether the shadow falls to the north then. */
        public bool $shadowIsNorth,
        /** How far the shadow turns in a minute about then. */
        public ?Angle $inMinute,
    ) {
    }

    public static function of(TableDesign $design): self
    {
        [$position, $entered] = [$design->table->position, $design->table->declination];
        $day = $position?->day();
        if ($position === null || $day === null) {
            return new self($entered, null, null, false, null, null, true, null);
        }
        $year = $day[0] + (int) gmdate('z', (int) gmmktime(0, 0, 0, $day[1], $day[2], $day[0])) / (checkdate(2, 29, $day[0]) ? 366 : 365);
        $field = MagneticField::covers($year) ? MagneticField::at($position->latitude, $position->longitude, $design->site->groundElevation, $year) : null;
        $computed = $field !== null && $field->horizontal_nT() >= self::NONE_NT ? $field->declination() : null;

        return new self($entered ?? $computed, $computed, $field?->horizontal_nT(), $field === null, ...self::noon($position, $day));
    }

    /**
     * @param array{int, int, int} $day
     *
     * @return array{int|null, Angle|null, bool, Angle|null}
     */
    private static function noon(Position $position, array $day): array
    {
        $at = SunPosition::noon($position->longitude, ...$day);
        $sun = SunPosition::at($position->latitude, $position->longitude, $at);
        $height_deg = rad2deg($sun->altitude_rad);
        // South of the sun its shadow falls to the south.
        $shadowIsNorth = cos($sun->azimuth_rad) < 0.0;
        if ($position->clockAhead === null || $height_deg <= 0.0 || $height_deg > self::HIGHEST_DEG) {
            return [null, null, $shadowIsNorth, null];
        }
        $later = SunPosition::at($position->latitude, $position->longitude, $at + 60);
        $turned = atan2(sin($later->azimuth_rad - $sun->azimuth_rad), cos($later->azimuth_rad - $sun->azimuth_rad));
        $clock_s = ($at + (int) round(3600 * $position->clockAhead)) % 86_400;

        return [($clock_s + 86_400) % 86_400, Angle::ofSi($sun->altitude_rad), $shadowIsNorth, Angle::ofSi(abs($turned))];
    }
}
