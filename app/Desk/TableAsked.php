<?php

declare(strict_types=1);

namespace App\Desk;

use Garnetine\Core\Design\Edit\Edits;
use Garnetine\Core\Design\Ground\Racking\TwoRows;
use Garnetine\Core\Design\Ground\TableDesign;
use Garnetine\Core\Document\Writer;
use Garnetine\Core\Ground\TablePost;
use Garnetine\Core\Message\Texts;
use Garnetine\Core\Plan\Depth;
use Garnetine\Core\Plan\KindBeside;
use Garnetine\Core\Plan\TableChooser;
use Garnetine\Core\Plan\TableCures;
use Garnetine\Core\Plan\TablePlanner;
use Garnetine\Core\Plan\TableWay;
use Garnetine\Core\Quantity\Length;
use Garnetine\Core\Quantity\Printer;
use Garnetine\Core\Rates\Rates;

/**
 * What is told of a table on asking, since it takes its time: what else would stand, what would make it hold, the same modules on other kinds.
 *
 * @phpstan-import-type Edit from Edits
 *
 * @phpstan-type TableBeside array{
 *     // What would make a table hold that does not, and what is entered for it.
 *     cures: list<array{says: string, edits: list<Edit>}>,
 *     // Other numbers of posts, and other holes.
 *     ways: list<array{
 *         posts: int,
 *         hole: string,
 *         depth: string|null,
 *         bags: string,
 *         reserve: string,
 *         // By the company's rates; empty for who does not see these.
 *         cost: string,
 *         holds: bool,
 *         // Past its end posts, where that is another than is planned.
 *         overhang: string|null,
 *         is_here: bool,
 *         edits: list<Edit>,
 *     }>,
 *     // Tilts beside each other, and the light of the months; null where nobody said how clear those are.
 *     sun: array{
 *         // The sun's ways on three days: bearing and height in degrees.
 *         paths: list<array{name: string, points: list<array{float, float}>}>,
 *         horizon: list<array{float, float}>,
 *         // How much that takes; empty where nobody looked.
 *         hidden: string,
 *         // Of the best fixed way, what others keep in percent, by bearing and tilt in degrees.
 *         every_way: array{keeps: array<int, array<int, float>>, best: array{int, int}, here: array{float, float}, says: string}|null,
 *         choices: list<array{name: string, tilts: string, keeps: string, is_here: bool}>,
 *         // How far apart rows stand, in sentences.
 *         pitches: list<array{says: string, is_usual: bool}>,
 *         months: list<array{name: string, light: float}>,
 *     }|null,
 * }
 * The same modules on one kind of table.
 * @phpstan-type TableKindBeside array{
 *     kind: string,
 *     is_here: bool,
 *     posts: int,
 *     depth: string,
 *     bags: string,
 *     // Of all posts as they are cut.
 *     length: string,
 *     // Of one person, to build it; empty where nobody said how long things take.
 *     hours: string,
 *     // By the company's rates; empty for who does not see these.
 *     cost: string,
 *     // How much is still to be entered or proven.
 *     missing: int,
 *     // What stands against it first; empty where nothing known does.
 *     against: string,
 *     edits: list<Edit>,
 * }
 */
final class TableAsked
{
    /**
     * What takes its time and is told on asking: what else would stand, the fewest posts under any overhang, and what the tilt keeps of the best.
     *
     * @param string $what ways, fewest or sun; ways and sun where it is none of them
     *
     * @return TableBeside
     */
    public static function beside(TableDesign $design, string $what, ?Rates $rates = null): array
    {
        $fewest = $what === 'fewest' ? TablePlanner::fewest($design, TablePlanner::ways($design)) : null;

        return [
            'cures' => in_array($what, ['sun', 'fewest'], true) ? [] : self::cures($design, $rates),
            'ways' => match ($what) {
                'sun' => [],
                'fewest' => $fewest === null ? [] : [self::way($design, $fewest, true, $rates)],
                default => array_map(static fn (TableWay $way): array => self::way($design, $way, false, $rates), TablePlanner::ways($design)),
            },
            'sun' => in_array($what, ['ways', 'fewest'], true) ? null : TableSun::of($design),
        ];
    }

