<?php

declare(strict_types=1);

namespace App\Desk;

use Garnetine\Core\Ground\PostPlace;
use Garnetine\Core\Ground\TablePost;
use Garnetine\Core\Message\Texts;
use Garnetine\Core\Plan\Depth;
use Garnetine\Core\Plan\TablePlan;
use Garnetine\Core\Quantity\Printer;

/**
 * A section through a table where most is asked of it, and its plan, for drawing.
 *
 * @phpstan-type TableUpright array{
 *     y_m: float,
 *     ground_m: float,
 *     top_m: float,
 *     depth_m: float|null,
 *     hole_m: float,
 *     thick_m: float,
 *     height: string|null,
 *     depth: string|null,
 *     cut: string|null,
 *     // Of ballast on it.
 *     blocks: int|null,
 * }
 * A section through the table where most is asked of it, and its plan: metres from the low edge, on the level and up.
 * @phpstan-type TableDrawn array{
 *     tilt_rad: float,
 *     chord_m: float,
 *     width_m: float,
 *     offset_m: float,
 *     column: string,
 *     frost_m: float,
 *     // Straight members between two places, each a y and a z of one end and of the other.
 *     struts: list<array{float, float, float, float}>,
 *     // Whether what lies on the posts is a round pipe.
 *     is_round: bool,
 *     beam_wide_m: float,
 *     beam_high_m: float,
 *     // Over the ground, of the block on which a post stands; null where it goes into the ground.
 *     stands_on_m: float|null,
 *     uprights: list<TableUpright>,
 *     posts_m: list<float>,
 *     lines_m: list<float>,
 *     rows: int,
 *     columns: int,
 *     // Other tilts, with their low edge from that of the planned one.
 *     seasons: list<array{tilt_rad: float, y_m: float, z_m: float, text: string}>,
 *     text: array{
 *         between: string|null,
 *         frost: string,
 *         tilt: string,
 *         edge: string,
 *         width: string,
 *         chord: string,
 *         bay: string|null,
 *     },
 * }
 */
final class TableDrawing
{
    /** @return TableDrawn|null Null where nothing is computed */
    public static function of(TablePlan $plan): ?array
    {
        [$face, $stand, $table] = [$plan->face, $plan->stand, $plan->design->table];
        if ($face === null || $stand === null) {
            return null;
        }
        [$printer, $texts] = [$plan->design->printer(), Texts::of($plan->design)];
        $fronts = array_values(array_filter($stand->places, static fn (PostPlace $place): bool => !$place->isRear));
        // In the section through the post that decides, or through the first.
        $column = preg_match('/^([A-Z]+)\d$/', $plan->worst()->place ?? '', $found) === 1 ? $found[1] : 'A';
        $low_m = $stand->side->lowEdge_m;
        $shown = array_values(array_filter($stand->places, static fn (PostPlace $place): bool => rtrim($place->id, '12') === $column));
        $xs_m = array_map(static fn (PostPlace $place): float => $place->x_m, $fronts);
        $between_m = $stand->setOut->apart_m;
        $struts = array_filter($stand->side->struts, static fn (int|string $of): bool => is_int($of) || $of === $column, ARRAY_FILTER_USE_KEY);

        return [
            'tilt_rad' => $face->tilt_rad, 'chord_m' => $face->chord_m, 'width_m' => $face->width_m, 'offset_m' => $stand->side->offset_m,
            'column' => $column, 'frost_m' => $stand->side->frost_m, 'struts' => array_values($struts), 'is_round' => $stand->side->isRound,
            'beam_wide_m' => $stand->side->beamWide_m, 'beam_high_m' => $stand->side->beamHigh_m, 'stands_on_m' => $stand->side->standsOn_m,
            'uprights' => array_map(static fn (PostPlace $place): array => self::upright($plan, $place, $low_m), $shown),
            'posts_m' => $xs_m, 'lines_m' => array_values(array_unique(array_map(static fn (PostPlace $place): float => $place->y_m, $shown))),
            'rows' => $table->rows, 'columns' => $table->columns,
            'seasons' => array_map(static fn (array $season): array => [
                'tilt_rad' => $season['tilt_rad'], 'y_m' => $season['y_m'], 'z_m' => $season['z_m'],
                'text' => $texts->say('sun.from_day', [
                    'tilt' => Printer::number(rad2deg($season['tilt_rad']), 1), 'month' => "month.{$season['month']}", 'day' => $season['day'],
                ]),
            ], $stand->seasons),
            'text' => [
                'between' => $between_m > 0.0 ? $printer->length($between_m) : null, 'frost' => $printer->length($stand->side->frost_m),
                'tilt' => Printer::number(rad2deg($face->tilt_rad), 1).'°', 'edge' => $printer->length($face->lowEdge_m),
                'width' => $printer->length($face->width_m), 'chord' => $printer->length($face->chord_m),
                'bay' => count($xs_m) > 1 ? $printer->length($xs_m[1] - $xs_m[0]) : null,
            ],
        ];
    }

    /** @return TableUpright One post in the section: y on the level from the low edge, z up from there */
    private static function upright(TablePlan $plan, PostPlace $place, float $low_m): array
    {
        $printer = $plan->design->printer();
        $post = array_values(array_filter($plan->posts, static fn (TablePost $post): bool => $post->place->id === $place->id))[0] ?? null;

        return [
            'y_m' => $place->y_m, 'ground_m' => $place->ground_m - $low_m, 'top_m' => $place->ground_m + $place->height_m - $low_m,
            'depth_m' => $post?->depth_m, 'hole_m' => $plan->stand->side->hole_m ?? 0.0, 'thick_m' => $place->member?->thick_m() ?? 0.05,
            'height' => $place->height_m > 0.0 ? $printer->length($place->height_m) : null,
            'depth' => $post === null || $post->blocks !== null ? null : $printer->length($post->depth_m),
            'cut' => $post?->cut_m === null ? null : $printer->tape($post->cut_m), 'blocks' => $post?->blocks,
        ];
    }
}
