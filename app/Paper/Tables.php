<?php

declare(strict_types=1);

namespace App\Paper;

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

        return self::csv($rows);
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

        return self::csv($rows);
    }

    /** @param list<list<string>> $rows */
    private static function csv(array $rows): string
    {
        $stream = fopen('php://temp', 'r+') ?: throw new \RuntimeException('No temporary stream.');
        foreach ($rows as $row) {
            fputcsv($stream, array_map(self::safe(...), $row), escape: '', eol: "\r\n");
        }
        rewind($stream);

        return (string) stream_get_contents($stream);
    }

    /** A leading = + - @, tab or return, after whatever is not seen, full-width ones too, would be run as a formula; a leading apostrophe keeps it a text. */
    private static function safe(string $cell): string
    {
        return preg_match('/^[\s\p{C}\p{Z}]*(?:[=+\-@\t\r|%＝＋－＠％｜\x{2212}]|[\t\r])/u', $cell) !== 0 ? "'".$cell : $cell;
    }
}
