<?php

declare(strict_types=1);

namespace App\Desk;

use Garnetine\Core\Design\Block\Cell;
use Garnetine\Core\Design\Design;
use Garnetine\Core\Design\Ground\TableDesign;
use Garnetine\Core\Design\Project;
use Garnetine\Core\Design\Signing\OwnCopy;
use Garnetine\Core\Document\Writer;
use Garnetine\Core\Message\Texts;

/**
 * What differs between two designs, value by value, in the words and units of the second.
 *
 * @phpstan-type Difference array{
 *     path?: string,
 *     label: string,
 *     before: string,
 *     after: string,
 * }
 */
final class Differences
{
    private const MOST = 6;

    /** @return list<Difference> Of the job once, then of each surface, by places in the document */
    public static function between(Project $before, Project $after): array
    {
        $differences = [];
        $many = count($before->surfaces) > 1 || count($after->surfaces) > 1;
        foreach (array_unique([...$after->ids(), ...$before->ids()]) as $surface) {
            [$was, $is] = [$before->surfaces[$surface]->name ?? '', $after->surfaces[$surface]->name ?? ''];
            if ($was === '' || $is === '') {
                $differences["/surfaces/$surface"] = ['path' => "/surfaces/$surface", 'label' => 'Surface', 'before' => $was, 'after' => $is];
                continue;
            }
            foreach (array_unique([...$after->blocksOn($surface), ...$before->blocksOn($surface)]) as $index => $block) {
                $differences += self::ofBlock($before, $after, $surface, $block, ($many ? "$is: " : '').($index === 0 ? '' : 'Block '.($index + 1).': '));
            }
        }

        foreach (array_unique([...$after->tableIds(), ...$before->tableIds()]) as $table) {
            [$was, $is] = [$before->tables[$table]->name ?? '', $after->tables[$table]->name ?? ''];
            if ($was === '' || $is === '') {
                $differences["/tables/$table"] = ['path' => "/tables/$table", 'label' => 'Table', 'before' => $was, 'after' => $is];
                continue;
            }
            foreach (self::of($before->table($table), $after->table($table)) as $path => $one) {
                $there = $path === '/confirmations' ? "/tables/$table$path" : $after->partOfTable($table)->inJob($path);
                $differences[$there] = ['path' => $path] + $one;
            }
        }

        return array_values($differences);
    }

    /**
     * A surface as it is seen from one of its blocks.
     *
     * @param string $whose Before the names of what is its own
     *
     * @return array<string, array{path: string, label: string, before: string, after: string}> By place in the document
     */
    private static function ofBlock(Project $before, Project $after, string $surface, string $block, string $whose): array
    {
        [$was, $is] = [isset($before->blocks[$block]), isset($after->blocks[$block])];
        if (!$was || !$is) {
            return [
                "/blocks/$block" => [
                    'path' => "/blocks/$block",
                    'label' => $whose === '' ? 'Block' : rtrim($whose, ': '),
                    'before' => $was ? 'there' : '',
                    'after' => $is ? 'there' : '',
                ],
            ];
        }
        $part = $after->part($surface, $block);
        $differences = [];
        foreach (self::of($before->design($surface, $block)->alone(), $after->design($surface, $block)->alone()) as $path => $one) {
            $there = $path === '/confirmations' ? "/surfaces/$surface$path" : $part->inJob($path);
            $isOwn = preg_match('~^/(surfaces|blocks)/~', $there) === 1;
            $differences[$there] = ['path' => $path, 'label' => ($isOwn ? $whose : '').$one['label']] + $one;
        }

        return $differences;
    }

    /** @return array<string, array{path: string, label: string, before: string, after: string}> By place */
    private static function of(Design|TableDesign $before, Design|TableDesign $after): array
    {
        $paths = [];
        self::walk(Writer::toArray($before), Writer::toArray($after), '', $paths);
        $texts = Texts::of($after);
        $one = FieldView::all($before, $texts);
        $two = FieldView::all($after, $texts);
        $differences = [];
        foreach ($paths as $path) {
            [$label, $was, $is] = match (true) {
                $path === '/block/left_out' && $before instanceof Design && $after instanceof Design => [
                    'Modules taken out', self::cells($before), self::cells($after),
                ],
                $path === '/origins' => ['Values left at the example’s', (string) count($before->origins), (string) count($after->origins)],
                $path === '/own_copies' => ['Values read in own copies', self::copies($before), self::copies($after)],
                $path === '/confirmations' => ['Signatures', (string) count($before->confirmations), (string) count($after->confirmations)],
                str_starts_with($path, '/survey/') && $before instanceof Design && $after instanceof Design => self::answer($before, $after, $path, $texts),
                default => [$texts->field($path), self::text($one, $path), self::text($two, $path)],
            };
            $differences[$path] = ['path' => $path, 'label' => $label, 'before' => $was, 'after' => $is];
        }

        return $differences;
    }

    /** One line for the list of designs. */
    public static function inWords(Project $before, Project $after): string
    {
        $differences = self::between($before, $after);
        $words = array_map(
            static fn (array $one): string => count($differences) <= 2 && $one['before'].$one['after'] !== ''
                ? "{$one['label']}: ".($one['before'] === '' ? 'none' : $one['before']).' → '.($one['after'] === '' ? 'none' : $one['after']) : $one['label'],
            $differences,
        );
        $words = array_values(array_unique($words));

        return $words === [] ? 'Nothing but wording' : implode(', ', array_slice($words, 0, self::MOST)).(count($words) > self::MOST ? ' and more' : '');
    }

    /** @param array<string, array<string, mixed>> $fields */
    private static function text(array $fields, string $path): string
    {
        if (is_string($fields[$path]['text'] ?? null)) {
            return $fields[$path]['text'];
        }
        // An entry of a list, or an optional part: named by what it is called.
        $name = $fields["$path/id"]['text'] ?? $fields["$path/document"]['text'] ?? null;
        $inside = array_filter(array_keys($fields), static fn (string $key): bool => str_starts_with($key, "$path/"));

        return is_string($name) && $name !== '' ? $name : ($inside === [] ? '' : 'there');
    }

    private static function cells(Design $design): string
    {
        return implode(', ', array_map(static fn (Cell $cell): string => $cell->row.'.'.$cell->column, $design->block->leftOut));
    }

    private static function copies(Design|TableDesign $design): string
    {
        return implode(', ', array_map(static fn (OwnCopy $copy): string => "{$copy->coefficient} = {$copy->value}", $design->ownCopies));
    }

    /** @return array{string, string, string} */
    private static function answer(Design $before, Design $after, string $path, Texts $texts): array
    {
        $item = explode('/', $path)[2];

        return [$texts->say("survey.$item"), $before->survey[$item]->answer ?? '', $after->survey[$item]->answer ?? ''];
    }

    /** @param list<string> $paths */
    private static function walk(mixed $before, mixed $after, string $path, array &$paths): void
    {
        $one = $before instanceof \stdClass ? (array) $before : $before;
        $two = $after instanceof \stdClass ? (array) $after : $after;
        $whole = in_array($path, ['/block/left_out', '/confirmations', '/origins', '/own_copies'], true) || preg_match('~^/survey/\w+$~', $path) === 1;
        if (is_array($one) && is_array($two) && !$whole) {
            foreach (array_keys($one + $two) as $key) {
                if ("$path/$key" !== '/as_typed') {
                    self::walk($one[$key] ?? null, $two[$key] ?? null, "$path/$key", $paths);
                }
            }
        } elseif ($one !== $two || ($one === null) !== ($two === null)) {
            $paths[] = $path;
        }
    }
}
