<?php

declare(strict_types=1);

namespace Garnetine\Core\Because;

use Garnetine\Core\Attachment\RunPlan;
use Garnetine\Core\Design\BlockPart;
use Garnetine\Core\Plan\Plan;

/** What reasons are made of: what was entered, published values, figures of the loads. */
final readonly class Sources
{
    public function __construct(private Plan $plan, private FigureBecauses $figures)
    {
    }

    public function input(string $pointer): Because
    {
        return Inputs::at($this->plan->design, $pointer);
    }

    /**
     * @param list<string> $pointers
     *
     * @return list<string> Those that the kinds of things in this design have
     */
    public function entered(array $pointers): array
    {
        return array_values(array_filter($pointers, fn (string $pointer): bool => Inputs::has($this->plan->design, $pointer)));
    }

    /**
     * @param list<Because> $children
     */
    public function coefficient(string $table, string $key, array $children = []): Because
    {
        return FigureBecauses::ofCoefficient($this->plan->design, $this->plan->coefficients->look($table, $key), $children);
    }

    /** The because of a figure of the loads. */
    public function figure(string $path): ?Because
    {
        return $this->figures->at($path);
    }

    /** The wind's own pressure, by whichever standard. */
    public function speed(): ?Because
    {
        return $this->figure('loads/qh') ?? $this->figure('loads/qp') ?? $this->figure('loads/q');
    }

    /** @return list<Because> What the maker allows where clamps hold the side that rails cross */
    public function ratings(BlockPart $part): array
    {
        $design = $part->design;
        $held = array_keys($design->ratingsHeld());

        return array_map(fn (int $index): Because => $this->input($part->at("/module/ratings/$index/up_Pa")), $held);
    }

    public function arrangement(RunPlan $run, string $key): string
    {
        return $this->plan->blocks[$run->run->line->block - 1]->part->at("/block/arrangement/$key");
    }
}