    /** @return TableBeside['cures'] What would make a table hold that does not */
    private static function cures(TableDesign $design, ?Rates $rates): array
    {
        [$texts, $printer, $cures] = [Texts::of($design), $design->printer(), []];
        foreach (TableCures::of($design) as $what => $way) {
            $racking = $way->design->table->racking;
            $front_m = $racking instanceof TwoRows ? $racking->sizes()->frontHeight->toMetres() : 0.0;
            $cost = self::cost($way, $rates);
            $cures[] = [
                'says' => $texts->say("table_cure.$what", [
                    'depth_m' => $way->depth_m ?? 0.0, 'front_m' => $front_m, 'reserve' => Texts::reserve($way->reserve ?? 0.0),
                    'bags' => ($way->bags > 0.0 ? ', '.Printer::number(ceil($way->bags - 1e-9), 0).' bags' : '').($cost === '' ? '' : ", $cost"),
                ]),
                'edits' => [$what === TableCures::DOUBLED ? ['path' => '/table/footing/doubling', 'add' => true]
                    : ['path' => '/table/racking/front_height_m', 'typed' => $printer->length($front_m)]],
            ];
        }

        return $cures;
    }

    /** @return list<TableKindBeside> The same modules on each kind of table */
    public static function kinds(TableDesign $design, ?Rates $rates = null): array
    {
        $texts = Texts::of($design);
        $printer = $design->printer();

        return array_map(static function (KindBeside $one) use ($texts, $printer, $rates): array {
            $fails = $one->failing();
            $posts = $one->plan->posts ?? [];

            return [
                'kind' => $texts->choice('/table/racking/kind', $one->kind), 'is_here' => $one->isHere, 'posts' => count($posts),
                'depth' => $posts === [] || $posts[0]->blocks !== null ? '' : $printer->length($posts[0]->depth_m),
                'bags' => $posts === [] || $posts[0]->bags === null ? '' : Printer::number(ceil(TablePost::bagsOf($posts) - 1e-9), 0),
                'length' => TablePost::lengthOf_m($posts) > 0.0 ? $printer->tape(TablePost::lengthOf_m($posts)) : '',
                'cost' => self::cost($one, $rates),
                'hours' => $one->plan?->hours() === null ? '' : Printer::number($one->plan->hours(), 1).' h', 'missing' => $one->missing,
                'against' => match (true) {
                    $one->plan === null => $texts->say('chooser.no_fit'),
                    $one->refusal !== null => $texts->finding($one->refusal),
                    $fails !== null => $texts->say("because.table_{$fails->says()}", ['place' => $fails->place]).': '.Texts::reserve($fails->reserve()),
                    default => '',
                },
                'edits' => $one->edits,
            ];
        }, TableChooser::of($design));
    }

    /** Of work and what stands in the ground, by the rates of the company; empty where one of them is open. */
    private static function cost(KindBeside|TableWay $one, ?Rates $rates): string
    {
        $cost = $rates === null ? null : $one->effort($rates)?->cost;

        return $rates === null || $cost === null ? '' : "$rates->currency ".Printer::number(round($cost), 0);
    }

    /**
     * @param bool $isElsewhere Whether its overhang is another than the present one
     *
     * @return TableBeside['ways'][int]
     */
    private static function way(TableDesign $design, TableWay $way, bool $isElsewhere, ?Rates $rates): array
    {
        $printer = $design->printer();
        [$here, $there] = [Writer::toArray($design->table), Writer::toArray($way->design->table)];
        $edits = [];
        foreach ([
            '/table/racking/posts' => ['racking', 'posts'], '/table/footing/hole_m' => ['footing', 'hole_m'],
            ...$isElsewhere ? ['/table/racking/end_overhang_m' => ['racking', 'end_overhang_m']] : [],
        ] as $path => [$part, $key]) {
            $value = is_array($there[$part] ?? null) ? $there[$part][$key] ?? null : null;
            if (is_int($value) || is_float($value)) {
                $edits[] = ['path' => $path, 'typed' => is_int($value) ? (string) $value : $printer->length($value)];
            }
        }
        // What else would stand does so in equal bays.
        $bay = is_array($here['racking'] ?? null) ? $here['racking']['bay_m'] ?? null : null;
        array_push($edits, ...$bay === null ? [] : [['path' => '/table/racking/bay_m', 'typed' => '']]);

        return [
            'posts' => $way->posts, 'hole' => $printer->length($way->hole_m), 'depth' => $way->depth_m === null ? null : $printer->length($way->depth_m),
            'bags' => Printer::number(ceil($way->bags - 1e-9), 0), 'reserve' => $way->reserve === null ? '' : Texts::reserve($way->reserve),
            'cost' => self::cost($way, $rates), 'holds' => $way->holds, 'overhang' => $isElsewhere ? $edits[2]['typed'] ?? null : null,
            'is_here' => $there['racking'] === $here['racking'] && $there['footing'] === $here['footing'],
            'edits' => $edits,
        ];
    }
}
