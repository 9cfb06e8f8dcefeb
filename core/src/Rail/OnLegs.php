<?php

declare(strict_types=1);

namespace Garnetine\Core\Rail;

use Garnetine\Core\Design\Block\TiltLegs;
use Garnetine\Core\Design\Design;
use Garnetine\Core\Document\Copy;
use Garnetine\Core\Foot\Lever;

/**
 * How forces on a rail come to the foot of its leg. Pull and push are square to the roof there, and square to the modules on the rail.
 *
 * A leg under an upper rail stands square to the roof and has a pivot at each end: it takes N/cos ω and nothing along the slope. What
 * the modules carry down their plane from it comes to the lower rail, whose legs take the rest of all that acts. Each leg of a lower
 * rail has one of the upper rail above it on the slope.
 *
 * Source: statics of three forces, with the load on the middle of the module; that it acts there is a choice.
 */
final readonly class OnLegs
{
    /**
     * @param float $upPerUp Pull square to the roof, for each newton that pulls square to the modules
     * @param float $upPerAlong And for each that acts down their plane
     * @param float $alongPerUp Along the slope, the same
     * @param Lever $lever Of the foot under it, with the pivot where that is
     * @param float $otherPerUp Pull on the leg of the other rail for a newton that pulls this one: of a lower rail, known without what lies on it
     */
    private function __construct(
        public float $upPerUp,
        public float $upPerAlong,
        public float $alongPerUp,
        public float $alongPerAlong,
        public float $otherPerUp,
        public Lever $lever,
        public TiltLegs $legs,
    ) {
    }

    /**
     * Null where rails lie on their feet.
     *
     * @param float $share Of what acts square to the modules, this rail's part: by the lever of both from the middle of the module
     * @param float $grip The same of what acts down their plane
     */
    public static function of(Design $design, RailLine $line, float $share, float $grip): ?self
    {
        $legs = $design->block->arrangement;
        if (!$legs instanceof TiltLegs) {
            return null;
        }
        [$sin, $cos] = [sin($design->overRoof_rad()), cos($design->overRoof_rad())];
        $lever = Copy::of($design->kit->foot, railHeight: $legs->front)->limits()->lever();
        if ($line->isUpper) {
            return new self(1 / $cos, 0.0, 0.0, 0.0, 0.0, $lever, $legs);
        }
        $upper = 1 - $share;

        return new self(($cos - $upper / $cos) / $share, -$sin / $grip, $sin / $share, $cos / $grip, $upper / $share / $cos, $lever, $legs);
    }

    /**
     * @param float $up_N Pulls square to the modules; presses if negative
     * @param float $along_N Down their plane
     * @param float $heel_N Of what presses so much is no dead load
     *
     * @return array{float, float, float} The same at the foot of the leg, square to the roof and down the slope
     */
    public function turned(float $up_N, float $along_N, float $heel_N): array
    {
        return [
            $this->upPerUp * $up_N + $this->upPerAlong * $along_N,
            $this->alongPerUp * $up_N + $this->alongPerAlong * $along_N,
            max(0.0, min(1.0, $this->upPerUp) * $heel_N),
        ];
    }

    /** Equal for equal legs under equal rails. */
    public function key(): string
    {
        return Run::key([[$this->upPerUp, $this->upPerAlong, $this->alongPerUp, $this->alongPerAlong, $this->otherPerUp, $this->legs->front->toMetres()]], 9);
    }

    /** What stands upright on a leg of what weighs one on the modules. */
    public function upright(float $share, float $grip, Design $design): float
    {
        $pitch = $design->surface->pitch->toRadians();
        [$up, $along] = $this->turned(-$share * cos($design->modulePitch_rad()), $grip * sin($design->modulePitch_rad()), 0.0);

        return $along * sin($pitch) - $up * cos($pitch);
    }
}
