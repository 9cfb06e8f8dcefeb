<?php

declare(strict_types=1);

namespace Garnetine\Core\Ground;

use Garnetine\Core\Design\Ground\TableDesign;
use Garnetine\Core\Finding\Code;
use Garnetine\Core\Finding\Finding;
use Garnetine\Core\Load\Printed;
use Garnetine\Core\Quantity\Length;

/** The geometry of modules on the head of one post, which stands under their middle. */
final class OneHead
{
    /** Wider than which one post is not planned. */
    private const WIDEST_FT = 8.0;

    public static function face(TableDesign $design, float $head_m, float $offset_m): TableFace
    {
        $tilt = $design->table->tilt()->toRadians();
        [$chord_m, $width_m] = [TableFace::chordOf_m($design), TableFace::widthOf_m($design)];
        $middle_m = $head_m + $offset_m * cos($tilt);
        $ground = $design->table->ground;
        // The highest ground under the low edge.
        $under_m = -($chord_m / 2 * cos($tilt)) * tan($ground->across->toRadians()) + $width_m / 2 * abs(tan($ground->along->toRadians()));

        return new TableFace(
            $tilt,
            $chord_m,
            $width_m,
            $middle_m - $chord_m / 2 * sin($tilt) - $under_m,
            $middle_m,
            0,
            TableFace::railAtOf_m($design),
        );
    }

    /** @return list<Finding> */
    public static function asked(TableDesign $design, TableFace $face, bool $isWide = false): array
    {
        $widest_m = Length::ofFeet(self::WIDEST_FT)->toMetres();
        $levels = count($design->table->ground->levels);

        return [
            ...!$isWide && Printed::over($face->width_m, $widest_m)
                ? [Finding::of(Code::TooWideForOne, '/table/columns', ['width_m' => $face->width_m, 'most_m' => $widest_m])] : [],
            ...$face->lowEdge_m < 0.0
                ? [Finding::of(Code::PostUnderGround, '/table/racking/head_height_m', ['height_m' => $face->meanHeight_m, 'edge_m' => $face->lowEdge_m])] : [],
            ...$levels > 0 ? [Finding::of(Code::LevelsMissing, '/table/ground/levels', ['levels' => $levels, 'posts' => 0])] : [],
        ];
    }

    public static function place(TableFace $face, float $head_m, float $offset_m, ?Member $member, string $at, ?float $built_m = null): PostPlace
    {
        return new PostPlace(
            'A1',
            false,
            $face->width_m / 2,
            $face->chord_m / 2 * cos($face->tilt_rad) + $offset_m * sin($face->tilt_rad),
            0.0,
            $head_m,
            $member,
            $at,
            $built_m,
        );
    }

    public static function side(
        TableDesign $design,
        TableFace $face,
        PostPlace $place,
        float $offset_m,
        float $hole_m,
        ?float $standsOn_m = null,
    ): TableSide {
        return new TableSide(
            $place->height_m + $offset_m * cos($face->tilt_rad) - $face->chord_m / 2 * sin($face->tilt_rad),
            $offset_m,
            $hole_m,
            $design->table->soil->frostDepth->toMetres(),
            standsOn_m: $standsOn_m,
        );
    }
}
