<?php

declare(strict_types=1);

namespace Garnetine\Core\Plan;

use Garnetine\Core\Attachment\Check\ClampCheck;
use Garnetine\Core\Attachment\Check\ModuleCheck;
use Garnetine\Core\Attachment\Fastening\Capacities;
use Garnetine\Core\Attachment\Fastening\FastenerInMember;
use Garnetine\Core\Attachment\Fastening\WoodWindow;
use Garnetine\Core\Attachment\RunPlan;
use Garnetine\Core\Attachment\Supports;
use Garnetine\Core\Covering\SeamedMetal;
use Garnetine\Core\Design\Block\Bar;
use Garnetine\Core\Design\Block\CrossRails;
use Garnetine\Core\Design\Block\Parting;
use Garnetine\Core\Design\Block\ShortRails;
use Garnetine\Core\Design\Block\TiltLegs;
use Garnetine\Core\Design\BlockPart;
use Garnetine\Core\Design\Design;
use Garnetine\Core\Design\Examples;
use Garnetine\Core\Design\Kit\CapacityFormat;
use Garnetine\Core\Design\Kit\Expansion;
use Garnetine\Core\Fastener\LagScrew;
use Garnetine\Core\Fastener\SteelScrew;
use Garnetine\Core\Finding\Code;
use Garnetine\Core\Finding\Finding;
use Garnetine\Core\Framing\MemberShares;
use Garnetine\Core\Framing\RafterScreen;
use Garnetine\Core\Load\Admission;
use Garnetine\Core\Load\Printed;
use Garnetine\Core\Load\SiteLoads;
use Garnetine\Core\Quantity\Force;
use Garnetine\Core\Quantity\Length;
use Garnetine\Core\Rail\Arranging;
use Garnetine\Core\Rail\LegFrame;
use Garnetine\Core\Rail\RailEnds;
use Garnetine\Core\Rail\RailsMeet;
use Garnetine\Core\Rail\Run;
use Garnetine\Core\Rail\Runs;
use Garnetine\Core\Seal\Clashes;
use Garnetine\Core\Seal\SpentHoles;

/** What the checks say, as findings. */
final class Findings
{
    /** Least rail past an end clamp. Source: common practice, no source (30 mm). */
    private const LEAST_END_M = 0.03;

    /** @return list<Finding> What is said of a plan that is not refused, besides what was said before it was made */
    public static function of(Plan $plan, SiteLoads $loads, MemberShares $shares, Supports $feet): array
    {
        [$design, $blocks, $coefficients] = [$plan->design, $plan->blocks, $plan->coefficients];
        $rails = array_values(
            array_filter(BlockPlan::runsOf($blocks, static fn (BlockPlan $block): array => $block->rails()), static fn (Run $run): bool => $run->isRail),
        );

        return [
            ...Admission::assumptions($design, $loads, $coefficients),
            ...Admission::ownCopies($design->ownCopies, false),
            ...BlockPlan::findings($blocks, static fn (BlockPlan $block): array => $block->lines->findings ?? []),
            ...self::kit($design, $plan->fastener),
            ...self::window($design, $plan->window),
            ...BlockPlan::findings($blocks, static fn (BlockPlan $block): array => self::hand($block->part->design, $block->onFeet())),
            ...BlockPlan::findings($blocks, static function (BlockPlan $block) use ($plan): array {
                $arrangement = $block->part->design->block->arrangement;

                return Arranging::KINDS[$arrangement::class]::findings($block->part->design, $arrangement, $plan->members, $block->runs);
            }),
            ...self::runs($design, [...$plan->uppers(), ...$plan->supports], $plan->overBound()),
            ...self::atEdge($design, $plan->supports),
            ...self::crossings($design),
            ...self::legs($plan),
            ...self::seams($design),
            ...Clashes::findings($design),
            ...self::remnants($design),
            ...SpanFindings::of($design, $plan->everyRun()),
            ...$plan->beneath?->findings() ?? [],
            ...OnTiles::findings($design, $plan->members, $plan->supports),
            ...RailsMeet::findings($design, $rails),
            ...RailEnds::findings($design, $rails, BlockPlan::findings($blocks, static fn (BlockPlan $block): array => $block->placement->findings)),
            ...BlockPlan::findings($blocks, static fn (BlockPlan $block): array => self::modules($block->modules)),
            ...BlockPlan::findings($blocks, static fn (BlockPlan $block): array => self::gripped($block->part->design)),
            ...self::clamp($plan->clamp),
            ...self::members($plan, $shares, $feet),
            ...self::rafters($design, $plan->screen),
        ];
    }

