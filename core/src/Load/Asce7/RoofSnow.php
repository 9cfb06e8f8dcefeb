<?php

declare(strict_types=1);

namespace Garnetine\Core\Load\Asce7;

use Garnetine\Core\Design\Design;
use Garnetine\Core\Design\Surface\RoofKind;
use Garnetine\Core\Design\Surface\RoofSupports;
use Garnetine\Core\Design\Surface\SnowFeature;
use Garnetine\Core\Design\Surface\SnowFeatureKind;
use Garnetine\Core\Design\YesNo;
use Garnetine\Core\Load\Coefficients;
use Garnetine\Core\Load\Figure;
use Garnetine\Core\Load\Figures;
use Garnetine\Core\Load\Printed;
use Garnetine\Core\Load\SnowCase;
use Garnetine\Core\Load\SnowLoads;
use Garnetine\Core\Quantity\Length;
use Garnetine\Core\Quantity\Pressure;

/**
 * Snow on one plane: pf = 0.7·Ce·Ct·Is·pg (in 2022 without Is), ps = Cs·pf, the low-slope minimum, on gables and hips the
 * unbalanced case, rain on snow, drifts at tall things and snow that slides from a higher roof.
 *
 * Source: ASCE/SEI 7-16 and 7-22, §§7.3, 7.4, 7.6.1, 7.7, 7.8, 7.9, 7.10; recalled.
 */
