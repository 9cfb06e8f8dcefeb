<?php

declare(strict_types=1);

namespace Garnetine\Core\Load;

use Garnetine\Core\Covering\ScrewedMetal;
use Garnetine\Core\Covering\SeamedMetal;
use Garnetine\Core\Covering\Shingles;
use Garnetine\Core\Covering\Tile;
use Garnetine\Core\Design\Block\ShortRails;
use Garnetine\Core\Design\Block\TiltLegs;
use Garnetine\Core\Design\Design;
use Garnetine\Core\Design\Kit\CapacityFormat;
use Garnetine\Core\Design\Kit\FrameKind;
use Garnetine\Core\Design\Signing\OwnCopy;
use Garnetine\Core\Design\Site\Standard;
use Garnetine\Core\Design\Surface\Corner;
use Garnetine\Core\Design\Surface\EdgeKind;
use Garnetine\Core\Design\Surface\Outline;
use Garnetine\Core\Design\Surface\RoofKind;
use Garnetine\Core\Design\Surface\RoofSupports;
use Garnetine\Core\Design\Surface\SnowFeature;
use Garnetine\Core\Design\Surface\SnowFeatureKind;
use Garnetine\Core\Design\Surface\Species;
use Garnetine\Core\Design\Surface\Surface;
use Garnetine\Core\Design\YesNo;
use Garnetine\Core\Document\Kinds;
use Garnetine\Core\Fastener\LagScrew;
use Garnetine\Core\Fastener\SteelScrew;
use Garnetine\Core\Fastener\StructuralScrew;
use Garnetine\Core\Fastener\WoodScrew;
use Garnetine\Core\Finding\Code;
use Garnetine\Core\Finding\Finding;
use Garnetine\Core\Foot\LFoot;
use Garnetine\Core\Foot\SeamClamp;
use Garnetine\Core\Foot\SheetScrews;
use Garnetine\Core\Foot\Standoff;
use Garnetine\Core\Quantity\Length;

/** What the methods cover at all, and what they ask to be confirmed before they do. */
final class Admission
{
    private const STEEPEST_DEG = 60.0;

    private const SLOPES = 'irc_2018/roof_slopes';
    private const WELL_ABOVE = 1.5;

    /** @return list<Finding> Refusals: nothing is planned for the surface while there is one */
    public static function refusals(Design $design): array
    {
        $surface = $design->surface;
        $refusals = [];
        if (!$surface->covering->isPlanned()) {
            $refusals[] = Finding::of(Code::Covering, '/surface/covering/kind', ['covering' => 'choice.kind.'.Kinds::nameOf($surface->covering::class)]);
        } elseif ($surface->framing->kind->runAcross() !== ($surface->covering->liesOnPurlins() ?? $surface->framing->kind->runAcross())) {
            $refusals[] = Finding::of(Code::FramingNotCovered, '/surface/framing/kind', [
                'covering' => 'choice.kind.'.Kinds::nameOf($surface->covering::class), 'members' => 'choice.kind.'.$surface->framing->kind->value,
            ]);
        }
        if (in_array($surface->roofKind, [RoofKind::Gambrel, RoofKind::Other], true)) {
            $refusals[] = Finding::of(Code::RoofKind, '/surface/roof_kind', ['roof_kind' => $surface->roofKind->value]);
        }
        $outline = Outline::of($surface);
        if ($outline->given !== []) {
            array_push($refusals, ...self::outline($design, $outline));
        } elseif ($outline->isRectangle() === ($surface->roofKind === RoofKind::Hip) || $outline->crosses()) {
            $refusals[] = Finding::of(
                Code::HipEdges,
                '/surface/left_hip_m',
                ['left_m' => $outline->leftHip_m, 'right_m' => $outline->rightHip_m, 'width_m' => $outline->width_m],
            );
        }
        if ($surface->dormerOrValley !== YesNo::No && $design->given === null && !self::valleysAreDrawn($surface)) {
            $refusals[] = Finding::of(Code::DormerOrValley, '/surface/dormer_or_valley', ['answer' => $surface->dormerOrValley->value]);
        }
        $entered = array_filter($surface->snowFeatures, static fn (SnowFeature $feature): bool => $feature->kind === SnowFeatureKind::HigherRoof) !== [];
        if (($surface->higherOrLowerRoof !== YesNo::No || $entered) && ($design->given === null || !($entered || self::snowIsSaid($design)))) {
            $refusals[] = Finding::of(Code::HigherOrLowerRoof, '/surface/higher_or_lower_roof', ['answer' => $surface->higherOrLowerRoof->value]);
        }
        if (Printed::over($surface->pitch->toDegrees(), self::STEEPEST_DEG)) {
            $refusals[] = Finding::of(Code::Pitch, '/surface/pitch_rad', ['pitch_rad' => $surface->pitch->toRadians()]);
        }

        array_push($refusals, ...self::ownCopies($design->ownCopies, true));

        return $refusals;
    }