    /** @return list<Finding> Values of the example that nobody entered, by the part of the design they stand in */
    public static function examples(Design $design): array
    {
        $findings = [];
        foreach (Examples::left($design) as $part => $pointers) {
            $findings[] = Finding::of(Code::ExamplesLeft, $part, ['count' => count($pointers)]);
        }

        return $findings;
    }

    /** @return list<Finding> */
    private static function kit(Design $design, ?FastenerInMember $fastener): array
    {
        $kit = $design->kit;
        $findings = [];
        $needed = [
            ...SpanFindings::isEnough($design) ? [] : ['/kit/rail/allowable_stress_Pa' => $kit->rail->allowableStress], '/kit/clamp/up_N' => $kit->clamp->up,
            '/kit/clamp/along_N' => $kit->clamp->along,
            ...$kit->foot->isBolted() && $design->hasRails() ? ['/kit/bolt/up_N' => $kit->bolt->up, '/kit/bolt/along_N' => $kit->bolt->along] : [],
        ];
        if ($kit->fastener instanceof SteelScrew && $kit->foot->holes() !== []) {
            // Of what is entered for the screw in its purlin, and in the foot, its own strengths are a part.
            $needed += $kit->fastener->pullOut === null ? ['/kit/fastener/tension_N' => $kit->fastener->tension] : [];
            $needed += $kit->foot->base()->lateral === null ? ['/kit/fastener/shear_N' => $kit->fastener->shear] : [];
        }
        foreach ($kit->foot->allowables() as $key => $allowable) {
            $needed["/kit/foot/$key"] = $allowable;
        }
        foreach ($needed as $at => $allowable) {
            if ($allowable === null) {
                $findings[] = Finding::of(Code::AllowableMissing, $at, ['what' => $at]);
            }
        }
        if ($design->hasRails() && $kit->rail->endPastModule->toMetres() < self::LEAST_END_M - 1e-9) {
            $findings[] = Finding::of(Code::RailEndShort, '/kit/rail/end_past_module_m', [
                'end_m' => $kit->rail->endPastModule->toMetres(), 'least_m' => self::LEAST_END_M,
            ]);
        }

        return [...$findings, ...self::fastener($design, $fastener)];
    }

    /** @return list<Finding> */
    private static function fastener(Design $design, ?FastenerInMember $held): array
    {
        $fastener = $design->kit->fastener;
        if ($design->kit->foot->holes() === []) {
            return [];
        }
        if ($design->onDeck()) {
            return self::inDeck($design);
        }
        if ($held === null) {
            return [Finding::of(Code::LagNotListed, '/kit/fastener/length_m', ['length_m' => $fastener->length()->toMetres()])];
        }
        $findings = self::distances($design, $held);
        if ($held->leastThread !== null && Printed::under($held->threadInMember->toMetres(), $held->leastThread->toMetres())) {
            $findings[] = Finding::of(
                Code::ThreadTooShort,
                '/kit/fastener/length_m',
                ['thread_m' => $held->threadInMember->toMetres(), 'least_m' => $held->leastThread->toMetres()],
            );
        }
        if ($fastener instanceof LagScrew && Printed::over($held->shank->toMetres(), $held->above->toMetres()) && !$fastener->shankHole) {
            $isWaived = $held->specificGravity !== null && Printed::atMost($held->specificGravity, 0.5);
            $findings[] = Finding::of(
                $isWaived ? Code::ShankHoleWaived : Code::ShankHoleNeeded,
                '/kit/fastener/shank_hole',
                ['shank_m' => $held->shank->toMetres(), 'above_m' => $held->above->toMetres()],
            );
        }
        if ($design->kit->foot->isOffItsBase()) {
            $findings[] = Finding::of(Code::HolesOffBase, '/kit/foot/base/heel_m');
        }
        array_push($findings, ...self::pad($design), ...self::missed($design), ...SpentHoles::findings($design, $held));
        if ($held->withdrawal === null) {
            $findings[] = Finding::of(Code::PullOutNotCovered, '/kit/fastener/pull_out_N', ['thread_m' => $held->threadInMember->toMetres()]);
        }
        if ($fastener->pullOut() !== null && trim($fastener->document()) === '') {
            $findings[] = Finding::of(Code::PullOutUndocumented, '/kit/fastener/document');
        }
        if ($held->lateral === null) {
            $findings[] = Finding::of(Code::LateralMissing, '/kit/foot/base/lateral_N', ['material' => $design->kit->foot->base()->material->value]);
        } elseif (!$held->lateralIsMakers && !$held->isSteel) {
            $findings[] = Finding::of(
                Code::LateralByGap,
                '/kit/foot/base/lateral_N',
                ['gap_m' => $held->gap->toMetres(), 'mode' => $held->mode ?? '', 'z_N' => $held->lateral->toSi()],
            );
        } elseif ($held->lateralIsMakers && trim($design->kit->foot->base()->lateralDocument ?? '') === '') {
            $findings[] = Finding::of(Code::LateralUndocumented, '/kit/foot/base/lateral_document');
        }

        return $findings;
    }

