<?php

declare(strict_types=1);

namespace Garnetine\Core\Plan;

use Garnetine\Core\Design\Ground\TableDesign;
use Garnetine\Core\Document\Copy;
use Garnetine\Core\Finding\Finding;
use Garnetine\Core\Finding\FindingKind;
use Garnetine\Core\Ground\DayPlan;
use Garnetine\Core\Ground\InField;
use Garnetine\Core\Ground\SetOut;
use Garnetine\Core\Ground\TableCheck;
use Garnetine\Core\Ground\TableFace;
use Garnetine\Core\Ground\TablePost;
use Garnetine\Core\Ground\TableSnow;
use Garnetine\Core\Ground\TableStand;
use Garnetine\Core\Load\Coefficient;
use Garnetine\Core\Load\Coefficients;
use Garnetine\Core\Load\Figures;
use Garnetine\Core\Sun\TiltReport;

/** Everything computed from the design of a table. Of a refused case there are no posts. */
final readonly class TablePlan
{
    /** What no plan of a table covers yet, by name. */
    private const NOT_COVERED = [
        'seismic', 'flood', 'scour', 'slope_stability', 'ice', 'creeping_snow', 'flutter', 'fatigue', 'corrosion_in_soil', 'electrical', 'fire_access',
    ];

    /** @var list<TablePost> Front row first */
    public array $posts;

    public ?SetOut $setOut;

    /**
     * @param array<string, TableCheck> $checks That which asks most of each thing, by path
     * @param list<TableWay> $ways Other numbers of posts and other holes
     * @param list<Finding> $findings
     * @param TiltReport|null $sun Null where nobody said how clear the months are
     */
    public function __construct(
        public TableDesign $design,
        public Coefficients $coefficients,
        public ?TableFace $face,
        public Figures $figures,
        public ?TableSnow $snow,
        public ?TableStand $stand,
        public array $checks,
        public array $ways,
        public array $findings,
        public ?TiltReport $sun = null,
    ) {
        $this->posts = $stand->posts ?? [];
        $this->setOut = $stand?->setOut;
    }

    /** @return list<string> Ids of published values that the plan lacks: it is refused until they are read in an own copy */
    public function missing(): array
    {
        return Findings::missing($this->findings);
    }

    /** @param list<Finding> $findings */
    public function saying(array $findings): self
    {
        return Copy::of($this, findings: Clearances::apply($this->design, $findings));
    }

    /** As far as a list of tables and their field tell it: where its posts stand, how it is, and not why. */
    public function aside(): self
    {
        return Copy::of(
            $this,
            figures: new Figures(),
            snow: null,
            stand: $this->stand === null ? null : Copy::of($this->stand, checks: [], materials: [], steps: [], bars: [], findings: [], tilted: []),
            checks: array_filter($this->checks, fn (TableCheck $check): bool => $check === $this->worst()),
            ways: [],
            sun: null,
        );
    }

    /** @return list<string> */
    public function notCovered(): array
    {
        return self::NOT_COVERED;
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

    public function toEnter(): int
    {
        return array_sum(array_map('count', $this->design->examplesLeft()));
    }

    /** @return list<Coefficient> Recalled values that nobody has confirmed as they stand */
    public function unconfirmed(): array
    {
        return array_values(
            array_filter($this->coefficients->used(), fn (Coefficient $coefficient): bool => Clearances::coefficient($this->design, $coefficient) === null),
        );
    }

    /** @return list<string> Ids of published values that matter to the plan */
    public function concerned(): array
    {
        return array_map(static fn (Coefficient $used): string => $used->id, $this->coefficients->used());
    }

    public function status(): Status
    {
        return $this->hasRefusal() || $this->openStops() !== [] || $this->unconfirmed() !== [] ? Status::Preliminary : Status::Confirmed;
    }

    /** Of all posts, pipes, modules, clamps and rails. */
    public function leastReserve(): ?float
    {
        return $this->worst()?->reserve();
    }

    public function worst(): ?TableCheck
    {
        $worst = null;
        foreach ($this->checks as $check) {
            $worst = $worst === null || $check->ratio > $worst->ratio ? $check : $worst;
        }

        return $worst;
    }

    /** That which asks most of one post. */
    public function worstOf(string $post): ?TableCheck
    {
        $worst = null;
        foreach ($this->checks as $check) {
            $worst = $check->place === $post && $check->ratio > ($worst->ratio ?? -1.0) ? $check : $worst;
        }

        return $worst;
    }

    public function moduleCount(): int
    {
        return $this->design->table->rows * $this->design->table->columns;
    }

    /**
     * Posts are its attachments
     *
     * @return array{modules: int, attachments: int, fewest: bool, least_reserve: float|null, refusals: int, open_stops: int, to_enter: int, warnings: int, assumptions: int, unconfirmed: int}
     */
    public function summary(): array
    {
        $kinds = array_count_values(array_map(static fn (Finding $finding): string => $finding->kind->value, $this->findings));
        $fewer = array_filter($this->ways, fn (TableWay $way): bool => $way->holds && $way->posts < count($this->posts));

        return [
            'modules' => $this->moduleCount(),
            'attachments' => count($this->posts),
            'fewest' => $this->posts !== [] && $fewer === [],
            'least_reserve' => $this->leastReserve(),
            'refusals' => $kinds['refusal'] ?? 0,
            'open_stops' => count($this->openStops()),
            'to_enter' => $this->toEnter(),
            'warnings' => $kinds['warning'] ?? 0,
            'assumptions' => $kinds['assumption'] ?? 0,
            'unconfirmed' => count($this->unconfirmed()),
        ];
    }

    /** @return list<array{code: string, values: array<string, float|int|string>, cautions: list<string>}> */
    public function steps(): array
    {
        return $this->stand->steps ?? [];
    }

    /** Where it stands in its field; null where nobody said, or it does not stand. */
    public function inField(): ?InField
    {
        return $this->face === null ? null : InField::of($this->design, $this->face, $this->stand->places ?? []);
    }

    /** Of one person, to build it; null where nobody said how long things take, or nothing stands. */
    public function hours(): ?float
    {
        return $this->posts === [] ? null : $this->days()?->hours;
    }

    /** The days of its crew; null where nobody said who builds it and from when on. */
    public function days(): ?DayPlan
    {
        return DayPlan::of($this->design->table->crew, $this->steps());
    }

    /** @return list<array{item: string, name: string, count: int, document: string}> Nothing where no post stands */
    public function materials(): array
    {
        return $this->stand->materials ?? [];
    }
}
