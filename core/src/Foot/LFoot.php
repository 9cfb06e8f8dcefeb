<?php

declare(strict_types=1);

namespace Garnetine\Core\Foot;

use Garnetine\Core\Covering\Covering;
use Garnetine\Core\Covering\ScrewedMetal;
use Garnetine\Core\Document\Range;
use Garnetine\Core\Document\Text;
use Garnetine\Core\Quantity\Force;
use Garnetine\Core\Quantity\Length;

/** An angle on a rib of a metal sheet, or in the pan between two, on a pad that seals it; its screw goes into the purlin. */
final readonly class LFoot implements Foot
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
        public FootBase $base,
        public RibPart $standsOn,
        /** Thickness of the pad under it. */
        #[Range(0.0005, 0.02)]
        public Length $pad,
        /** From the downslope edge of the base to the line of the load, where the rail lies, r. */
        #[Range(0.005, 0.3)]
        public Length $loadLine,
        /** From the downslope edge of the base to the upslope one, w. */
        #[Range(0.02, 0.6)]
        public Length $length,
        /** Width of the pad along the eave; null where not measured. */
        #[Range(0.01, 0.3)]
        public ?Length $padWidth = null,
        /** What becomes of the roof's own screws under it. */
        public RoofScrew $roofScrew = RoofScrew::Clear,
        /** From the old hole to the new one beside it, along the eave. */
        #[Range(0.003, 0.2)]
        public ?Length $besideBy = null,
        /** Of a test of the screw in such a hole; its pull-out is that of the screw then. */
        #[Text(160)]
        public string $spentTest = '',
    ) {
    }

    public function limits(): FootLimits
    {
        $fastener_m = $this->base->heel->toMetres();
        // A screw at its very edge, or past it, is a finding; the lever must stay a number.
        $length_m = max($this->length->toMetres(), $fastener_m + 1e-3);

        return new FootLimits(
            $this->up?->toSi() ?? INF,
            $this->down?->toSi() ?? INF,
            $this->along?->toSi() ?? INF,
            $this->railHeight->toMetres(),
            $fastener_m,
            new AsideLever($this->railHeight->toMetres(), $fastener_m, $this->loadLine->toMetres(), $length_m),
        );
    }

    /** Turned with the rail, its pad lies with its width up the slope. */
    public function underRailUp(): ?UnderRailUp
    {
        return $this->padWidth === null ? null : new UnderRailUp(
            new TurnedLever($this->limits()->lever(), $this->railHeight->toMetres(), $this->padWidth->toMetres() / 2),
            true,
            $this->length,
        );
    }

    public function coverings(): array
    {
        return [ScrewedMetal::class];
    }

    public function flashing(): null
    {
        return null;
    }

    public function over(Covering $covering): Length
    {
        $rib = $covering instanceof ScrewedMetal && $this->standsOn === RibPart::Crest ? $covering->ribHeight : Length::ofMetres(0.0);

        return $this->pad->plus($covering->thickness())->plus($rib);
    }

    /** The rail lies on the line of its load. */
    public function holeOffset(): Length
    {
        return $this->base->heel->minus($this->loadLine);
    }

    public function standsInPan(): bool
    {
        return $this->standsOn === RibPart::Pan;
    }

    public function padOn(Covering $covering): PadOnFlat
    {
        $sheet = $covering instanceof ScrewedMetal ? $covering : null;

        return new PadOnFlat($this->padWidth, $this->standsOn === RibPart::Crest ? $sheet?->crestFlat : $sheet?->panFlat);
    }

    public function isOffItsBase(): bool
    {
        return max($this->base->heel->toMetres(), $this->loadLine->toMetres()) > $this->length->toMetres() - 1e-9;
    }

    public function sitsOnDeck(): bool
    {
        return false;
    }

    public function spent(): SpentHole
    {
        return new SpentHole($this->roofScrew, $this->besideBy, $this->spentTest, $this->padWidth);
    }

    public function sealing(): string
    {
        return 'l_foot';
    }
}
