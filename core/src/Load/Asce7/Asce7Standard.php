<?php

declare(strict_types=1);

namespace Garnetine\Core\Load\Asce7;

use Garnetine\Core\Design\Design;
use Garnetine\Core\Design\Site\RidgeReading;
use Garnetine\Core\Design\Site\Site;
use Garnetine\Core\Design\Site\Topography;
use Garnetine\Core\Design\Site\WindSpeedKind;
use Garnetine\Core\Design\Surface\RoofKind;
use Garnetine\Core\Finding\Code;
use Garnetine\Core\Finding\Finding;
use Garnetine\Core\Load\Coefficients;
use Garnetine\Core\Load\Figures;
use Garnetine\Core\Load\LoadStandard;
use Garnetine\Core\Load\Printed;
use Garnetine\Core\Load\SiteLoads;
use Garnetine\Core\Quantity\Area;
use Garnetine\Core\Quantity\Length;
use Garnetine\Core\Quantity\Pressure;
use Garnetine\Core\Quantity\Speed;

/** ASCE/SEI 7, in the editions of 2016 and 2022. */
final class Asce7Standard implements LoadStandard
{
    private const OLD_SPEED_BELOW_MPH = 95.0;

    public function refusals(Design $design, Coefficients $coefficients): array
    {
        return Asce7Loads::refusals($design, $coefficients);
    }

    public function loads(Design $design, Coefficients $coefficients): SiteLoads
    {
        return Asce7Loads::of($design, $coefficients);
    }

    public function asksOfSite(Design $design): array
    {
        $findings = self::speed($design->site);
        if ($design->rules->ridgeReading === RidgeReading::Ridge && trim($design->rules->ridgeReadingBy ?? '') === '') {
            $findings[] = Finding::of(Code::RidgeReadingUnnamed, '/rules/ridge_reading_by', []);
        }

        return $findings;
    }

    /** @return list<Finding> Of the wind speed and its factor, whatever stands there */
    public static function speed(Site $site): array
    {
        $findings = [];
        $speed_mps = $site->windSpeed->toSi();
        if ($site->windSpeedKind !== WindSpeedKind::Strength) {
            $findings[] = Finding::of(Code::WindSpeedKind, '/site/wind_speed_kind', [
                'speed_m_per_s' => $speed_mps,
                // V(strength) = V(allowable)/√0.6, IBC §1609.3.1; recalled.
                'converted_m_per_s' => $speed_mps / sqrt(0.6),
                'kind' => $site->windSpeedKind->value,
            ]);
        } elseif (Printed::under($site->windSpeed->toMilesPerHour(), self::OLD_SPEED_BELOW_MPH) && !$site->lowWindSpeedConfirmed) {
            $findings[] = Finding::of(Code::WindSpeedLow, '/site/wind_speed_m_per_s', [
                'speed_m_per_s' => $speed_mps,
                'asked_below_m_per_s' => Speed::ofMilesPerHour(self::OLD_SPEED_BELOW_MPH)->toSi(),
                'converted_m_per_s' => $speed_mps / sqrt(0.6),
            ]);
        }
        if ($site->topography === Topography::Factor && $site->kzt === null) {
            $findings[] = Finding::of(Code::KztMissing, '/site/kzt', []);
        }

        return $findings;
    }

    /**
     * Conditions of the clause for modules parallel to the roof, besides the distance to the edges.
     *
     * Source: ASCE/SEI 7-16, §29.4.4; recalled.
     */
    public function asksOfArray(Design $design, Coefficients $coefficients): array
    {
        $block = $design->block;
        $limit = static fn (string $key): float => $coefficients->value(Edition::of($design->site->standard)->table('panels'), $key);
        $findings = [];
        $highest_m = Length::ofInches($limit('top_above_roof_in'))->toMetres();
        if (Printed::over($block->topAboveRoof->toMetres(), $highest_m)) {
            $findings[] = Finding::of(
                Code::TooHighAboveRoof,
                '/block/top_above_roof_m',
                ['height_m' => $block->topAboveRoof->toMetres(), 'most_m' => $highest_m],
            );
        }
        if (Printed::over($block->tiltFromRoof->toDegrees(), $limit('parallel_deg'))) {
            $findings[] = Finding::of(
                Code::NotParallel,
                '/block/tilt_from_roof_rad',
                ['tilt_rad' => $block->tiltFromRoof->toRadians(), 'most_rad' => deg2rad($limit('parallel_deg'))],
            );
        }
        $least_m = Length::ofInches($limit('least_gap_in'))->toMetres();
        foreach (['column_gap_m' => [$block->columnGap, $block->columns], 'row_gap_m' => [$block->rowGap, $block->rows]] as $key => [$gap, $count]) {
            if ($count > 1 && Printed::under($gap->toMetres(), $least_m)) {
                $findings[] = Finding::of(Code::GapTooSmall, "/block/$key", ['gap_m' => $gap->toMetres(), 'least_m' => $least_m]);
            }
        }
        $most_m = Length::ofFeet($limit('gap_every_ft'))->toMetres();
        foreach (['length_m' => $design->module->length, 'width_m' => $design->module->width] as $key => $size) {
            if (Printed::over($size->toMetres(), $most_m)) {
                $findings[] = Finding::of(Code::GapsTooFarApart, "/module/$key", ['size_m' => $size->toMetres(), 'most_m' => $most_m]);
            }
        }

        return $findings;
    }

    public function assumptions(Design $design, SiteLoads $loads): array
    {
        $findings = [Finding::of(Code::OneAreaForGcp, '/surface/pitch_rad'), Finding::of(Code::FloorOnPanels, '/site/wind_speed_m_per_s')];
        array_push($findings, ...self::assumedOfSpeed($design->site, $loads->figures));
        if ($design->surface->roofKind === RoofKind::Hip) {
            $findings[] = Finding::of(Code::HipFigures, '/surface/roof_kind');
        }
        $findings[] = $design->rules->ridgeReading === RidgeReading::FarEave
            ? Finding::of(Code::RidgeReadingSevere, '/rules/ridge_reading', ['feet' => '–', 'milder' => '–'])
            : Finding::of(Code::RidgeReadingMild, '/rules/ridge_reading', ['by' => $design->rules->ridgeReadingBy ?? '']);

        return $findings;
    }

    /** @return list<Finding> */
    public static function assumedOfSpeed(Site $site, Figures $figures): array
    {
        $findings = [];
        $kh = $figures->at('loads/kh');
        if ($kh !== null && $kh->code === 'kh_floor') {
            $findings[] = Finding::of(Code::KhFloor, '/site/exposure', ['kh' => $kh->values['value'], 'formula' => $kh->values['formula']]);
        }
        if ($site->topography === Topography::Factor && $site->kzt !== null) {
            $findings[] = Finding::of(Code::KztEntered, '/site/kzt', ['kzt' => $site->kzt, 'from' => $site->kztSource ?? '']);
        }

        return $findings;
    }

    public function roofLive(Design $design, Area $tributary, Coefficients $coefficients): Pressure
    {
        return RoofLive::reduced($tributary, $design->surface->pitch, $coefficients);
    }

    public function readsGroundSnow(Design $design): bool
    {
        return true;
    }

    public function laysZonesOnAnyOutline(Design $design): bool
    {
        return !RoofWind::isLowRoof($design, Edition::of($design->site->standard));
    }

    public function asksOfSupports(): bool
    {
        return true;
    }
}