    /** @return list<Finding> How near the fasteners of a foot are to each other, and what of that is not known */
    private static function distances(Design $design, FastenerInMember $held): array
    {
        $findings = $held->edge === null ? [Finding::of(Code::ScrewSpacingMissing, '/kit/fastener/edge_m', ['what' => 'spacing.edge'])] : [];
        $holes_m = $design->kit->foot->holes();
        if (count($holes_m) > 1 && $held->spacing === null) {
            $findings[] = Finding::of(Code::ScrewSpacingMissing, '/kit/fastener/spacing_m', ['what' => 'spacing.in_line']);
        }
        foreach (array_slice($holes_m, 1) as $index => $above_m) {
            $spacing_m = $above_m - $holes_m[$index];
            if ($held->spacing !== null && Printed::under($spacing_m, $held->spacing->toMetres())) {
                $findings[] = Finding::of(Code::LagSpacing, '/kit/foot/kind', ['spacing_m' => $spacing_m, 'least_m' => $held->spacing->toMetres()]);
            }
        }

        return $findings;
    }

    /**
     * @param list<RunPlan> $plans
     *
     * @return list<Finding>
     */
    private static function runs(Design $design, array $plans, int $extra): array
    {
        $parts = $design->parts();
        $findings = [];
        $below = $here = [];
        $line = null;
        foreach ($plans as $plan) {
            $at = $parts[$plan->run->line->block - 1]->at('/block');
            if ($plan->run->line !== $line) {
                [$line, $below, $here] = [$plan->run->line, $plan->run->line->block === $line?->block ? $here : [], []];
            }
            $shared = array_intersect($plan->members(), $below);
            array_push($here, ...$plan->members());
            array_push($findings, ...self::rowRule($design, $plan));
            array_push($findings, ...self::tooLong($design, $plan));
            $isShort = $parts[$plan->run->line->block - 1]->design->block->arrangement instanceof ShortRails;
            $isNowhere = $isShort || !$plan->run->isRail || ($plan->run->line->isUpSlope ? $plan->run->line->over === null : !$plan->run->line->isOnRails
                && !$design->kit->foot->intoSheet() && $design->surface->framing->kind->runAcross() && $plan->run->line->purlin === null);
            if (count($plan->run->candidates_m) < 2) {
                if ($isNowhere) {
                    // Its line lies on no purlin, its clamp has no ribs, or its zones no place: said already.
                    continue;
                }
                $findings[] = Finding::of(Code::MembersMissRun, $at, ['run' => $plan->run->id, 'members' => count($plan->run->candidates_m)]);
            } elseif (!$plan->holds() && ($tooLong = SpanFindings::tooLong($design, $plan)) !== null) {
                array_push($findings, ...$tooLong);
            } elseif (!$plan->holds()) {
                $weakest = self::weakest($plan);
                $values = ['run' => $plan->run->id, 'link' => $weakest['link'], 'ratio' => $weakest['ratio']];
                $findings[] = $plan->withoutHand === null ? Finding::of($plan->noneHolds ? Code::RunFails : Code::RunNotFound, $at, $values)
                    : Finding::of(Code::OwnHandFails, "$at/pins", $values + ['feet' => $plan->withoutHand]);
            }
            $inLine_m = $plan->holds() ? $plan->inLine_m() : null;
            $line_m = ($design->rules->lineTolerance ?? Length::ofInches(Capacities::USUAL_LINE_IN))->toMetres();
            if ($inLine_m !== null && $inLine_m < $line_m - 1e-9) {
                $findings[] = Finding::of(
                    Code::LineTight,
                    '/rules/line_tolerance_m',
                    ['run' => $plan->run->id, 'within_m' => $inLine_m, 'tolerance_m' => $line_m],
                );
            }
            $isFree = $plan->run->isRail && $plan->run->upSlope === null && !$plan->run->line->isOnRails
                && !($plan->run->legs !== null && $plan->run->line->isUpper);
            if ($design->isStaggered() && $shared !== [] && $isFree) {
                $findings[] = Finding::of(Code::StaggerPartly, '/rules/pattern', ['run' => $plan->run->id, 'members' => implode(', ', $shared)]);
            }
        }
        if ($extra > 0) {
            $findings[] = Finding::of(Code::FeetOverBound, '/rules/pattern', ['over' => $extra]);
        }

        return [...$findings, ...self::onTheSafeSide($design, $plans)];
    }

