<?php

declare(strict_types=1);

namespace Garnetine\Core\Plan;

use Garnetine\Core\Attachment\Check\ClampCheck;
use Garnetine\Core\Attachment\Fastening\Capacities;
use Garnetine\Core\Attachment\Fastening\CombinationFactors;
use Garnetine\Core\Attachment\Fastening\FallBacks;
use Garnetine\Core\Attachment\Fastening\FastenerInMember;
use Garnetine\Core\Attachment\Fastening\WoodWindow;
use Garnetine\Core\Attachment\MemberLoading;
use Garnetine\Core\Attachment\RunPlan;
use Garnetine\Core\Attachment\Search\Latitudes;
use Garnetine\Core\Attachment\Search\NotWanted;
use Garnetine\Core\Attachment\Supports;
use Garnetine\Core\Crew\Steps;
use Garnetine\Core\Design\Block\CrossRails;
use Garnetine\Core\Design\BlockPart;
use Garnetine\Core\Design\Design;
use Garnetine\Core\Design\Site\RidgeReading;
use Garnetine\Core\Finding\Code;
use Garnetine\Core\Finding\Finding;
use Garnetine\Core\Finding\FindingKind;
use Garnetine\Core\Framing\Members;
use Garnetine\Core\Framing\RafterScreen;
use Garnetine\Core\Layout\Collisions;
use Garnetine\Core\Layout\FireAccess;
use Garnetine\Core\Layout\Placement;
use Garnetine\Core\Load\Admission;
use Garnetine\Core\Load\Coefficients;
use Garnetine\Core\Load\SiteLoads;
use Garnetine\Core\Rail\CuttingList;
use Garnetine\Core\Rail\Run;
use Garnetine\Core\Seal\HoleLedger;
use Garnetine\Core\Under\Beneath;

/**
 * The one pipeline: design → loads → layout → rails → supports → checks → cutting → holes → steps.
 *
 * Each stage takes the results of the earlier ones; none reaches back. A plan is a pure function of the design and the build.
 */
final class Planner
{
    /** So many places for feet are planned at once: about half a minute. */
    private const MOST = 22_000;

    /** Rails in two layers cost so much more to plan. */
    private const TWO_LAYERS = 30;

    /** Up to so many the milder reading is planned too. */
    private const COUNTED = 1_500;

    /**
     * @param (\Closure(): bool)|null $isWanted Whether anybody still waits for the plan, asked now and then in its long searches
     *
     * @throws NotWanted
     */
    public static function plan(Design $design, Depth $depth = Depth::Full, ?\Closure $isWanted = null): Plan
    {
        $coefficients = new Coefficients($design->ownCopies);
        $blocks = BlockPlan::placed($design, $coefficients);
        $members = Members::of($design->surface, $design->rules->placingTolerance, $design->kit->foot->intoSheet());
        $findings = [
            ...Findings::examples($design),
            ...Admission::refusals($design),
            ...BlockPlan::findings($blocks, static fn (BlockPlan $block): array => Admission::kit($block->part->design)),
            ...BlockPlan::findings($blocks, static fn (BlockPlan $block): array => Admission::asked($block->part->design, $coefficients)),
            ...Admission::survey($design, $coefficients),
            ...BlockPlan::findings($blocks, static fn (BlockPlan $block): array => $block->placement->findings),
            ...Collisions::between($design, array_map(static fn (BlockPlan $block): Placement => $block->placement, $blocks), $coefficients),
            ...FireAccess::findings($design, array_map(static fn (BlockPlan $block): Placement => $block->placement, $blocks), $coefficients),
            ...$members->findings,
        ];

        $unloaded = SiteLoads::refusals($design, $coefficients);
        if ($unloaded !== []) {
            return Plan::refused($design, $blocks, $members, $coefficients, null, [...$findings, ...$unloaded]);
        }
        $loads = SiteLoads::of($design, $coefficients);
        array_push($findings, ...Admission::capacities($design, $loads));
        $refused = array_filter(
            $findings,
            static fn (Finding $finding): bool => $finding->kind === FindingKind::Refusal && $finding->code !== Code::OverOverhang,
        );
        if ($refused !== []) {
            return Plan::refused($design, $blocks, $members, $coefficients, $loads, $findings);
        }

        return self::held($design, $blocks, $members, $coefficients, $loads, $findings, $depth, $isWanted);
    }

