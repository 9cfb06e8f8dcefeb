<?php

declare(strict_types=1);

namespace Garnetine\Core\Ground\Loading;

use Garnetine\Core\Design\Ground\TableDesign;
use Garnetine\Core\Design\Site\Site;
use Garnetine\Core\Document\Copy;
use Garnetine\Core\Finding\Code;
use Garnetine\Core\Finding\Finding;
use Garnetine\Core\Ground\TableFace;
use Garnetine\Core\Ground\TableLoads;
use Garnetine\Core\Ground\TableSnow;
use Garnetine\Core\Load\Asce7\Asce7Standard;
use Garnetine\Core\Load\Asce7\Edition;
use Garnetine\Core\Load\Asce7\RoofSnow;
use Garnetine\Core\Load\Asce7\VelocityPressure;
use Garnetine\Core\Load\Coefficients;
use Garnetine\Core\Load\Figure;
use Garnetine\Core\Load\Figures;
use Garnetine\Core\Load\Printed;
use Garnetine\Core\Quantity\Length;
use Garnetine\Core\Quantity\Pressure;
use Garnetine\Core\Quantity\Speed;

/**
 * Open tables by ASCE/SEI 7-16: as open monoslope roofs by analogy, with snow pf = 0.7·Ce·Ct·Is·pg of open structures, ps = Cs·pf on the level, and the
 * least on a low slope.
 *
 * Modules count as slippery only where what slides off has room below: the ground snow and the heap at 45° (a choice on the safe side).
 *
 * Source: ASCE/SEI 7-16, §§7.3, 7.4, 27.3.2, 30.7; recalled.
 */
final class Asce7Table implements TableStandard
{
    private const SNOW = 'asce7_16/snow';
    /** The last row of the figure of open roofs, which holds for steeper ones, and how far (choices on the safe side). */
    private const STEEPEST_ROW_DEG = 45.0;
    private const STEEPEST_DEG = 60.0;

    public function asked(TableDesign $design, Coefficients $coefficients): array
    {
        return [...Asce7Standard::speed($design->site), ...$this->steep($design)];
    }

    public function steep(TableDesign $design): array
    {
        $tilt_deg = $design->table->tilt()->toDegrees();
        $values = ['tilt_rad' => $design->table->tilt()->toRadians(), 'typed_rad' => $design->table->tilt->toRadians()];

        return match (true) {
            Printed::over($tilt_deg, self::STEEPEST_DEG) => [Finding::of(Code::TableSteep, '/table/tilt_rad', $values)],
            Printed::over($tilt_deg, self::STEEPEST_ROW_DEG) => [Finding::of(Code::TableSteepHeld, '/table/tilt_rad', $values)],
            default => [],
        };
    }

    public function assumptions(TableDesign $design, Figures $figures): array
    {
        return [
            Finding::of(Code::OpenRoofAnalogy, '/site/wind_speed_m_per_s'),
            Finding::of(Code::BothFlows, '/site/wind_speed_m_per_s'),
            ...Asce7Standard::assumedOfSpeed($design->site, $figures),
        ];
    }

    public function level(): string
    {
        return 'strength';
    }

    public function speed(TableDesign $design): Speed
    {
        return $design->site->windSpeed;
    }

    public function pressure_Pa(TableDesign $design, TableFace $face, Coefficients $coefficients, Figures $figures): float
    {
        $site = Copy::of($design->site, meanRoofHeight: Length::ofMetres(max(1.5, $face->meanHeight_m)));
        $velocity = VelocityPressure::at($site, $coefficients);
        $velocity->write($figures, $site, Edition::Of2016);

        return $velocity->base->toPascals();
    }

    public function loads(TableDesign $design, TableFace $face, float $q_Pa, Coefficients $coefficients, Figures $figures): TableLoads
    {
        $winds = OpenRoof::cases(min(self::STEEPEST_ROW_DEG, round(rad2deg($face->tilt_rad), 6)), $q_Pa, $coefficients, $figures);

        return new TableLoads(
            Printed::atMost($face->tilt_rad, 0.0) ? [...$winds, ...OpenRoof::fromTheEnds($q_Pa, $coefficients)] : $winds,
            $this->snow($design->site, $face, $coefficients, $figures),
            OpenRoofElements::on($face, $q_Pa, $coefficients),
            $q_Pa,
            Pressure::ofPsf($coefficients->value('asce7_16/open_roof', 'least_psf'))->toPascals(),
            TableCombinations::asd(),
        );
    }

    private function snow(Site $site, TableFace $face, Coefficients $coefficients, Figures $figures): TableSnow
    {
        $pg_psf = $site->groundSnow->toPsf();
        if ($pg_psf <= 0.0) {
            return TableSnow::none($figures);
        }
        $value = static fn (string $key): float => $coefficients->value(self::SNOW, $key);
        $ceKey = "ce/{$site->exposure->value}/{$site->roofExposure->value}";
        $isKey = 'is/'.$site->riskCategory->value;
        $pf_psf = $value('flat') * $value($ceKey) * $value('ct/unheated') * $value($isKey) * $pg_psf;
        $density_pcf = RoofSnow::density_pcf($pg_psf);
        $lies_m = Length::ofFeet($pg_psf / $density_pcf)->toMetres();
        $room_m = TableSnow::room_m($face, $lies_m, Length::ofFeet($pf_psf / $density_pcf)->toMetres());
        $slides = Printed::atLeast($face->lowEdge_m, $room_m);
        $cs = RoofSnow::cs(rad2deg($face->tilt_rad), $value('ct/unheated'), $slides);
        $least_psf = Printed::under(rad2deg($face->tilt_rad), $value('low_slope_deg')) ? $value($isKey) * min($pg_psf, $value('low_slope_psf')) : 0.0;
        $ps_Pa = Pressure::ofPsf(max($cs * $pf_psf, $least_psf))->toPascals();
        $figures->add('loads/ps', new Figure($slides ? 'table_snow_slides' : 'table_snow', [
            'value_Pa' => $ps_Pa, 'pf_Pa' => Pressure::ofPsf($pf_psf)->toPascals(), 'cs' => $cs, 'ground_Pa' => $site->groundSnow->toPascals(),
            'least_Pa' => Pressure::ofPsf($least_psf)->toPascals(), 'room_m' => $room_m, 'edge_m' => $face->lowEdge_m,
        ], 'ASCE/SEI 7-16, §§7.3, 7.4', 'high', [
            '/site/ground_snow_Pa', '/site/roof_exposure', '/site/risk_category', '/table/tilt_rad',
            ...array_map(static fn (string $key): string => 'coefficient:'.self::SNOW."/$key", ['flat', $ceKey, 'ct/unheated', $isKey]),
        ]));

        return TableSnow::lying($ps_Pa, $room_m, $lies_m, $face);
    }
}
