<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Actions\Designs\PlanDesign;
use App\Actions\Jobs\StartJob;
use App\Models\Job;
use App\Models\Role;
use App\Policies\Permissions;
use Garnetine\Core\Finding\Code;
use Garnetine\Core\Finding\Finding;
use Garnetine\Core\Tests\Plan\FindingsTest;
use Garnetine\Core\Tests\Support\Told;
use Garnetine\Core\Tests\Support\Uneven;
use Illuminate\Foundation\Testing\RefreshDatabase;
use Illuminate\Support\Facades\Queue;
use PHPUnit\Framework\Attributes\DataProvider;
use Tests\TestCase;

/** All that the application tells of a job, on screens, on paper and in tables, on roofs where no two things are alike. */
final class ToldTest extends TestCase
{
    use RefreshDatabase;

    /** @return array<string, array{string}> */
    public static function roofs(): array
    {
        return array_map(static fn (string $roof): array => [$roof], array_combine($roofs = ['gable', 'gable-30-snow', 'lrfd-own-hand', 'en-high', 'refused'], $roofs));
    }

    #[DataProvider('roofs')]
    public function test_what_the_application_tells_is_what_was_approved(string $roof): void
    {
        Queue::fake();
        $this->travelTo('2026-06-01 09:30:00');
        $this->withSession(['password_given_at' => time()]);
        $user = $this->planner();
        $job = app(StartJob::class)->handle($user->company ?? self::fail('no company'), $user, Uneven::all()[$roof]->project());
        $this->actingAs($user);
        $base = $job->current()->id;
        $told = [];
        if ($this->getJson("/jobs/{$job->id}/view")->assertOk()->json('runs') !== []) {
            $told['reason'] = $this->told("/jobs/{$job->id}/because?path=runs/A/feet/2");
        }
        $base = $this->does($job, 'designs', ['base' => $base, 'edits' => [['path' => '/block/y_m', 'typed' => '0.93 m'], ['path' => '/surface/deck', 'typed' => 'plywood'], ['toggle' => ['row' => 1, 'column' => 1]]]]);
        $this->does($job, 'confirmations', ['base' => $base, 'subjects' => [['subject' => 'structure', 'value' => 'x']], 'name' => 'E. Sorrel', 'reason' => 'calculation 14']);
        $one = $job->designs()->orderBy('id')->firstOrFail()->id;
        foreach (['compare?one='.$one.'&two='.$job->current()->id, 'designs'] as $path) {
            $told[strtok($path, '?')] = $this->told("/jobs/{$job->id}/$path");
        }
        $told['beside'] = $this->postJson("/jobs/{$job->id}/beside", ['base' => $job->current()->id, 'edits' => [['path' => '/site/exposure', 'typed' => 'B']]])->assertOk()->json();
        $this->does($job, 'issued', ['base' => $job->current()->id, 'note' => 'for the crew', 'purpose' => 'review']);
        $told['issued'] = $this->told("/jobs/{$job->id}/issued");
        $lines = Told::lines(self::still($told));
        // The list does not wait for a plan on a slow machine.
        app(PlanDesign::class)->handle($job->current());
        // The papers have all that the desk has, and more; both the same.
        $props = array_map(fn (string $page): mixed => ((array) $this->get($page)->assertOk()->viewData('page'))['props'] ?? null, ['jobs' => '/jobs', 'crew' => "/jobs/{$job->id}/print/crew", 'calculation' => "/jobs/{$job->id}/print/calculation"]);
        $view = (array) data_get($props, 'crew.views.0');
        self::assertTrue(is_array($props['crew']) && is_array($props['calculation']) && $view !== []);
        self::assertSame($props['crew']['views'], $props['calculation']['views']);
        self::assertSame([], array_diff_key($desk = (array) $this->told("/jobs/{$job->id}/view"), $view));
        self::assertEquals($desk, json_decode((string) json_encode(array_intersect_key($view, $desk)), true));
        unset($props['calculation']['views']);
        foreach ($props as $page => $shown) {
            array_push($lines, ...Told::lines(self::still(["page $page" => $shown])));
        }
        foreach (['materials.csv', 'cutting.csv'] as $table) {
            array_push($lines, ...explode("\r\n", rtrim((string) $this->get("/jobs/{$job->id}/export/$table")->assertOk()->getContent())));
        }
        Told::assertApproved(__DIR__."/Told/$roof.txt", $lines);
    }

    public function test_rights_stages_and_what_a_signature_clears_are_what_was_approved(): void
    {
        $lines = [];
        foreach (Permissions::TABLE as $what => $roles) {
            $lines[] = "may $what: ".implode(', ', array_map(static fn (Role $role): string => $role->value, $roles));
        }
        foreach (FindingsTest::findings() as $code => [, , , $at]) {
            $finding = Finding::of(Code::from((string) $code), $at);
            $lines[] = "$code at $at: ".$finding->stage()->value.($finding->isClearable() ? ', a named person may clear it' : '');
        }
        Told::assertApproved(__DIR__.'/Told/rules.txt', $lines);
    }

    private function told(string $path): mixed
    {
        return $this->getJson($path)->assertOk()->json();
    }

    /** @param array<string, mixed> $body */
    private function does(Job $job, string $what, array $body, int $status = 200): int
    {
        $this->postJson("/jobs/{$job->id}/$what", $body)->assertStatus($status);

        return $job->current()->id;
    }

    /** Numbers that the database counts on are other ones each time. */
    private static function still(mixed $value, string|int $key = ''): mixed
    {
        if (is_int($value) && preg_match('/(^|_)id$/', (string) $key) === 1) {
            return null;
        }

        return is_array($value) ? array_combine(array_keys($value), array_map(self::still(...), $value, array_keys($value))) : $value;
    }
}
