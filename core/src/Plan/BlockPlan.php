<?php

declare(strict_types=1);

namespace Garnetine\Core\Plan;

use Garnetine\Core\Attachment\Check\ModuleCheck;
use Garnetine\Core\Attachment\CrossLayers;
use Garnetine\Core\Attachment\Fastening\Capacities;
use Garnetine\Core\Attachment\Fastening\CombinationFactors;
use Garnetine\Core\Attachment\Search\CrossSearch;
use Garnetine\Core\Design\Block\CrossRails;
use Garnetine\Core\Design\BlockPart;
use Garnetine\Core\Design\Design;
use Garnetine\Core\Design\Site\RidgeReading;
use Garnetine\Core\Document\Copy;
use Garnetine\Core\Finding\Finding;
use Garnetine\Core\Framing\Members;
use Garnetine\Core\Layout\Placement;
use Garnetine\Core\Load\Coefficients;
use Garnetine\Core\Load\SiteLoads;
use Garnetine\Core\Rail\RailLine;
use Garnetine\Core\Rail\RailLines;
use Garnetine\Core\Rail\Run;
use Garnetine\Core\Rail\Runs;

/** What is planned of one block for itself; its feet are planned with those of the whole surface. */
final readonly class BlockPlan
{
    /**
     * @param list<ModuleCheck> $modules Nothing where the plan is refused, as no lines are laid then
     * @param list<Run> $runs The same
     */
    public function __construct(
        public BlockPart $part,
        public Placement $placement,
        public ?RailLines $lines = null,
        public array $modules = [],
        public array $runs = [],
        /** Of rails in two layers the lower ones, and how the others lie on them. */
        public ?CrossLayers $layers = null,
    ) {
    }

    /**
     * Rails of all blocks, one after the other.
     *
     * @param non-empty-list<self> $blocks
     * @param \Closure(self): list<Run> $of
     *
     * @return list<Run>
     */
    public static function runsOf(array $blocks, \Closure $of): array
    {
        return array_merge(...array_map($of, $blocks));
    }

    /**
     * @param list<self> $blocks
     *
     * @return list<array{BlockPart, Placement}>
     */
    public static function placements(array $blocks): array
    {
        return array_map(static fn (self $block): array => [$block->part, $block->placement], $blocks);
    }

    /** @return list<Run> Its rails that have feet */
    public function onFeet(): array
    {
        return $this->layers === null ? $this->runs : $this->layers->lowers;
    }

    /** @return list<Run> All its rails, those under the modules first */
    public function rails(): array
    {
        return [...$this->runs, ...$this->layers->lowers ?? []];
    }

    /** @return list<RailLine> Of the rails under its modules, then of those under these */
    public function allLines(): array
    {
        return [...$this->lines?->all() ?? [], ...array_map(static fn (Run $run): RailLine => $run->line, $this->layers->lowers ?? [])];
    }

    /** With its lower rails, where it has rails in two layers. */
    public function crossed(Members $members, SiteLoads $loads, Capacities $capacities, CombinationFactors $factors): self
    {
        $design = $this->part->design;
        if (!$design->block->arrangement instanceof CrossRails || $this->runs === []) {
            return $this;
        }

        return Copy::of(
            $this,
            layers: CrossSearch::of($design, $members, $this->runs, $capacities, $loads->combinations->strength, $factors, $this->part->number),
        );
    }

    /** @return non-empty-list<self> The blocks of a surface with their modules in place */
    public static function placed(Design $design, Coefficients $coefficients): array
    {
        return array_map(static fn (BlockPart $part): self => new self($part, Placement::of($part->design, $coefficients)), $design->parts());
    }

    /**
     * Marks the modules that show a side to the wind; those of other blocks shelter too.
     *
     * @param non-empty-list<self> $blocks
     */
    public static function markExposed(array $blocks, RidgeReading $reading, Coefficients $coefficients): void
    {
        foreach ($blocks as $block) {
            $others = array_filter($blocks, static fn (self $other): bool => $other !== $block);
            $block->placement->markExposed(
                $block->part->design,
                $reading,
                $coefficients,
                array_values(array_map(static fn (self $other): Placement => $other->placement, $others)),
            );
        }
    }

    /** With its lines of rail, the loads on them, and its modules checked over them. */
    public function railed(Members $members, SiteLoads $loads): self
    {
        $design = $this->part->design;
        $lines = RailLines::of($design, $members, array_keys($this->placement->rows), $this->part->number, $this->placement->columnNumbers());

        return new self(
            $this->part,
            $this->placement,
            $lines,
            ModuleCheck::all($design, $this->placement, $loads, $lines->pairs),
            Runs::of($design, $this->placement, $lines, $members, $loads),
        );
    }

    /**
     * What is said of blocks, in words of their surface: places by the block's id, and which block where there are more; what
     * several have a part in once.
     *
     * @param non-empty-list<self> $blocks
     * @param \Closure(self): list<Finding> $said Of a block alone
     *
     * @return list<Finding>
     */
    public static function findings(array $blocks, \Closure $said): array
    {
        $findings = [];
        foreach ($blocks as $block) {
            $part = $block->part;
            foreach ($said($block) as $finding) {
                $isOwn = $part->number > 1 && preg_match('~^/(block|module)\b~', $finding->at) === 1;
                $finding = $isOwn ? Finding::of($finding->code, $part->at($finding->at), $finding->values + ['block' => $part->number]) : $finding;
                $key = "$finding->at {$finding->subject()}";
                $findings[$part->number === 1 && isset($findings[$key]) ? $key.count($findings) : $key] ??= $finding;
            }
        }

        return array_values($findings);
    }
}
