<?php

declare(strict_types=1);

namespace Garnetine\Core\Load;

use Garnetine\Core\Design\CapacityFormat;
use Garnetine\Core\Design\Covering;
use Garnetine\Core\Design\Design;
use Garnetine\Core\Design\EnSnowSet;
use Garnetine\Core\Design\GroundSnowKind;
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
use Garnetine\Core\Finding\Code;
use Garnetine\Core\Finding\Finding;
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
            $refusals[] = Finding::of(Code::Covering, '/surface/covering', ['covering' => $surface->covering->value]);
        }
        if (in_array($surface->roofKind, [RoofKind::Gambrel, RoofKind::Other], true)) {
            $refusals[] = Finding::of(Code::RoofKind, '/surface/roof_kind', ['roof_kind' => $surface->roofKind->value]);
        }
        $outline = Outline::of($surface);
        if ($outline->isRectangle() === ($surface->roofKind === RoofKind::Hip) || $outline->crosses()) {
            $refusals[] = Finding::of(
                Code::HipEdges,
                '/surface/left_hip_m',
                ['left_m' => $outline->leftHip_m, 'right_m' => $outline->rightHip_m, 'width_m' => $outline->width_m],
            );
        }
        if ($surface->dormerOrValley !== YesNo::No && $design->given === null) {
            $refusals[] = Finding::of(Code::DormerOrValley, '/surface/dormer_or_valley', ['answer' => $surface->dormerOrValley->value]);
        }
        $entered = array_filter($surface->snowFeatures, static fn (SnowFeature $feature): bool => $feature->kind === SnowFeatureKind::HigherRoof) !== [];
        if (($surface->higherOrLowerRoof !== YesNo::No || $entered) && ($design->given === null || !($entered || self::snowIsSaid($design)))) {
            $refusals[] = Finding::of(Code::HigherOrLowerRoof, '/surface/higher_or_lower_roof', ['answer' => $surface->higherOrLowerRoof->value]);
        }
        if (Printed::over($surface->pitch->toDegrees(), self::STEEPEST_DEG)) {
            $refusals[] = Finding::of(Code::Pitch, '/surface/pitch_rad', ['pitch_rad' => $surface->pitch->toRadians()]);
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
            return [
                Finding::of(
                    Code::CapacityFormat,
                    '/kit/capacities',
                    ['entered' => 'choice.capacities.'.$design->kit->capacities->value, 'needed' => 'choice.capacities.'.$loads->combinations->format->value],
                ),
            ];
        }
        $computed = $design->kit->capacities === CapacityFormat::Allowable || ($design->site->standard === Standard::En && $design->site->en?->timber !== null);

        return $design->kit->lag->pullOut === null && !$computed ? [Finding::of(Code::PullOutMissing, '/kit/lag/pull_out_N')] : [];
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

        return abs($entered_m - $given_m) <= Length::ofInches(1.0)->toMetres() + 1e-9 ? [] : [Finding::of(Code::EaveToRidgeDiffers, '/site/eave_to_ridge_m', [
            'entered_m' => $entered_m, 'given_m' => $given_m, 'slope_m' => $design->surface->slopeLength->toMetres(),
            'pitch_rad' => $design->surface->pitch->toRadians(),
        ])];
    }

    /** @return list<Finding> */
    private static function topography(Design $design): array
    {
        $site = $design->site;

        return match (true) {
            $site->topography === Topography::Unknown => [Finding::of(Code::TopographyUnknown, '/site/topography', [])],
            $site->topography === Topography::Hill && $site->hill === null => [Finding::of(Code::HillMissing, '/site/hill', [])],
            $site->topography === Topography::Factor && $site->standard->isAsce7() && $site->kzt === null => [Finding::of(Code::KztMissing, '/site/kzt', [])],
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
            ? [
                Finding::of(
                    Code::GroundSnowKind,
                    '/site/ground_snow_kind',
                    ['entered' => 'choice.ground_snow_kind.'.$site->groundSnowKind->value, 'needed' => 'choice.ground_snow_kind.'.$needed->value],
                ),
            ] : [];
    }

    /** @return list<Finding> A ten-minute mean as high as this is rare: it may be a gust */
    private static function meanVelocity(Design $design): array
    {
        $velocity = $design->site->en?->basicVelocity;

        return $velocity !== null && Printed::over($velocity->toSi(), self::HIGH_MEAN_MPS)
            ? [
                Finding::of(
                    Code::EnVelocityHigh,
                    '/site/en/basic_velocity_m_per_s',
                    ['speed_m_per_s' => $velocity->toSi(), 'asked_above_m_per_s' => self::HIGH_MEAN_MPS],
                ),
            ] : [];
    }

    /** @return list<Finding> */
    private static function wind(Design $design): array
    {
        $site = $design->site;
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
        if ($design->rules->ridgeReading === RidgeReading::Ridge && trim($design->rules->ridgeReadingBy ?? '') === '') {
            $findings[] = Finding::of(Code::RidgeReadingUnnamed, '/rules/ridge_reading_by', []);
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
    public static function panelConditions(Design $design, Coefficients $coefficients): array
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
            $values = [
                'coefficient' => $copy->coefficient,
                'own' => $copy->value,
                'document' => $copy->document,
                'clause' => $copy->clause,
                'name' => $copy->name,
            ];
            $recalled = Coefficients::ofId($copy->coefficient)?->value;
            if (Coefficients::isMissingId($copy->coefficient)) {
                continue;
            }
            if ($recalled === null) {
                $findings[] = [true, Finding::of(Code::OwnCopyUnknown, $at, $values)];
                continue;
            }
            $ratio = $recalled === 0.0 ? ($copy->value === 0.0 ? 1.0 : 0.0) : $copy->value / $recalled;
            if ($ratio < 0.5 || $ratio > 2.0) {
                $findings[] = [true, Finding::of(Code::OwnCopyImplausible, $at, $values + ['recalled' => $recalled])];
            } elseif (abs($ratio - 1) > 1e-9) {
                $findings[] = [false, Finding::of(Code::OwnCopyDiffers, $at, $values + ['recalled' => $recalled])];
            }
        }

        return array_values(
            array_map(static fn (array $one): Finding => $one[1], array_filter($findings, static fn (array $one): bool => $one[0] === $refused)),
        );
    }

    /** @return list<Finding> */
    public static function assumptions(Design $design, SiteLoads $loads, Coefficients $coefficients): array
    {
        $site = $design->site;
        $given = $design->given;
        $findings = match (true) {
            $given !== null => [Finding::of(Code::GivenPressures, '/given', ['document' => $given->document, 'by' => $given->by, 'on' => $given->on ?? ''])],
            $site->standard->isAsce7() => self::asceAssumptions($design, $loads),
            $site->standard === Standard::En => [
                Finding::of(Code::NoEqualisation, '/site/standard'),
                Finding::of(Code::EnRecommended, '/site/en'),
                Finding::of(Code::EnWinds, '/site/building_length_m'),
            ],
            default => [Finding::of(Code::NoEqualisation, '/site/standard'), Finding::of(Code::AsNzsDirection, '/site/as_nzs')],
        };
        if ($given === null && $site->topography === Topography::NoHill) {
            $findings[] = Finding::of(Code::NoHill, '/site/topography');
        }
        if ($given === null && $design->surface->snowFeatures !== []) {
            $findings[] = Finding::of(Code::WindBesideTall, '/surface/snow_features');
        }
        if ($given === null && $site->topography === Topography::Hill) {
            $findings[] = Finding::of(Code::HillCounts, '/site/hill');
        }
        if ($design->kit->capacities === CapacityFormat::Design) {
            $findings[] = Finding::of(Code::PullAndPushAddUp, '/kit/capacities');
        }
        if ($loads->snow->balanced_Pa > 0) {
            if ($site->freeSlidePath === YesNo::Yes) {
                $findings[] = Finding::of(Code::FreeSlidePath, '/site/free_slide_path');
            }
            if ($site->roofSupports === RoofSupports::Unknown && $site->standard->isAsce7()) {
                $findings[] = Finding::of(Code::RoofSupportsUnknown, '/site/roof_supports');
            }
            $findings[] = Finding::of(Code::PartialSnow, '/site/ground_snow_Pa');
            $findings[] = Finding::of($site->arrayHoldsSnow === YesNo::No ? Code::SnowAboveSlides : Code::SnowAboveStays, '/site/array_holds_snow');
        }
        if ($design->surface->framing->species === Species::Unknown && $design->kit->capacities === CapacityFormat::Allowable) {
            $findings[] = Finding::of(Code::SpeciesUnknown, '/surface/framing/species', ['g' => $coefficients->look('nds_2018/species', 'unknown')->value]);
        }

        return $findings;
    }

    /** @return list<Finding> */
    private static function asceAssumptions(Design $design, SiteLoads $loads): array
    {
        $site = $design->site;
        $findings = [Finding::of(Code::OneAreaForGcp, '/surface/pitch_rad'), Finding::of(Code::FloorOnPanels, '/site/wind_speed_m_per_s')];
        $kh = $loads->figures->at('loads/kh');
        if ($kh !== null && $kh->code === 'kh_floor') {
            $findings[] = Finding::of(Code::KhFloor, '/site/exposure', ['kh' => $kh->values['value'], 'formula' => $kh->values['formula']]);
        }
        if ($site->topography === Topography::Factor && $site->kzt !== null) {
            $findings[] = Finding::of(Code::KztEntered, '/site/kzt', ['kzt' => $site->kzt, 'from' => $site->kztSource ?? '']);
        }
        if ($design->surface->roofKind === RoofKind::Hip) {
            $findings[] = Finding::of(Code::HipFigures, '/surface/roof_kind');
        }
        $findings[] = $design->rules->ridgeReading === RidgeReading::FarEave
            ? Finding::of(Code::RidgeReadingSevere, '/rules/ridge_reading', ['feet' => '–', 'milder' => '–'])
            : Finding::of(Code::RidgeReadingMild, '/rules/ridge_reading', ['by' => $design->rules->ridgeReadingBy ?? '']);

        return $findings;
    }
}
