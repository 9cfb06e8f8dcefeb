<?php

declare(strict_types=1);

namespace Garnetine\Core\Load;

use Garnetine\Core\Design\Covering;
use Garnetine\Core\Design\Design;
use Garnetine\Core\Design\Orientation;
use Garnetine\Core\Design\RidgeReading;
use Garnetine\Core\Design\RoofKind;
use Garnetine\Core\Design\RoofSupports;
use Garnetine\Core\Design\Species;
use Garnetine\Core\Design\Topography;
use Garnetine\Core\Design\WindSpeedKind;
use Garnetine\Core\Design\YesNo;
use Garnetine\Core\Load\Asce7\GableRoof;
use Garnetine\Core\Plan\Finding;
use Garnetine\Core\Plan\Scope;
use Garnetine\Core\Quantity\Length;
use Garnetine\Core\Quantity\Speed;

/** What the methods cover at all, and what they ask to be confirmed before they do. */
final class Admission
{
    private const TALLEST_FT = 60.0;
    private const OLD_SPEED_BELOW_MPH = 95.0;

    /** @return list<Finding> Refusals: nothing is computed for the surface while there is one */
    public static function refusals(Design $design): array
    {
        $surface = $design->surface;
        $refusals = [];
        if ($surface->roofKind !== RoofKind::TwoSidedGable) {
            $refusals[] = Finding::refusal('roof_kind', '/surface/roof_kind', ['roof_kind' => $surface->roofKind->value]);
        }
        if ($surface->covering !== Covering::AsphaltShingles) {
            $refusals[] = Finding::refusal('covering', '/surface/covering', ['covering' => $surface->covering->value]);
        }
        if ($surface->dormerOrValley !== YesNo::No) {
            $refusals[] = Finding::refusal('dormer_or_valley', '/surface/dormer_or_valley', ['answer' => $surface->dormerOrValley->value]);
        }
        if ($surface->higherOrLowerRoof !== YesNo::No) {
            $refusals[] = Finding::refusal('higher_or_lower_roof', '/surface/higher_or_lower_roof', ['answer' => $surface->higherOrLowerRoof->value]);
        }
        if (!GableRoof::covers($surface->pitch)) {
            $refusals[] = Finding::refusal('pitch', '/surface/pitch_rad', ['pitch_rad' => $surface->pitch->toRadians()]);
        }
        if ($design->site->meanRoofHeight->toFeet() > self::TALLEST_FT + 1e-9) {
            $refusals[] = Finding::refusal('too_tall', '/site/mean_roof_height_m', ['height_m' => $design->site->meanRoofHeight->toMetres()], Scope::Job);
        }
        if ($design->block->orientation !== Orientation::Portrait) {
            $refusals[] = Finding::refusal('landscape', '/block/orientation');
        }

        array_push($refusals, ...self::ownCopies($design, true));

        return $refusals;
    }

    /** @return list<Finding> Refusals that need the zones */
    public static function zoneRefusals(Design $design, SiteLoads $loads): array
    {
        return $loads->zones->overlaps()
            ? [Finding::refusal('zones_overlap', '/surface/width_m', ['a_m' => $loads->zones->a->toMetres()])]
            : [];
    }

    /** @return list<Finding> What is asked of the site and of the array, whether or not the case is covered */
    public static function asked(Design $design, Coefficients $coefficients): array
    {
        return [...self::wind($design), ...self::panelConditions($design, $coefficients)];
    }

    /** @return list<Finding> */
    private static function wind(Design $design): array
    {
        $site = $design->site;
        $findings = [];
        $speed_mps = $site->windSpeed->toSi();
        if ($site->windSpeedKind !== WindSpeedKind::Strength) {
            $findings[] = Finding::stop('wind_speed_kind', '/site/wind_speed_kind', [
                'speed_m_per_s' => $speed_mps,
                // V(strength) = V(allowable)/√0.6, IBC §1609.3.1; recalled.
                'converted_m_per_s' => $speed_mps / sqrt(0.6),
                'kind' => $site->windSpeedKind->value,
            ], Scope::Job);
        } elseif ($site->windSpeed->toMilesPerHour() < self::OLD_SPEED_BELOW_MPH - 1e-6 && !$site->lowWindSpeedConfirmed) {
            $findings[] = Finding::stop('wind_speed_low', '/site/wind_speed_m_per_s', [
                'speed_m_per_s' => $speed_mps,
                'asked_below_m_per_s' => Speed::ofMilesPerHour(self::OLD_SPEED_BELOW_MPH)->toSi(),
                'converted_m_per_s' => $speed_mps / sqrt(0.6),
            ], Scope::Job);
        }
        if ($site->topography === Topography::Unknown) {
            $findings[] = Finding::stop('topography_unknown', '/site/topography', [], Scope::Job);
        } elseif ($site->topography === Topography::Factor && $site->kzt === null) {
            $findings[] = Finding::stop('kzt_missing', '/site/kzt', [], Scope::Job);
        }
        if ($design->rules->ridgeReading === RidgeReading::Ridge && trim($design->rules->ridgeReadingBy ?? '') === '') {
            $findings[] = Finding::stop('ridge_reading_unnamed', '/rules/ridge_reading_by', [], Scope::Job);
        }

        return $findings;
    }

