<?php

declare(strict_types=1);

namespace Garnetine\Core\Ground;

use Garnetine\Core\Design\Ground\Field\SoilArea;
use Garnetine\Core\Design\Ground\Racking\InHoles;
use Garnetine\Core\Design\Ground\TableDesign;
use Garnetine\Core\Document\Copy;
use Garnetine\Core\Load\Coefficients;

/** Posts in concrete that stand in an area of the field with soil of its own: each is held by that. */
final class SoilsByPost
{
    /**
     * @template K of int|string
     *
     * @param array<K, array{float, float}> $posts East and north of each
     *
     * @return array<K, int> Of those in one area alone whose soil is another than the planned one, and has values: which
     */
    public static function areas(TableDesign $design, array $posts): array
    {
        $soil = $design->table->soil;
        if (!$design->table->racking instanceof InHoles || $soil->report !== null) {
            return [];
        }
        $polygons = array_map(static fn (SoilArea $area) => $area->polygon(), $design->site->soils);
        $own = [];
        foreach ($posts as $post => [$east_m, $north_m]) {
            $in = array_keys(array_filter($polygons, static fn ($polygon): bool => $polygon?->contains($east_m, $north_m) === true));
            $kind = count($in) === 1 ? $design->site->soils[$in[0]]->kind : $soil->kind;
            if ($kind !== $soil->kind && $kind->hasValues()) {
                $own[$post] = $in[0];
            }
        }

        return $own;
    }

    /**
     * @param non-empty-list<PostPlace> $places
     * @param list<string> $heightFrom Where it was entered how high posts are pushed
     *
     * @return array<int, PostInGround> By post, of those that stand in other ground than the table is planned for
     */
    public static function foundations(TableDesign $design, TableFace $face, array $places, Coefficients $coefficients, array $heightFrom): array
    {
        $field = $design->site->soils === [] ? null : InField::of($design, $face, $places);
        if ($field === null) {
            return [];
        }
        $table = $design->table;

        return array_map(
            static fn (int $area): PostInGround => PostInGround::of(
                Copy::of($table, soil: Copy::of($table->soil, kind: $design->site->soils[$area]->kind)),
                $coefficients,
                $heightFrom,
                soilAt: "/site/soils/$area/kind",
            ),
            self::areas($design, array_values($field->posts)),
        );
    }
}
