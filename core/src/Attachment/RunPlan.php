<?php

declare(strict_types=1);

namespace Garnetine\Core\Attachment;

use Garnetine\Core\Attachment\Check\AttachmentVerdict;
use Garnetine\Core\Attachment\Check\RunCheck;
use Garnetine\Core\Attachment\Check\RunVerdict;
use Garnetine\Core\Rail\Run;

/** A run with the feet chosen for it; what they bear is worked out when it is first asked for. */
final class RunPlan
{
    private ?RunVerdict $verdict = null;

    /** @var list<float>|null */
    private ?array $reactions = null;

    /** @var list<float>|null */
    private ?array $feet_m = null;

    /** @var list<int>|null */
    private ?array $members = null;

    /** @param list<int> $picks Indices into the run's candidates; empty when it has fewer than two */
    public function __construct(
        public readonly Run $run,
        public readonly RunCheck $check,
        public readonly array $picks,
        /** No layout with fewer feet passes; null when none passes at all. */
        public readonly ?int $bound,
        /** Every layout with as many feet was weighed. */
        public readonly bool $isBest,
        /** When none was found: whether every layout was tried. */
        public readonly bool $noneHolds = false,
        /** Feet that members which carried too much cost this run. */
        public readonly int $forMembers = 0,
        /** When none was found under the planner's own hand: the fewest feet without pins and greatest bay. */
        public readonly ?int $withoutHand = null,
    ) {
    }

    /** @param list<int> $picks */
    public function over(array $picks): self
    {
        return new self($this->run, $this->check, $picks, $this->bound, false, false, $this->forMembers + count($picks) - count($this->picks));
    }

    public function holds(): bool
    {
        return $this->bound !== null;
    }

    /** Null when there are not two feet. */
    public function verdict(): ?RunVerdict
    {
        if ($this->verdict === null && count($this->picks) >= 2) {
            $verdict = $this->check->of($this->feet_m());
            $this->verdict = $verdict->rail === null ? null : $verdict;
        }

        return $this->verdict;
    }

    /** The same with every link of each foot, for who checks it from outside; null when there are not two feet. */
    public function wholeVerdict(): ?RunVerdict
    {
        return $this->verdict() === null ? null : $this->check->of($this->feet_m(), true);
    }

    /** @return list<bool> Of each foot, whether it is the stronger one that edge zones have */
    public function atEdge(): array
    {
        return array_map(static fn (AttachmentVerdict $foot): bool => $foot->isEdge, $this->verdict()->attachments ?? []);
    }

    /** @return list<float> How many modules' weight each foot carries, in modules on this rail */
    public function reactions(): array
    {
        return $this->reactions ??= count($this->picks) < 2 ? []
            : $this->check->shape->layout($this->feet_m())->reactions[0];
    }

    /**
     * How far out of line its feet may stand, by the shortest bay between two; null with fewer feet, and where there is no rail, or a piece under one
     * clamp, which nothing bends.
     */
    public function inLine_m(): ?float
    {
        $feet_m = $this->feet_m();
        $bays_m = array_map(static fn (float $from_m, float $to_m): float => $to_m - $from_m, array_slice($feet_m, 0, -1), array_slice($feet_m, 1));

        return $bays_m === [] || count($this->run->clamps_m) < 2 || !$this->run->isRail ? null : $this->check->capacities->inLine_m(min($bays_m));
    }

    /** @return list<float> */
    public function feet_m(): array
    {
        return $this->feet_m ??= array_map(fn (int $pick): float => $this->run->candidates_m[$pick], $this->picks);
    }

    /** @return list<int> */
    public function members(): array
    {
        return $this->members ??= array_map(fn (int $pick): int => $this->run->members[$pick], $this->picks);
    }
}