    /** @return list<Finding> */
    private static function tooLong(Design $design, RunPlan $plan): array
    {
        $longest = $design->kit->rail->longestRun;
        if ($longest === null || $plan->run->x1_m - $plan->run->x0_m <= $longest->toMetres() + 1e-9) {
            return [];
        }
        $part = $design->parts()[$plan->run->line->block - 1];
        $parting = Parting::parts($part->design);
        $rails = $parting ?? (int) ceil(($plan->run->x1_m - $plan->run->x0_m) / $longest->toMetres() - 1e-9);
        $each = Length::ofMetres(($plan->run->x1_m - $plan->run->x0_m) / $rails);

        return [Finding::of(Code::RunTooLong, '/kit/rail/longest_run_m', [
            'run' => $plan->run->id, 'length_m' => $plan->run->x1_m - $plan->run->x0_m, 'longest_m' => $longest->toMetres(),
            'part' => $parting === null ? '' : $part->at('/block'), 'rails' => $rails, 'gap_m' => Expansion::apart($each, $each, $design->units)->toMetres(),
        ])];
    }

    /**
     * @param list<RunPlan> $plans
     *
     * @return list<Finding> What is not known of a stronger foot at the edges, or wrong with it
     */
    private static function atEdge(Design $design, array $plans): array
    {
        [$edge, $foot] = [$design->kit->edgeFoot, $design->kit->foot->limits()];
        if ($edge === null) {
            return [];
        }
        $missing = array_keys(array_filter($edge->allowables(), static fn (?Force $force): bool => $force === null));
        $open = $missing[0] ?? (trim($edge->document) === '' ? 'document' : null);
        $own = ['up_N' => $foot->up_N, 'down_N' => $foot->down_N, 'along_N' => $foot->along_N];
        $weaker = array_key_first(
            array_filter(
                $edge->allowables(),
                static fn (?Force $force, string $key): bool => $force !== null && $force->toSi() < $own[$key] - 1e-9 && is_finite($own[$key]),
                ARRAY_FILTER_USE_BOTH,
            ),
        );
        $isUsed = array_filter($plans, static fn (RunPlan $plan): bool => in_array(true, $plan->atEdge(), true)) !== [];

        return [
            ...$open === null ? [] : [Finding::of(Code::EdgeFootOpen, "/kit/edge_foot/$open", ['foot' => $edge->name])],
            ...$weaker === null ? [] : [
                Finding::of(Code::EdgeFootWeaker, "/kit/edge_foot/$weaker", ['foot' => $edge->name, 'other' => $design->kit->foot->name()]),
            ],
            ...$isUsed ? [] : [Finding::of(Code::EdgeFootUnused, '/kit/edge_foot/name', ['foot' => $edge->name])],
        ];
    }

