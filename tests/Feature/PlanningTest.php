<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\Job;
use App\Models\User;
use App\Planning\Newest;
use Illuminate\Foundation\Testing\RefreshDatabase;
use Illuminate\Support\Facades\Queue;
use Illuminate\Support\Str;
use Illuminate\Testing\TestResponse;
use Tests\TestCase;

/** Large roofs are planned in turn, and nobody else waits for them. */
final class PlanningTest extends TestCase
{
    use RefreshDatabase;

    private User $user;
    private Job $large;
    private Job $small;

    protected function setUp(): void
    {
        parent::setUp();
        Queue::fake();
        $this->user = $this->planner();
        $this->small = $this->exampleJob($this->user);
        $this->large = $this->large($this->user);
        $this->actingAs($this->user);
    }

    /** Many places for feet, and refused before they are searched. */
    private function large(User $user): Job
    {
        $job = $this->exampleJob($user);
        $this->actingAs($user)->postJson("/jobs/{$job->id}/designs", ['base' => $job->current()->id, 'edits' => [
            ['path' => '/surface/covering/kind', 'typed' => 'tile'], ['path' => '/block/rows', 'typed' => '30'], ['path' => '/block/columns', 'typed' => '60'], ['path' => '/surface/framing/spacing_m', 'typed' => '0.4 m'],
        ]])->assertOk();

        return $job;
    }

    /** @return list<resource> Locks as other processes hold them */
    private static function held(string ...$names): array
    {
        return array_map(static function (string $name) {
            $file = fopen(storage_path("framework/turns/$name"), 'c') ?: throw new \RuntimeException("No file $name.");
            self::assertTrue(flock($file, LOCK_EX | LOCK_NB), $name);

            return $file;
        }, array_values($names));
    }

    /** Another process has the turn, and does something before it is killed; nothing of this test goes on in it. */
    private function elsewhere(\Closure $do): void
    {
        try {
            $held = self::held("under-way-{$this->user->company_id}");
            usleep(500_000 * count($held));
            $do();
            usleep(500_000);
        } finally {
            posix_kill((int) getmypid(), SIGKILL);
        }
    }

    public function test_a_company_waits_with_few_requests_and_no_other_waits_for_it(): void
    {
        $company = $this->user->company_id;
        $held = self::held("company-$company-0", "company-$company-1", "company-$company-2");
        foreach (['view', 'because?path=design/site/exposure'] as $what) {
            $this->getJson("/jobs/{$this->large->id}/$what")->assertStatus(429)->assertJsonPath('code', 'busy')->assertHeader('Retry-After', '1');
        }
        $this->getJson("/jobs/{$this->small->id}/view")->assertOk();
        $this->get('/jobs')->assertOk();
        $others = $this->large($other = $this->planner('Beech Solar'));
        $this->actingAs($other)->getJson("/jobs/{$others->id}/view")->assertOk();
        // What is stored is answered, or the desk would do it twice.
        $this->actingAs($this->user)->postJson("/jobs/{$this->large->id}/confirmations", ['base' => $this->large->current()->id, 'subjects' => [['subject' => 'stop/one', 'value' => '']], 'name' => 'P. Lanner', 'reason' => 'seen'])->assertOk();
        array_map(fclose(...), $held);
        $this->actingAs($this->user)->getJson("/jobs/{$this->large->id}/view")->assertOk();
    }

    public function test_a_newer_look_of_the_same_tab_makes_a_large_one_void(): void
    {
        [$tab, $other] = [Str::uuid()->toString(), Str::uuid()->toString()];
        $ask = fn (Job $job, string $tab, int $sequence): TestResponse => $this->postJson("/jobs/{$job->id}/preview", ['base' => $job->current()->id, 'tab' => $tab, 'sequence' => $sequence, 'edits' => []]);
        $child = pcntl_fork();
        if ($child === 0) {
            $this->elsewhere(static fn () => (new Newest($tab, 4))->begin());
        }
        usleep(100_000);
        $began = hrtime(true);
        $ask($this->large, $tab, 3)->assertStatus(410)->assertJsonPath('code', 'superseded');
        self::assertLessThan(0.9, (hrtime(true) - $began) / 1e9, 'it does not wait for the turn');
        $newer = new Newest($tab, 4);
        $ask($this->large, $tab, 2)->assertStatus(410);
        self::assertTrue($newer->isWanted(), 'an older look makes nothing void');
        $ask($this->small, $other, 9)->assertOk();
        self::assertTrue($newer->isWanted(), 'another tab makes nothing void');
        $ask($this->small, $tab, 5)->assertOk();
        self::assertFalse($newer->isWanted(), 'a newer look does, whatever it asks for');
        $ask($this->large, $tab, 6)->assertOk();
        $ask($this->large, $tab, 1)->assertOk();
        pcntl_waitpid((int) $child, $status);
    }

    public function test_a_large_plan_waits_for_its_turn_and_takes_it(): void
    {
        $child = pcntl_fork();
        if ($child === 0) {
            $this->elsewhere(static fn () => null);
        }
        usleep(200_000);
        $began = hrtime(true);
        $this->getJson("/jobs/{$this->large->id}/view")->assertOk();
        self::assertGreaterThan(0.3, (hrtime(true) - $began) / 1e9, 'it waited');
        pcntl_waitpid((int) $child, $status);
    }
}
