<?php

declare(strict_types=1);

namespace Garnetine\Core\Ground\Loading;

use Garnetine\Core\Ground\OpenWind;
use Garnetine\Core\Load\Coefficients;
use Garnetine\Core\Load\Figure;
use Garnetine\Core\Load\Figures;
use Garnetine\Core\Load\Interpolation;
use Garnetine\Core\Load\Printed;
use Garnetine\Core\Quantity\Pressure;

/**
 * Wind on an open table as on an open monoslope roof, by analogy: p = qh·G·CN on the windward and the leeward half, from both sides, in both cases, with
 * free and with obstructed flow below, and the least pressure both ways.
 *
 * CN is linear in the tilt between its rows, for each case and half; under 7.5° that of 0° holds, over 45° that of 45°.
 *
 * Source: ASCE/SEI 7-16, §27.3.2, Fig. 27.3-4, §27.1.5; recalled. For one isolated row.
 */
final class OpenRoof
{
    private const TABLE = 'asce7_16/open_roof';
    private const TILTS = [7.5, 15.0, 22.5, 30.0, 37.5, 45.0];

    /** @return non-empty-list<OpenWind> */
    public static function cases(float $tilt_deg, float $q_Pa, Coefficients $coefficients, Figures $figures): array
    {
        $gust = $coefficients->value(self::TABLE, 'gust');
        $least_Pa = Pressure::ofPsf($coefficients->value(self::TABLE, 'least_psf'))->toPascals();
        $cases = [new OpenWind('open_wind.least_up', -$least_Pa, -$least_Pa), new OpenWind('open_wind.least_down', $least_Pa, $least_Pa)];
        foreach ([0, 180] as $from) {
            foreach (['A', 'B'] as $case) {
                foreach (['clear', 'obstructed'] as $flow) {
                    [$windward, $leeward] = array_map(
                        static fn (string $half): float => self::cn($tilt_deg, "$case/$from/$flow/$half", $coefficients),
                        ['windward', 'leeward'],
                    );
                    [$lower, $upper] = $from === 0 ? [$leeward, $windward] : [$windward, $leeward];
                    $code = 'open_wind.'.$from.'_'.strtolower($case).'_'.$flow;
                    $cases[] = new OpenWind($code, $q_Pa * $gust * $lower, $q_Pa * $gust * $upper);
                    $figures->add("loads/$code", new Figure('open_wind', [
                        'value_Pa' => $q_Pa * $gust * ($lower + $upper) / 2, 'case' => $code, 'lower_Pa' => $q_Pa * $gust * $lower,
                        'upper_Pa' => $q_Pa * $gust * $upper,
                        'cn_lower' => $lower, 'cn_upper' => $upper, 'gust' => $gust, 'q_Pa' => $q_Pa,
                    ], 'ASCE/SEI 7-16, §27.3.2, Fig. 27.3-4', 'high', [
                        'loads/qh', '/table/tilt_rad', 'coefficient:'.self::TABLE.'/gust', ...self::cells($tilt_deg, "$case/$from/$flow"),
                    ]));
                }
            }
        }

        return $cases;
    }

    /**
     * On a table that lies flat, from its ends: so much up and down on all of it (nearest the edge, held over the whole).
     *
     * Source: ASCE/SEI 7-16, Fig. 27.3-7; recalled.
     *
     * @return list<OpenWind>
     */
    public static function fromTheEnds(float $q_Pa, Coefficients $coefficients): array
    {
        $p_Pa = $q_Pa * $coefficients->value(self::TABLE, 'gust') * $coefficients->value(self::TABLE, 'ends');

        return [new OpenWind('open_wind.90_up', -$p_Pa, -$p_Pa), new OpenWind('open_wind.90_down', $p_Pa, $p_Pa)];
    }

    /** @return list<string> Ids of the values between which the tilt lies */
    private static function cells(float $tilt_deg, string $which): array
    {
        $cells = [];
        foreach (['windward', 'leeward'] as $half) {
            $read = new Coefficients();
            self::cn($tilt_deg, "$which/$half", $read);
            array_push($cells, ...array_map(static fn ($used): string => "coefficient:{$used->id}", $read->used()));
        }

        return $cells;
    }

    private static function cn(float $tilt_deg, string $which, Coefficients $coefficients): float
    {
        $at = static fn (float $row): float => $coefficients->value(self::TABLE, sprintf('%g', $row)."/$which");

        return Printed::under($tilt_deg, self::TILTS[0]) ? $at(0.0) : Interpolation::linear(
            self::TILTS,
            static fn (int $row): float => $at(self::TILTS[$row]),
            $tilt_deg,
        );
    }
}
