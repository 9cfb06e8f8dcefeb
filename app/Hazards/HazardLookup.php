<?php

declare(strict_types=1);

namespace App\Hazards;

/** Where site hazards by place come from. What ships with the application is a simulated stand-in. */
interface HazardLookup
{
    /** What the screen calls this source; a stand-in says that it is one. */
    public function name(): string;

    /** @return list<PlaceHazards> Places whose names begin with or hold the text, at most ten */
    public function find(string $text): array;
}
