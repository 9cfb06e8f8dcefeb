<?php

declare(strict_types=1);

namespace Garnetine\Core\Design\Surface;

use Garnetine\Core\Document\Copy;
use Garnetine\Core\Document\Items;
use Garnetine\Core\Document\Range;
use Garnetine\Core\Quantity\Length;
use Garnetine\Core\Quantity\Pressure;

/** The members under the roof and where they stand. */
final readonly class Framing
{
    /** @param list<OwnMember> $own Where the even spacing is not what was found */
    public function __construct(
        public MemberKind $kind,
        #[Range(0.2, 2.5)]
        public Length $spacing,
        #[Range(0.025, 0.2)]
        public Length $width,
        #[Range(0.025, 0.6)]
        public Length $depth,
        public Species $species,
        public LayoutFrom $layoutFrom,
        /** Shingle edge beyond the rake board. */
        #[Range(0, 0.2)]
        public Length $shingleOverhang,
        /** Thickness of the rake board. */
        #[Range(0, 0.1)]
        public Length $rakeBoard,
        /** Centre of the first member as measured from the roof edge of the gable it was laid out from; null for the rule. */
        #[Range(0, 5)]
        public ?Length $firstMember,
        public ?Lap $lap,
        /** Of a rafter, on the level, between its supports. */
        #[Range(0.3, 15)]
        public ?Length $span,
        public ?Grade $grade,
        /** How it is known where they stand; null where nobody said. */
        public ?Known $known = null,
        /** And to within how much to either side. */
        #[Range(0, 0.3)]
        public ?Length $plusMinus = null,
        #[Items(OwnMember::class, 200)]
        public array $own = [],
        /** Of purlins of cold-formed steel, without its coating. */
        #[Range(0.0004, 0.006)]
        public ?Length $steelThickness = null,
        /** Its tensile strength, Fu; null where nobody knows it. */
        #[Range(2e8, 1e9)]
        public ?Pressure $steelStrength = null,
    ) {
    }

    /** On a surface of a width with left and right exchanged; members of their own keep their numbers. */
    public function mirrored(Length $width): self
    {
        $isAcross = $this->kind->runAcross();

        return Copy::of(
            $this,
            layoutFrom: match ($this->layoutFrom) {
                LayoutFrom::Left => LayoutFrom::Right,
                LayoutFrom::Right => LayoutFrom::Left,
                LayoutFrom::Unknown => LayoutFrom::Unknown,
            },
            lap: $this->lap === null ? null : new Lap($this->lap->from, $this->lap->to, Length::ofMetres(-$this->lap->shift->toMetres())),
            own: array_map(
                static fn (OwnMember $one): OwnMember => new OwnMember(
                    $one->number,
                    $one->x === null || $isAcross ? $one->x : $width->minus($one->x),
                    $isAcross ? self::opposite($one->to, $width) : $one->from,
                    $isAcross ? self::opposite($one->from, $width) : $one->to,
                    $one->plies,
                    $one->known,
                    $one->plusMinus,
                ),
                $this->own,
            ),
        );
    }

    private static function opposite(?Length $x, Length $width): ?Length
    {
        return $x === null ? null : $width->minus($x);
    }
}
