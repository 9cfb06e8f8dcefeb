<?php

declare(strict_types=1);

namespace Garnetine\Core\Crew;

use Garnetine\Core\Design\BlockPart;
use Garnetine\Core\Design\Design;
use Garnetine\Core\Layout\Placement;
use Garnetine\Core\Rail\CuttingList;
use Garnetine\Core\Under\Beneath;
use Garnetine\Core\Under\Box;

/** What is carried up, once, and set down where it is used: modules by rows, rails together, each with its weight. */
final class Lifts
{
    /**
     * @param list<array{BlockPart, Placement}> $blocks
     *
     * @return list<array{what: string, block: int, row: int, count: int, mass_kg: float}> Rows from the eave up, each with its boxes, then rails; row 0 of rails
     */
    public static function of(Design $design, array $blocks, ?CuttingList $cutting, ?Beneath $beneath): array
    {
        $lifts = [];
        foreach ($blocks as [$part, $placement]) {
            foreach ($placement->rows as $row => $spots) {
                $each_kg = $part->design->module->mass->toSi();
                $lifts[] = ['what' => 'modules', 'block' => $part->number, 'row' => $row, 'count' => count($spots), 'mass_kg' => count($spots) * $each_kg];
                $boxes = count(array_filter($beneath->boxes ?? [], static fn (Box $box): bool => $box->block === $part->number && $box->first->row === $row));
                array_push($lifts, ...$boxes === 0 ? [] : [[
                    'what' => 'boxes', 'block' => $part->number, 'row' => $row, 'count' => $boxes,
                    'mass_kg' => $boxes * ($design->kit->under?->mass->toSi() ?? 0.0),
                ]]);
            }
        }
        $rail = $design->kit->rail;
        $stock = count($cutting->stock ?? []);

        return [...$lifts, ...$stock === 0 ? [] : [[
            'what' => 'rails', 'block' => 0, 'row' => 0, 'count' => $stock,
            'mass_kg' => $stock * $rail->stockLength->toMetres() * $rail->lineMass->toSi(),
        ]]];
    }
}