    /** @return list<Finding> Whether clamps are made for what they are to grip, as far as that is entered */
    private static function gripped(Design $design): array
    {
        [$clamp, $module] = [$design->kit->clamp, $design->module];
        $isLow = $clamp->heightFrom !== null && $module->frameHeight !== null && Printed::under(
            $module->frameHeight->toMetres(),
            $clamp->heightFrom->toMetres(),
        );
        $isHigh = $clamp->heightTo !== null && $module->frameHeight !== null && Printed::over($module->frameHeight->toMetres(), $clamp->heightTo->toMetres());

        return [
            ...$clamp->grips === $module->frame ? [] : [Finding::of(Code::ClampNotForFrame, '/kit/clamp/grips', [
                'clamp' => $clamp->name, 'module' => $module->name, 'for' => 'choice.grips.'.$clamp->grips->value,
                'frame' => 'choice.frame.'.$module->frame->value,
            ])],
            ...$isLow || $isHigh ? [Finding::of(Code::ClampHeight, $isLow ? '/kit/clamp/height_from_m' : '/kit/clamp/height_to_m', [
                'clamp' => $clamp->name, 'module' => $module->name, 'high_m' => $module->frameHeight->toMetres(),
            ])] : [],
        ];
    }

    /** @return list<Finding> What is not known of where rails in two layers cross */
    private static function crossings(Design $design): array
    {
        $findings = [];
        foreach ($design->parts() as $part) {
            $crossing = $part->design->block->arrangement;
            if (!$crossing instanceof CrossRails) {
                continue;
            }
            $findings[] = Finding::of(Code::TwoLayersHigher, $part->at('/block/top_above_roof_m'), [
                'top_m' => $part->design->block->topAboveRoof->toMetres(),
            ]);
            $missing = array_filter(
                ['up_N' => $crossing->up, 'down_N' => $crossing->down, 'along_N' => $crossing->along],
                static fn (?Force $force): bool => $force === null,
            );
            $key = array_key_first($missing) ?? ($crossing->document === '' ? 'document' : null);
            array_push(
                $findings,
                ...$key === null ? [] : [Finding::of(Code::CrossingAllowableMissing, $part->at("/block/arrangement/$key"), ['crossing' => $crossing->name])],
            );
        }

        return $findings;
    }

    /** @return list<Finding> What is not known of legs under the modules, and what holds long ones along the row */
    private static function legs(Plan $plan): array
    {
        $findings = [];
        foreach ($plan->blocks as $block) {
            $legs = $block->part->design->block->arrangement;
            if (!$legs instanceof TiltLegs) {
                continue;
            }
            $part = $block->part;
            $findings[] = Finding::of(Code::LegsMidChord, $part->at('/block/arrangement/kind'));
            $missing = array_filter(
                ['up_N' => $legs->up, 'down_N' => $legs->down, 'along_N' => $legs->along],
                static fn (?Force $force): bool => $force === null,
            );
            $key = array_key_first($missing) ?? ($legs->document === '' ? 'document' : null);
            array_push(
                $findings,
                ...$key === null ? [] : [Finding::of(Code::LegsAllowableMissing, $part->at("/block/arrangement/$key"), ['legs' => $legs->name])],
            );
            $most_m = Length::ofInches(LegFrame::UNBRACED_IN)->toMetres();
            $longest_m = max([0.0, ...array_map(static fn (LegFrame $frame): float => $frame->rear_m, LegFrame::all($part->design, $block->lines))]);
            array_push($findings, ...trim($legs->bracing) !== '' || !Printed::over($longest_m, $most_m) ? [] : [
                Finding::of(Code::LegsUnbraced, $part->at('/block/arrangement/bracing'), ['leg_m' => $longest_m, 'most_m' => $most_m]),
            ]);
        }

        return $findings;
    }

    /** @return list<Finding> Whether the pad of a foot on a sheet lies wholly on a flat of it */
    private static function pad(Design $design): array
    {
        $lies = $design->kit->foot->padOn($design->surface->covering);
        $turned = array_filter($design->parts(), static fn (BlockPart $part): bool => $part->design->block->arrangement->standsUpSlope()) === []
            ? null : $design->kit->foot->underRailUp()?->besideRail;
        if ($lies !== null && $turned !== null && $lies->flat !== null && Printed::over($turned->toMetres(), $lies->flat->toMetres())) {
            return [Finding::of(Code::PadOffFlat, '/kit/foot/length_m', ['pad_m' => $turned->toMetres(), 'flat_m' => $lies->flat->toMetres()])];
        }

        return match (true) {
            $lies === null => [],
            $lies->pad === null || $lies->flat === null => [Finding::of(Code::PadByEye, '/kit/foot/pad_width_m')],
            Printed::over($lies->pad->toMetres(), $lies->flat->toMetres()) => [
                Finding::of(Code::PadOffFlat, '/kit/foot/pad_width_m', ['pad_m' => $lies->pad->toMetres(), 'flat_m' => $lies->flat->toMetres()]),
            ],
            default => [],
        };
    }

