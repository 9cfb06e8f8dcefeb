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
            $bars = [
                ...array_map(
                    static fn (array $bar): array => ['stock' => 'rest of '.$printer->length($bar['length_m'])] + $bar,
                    $one->cutting->fromStore ?? [],
                ),
                ...$one->cutting->stock ?? [],
            ];
            foreach ($bars as $bar) {
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

    /** Every foot as a crew finds it: its run, its number, the member or rib, and its mark on the tape. */
    public static function feet(ProjectPlan $plan): string
    {
        $rows = [['Surface', 'Run', 'Foot', 'By', 'Number', 'On the tape', 'Up the slope', 'From the left in m', 'Up the slope in m']];
        foreach ($plan->plans as $one) {
            [$printer, $tapes] = [$one->design->printer(), $one->tapes()];
            foreach ($one->supports as $run) {
                foreach ($run->feet_m() as $place => $x_m) {
                    [$left_m, $up_m] = $run->run->line->hole_m($x_m);
                    $rows[] = [
                        $one->design->surface->name, $run->run->id, (string) ($place + 1),
                        $one->design->parts()[$run->run->line->block - 1]->design->stand(),
                        (string) $run->members()[$place], $printer->tape($tapes->ofFoot_m($run->run->line, $x_m)),
                        $printer->tape($tapes->onSlope_m($up_m)), sprintf('%.4F', $left_m), sprintf('%.4F', $up_m),
                    ];
                }
            }
        }

        return Csv::write($rows);
    }

    /** The ledger of holes. */
    public static function holes(ProjectPlan $plan): string
    {
        $rows = [['Surface', 'Hole', 'Why', 'From the left in m', 'Up the slope in m', 'State', 'Note']];
        foreach ($plan->plans as $one) {
            foreach ($one->holes->holes ?? [] as $hole) {
                $rows[] = [
                    $one->design->surface->name, $hole['id'], str_replace(
                        '_',
                        ' ',
                        $hole['kind'],
                    ), sprintf('%.4F', $hole['x_m']), sprintf('%.4F', $hole['y_m']),
                    $hole['state'], $hole['note'],
                ];
            }
        }

        return Csv::write($rows);
    }

    /** Every post of the tables: where it is staked, how deep it stands, how long it is cut. */
    public static function posts(ProjectPlan $plan): string
    {
        $rows = [[
            'Table', 'Post', 'From the first post', 'String over the ground', 'Hole', 'Cut', 'Bags', 'From the first post in m', 'Over the ground in m',
            'Hole in m', 'Cut in m', 'Blocks',
        ]];
        foreach ($plan->tables as $one) {
            $printer = $one->design->printer();
            foreach ($one->posts as $post) {
                $along_m = $post->place->x_m - $one->posts[0]->place->x_m;
                $rows[] = [
                    $one->design->table->name, $post->place->id, $printer->tape($along_m), $post->blocks === null ? $printer->tape($post->place->height_m) : '',
                    $post->blocks === null ? $printer->tape($post->depth_m) : '',
                    $post->cut_m === null ? '' : $printer->tape($post->cut_m),
                    (string) $post->bags, ...array_map(
                        static fn (?float $m): string => $m === null ? '' : sprintf('%.4F', $m),
                        [$along_m, ...$post->blocks === null ? [$post->place->height_m, $post->depth_m] : [null, null], $post->cut_m],
                    ), (string) $post->blocks,
                ];
            }
        }

        return Csv::write($rows);
    }
}
