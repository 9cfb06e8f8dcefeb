<?php

declare(strict_types=1);

namespace Garnetine\Core\Plan;

use Garnetine\Core\Attachment\Search\NotWanted;
use Garnetine\Core\Design\Project;

/** The plans of all surfaces of a job. Each is planned for itself: an edit on one changes no other, but that tables are told of those beside them. */
final readonly class ProjectPlan
{
    /**
     * @param array<string, Plan> $plans By surface, in their order
     * @param array<string, TablePlan> $tables By table, in their order; one or more of both
     */
    private function __construct(public Project $project, public array $plans, public array $tables)
    {
    }

    /**
     * @param (\Closure(): bool)|null $isWanted Whether anybody still waits for the plan
     *
     * @throws NotWanted
     */
    public static function of(Project $project, Depth $depth = Depth::Full, ?\Closure $isWanted = null): self
    {
        $alike = new AlikeTables();

        return self::by(
            $project,
            static fn (string $surface): Plan => Planner::plan($project->design($surface), $depth, $isWanted),
            static fn (string $table): TablePlan => TablePlanner::plan($project->table($table), $depth, $alike),
        );
    }

    /**
     * @param \Closure(string): Plan $plan Of a surface
     * @param \Closure(string): TablePlan $table
     */
    public static function by(Project $project, \Closure $plan, \Closure $table): self
    {
        $plans = [];
        foreach ($project->ids() as $surface) {
            $plans[$surface] = $plan($surface);
        }

        $tables = [];
        foreach ($project->tableIds() as $id) {
            $tables[$id] = $table($id);
        }

        return new self($project, $plans, TablesBeside::told($tables));
    }

    /** @return array<string, Plan|TablePlan> Of surfaces and tables alike, in their order */
    public function all(): array
    {
        return $this->plans + $this->tables;
    }

    /**
     * The plans of some of its surfaces; what is told of the job is then told of them.
     *
     * @param list<string> $surfaces Ids that it has, of tables too
     */
    public function only(array $surfaces): self
    {
        return new self($this->project, array_intersect_key($this->plans, array_flip($surfaces)), array_intersect_key($this->tables, array_flip($surfaces)));
    }

    /** @return list<string> Names of the job's surfaces and tables that it is not of */
    public function leftOut(): array
    {
        return array_values(array_map($this->project->nameOf(...), array_filter($this->project->allIds(), fn (string $id): bool => !isset($this->all()[$id]))));
    }

    public function hasRefusal(): bool
    {
        return array_filter($this->all(), static fn (Plan|TablePlan $plan): bool => $plan->hasRefusal()) !== [];
    }

    /** The worst of its surfaces. */
    public function status(): Status
    {
        return array_filter($this->all(), static fn (Plan|TablePlan $plan): bool => $plan->status() === Status::Preliminary) === []
            ? Status::Confirmed
            : Status::Preliminary;
    }

    /**
     * Counts of all surfaces; what is the job’s counts on each that it concerns, recalled values once
     *
     * @return array{surfaces: int, modules: int, attachments: int, fewest: bool, least_reserve: float|null, refusals: int, open_stops: int, to_enter: int, warnings: int, assumptions: int, unconfirmed: int}
     */
    public function summary(): array
    {
        $summaries = array_values(array_map(static fn (Plan|TablePlan $plan): array => $plan->summary(), $this->all()));
        $sum = static fn (string $key): int => (int) array_sum(array_column($summaries, $key));
        $reserves = array_filter(array_column($summaries, 'least_reserve'), static fn (?float $reserve): bool => $reserve !== null);
        $unconfirmed = [];
        foreach ($this->all() as $plan) {
            foreach ($plan->unconfirmed() as $value) {
                $unconfirmed[$value->id] = true;
            }
        }

        return [
            'surfaces' => count($this->all()),
            'modules' => $sum('modules'),
            'attachments' => $sum('attachments'),
            'fewest' => !in_array(false, array_column($summaries, 'fewest'), true),
            'least_reserve' => $reserves === [] ? null : min($reserves),
            'refusals' => $sum('refusals'),
            'open_stops' => $sum('open_stops'),
            'to_enter' => $sum('to_enter'),
            'warnings' => $sum('warnings'),
            'assumptions' => $sum('assumptions'),
            'unconfirmed' => count($unconfirmed),
        ];
    }

    /** @return list<array{item: string, name: string, count: int, document: string}> Of all surfaces and tables; nothing where one of them is no hand-over */
    public function materials(): array
    {
        $materials = [];
        foreach ($this->all() as $plan) {
            if ($plan->materials() === []) {
                return [];
            }
            foreach ($plan->materials() as $one) {
                $key = implode("\n", [$one['item'], $one['name'], $one['document']]);
                $materials[$key] = ['count' => ($materials[$key]['count'] ?? 0) + $one['count']] + $one;
            }
        }

        return array_values($materials);
    }
}
