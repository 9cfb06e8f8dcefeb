<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Actions\Designs\SaveDesign;
use App\Models\Job;
use App\Models\User;
use Garnetine\Core\Design\Edit\JobEdits;
use Illuminate\Foundation\Testing\RefreshDatabase;
use Illuminate\Support\Facades\DB;
use Illuminate\Testing\TestResponse;
use Tests\TestCase;

/** Designs over time: undo and redo append, side designs are kept and put onto the newest, two designs are compared. */
final class HistoryTest extends TestCase
{
    use RefreshDatabase;

    private User $user;
    private Job $job;

    protected function setUp(): void
    {
        parent::setUp();
        $this->user = $this->planner();
        $this->job = $this->exampleJob($this->user);
        $this->actingAs($this->user);
    }

    /** @return TestResponse<\Symfony\Component\HttpFoundation\Response> */
    private function wind(string $speed, ?int $base = null): TestResponse
    {
        return $this->postJson("/jobs/{$this->job->id}/designs", ['base' => $base ?? $this->job->current()->id, 'edits' => [['path' => '/site/wind_speed_m_per_s', 'typed' => $speed]]]);
    }

    /** @return TestResponse<\Symfony\Component\HttpFoundation\Response> */
    private function step(string $way, ?int $base = null): TestResponse
    {
        return $this->postJson("/jobs/{$this->job->id}/designs/$way", ['base' => $base ?? $this->job->current()->id]);
    }

    private function speed(): string
    {
        return $this->job->current()->surface()->asTyped['/site/wind_speed_m_per_s'] ?? '';
    }

    public function test_undo_and_redo_walk_through_ones_own_steps_and_take_nothing_back(): void
    {
        $this->wind('120 mph')->assertJsonPath('design.change', 'Basic wind speed: 115 mph → 120 mph');
        $this->wind('130 mph');
        $this->step('undo')->assertOk()->assertJsonPath('history.redo', 'Basic wind speed: 120 mph → 130 mph');
        self::assertSame('120 mph', $this->speed());
        $this->step('undo')->assertOk()->assertJsonPath('history.undo', null);
        self::assertSame('115 mph', $this->speed());
        $this->step('undo')->assertStatus(422)->assertJsonPath('message', 'There is nothing to undo.');
        $this->step('redo')->assertOk();
        $this->step('redo')->assertOk();
        self::assertSame('130 mph', $this->speed());
        $this->step('redo')->assertStatus(422);
        $this->step('undo');
        $this->wind('140 mph')->assertJsonPath('history.redo', null);
        self::assertSame(9, $this->job->designs()->count());
        self::assertSame(0, $this->job->designs()->where('is_side', true)->count());
    }

    public function test_another_persons_step_is_not_undone_and_nothing_after_a_lost_race(): void
    {
        $stale = $this->job->current()->id;
        $this->actingAs($this->colleague($this->user));
        $this->wind('120 mph')->assertOk();
        $this->actingAs($this->user);
        $this->step('undo')->assertStatus(422)->assertSee('O. Ther');
        $this->wind('121 mph');
        $this->step('undo', $stale)->assertStatus(422)->assertSee('Somebody saved in between');
        self::assertSame(3, $this->job->designs()->count());
    }

    public function test_a_side_design_is_put_onto_the_newest_and_an_earlier_one_taken_again(): void
    {
        $base = $this->job->current()->id;
        $this->actingAs($this->colleague($this->user))->wind('120 mph', $base);
        $this->actingAs($this->user);
        $side = $this->postJson("/jobs/{$this->job->id}/designs", ['base' => $base, 'edits' => [['path' => '/surface/framing/spacing_m', 'typed' => '406.4 mm'], ['path' => '/surface/no_work_circles/0/diameter_m', 'typed' => '0.1 m'], ['toggle' => ['row' => 1, 'column' => 1]]]])
            ->assertStatus(409)->json('design.id');
        self::assertIsInt($side);
        $this->postJson("/jobs/{$this->job->id}/designs/$side/onto", ['base' => $this->job->current()->id])->assertOk();
        $document = $this->job->current()->surface();
        self::assertSame('120 mph', $this->speed());
        self::assertEqualsWithDelta(16.0, $document->surface->framing->spacing->toInches(), 1e-9);
        self::assertCount(2, $document->block->leftOut);
        self::assertSame(['406.4 mm', '0.1 m'], [$document->asTyped['/surface/framing/spacing_m'] ?? '', $document->asTyped['/surface/no_work_circles/0/diameter_m'] ?? ''], 'as it was typed');
        $this->getJson("/jobs/{$this->job->id}/view")->assertJsonPath('fields./surface/framing/spacing_m.text', '16 in')->assertJsonPath('fields./surface/framing/spacing_m.typed', '406.4 mm');
        $this->postJson("/jobs/{$this->job->id}/designs/$base/again", ['base' => $this->job->current()->id])->assertOk();
        self::assertSame('115 mph', $this->speed());
        $list = $this->getJson("/jobs/{$this->job->id}/designs")->assertOk()->assertJsonCount(5, 'designs')->assertJsonPath('designs.0.is_current', true);
        self::assertSame([5, 4, 3, 2, 1], $list->json('designs.*.number'));
        $this->postJson("/jobs/{$this->job->id}/designs/$base/onto", ['base' => $this->job->current()->id])->assertStatus(422);
    }

