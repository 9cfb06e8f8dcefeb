<?php

declare(strict_types=1);

namespace Garnetine\Core\Covering;

use Garnetine\Core\Document\Copy;
use Garnetine\Core\Document\Range;
use Garnetine\Core\Quantity\Length;

/** Tiles on battens across rafters or trusses; battens carry tiles, never a foot. */
final readonly class Tile implements Covering
{
    /** Plates of hooks keep off the battens, in inches. Source: common practice, no source. */
    public const OFF_BATTEN_IN = 0.5;

    public function __construct(
        /** What lies between a member and the plate of a hook: a counter-batten, a board, an underlayment; nothing where it stands on the member. */
        #[Range(0, 0.1)]
        public Length $underPlate,
        /** Highest part of the tiles under the arm of a hook, over what its plate stands on. */
        #[Range(0.01, 0.2)]
        public Length $tileTop,
        /** The middle of the lowest batten that was measured, up the slope from the eave edge. */
        #[Range(0, 60)]
        public Length $lowerBatten,
        /** The middle of the uppermost one. */
        #[Range(0, 60)]
        public Length $upperBatten,
        /** Spaces between the two, one more than the battens between them. */
        #[Range(1, 400)]
        public int $battenSpaces,
        #[Range(0.01, 0.15)]
        public Length $battenWidth,
        /** From pan to pan along the eave; null where not measured. */
        #[Range(0.1, 0.6)]
        public ?Length $panPitch = null,
        /** The middle of the first pan from the left edge of the roof; null where not measured. */
        #[Range(0, 0.6)]
        public ?Length $firstPan = null,
        /** How far a tile reaches down past the middle of the batten below its own; null where not measured. */
        #[Range(0, 0.3)]
        public ?Length $overlap = null,
    ) {
    }

    public function thickness(): Length
    {
        return $this->tileTop->plus($this->underPlate);
    }

    public function underlayment(): Length
    {
        return $this->underPlate;
    }

    public function isPlanned(): bool
    {
        return true;
    }

    public function liesOnPurlins(): bool
    {
        return false;
    }

    public function stand(): string
    {
        return 'member';
    }

    public function step(string $code): string
    {
        return match ($code) {
            'mark', 'mark_by_gauge', 'mark_by_ruler' => 'mark_on_tile',
            'find' => 'find_under_tile',
            'attach' => 'attach_under_tile',
            'attach_bare' => 'attach_bare_under_tile',
            'clean' => 'clean_tile',
            'photograph' => 'photograph_tile',
            default => $code,
        };
    }

    public function cautions(string $code): array
    {
        return match ($code) {
            'mark' => ['tiles_break'],
            'seal' => ['stone_dust'],
            default => [],
        };
    }

    public function tools(): array
    {
        return ['tile_wedges', 'grinder'];
    }

    /** Whether the arm of a hook at a place along the eave, so far to its side or not at all, comes out in a pan; so wherever pans are not measured. */
    public function reachesPan(?Length $aside, float $x_m): bool
    {
        if ($this->panPitch === null || $this->firstPan === null) {
            return true;
        }
        $pitch_m = $this->panPitch->toMetres();
        $pans = ($x_m - $this->firstPan->toMetres()) / $pitch_m;

        return abs($pans - round($pans)) * $pitch_m <= ($aside?->toMetres() ?? 0.0) + 1e-9;
    }

    public function mirrored(Length $width): self
    {
        return $this->panPitch === null || $this->firstPan === null ? $this
            : Copy::of($this, firstPan: Length::ofMetres(fmod($width->minus($this->firstPan)->toMetres(), $this->panPitch->toMetres())));
    }
}
