<?php

declare(strict_types=1);

namespace Tests\Feature;

use Illuminate\Foundation\Testing\RefreshDatabase;
use PHPUnit\Framework\Attributes\DataProvider;
use Tests\TestCase;

/** The front end's types say what the server sends, key by key. */
final class ContractTest extends TestCase
{
    use RefreshDatabase;

    /** @return array<string, array{0: string, 1: string, 2?: string}> Place in the view, the type that describes it, and of which example */
    public static function types(): array
    {
        return [
            'a run' => ['runs.0', 'Run'], 'a foot' => ['runs.0.feet.0', 'Foot'], 'a row of feet' => ['runs.0.table.0', 'FootRow'], 'a mark' => ['runs.0.tape.0', 'TapeMark'], 'the sheet' => ['sheet', 'Sheet'],
            'a dimension' => ['sheet.dimensions.across.0.0', 'Dimension'], 'a stage' => ['stages.0', 'StageState'], 'a finding' => ['findings.0', 'FindingInfo'],
            'a survey item' => ['survey.0', 'SurveyItem'], 'a coefficient' => ['coefficients.0', 'Coefficient'],
            'a table' => ['table', 'TableData', 'fallow-field'], 'a drawn table' => ['table.drawn', 'TableDrawn', 'fallow-field'], 'an upright of a table' => ['table.drawn.uprights.0', 'TableUpright', 'harrow-end'], 'a part of a table' => ['table.parts.0', 'TablePart', 'fallow-field'],
        ];
    }

    #[DataProvider('types')]
    public function test_a_type_has_the_keys_that_are_sent(string $place, string $type, string $example = 'quince-lane'): void
    {
        $user = $this->planner();
        $job = $this->exampleJob($user, $example);
        $sent = $this->actingAs($user)->getJson("/jobs/{$job->id}/view")->assertOk()->json($place);
        self::assertIsArray($sent);
        $declared = self::keys($type);
        $keys = array_keys($sent);
        sort($keys);
        self::assertSame($declared, $keys);
    }

    public function test_a_preview_sends_what_the_drawing_needs_and_the_view_no_unknown_key(): void
    {
        $user = $this->planner();
        $job = $this->exampleJob($user);
        $planned = self::keys('Planned');
        $preview = array_keys((array) $this->actingAs($user)->postJson("/jobs/{$job->id}/preview", ['base' => $job->current()->id, 'edits' => []])->assertOk()->json());
        self::assertSame([], array_diff($planned, $preview));
        $runs = $this->postJson("/jobs/{$job->id}/preview", ['base' => $job->current()->id, 'tape_of' => 'B1', 'edits' => []])->assertOk()->json('runs');
        foreach (['tape' => ['B1'], 'table' => ['B1'], 'feet' => ['A1', 'B1', 'A2', 'B2', 'C', 'D']] as $what => $of) {
            self::assertSame($of, array_column(array_filter(is_array($runs) ? $runs : [], static fn (mixed $run): bool => is_array($run) && $run[$what] !== []), 'id'), $what);
        }
        $view = array_keys((array) $this->getJson("/jobs/{$job->id}/view")->json());
        self::assertSame([], array_diff($view, $planned, self::keys('DeskData'), ['becauses']));
        self::assertSame([], array_diff(array_merge($planned, self::keys('DeskData')), $view, ['becauses']));
    }

    /** @return list<string> First-level keys of a type in the front end's file, sorted */
    private static function keys(string $type): array
    {
        $source = (string) file_get_contents(base_path('resources/js/types/desk.ts'));
        $pattern = '/export type '.$type.' = (?:Planned & )?\{';
        $found = preg_match($pattern.'\n(.*?)\n\};/s', $source, $body) === 1 || preg_match($pattern.' (.*) \};/', $source, $body) === 1;
        self::assertTrue($found, "no type $type");
        $flat = (string) preg_replace('/\{[^{}]*\}/', '', (string) preg_replace('/\{[^{}]*\}/', '', (string) preg_replace('/\{[^{}]*\}/', '', $body[1] ?? '')));
        preg_match_all('/(\w+)\??:/', $flat, $keys);
        $names = $keys[1];
        sort($names);

        return $names;
    }
}
