<?php

declare(strict_types=1);

namespace Garnetine\Core\Plan;

use Garnetine\Core\Design\Ground\PipeTable;
use Garnetine\Core\Finding\Finding;
use Garnetine\Core\Ground\TableCheck;
use Garnetine\Core\Ground\TableMaterials;
use Garnetine\Core\Ground\TablePost;
use Garnetine\Core\Load\Figure;

/** The plan of a table as a document, as PlanDocument writes that of a surface. */
final class TableDocument
{
    /** @return array<string, mixed> */
    public static function of(TablePlan $plan): array
    {
        $table = $plan->design->table;

        return [
            'name' => $table->name,
            'status' => $plan->status()->value,
            'summary' => $plan->summary(),
            'shape' => $plan->shape === null ? null : [
                'tilt_rad' => $plan->shape->tilt_rad, 'chord_m' => $plan->shape->chord_m, 'width_m' => $plan->shape->width_m, 'rise_m' => $plan->shape->rise_m,
                'low_edge_m' => $plan->shape->lowEdge_m, 'mean_height_m' => $plan->shape->meanHeight_m, 'rails_x_m' => $plan->shape->rails_m,
                'posts_x_m' => $plan->shape->posts_m,
            ],
            'figures' => array_map(static fn (Figure $figure): array => [
                'code' => $figure->code, 'values' => (object) $figure->values, 'source' => $figure->source, 'confidence' => $figure->confidence,
            ], $plan->figures->listed()),
            'posts' => array_map(static fn (TablePost $post): array => [
                'id' => $post->id, 'rear' => $post->isRear, 'x_m' => $post->x_m, 'ground_m' => $post->ground_m, 'height_m' => $post->height_m,
                'depth_m' => $post->depth_m, 'cut_m' => $post->cut_m, 'bags' => $post->bags,
            ], $plan->posts),
            'bars' => $table->racking instanceof PipeTable ? TableMaterials::bars($plan->posts, $table->racking) : [],
            'checks' => (object) array_map(static fn (TableCheck $check): array => [
                'what' => $check->what, 'place' => $check->place, 'ratio' => $check->ratio, 'reserve' => $check->reserve(),
                'demand'.($check->unit === '' ? '' : "_$check->unit") => $check->demand_si,
                'capacity'.($check->unit === '' ? '' : "_$check->unit") => $check->capacity_si,
            ] + ($check->case?->values() ?? []), $plan->checks),
            'set_out' => $plan->setOut === null ? null : [
                'stakes' => $plan->setOut->stakes, 'diagonals' => $plan->setOut->diagonals, 'apart_m' => $plan->setOut->apart_m,
                'row_rad' => $plan->setOut->row_rad, 'row_compass_rad' => $plan->setOut->rowCompass_rad, 'faces_compass_rad' => $plan->setOut->facesCompass_rad,
                'square' => $plan->setOut->square === null ? null : [
                    'state' => $plan->setOut->square->state, 'differ_m' => $plan->setOut->square->differ_m,
                    'far_line_m' => $plan->setOut->square->farLine_m, 'moves' => $plan->setOut->square->moves,
                ],
            ],
            'sun' => $plan->sun === null ? null : [
                'best_deg' => $plan->sun->best_deg, 'keeps' => $plan->sun->keeps, 'choices' => $plan->sun->choices, 'months' => $plan->sun->months,
            ],
            'ways' => $plan->ways,
            'materials' => $plan->materials(),
            'steps' => PlanDocument::steps($plan->steps()),
            'findings' => array_map(static fn (Finding $finding): array => $finding->toArray(), $plan->findings),
            'coefficients' => PlanDocument::coefficients($plan),
            'not_covered' => $plan->notCovered(),
        ];
    }
}
