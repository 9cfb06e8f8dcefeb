<?php

declare(strict_types=1);

namespace Garnetine\Core\Design\Surface;

use Garnetine\Core\Covering\Covering;
use Garnetine\Core\Design\YesNo;
use Garnetine\Core\Document\Copy;
use Garnetine\Core\Document\Items;
use Garnetine\Core\Document\Range;
use Garnetine\Core\Document\Text;
use Garnetine\Core\Quantity\Angle;
use Garnetine\Core\Quantity\Length;
use Garnetine\Core\Quantity\Pressure;

/**
 * One roof plane in its own coordinates: x along the eave, y up the slope, origin at the lower left seen from outside. A rectangle,
 * between hips a trapezoid or triangle, or whatever its corners say.
 */
final readonly class Surface
{
    /**
     * @param list<NoWorkRectangle> $noWorkRectangles
     * @param list<NoWorkCircle> $noWorkCircles
     * @param list<SnowFeature> $snowFeatures
     * @param list<Penetration> $penetrations Holes that are not attachments
     * @param list<Corner> $outline Where it is no such shape: its corners, within $width by $slopeLength
     */
    public function __construct(
        public SurfaceKind $kind,
        /** As people call it, on paper too. */
        #[Text(60, shortest: 1)]
        public string $name,
        public RoofKind $roofKind,
        public Covering $covering,
        public YesNo $dormerOrValley,
        public YesNo $higherOrLowerRoof,
        #[Range(1, 200)]
        public Length $width,
        #[Range(1, 60)]
        public Length $slopeLength,
        #[Range(0, 1.4)]
        public Angle $pitch,
        /** Along the slope, beyond the wall. */
        #[Range(0, 3)]
        public Length $eaveOverhang,
        #[Range(0, 3)] public Length $leftRakeOverhang,
        #[Range(0, 3)] public Length $rightRakeOverhang,
        /** How far the upper end of the left edge lies in from its lower end: 0 for a rake, more for a hip. */
        #[Range(0, 100)]
        public Length $leftHip,
        #[Range(0, 100)]
        public Length $rightHip,
        public Deck $deck,
        #[Range(0.006, 0.06)]
        public Length $deckThickness,
        public Framing $framing,
        /** Dead load of the roof itself, per area of slope. */
        #[Range(0, 3000)]
        public Pressure $deadLoad,
        #[Items(NoWorkRectangle::class, 100)]
        public array $noWorkRectangles,
        #[Items(NoWorkCircle::class, 100)]
        public array $noWorkCircles,
        public Setbacks $setbacks,
        #[Items(SnowFeature::class, 40)]
        public array $snowFeatures,
        #[Items(Penetration::class, 500)]
        public array $penetrations,
        #[Items(Corner::class, 40)] public array $outline = [],
        public FireSide $fire = new FireSide(),
        public RunOff $runOff = RunOff::Unknown,
    ) {
    }

    /** Left and right exchanged, with all that lies on it. */
    public function mirrored(): self
    {
        $width = $this->width;
        $framing = $this->framing;

        return Copy::of(
            $this,
            leftRakeOverhang: $this->rightRakeOverhang,
            rightRakeOverhang: $this->leftRakeOverhang,
            leftHip: $this->rightHip,
            rightHip: $this->leftHip,
            covering: $this->covering->mirrored($width),
            framing: $framing->mirrored($width),
            noWorkRectangles: array_map(
                static fn (NoWorkRectangle $one): NoWorkRectangle => new NoWorkRectangle(
                    $one->id,
                    $one->kind,
                    $width->minus($one->x)->minus($one->width),
                    $one->y,
                    $one->width,
                    $one->height,
                    $one->clearance,
                ),
                $this->noWorkRectangles,
            ),
            noWorkCircles: array_map(
                static fn (NoWorkCircle $one): NoWorkCircle => new NoWorkCircle(
                    $one->id,
                    $one->kind,
                    $width->minus($one->x),
                    $one->y,
                    $one->diameter,
                    $one->clearance,
                ),
                $this->noWorkCircles,
            ),
            setbacks: new Setbacks($this->setbacks->eave, $this->setbacks->ridge, $this->setbacks->right, $this->setbacks->left),
            snowFeatures: array_map(static fn (SnowFeature $one): SnowFeature => $one->mirrored($width), $this->snowFeatures),
            penetrations: array_map(
                static fn (Penetration $one): Penetration => new Penetration($one->id, $one->kind, $width->minus($one->x), $one->y, $one->note),
                $this->penetrations,
            ),
            outline: self::mirroredOutline($this->outline, $width),
        );
    }

    /**
     * Corners in the other order, so that they go round the same way; each edge begins where it ended.
     *
     * @param list<Corner> $outline
     *
     * @return list<Corner>
     */
    private static function mirroredOutline(array $outline, Length $width): array
    {
        $mirrored = [];
        $count = count($outline);
        for ($place = 0; $place < $count; ++$place) {
            // The edge that began at the second corner ends at the first: the eave stays the first edge.
            $at = $outline[($count + 1 - $place) % $count];
            $edge = $outline[(2 * $count - $place) % $count];
            $mirrored[] = new Corner($width->minus($at->x), $at->y, $edge->edge, $edge->setback, $edge->overhang);
        }

        return $mirrored;
    }

    /** The same under another name. */
    public function named(string $name): self
    {
        return Copy::of($this, name: $name);
    }
}
