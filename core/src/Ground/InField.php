<?php

declare(strict_types=1);

namespace Garnetine\Core\Ground;

use Garnetine\Core\Design\Ground\Field\BuriedLine;
use Garnetine\Core\Design\Ground\TableDesign;
use Garnetine\Core\Geometry\Polygon;

/** Where a table stands in its field: east and north of the mark of the job, on the level. */
final readonly class InField
{
    /** Within so much of a marked line holes are dug by hand. Source: common practice, no source (24 in). */
    public const BY_HAND_M = 0.6096;

    /**
     * @param array<string, array{float, float}> $posts By name: east and north, in metres
     * @param list<array{float, float}> $corners Of the modules, from the low left one round
     */
    private function __construct(public array $posts, public array $corners)
    {
    }

    /** @param list<PostPlace> $places Of a table, the first front post first */
    public static function of(TableDesign $design, TableFace $face, array $places): ?self
    {
        $place = $design->table->place;
        if ($place === null || $places === []) {
            return null;
        }
        $faces = $design->table->bearing->toRadians();
        // Seen from the low edge the row runs to the right, and the rear is behind what it faces.
        $right = [-cos($faces), sin($faces)];
        $back = [-sin($faces), -cos($faces)];
        $at = static fn (float $x_m, float $y_m): array => [
            $place->east->toMetres() + ($x_m - $places[0]->x_m) * $right[0] + ($y_m - $places[0]->y_m) * $back[0],
            $place->north->toMetres() + ($x_m - $places[0]->x_m) * $right[1] + ($y_m - $places[0]->y_m) * $back[1],
        ];
        $deep_m = $face->chord_m * cos($face->tilt_rad);
        $posts = [];
        foreach ($places as $post) {
            $posts[$post->id] = $at($post->x_m, $post->y_m);
        }

        return new self($posts, [$at(0.0, 0.0), $at($face->width_m, 0.0), $at($face->width_m, $deep_m), $at(0.0, $deep_m)]);
    }

    /** @return array{float, float, float} East and north of the middle of its modules, and how far these reach from there at most, in metres */
    public function round_m(): array
    {
        [$x_m, $y_m] = [array_sum(array_column($this->corners, 0)) / 4, array_sum(array_column($this->corners, 1)) / 4];

        return [$x_m, $y_m, hypot($this->corners[0][0] - $x_m, $this->corners[0][1] - $y_m)];
    }

    /**
     * How near the hole of each post comes to a line.
     *
     * @return array<string, float> By name, in metres from the edge of the hole; below nought where they cross
     */
    public function from_m(BuriedLine $line, float $hole_m): array
    {
        [$x_m, $y_m] = [$line->fromEast->toMetres(), $line->fromNorth->toMetres()];
        [$dx_m, $dy_m] = [$line->toEast->toMetres() - $x_m, $line->toNorth->toMetres() - $y_m];
        $long2 = $dx_m ** 2 + $dy_m ** 2;

        return array_map(static function (array $post) use ($x_m, $y_m, $dx_m, $dy_m, $long2, $hole_m): float {
            $share = $long2 <= 0.0 ? 0.0 : max(0.0, min(1.0, (($post[0] - $x_m) * $dx_m + ($post[1] - $y_m) * $dy_m) / $long2));

            return hypot($post[0] - $x_m - $share * $dx_m, $post[1] - $y_m - $share * $dy_m) - $hole_m / 2;
        }, $this->posts);
    }

    /**
     * How near the hole of each post comes to an area.
     *
     * @return array<string, float> By name, in metres from the edge of the hole; below nought where it reaches in
     */
    public function fromArea_m(Polygon $area, float $hole_m): array
    {
        return array_map(static function (array $post) use ($area, $hole_m): float {
            $away_m = min(INF, ...array_map(static fn (array $edge): float => Polygon::fromEdge_m($edge, $post[0], $post[1]), $area->edges()));

            return ($area->contains($post[0], $post[1]) ? -$away_m : $away_m) - $hole_m / 2;
        }, $this->posts);
    }
}