    /**
     * The plan of a case that is covered.
     *
     * @param non-empty-list<BlockPlan> $blocks With their modules in place
     * @param list<Finding> $findings What is said already
     * @param (\Closure(): bool)|null $isWanted
     *
     * @throws NotWanted
     */
    private static function held(
        Design $design,
        array $blocks,
        Members $members,
        Coefficients $coefficients,
        SiteLoads $loads,
        array $findings,
        Depth $depth,
        ?\Closure $isWanted,
    ): Plan {
        if ($loads->exposureCounts) {
            BlockPlan::markExposed($blocks, $design->rules->ridgeReading, $coefficients);
        }
        $fastener = self::fastener($design, $coefficients);
        [$capacities, $factors] = [Capacities::of($design, $fastener), CombinationFactors::for($design, $coefficients)];
        $blocks = array_map(static fn (BlockPlan $block): BlockPlan => $block->railed($members, $loads), $blocks);
        $clamped = BlockPlan::runsOf($blocks, static fn (BlockPlan $block): array => $block->runs);
        if (self::places($clamped) > self::MOST) {
            $tooLarge = Finding::of(Code::PlaneTooLarge, '/block/rows', ['places' => self::places($clamped), 'most' => self::MOST]);

            return Plan::refused($design, $blocks, $members, $coefficients, $loads, [...$findings, $tooLarge]);
        }
        $blocks = array_map(static fn (BlockPlan $block): BlockPlan => $block->crossed($members, $loads, $capacities, $factors), $blocks);
        $runs = BlockPlan::runsOf($blocks, static fn (BlockPlan $block): array => $block->onFeet());
        $loading = new MemberLoading($design, $members, $loads, $coefficients, $runs);
        $feet = Supports::of($design, $runs, $capacities, $loads->combinations, $factors, $loading, $isWanted);
        $supports = $feet->runs;
        $window = self::window($design, $fastener);
        $clamp = ClampCheck::worst($design, $loads, $clamped);
        $shares = $loading->under($supports);
        [$latitudes, $fallBacks, $cutting, $holes, $steps] = $depth === Depth::Full ? [
            Latitudes::of($supports), FallBacks::of($design, $supports),
            CuttingList::of($design, BlockPlan::runsOf($blocks, static fn (BlockPlan $block): array => $block->rails())),
            HoleLedger::of($design, $supports), Steps::of($design, $supports, $fastener, $window),
        ] : [null, null, null, null, null];
        $plan = new Plan(
            $design,
            $blocks,
            $members,
            $coefficients,
            $loads,
            $fastener,
            $window,
            $capacities,
            $supports,
            $clamp,
            $shares,
            RafterScreen::of($design, $members, $loads, $shares, $coefficients),
            $latitudes,
            $fallBacks,
            $cutting,
            $holes,
            $steps,
            [],
            self::beneath($design, $blocks, $supports),
        );
        array_push($findings, ...Findings::of($plan, $loads, $shares, $feet));

        return $plan->saying($depth === Depth::Full && $loads->exposureCounts ? self::ridgeReading($design, $supports, $findings) : $findings);
    }

    /**
     * @param list<BlockPlan> $blocks
     * @param list<RunPlan> $supports
     */
    private static function beneath(Design $design, array $blocks, array $supports): ?Beneath
    {
        $uppers = array_merge(...array_map(static fn (BlockPlan $block): array => $block->layers->uppers ?? [], $blocks));

        return Beneath::of($design, BlockPlan::placements($blocks), [...$supports, ...$uppers]);
    }

    /** What the screw of a foot holds in its member; null where nothing is pierced, there is only a deck, or its sizes are not known. */
    private static function fastener(Design $design, Coefficients $coefficients): ?FastenerInMember
    {
        $isHeld = $design->kit->foot->holes() !== [] && !$design->onDeck() && FastenerInMember::isKnown($design->kit->fastener);

        return $isHeld ? FastenerInMember::of($design, $coefficients) : null;
    }

    /** How far off its middle a screw may come into a member; null where none does, or how near its edge it may is not known. */
    private static function window(Design $design, ?FastenerInMember $fastener): ?WoodWindow
    {
        return $fastener?->edge === null || $design->kit->foot->intoSheet() ? null : WoodWindow::of($design, $fastener, $fastener->edge);
    }

    /** About how many places for feet a design has, without planning it: what its plan costs goes with that. */
    public static function weight(Design $design): int
    {
        return array_sum(array_map(static function (BlockPart $part): int {
            $block = $part->design->block;
            [$lines, $long, $gap] = $block->arrangement->isUpSlope() ? [$block->columns, $block->rows, $block->rowGap] : [
                $block->rows, $block->columns, $block->columnGap,
            ];
            $along_m = $long * ($part->design->moduleAlong()->toMetres() + $gap->toMetres());

            return ($block->arrangement instanceof CrossRails ? self::TWO_LAYERS
                : 1) * 2 * $lines * (int) ceil($along_m / $part->design->standSpacing()->toMetres());
        }, $design->parts()));
    }

    /** @param list<Run> $runs */
    private static function places(array $runs): int
    {
        return array_sum(array_map(static fn (Run $run): int => count($run->candidates_m), $runs));
    }

    /**
     * What the severe reading of the ridge costs: the same design planned under the milder one.
     *
     * @param list<RunPlan> $supports
     * @param list<Finding> $findings
     *
     * @return list<Finding>
     */
    private static function ridgeReading(Design $design, array $supports, array $findings): array
    {
        if ($design->rules->ridgeReading !== RidgeReading::FarEave) {
            return $findings;
        }
        // On a very large plane a second plan is not worth its time.
        $milder = self::places(array_map(static fn (RunPlan $plan): Run => $plan->run, $supports)) > self::COUNTED
            ? 'not counted'
            : self::plan($design->under($design->rules->milder()), Depth::Checks)->attachmentCount();
        $feet = array_sum(array_map(static fn (RunPlan $run): int => count($run->picks), $supports));

        return array_map(static fn (Finding $finding): Finding => $finding->code === Code::RidgeReadingSevere
            ? Finding::of($finding->code, $finding->at, ['feet' => $feet, 'milder' => $milder]) : $finding, $findings);
    }
}
