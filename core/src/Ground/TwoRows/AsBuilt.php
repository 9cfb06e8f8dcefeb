<?php

declare(strict_types=1);

namespace Garnetine\Core\Ground\TwoRows;

use Garnetine\Core\Design\Ground\Built\BuiltPost;
use Garnetine\Core\Design\Ground\Racking\TwoRows;
use Garnetine\Core\Design\Ground\TableDesign;
use Garnetine\Core\Document\Copy;
use Garnetine\Core\Finding\Code;
use Garnetine\Core\Finding\Finding;
use Garnetine\Core\Ground\Leaning;
use Garnetine\Core\Ground\Member;
use Garnetine\Core\Ground\PostPlace;
use Garnetine\Core\Ground\TableCase;
use Garnetine\Core\Load\Printed;
use Garnetine\Core\Quantity\Length;

/**
 * What posts that do not stand as planned add: one out of plumb is bent by what stands on it, one out of the line of its row bends the beam that is
 * pulled onto it, 3·E·I·δ/L² over a bay; heads that are too high or too low tilt the table.
 *
 * Source: statics; that the modules stand within a degree of their tilt is common practice, no source.
 */
final readonly class AsBuilt
{
    public const TILT_DEG = 1.0;

    /**
     * @param array<int, array<int, BuiltPost>> $built By row from 0 and post
     * @param Length|null $overHead How far a post reaches over the centre of its beam; null of such as are not cut to a length
     */
    private function __construct(private TableShape $shape, private array $built, private ?Length $overHead)
    {
    }

    public static function of(TableDesign $design, TableShape $shape): self
    {
        $built = [];
        foreach ([1, 2] as $row) {
            foreach (array_keys($shape->posts_m) as $post) {
                $one = $design->table->builtPost(PostPlace::name($post, $row));
                $built[$row - 1] = ($built[$row - 1] ?? []) + ($one === null ? [] : [$post => $one]);
            }
        }

        $racking = $design->table->racking;

        return new self($shape, $built, $racking instanceof TwoRows ? $racking->sizes()->overHead : null);
    }

    /** A case with what the leaning of its posts adds to it. */
    public function leaning(TableCase $case): TableCase
    {
        [$posts, $braced] = [$case->posts, $case->braced];
        $leans = false;
        foreach ($this->built as $row => $ofRow) {
            foreach ($ofRow as $post => $one) {
                $index = $row * count($this->shape->posts_m) + $post;
                $arm_m = ($row === 0 ? $this->shape->front_m : $this->shape->rear_m)[$post] * tan($one->lean?->toRadians() ?? 0.0);
                if ($arm_m === 0.0) {
                    continue;
                }
                $leans = true;
                $posts[$index] = Leaning::on($posts[$index], $arm_m);
                if (isset($braced[$index])) {
                    $braced[$index]['bent'] = array_map(
                        static fn (array $bent): array => [$bent[0], $bent[1] + abs($bent[0]) * $arm_m],
                        $braced[$index]['bent'],
                    );
                }
            }
        }

        return $leans ? Copy::of($case, posts: $posts, braced: $braced, pushesAnew: true) : $case;
    }

    /** What the beam of a row is bent by where it is pulled onto a post out of its line; from 0. */
    public function misfit_Nm(int $row, ?Member $beam): float
    {
        if ($beam === null) {
            return 0.0;
        }
        // Bays are equal, see TableShape.
        $bay_m = $this->shape->posts_m[1] - $this->shape->posts_m[0];
        $most_Nm = 0.0;
        foreach ($this->built[$row] ?? [] as $one) {
            $most_Nm = max($most_Nm, 3 * $beam->stiffness_Nm2() * abs($one->offLine?->toMetres() ?? 0.0) / $bay_m ** 2);
        }

        return $most_Nm;
    }

    /** How far the head of a post stands over the plan: as it was measured, else by its cut in its hole; from 0 where neither was. */
    private function headOver_m(int $row, int $post, BuiltPost $one): float
    {
        if ($one->headOver !== null || $one->cut === null || $this->overHead === null) {
            return $one->headOver?->toMetres() ?? 0.0;
        }
        $height_m = ($row === 0 ? $this->shape->front_m : $this->shape->rear_m)[$post];

        return $one->cut->toMetres() - $height_m - $one->depth->toMetres() - $this->overHead->toMetres();
    }

    /** Tilt of the table by the heads that were measured, the others as planned; by the means of both rows. */
    public function tilt_rad(): float
    {
        $posts = count($this->shape->posts_m);
        $over = [];
        foreach ($this->built as $row => $ofRow) {
            foreach ($ofRow as $post => $one) {
                $over[$row] = ($over[$row] ?? 0.0) + $this->headOver_m($row, $post, $one) / $posts;
            }
        }

        return atan2($this->shape->rise_m + ($over[1] ?? 0.0) - ($over[0] ?? 0.0), $this->shape->between_m);
    }

    /** @return list<Finding> */
    public function findings(): array
    {
        $tilt = $this->tilt_rad();

        return Printed::over(abs(rad2deg($tilt - $this->shape->tilt_rad)), self::TILT_DEG)
            ? [Finding::of(Code::TiltAsBuilt, '/table/built', ['tilt_rad' => $tilt, 'planned_rad' => $this->shape->tilt_rad])] : [];
    }
}
