<?php

declare(strict_types=1);

namespace Garnetine\Core\Attachment;

use Garnetine\Core\Attachment\Beam\RunShape;
use Garnetine\Core\Attachment\Beam\UnitLayout;

/** What a rail across brings to a lower rail that it crosses. */
final readonly class Crossing
{
    /** @param list<float> $areas_m2 For each suction of the rail across, the area that the crossing holds down */
    private function __construct(
        public RunPlan $upper,
        /** Up the slope. */
        public float $at_m,
        /** In modules on the rail across. */
        public float $modules,
        public array $areas_m2,
    ) {
    }

    /** @param 'deadAlong_N'|'deadVertical_N'|'snowVertical_N' $what */
    public function brings_N(string $what): float
    {
        return $this->modules * $this->upper->run->{$what};
    }

    /**
     * Over splices without an allowable moment the larger of both beams counts.
     *
     * @param int $number Of what the lower rail lies over
     */
    public static function of(RunPlan $upper, int $number): ?self
    {
        $place = array_search($number, $upper->members(), true);
        if ($place === false || count($upper->picks) < 2) {
            return null;
        }
        $shape = $upper->check->shape;
        $layouts = array_filter([$shape->layout($upper->feet_m()), $shape->hasHinges() ? $shape->hinged($upper->feet_m()) : null]);
        $most = static fn (int $unit): float => max(array_map(static fn (UnitLayout $one): float => $one->reactions[$unit][$place], $layouts));

        return new self(
            $upper,
            $upper->run->line->at_m,
            $most(0),
            array_map(static fn (array $wind): float => $wind[1] * $most($wind[0]), RunShape::winds($upper->run)),
        );
    }
}
