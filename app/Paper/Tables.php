<?php

declare(strict_types=1);

namespace App\Paper;

use Garnetine\Core\Document\Csv;
use Garnetine\Core\Plan\ProjectPlan;

/** Tables as CSV. No cell can be read as a formula by a spreadsheet. */
final class Tables
{
    /** Of all surfaces of a job together. */
    public static function materials(ProjectPlan $plan): string
    {
        $rows = [['Item', 'Name', 'Count', 'Document']];
        foreach ($plan->materials() as $item) {
            $rows[] = [str_replace('_', ' ', $item['item']), $item['name'], (string) $item['count'], $item['document']];
        }

        return Csv::write($rows);
    }

    /** Surface by surface, each from its own lengths of stock. */
    public static function cutting(ProjectPlan $plan): string
    {
        $rows = [['Surface', 'Stock', 'Piece', 'Length', 'Length in m', 'Rest of the stock']];
        foreach ($plan->plans as $one) {
            $printer = $one->design->printer();
            foreach ($one->cutting->stock ?? [] as $bar) {
                foreach ($bar['pieces'] as $piece) {
                    $rows[] = [
                        $one->design->surface->name,
                        (string) $bar['stock'],
                        $piece['label'],
                        $printer->length($piece['length_m']),
                        sprintf('%.4F', $piece['length_m']),
                        $printer->length($bar['rest_m']),
                    ];
                }
            }
        }

        return Csv::write($rows);
    }
}
