<?php

declare(strict_types=1);

namespace Garnetine\Core\Ground\Loading;

use Garnetine\Core\Ground\TableFace;
use Garnetine\Core\Load\Coefficients;
use Garnetine\Core\Load\Interpolation;
use Garnetine\Core\Load\Printed;
use Garnetine\Core\Quantity\Length;
use Garnetine\Core\Quantity\Pressure;

/**
 * Wind on what carries only a part of the table: modules, their clamps, rails. p = qh·G·CN in the corner of the table, the greater of free and obstructed
 * flow, never under the least.
 *
 * Up to a² large an element takes the corner's value, up to 4a² that of the strip along the edges, beyond that the field's.
 *
 * Source: ASCE/SEI 7-16, §30.7, Fig. 30.7-1; recalled.
 */
final readonly class OpenRoofElements implements ElementWind
{
    private const TABLE = 'asce7_16/open_roof_elements';
    private const TILTS = [0.0, 7.5, 15.0, 30.0, 45.0];

    private function __construct(private float $tilt_deg, private float $gust, private float $q_Pa, public float $strip_m, private Coefficients $coefficients)
    {
    }

    public static function on(TableFace $face, float $q_Pa, Coefficients $coefficients): self
    {
        $value = static fn (string $key): float => $coefficients->value(self::TABLE, "strip/$key");
        $least_m = min($face->width_m, $face->chord_m * cos($face->tilt_rad));
        $strip_m = max(
            min($value('of_least') * $least_m, $value('of_height') * $face->meanHeight_m),
            $value('least_of_least') * $least_m,
            Length::ofFeet($value('least_ft'))->toMetres(),
        );

        return new self(round(rad2deg($face->tilt_rad), 6), $coefficients->value('asce7_16/open_roof', 'gust'), $q_Pa, $strip_m, $coefficients);
    }

    /** The zone whose value an element in the corner takes. */
    public function zone(float $area_m2): int
    {
        return match (true) {
            Printed::atMost($area_m2, $this->strip_m ** 2) => 3,
            Printed::atMost($area_m2, 4 * $this->strip_m ** 2) => 2,
            default => 1,
        };
    }

    public function pressure_Pa(float $area_m2, string $way): float
    {
        $cn = max(array_map(fn (string $flow): float => Interpolation::linear(
            self::TILTS,
            fn (int $row): float => $this->coefficients->value(self::TABLE, sprintf('%g', self::TILTS[$row])."/$flow/{$this->zone($area_m2)}/$way"),
            $this->tilt_deg,
        ), ['clear', 'obstructed']));

        return max($this->q_Pa * $this->gust * $cn, Pressure::ofPsf($this->coefficients->value(self::TABLE, 'least_psf'))->toPascals());
    }

    public function source(): string
    {
        return 'ASCE/SEI 7-16, §30.7, Fig. 30.7-1';
    }
}