    /** Whether all that is asked about is a valley, and that is an edge of the outline. */
    private static function valleysAreDrawn(Surface $surface): bool
    {
        return $surface->dormerOrValley === YesNo::Yes && array_filter(
            $surface->outline,
            static fn (Corner $one): bool => $one->edge === EdgeKind::Valley,
        ) !== [];
    }

    /** @return list<Finding> What of an outline by its corners is not covered */
    private static function outline(Design $design, Outline $outline): array
    {
        $trouble = $outline->trouble();
        if ($trouble !== null) {
            return [Finding::of(Code::PlaneNotSimple, '/surface/outline', ['trouble' => $trouble])];
        }
        $kinds = array_map(static fn (Corner $corner): EdgeKind => $corner->edge, $outline->given);

        return match (true) {
            $design->given !== null => [],
            array_intersect(array_column($kinds, 'value'), ['wall', 'step']) !== [] => [Finding::of(Code::MonoNeedsGiven, '/surface/outline')],
            !Standards::of($design)->laysZonesOnAnyOutline($design) => [Finding::of(Code::OutlineNotCovered, '/surface/outline')],
            default => [],
        };
    }

    /** Modules on legs are as much steeper than their roof (a choice): below it rails lie on their feet, beyond it other models of wind are wanted. */
    private const LEAST_TILT_DEG = 1.0;
    private const MOST_TILT_DEG = 35.0;

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
        $fastener = $design->kit->fastener;
        $computed = match (true) {
            $fastener instanceof LagScrew => $design->kit->capacities === CapacityFormat::Allowable
                || ($design->site->standard === Standard::En && $design->site->en?->timber !== null),
            $fastener instanceof WoodScrew, $fastener instanceof SteelScrew => $design->kit->capacities === CapacityFormat::Allowable,
            default => false,
        };

        $isPierced = $design->kit->foot->holes() !== [] && !$design->onDeck();

