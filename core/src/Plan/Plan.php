<?php

declare(strict_types=1);

namespace Garnetine\Core\Plan;

use Garnetine\Core\Attachment\Check\ClampCheck;
use Garnetine\Core\Attachment\Check\ModuleCheck;
use Garnetine\Core\Attachment\Fastening\Capacities;
use Garnetine\Core\Attachment\Fastening\FallBack;
use Garnetine\Core\Attachment\Fastening\FastenerInMember;
use Garnetine\Core\Attachment\Fastening\WoodWindow;
use Garnetine\Core\Attachment\RunPlan;
use Garnetine\Core\Attachment\Search\Latitude;
use Garnetine\Core\Crew\Lifts;
use Garnetine\Core\Crew\Materials;
use Garnetine\Core\Crew\Steps;
use Garnetine\Core\Crew\Tapes;
use Garnetine\Core\Design\Design;
use Garnetine\Core\Design\Examples;
use Garnetine\Core\Document\Copy;
use Garnetine\Core\Finding\Code;
use Garnetine\Core\Finding\Finding;
use Garnetine\Core\Finding\FindingKind;
use Garnetine\Core\Framing\Members;
use Garnetine\Core\Framing\MemberShares;
use Garnetine\Core\Framing\RafterScreen;
use Garnetine\Core\Load\Coefficient;
use Garnetine\Core\Load\Coefficients;
use Garnetine\Core\Load\SiteLoads;
use Garnetine\Core\Rail\CuttingList;
use Garnetine\Core\Seal\HoleLedger;
use Garnetine\Core\Under\Beneath;

