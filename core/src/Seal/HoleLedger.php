<?php

declare(strict_types=1);

namespace Garnetine\Core\Seal;

use Garnetine\Core\Attachment\RunPlan;
use Garnetine\Core\Design\Design;
use Garnetine\Core\Layout\Course;

/** Every penetration of the roof as planned: one an attachment, besides those that were entered. */
final readonly class HoleLedger
{
    /** @param list<array{id: string, kind: string, run: string|null, member: int|null, x_m: float, y_m: float, above_butt_m: float|null, state: string, method: string, note: string}> $holes */
    private function __construct(public array $holes)
    {
    }

    /** @param list<RunPlan> $plans */
    public static function of(Design $design, array $plans): self
    {
        $course = Course::of($design->surface);
        $holes = [];
        foreach ($plans as $plan) {
            foreach (self::each($plan, $design) as [$place, $x_m, $hole, [$aside_m, $above_m]]) {
                $line = $plan->run->line;
                [$holeX_m, $y_m] = $line->hole_m($x_m, $above_m);
                $holes[] = [
                    'id' => $plan->run->id.'-'.($place + 1).($hole === 0 ? '' : chr(97 + $hole)), 'kind' => 'attachment', 'run' => $plan->run->id,
                    'member' => $plan->run->members[$plan->picks[$place]],
                    'x_m' => $holeX_m + $aside_m, 'y_m' => $y_m,
                    'above_butt_m' => $above_m > 0.0 || $line->isUpSlope ? $course?->aboveButt_m($y_m) : $line->aboveButt_m,
                    'state' => 'planned', 'method' => $design->kit->foot->sealing(), 'note' => '',
                ];
            }
        }
        array_push($holes, ...self::spent($design, $holes));
        foreach ($design->surface->penetrations as $penetration) {
            $holes[] = [
                'id' => $penetration->id, 'kind' => $penetration->kind->value, 'run' => null, 'member' => null,
                'x_m' => $penetration->x->toMetres(), 'y_m' => $penetration->y->toMetres(),
                'above_butt_m' => $course?->aboveButt_m($penetration->y->toMetres()),
                'state' => 'planned', 'method' => $penetration->kind->value, 'note' => $penetration->note,
            ];
        }

        return new self($holes);
    }

    /**
     * Old holes of the roof's screws beside those of feet, where no pad covers them.
     *
     * @param list<array{id: string, kind: string, run: string|null, member: int|null, x_m: float, y_m: float, above_butt_m: float|null, state: string, method: string, note: string}> $holes Of feet
     *
     * @return list<array{id: string, kind: string, run: null, member: int|null, x_m: float, y_m: float, above_butt_m: null, state: string, method: string, note: string}>
     */
    private static function spent(Design $design, array $holes): array
    {
        $spent = $design->kit->foot->spent();

        return $spent?->isSealedApart() === true ? array_map(static fn (array $hole): array => [
            'id' => $hole['id'].'-old', 'kind' => 'roof_screw', 'run' => null, 'member' => $hole['member'],
            'x_m' => $hole['x_m'] + ($spent->besideBy?->toMetres() ?? 0.0), 'y_m' => $hole['y_m'],
            'above_butt_m' => null, 'state' => 'planned', 'method' => 'roof_screw', 'note' => '',
        ], $holes) : [];
    }

    /** Holes that take sealant: those under feet only where they are not on pads. */
    public function toSeal(bool $withFeet): int
    {
        return count(array_filter($this->holes, static fn (array $hole): bool => $withFeet || $hole['run'] === null));
    }

    /**
     * @return list<array{int, float, int, array{float, float}}> Foot, its place along the run, hole and where that is
     */
    private static function each(RunPlan $plan, Design $design): array
    {
        $each = [];
        $atEdge = $plan->atEdge();
        // Where the holes of a stronger foot are its base has: they are told in one place.
        $strong_m = array_fill(0, $design->kit->edgeFoot->screws ?? 0, [0.0, 0.0]);
        foreach ($plan->feet_m() as $place => $x_m) {
            foreach ($atEdge[$place] ?? false ? $strong_m : $design->holesEach() as $hole => $at_m) {
                $each[] = [$place, $x_m, $hole, $at_m];
            }
        }

        return $each;
    }
}
