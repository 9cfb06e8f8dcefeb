<?php

declare(strict_types=1);

namespace App\Desk;

use Garnetine\Core\Design\Ground\Field\BuriedLine;
use Garnetine\Core\Design\Ground\Field\FieldPlace;
use Garnetine\Core\Design\Ground\Field\NoDigArea;
use Garnetine\Core\Design\Ground\Field\SoilArea;
use Garnetine\Core\Design\Project;
use Garnetine\Core\Ground\PostPlace;
use Garnetine\Core\Ground\SetOut;
use Garnetine\Core\Message\Texts;
use Garnetine\Core\Plan\TablePlan;
use Garnetine\Core\Quantity\Length;
use Garnetine\Core\Quantity\UnitSystem;

/**
 * Where a table stands in the field of its job, and whether its stakes are square.
 *
 * @phpstan-import-type TableData from TableView
 */
final class TableField
{
    /**
     * The tables of a job that have a place in its field, with what was marked there.
     *
     * @param array<string, TablePlan> $plans Of this table, and of the others that have a place
     *
     * @return TableData['field'] Null where this table has none
     */
    public static function of(Project $project, string $id, array $plans): ?array
    {
        $tables = $stakes = [];
        foreach ($plans as $one => $plan) {
            $field = $plan->inField();
            if ($field === null) {
                continue;
            }
            $tables[] = [
                'id' => $one, 'name' => $plan->design->table->name, 'here' => $one === $id, 'corners' => $field->corners,
                'posts' => array_values($field->posts),
            ];
            $printer = $plan->design->printer();
            foreach ($one === $id ? $field->posts : [] as $post => [$east_m, $north_m]) {
                $stakes[] = ['post' => $post, 'east' => $printer->tape($east_m), 'north' => $printer->tape($north_m)];
            }
        }
        $metres = static fn (Length $east, Length $north): array => [$east->toMetres(), $north->toMetres()];

        $isUs = $project->units === UnitSystem::Us;

        return $stakes === [] ? null : [
            'bar' => ['long_m' => $isUs ? 20 * 0.3048 : 5.0, 'text' => $isUs ? '20 ft' : '5 m'],
            'tables' => $tables,
            'stakes' => $stakes,
            'lines' => array_map(static fn (BuriedLine $line): array => [
                'what' => $line->what, 'from' => $metres($line->fromEast, $line->fromNorth), 'to' => $metres($line->toEast, $line->toNorth),
            ], $project->site->buried),
            'no_dig' => array_map(static fn (NoDigArea $area): array => [
                'what' => $area->what, 'corners' => array_map(static fn (FieldPlace $corner): array => $metres($corner->east, $corner->north), $area->corners),
            ], $project->site->noDig),
            'soils' => array_map(static fn (SoilArea $area): array => [
                'what' => trim("$area->what ").($area->what === '' ? '' : ': ').Texts::of($project->table($id))->say("choice.kind.{$area->kind->value}"),
                'corners' => array_map(static fn (FieldPlace $corner): array => $metres($corner->east, $corner->north), $area->corners),
            ], $project->site->soils),
        ];
    }

    /** @return TableData['square'] Null where nobody measured */
    public static function square(TablePlan $plan, Texts $texts): ?array
    {
        $square = $plan->setOut?->square;
        if ($square === null) {
            return null;
        }
        $posts = count(array_filter($plan->stand->places ?? [], static fn (PostPlace $place): bool => !$place->isRear));
        $says = [$texts->say("square.{$square->state}", [
            'differ_m' => abs($square->differ_m), 'far_line_m' => abs($square->farLine_m), 'side' => $square->farLine_m > 0.0 ? 'right' : 'left',
        ])];
        foreach ($square->moves as $move) {
            $says[] = $texts->say('square.move', [
                'stake' => SetOut::stake($move['corner'], $posts), 'right_m' => abs($move['right_m']), 'side' => $move['right_m'] >= 0.0 ? 'right' : 'left',
                'back_m' => abs($move['back_m']), 'way' => $move['back_m'] >= 0.0 ? 'rear' : 'front',
            ]);
        }

        return ['stands' => $square->state === 'square', 'says' => $says];
    }
}
