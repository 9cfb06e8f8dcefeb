<?php

declare(strict_types=1);

namespace Garnetine\Core\Load;

use Garnetine\Core\Design\CapacityFormat;
use Garnetine\Core\Design\Covering;
use Garnetine\Core\Design\Design;
use Garnetine\Core\Design\EnSnowSet;
use Garnetine\Core\Design\GroundSnowKind;
use Garnetine\Core\Design\Orientation;
use Garnetine\Core\Design\RidgeReading;
use Garnetine\Core\Design\RoofKind;
use Garnetine\Core\Design\RoofSupports;
use Garnetine\Core\Design\SnowFeature;
use Garnetine\Core\Design\SnowFeatureKind;
use Garnetine\Core\Design\Species;
use Garnetine\Core\Design\Standard;
use Garnetine\Core\Design\Surface;
use Garnetine\Core\Design\Topography;
use Garnetine\Core\Design\WindSpeedKind;
use Garnetine\Core\Design\YesNo;
use Garnetine\Core\Finding\Finding;
use Garnetine\Core\Finding\Scope;
use Garnetine\Core\Geometry\Outline;
use Garnetine\Core\Load\Asce7\Edition;
use Garnetine\Core\Quantity\Length;
use Garnetine\Core\Quantity\Speed;

/** What the methods cover at all, and what they ask to be confirmed before they do. */
final class Admission
{
    private const STEEPEST_DEG = 60.0;
    private const HIGH_MEAN_MPS = 34.0;
    private const OLD_SPEED_BELOW_MPH = 95.0;

    /** @return list<Finding> Refusals: nothing is planned for the surface while there is one */
    public static function refusals(Design $design): array
    {
        $surface = $design->surface;
        $refusals = [];
        if ($surface->covering !== Covering::AsphaltShingles) {
            $refusals[] = Finding::refusal('covering', '/surface/covering', ['covering' => $surface->covering->value]);
        }
        if (in_array($surface->roofKind, [RoofKind::Gambrel, RoofKind::Other], true)) {
            $refusals[] = Finding::refusal('roof_kind', '/surface/roof_kind', ['roof_kind' => $surface->roofKind->value]);
        }
        $outline = Outline::of($surface);
        if ($outline->isRectangle() === ($surface->roofKind === RoofKind::Hip) || $outline->crosses()) {
            $refusals[] = Finding::refusal('hip_edges', '/surface/left_hip_m', ['left_m' => $outline->leftHip_m, 'right_m' => $outline->rightHip_m, 'width_m' => $outline->width_m]);
        }
        if ($surface->dormerOrValley !== YesNo::No && $design->given === null) {
            $refusals[] = Finding::refusal('dormer_or_valley', '/surface/dormer_or_valley', ['answer' => $surface->dormerOrValley->value]);
        }
        $entered = array_filter($surface->snowFeatures, static fn (SnowFeature $feature): bool => $feature->kind === SnowFeatureKind::HigherRoof) !== [];
        if (($surface->higherOrLowerRoof !== YesNo::No || $entered) && ($design->given === null || !($entered || self::snowIsSaid($design)))) {
            $refusals[] = Finding::refusal('higher_or_lower_roof', '/surface/higher_or_lower_roof', ['answer' => $surface->higherOrLowerRoof->value]);
        }
        if (Printed::over($surface->pitch->toDegrees(), self::STEEPEST_DEG)) {
            $refusals[] = Finding::refusal('pitch', '/surface/pitch_rad', ['pitch_rad' => $surface->pitch->toRadians()]);
        }
        if ($design->block->orientation !== Orientation::Portrait) {
            $refusals[] = Finding::refusal('landscape', '/block/orientation');
        }

        array_push($refusals, ...self::ownCopies($design, true));

        return $refusals;
    }

    /** Whether snow beside a higher roof needs no computing: there is none, or it is given. */
    private static function snowIsSaid(Design $design): bool
    {
        return $design->site->groundSnow->toPascals() <= 0.0 || $design->given?->roofSnow !== null;
    }

    /** @return list<Finding> Refusals when the kit's capacities cannot be held against the combinations */
    public static function capacities(Design $design, SiteLoads $loads): array
    {
        if ($design->kit->capacities !== $loads->combinations->format) {
            return [Finding::refusal('capacity_format', '/kit/capacities', ['entered' => 'choice.capacities.'.$design->kit->capacities->value, 'needed' => 'choice.capacities.'.$loads->combinations->format->value])];
        }
        $computed = $design->kit->capacities === CapacityFormat::Allowable || ($design->site->standard === Standard::En && $design->site->en?->timber !== null);

        return $design->kit->lag->pullOut === null && !$computed ? [Finding::refusal('pull_out_missing', '/kit/lag/pull_out_N')] : [];
    }