final readonly class RoofSnow
{
    /** A projection shorter than this gathers no drift. Source: §7.8. */
    private const LEAST_SIDE_FT = 15.0;
    private const SLIDES_OVER_FT = 15.0;
    private const DENSEST_PCF = 30.0;

    private string $table;
    private float $theta_deg;
    private float $slant;
    private float $pg_psf;
    private float $is;

    private function __construct(private Design $design, private Edition $edition, private Coefficients $coefficients, private Figures $figures)
    {
        $this->table = $edition->table('snow');
        $this->theta_deg = $design->surface->pitch->toDegrees();
        $this->slant = cos($design->surface->pitch->toRadians());
        $this->pg_psf = $design->site->groundSnow->toPsf();
        $this->is = $edition->snowIsStrength() ? 1.0 : $this->value('is/'.$design->site->riskCategory->value);
    }

    public static function on(Design $design, Edition $edition, Coefficients $coefficients, Figures $figures): SnowLoads
    {
        return (new self($design, $edition, $coefficients, $figures))->loads();
    }

    /** Slope factor for slippery surfaces with a free path for the slide, and for all others. */
    public static function cs(float $theta_deg, float $ct, bool $slides, Edition $edition = Edition::Of2016): float
    {
        $warm = $edition === Edition::Of2016 ? 1.0 : 1.1;
        [$from, $over] = match (true) {
            $ct <= $warm + 1e-9 => $slides ? [5.0, 65.0] : [30.0, 40.0],
            $ct < 1.2 - 1e-9 => $slides ? [10.0, 60.0] : [37.5, 32.5],
            default => $slides ? [15.0, 55.0] : [45.0, 25.0],
        };

        return max(0.0, min(1.0, 1 - ($theta_deg - $from) / $over));
    }

    /**
     * Height of the drift by 2016, hd = √Is·(0.43·lu^⅓·(pg + 10)^¼ − 1.5), in ft with pg in psf.
     *
     * @param float $power Of Is; where its root stands is recalled apart from the rest
     */
    public static function driftHeight_ft(float $lu_ft, float $pg_psf, float $is, float $power = 0.5): float
    {
        return $is ** $power * (0.43 * $lu_ft ** (1 / 3) * ($pg_psf + 10) ** 0.25 - 1.5);
    }

    /** Height of the drift by 2022, hd = 1.5·√(pg^0.74·lu^0.70·W2^1.7/γ), in ft; W2 is the winter wind parameter. */
    public static function driftHeight2022_ft(float $lu_ft, float $pg_psf, float $winterWind, Coefficients $coefficients): float
    {
        $value = static fn (string $key): float => $coefficients->value('asce7_22/snow', "drift/$key");

        return $value('factor') * sqrt($pg_psf ** $value('pg') * $lu_ft ** $value('lu') * $winterWind ** $value('w2') / self::density_pcf($pg_psf));
    }

    public static function density_pcf(float $pg_psf): float
    {
        return min(self::DENSEST_PCF, 0.13 * $pg_psf + 14);
    }

    private function value(string $key): float
    {
        return $this->coefficients->value($this->table, $key);
    }

    private function loads(): SnowLoads
    {
        $site = $this->design->site;
        $ceKey = "ce/{$site->exposure->value}/{$site->roofExposure->value}";
        $ctKey = 'ct/'.$site->thermal->value;
        if ($this->pg_psf <= 0.0) {
            $this->figures->add('loads/ps', new Figure('no_snow', ['value_Pa' => 0.0], null, null, ['/site/ground_snow_Pa']));

            return new SnowLoads(0.0, [SnowCase::uniform('balanced', 0.0)]);
        }
        $ce = $this->value($ceKey);
        $ct = $this->value($ctKey);
        $cs = self::cs($this->theta_deg, $ct, $site->freeSlidePath === YesNo::Yes, $this->edition);
        $pf_psf = $this->value('flat') * $ce * $ct * $this->is * $this->pg_psf;
        $ps_psf = $cs * $pf_psf;
        $ps_Pa = Pressure::ofPsf($ps_psf)->toPascals();
        $this->tell($pf_psf, $ce, $ct, $cs);
        $cases = [SnowCase::uniform('balanced', $ps_Pa)];
        if (Printed::under($this->theta_deg, $this->value('low_slope_deg'))) {
            $cases[] = $this->minimum();
        }
        if (self::isUnbalanced($this->design, $this->edition, $this->coefficients)) {
            $cases[] = $this->unbalanced($ps_psf);
        }
        if ($this->rains()) {
            $cases[] = $this->rain($ps_Pa);
        }
        foreach ($this->design->surface->snowFeatures as $index => $feature) {
            array_push($cases, ...$this->around($feature, $index, $ps_psf, $pf_psf));
        }
        $this->figures->add(
            'loads/snow/balanced',
            new Figure('snow_balanced', ['value_Pa' => $ps_Pa], $this->edition->cite('§7.4'), 'high', ['loads/ps'], listed: false),
        );

        return new SnowLoads($ps_Pa, $cases, $this->edition->snowAtService(), $this->value('partial'));
    }

    /** The figures of the flat roof's snow, and of how much of it stays on the slope. */
    private function tell(float $pf_psf, float $ce, float $ct, float $cs): void
    {
        $site = $this->design->site;
        $this->figures->add('loads/pf', new Figure($this->edition->snowIsStrength() ? 'pf_2022' : 'pf', [
            'value_Pa' => Pressure::ofPsf($pf_psf)->toPascals(), 'ce' => $ce, 'ct' => $ct, 'is' => $this->is, 'ground_Pa' => $site->groundSnow->toPascals(),
        ], $this->edition->cite('§7.3, Tables 7.3-1, 7.3-2, 1.5-2'), 'high', [
            '/site/ground_snow_Pa', "coefficient:$this->table/ce/{$site->exposure->value}/{$site->roofExposure->value}",
            "coefficient:$this->table/ct/{$site->thermal->value}", '/site/roof_exposure', '/site/thermal',
            '/site/risk_category',
        ], listed: false));
        $this->figures->add(
            'loads/cs',
            new Figure(
                'cs',
                ['value' => $cs, 'ct' => $ct],
                $this->edition->cite('Fig. 7.4-1'),
                $this->edition === Edition::Of2016 ? 'high' : 'medium',
                ['/surface/pitch_rad', '/site/free_slide_path'],
                listed: false,
            ),
        );
        $this->figures->add(
            'loads/ps',
            new Figure(
                'ps',
                ['value_Pa' => Pressure::ofPsf($cs * $pf_psf)->toPascals(), 'cs' => $cs, 'pf_Pa' => Pressure::ofPsf($pf_psf)->toPascals()],
                $this->edition->cite('§7.4'),
                'high',
                ['loads/cs', 'loads/pf'],
            ),
        );
    }

    private function rain(float $ps_Pa): SnowCase
    {
        $rain_Pa = Pressure::ofPsf($this->value('rain_psf'))->toPascals();
        $this->figures->add(
            'loads/snow/rain',
            new Figure(
                'snow_rain',
                ['value_Pa' => $ps_Pa + $rain_Pa, 'rain_Pa' => $rain_Pa],
                $this->edition->cite('§7.10'),
                'high',
                ['loads/ps', '/site/eave_to_ridge_m', "coefficient:$this->table/rain_psf"],
            ),
        );

        return SnowCase::uniform('rain', $ps_Pa + $rain_Pa);
    }

    /** Gables and hips from ½ in 12 to 7 in 12 have a leeward side; monoslopes and flat roofs do not. */
    private static function isUnbalanced(Design $design, Edition $edition, Coefficients $coefficients): bool
    {
        $value = static fn (string $key): float => $coefficients->value($edition->table('snow'), "unbalanced/$key");

        return in_array($design->surface->roofKind, [RoofKind::TwoSidedGable, RoofKind::Hip], true)
            && Printed::slopeWithin(12 * tan($design->surface->pitch->toRadians()), $value('from_in_12'), $value('to_in_12'));
    }

    /** Whether all of the ground snow stands for the unbalanced: on short simply supported members. */
    private static function isSimple(Design $design, Edition $edition, Coefficients $coefficients): bool
    {
        return $design->site->roofSupports === RoofSupports::Simple
            && Printed::atMost($design->site->eaveToRidge->toFeet(), $coefficients->value($edition->table('snow'), 'unbalanced/simple_ft'));
    }

    private function minimum(): SnowCase
    {
        $least_psf = $this->edition->snowIsStrength()
            ? min($this->pg_psf, $this->value('least/'.$this->design->site->riskCategory->value))
            : $this->is * min($this->pg_psf, $this->value('low_slope_psf'));
        $least_Pa = Pressure::ofPsf($least_psf)->toPascals();
        $this->figures->add(
            'loads/snow/minimum',
            new Figure(
                $this->edition->snowIsStrength() ? 'snow_minimum_2022' : 'snow_minimum',
                ['value_Pa' => $least_Pa],
                $this->edition->cite('§7.3.4'),
                $this->edition === Edition::Of2016 ? 'high' : 'medium',
                ['/site/ground_snow_Pa', '/site/risk_category'],
            ),
        );

        return SnowCase::uniform('minimum', $least_Pa);
    }

    private function unbalanced(float $ps_psf): SnowCase
    {
        $w_ft = $this->design->site->eaveToRidge->toFeet();
        if (self::isSimple($this->design, $this->edition, $this->coefficients)) {
            $all_Pa = Pressure::ofPsf($this->is * $this->pg_psf)->toPascals();
            $this->figures->add(
                'loads/snow/unbalanced_simple',
                new Figure(
                    'snow_unbalanced_simple',
                    ['value_Pa' => $all_Pa],
                    $this->edition->cite('§7.6.1'),
                    'high',
                    ['/site/ground_snow_Pa', '/site/roof_supports', '/site/eave_to_ridge_m'],
                ),
            );

            return SnowCase::uniform('unbalanced_simple', $all_Pa);
        }
        $run = 1 / tan($this->design->surface->pitch->toRadians());
        $hd_ft = $this->drift_ft($w_ft);
        $surcharge_Pa = Pressure::ofPsf($hd_ft * self::density_pcf($this->pg_psf) / sqrt($run))->toPascals();
        $reach_m = Length::ofFeet(8 * $hd_ft * sqrt($run) / 3)->toMetres() / $this->slant;
        $uniform_Pa = Pressure::ofPsf($ps_psf)->toPascals();
        $this->figures->add('loads/snow/unbalanced', new Figure('snow_unbalanced', [
            'value_Pa' => $uniform_Pa, 'surcharge_Pa' => $surcharge_Pa, 'reach_m' => $reach_m, 'drift_m' => Length::ofFeet($hd_ft)->toMetres(),
        ], $this->edition->cite('§7.6.1'), $this->edition === Edition::Of2016 ? 'high' : 'medium',
            ['loads/ps', '/site/ground_snow_Pa', '/site/eave_to_ridge_m', '/site/roof_supports']));

        return SnowCase::belowRidge('unbalanced', $uniform_Pa, $surcharge_Pa, $reach_m);
    }

    /** Height of the drift that a roof of this length feeds. */
    private function drift_ft(float $lu_ft): float
    {
        $lu_ft = max($lu_ft, $this->value('drift/lu_ft'));
        if ($this->edition->snowIsStrength()) {
            return self::driftHeight2022_ft(
                $lu_ft,
                $this->pg_psf,
                $this->design->site->winterWind ?? throw new \LogicException('A drift without the winter wind was to be refused.'),
                $this->coefficients,
            );
        }

        return max(0.0, self::driftHeight_ft($lu_ft, $this->pg_psf, $this->is, $this->value('drift/importance')));
    }

    /** Whether the edition needs the winter wind parameter for this roof. */
    public static function needsWinterWind(Design $design, Edition $edition, Coefficients $coefficients): bool
    {
        return $edition->snowIsStrength() && $design->site->groundSnow->toPascals() > 0
            && ($design->surface->snowFeatures !== [] || (self::isUnbalanced(
                $design,
                $edition,
                $coefficients,
            ) && !self::isSimple($design, $edition, $coefficients)));
    }

    private function rains(): bool
    {
        // In 2022 the bound on the ground snow is not remembered: it rains on all snow, on the safe side.
        return Printed::under($this->theta_deg, $this->design->site->eaveToRidge->toFeet() / 50)
            && ($this->edition->snowIsStrength() || Printed::atMost($this->pg_psf, $this->value('rain_ground_psf')));
    }

    /** @return list<SnowCase> */
    private function around(SnowFeature $feature, int $index, float $ps_psf, float $pf_psf): array
    {
        $cases = [];
        $at = "/surface/snow_features/$index";
        $density_pcf = self::density_pcf($this->pg_psf);
        $balanced_ft = $ps_psf / $density_pcf;
        $clear_ft = $feature->height->toFeet() - $balanced_ft;
        $isHigher = $feature->kind === SnowFeatureKind::HigherRoof;
        $long = Printed::atLeast(max($feature->width->toFeet(), $feature->length->toFeet()), self::LEAST_SIDE_FT);
        $ps_Pa = Pressure::ofPsf($ps_psf)->toPascals();
        if (Printed::atLeast($clear_ft, 0.2 * $balanced_ft) && $clear_ft > 0.0 && ($isHigher || $long)) {
            $hd_ft = 0.75 * $this->drift_ft($feature->upwind->toFeet());
            if ($isHigher && $feature->higherRoof !== null) {
                $hd_ft = max($hd_ft, $this->drift_ft($feature->higherRoof->toFeet()));
            }
            [$high_ft, $wide_ft] = self::wedge($hd_ft, $clear_ft);
            $peak_Pa = Pressure::ofPsf($high_ft * $density_pcf)->toPascals();
            $code = 'drift_'.$feature->id;
            $cases[] = SnowCase::around($code, $ps_Pa, $peak_Pa, Length::ofFeet($wide_ft)->toMetres(), $feature, true, $this->slant);
            $this->figures->add("loads/snow/$code", new Figure('snow_drift', [
                'value_Pa' => $peak_Pa, 'around' => $feature->id, 'high_m' => Length::ofFeet($high_ft)->toMetres(),
                'reach_m' => Length::ofFeet($wide_ft)->toMetres(), 'clear_m' => $feature->height->toMetres(),
            ], $this->edition->cite($isHigher ? '§7.7' : '§7.8'), $this->edition === Edition::Of2016 ? 'high' : 'medium',
                ['loads/ps', "$at/height_m", "$at/upwind_m", ...$isHigher ? ["$at/higher_roof_m"] : [], '/site/ground_snow_Pa']));
        }
        if ($isHigher && $feature->slidesFrom !== null && $feature->slidesFrom->toMetres() > 0) {
            // Wherever the snow of the higher roof may slide, it is taken to: pitch and covering up there are not asked.
            $belt_psf = 0.4 * $pf_psf * $feature->slidesFrom->toFeet() / self::SLIDES_OVER_FT;
            $code = 'slide_'.$feature->id;
            $cases[] = SnowCase::around(
                $code,
                $ps_Pa,
                Pressure::ofPsf($belt_psf)->toPascals(),
                Length::ofFeet(self::SLIDES_OVER_FT)->toMetres(),
                $feature,
                false,
                $this->slant,
            );
            $this->figures->add("loads/snow/$code", new Figure('snow_slide', [
                'value_Pa' => Pressure::ofPsf($belt_psf)->toPascals(), 'around' => $feature->id, 'from_m' => $feature->slidesFrom->toMetres(),
            ], $this->edition->cite('§7.9'), 'high', ['loads/pf', "$at/slides_from_m"]));
        }

        return $cases;
    }

    /**
     * Height and width of a drift where the clear height may cut it.
     *
     * @return array{float, float} In ft
     */
    public static function wedge(float $hd_ft, float $clear_ft): array
    {
        return $hd_ft <= $clear_ft ? [$hd_ft, 4 * $hd_ft] : [$clear_ft, min(4 * $hd_ft ** 2 / $clear_ft, 8 * $clear_ft)];
    }
}
