<?php

declare(strict_types=1);

namespace Garnetine\Core\Load;

/** One figure of the loads with its derivation: what its because is made from, on asking. */
final readonly class Figure
{
    /**
     * @param string $code Names its text and its formula
     * @param array<string, float|int|string> $values What they quote; "value…" is the figure itself
     * @param list<string> $from Paths of other figures, ids of coefficients after "coefficient:", JSON pointers of the design
     * @param bool $listed Whether the load stage lists it
     */
    public function __construct(
        public string $code,
        public array $values,
        public ?string $source = null,
        public ?string $confidence = 'high',
        public array $from = [],
        public bool $listed = true,
    ) {
    }
}
