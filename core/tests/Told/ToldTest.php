<?php

declare(strict_types=1);

namespace Garnetine\Core\Tests\Told;

use Garnetine\Core\Because\Because;
use Garnetine\Core\Because\Becauses;
use Garnetine\Core\Crew\Tools;
use Garnetine\Core\Design\DesignFile;
use Garnetine\Core\Message\Summary;
use Garnetine\Core\Message\Texts;
use Garnetine\Core\Plan\Plan;
use Garnetine\Core\Plan\PlanDocument;
use Garnetine\Core\Plan\Planner;
use Garnetine\Core\Plan\ProjectPlan;
use Garnetine\Core\Plan\TableDocument;
use Garnetine\Core\Tests\Support\Scenario;
use Garnetine\Core\Tests\Support\TableScenario;
use Garnetine\Core\Tests\Support\Told;
use Garnetine\Core\Tests\Support\Uneven;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;

/** All that is told of a plan, on roofs where no two things are alike. */
final class ToldTest extends TestCase
{
    /** @return array<string, array{string, Scenario}> */
    public static function roofs(): array
    {
        $roofs = Uneven::all();

        return array_map(static fn (string $name): array => [$name, $roofs[$name]], array_combine(array_keys($roofs), array_keys($roofs)));
    }

    /** @var array<string, Plan> */
    private static array $plans = [];

    public static function plan(string $name, Scenario $roof): Plan
    {
        return self::$plans[$name] ??= Planner::plan($roof->design());
    }

    #[DataProvider('roofs')]
    public function test_what_is_told_of_a_plan_is_what_was_approved(string $name, Scenario $roof): void
    {
        $plan = self::plan($name, $roof);
        $document = PlanDocument::surface($plan);
        Told::assertApproved(__DIR__."/$name.txt", [...explode("\n", Summary::plan($plan)), ...self::crew($plan), ...self::becauses($plan), ...Told::lines($document)]);
    }

    public function test_what_is_told_of_a_job_of_two_planes_is_what_was_approved(): void
    {
        $plan = ProjectPlan::of(DesignFile::read((string) file_get_contents(dirname(__DIR__, 3).'/docs/examples/sorrel-row.json')));
        $job = array_diff_key(PlanDocument::toArray($plan), ['build' => 1, 'design_sha256' => 1, 'surfaces' => 1]);
        Told::assertApproved(__DIR__.'/sorrel-row.txt', [...explode("\n", Summary::project($plan)), ...Told::lines($job)]);
    }

    public function test_what_is_told_of_a_table_is_what_was_approved(): void
    {
        $plan = ProjectPlan::of(TableScenario::of()->with(['/table/racking/posts' => 3])->project());
        $job = array_diff_key(PlanDocument::toArray($plan), ['build' => 1, 'design_sha256' => 1]);
        $texts = Texts::of($plan->tables['table-1']->design);
        $steps = [];
        foreach ($plan->tables['table-1']->steps() as $step) {
            array_push($steps, $texts->say('step.'.$step['code'], $step['values']), ...array_map(static fn (string $caution): string => '! '.$texts->say("caution.$caution"), $step['cautions']));
        }
        Told::assertApproved(__DIR__.'/table.txt', [...explode("\n", Summary::project($plan)), ...$steps, ...Told::lines($job)]);
    }

    #[TestWith(['timber', 'kinds'])]
    #[TestWith(['row', 'rows'])]
    #[TestWith(['slope', 'slope'])]
    public function test_what_is_told_of_tables_of_other_kinds_is_what_was_approved(string $table, string $approved): void
    {
        $plan = ProjectPlan::of(TableScenario::kind($table)->project());
        $lines = explode("\n", Summary::project($plan));
        foreach ($plan->tables as $id => $table) {
            $told = TableDocument::of($table);
            array_push($lines, ...Told::lines(['table' => [$id => array_intersect_key($told, ['shape' => 1, 'posts' => 1, 'materials' => 1, 'set_out' => 1])]]));
            foreach ($table->steps() as $step) {
                $lines[] = Texts::of($table->design)->say('step.'.$step['code'], $step['values']);
            }
            foreach ($table->checks as $path => $check) {
                array_push($lines, ...array_slice(explode("\n", Summary::because($table, Becauses::of($table, $path))), 0, 3));
            }
        }
        Told::assertApproved(__DIR__."/$approved.txt", array_values(array_filter($lines, static fn (string $line): bool => trim($line) !== '')));
    }

    public function test_what_may_be_entered_is_what_was_approved(): void
    {
        Told::assertApproved(__DIR__.'/schema.txt', Told::lines(DesignFile::schema()));
    }

    /** @return list<string> Tools and steps with their cautions */
    private static function crew(Plan $plan): array
    {
        $texts = Texts::of($plan->design);
        $told = array_map(static fn (array $tool): string => $texts->say('tool.'.$tool['code'], $tool['values']), Tools::of($plan->design, $plan->fastener));
        foreach ($plan->steps->steps ?? [] as $step) {
            array_push($told, $texts->say('step.'.$step['code'], $step['values']), ...array_map(static fn (string $caution): string => '! '.$texts->say("caution.$caution"), $step['cautions']));
        }

        return $told;
    }

    /** @return list<string> Each once */
    private static function becauses(Plan $plan): array
    {
        $told = [];
        $add = static function (Because $because) use (&$add, &$told, $plan): void {
            $alone = new Because($because->code, $because->values, $because->source, $because->confidence, $because->confirmedBy, $because->input, $because->typed, [], $because->isExample);
            $told[str_replace("\n    ", ' | ', rtrim(Summary::because($plan, $alone)))] = true;
            array_map($add, $because->children);
        };
        foreach (Becauses::paths($plan) as $path) {
            $add(Becauses::of($plan, $path));
        }

        return array_keys($told);
    }
}
