<?php

declare(strict_types=1);

namespace Garnetine\Core\Tests\Foot;

use Garnetine\Core\Covering\Covering;
use Garnetine\Core\Covering\Shingles;
use Garnetine\Core\Document\Range;
use Garnetine\Core\Foot\Flashing;
use Garnetine\Core\Foot\Foot;
use Garnetine\Core\Foot\FootBase;
use Garnetine\Core\Foot\FootLimits;
use Garnetine\Core\Quantity\Force;
use Garnetine\Core\Quantity\Length;

/** A kind of foot that there is nowhere else: it has one strength, and all else follows from its pad. */
final readonly class PadFoot implements Foot
{
    public function __construct(
        #[Range(0.05, 0.5)]
        public Length $pad,
        #[Range(1, 1e5)]
        public ?Force $strength,
        public FootBase $base,
        public Flashing $flashing,
    ) {
    }

    public function name(): string
    {
        return 'Pad foot';
    }

    public function document(): string
    {
        return 'made up';
    }

    public function allowables(): array
    {
        return ['strength_N' => $this->strength];
    }

    public function limits(): FootLimits
    {
        $strength_N = $this->strength?->toSi() ?? INF;

        return new FootLimits($strength_N, 2 * $strength_N, $strength_N / 2, $this->pad->toMetres(), $this->base->heel->toMetres());
    }

    public function alongFrom(): array
    {
        return ['strength_N'];
    }

    public function base(): FootBase
    {
        return $this->base;
    }

    public function flashing(): Flashing
    {
        return $this->flashing;
    }

    public function coverings(): array
    {
        return [Shingles::class];
    }

    public function over(Covering $covering): Length
    {
        return $covering->thickness();
    }

    public function intoSheet(): bool
    {
        return false;
    }

    public function isBolted(): bool
    {
        return true;
    }

    public function standsInPan(): bool
    {
        return false;
    }

    public function slot(): Length
    {
        return $this->pad->times(0.1);
    }

    public function holeOffset(): Length
    {
        return Length::ofMetres(0.0);
    }

    public function holes(): array
    {
        return [0.0];
    }

    public function betweenBattens(): null
    {
        return null;
    }

    public function onOneCourse(): null
    {
        return null;
    }

    public function spent(): null
    {
        return null;
    }

    public function missed(bool $isAllowable): null
    {
        return null;
    }

    public function attaching(): null
    {
        return null;
    }

    public function padOn(Covering $covering): null
    {
        return null;
    }

    public function isOffItsBase(): bool
    {
        return false;
    }

    public function sitsOnDeck(): bool
    {
        return false;
    }

    public function sealing(): string
    {
        return 'flashed_foot';
    }

    public function underRailUp(): null
    {
        return null;
    }
}
