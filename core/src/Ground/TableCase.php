<?php

declare(strict_types=1);

namespace Garnetine\Core\Ground;

/** One combination of what acts on a table, with one wind, one snow and one bound of how firmly the posts stand. */
final readonly class TableCase
{
    /**
     * @param list<array{float, float}> $front Of each front post: down (lifted negative), and sideways without a sign
     * @param list<array{float, float}> $rear
     * @param array{float, float} $beams Greatest moments in the front and the rear pipe
     */
    public function __construct(
        public string $combination,
        public string $wind,
        public string $snow,
        public bool $isSoft,
        public array $front,
        public array $rear,
        public array $beams,
    ) {
    }

    /** @return array<string, string> As values of a figure: keys of texts */
    public function values(): array
    {
        return ['combination' => $this->combination, 'wind' => $this->wind, 'snow' => $this->snow, 'bound' => $this->isSoft ? 'bound.soft' : 'bound.firm'];
    }
}