    /** @return list<Finding> Rests in store that are longer than what they were cut from */
    private static function remnants(Design $design): array
    {
        $stock_m = $design->kit->rail->stockLength->toMetres();
        $findings = [];
        foreach ($design->rules->remnants as $index => $remnant) {
            array_push($findings, ...Printed::over($remnant->length->toMetres(), $stock_m)
                ? [Finding::of(
                    Code::RemnantTooLong,
                    "/rules/remnants/$index/length_m",
                    ['length_m' => $remnant->length->toMetres(), 'stock_m' => $stock_m],
                )] : []);
        }

        return $findings;
    }

    /** @return list<Finding> What of a sheet somebody has to answer for that alone holds the array: how it is held down itself, and where heat moves it from */
    private static function seams(Design $design): array
    {
        $sheet = $design->surface->covering;

        return match (true) {
            $sheet instanceof SeamedMetal => [
                Finding::of(Code::SheetHoldDown, '/surface/covering/seam', ['seam' => $sheet->seam]),
                ...$sheet->fixedPoint === null ? [Finding::of(Code::PanelFixedPoint, '/surface/covering/fixed_point')] : [],
            ],
            $design->kit->foot->intoSheet() => [Finding::of(Code::SheetHoldDown, '/surface/covering/sheet')],
            default => [],
        };
    }

    /** @return list<Finding> What somebody has to answer for of feet that a deck alone holds */
    private static function inDeck(Design $design): array
    {
        $missed = $design->kit->foot->missed($design->kit->capacities === CapacityFormat::Allowable);

        return [
            ...$design->kit->foot->isOffItsBase() ? [Finding::of(Code::HolesOffBase, '/kit/foot/base/heel_m')] : [],
            Finding::of(Code::DeckOnlyHoldDown, '/kit/foot/deck_up_N', [
                'up_N' => $missed?->deckUp?->toSi() ?? 0.0, 'along_N' => $missed?->deckAlong?->toSi() ?? 0.0,
            ]),
        ];
    }

    /** @return list<Finding> What is told before the job of feet whose middle column of screws may miss */
    private static function missed(Design $design): array
    {
        $missed = $design->kit->foot->missed($design->kit->capacities === CapacityFormat::Allowable);

        return $missed === null ? [] : [
            Finding::of(Code::AsideColumn, '/kit/foot/column_m', ['times' => round($missed->asideTimes, 3)]),
            $missed->deckUp === null || $missed->deckAlong === null
                ? Finding::of(Code::DeckMountUntested, '/kit/foot/deck_up_N')
                : Finding::of(Code::DeckHoldDown, '/kit/foot/deck_up_N', ['up_N' => $missed->deckUp->toSi(), 'along_N' => $missed->deckAlong->toSi()]),
        ];
    }

    /** @return list<Finding> Where the company's own rule for the length of a row gives less than the plan's rail */
    private static function rowRule(Design $design, RunPlan $plan): array
    {
        [$each, $once, $run] = [$design->rules->rowRuleEach, $design->rules->rowRuleOnce, $plan->run];
        if ($each === null || $once === null || $run->line->isUpSlope) {
            return [];
        }
        $across = $design->parts()[$run->line->block - 1]->design->moduleAcross();
        $rule_m = $across->plus($each)->times($run->lastColumn - $run->firstColumn + 1)->plus($once)->toMetres();

        return Printed::under($rule_m, $run->x1_m - $run->x0_m) ? [Finding::of(Code::RowRuleShort, '/rules/row_rule_once_m', [
            'run' => $run->id, 'rule_m' => $rule_m, 'length_m' => $run->x1_m - $run->x0_m,
        ])] : [];
    }

