<?php

declare(strict_types=1);

namespace Garnetine\Core\Foot;

use Garnetine\Core\Document\Range;
use Garnetine\Core\Document\Text;
use Garnetine\Core\Quantity\Force;
use Garnetine\Core\Quantity\Length;

/**
 * A plate on top of the shingles that butyl under it seals, with three columns of two screws: the middle one goes into the member; where
 * it misses an outer one may, else all six hold in the deck. Nothing is lifted, no pilot is drilled.
 */
final readonly class ButylBase implements Foot
{
    use OneFastener;

    /** An allowable from pull tests is their mean by so much, from so many tests on. Source: common practice, no source. */
    public const SAFETY = 5.0;
    public const LEAST_TESTS = 5;

    public function __construct(
        #[Text(120, shortest: 1)]
        public string $name,
        #[Text(160)]
        public string $document,
        #[Range(1, 1e5)]
        public ?Force $up,
        #[Range(1, 1e5)]
        public ?Force $down,
        #[Range(1, 1e5)]
        public ?Force $along,
        /** Height of the rail's axis over what the base stands on, h. */
        #[Range(0.01, 0.5)]
        public Length $railHeight,
        /** Adjustment up and down the slope, each way. */
        #[Range(0, 0.1)]
        public Length $slot,
        public FootBase $base,
        /** From the lower screw of a column to the upper one, s. */
        #[Range(0.01, 0.3)]
        public Length $betweenScrews,
        /** From the downslope edge of the base to the line of the load, r. */
        #[Range(0.005, 0.3)]
        public Length $loadLine,
        /** From the downslope edge of the base to the upslope one. */
        #[Range(0.02, 0.6)]
        public Length $length,
        /** Of the base along the eave, w. */
        #[Range(0.03, 0.6)]
        public Length $width,
        /** From the middle column to the ones beside it, c. */
        #[Range(0.005, 0.2)]
        public Length $column,
        #[Range(0.0005, 0.02)]
        public Length $butyl,
        /** What it bears upward held by an outer column in the member; null where it follows from the statics. */
        #[Range(1, 1e5)]
        public ?Force $aside = null,
        /** Upward with all six screws in a deck such as this one, by its document. */
        #[Range(1, 1e5)]
        public ?Force $deckUp = null,
        #[Range(1, 1e5)]
        public ?Force $deckAlong = null,
        /** Mean of pull tests on such a deck, each of a whole base; counts where nothing is entered above, and for allowable stresses only. */
        #[Range(1, 1e5)]
        public ?Force $deckTests = null,
        /** How many there were. */
        #[Range(1, 1000)]
        public ?int $deckTestCount = null,
    ) {
    }

    public function limits(): FootLimits
    {
        $lower_m = $this->base->heel->toMetres();
        $upper_m = $lower_m + $this->betweenScrews->toMetres();

        return new FootLimits(
            $this->up?->toSi() ?? INF,
            $this->down?->toSi() ?? INF,
            $this->along?->toSi() ?? INF,
            $this->railHeight->toMetres(),
            $lower_m,
            new TwoInLineLever($this->railHeight->toMetres(), $lower_m, $upper_m, $this->loadLine->toMetres(), max($this->length->toMetres(), $upper_m)),
        );
    }

    public function flashing(): null
    {
        return null;
    }

    public function onOneCourse(): Length
    {
        return $this->length;
    }

    /** The rail lies on the line of its load. */
    public function holeOffset(): Length
    {
        return $this->base->heel->minus($this->loadLine);
    }

    public function holes(): array
    {
        return [0.0, $this->betweenScrews->toMetres()];
    }

    public function isOffItsBase(): bool
    {
        return max($this->base->heel->plus($this->betweenScrews)->toMetres(), $this->loadLine->toMetres()) > $this->length->toMetres() + 1e-9
            || $this->column->toMetres() > $this->width->toMetres() / 2 - 1e-9;
    }

    /**
     * The pull of an outer column grows as the plate tips about its far edge: T = U·(w/2)/(w/2 − c).
     *
     * Source: statics of a stiff base on a stiff roof.
     */
    public function missed(bool $isAllowable): Missed
    {
        $half_m = $this->width->toMetres() / 2;
        $isTested = $isAllowable && $this->deckTests !== null && ($this->deckTestCount ?? 0) >= self::LEAST_TESTS;

        return new Missed(
            $half_m / max(1e-3, $half_m - $this->column->toMetres()),
            $this->aside,
            $this->deckUp ?? ($isTested ? $this->deckTests->times(1 / self::SAFETY) : null),
            $this->deckAlong,
            array_merge(...array_map(
                fn (float $above_m): array => array_map(
                    static fn (float $aside_m): array => [$aside_m, $above_m],
                    [-$this->column->toMetres(), 0.0, $this->column->toMetres()],
                ),
                $this->holes(),
            )),
        );
    }

    public function attaching(): string
    {
        return 'attach_butyl';
    }

    public function sitsOnDeck(): bool
    {
        return false;
    }

    public function sealing(): string
    {
        return 'butyl_base';
    }
}
