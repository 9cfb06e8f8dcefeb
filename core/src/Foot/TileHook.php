<?php

declare(strict_types=1);

namespace Garnetine\Core\Foot;

use Garnetine\Core\Covering\Tile;
use Garnetine\Core\Document\Range;
use Garnetine\Core\Document\Text;
use Garnetine\Core\Quantity\Force;
use Garnetine\Core\Quantity\Length;

/** A plate on a rafter between two battens, held by two screws one above the other, with an arm that comes out under a tile to the rail. */
final readonly class TileHook implements Foot
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
        /** Height of the rail's axis over what the plate stands on, h. */
        #[Range(0.01, 0.5)]
        public Length $railHeight,
        /** Adjustment up and down the slope, each way. */
        #[Range(0, 0.1)]
        public Length $slot,
        public FootBase $base,
        /** From the lower screw to the upper one, s. */
        #[Range(0.01, 0.3)]
        public Length $betweenScrews,
        /** From the downslope edge of the plate to the upslope one, w. */
        #[Range(0.02, 0.6)]
        public Length $length,
        public HookArm $arm,
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
            new TwoInLineLever($this->railHeight->toMetres(), $lower_m, $upper_m, -$this->arm->reach->toMetres(), max($this->length->toMetres(), $upper_m)),
            $this->arm,
        );
    }

    /** Its arm reaches down the slope to a rail of either way. */
    public function underRailUp(): UnderRailUp
    {
        return new UnderRailUp($this->limits()->lever(), false);
    }

    public function flashing(): null
    {
        return null;
    }

    public function coverings(): array
    {
        return [Tile::class];
    }

    /** The rail lies below the plate. */
    public function holeOffset(): Length
    {
        return $this->arm->reach->plus($this->base->heel);
    }

    public function holes(): array
    {
        return [0.0, $this->betweenScrews->toMetres()];
    }

    public function betweenBattens(): Length
    {
        return $this->length;
    }

    public function isOffItsBase(): bool
    {
        return $this->base->heel->plus($this->betweenScrews)->toMetres() > $this->length->toMetres() + 1e-9;
    }

    /** On the member, or on what lies on it under the battens. */
    public function sitsOnDeck(): bool
    {
        return true;
    }

    public function sealing(): string
    {
        return 'tile_hook';
    }
}
