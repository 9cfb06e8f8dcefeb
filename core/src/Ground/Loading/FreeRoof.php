<?php

declare(strict_types=1);

namespace Garnetine\Core\Ground\Loading;

use Garnetine\Core\Ground\OpenWind;
use Garnetine\Core\Load\Coefficients;
use Garnetine\Core\Load\Figure;
use Garnetine\Core\Load\Figures;

/**
 * Wind on an open table as on a monoslope free roof, p = q·Cp,n on each half, with coefficients that a named person read in an own copy: from both edges, with
 * nothing below and blocked, each half pressed or lifted whatever the other is.
 *
 * Elements take the greatest coefficient of any half with the greatest local factor (a choice on the safe side). Area reduction is not used.
 *
 * Source: AS/NZS 1170.2:2011, Appendix D; 2021, Appendix B; the form recalled, the values an own copy's.
 */
final readonly class FreeRoof implements ElementWind
{
    public const TABLE = 'as_nzs_1170_2/free_roofs';
    public const KEYS = [
        'low_edge/empty/windward', 'low_edge/empty/leeward', 'low_edge/blocked/windward', 'low_edge/blocked/leeward',
        'high_edge/empty/windward', 'high_edge/empty/leeward', 'high_edge/blocked/windward', 'high_edge/blocked/leeward',
    ];
    private const SOURCE = 'AS/NZS 1170.2, free roofs; by an own copy';

    public function __construct(private float $q_Pa, private Coefficients $coefficients)
    {
    }

    /** @return non-empty-list<OpenWind> */
    public function cases(Figures $figures): array
    {
        $cases = [];
        foreach (['low', 'high'] as $from) {
            foreach (['empty', 'blocked'] as $flow) {
                foreach (['down', 'up'] as $windward) {
                    foreach (['down', 'up'] as $leeward) {
                        $cases[] = $this->one($from, $flow, ['windward' => $windward, 'leeward' => $leeward], $figures);
                    }
                }
            }
        }

        return $cases;
    }

    /** @param array{windward: string, leeward: string} $ways down or up, by half */
    private function one(string $from, string $flow, array $ways, Figures $figures): OpenWind
    {
        $cp = array_map(
            fn (string $half, string $way): float => ($way === 'down' ? 1 : -1) * $this->coefficients->value(self::TABLE, "{$from}_edge/$flow/$half/$way"),
            array_keys($ways),
            $ways,
        );
        [$lower, $upper] = $from === 'low' ? $cp : array_reverse($cp);
        $code = "open_wind.{$from}_{$flow}_{$ways['windward']}_{$ways['leeward']}";
        $figures->add("loads/$code", new Figure('open_wind_as_nzs', [
            'value_Pa' => $this->q_Pa * ($lower + $upper) / 2, 'case' => $code, 'lower_Pa' => $this->q_Pa * $lower, 'upper_Pa' => $this->q_Pa * $upper,
            'cp_lower' => $lower, 'cp_upper' => $upper, 'q_Pa' => $this->q_Pa,
        ], self::SOURCE, 'own', [
            'loads/q', '/table/tilt_rad',
            ...array_map(
                static fn (string $half, string $way): string => 'coefficient:'.self::TABLE."/{$from}_edge/$flow/$half/$way",
                array_keys($ways),
                $ways,
            ),
        ]));

        return new OpenWind($code, $this->q_Pa * $lower, $this->q_Pa * $upper);
    }

    public function pressure_Pa(float $area_m2, string $way): float
    {
        $most = max(array_map(fn (string $key): float => $this->coefficients->value(self::TABLE, "$key/$way"), self::KEYS));

        return $this->q_Pa * $most * $this->coefficients->value(self::TABLE, 'kl');
    }

    public function source(): string
    {
        return self::SOURCE;
    }
}
