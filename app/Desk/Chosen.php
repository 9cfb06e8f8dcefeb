<?php

declare(strict_types=1);

namespace App\Desk;

use Garnetine\Core\Design\Design;
use Garnetine\Core\Design\Project;

/**
 * The surface that a request is about, and the block in view on it: those that it names (?surface=south&block=south-2), else the
 * job's first. Plans are told as they are seen from the first block of a surface; a worksheet is of the block in view.
 */
final readonly class Chosen
{
    private function __construct(public Project $project, public string $surface, public string $block)
    {
    }

    public static function of(Project $project): self
    {
        // What is asked of surfaces has no answer in a job of tables alone.
        abort_if($project->surfaces === [], 404);
        $surface = $project->chosen(self::asked('surface'));

        return new self($project, $surface, $project->chosenBlock($surface, self::asked('block')));
    }

    private static function asked(string $what): ?string
    {
        return is_string(request()->query($what)) ? request()->query($what) : null;
    }

    /** The table that a request is about: that which it names, or the first of a job without surfaces; null where it is about a surface. */
    public static function table(Project $project): ?string
    {
        $asked = self::asked('surface');

        return $asked !== null && isset($project->tables[$asked]) ? $asked : ($project->surfaces === [] ? $project->first() : null);
    }

    /** Id of the surface or the table that a request is about. */
    public static function id(Project $project): string
    {
        return self::table($project) ?? self::of($project)->surface;
    }

    /** The first block of a surface. */
    public static function first(Project $project, string $surface): self
    {
        return new self($project, $surface, $project->chosenBlock($surface, null));
    }

    /** As it is seen from the block in view. */
    public function design(): Design
    {
        return $this->project->design($this->surface, $this->block);
    }

    /**
     * The job with the design that is in view changed.
     *
     * @param \Closure(Design): Design $change
     */
    public function put(\Closure $change): Project
    {
        return $this->project->with($this->surface, $change($this->design()), $this->block);
    }

    /** From which the surface is planned. */
    public function plain(): Design
    {
        return $this->project->design($this->surface);
    }

    /** Of the block, among those of its surface, from 1. */
    public function number(): int
    {
        return (int) array_search($this->block, $this->project->blocksOn($this->surface), true) + 1;
    }

    /** A place as the plan tells it, as it is told from the block in view. */
    public function seen(string $pointer): string
    {
        $plain = $this->project->part($this->surface);

        return $plain->block === $this->block ? $pointer : $this->project->part($this->surface, $this->block)->here($plain->inJob($pointer)) ?? $pointer;
    }

    /** A place as it is told from the block in view, as the plan tells it. */
    public function planned(string $pointer): string
    {
        $plain = $this->project->part($this->surface);

        return $plain->block === $this->block ? $pointer : $plain->here($this->project->part($this->surface, $this->block)->inJob($pointer)) ?? $pointer;
    }
}
