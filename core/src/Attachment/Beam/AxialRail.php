<?php

declare(strict_types=1);

namespace Garnetine\Core\Attachment\Beam;

use Garnetine\Core\Attachment\Fastening\Capacities;
use Garnetine\Core\Attachment\Fastening\Link;
use Garnetine\Core\Attachment\Fastening\LinkRatio;

/**
 * Keeps the worst bending of a rail that is bent one way alone, section by section, and of its splices.
 *
 * @internal
 */
final class AxialRail
{
    public float $at_m = 0.0;

    /** Moment of the worst section, by size. */
    public float $moment_Nm = 0.0;

    private float $splice_Nm = 0.0;
    private LoadCase $spliceCase;

    public function __construct(private readonly Capacities $capacities, private LoadCase $case)
    {
        $this->spliceCase = $case;
    }

    public function add(LoadCase $case, float $moment_Nm, float $x_m, bool $isSplice): void
    {
        $moment_Nm = abs($moment_Nm);
        if ($isSplice && $moment_Nm > $this->splice_Nm) {
            [$this->splice_Nm, $this->spliceCase] = [$moment_Nm, $case];
        } elseif (!$isSplice && $moment_Nm > $this->moment_Nm) {
            [$this->moment_Nm, $this->case, $this->at_m] = [$moment_Nm, $case, $x_m];
        }
    }

    public function worst(): float
    {
        return max($this->moment_Nm / $this->capacities->railNormal_Nm, $this->splice_Nm / $this->capacities->splice_Nm);
    }

    public function rail(): LinkRatio
    {
        $ratio = $this->moment_Nm / $this->capacities->railNormal_Nm;

        return new LinkRatio($ratio, Link::Rail, $this->case, $ratio, 1.0, $this->capacities->placing);
    }

    /** Null when no splice with an allowable moment stands in a bay. */
    public function splice(): ?LinkRatio
    {
        return $this->splice_Nm > 0.0 ? new LinkRatio(
            $this->splice_Nm / $this->capacities->splice_Nm,
            Link::Splice,
            $this->spliceCase,
            $this->splice_Nm,
            $this->capacities->splice_Nm,
            $this->capacities->placing,
        ) : null;
    }
}
