<?php

declare(strict_types=1);

namespace Garnetine\Core\Layout;

/** One module in its place: lower left corner on the surface, and how the wind sees it. */
final class ModuleSpot
{
    /** @var list<string> Sides that are exposed: left, right, down, up */
    public array $exposedSides = [];

    public bool $nearExposedRowEnd = false;

    public function __construct(
        public readonly int $row,
        public readonly int $column,
        public readonly float $x_m,
        public readonly float $y_m,
    ) {
    }

    public function isExposed(): bool
    {
        return $this->nearExposedRowEnd || $this->exposedSides !== [];
    }
}