        return $isPierced && $fastener->pullOut() === null && !$computed ? [Finding::of(Code::PullOutMissing, '/kit/fastener/pull_out_N')] : [];
    }

    /** Why no rails up the slope are planned for a block that has them; null where they are, or it has none. */
    private static function notUpSlope(Design $design): ?string
    {
        $covering = $design->surface->covering;
        $isAcross = $design->surface->framing->kind->runAcross();

        return match (true) {
            !$design->block->arrangement->standsUpSlope() => null,
            !($covering instanceof ScrewedMetal && $isAcross)
                && !(($covering instanceof Tile || $covering instanceof Shingles) && !$isAcross && !$design->onDeck()) => 'up.roof',
            $design->kit->foot->intoSheet() => 'up.sheet',
            $design->kit->foot instanceof LFoot && $design->kit->foot->padWidth === null => 'up.pad',
            $design->kit->foot->underRailUp() === null => 'up.foot',
            default => null,
        };
    }

    /** @return list<Finding> Refusals of a kit on the roof that it is for */
    public static function kit(Design $design): array
    {
        $covering = $design->surface->covering;

        $findings = !$covering->isPlanned() || in_array($covering::class, $design->kit->foot->coverings(), true) ? [] : [
            Finding::of(Code::FootNotForCovering, '/kit/foot/kind', [
                'foot' => 'choice.kind.'.Kinds::nameOf($design->kit->foot::class), 'covering' => 'choice.kind.'.Kinds::nameOf($covering::class),
            ]),
        ];
        $framing = $design->surface->framing;
        $inSheet = $design->kit->foot->intoSheet();
        if ($design->block->arrangement instanceof ShortRails && $covering->isPlanned() && $covering->stand() === 'member') {
            $findings[] = Finding::of(Code::ShortRailsNeedRibs, '/block/arrangement/kind', ['covering' => 'choice.kind.'.Kinds::nameOf($covering::class)]);
        }
        if ($covering->isPlanned() && ($why = self::notUpSlope($design)) !== null) {
            $findings[] = Finding::of(Code::RailsUpUnfit, '/block/arrangement/kind', ['why' => $why]);
        }

        array_push($findings, ...self::legs($design), ...self::shared($design), ...self::frameBolts($design), ...self::deckOnly($design));

        return match (true) {
            $design->kit->foot->holes() === [] => [...$findings, ...self::seam($design)],
            $design->kit->fastener instanceof SteelScrew !== ($inSheet
                || $framing->kind->isSteel()) => [...$findings, Finding::of(Code::ScrewNotForMember, '/kit/fastener/kind', [
                    'screw' => 'choice.kind.'.Kinds::nameOf($design->kit->fastener::class),
                    'members' => 'choice.kind.'.($inSheet ? 'metal' : $framing->kind->value),
                ])],
            $inSheet => [...$findings, ...self::sheet($design)],
            $framing->kind->isSteel() && $framing->steelThickness === null => [
                ...$findings, Finding::of(Code::SteelThicknessMissing, '/surface/framing/steel_thickness_m'),
            ],
            default => $findings,
        };
    }

    /** @return list<Finding> Refusals of what rows share, and of feet alone */
    private static function shared(Design $design): array
    {
        $foot = $design->kit->foot;

        return [
            ...$design->block->arrangement->liesBetweenRows() && !$design->kit->clamp->gripsBothRails ? [
                Finding::of(Code::SharedUnfit, '/kit/clamp/grips_both_rails'),
            ] : [],
            ...$design->block->arrangement->hasRails() ? [] : self::onFeet($design),
        ];
    }

    /** @return list<Finding> Refusals of modules on feet alone: these hold what is clamped to them, and its frame is the beam between two */
    private static function onFeet(Design $design): array
    {
        $foot = $design->kit->foot;

        return [
            ...$foot->isBolted() ? [] : [Finding::of(Code::OnFeetUnfit, '/kit/foot/kind', ['why' => 'on_feet.foot', 'name' => $foot->name()])],
            ...$design->module->frame === FrameKind::Framed ? [] : [
                Finding::of(Code::OnFeetUnfit, '/module/frame', ['why' => 'on_feet.glass', 'name' => $design->module->name]),
            ],
        ];
    }

    /** @return list<Finding> Refusals of feet that were not tested in a deck such as is all that there is */
    private static function deckOnly(Design $design): array
    {
        $missed = $design->kit->foot->missed($design->kit->capacities === CapacityFormat::Allowable);
        $at = match (true) {
            !$design->onDeck() || ($missed?->deckUp !== null && $missed->deckAlong !== null) => null,
            $missed === null => '/kit/foot/kind',
            default => $missed->deckUp === null ? '/kit/foot/deck_up_N' : '/kit/foot/deck_along_N',
        };

        return $at === null ? [] : [Finding::of(Code::DeckOnlyUntested, $at, ['foot' => $design->kit->foot->name()])];
    }

    /** @return list<Finding> Refusals of bolts through the frame: they hold a module where a rail lies under two sides of its frame */
    private static function frameBolts(Design $design): array
    {
        $hole_m = $design->kit->clamp->frameHole?->toMetres();
        $isAlong = $design->block->arrangement->liesBetweenRows() || $design->block->arrangement instanceof ShortRails;

        return $hole_m !== null && ($isAlong || $design->module->frame === FrameKind::Frameless || 2 * $hole_m >= $design->moduleAlong()->toMetres()) ? [
            Finding::of(Code::FrameBoltsUnfit, '/kit/clamp/frame_hole_m'),
        ] : [];
    }

    /** @return list<Finding> Refusals of legs under the modules, and of the feet under these */
    private static function legs(Design $design): array
    {
        if (!$design->block->arrangement instanceof TiltLegs) {
            return [];
        }
        [$foot, $over_deg] = [$design->kit->foot, rad2deg($design->overRoof_rad())];
        $why = match (true) {
            $over_deg < self::LEAST_TILT_DEG || $over_deg > self::MOST_TILT_DEG => 'legs.tilt',
            $foot->limits()->arm !== null || !$foot->isBolted() || ($foot instanceof Standoff && $foot->post !== null) => 'legs.foot',
            default => null,
        };

        return [
            ...$why === null ? [] : [Finding::of(Code::LegsUnfit, $why === 'legs.tilt' ? '/block/tilt_from_roof_rad' : '/kit/foot/kind', ['why' => $why])],
            // What the wind takes hold of, and how snow lies behind a row, is not known of modules that stand off their roof.
            ...$design->given !== null && self::snowIsSaid($design) ? [] : [Finding::of(Code::LegsNeedGiven, '/given')],
        ];
    }

    /** @return list<Finding> A clamp holds on the seam that it was tested on, and on sheets no thinner */
    private static function seam(Design $design): array
    {
        [$clamp, $roof] = [$design->kit->foot, $design->surface->covering];
        if (!$clamp instanceof SeamClamp || !$roof instanceof SeamedMetal) {
            return [];
        }
        $isKnown = trim($roof->seam) !== '' && mb_strtolower(trim($roof->seam)) === mb_strtolower(trim($clamp->forSeam));

        $isThick = !Printed::under($roof->sheetThickness->toMetres(), $clamp->forThickness->toMetres());

        return $isKnown && $isThick ? [] : [Finding::of(Code::SeamUnknown, '/kit/foot/for_seam', [
            'seam' => $roof->seam, 'sheet_m' => $roof->sheetThickness->toMetres(), 'for_seam' => $clamp->forSeam, 'for_m' => $clamp->forThickness->toMetres(),
        ])];
    }

    /** @return list<Finding> Screws in a sheet hold what a test on such a sheet gave, no thinner and of the same steel */
    private static function sheet(Design $design): array
    {
        [$screws, $roof] = [$design->kit->foot, $design->surface->covering];
        if (!$screws instanceof SheetScrews || !$roof instanceof ScrewedMetal) {
            return [];
        }
        $same = static fn (string $one): string => mb_strtolower(trim($one));
        $isTested = $screws->up !== null && $screws->down !== null && $screws->along !== null && trim($screws->document) !== '';
        $isSame = $same($roof->sheet) !== '' && $same($roof->sheet) === $same($screws->forSheet);

        return $isTested && $isSame && !Printed::under($roof->sheetThickness->toMetres(), $screws->forThickness->toMetres()) ? [] : [
            Finding::of(Code::SheetUntested, '/kit/foot/for_sheet', [
                'sheet_name' => $roof->sheet, 'sheet_m' => $roof->sheetThickness->toMetres(), 'for_sheet' => $screws->forSheet,
                'for_m' => $screws->forThickness->toMetres(),
            ]),
        ];
    }

    /** @return list<Finding> What is asked of the site and of the array, whether or not the case is covered */
    public static function asked(Design $design, Coefficients $coefficients): array
    {
        if ($design->given !== null) {
            return $design->given->roofSnow === null ? self::groundSnow($design) : [];
        }
        $standard = Standards::of($design);

        return [
            ...$standard->asksOfSite($design),
            ...SiteQuestions::topography($design->site),
            ...self::groundSnow($design),
            ...$standard->asksOfArray($design, $coefficients),
        ];
    }

    /** From the eave's edge to the ridge on the level, as slope length and pitch give it. */
    public static function eaveToRidge(Surface $surface): Length
    {
        return Length::ofMetres($surface->slopeLength->toMetres() * cos($surface->pitch->toRadians()));
    }

    /**
     * @return list<Finding> Values of the survey that do not go together, over an inch: common practice, no source; and a pitch on which the
     *                       covering is not laid
     */
    public static function survey(Design $design, Coefficients $coefficients): array
    {
        $low = self::low($design->surface, $coefficients);
        $entered_m = $design->site->eaveToRidge->toMetres();
        $given_m = self::eaveToRidge($design->surface)->toMetres();

        return abs($entered_m - $given_m) <= Length::ofInches(1.0)->toMetres() + 1e-9 ? $low
            : [...$low, Finding::of(Code::EaveToRidgeDiffers, '/site/eave_to_ridge_m', [
                'entered_m' => $entered_m, 'given_m' => $given_m, 'slope_m' => $design->surface->slopeLength->toMetres(),
                'pitch_rad' => $design->surface->pitch->toRadians(),
            ])];
    }

    /** @return list<Finding> */
    private static function low(Surface $surface, Coefficients $coefficients): array
    {
        $rise = tan($surface->pitch->toRadians()) * 12;
        $covering = (string) Kinds::nameOf($surface->covering::class);
        // Well above it nobody has to confirm the value.
        if (!Coefficients::has(self::SLOPES, $covering) || $rise >= self::WELL_ABOVE * $coefficients->look(self::SLOPES, $covering)->value) {
            return [];
        }
        $least = $coefficients->value(self::SLOPES, $covering);

        return Printed::under($rise, $least)
            ? [Finding::of(Code::PitchLow, '/surface/pitch_rad', ['pitch_rad' => $surface->pitch->toRadians(), 'least' => $least])] : [];
    }

    /** @return list<Finding> Ground snow of another standard's maps */
    private static function groundSnow(Design $design): array
    {
        return Standards::of($design)->readsGroundSnow($design) ? SiteQuestions::groundSnow($design->site) : [];
    }

    /**
     * Values read in the company's own copies: those that cannot be, and those that are not as recalled.
     *
     * A value that is unknown, of another sign, or more than twice or less than half of the recalled one was read in another
     * unit or another line.
     *
     * @param list<OwnCopy> $ownCopies
     *
     * @return list<Finding>
     */
    public static function ownCopies(array $ownCopies, bool $refused): array
    {
        $findings = [];
        foreach ($ownCopies as $copy) {
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
            default => Standards::of($design)->assumptions($design, $loads),
        };
        array_push($findings, ...$given === null ? SiteQuestions::assumptions($site) : []);
        if ($given === null && array_filter($design->surface->outline, static fn (Corner $one): bool => $one->edge === EdgeKind::Valley) !== []) {
            $findings[] = Finding::of(Code::ValleyPlain, '/surface/outline');
        }
        if ($given === null && $design->surface->snowFeatures !== []) {
            $findings[] = Finding::of(Code::WindBesideTall, '/surface/snow_features');
        }
        // What is tested in a deck is so with its screws.
        $isPierced = $design->kit->foot->holes() !== [] && !$design->onDeck();
        if ($isPierced && ($design->kit->capacities === CapacityFormat::Design || $design->kit->fastener instanceof StructuralScrew)) {
            $findings[] = Finding::of(Code::PullAndPushAddUp, '/kit/capacities');
        }
        if ($design->surface->covering instanceof ScrewedMetal) {
            $findings[] = Finding::of(Code::SheetLaps, '/surface/covering/clear_m', ['clear_m' => $design->surface->covering->clear->toMetres()]);
        }
        if ($loads->snow->balanced_Pa > 0) {
            if ($site->freeSlidePath === YesNo::Yes) {
                $findings[] = Finding::of(Code::FreeSlidePath, '/site/free_slide_path');
            }
            if ($site->roofSupports === RoofSupports::Unknown && Standards::of($design)->asksOfSupports()) {
                $findings[] = Finding::of(Code::RoofSupportsUnknown, '/site/roof_supports');
            }
            $findings[] = Finding::of(Code::PartialSnow, '/site/ground_snow_Pa');
            $findings[] = Finding::of($site->arrayHoldsSnow === YesNo::No ? Code::SnowAboveSlides : Code::SnowAboveStays, '/site/array_holds_snow');
        }
        $framing = $design->surface->framing;
        $inSheet = $design->kit->foot->intoSheet();
        if ($isPierced && ($inSheet || $framing->kind->isSteel()) && SteelStrength::entered($design) === null
            && $design->kit->capacities === CapacityFormat::Allowable) {
            $findings[] = Finding::of(
                Code::Fu45,
                $inSheet ? '/surface/covering/sheet_strength_Pa' : '/surface/framing/steel_strength_Pa',
                ['fu_Pa' => SteelStrength::of($design, $coefficients)->toPascals()],
            );
        }
        if ($isPierced && !$inSheet && !$framing->kind->isSteel() && $framing->species === Species::Unknown
            && $design->kit->capacities === CapacityFormat::Allowable) {
            $findings[] = Finding::of(Code::SpeciesUnknown, '/surface/framing/species', ['g' => $coefficients->look('nds_2018/species', 'unknown')->value]);
        }

        return $findings;
    }
}
