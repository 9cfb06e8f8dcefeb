<?php

declare(strict_types=1);

namespace Garnetine\Core\Ground\Loading;

use Garnetine\Core\Design\Ground\TableDesign;
use Garnetine\Core\Design\Site\EnSite;
use Garnetine\Core\Design\Site\EnSnowSet;
use Garnetine\Core\Design\Site\Site;
use Garnetine\Core\Finding\Code;
use Garnetine\Core\Finding\Finding;
use Garnetine\Core\Ground\TableFace;
use Garnetine\Core\Ground\TableLoads;
use Garnetine\Core\Ground\TableSnow;
use Garnetine\Core\Load\Coefficients;
use Garnetine\Core\Load\En\EnLoads;
use Garnetine\Core\Load\En\EnQuestions;
use Garnetine\Core\Load\En\GroundSnow;
use Garnetine\Core\Load\En\PeakPressure;
use Garnetine\Core\Load\Figure;
use Garnetine\Core\Load\Figures;
use Garnetine\Core\Load\Printed;
use Garnetine\Core\Quantity\Length;
use Garnetine\Core\Quantity\Speed;

/**
 * Open tables by EN 1991: as monopitch canopies, with snow s = μ1·Ce·sk, where μ1 falls with the tilt only if what slides off has room below.
 *
 * What a table bears is an allowable value, so characteristic loads are put together, and weight that holds counts by 0.9/1.5: what EN 1990 asks of
 * equilibrium, divided by its factor for wind. The structural factor is 1, for heights under 15 m.
 *
 * Source: EN 1991-1-4:2005+A1:2010, §§4.5, 6.2, 7.3; EN 1991-1-3:2003, §5; EN 1990:2002, §6.5.3; recommended values; recalled.
 */
final class EnTable implements TableStandard
{
    private const SNOW = 'en_1991_1_3/roof_snow';
    /** Of a plate across the wind (common practice, no source). */
    private const END = 2.0;
    private const HIGH_M = 1000.0;

    public function asked(TableDesign $design, Coefficients $coefficients): array
    {
        $en = $design->site->en;

        return $en === null ? [Finding::of(Code::EnMissing, '/site/en', [])] : [
            ...EnQuestions::speed($design->site),
            ...EnQuestions::wind($design->site, $en),
            ...EnQuestions::snow($design->site, $en),
            ...$this->steep($design),
        ];
    }

    public function steep(TableDesign $design): array
    {
        return Printed::over($design->table->tilt()->toDegrees(), Canopy::STEEPEST_DEG)
            ? [Finding::of(Code::TableSteepEn, '/table/tilt_rad', ['tilt_rad' => $design->table->tilt()->toRadians()])] : [];
    }

    public function assumptions(TableDesign $design, Figures $figures): array
    {
        return [
            Finding::of(Code::TableCanopy, '/site/en/basic_velocity_m_per_s'),
            Finding::of(Code::BothFlows, '/site/en/basic_velocity_m_per_s'),
            Finding::of(Code::EnRecommended, '/site/en'),
            Finding::of(Code::TableAllowable, '/site/standard', ['loads' => 'table_allowable.characteristic']),
        ];
    }

    public function level(): string
    {
        return 'characteristic';
    }

    public function speed(TableDesign $design): Speed
    {
        return $this->site($design)->basicVelocity ?? throw new \LogicException('A table without a velocity was to be refused.');
    }

    public function pressure_Pa(TableDesign $design, TableFace $face, Coefficients $coefficients, Figures $figures): float
    {
        $peak = PeakPressure::on($design->site, $this->site($design), Length::ofMetres($face->meanHeight_m), $coefficients);
        $peak->write($figures, ['/site/mean_roof_height_m']);

        return $peak->qp->toPascals();
    }

    public function loads(TableDesign $design, TableFace $face, float $q_Pa, Coefficients $coefficients, Figures $figures): TableLoads
    {
        $canopy = new Canopy(round(rad2deg($face->tilt_rad), 6), $q_Pa, $coefficients);
        $high = Printed::over($design->site->groundElevation->toMetres(), self::HIGH_M);

        return new TableLoads(
            $canopy->cases($figures),
            $this->snow($design->site, $this->site($design), $face, $coefficients, $figures),
            $canopy,
            $q_Pa,
            self::END * $q_Pa,
            TableCombinations::characteristic(
                $coefficients->value('en_1990/factors', 'psi0/wind'),
                $coefficients->value('en_1990/factors', $high ? 'psi0/snow_high' : 'psi0/snow'),
            ),
        );
    }

    private function site(TableDesign $design): EnSite
    {
        return $design->site->en ?? throw new \LogicException('A table to EN without its entries was to be refused.');
    }

    private function snow(Site $site, EnSite $en, TableFace $face, Coefficients $coefficients, Figures $figures): TableSnow
    {
        $sk_Pa = GroundSnow::at($site, $en->snowSet, $en->snowZone, $coefficients)->toPascals();
        if ($sk_Pa <= 0.0) {
            return TableSnow::none($figures);
        }
        $ceKey = "ce/{$site->roofExposure->value}";
        $ce = $coefficients->value(self::SNOW, $ceKey);
        $density_N = 1000 * $coefficients->value(self::SNOW, 'drift/density');
        $tilt_deg = rad2deg($face->tilt_rad);
        $flat_Pa = EnLoads::mu1(0.0, true, $coefficients) * $ce * $sk_Pa;
        $room_m = TableSnow::room_m($face, $sk_Pa / $density_N, $flat_Pa / $density_N);
        $slides = Printed::atLeast($face->lowEdge_m, $room_m);
        $mu = EnLoads::mu1($tilt_deg, !$slides, $coefficients);
        $from = $en->snowSet === EnSnowSet::Given ? ['/site/ground_snow_Pa'] : ['/site/en/snow_set', '/site/en/snow_zone', '/site/ground_elevation_m'];
        $figures->add('loads/sk', new Figure(
            $en->snowSet === EnSnowSet::Given ? 'sk_given' : 'sk',
            ['value_Pa' => $sk_Pa],
            'EN 1991-1-3, Annex C or national annex; recalled',
            'high',
            $from,
        ));
        $figures->add('loads/ps', new Figure($slides ? 'table_snow_en_slides' : 'table_snow_en', [
            'value_Pa' => $mu * $ce * $sk_Pa, 'mu' => $mu, 'ce' => $ce, 'sk_Pa' => $sk_Pa, 'room_m' => $room_m, 'edge_m' => $face->lowEdge_m,
        ], 'EN 1991-1-3, Eq. 5.1, Table 5.2; recalled', 'high', [
            'loads/sk', '/site/roof_exposure', '/table/tilt_rad', 'coefficient:'.self::SNOW."/$ceKey", 'coefficient:'.self::SNOW.'/mu1',
        ]));

        return TableSnow::lying($mu * $ce * $sk_Pa, $room_m, $sk_Pa / $density_N, $face);
    }
}
