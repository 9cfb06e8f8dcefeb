<?php

declare(strict_types=1);

namespace App\Desk;

use Garnetine\Core\Design\Edit\JobEdits;
use Garnetine\Core\Design\Project;
use Garnetine\Core\Design\Signing\Confirmation;
use Garnetine\Core\Document\Writer;

/** Adds signatures to a design. A new signature on a subject replaces the old one in the new design; older designs keep theirs. */
final class Confirming
{
    /** @param string $surface What its stops and its structure are signed for, or the table */
    public static function with(Project $project, string $surface, Confirmation ...$added): Project
    {
        $design = isset($project->tables[$surface]) ? $project->table($surface) : $project->design($surface);
        $signed = array_map(static fn (Confirmation $one): string => $one->subject, $added);
        $kept = array_filter($design->confirmations, static fn (Confirmation $old): bool => !in_array($old->subject, $signed, true));

        return JobEdits::apply(
            $project,
            [['path' => '/confirmations', 'value' => array_map(Writer::toArray(...), [...array_values($kept), ...array_values($added)])]],
            $surface,
        );
    }
}
