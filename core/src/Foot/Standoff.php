<?php

declare(strict_types=1);

namespace Garnetine\Core\Foot;

use Garnetine\Core\Document\Range;
use Garnetine\Core\Document\Text;
use Garnetine\Core\Quantity\Force;
use Garnetine\Core\Quantity\Length;

/** A post on a base on the deck, which comes through the cone of its flashing. */
final readonly class Standoff implements Foot
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
        /** Height of the hole over the rail's axis along the slope; below it is negative. */
        #[Range(-0.3, 0.3)]
        public Length $holeOffset,
        public FootBase $base,
        public Flashing $flashing,
        /** Where it is not entered, the allowable along the slope is the post's too. */
        public ?Post $post,
    ) {
    }

    public function limits(): FootLimits
    {
        return $this->bearing(min($this->along?->toSi() ?? INF, $this->post?->along_N() ?? INF));
    }

    public function alongFrom(): array
    {
        return ($this->post?->along_N() ?? INF) < ($this->along?->toSi() ?? INF)
            ? ['post/height_m', 'post/section_modulus_m3', 'post/allowable_stress_Pa']
            : ['along_N'];
    }

    /** Its post bears a rail of either way on top. */
    public function underRailUp(): UnderRailUp
    {
        return new UnderRailUp($this->limits()->lever(), false);
    }

    public function sitsOnDeck(): bool
    {
        return true;
    }

    public function sealing(): string
    {
        return 'standoff';
    }
}