    public function test_signatures_of_both_sides_stay_when_a_side_design_is_put_onto_the_newest(): void
    {
        $base = $this->job->current()->id;
        $sign = fn (string $subject, string $name): TestResponse => $this->postJson("/jobs/{$this->job->id}/confirmations", ['base' => $base, 'subjects' => [['subject' => $subject, 'value' => 'x']], 'name' => $name, 'reason' => 'our copy']);
        $sign('coefficient/one', 'A. Alder')->assertOk();
        $side = $sign('coefficient/two', 'B. Beech')->assertStatus(409)->json('design.id');
        self::assertIsInt($side);
        $this->postJson("/jobs/{$this->job->id}/designs/$side/onto", ['base' => $this->job->current()->id])->assertOk();
        $names = array_map(static fn ($one): string => $one->name, $this->job->current()->surface()->confirmations);
        sort($names);
        self::assertSame(['A. Alder', 'B. Beech'], $names);
    }

    public function test_a_signature_that_was_taken_back_does_not_come_back_by_a_side_design(): void
    {
        $sign = fn (int $base, string $subject, string $name): TestResponse => $this->postJson("/jobs/{$this->job->id}/confirmations", ['base' => $base, 'subjects' => [['subject' => $subject, 'value' => 'x']], 'name' => $name, 'reason' => 'our copy']);
        $sign($this->job->current()->id, 'coefficient/one', 'A. Alder')->assertOk();
        $signed = $this->job->current()->id;
        $this->postJson("/jobs/{$this->job->id}/designs/undo", ['base' => $signed])->assertOk();
        self::assertSame([], $this->job->current()->surface()->confirmations);
        $side = $sign($signed, 'coefficient/two', 'B. Beech')->assertStatus(409)->json('design.id');
        self::assertIsInt($side);
        $this->postJson("/jobs/{$this->job->id}/designs/$side/onto", ['base' => $this->job->current()->id])->assertOk();
        self::assertSame(['B. Beech'], array_map(static fn ($one): string => $one->name, $this->job->current()->surface()->confirmations));
    }

    public function test_two_designs_are_compared_by_what_was_entered_and_what_came_of_it(): void
    {
        $base = $this->job->current()->id;
        $this->wind('150 mph');
        $compared = $this->getJson("/jobs/{$this->job->id}/compare?one=$base&two={$this->job->current()->id}")->assertOk();
        self::assertSame([['path' => '/site/wind_speed_m_per_s', 'label' => 'Basic wind speed', 'before' => '115 mph', 'after' => '150 mph']], $compared->json('inputs'));
        $feet = $compared->collect('results')->firstWhere('label', 'Feet');
        self::assertIsArray($feet);
        self::assertSame('32', $feet['before']);
        self::assertNotSame('32', $feet['after']);
        $foreign = $this->exampleJob($this->planner('Beech Solar'))->current()->id;
        $this->getJson("/jobs/{$this->job->id}/compare?one=$base&two=$foreign")->assertNotFound();
        $this->postJson("/jobs/{$this->job->id}/designs/$foreign/again", ['base' => $this->job->current()->id])->assertNotFound();
    }

    public function test_two_planners_saving_at_once_lose_nothing(): void
    {
        $base = $this->job->current()->id;
        $colleague = $this->colleague($this->user);
        foreach (['121 mph', '122 mph', '123 mph'] as $index => $speed) {
            $this->actingAs($index === 0 ? $this->user : $colleague)->wind($speed, $base);
        }
        self::assertSame([1, 2, 3, 4], $this->job->designs()->orderBy('number')->pluck('number')->all());
        self::assertSame(2, $this->job->designs()->where('is_side', true)->count());
        // Who comes at the same moment waits at the job, before anything is read; and a key that is stored meanwhile is the answer.
        DB::enableQueryLog();
        $save = fn (): int => app(SaveDesign::class)->handle($this->job, $this->user, $this->job->current(), JobEdits::apply($this->job->current()->document(), [['path' => '/site/wind_speed_m_per_s', 'typed' => '124 mph']]), '124 mph', 'edit', '00000000-0000-4000-8000-000000000009')->id;
        $one = $save();
        $queries = array_column(DB::getQueryLog(), 'query');
        DB::disableQueryLog();
        $locks = array_keys(array_filter($queries, static fn (string $query): bool => str_contains($query, 'from "jobs"') && str_contains($query, 'for update')));
        $numbers = array_keys(array_filter($queries, static fn (string $query): bool => str_contains($query, 'max("number")')));
        self::assertTrue(isset($locks[0], $numbers[0]) && $locks[0] < $numbers[0], implode('; ', $queries));
        self::assertSame($one, $save());
    }
}
