<?php

declare(strict_types=1);

namespace Garnetine\Core\Ground;

use Garnetine\Core\Design\Ground\TableDesign;
use Garnetine\Core\Load\Asce7\RoofSnow;
use Garnetine\Core\Load\Coefficients;
use Garnetine\Core\Load\Figure;
use Garnetine\Core\Load\Figures;
use Garnetine\Core\Load\Printed;
use Garnetine\Core\Quantity\Length;
use Garnetine\Core\Quantity\Pressure;

/**
 * Snow on an open table: pf = 0.7·Ce·Ct·Is·pg with the Ct of open structures, ps = Cs·pf on the level, the least on a low slope; on all of
 * it, on the lower or the upper half, and along the row by spans.
 *
 * It counts as slippery only where what slides off has room below: the ground snow and the heap at 45° (a choice on the safe side).
 *
 * Source: ASCE/SEI 7-16, §§7.3, 7.4, 7.5; recalled.
 */
final readonly class TableSnow
{
    private const TABLE = 'asce7_16/snow';

    /** @param list<array{string, float, float, list<float>|null}> $cases Code, shares of ps on the lower and the upper half, and by span along the row */
    private function __construct(
        public float $ps_Pa,
        public array $cases,
        /** Room under the low edge that makes the modules slippery. */
        public float $roomNeeded_m,
        /** Of snow on the ground. */
        public float $ground_m,
    ) {
    }

    public static function on(TableDesign $design, TableFace $face, Coefficients $coefficients, Figures $figures): self
    {
        $site = $design->site;
        $pg_psf = $site->groundSnow->toPsf();
        if ($pg_psf <= 0.0) {
            $figures->add('loads/ps', new Figure('no_snow', ['value_Pa' => 0.0], null, null, ['/site/ground_snow_Pa']));

            return new self(0.0, [], 0.0, 0.0);
        }
        $value = static fn (string $key): float => $coefficients->value(self::TABLE, $key);
        $ceKey = "ce/{$site->exposure->value}/{$site->roofExposure->value}";
        $isKey = 'is/'.$site->riskCategory->value;
        $pf_psf = $value('flat') * $value($ceKey) * $value('ct/unheated') * $value($isKey) * $pg_psf;
        $density_pcf = RoofSnow::density_pcf($pg_psf);
        $heap_ft = sqrt($face->chord_m / Length::ofFeet(1.0)->toMetres() * cos($face->tilt_rad) * $pf_psf / $density_pcf);
        $room_m = Length::ofFeet($pg_psf / $density_pcf + $heap_ft)->toMetres();
        $slides = Printed::atLeast($face->lowEdge_m, $room_m);
        $cs = RoofSnow::cs(rad2deg($face->tilt_rad), $value('ct/unheated'), $slides);
        $least_psf = Printed::under(rad2deg($face->tilt_rad), $value('low_slope_deg')) ? $value($isKey) * min($pg_psf, $value('low_slope_psf')) : 0.0;
        $ps_Pa = Pressure::ofPsf(max($cs * $pf_psf, $least_psf))->toPascals();
        $figures->add('loads/ps', new Figure($slides ? 'table_snow_slides' : 'table_snow', [
            'value_Pa' => $ps_Pa, 'pf_Pa' => Pressure::ofPsf($pf_psf)->toPascals(), 'cs' => $cs, 'ground_Pa' => $site->groundSnow->toPascals(),
            'least_Pa' => Pressure::ofPsf($least_psf)->toPascals(), 'room_m' => $room_m, 'edge_m' => $face->lowEdge_m,
        ], 'ASCE/SEI 7-16, §§7.3, 7.4', 'high', [
            '/site/ground_snow_Pa', '/site/roof_exposure', '/site/risk_category', '/table/tilt_rad',
            ...array_map(static fn (string $key): string => 'coefficient:'.self::TABLE."/$key", ['flat', $ceKey, 'ct/unheated', $isKey]),
        ]));

        return new self(
            $ps_Pa,
            [
                ['table_snow.all', 1.0, 1.0, null], ['table_snow.lower', 1.0, 0.0, null], ['table_snow.upper', 0.0, 1.0, null],
                ...self::along($face->spans),
            ],
            $room_m,
            Length::ofFeet($pg_psf / $density_pcf)->toMetres(),
        );
    }

    /** @return list<array{string, float, float, list<float>}> All on some spans and half on the others: an end one, all but an end one, two beside each other */
    private static function along(int $spans): array
    {
        if ($spans < 2) {
            return [];
        }
        $full = [
            [0], [$spans - 1], range(1, $spans - 1), range(0, $spans - 2),
            ...array_map(static fn (int $span): array => [$span, $span + 1], range(0, $spans - 2)),
        ];
        $cases = [];
        foreach ($full as $ones) {
            $shares = array_map(static fn (int $span): float => in_array($span, $ones, true) ? 1.0 : 0.5, range(0, $spans - 1));
            $cases[implode(' ', $shares)] = ['table_snow.spans', 1.0, 1.0, $shares];
        }

        return array_values($cases);
    }
}
