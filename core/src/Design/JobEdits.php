<?php

declare(strict_types=1);

namespace Garnetine\Core\Design;

use Garnetine\Core\Document\DocumentInvalid;

/**
 * Changes the design of a job: edits of a surface's design, as Edits knows them, each with the surface that it is made on
 * ({on: "south", path, typed}), and {plane: "copy"} or {plane: "remove"}, which adds a surface like that one or takes it out.
 */
final class JobEdits
{
    /**
     * @param list<mixed> $edits Decoded JSON
     * @param string|null $surface Of edits that name none; else the first
     *
     * @throws DocumentInvalid if an edit is not understood, or the changed document is no design; nothing is changed then
     */
    public static function apply(Project $project, array $edits, ?string $surface = null): Project
    {
        if (count($edits) > Edits::MOST) {
            throw DocumentInvalid::at('', 'at most '.Edits::MOST.' edits', count($edits).' edits');
        }
        foreach (self::together($edits, $surface ?? $project->chosen(null)) as [$on, $group]) {
            if (!isset($project->surfaces[$on])) {
                throw DocumentInvalid::at('', 'an edit on a surface of this job: '.implode(', ', $project->ids()), '"'.mb_strimwidth($on, 0, 40).'"');
            }
            $plane = $group[0]['plane'] ?? null;
            $project = match (true) {
                $plane === 'copy' => $project->withCopy($on),
                $plane === 'remove' => $project->without($on),
                $plane !== null => throw DocumentInvalid::at('', 'copy or remove', mb_strimwidth(json_encode($plane) ?: 'something else', 0, 40)),
                default => $project->with($on, Edits::apply($project->design($on), $group)),
            };
        }

        return $project;
    }

    /**
     * Edits that follow one another on the same surface are read as one change.
     *
     * @param list<mixed> $edits
     *
     * @return list<array{string, non-empty-list<array<mixed>>}> Surface and its edits; what adds or takes out a surface stands alone
     */
    private static function together(array $edits, string $surface): array
    {
        $groups = [];
        $open = false;
        foreach ($edits as $edit) {
            $edit = is_array($edit) ? $edit : [];
            $on = is_string($edit['on'] ?? null) ? $edit['on'] : $surface;
            unset($edit['on']);
            $alone = array_key_exists('plane', $edit);
            $last = count($groups) - 1;
            if ($open && !$alone && $groups[$last][0] === $on) {
                $groups[$last][1][] = $edit;
            } else {
                $groups[] = [$on, [$edit]];
            }
            $open = !$alone;
        }

        return $groups;
    }
}
