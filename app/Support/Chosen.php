<?php

declare(strict_types=1);

namespace App\Support;

use Garnetine\Core\Design\Design;
use Garnetine\Core\Design\Project;

/** The surface that a request is about: the one that it names (?surface=south), else the job's first. */
final class Chosen
{
    public static function surface(Project $project): string
    {
        $asked = request()->query('surface');

        return $project->chosen(is_string($asked) ? $asked : null);
    }

    public static function design(Project $project): Design
    {
        return $project->design(self::surface($project));
    }
}
