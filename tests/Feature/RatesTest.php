<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Company\CompanyRates;
use App\Models\Role;
use App\Models\User;
use Illuminate\Foundation\Testing\RefreshDatabase;
use Inertia\Testing\AssertableInertia;
use PHPUnit\Framework\Attributes\TestWith;
use Tests\TestCase;

/** A company's own rates: entered by planners, seen by those who compare, by nobody else. */
final class RatesTest extends TestCase
{
    use RefreshDatabase;

    private const RATES = [
        'currency' => 'QTM', 'hour' => '61', 'start_minutes' => '90', 'foot_minutes' => '12', 'rail_minutes' => '7', 'crossing_minutes' => '', 'module_minutes' => '11.5',
        'foot_price' => '23.50', 'bar_price' => '41', 'splice_price' => '6', 'crossing_price' => '', 'clamp_price' => '2.75', 'post_metre_price' => '13', 'bag_price' => '8',
    ];

    private function member(User $of, Role $role): User
    {
        return $of->company?->users()->create(['name' => ucfirst($role->value), 'email' => "{$role->value}{$of->id}@example.test", 'password' => 'a-long-password', 'role' => $role]) ?? throw new \LogicException('A user has a company.');
    }

    public function test_ways_to_lay_a_roof_tell_hours_and_cost_to_who_may_know_them(): void
    {
        $planner = $this->planner();
        $job = $this->exampleJob($planner);
        $ask = fn (User $user): array => (array) $this->actingAs($user)->postJson("/jobs/{$job->id}/schools", ['base' => $job->current()->id, 'edits' => []])->assertOk()->json();
        self::assertSame([null], array_values(array_unique(array_column($ask($planner), 'effort'))));
        $this->put('/company/rates', self::RATES)->assertRedirect('/company')->assertSessionHasNoErrors();
        self::assertSame(61.0, CompanyRates::of($planner->refresh())?->hour);
        $ways = array_column($ask($planner), 'effort', 'name');
        self::assertMatchesRegularExpression('/^\d+(\.\d)? h, QTM \d,?\d{3}$/', is_string($ways['across under each row, feet staggered']) ? $ways['across under each row, feet staggered'] : '');
        // Two layers have crossings, for which no rate is entered: it is named, and nothing guessed.
        $crossed = (array) $this->postJson("/jobs/{$this->exampleJob($planner, 'damson-terrace')->id}/schools", ['base' => $planner->company?->jobs()->latest('id')->first()?->current()->id, 'edits' => []])->assertOk()->json();
        self::assertStringContainsString('no rate for each crossing of two rails', implode(' ', array_filter(array_column($crossed, 'effort'))));
        // Another company knows nothing of it.
        self::assertNull(CompanyRates::of($this->planner('Beech Solar')));
    }

    public function test_crews_never_see_them_and_reviewers_do_not_change_them(): void
    {
        $planner = $this->planner();
        $this->actingAs($planner)->put('/company/rates', self::RATES);
        [$crew, $reviewer] = [$this->member($planner, Role::Crew), $this->member($planner, Role::Reviewer)];
        $this->actingAs($crew)->get('/company')->assertOk()->assertDontSee('23.5')->assertInertia(static fn (AssertableInertia $page): AssertableInertia => $page->where('rates', null));
        $this->actingAs($reviewer)->get('/company')->assertInertia(static fn (AssertableInertia $page): AssertableInertia => $page->where('rates.currency', 'QTM'));
        foreach ([$crew, $reviewer] as $user) {
            $this->actingAs($user)->put('/company/rates', ['hour' => '1'] + self::RATES)->assertForbidden();
        }
        self::assertSame(61.0, CompanyRates::of($planner->refresh())?->hour);
        // What a table costs beside others is told to the one and not to the other; its hours to both.
        $job = $this->exampleJob($planner, 'harrow-end');
        $kinds = fn (User $user): array => (array) $this->actingAs($user)->getJson("/jobs/{$job->id}/table/kinds?surface=timber")->assertOk()->json();
        [$told, $hidden] = [$kinds($planner)[1], $kinds($crew)[1]];
        self::assertIsArray($told);
        self::assertIsArray($hidden);
        self::assertMatchesRegularExpression('/^QTM \d/', is_string($told['cost']) ? $told['cost'] : '');
        self::assertSame(['', $told['hours']], [$hidden['cost'], $hidden['hours']]);
        // So is what other posts would cost.
        $costs = fn (User $user): array => array_column(array_filter(
            (array) $this->actingAs($user)->getJson("/jobs/{$job->id}/table/beside?surface=timber&what=ways")->assertOk()->json('ways'),
            static fn (mixed $way): bool => is_array($way) && $way['holds'] === true,
        ), 'cost');
        self::assertNotSame([], $costs($planner));
        self::assertSame([], preg_grep('/^QTM \d/', $costs($planner), PREG_GREP_INVERT));
        self::assertSame(array_fill(0, count($costs($planner)), ''), $costs($crew));
        foreach (['export/plan.json', 'export/design.json', 'archive.json', 'print/crew'] as $page) {
            $this->actingAs($planner)->get("/jobs/{$job->id}/$page")->assertOk()->assertDontSee('foot_price')->assertDontSee('QTM');
        }
    }

    /** @param array<string, mixed> $wrong */
    #[TestWith([['hour' => 'much'], 'rates.hour'])]
    #[TestWith([['foot_price' => '-1'], 'rates.foot_price'])]
    #[TestWith([['foot_minutes' => '601'], 'rates.foot_minutes'])]
    #[TestWith([['currency' => 'dollars'], 'rates.currency'])]
    #[TestWith([['bar_price' => ['1']], 'rates.bar_price'])]
    public function test_what_is_no_rate_is_named_and_nothing_is_kept(array $wrong, string $at): void
    {
        $planner = $this->planner();
        $this->actingAs($planner)->put('/company/rates', self::RATES);
        $this->put('/company/rates', $wrong + ['clamp_price' => '99'] + self::RATES)->assertRedirect('/company')->assertSessionHasErrors($at);
        self::assertSame(2.75, CompanyRates::of($planner->refresh())?->clampPrice);
    }
}
