<?php

declare(strict_types=1);

namespace Garnetine\Core\Foot;

use Garnetine\Core\Covering\Covering;
use Garnetine\Core\Covering\Shingles;
use Garnetine\Core\Quantity\Length;

/** What feet have in common that one fastener holds: a lever about the downslope heel, a flashing, one row of allowables. */
trait OneFastener
{
    public function name(): string
    {
        return $this->name;
    }

    public function document(): string
    {
        return $this->document;
    }

    public function allowables(): array
    {
        return ['up_N' => $this->up, 'down_N' => $this->down, 'along_N' => $this->along];
    }

    public function alongFrom(): array
    {
        return ['along_N'];
    }

    public function base(): FootBase
    {
        return $this->base;
    }

    public function flashing(): ?Flashing
    {
        return $this->flashing;
    }

    public function coverings(): array
    {
        return [Shingles::class];
    }

    public function over(Covering $covering): Length
    {
        return $this->sitsOnDeck() ? $covering->underlayment() : $covering->thickness();
    }

    public function standsInPan(): bool
    {
        return false;
    }

    public function intoSheet(): bool
    {
        return false;
    }

    public function isBolted(): bool
    {
        return true;
    }

    public function slot(): Length
    {
        return $this->slot;
    }

    public function holeOffset(): Length
    {
        return $this->holeOffset;
    }

    public function padOn(Covering $covering): null
    {
        return null;
    }

    public function betweenBattens(): ?Length
    {
        return null;
    }

    public function onOneCourse(): ?Length
    {
        return null;
    }

    public function spent(): ?SpentHole
    {
        return null;
    }

    public function missed(bool $isAllowable): ?Missed
    {
        return null;
    }

    public function underRailUp(): ?UnderRailUp
    {
        return null;
    }

    public function attaching(): ?string
    {
        return null;
    }

    public function isOffItsBase(): bool
    {
        return false;
    }

    public function holes(): array
    {
        return [0.0];
    }

    private function bearing(float $along_N): FootLimits
    {
        return new FootLimits($this->up?->toSi() ?? INF, $this->down?->toSi() ?? INF, $along_N, $this->railHeight->toMetres(), $this->base()->heel->toMetres());
    }
}