    /** @return list<Finding> What is asked of the site and of the array, whether or not the case is covered */
    public static function asked(Design $design, Coefficients $coefficients): array
    {
        if ($design->given !== null) {
            return $design->given->roofSnow === null ? self::groundSnow($design) : [];
        }
        $asce = $design->site->standard->isAsce7();

        return [
            ...$asce ? self::wind($design) : [],
            ...$design->site->standard === Standard::En ? self::meanVelocity($design) : [],
            ...self::topography($design),
            ...self::groundSnow($design),
            ...$asce ? self::panelConditions($design, $coefficients) : [],
        ];
    }

    /** From the eave's edge to the ridge on the level, as slope length and pitch give it. */
    public static function eaveToRidge(Surface $surface): Length
    {
        return Length::ofMetres($surface->slopeLength->toMetres() * cos($surface->pitch->toRadians()));
    }

    /** @return list<Finding> Values of the survey that do not go together. Over an inch: common practice, no source */
    public static function survey(Design $design): array
    {
        $entered_m = $design->site->eaveToRidge->toMetres();
        $given_m = self::eaveToRidge($design->surface)->toMetres();

        return abs($entered_m - $given_m) <= Length::ofInches(1.0)->toMetres() + 1e-9 ? [] : [Finding::warning('eave_to_ridge_differs', '/site/eave_to_ridge_m', [
            'entered_m' => $entered_m, 'given_m' => $given_m, 'slope_m' => $design->surface->slopeLength->toMetres(), 'pitch_rad' => $design->surface->pitch->toRadians(),
        ])];
    }

    /** @return list<Finding> */
    private static function topography(Design $design): array
    {
        $site = $design->site;

        return match (true) {
            $site->topography === Topography::Unknown => [Finding::stop('topography_unknown', '/site/topography', [], Scope::Job)],
            $site->topography === Topography::Hill && $site->hill === null => [Finding::stop('hill_missing', '/site/hill', [], Scope::Job)],
            $site->topography === Topography::Factor && $site->standard->isAsce7() && $site->kzt === null => [Finding::stop('kzt_missing', '/site/kzt', [], Scope::Job)],
            default => [],
        };
    }

    /** @return list<Finding> Ground snow of another standard's maps */
    private static function groundSnow(Design $design): array
    {
        $site = $design->site;
        $needed = GroundSnowKind::of($site->standard);
        $counts = $site->groundSnow->toPascals() > 0 && !($site->standard === Standard::En && $site->en?->snowSet !== EnSnowSet::Given);

        return $needed !== null && $counts && $site->groundSnowKind !== $needed
            ? [Finding::stop('ground_snow_kind', '/site/ground_snow_kind', ['entered' => 'choice.ground_snow_kind.'.$site->groundSnowKind->value, 'needed' => 'choice.ground_snow_kind.'.$needed->value], Scope::Job)] : [];
    }

