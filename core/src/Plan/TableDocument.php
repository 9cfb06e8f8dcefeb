<?php

declare(strict_types=1);

namespace Garnetine\Core\Plan;

use Garnetine\Core\Finding\Finding;
use Garnetine\Core\Ground\TableCheck;
use Garnetine\Core\Ground\TablePost;
use Garnetine\Core\Load\Figure;

/** The plan of a table as a document, as PlanDocument writes that of a surface. */
final class TableDocument
{
    /** @return array<string, mixed> */
    public static function of(TablePlan $plan): array
    {
        return [
            'name' => $plan->design->table->name,
            'status' => $plan->status()->value,
            'summary' => $plan->summary(),
            'shape' => $plan->face === null ? null : [
                'tilt_rad' => $plan->face->tilt_rad, 'chord_m' => $plan->face->chord_m, 'width_m' => $plan->face->width_m,
                'low_edge_m' => $plan->face->lowEdge_m, 'mean_height_m' => $plan->face->meanHeight_m,
            ] + ($plan->stand->sizes ?? []),
            'figures' => array_map(static fn (Figure $figure): array => [
                'code' => $figure->code, 'values' => (object) $figure->values, 'source' => $figure->source, 'confidence' => $figure->confidence,
            ], $plan->figures->listed()),
            'posts' => array_map(static fn (TablePost $post): array => [
                'id' => $post->place->id, 'rear' => $post->place->isRear, 'x_m' => $post->place->x_m, 'ground_m' => $post->place->ground_m,
                'height_m' => $post->place->height_m, 'depth_m' => $post->depth_m, 'cut_m' => $post->cut_m, 'bags' => $post->bags,
            ] + ($post->blocks === null ? [] : ['blocks' => $post->blocks]), $plan->posts),
            'bars' => $plan->stand->bars ?? [],
            'checks' => (object) array_map(static fn (TableCheck $check): array => [
                'what' => $check->what, 'place' => $check->place, 'ratio' => $check->ratio, 'reserve' => $check->reserve(),
                'demand'.($check->unit === '' ? '' : "_$check->unit") => $check->demand_si,
                'capacity'.($check->unit === '' ? '' : "_$check->unit") => $check->capacity_si,
            ] + ($check->case?->values() ?? []), $plan->checks),
            'set_out' => $plan->setOut === null ? null : [
                'stakes' => $plan->setOut->stakes, 'diagonals' => $plan->setOut->diagonals, 'apart_m' => $plan->setOut->apart_m,
                'row_rad' => $plan->setOut->row_rad, 'row_compass_rad' => $plan->setOut->rowCompass_rad, 'faces_compass_rad' => $plan->setOut->facesCompass_rad,
                'declination_rad' => $plan->setOut->north->declination?->toRadians(),
                'computed_declination_rad' => $plan->setOut->north->computed?->toRadians(),
                'sun_noon' => $plan->setOut->north->noon_s === null ? null : gmdate('H:i:s', $plan->setOut->north->noon_s),
                'sun_height_rad' => $plan->setOut->north->noonHeight?->toRadians(),
                'square' => $plan->setOut->square === null ? null : [
                    'state' => $plan->setOut->square->state, 'differ_m' => $plan->setOut->square->differ_m,
                    'far_line_m' => $plan->setOut->square->farLine_m, 'moves' => $plan->setOut->square->moves,
                ],
            ],
            'in_field' => $plan->inField()?->posts,
            'days' => $plan->days()?->tasks, 'waits' => $plan->days()?->waits, 'hours' => $plan->days()?->hours,
            'sun' => $plan->sun === null ? null : [
                'best_deg' => $plan->sun->best_deg, 'keeps' => $plan->sun->keeps, 'choices' => $plan->sun->choices, 'months' => $plan->sun->months,
                'row_pitches' => TablePlanner::pitches($plan->design),
            ],
            'ways' => array_map(static fn (TableWay $way): array => $way->toArray(), $plan->ways),
            'materials' => $plan->materials(),
            'steps' => PlanDocument::steps($plan->steps()),
            'findings' => array_map(static fn (Finding $finding): array => $finding->toArray(), $plan->findings),
            'coefficients' => PlanDocument::coefficients($plan),
            'not_covered' => $plan->notCovered(),
        ];
    }
}
