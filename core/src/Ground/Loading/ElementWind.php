<?php

declare(strict_types=1);

namespace Garnetine\Core\Ground\Loading;

/** Wind on what carries only a part of a table: modules, their clamps, rails. */
interface ElementWind
{
    /** @param string $way up or down */
    public function pressure_Pa(float $area_m2, string $way): float;

    /** The clause, as it is cited. */
    public function source(): string;
}
