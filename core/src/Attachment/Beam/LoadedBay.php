<?php

declare(strict_types=1);

namespace Garnetine\Core\Attachment\Beam;

/**
 * A bay of one run with what its own loads add to the shape's: what the search for the fewest feet looks at.
 *
 * @internal
 */
final readonly class LoadedBay
{
    /**
     * @param list<float> $winds_N What the suctions put on it, by unit
     * @param list<float> $upSections_Nm Moments of the uplift case at the bay's sections, on two supports
     * @param float $mostUp_Nm The largest of them by size
     */
    public function __construct(public Bay $bay, public array $winds_N, public array $upSections_Nm, public float $mostUp_Nm)
    {
    }
}