    /**
     * Where rails are read more strictly than they need be.
     *
     * @param list<RunPlan> $plans
     *
     * @return list<Finding>
     */
    private static function onTheSafeSide(Design $design, array $plans): array
    {
        $rails = array_values(array_filter($plans, static fn (RunPlan $plan): bool => $plan->run->isRail));
        $findings = $rails === [] ? [] : [
            Finding::of(Code::NoFootAtEnd, '/kit/rail/end_past_module_m', ['end_m' => Length::ofInches(Runs::PAST_IN)->toMetres()]),
        ];
        // A short rail ends by itself.
        $isEnded = static fn (RunPlan $plan): bool => $plan->run->id !== $plan->run->line->name()
            && !$design->parts()[$plan->run->line->block - 1]->design->block->arrangement instanceof ShortRails;
        if (array_filter($rails, $isEnded) !== []) {
            $findings[] = Finding::of(Code::HoleEndsRail, '/block/left_out');
        }
        if (array_filter($plans, static fn (RunPlan $plan): bool => $plan->run->line->isUpSlope) !== []) {
            $findings[] = Finding::of(Code::FeetFixedAlong, '/block/arrangement/kind');
        }
        if ($plans !== [] && $design->kit->extra_kg() > 0.0) {
            $findings[] = Finding::of(Code::ExtrasDoNotHoldDown, '/kit/extra_mass_per_module_kg', ['extra_kg' => $design->kit->extra_kg()]);
        }

        return $findings;
    }

    /** @return array{link: string, ratio: float} The weakest link of a run over the feet that it was given, their placing counted */
    private static function weakest(RunPlan $plan): array
    {
        $weakest = ['link' => 'none', 'ratio' => 0.0];
        if ($plan->verdict() === null) {
            return $weakest;
        }
        $ratios = [$plan->verdict()->rail, $plan->verdict()->splice, ...array_map(static fn ($foot) => $foot->worst, $plan->verdict()->attachments)];
        foreach ($ratios as $ratio) {
            if ($ratio !== null && 1 - $ratio->reserve() > $weakest['ratio']) {
                $weakest = ['link' => $ratio->link->value, 'ratio' => round(1 - $ratio->reserve(), 4)];
            }
        }

        return $weakest;
    }

    /**
     * @param list<ModuleCheck> $modules
     *
     * @return list<Finding>
     */
    private static function modules(array $modules): array
    {
        $findings = [];
        foreach (['up', 'down'] as $side) {
            $worst = null;
            $beyond = [];
            foreach ($modules as $module) {
                [$demand_Pa, $rated_Pa] = $side === 'up' ? [$module->up_Pa, $module->ratedUp_Pa] : [$module->down_Pa, $module->ratedDown_Pa];
                if ($rated_Pa === null) {
                    return [Finding::of(Code::OutsideClampZone, '/module/ratings', ['row' => $module->row])];
                }
                if ($demand_Pa > $rated_Pa + 1e-6) {
                    $beyond[] = $module->row.'.'.$module->column;
                    $worst = $worst === null || $demand_Pa - $rated_Pa > $worst[0] - $worst[1] ? [$demand_Pa, $rated_Pa] : $worst;
                }
            }
            if ($worst !== null) {
                $findings[] = Finding::of(Code::ModuleRating, '/module/ratings', [
                    'side' => $side, 'pressure_Pa' => $worst[0], 'rated_Pa' => $worst[1], 'by_Pa' => $worst[0] - $worst[1], 'modules' => implode(
                        ', ',
                        array_slice($beyond, 0, 12),
                    ).(count($beyond) > 12 ? ' …' : ''),
                ]);
            }
        }

        return $findings;
    }

    /** @return list<Finding> */
    private static function clamp(?ClampCheck $clamp): array
    {
        $findings = [];
        if ($clamp?->upRatio !== null && $clamp->upRatio > 1.0 + 1e-9) {
            $findings[] = Finding::of(
                Code::ClampFails,
                '/kit/clamp/up_N',
                ['run' => $clamp->run, 'clamp' => $clamp->clamp, 'up_N' => $clamp->up_N, 'ratio' => round($clamp->upRatio, 4)],
            );
        }
        if ($clamp?->alongRatio !== null && $clamp->alongRatio > 1.0 + 1e-9) {
            $findings[] = Finding::of(
                Code::ClampSlips,
                '/kit/clamp/along_N',
                ['run' => $clamp->alongRun, 'clamp' => $clamp->alongClamp, 'along_N' => $clamp->along_N, 'ratio' => round($clamp->alongRatio, 4)],
            );
        }

        return $findings;
    }

