<?php

declare(strict_types=1);

namespace Garnetine\Core\Ground\Loading;

use Garnetine\Core\Ground\OpenWind;
use Garnetine\Core\Load\Coefficients;
use Garnetine\Core\Load\Figure;
use Garnetine\Core\Load\Figures;
use Garnetine\Core\Load\Interpolation;

/**
 * Wind on an open table as on a monopitch canopy: F = cf·qp·A at a quarter of its depth from the windward edge, from both edges, pressing, and lifting with
 * nothing below and with all of it blocked.
 *
 * Modules, clamps and rails take the greatest coefficient of any zone, wherever they lie (a choice on the safe side).
 *
 * Source: EN 1991-1-4:2005+A1:2010, §7.3, Table 7.6, Fig. 7.16; recalled.
 */
final readonly class Canopy implements ElementWind
{
    public const SOURCE = 'EN 1991-1-4, §7.3, Table 7.6; recalled';
    public const STEEPEST_DEG = 30.0;
    private const TABLE = 'en_1991_1_4/canopies';
    private const TILTS = [0.0, 5.0, 10.0, 15.0, 20.0, 25.0, 30.0];

    public function __construct(private float $tilt_deg, private float $qp_Pa, private Coefficients $coefficients)
    {
    }

    /** @return non-empty-list<OpenWind> */
    public function cases(Figures $figures): array
    {
        // So much of the force on the windward half, with the two at a quarter and three quarters of the depth, acts where the whole does.
        $share = (0.75 - $this->coefficients->value(self::TABLE, 'acts_at')) / 0.5;
        $cases = [];
        foreach (['low', 'high'] as $from) {
            foreach (['up/0' => 'lifts_free', 'up/1' => 'lifts_blocked', 'down' => 'presses'] as $way => $name) {
                $read = new Coefficients();
                $this->at("cf/$way", $read);
                $cf = ($way === 'down' ? 1 : -1) * $this->at("cf/$way", $this->coefficients);
                [$windward_Pa, $leeward_Pa] = [2 * $share * $cf * $this->qp_Pa, 2 * (1 - $share) * $cf * $this->qp_Pa];
                [$lower_Pa, $upper_Pa] = $from === 'low' ? [$windward_Pa, $leeward_Pa] : [$leeward_Pa, $windward_Pa];
                $cases[] = new OpenWind($code = "open_wind.{$from}_$name", $lower_Pa, $upper_Pa);
                $figures->add("loads/$code", new Figure('open_wind_en', [
                    'value_Pa' => $cf * $this->qp_Pa, 'case' => $code, 'lower_Pa' => $lower_Pa, 'upper_Pa' => $upper_Pa, 'cf' => $cf, 'q_Pa' => $this->qp_Pa,
                ], self::SOURCE, 'high', [
                    'loads/qp', '/table/tilt_rad', 'coefficient:'.self::TABLE.'/acts_at',
                    ...array_map(static fn ($used): string => "coefficient:{$used->id}", $read->used()),
                ]));
            }
        }

        return $cases;
    }

    public function pressure_Pa(float $area_m2, string $way): float
    {
        $ways = $way === 'down' ? ['down'] : ['up/0', 'up/1'];
        $most = 0.0;
        foreach (['A', 'B', 'C'] as $zone) {
            foreach ($ways as $one) {
                $most = max($most, $this->at("$zone/$one", $this->coefficients));
            }
        }

        return $this->qp_Pa * $most;
    }

    public function source(): string
    {
        return self::SOURCE;
    }

    /** Linear in the tilt between the rows. */
    private function at(string $key, Coefficients $coefficients): float
    {
        return Interpolation::linear(
            self::TILTS,
            static fn (int $row): float => $coefficients->value(self::TABLE, sprintf('%g', self::TILTS[$row])."/$key"),
            $this->tilt_deg,
        );
    }
}
