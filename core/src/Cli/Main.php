<?php

declare(strict_types=1);

namespace Garnetine\Core\Cli;

use Garnetine\Core\Because\Becauses;
use Garnetine\Core\Because\PathUnknown;
use Garnetine\Core\Design\DesignFile;
use Garnetine\Core\Design\Project;
use Garnetine\Core\Document\CanonicalJson;
use Garnetine\Core\Document\DocumentInvalid;
use Garnetine\Core\Document\Json;
use Garnetine\Core\Message\Summary;
use Garnetine\Core\Plan\PlanDocument;
use Garnetine\Core\Plan\Planner;
use Garnetine\Core\Plan\ProjectPlan;
use Garnetine\Core\Plan\TablesBeside;

/**
 * The command line, without its streams: plan, because, schema.
 *
 * Exit 0 planned, 1 wrong use, 2 the design is invalid, 3 a refusal touches what was asked for (the rest is still printed).
 */
final class Main
{
    private const USAGE = <<<'TEXT'
        Usage:
          garnetine plan DESIGN.json [--text]      the plan as canonical JSON, or a readable summary
          garnetine because DESIGN.json [PATH]     why a value is what it is; without PATH, the paths there are.
                                                   Of another surface than the first, or a table: its id and a colon before them
          garnetine schema                         the JSON schema of a design

        TEXT;

    /**
     * @param list<string> $arguments Without the program's name
     * @param callable(string): string $read Contents of a file; throws \RuntimeException if it cannot be read
     *
     * @return array{int, string, string} Exit code, output, errors
     */
    public static function run(array $arguments, callable $read): array
    {
        $options = array_values(array_filter($arguments, static fn (string $argument): bool => str_starts_with($argument, '--')));
        $words = array_values(array_diff($arguments, $options));
        $command = $words[0] ?? '';
        if ($command === 'schema' && count($words) === 1 && $options === []) {
            return [0, CanonicalJson::encode(DesignFile::schema()), ''];
        }
        $known = ['plan' => ['--text'], 'because' => []];
        if (!isset($known[$command], $words[1]) || array_diff($options, $known[$command]) !== [] || count($words) > ($command === 'plan' ? 2 : 3)) {
            return [1, '', self::USAGE];
        }
        try {
            $text = $read($words[1]);
            if (strlen($text) > Json::LARGEST_BYTES) {
                return [2, '', sprintf("/: expected at most %d bytes of JSON, found %d bytes\n", Json::LARGEST_BYTES, strlen($text))];
            }
            $project = DesignFile::read($text);

            return $command === 'plan' ? self::plan(ProjectPlan::of($project), $options) : self::because($project, $words[2] ?? '');
        } catch (DocumentInvalid $invalid) {
            return [2, '', implode('', array_map(
                static fn ($fault): string => sprintf("%s: expected %s, found %s\n", $fault->path === '' ? '/' : $fault->path, $fault->expected, $fault->found),
                $invalid->faults,
            ))];
        } catch (PathUnknown|\RuntimeException $fault) {
            return [1, '', $fault->getMessage()."\n"];
        }
    }

    /**
     * @param list<string> $options
     *
     * @return array{int, string, string}
     */
    private static function plan(ProjectPlan $plan, array $options): array
    {
        $output = in_array('--text', $options, true) ? Summary::project($plan) : PlanDocument::write($plan);

        return [$plan->hasRefusal() ? 3 : 0, $output, $plan->hasRefusal() ? "A refusal touches what was asked for; see the findings.\n" : ''];
    }

    /**
     * @return array{int, string, string}
     *
     * @throws PathUnknown where there is no such surface or path
     */
    private static function because(Project $project, string $asked): array
    {
        [$surface, $path] = str_contains($asked, ':') ? explode(':', $asked, 2) : [$project->first(), $asked];
        $plan = match (true) {
            isset($project->tables[$surface]) => TablesBeside::plan($project, $surface),
            isset($project->surfaces[$surface]) => Planner::plan($project->design($surface)),
            default => throw new PathUnknown("There is no surface \"$surface\"; there are ".implode(', ', $project->allIds()).'.'),
        };

        return [0, $path === '' ? implode("\n", Becauses::paths($plan))."\n" : Summary::because($plan, Becauses::of($plan, $path)), ''];
    }
}
