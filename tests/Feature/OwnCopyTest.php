<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\Job;
use App\Models\User;
use Garnetine\Core\Design\DesignFile;
use Illuminate\Foundation\Testing\RefreshDatabase;
use Illuminate\Support\Facades\Artisan;
use Illuminate\Testing\TestResponse;
use Tests\TestCase;

/** What a company reads in its own copies is embedded in designs, and offered to its others, never slipped in. */
final class OwnCopyTest extends TestCase
{
    use RefreshDatabase;

    /**
     * @param array<string, mixed> $with
     *
     * @return TestResponse<\Symfony\Component\HttpFoundation\Response>
     */
    private function read(Job $job, array $with = []): TestResponse
    {
        return $this->postJson("/jobs/{$job->id}/own-copies", $with + [
            'base' => $job->current()->id, 'coefficient' => 'asce7_16/velocity_pressure/kd', 'value' => '0.9', 'document' => 'Our copy', 'clause' => 'Table 26.6-1', 'name' => 'E. Sorrel',
        ]);
    }

    public function test_a_value_of_one_job_is_offered_to_the_companys_others_and_to_nobody_elses(): void
    {
        $user = $this->planner();
        [$one, $two] = [$this->exampleJob($user), $this->exampleJob($user)];
        $foreign = $this->exampleJob($this->planner('Beech Solar'));
        $this->actingAs($user);
        $this->read($one)->assertOk()->assertJsonPath('own_copies.0.value', '0.9')->assertJsonPath('own_copies.0.recalled', '0.85')->assertJsonPath('own_offers', [])
            ->assertJsonPath('coefficients.3.id', 'asce7_16/gable_roof/7-20/2r');
        $before = $two->current();
        $view = $this->getJson("/jobs/{$two->id}/view")->assertJsonPath('own_offers.0.id', 'asce7_16/velocity_pressure/kd')->assertJsonPath('own_copies', []);
        $view->assertJsonPath('stages.7.key', 'handover')->assertJsonPath('stages.7.state', 'out of date');
        self::assertSame($before->id, $two->current()->id, 'nothing is slipped in');
        $this->get('/jobs')->assertInertia(static fn ($page) => $page->where('jobs', static fn ($jobs): bool => $jobs->pluck('next', 'id')[$two->id] === 'Hand-over: take over values that the company read since'));
        $this->postJson("/jobs/{$two->id}/own-copies/take", ['base' => $before->id, 'edits' => []])->assertOk()->assertJsonPath('own_offers', [])->assertJsonPath('own_copies.0.value', '0.9');
        $this->read($one, ['base' => $one->current()->id, 'value' => '0.87'])->assertOk();
        self::assertCount(1, $one->current()->surface()->ownCopies);
        $this->getJson("/jobs/{$two->id}/view")->assertJsonPath('own_offers.0.value', '0.87');
        $this->actingAs(User::query()->where('company_id', $foreign->company_id)->firstOrFail())->getJson("/jobs/{$foreign->id}/view")->assertJsonPath('own_offers', []);
    }

    public function test_a_missing_value_is_asked_for_lets_the_case_through_and_concerns_only_jobs_that_need_it(): void
    {
        $user = $this->planner();
        [$hip, $gable] = [$this->exampleJob($user), $this->exampleJob($user)];
        $this->actingAs($user);
        $edits = [['path' => '/surface/roof_kind', 'value' => 'hip'], ['path' => '/surface/left_hip_m', 'value' => 1.0], ['path' => '/surface/right_hip_m', 'value' => 1.0], ['path' => '/surface/framing/first_member_m', 'value' => 0.6]];
        $this->postJson("/jobs/{$hip->id}/designs", ['base' => $hip->current()->id, 'edits' => $edits])->assertOk()
            ->assertJsonPath('summary.refused', true)->assertJsonPath('own_missing.0.id', 'asce7_16/hip_roof/7-20/2e')->assertJsonPath('own_missing.0.name', 'GCp, hip 7° to 20°, 2e');
        $this->read($hip, ['base' => $hip->current()->id, 'coefficient' => 'asce7_16/hip_roof/7-20/2e', 'value' => '2.6'])->assertOk()
            ->assertJsonPath('summary.refused', false)->assertJsonPath('own_missing', []);
        $this->getJson("/jobs/{$gable->id}/view")->assertJsonPath('own_offers', []);
    }

    public function test_a_value_that_cannot_be_is_refused_at_its_field(): void
    {
        $user = $this->planner();
        $job = $this->exampleJob($user);
        $this->actingAs($user);
        foreach ([['value' => 'much'], ['value' => '1e400'], ['coefficient' => 'nothing'], ['name' => ''], ['clause' => ''], ['coefficient' => ['x']]] as $wrong) {
            $this->read($job, $wrong)->assertStatus(422);
        }
        self::assertSame(1, $job->designs()->count());
        $this->read($job, ['value' => '85'])->assertOk();
        self::assertTrue((bool) $this->getJson("/jobs/{$job->id}/view")->json('summary.refused'), 'another unit');
    }

    public function test_a_design_saved_before_version_2_opens_keeps_its_bytes_and_verifies(): void
    {
        $user = $this->planner();
        $job = Job::query()->create(['company_id' => $user->company_id, 'name' => 'Old']);
        $bytes = (string) file_get_contents(base_path('core/tests/Fixtures/design-1.json'));
        $save = static fn (int $number, string $hash): mixed => $job->designs()->create(['number' => $number, 'author_id' => $user->id, 'bytes' => $bytes, 'hash' => $hash, 'change' => 'Job started']);
        $save(1, DesignFile::hashAsWritten($bytes));
        $this->actingAs($user)->getJson("/jobs/{$job->id}/view")->assertOk()->assertJsonPath('summary.attachments', 32);
        self::assertSame($bytes, $this->get("/jobs/{$job->id}/export/design.json")->content());
        self::assertSame(0, Artisan::call('garnetine:verify'));
        $this->read($job)->assertOk()->assertJsonPath('design.number', 2);
        self::assertStringContainsString('"schema": 4', $job->current()->bytes);
        $save(3, str_repeat('0', 64));
        self::assertSame(1, Artisan::call('garnetine:verify'));
    }

    public function test_a_design_that_cannot_be_read_does_not_take_the_job_list_with_it(): void
    {
        $user = $this->planner();
        $this->exampleJob($user);
        $job = Job::query()->create(['company_id' => $user->company_id, 'name' => 'From a newer build']);
        $job->designs()->create(['number' => 1, 'author_id' => $user->id, 'bytes' => '{"schema": 99}', 'hash' => str_repeat('0', 64), 'change' => 'Job started']);
        $this->actingAs($user)->get('/jobs')->assertOk()->assertInertia(static fn ($page) => $page->where('jobs', static fn ($jobs): bool => $jobs->sortBy('name')->pluck('modules', 'word')->all() === ['cannot be read' => null, 'tight' => 19]));
        $this->getJson("/jobs/{$job->id}/view")->assertStatus(422);
    }
}