    /** @return list<Finding> */
    private static function members(Plan $plan, MemberShares $shares, Supports $feet): array
    {
        $findings = [Finding::of(Code::StructureScreenOnly, '/surface/dead_load_Pa')];
        if ($shares->atOneShare > $shares->limit + 1e-9) {
            $findings[] = Finding::of(Code::OneShareTooMuch, '/site/ground_snow_Pa', ['ratio' => round($shares->atOneShare, 4), 'limit' => $shares->limit]);

            return $findings;
        }
        foreach ($shares->shares as $share) {
            if ($share->ratio > $shares->limit + 1e-9) {
                $values = ['member' => $share->number, 'times' => round($share->times, 3), 'ratio' => round($share->ratio, 4), 'limit' => $shares->limit];
                $findings[] = $plan->members->purlins !== null ? Finding::of(
                    Code::PurlinShare,
                    '/surface/framing',
                    $values,
                ) : Finding::of(Code::MemberShare, '/surface/framing', $values + [
                    'tried' => $feet->tried, 'ended' => $feet->isSpent ? 'ended.moved_enough' : 'ended.nothing_helps',
                ]);
            }
        }

        return $findings;
    }

    /** @return list<Finding> */
    private static function rafters(Design $design, ?RafterScreen $screen): array
    {
        if ($screen === null) {
            return [];
        }
        $values = [
            'member' => RafterScreen::name($design), 'spacing_m' => $design->surface->framing->spacing->toMetres(),
            'span_m' => $design->surface->framing->span?->toMetres() ?? 0.0,
            'ratio' => round($screen->ratio, 2), 'before' => round($screen->before, 2),
        ];

        return [
            $screen->ratio > 1.0 + 1e-9 ? Finding::of(
                Code::RafterScreenFails,
                '/surface/framing/span_m',
                $values,
            ) : Finding::of(Code::RafterScreen, '/surface/framing/span_m', $values),
        ];
    }

    /** @return list<Finding> */
    private static function window(Design $design, ?WoodWindow $window): array
    {
        if ($window === null || $window->window_m >= Length::ofInches(WoodWindow::SMALL_IN)->toMetres() - 1e-9) {
            return [];
        }
        $values = [
            'width_m' => $design->surface->framing->width->toMetres(), 'window_m' => $window->window_m, 'edge_m' => $window->edge_m,
            'lean' => $window->lean_deg,
        ];

        return [
            $window->window_m > 0.0 ? Finding::of(
                Code::WindowSmall,
                '/kit/fastener/drill_guide',
                $values,
            ) : Finding::of(Code::WindowNone, '/kit/fastener/drill_guide', $values),
        ];
    }

    /**
     * What of the planner's own hand cannot be followed.
     *
     * @param list<Run> $runs
     *
     * @return list<Finding>
     */
    private static function hand(Design $design, array $runs): array
    {
        $rules = $design->rules;
        $findings = [];
        $places = $lines = $seen = [];
        foreach ($runs as $run) {
            $lines[$run->line->letter] = true;
            foreach ($run->members as $member) {
                $places[$run->line->letter.$member] = true;
            }
        }
        foreach ($design->block->pins as $index => $pin) {
            $isBarred = array_filter(
                $design->block->bars,
                static fn (Bar $bar): bool => $bar->member === $pin->member && ($bar->line ?? $pin->line) === $pin->line,
            ) !== [];
            $code = match (true) {
                isset($seen[$pin->line.$pin->member]) => Code::PinTwice,
                !isset($lines[$pin->line]) => Code::PinOffLines,
                $isBarred => Code::PinBarred,
                !isset($places[$pin->line.$pin->member]) => Code::PinNoPlace,
                default => null,
            };
            $seen[$pin->line.$pin->member] = true;
            if ($code !== null) {
                $findings[] = Finding::of($code, "/block/pins/$index", ['line' => $pin->line, 'member' => $pin->member]);
            }
        }
        if ($rules->greatestBay !== null && $rules->greatestBay->toMetres() < $design->standSpacing()->toMetres() - 1e-6) {
            $findings[] = Finding::of(
                Code::OwnBaySmall,
                '/rules/greatest_bay_m',
                ['bay_m' => $rules->greatestBay->toMetres(), 'spacing_m' => $design->standSpacing()->toMetres()],
            );
        }

        return $findings;
    }

    /**
     * @param list<Finding> $findings
     *
     * @return list<string> Ids of published values that are lacking
     */
    public static function missing(array $findings): array
    {
        $lacking = array_filter($findings, static fn (Finding $finding): bool => $finding->code === Code::CoefficientMissing);

        return array_values(array_unique(array_map(static fn (Finding $finding): string => (string) $finding->values['coefficient'], $lacking)));
    }
}