    /** @return list<Finding> A ten-minute mean as high as this is rare: it may be a gust */
    private static function meanVelocity(Design $design): array
    {
        $velocity = $design->site->en?->basicVelocity;

        return $velocity !== null && Printed::over($velocity->toSi(), self::HIGH_MEAN_MPS)
            ? [Finding::stop('en_velocity_high', '/site/en/basic_velocity_m_per_s', ['speed_m_per_s' => $velocity->toSi(), 'asked_above_m_per_s' => self::HIGH_MEAN_MPS], Scope::Job)] : [];
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
        } elseif (Printed::under($site->windSpeed->toMilesPerHour(), self::OLD_SPEED_BELOW_MPH) && !$site->lowWindSpeedConfirmed) {
            $findings[] = Finding::stop('wind_speed_low', '/site/wind_speed_m_per_s', [
                'speed_m_per_s' => $speed_mps,
                'asked_below_m_per_s' => Speed::ofMilesPerHour(self::OLD_SPEED_BELOW_MPH)->toSi(),
                'converted_m_per_s' => $speed_mps / sqrt(0.6),
            ], Scope::Job);
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
        $limit = static fn (string $key): float => $coefficients->value(Edition::of($design->site->standard)->table('panels'), $key);
        $findings = [];
        $highest_m = Length::ofInches($limit('top_above_roof_in'))->toMetres();
        if (Printed::over($block->topAboveRoof->toMetres(), $highest_m)) {
            $findings[] = Finding::stop('too_high_above_roof', '/block/top_above_roof_m', ['height_m' => $block->topAboveRoof->toMetres(), 'most_m' => $highest_m]);
        }
        if (Printed::over($block->tiltFromRoof->toDegrees(), $limit('parallel_deg'))) {
            $findings[] = Finding::stop('not_parallel', '/block/tilt_from_roof_rad', ['tilt_rad' => $block->tiltFromRoof->toRadians(), 'most_rad' => deg2rad($limit('parallel_deg'))]);
        }
        $least_m = Length::ofInches($limit('least_gap_in'))->toMetres();
        foreach (['column_gap_m' => [$block->columnGap, $block->columns], 'row_gap_m' => [$block->rowGap, $block->rows]] as $key => [$gap, $count]) {
            if ($count > 1 && Printed::under($gap->toMetres(), $least_m)) {
                $findings[] = Finding::stop('gap_too_small', "/block/$key", ['gap_m' => $gap->toMetres(), 'least_m' => $least_m]);
            }
        }
        $most_m = Length::ofFeet($limit('gap_every_ft'))->toMetres();
        foreach (['length_m' => $design->module->length, 'width_m' => $design->module->width] as $key => $size) {
            if (Printed::over($size->toMetres(), $most_m)) {
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
            if (Coefficients::isMissingId($copy->coefficient)) {
                continue;
            }
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
        $given = $design->given;
        $findings = match (true) {
            $given !== null => [Finding::assumption('given_pressures', '/given', ['document' => $given->document, 'by' => $given->by, 'on' => $given->on ?? ''])],
            $site->standard->isAsce7() => self::asceAssumptions($design, $loads),
            $site->standard === Standard::En => [Finding::assumption('no_equalisation', '/site/standard'), Finding::assumption('en_recommended', '/site/en'), Finding::assumption('en_winds', '/site/building_length_m')],
            default => [Finding::assumption('no_equalisation', '/site/standard'), Finding::assumption('as_nzs_direction', '/site/as_nzs')],
        };
        if ($given === null && $site->topography === Topography::NoHill) {
            $findings[] = Finding::assumption('no_hill', '/site/topography');
        }
        if ($given === null && $design->surface->snowFeatures !== []) {
            $findings[] = Finding::assumption('wind_beside_tall', '/surface/snow_features');
        }
        if ($given === null && $site->topography === Topography::Hill) {
            $findings[] = Finding::assumption('hill_counts', '/site/hill');
        }
        if ($design->kit->capacities === CapacityFormat::Design) {
            $findings[] = Finding::assumption('pull_and_push_add_up', '/kit/capacities');
        }
        if ($loads->snow->balanced_Pa > 0) {
            if ($site->freeSlidePath === YesNo::Yes) {
                $findings[] = Finding::assumption('free_slide_path', '/site/free_slide_path');
            }
            if ($site->roofSupports === RoofSupports::Unknown && $site->standard->isAsce7()) {
                $findings[] = Finding::assumption('roof_supports_unknown', '/site/roof_supports');
            }
            $findings[] = Finding::assumption('partial_snow', '/site/ground_snow_Pa');
            $findings[] = Finding::assumption($site->arrayHoldsSnow === YesNo::No ? 'snow_above_slides' : 'snow_above_stays', '/site/array_holds_snow');
        }
        if ($design->surface->framing->species === Species::Unknown && $design->kit->capacities === CapacityFormat::Allowable) {
            $findings[] = Finding::assumption('species_unknown', '/surface/framing/species', ['g' => $coefficients->look('nds_2018/species', 'unknown')->value]);
        }

        return $findings;
    }

    /** @return list<Finding> */
    private static function asceAssumptions(Design $design, SiteLoads $loads): array
    {
        $site = $design->site;
        $findings = [Finding::assumption('one_area_for_gcp', '/surface/pitch_rad'), Finding::assumption('floor_on_panels', '/site/wind_speed_m_per_s')];
        $kh = $loads->figures->at('loads/kh');
        if ($kh !== null && $kh->code === 'kh_floor') {
            $findings[] = Finding::assumption('kh_floor', '/site/exposure', ['kh' => $kh->values['value'], 'formula' => $kh->values['formula']]);
        }
        if ($site->topography === Topography::Factor && $site->kzt !== null) {
            $findings[] = Finding::assumption('kzt_entered', '/site/kzt', ['kzt' => $site->kzt, 'from' => $site->kztSource ?? '']);
        }
        if ($design->surface->roofKind === RoofKind::Hip) {
            $findings[] = Finding::assumption('hip_figures', '/surface/roof_kind');
        }
        $findings[] = $design->rules->ridgeReading === RidgeReading::FarEave
            ? Finding::assumption('ridge_reading_severe', '/rules/ridge_reading', ['feet' => '–', 'milder' => '–'])
            : Finding::assumption('ridge_reading_mild', '/rules/ridge_reading', ['by' => $design->rules->ridgeReadingBy ?? '']);

        return $findings;
    }
}
