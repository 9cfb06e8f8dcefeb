<?php

declare(strict_types=1);

namespace Garnetine\Core\Foot;

use Garnetine\Core\Covering\Covering;
use Garnetine\Core\Covering\SeamedMetal;
use Garnetine\Core\Document\Range;
use Garnetine\Core\Document\Text;
use Garnetine\Core\Quantity\Force;
use Garnetine\Core\Quantity\Length;
use Garnetine\Core\Quantity\Moment;

/** A block that set screws press onto a standing seam: it pierces nothing, and bears what its document says for that seam and sheet. */
final readonly class SeamClamp implements Foot
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
        /** Height of the rail's axis over the top of the seam. */
        #[Range(0.01, 0.5)]
        public Length $railHeight,
        /** Adjustment up and down the slope, each way: along its seam a clamp stands anywhere. */
        #[Range(0, 0.1)]
        public Length $slot,
        /** Of the clamp along its seam. */
        #[Range(0.02, 0.6)]
        public Length $length,
        /** The kind of seam that its allowables are for, as its document calls it. */
        #[Text(80)]
        public string $forSeam,
        /** The thinnest sheet that they are for. */
        #[Range(0.0003, 0.003)]
        public Length $forThickness,
        /** Of its set screws; null where it is still to be looked up. */
        #[Range(0.1, 100)]
        public ?Moment $setTorque = null,
    ) {
    }

    public function limits(): FootLimits
    {
        return $this->bearing($this->along?->toSi() ?? INF);
    }

    /** Nothing goes through it. */
    public function base(): FootBase
    {
        return new FootBase(Length::ofMetres(0.0), PlateMaterial::Aluminium, $this->length->times(0.5), null, null);
    }

    public function flashing(): null
    {
        return null;
    }

    public function coverings(): array
    {
        return [SeamedMetal::class];
    }

    public function over(Covering $covering): Length
    {
        return Length::ofMetres(0.0);
    }

    public function holeOffset(): Length
    {
        return Length::ofMetres(0.0);
    }

    public function holes(): array
    {
        return [];
    }

    public function attaching(): string
    {
        return 'attach_clamp';
    }

    public function sitsOnDeck(): bool
    {
        return false;
    }

    public function sealing(): string
    {
        return 'seam_clamp';
    }
}
