<?php

declare(strict_types=1);

namespace Garnetine\Core\Foot;

use Garnetine\Core\Covering\Covering;
use Garnetine\Core\Document\Range;
use Garnetine\Core\Document\Text;
use Garnetine\Core\Quantity\Force;
use Garnetine\Core\Quantity\Length;

/** A foot on top of the shingles over its flashing, with two lags, one above the other; its hole is the lower one. */
final readonly class TwoLagFoot implements Foot
{
    use OneFastener;

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
        /** Height of the lower hole over the rail's axis along the slope; below it is negative. */
        #[Range(-0.3, 0.3)]
        public Length $holeOffset,
        public FootBase $base,
        public Flashing $flashing,
        /** From the lower lag to the upper one, s. */
        #[Range(0.01, 0.3)]
        public Length $betweenLags,
        /** From the downslope edge of the base to the line of the load, r. */
        #[Range(0.005, 0.3)]
        public Length $loadLine,
        /** From the downslope edge of the base to the upslope one, w. */
        #[Range(0.02, 0.6)]
        public Length $length,
    ) {
    }

    public function limits(): FootLimits
    {
        $lower_m = $this->base->heel->toMetres();

        return new FootLimits(
            $this->up?->toSi() ?? INF,
            $this->down?->toSi() ?? INF,
            $this->along?->toSi() ?? INF,
            $this->railHeight->toMetres(),
            $lower_m,
            new TwoInLineLever(
                $this->railHeight->toMetres(),
                $lower_m,
                $lower_m + $this->betweenLags->toMetres(),
                $this->loadLine->toMetres(),
                max($this->length->toMetres(), $lower_m + $this->betweenLags->toMetres()),
            ),
        );
    }

    /** Its upper reach is from the upper hole. */
    public function flashing(): Flashing
    {
        return $this->flashing->under($this->betweenLags);
    }

    public function holes(): array
    {
        return [0.0, $this->betweenLags->toMetres()];
    }

    public function padOn(Covering $covering): null
    {
        return null;
    }

    public function isOffItsBase(): bool
    {
        return max($this->base->heel->plus($this->betweenLags)->toMetres(), $this->loadLine->toMetres()) > $this->length->toMetres() + 1e-9;
    }

    public function sitsOnDeck(): bool
    {
        return false;
    }

    public function sealing(): string
    {
        return 'two_lag_foot';
    }
}
