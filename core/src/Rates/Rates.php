<?php

declare(strict_types=1);

namespace Garnetine\Core\Rates;

use Garnetine\Core\Document\Range;
use Garnetine\Core\Document\Text;

/**
 * How long a company's crews take on a roof, in minutes of one person, and what things cost it, in its own money. Each may be open:
 * what rests on it is not told then.
 */
final readonly class Rates
{
    public function __construct(
        /** As the company writes it: three letters. */
        #[Text(3, shortest: 3, pattern: '[A-Z]{3}')]
        public string $currency,
        /** An hour of one person. */
        #[Range(0, 1e4)]
        public ?float $hour = null,
        /** On a roof before and after all: ladders, ropes, cleaning. */
        #[Range(0, 5_000)]
        public ?float $startMinutes = null,
        /** For each foot: found, drilled, sealed, bolted. */
        #[Range(0, 600)]
        public ?float $footMinutes = null,
        /** For each piece of rail: cut, carried, aligned. */
        #[Range(0, 600)]
        public ?float $railMinutes = null,
        /** For each crossing of two rails. */
        #[Range(0, 600)]
        public ?float $crossingMinutes = null,
        /** For each module: carried, clamped, torqued. */
        #[Range(0, 600)]
        public ?float $moduleMinutes = null,
        /** A foot with its screws and what seals it. */
        #[Range(0, 1e5)]
        public ?float $footPrice = null,
        /** A bar of rail in its stock length. */
        #[Range(0, 1e5)]
        public ?float $barPrice = null,
        #[Range(0, 1e5)]
        public ?float $splicePrice = null,
        #[Range(0, 1e5)]
        public ?float $crossingPrice = null,
        #[Range(0, 1e5)]
        public ?float $clampPrice = null,
        /** A metre of post, pile, pipe or timber that stands in the ground. */
        #[Range(0, 1e5)]
        public ?float $postMetrePrice = null,
        /** A bag of concrete. */
        #[Range(0, 1e5)]
        public ?float $bagPrice = null,
    ) {
    }
}
