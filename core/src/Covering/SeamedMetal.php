<?php

declare(strict_types=1);

namespace Garnetine\Core\Covering;

use Garnetine\Core\Document\Copy;
use Garnetine\Core\Document\Range;
use Garnetine\Core\Document\Text;
use Garnetine\Core\Quantity\Length;

/** Metal panels with standing seams up the slope, held by clips inside the seams; nothing goes through them. */
final readonly class SeamedMetal implements Covering
{
    public function __construct(
        /** From seam to seam along the eave. */
        #[Range(0.1, 0.9)]
        public Length $seamPitch,
        /** The first seam from the left edge of the roof. */
        #[Range(0, 0.9)]
        public Length $firstSeam,
        /** What kind of seam it is, by its maker's name or as folded; a clamp holds on the seam that it was tested on. */
        #[Text(80)]
        public string $seam,
        #[Range(0.0003, 0.003)]
        public Length $sheetThickness,
        /** Where a panel is fixed, so that heat moves it to either side of there; null while nobody knows. */
        public ?FixedPoint $fixedPoint = null,
        public Coating $coating = Coating::Unknown,
        /** That every part which touches a roof of copper is made for it; empty where there is none. */
        #[Text(160)]
        public string $copperDocument = '',
    ) {
    }

    public function thickness(): Length
    {
        return $this->sheetThickness;
    }

    public function underlayment(): Length
    {
        return Length::ofMetres(0.0);
    }

    public function isPlanned(): bool
    {
        return true;
    }

    public function liesOnPurlins(): null
    {
        return null;
    }

    public function stand(): string
    {
        return 'seam';
    }

    public function step(string $code): string
    {
        return match ($code) {
            'mark_by_gauge' => 'mark',
            'find' => 'find_on_seams',
            'attach_clamp' => 'attach_on_seam',
            'clean' => 'clean_metal',
            'photograph' => 'photograph_seams',
            default => $code,
        };
    }

    public function cautions(string $code): array
    {
        return match ($code) {
            'mark' => ['slippery_metal'],
            'attach' => ['no_hole_in_panel'],
            default => [],
        };
    }

    public function tools(): array
    {
        return ['brush'];
    }

    public function mirrored(Length $width): self
    {
        return Copy::of($this, firstSeam: Length::ofMetres(fmod($width->minus($this->firstSeam)->toMetres(), $this->seamPitch->toMetres())));
    }
}
