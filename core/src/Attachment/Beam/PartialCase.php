<?php

declare(strict_types=1);

namespace Garnetine\Core\Attachment\Beam;

/** A combination whose snow lies on a pattern of spans: what is full stays with the shares, the snow with the pattern. */
final readonly class PartialCase
{
    public function __construct(public LoadCase $case, public float $snowNormal_N, public float $snowAlong_N)
    {
    }

    /** @return array{float, float} Normal and along, from the effect of one full share and of the pattern */
    public function loads(float $full, float $snow): array
    {
        return [
            ($this->case->normal_N - $this->snowNormal_N) * $full + $this->snowNormal_N * $snow,
            ($this->case->along_N - $this->snowAlong_N) * $full + $this->snowAlong_N * $snow,
        ];
    }
}
