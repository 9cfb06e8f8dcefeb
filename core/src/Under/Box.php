<?php

declare(strict_types=1);

namespace Garnetine\Core\Under;

use Garnetine\Core\Layout\ModuleSpot;
use Garnetine\Core\Rail\Run;

/**
 * A box under neighbouring modules: the rail that it hangs on, null where none has room or it hangs on their frames, and the place of its middle along
 * that rail (m).
 */
final readonly class Box
{
    public function __construct(public int $block, public ModuleSpot $first, public ModuleSpot $last, public ?Run $run, public float $at_m)
    {
    }

    /** The modules over it, as row.column. */
    public function modules(): string
    {
        [$one, $other] = ["{$this->first->row}.{$this->first->column}", "{$this->last->row}.{$this->last->column}"];

        return $one === $other ? $one : $one.'–'.$other;
    }
}