    /**
     * Conditions of the clause for modules parallel to the roof, besides the distance to the edges.
     *
     * Source: ASCE/SEI 7-16, §29.4.4; recalled.
     *
     * @return list<Finding>
     */
    private static function panelConditions(Design $design, Coefficients $coefficients): array
    {
        $block = $design->block;
        $limit = static fn (string $key): float => $coefficients->look('asce7_16/panels', $key)->value;
        $findings = [];
        $highest_m = Length::ofInches($limit('top_above_roof_in'))->toMetres();
        if ($block->topAboveRoof->toMetres() > $highest_m + 1e-9) {
            $findings[] = Finding::stop('too_high_above_roof', '/block/top_above_roof_m', ['height_m' => $block->topAboveRoof->toMetres(), 'most_m' => $highest_m]);
        }
        if ($block->tiltFromRoof->toDegrees() > $limit('parallel_deg') + 1e-9) {
            $findings[] = Finding::stop('not_parallel', '/block/tilt_from_roof_rad', ['tilt_rad' => $block->tiltFromRoof->toRadians()]);
        }
        $least_m = Length::ofInches($limit('least_gap_in'))->toMetres();
        foreach (['column_gap_m' => [$block->columnGap, $block->columns], 'row_gap_m' => [$block->rowGap, $block->rows]] as $key => [$gap, $count]) {
            if ($count > 1 && $gap->toMetres() < $least_m - 1e-9) {
                $findings[] = Finding::stop('gap_too_small', "/block/$key", ['gap_m' => $gap->toMetres(), 'least_m' => $least_m]);
            }
        }
        $most_m = Length::ofFeet($limit('gap_every_ft'))->toMetres();
        foreach (['length_m' => $design->module->length, 'width_m' => $design->module->width] as $key => $size) {
            if ($size->toMetres() > $most_m + 1e-9) {
                $findings[] = Finding::stop('gaps_too_far_apart', "/module/$key", ['size_m' => $size->toMetres(), 'most_m' => $most_m]);
            }
        }

        return $findings;
    }

    /**
     * Values read in the company's own copies: those that cannot be, and those that are not as recalled.
     *
     * A value that is unknown, of another sign, or more than twice or less than half of the recalled one was read in another
     * unit or another line.
     *
     * @return list<Finding>
     */
    public static function ownCopies(Design $design, bool $refused): array
    {
        $findings = [];
        foreach ($design->ownCopies as $copy) {
            $at = '/own_copies';
            $values = ['coefficient' => $copy->coefficient, 'own' => $copy->value, 'document' => $copy->document, 'clause' => $copy->clause, 'name' => $copy->name];
            $recalled = Coefficients::ofId($copy->coefficient)?->value;
            if ($recalled === null) {
                $findings[] = [true, Finding::refusal('own_copy_unknown', $at, $values, Scope::Job)];
                continue;
            }
            $ratio = $recalled === 0.0 ? ($copy->value === 0.0 ? 1.0 : 0.0) : $copy->value / $recalled;
            if ($ratio < 0.5 || $ratio > 2.0) {
                $findings[] = [true, Finding::refusal('own_copy_implausible', $at, $values + ['recalled' => $recalled], Scope::Job)];
            } elseif (abs($ratio - 1) > 1e-9) {
                $findings[] = [false, Finding::warning('own_copy_differs', $at, $values + ['recalled' => $recalled])];
            }
        }

        return array_values(array_map(static fn (array $one): Finding => $one[1], array_filter($findings, static fn (array $one): bool => $one[0] === $refused)));
    }

    /** @return list<Finding> */
    public static function assumptions(Design $design, SiteLoads $loads, Coefficients $coefficients): array
    {
        $site = $design->site;
        $findings = [Finding::assumption('one_area_for_gcp', '/surface/pitch_rad'), Finding::assumption('floor_on_panels', '/site/wind_speed_m_per_s')];
        if ($loads->velocity->kh > $loads->velocity->khFormula) {
            $findings[] = Finding::assumption('kh_floor', '/site/exposure', ['kh' => $loads->velocity->kh, 'formula' => $loads->velocity->khFormula]);
        }
        if ($site->topography === Topography::NoHill) {
            $findings[] = Finding::assumption('no_hill', '/site/topography');
        }
        if ($site->topography === Topography::Factor && $site->kzt !== null) {
            $findings[] = Finding::assumption('kzt_entered', '/site/kzt', ['kzt' => $site->kzt, 'from' => $site->kztSource ?? '']);
        }
        $findings[] = $design->rules->ridgeReading === RidgeReading::FarEave
            ? Finding::assumption('ridge_reading_severe', '/rules/ridge_reading', ['feet' => '–', 'milder' => '–'])
            : Finding::assumption('ridge_reading_mild', '/rules/ridge_reading', ['by' => $design->rules->ridgeReadingBy ?? '']);
        if ($site->groundSnow->toPascals() > 0) {
            if ($site->freeSlidePath === YesNo::Yes) {
                $findings[] = Finding::assumption('free_slide_path', '/site/free_slide_path');
            }
            if ($site->roofSupports === RoofSupports::Unknown) {
                $findings[] = Finding::assumption('roof_supports_unknown', '/site/roof_supports');
            }
            $findings[] = Finding::assumption('partial_snow', '/site/ground_snow_Pa');
        }
        if ($design->surface->framing->species === Species::Unknown) {
            $findings[] = Finding::assumption('species_unknown', '/surface/framing/species', ['g' => $coefficients->look('nds_2018/species', 'unknown')->value]);
        }

        return $findings;
    }
}
