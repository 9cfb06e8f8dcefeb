<?php

declare(strict_types=1);

namespace Garnetine\Core\Design\Edit;

use Garnetine\Core\Design\Project;
use Garnetine\Core\Design\Surface\Surface;
use Garnetine\Core\Document\DocumentInvalid;

/**
 * Changes the design of a job: edits of a surface's design, as Edits knows them, each with the surface that it is made on and
 * the block in view ({on: "south", of: "south-2", path, typed}), and {plane: "copy"}, {plane: "mirror"} or {plane: "remove"}, which adds a surface
 * like that one or takes it out, on a table another table, as {block: "add"} and {block: "remove"} do with a block;
 * {block: "part"} makes several of one whose rails are too long.
 */
final class JobEdits
{
    /**
     * @param list<mixed> $edits Decoded JSON
     * @param string|null $surface Of edits that name none; else the first
     * @param string|null $block In view, of edits that name none
     *
     * @throws DocumentInvalid if an edit is not understood, or the changed document is no design; nothing is changed then
     */
    public static function apply(Project $project, array $edits, ?string $surface = null, ?string $block = null): Project
    {
        if (count($edits) > Edits::MOST) {
            throw DocumentInvalid::at('', 'at most '.Edits::MOST.' edits', count($edits).' edits');
        }
        foreach (self::together($edits, $surface ?? $project->first(), $block) as [$on, $of, $group]) {
            if (isset($project->tables[$on]) && !isset($group[0]['block'])) {
                $change = $group[0]['plane'] ?? null;
                $project = match (true) {
                    $change === 'copy' => $project->withTableLike($on),
                    $change === 'remove' => $project->withoutTable($on),
                    $change !== null => throw DocumentInvalid::at('', 'copy or remove', mb_strimwidth(json_encode($change) ?: 'something else', 0, 40)),
                    default => $project->withTable($on, Edits::apply($project->table($on), $group)),
                };
                continue;
            }
            if (!isset($project->surfaces[$on])) {
                throw DocumentInvalid::at(
                    '',
                    'an edit on a surface or a table of this job: '.implode(', ', $project->allIds()),
                    '"'.mb_strimwidth($on, 0, 40).'"',
                );
            }
            [$plane, $change] = [$group[0]['plane'] ?? null, $group[0]['block'] ?? null];
            $project = match (true) {
                $change === 'add' => $project->withBlock($on, $of),
                $change === 'remove' => $project->withoutBlock($on, $of),
                $change === 'part' => $project->withParted($on, $of),
                $change !== null => throw DocumentInvalid::at('', 'add, part or remove', mb_strimwidth(json_encode($change) ?: 'something else', 0, 40)),
                $plane === 'copy' => $project->withCopy($on),
                $plane === 'mirror' => $project->withCopy($on, true),
                $plane === 'remove' => $project->without($on),
                $plane !== null => throw DocumentInvalid::at('', 'copy, mirror or remove', mb_strimwidth(json_encode($plane) ?: 'something else', 0, 40)),
                default => $project->with($on, Edits::apply($project->design($on, $of), $group), $of),
            };
        }

        return $project;
    }

    /**
     * Edits that follow one another on the same surface and block are read as one change.
     *
     * @param list<mixed> $edits
     *
     * @return list<array{string, string|null, non-empty-list<array<mixed>>}> Surface, block and its edits; what adds one or takes it out stands alone
     */
    private static function together(array $edits, string $surface, ?string $block): array
    {
        $groups = [];
        $open = false;
        foreach ($edits as $edit) {
            $edit = is_array($edit) ? $edit : [];
            $on = is_string($edit['on'] ?? null) ? $edit['on'] : $surface;
            $of = is_string($edit['of'] ?? null) ? $edit['of'] : ($on === $surface ? $block : null);
            unset($edit['on'], $edit['of']);
            $alone = array_key_exists('plane', $edit) || array_key_exists('block', $edit);
            $before = $open && !$alone ? array_pop($groups) : null;
            if ($before !== null && [$before[0], $before[1]] === [$on, $of]) {
                $groups[] = [$on, $of, [...$before[2], $edit]];
            } else {
                array_push($groups, ...$before === null ? [] : [$before], ...[[$on, $of, [$edit]]]);
            }
            $open = !$alone;
        }

        return $groups;
    }
}