/** Everything computed from a design. Stages that were not reached, or whose case is refused, are null. */
final readonly class Plan
{
    /** What no plan covers yet, by name. */
    private const NOT_COVERED = [
        'roof_structure', 'seismic', 'thermal', 'drift', 'ice', 'crew_loads', 'corrosion', 'fatigue', 'fire_class', 'electrical',
    ];

    /**
     * @param non-empty-list<BlockPlan> $blocks
     * @param list<RunPlan> $supports
     * @param array<string, list<Latitude>>|null $latitudes
     * @param list<Finding> $findings
     */
    public function __construct(
        public Design $design,
        public array $blocks,
        public Members $members,
        public Coefficients $coefficients,
        public ?SiteLoads $loads,
        public ?FastenerInMember $fastener,
        public ?WoodWindow $window,
        public ?Capacities $capacities,
        public array $supports,
        public ?ClampCheck $clamp,
        public ?MemberShares $shares,
        public ?RafterScreen $screen,
        public ?array $latitudes,
        /** @var array<string, list<FallBack>>|null */
        public ?array $fallBacks,
        public ?CuttingList $cutting,
        public ?HoleLedger $holes,
        public ?Steps $steps,
        public array $findings,
        public ?Beneath $beneath = null,
    ) {
    }

    /**
     * @param non-empty-list<BlockPlan> $blocks
     * @param list<Finding> $findings
     */
    public static function refused(Design $design, array $blocks, Members $members, Coefficients $coefficients, ?SiteLoads $loads, array $findings): self
    {
        return new self(
            $design,
            $blocks,
            $members,
            $coefficients,
            $loads,
            null,
            null,
            null,
            [],
            null,
            null,
            null,
            null,
            null,
            null,
            null,
            null,
            Clearances::apply($design, $findings),
        );
    }

    /**
     * The same with what is said of it.
     *
     * @param list<Finding> $findings
     */
    public function saying(array $findings): self
    {
        return Copy::of($this, findings: Clearances::apply($this->design, $findings));
    }

    /** @return list<string> What it does not cover, by name, on every hand-over */
    public function notCovered(): array
    {
        $asked = array_filter(
            $this->findings,
            static fn (Finding $one): bool => str_starts_with($one->code->value, 'fire_') && $one->code !== Code::FireNotChecked,
        );

        return [...self::NOT_COVERED, ...$asked === [] ? ['fire_access'] : []];
    }

    /** @return list<RunPlan> Rails across that lie on others */
    public function uppers(): array
    {
        return array_merge(...array_map(static fn (BlockPlan $block): array => $block->layers->uppers ?? [], $this->blocks));
    }

    /** @return list<RunPlan> Those with feet, and those that lie on them */
    public function everyRun(): array
    {
        return [...$this->supports, ...$this->uppers()];
    }

    public function hasRefusal(): bool
    {
        return array_filter($this->findings, static fn (Finding $finding): bool => $finding->kind === FindingKind::Refusal) !== [];
    }

    /** @return list<Finding> Stops that nobody has cleared */
    public function openStops(): array
    {
        return array_values(array_filter($this->findings, static fn (Finding $finding): bool => $finding->isOpenStop()));
    }

    /** How many values are still the example's, entered by nobody. */
    public function toEnter(): int
    {
        return array_sum(array_map('count', Examples::left($this->design)));
    }

    /** @return list<Coefficient> Recalled values that nobody has confirmed as they stand */
    public function unconfirmed(): array
    {
        return array_values(
            array_filter($this->coefficients->used(), fn (Coefficient $coefficient): bool => Clearances::coefficient($this->design, $coefficient) === null),
        );
    }

    /** @return list<string> Ids of published values that the plan lacks: it is refused until they are read in an own copy */
    public function missing(): array
    {
        return Findings::missing($this->findings);
    }

    /** @return list<string> Ids of published values that matter to the plan: those that it uses and those that it lacks */
    public function concerned(): array
    {
        return [...array_map(static fn (Coefficient $used): string => $used->id, $this->coefficients->used()), ...$this->missing()];
    }

    /** What a signature on the roof structure stands for: it lapses when any member's share changes. */
    public function structureDigest(): string
    {
        $shares = array_map(static fn ($share): array => [$share->number, round($share->times, 3), round($share->ratio, 3)], $this->shares->shares ?? []);

        return substr(hash('sha256', json_encode($shares, JSON_THROW_ON_ERROR)), 0, 12);
    }

    public function structureSignedBy(): ?string
    {
        return Clearances::find($this->design, 'structure', $this->structureDigest())?->who();
    }

    public function status(): Status
    {
        return $this->hasRefusal() || $this->openStops() !== [] || $this->unconfirmed() !== [] || $this->structureSignedBy() === null
            ? Status::Preliminary : Status::Confirmed;
    }

    /** @return array{modules: int, attachments: int, fewest: bool, least_reserve: float|null, refusals: int, open_stops: int, to_enter: int, warnings: int, assumptions: int, unconfirmed: int} */
    public function summary(): array
    {
        $kinds = array_count_values(array_map(static fn (Finding $finding): string => $finding->kind->value, $this->findings));

        return [
            'modules' => $this->moduleCount(),
            'attachments' => $this->attachmentCount(),
            'fewest' => $this->supports !== [] && $this->overBound() === 0 && array_filter(
                $this->supports,
                static fn (RunPlan $run): bool => $run->bound === null,
            ) === [],
            'least_reserve' => $this->leastReserve(),
            'refusals' => $kinds['refusal'] ?? 0,
            'open_stops' => count($this->openStops()),
            'to_enter' => $this->toEnter(),
            'warnings' => $kinds['warning'] ?? 0,
            'assumptions' => $kinds['assumption'] ?? 0,
            'unconfirmed' => count($this->unconfirmed()),
        ];
    }

    /** Feet beyond those of which it is proven that fewer do not hold; of rails in two layers all together. */
    public function overBound(): int
    {
        $over = array_sum(array_map(static fn (RunPlan $plan): int => $plan->bound === null ? 0 : count($plan->picks) - $plan->bound, $this->supports));
        foreach ($this->blocks as $block) {
            $lowers = array_filter(
                $this->supports,
                static fn (RunPlan $plan): bool => $plan->run->line->isLower && $plan->run->line->block === $block->part->number,
            );
            $bound = $block->layers?->isComplete === false ? $block->layers->bound : null;
            $over += $bound === null ? 0 : array_sum(array_map(static fn (RunPlan $plan): int => (int) $plan->bound, $lowers)) - $bound;
        }

        return $over;
    }

    public function moduleCount(): int
    {
        return array_sum(array_map(static fn (BlockPlan $block): int => $block->placement->count, $this->blocks));
    }

    /** @return list<ModuleCheck> Of all blocks */
    public function modules(): array
    {
        return array_merge(...array_map(static fn (BlockPlan $block): array => $block->modules, $this->blocks));
    }

    /** What the crew reads off its tapes. */
    public function tapes(): Tapes
    {
        return new Tapes(
            $this->design,
            $this->members,
            array_merge(...array_map(static fn (BlockPlan $block): array => $block->allLines(), $this->blocks)),
            $this->beneath,
        );
    }

    /** @return list<array{what: string, block: int, row: int, count: int, mass_kg: float}> What is carried up */
    public function lifts(): array
    {
        return Lifts::of($this->design, BlockPlan::placements($this->blocks), $this->cutting, $this->beneath);
    }

    /** @return list<array{item: string, name: string, count: int, document: string}> Nothing where the plan is no hand-over */
    public function materials(): array
    {
        return $this->holes === null ? [] : Materials::of(
            $this->design,
            $this->everyRun(),
            $this->modulesByName(),
            $this->cutting,
            $this->holes,
            $this->beneath,
        );
    }

    /** @return array<string, int> */
    private function modulesByName(): array
    {
        $counts = [];
        foreach ($this->blocks as $block) {
            $name = $block->part->design->module->name;
            $counts[$name] = ($counts[$name] ?? 0) + $block->placement->count;
        }

        return $counts;
    }

    public function attachmentCount(): int
    {
        return array_sum(array_map(static fn (RunPlan $plan): int => count($plan->picks), $this->supports));
    }

    /** The least reserve of all links, rails, clamps and modules that have one. */
    public function leastReserve(): ?float
    {
        $worst = null;
        foreach ($this->everyRun() as $plan) {
            $worst = $plan->verdict() === null ? $worst : max($worst ?? 0.0, 1 - $plan->check->capacities->placing->reserve($plan->verdict()->worst));
        }
        foreach ($this->modules() as $module) {
            $worst = $module->ratio() === null ? $worst : max($worst ?? 0.0, $module->ratio());
        }
        $clamp = $this->clamp?->ratio();
        $worst = $clamp === null ? $worst : max($worst ?? 0.0, $clamp);

        return $worst === null ? null : 1 - $worst;
    }
}
