<?php

declare(strict_types=1);

namespace Garnetine\Core\Tests\Attachment;

use Garnetine\Core\Attachment\RunPlan;
use Garnetine\Core\Attachment\Search\FewestSearch;
use Garnetine\Core\Design\Edit\Edits;
use Garnetine\Core\Document\DocumentInvalid;
use Garnetine\Core\Plan\Depth;
use Garnetine\Core\Plan\Plan;
use Garnetine\Core\Plan\Planner;
use Garnetine\Core\Quantity\Length;
use Garnetine\Core\Tests\Support\Enumeration;
use Garnetine\Core\Tests\Support\Scenario;
use Garnetine\Core\Tests\Support\SecondOpinion;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** Pins, bars and a greatest bay: forced into the search, the checks unchanged. */
final class OwnHandTest extends TestCase
{
    public function test_under_pins_and_a_greatest_bay_the_count_and_its_reserve_equal_full_enumeration(): void
    {
        // 500 runs go through bin/bench.
        $runs = $bound = $none = 0;
        for ($seed = 6000; $runs < 20; ++$seed) {
            $design = Scenario::randomZones($seed, 5)->design();
            foreach (Planner::plan($design, Depth::Checks)->supports as $plan) {
                $count = count($plan->run->candidates_m);
                if ($count < 4 || $count > 10) {
                    continue;
                }
                ++$runs;
                $run = $plan->run->under(Enumeration::hand($seed, $count, $design->surface->framing->spacing->toMetres()));
                $wanted = static fn (array $picks): bool => Enumeration::obeys($run->hand, $run->candidates_m, array_values(array_filter($picks, is_int(...))));
                $found = (new FewestSearch($run, $plan->check))->fewest();
                [$fewest, $worst] = Enumeration::fewest(new SecondOpinion($design, $run), $run, $found === null ? $count : count($found->picks), $wanted);
                self::assertSame($fewest, $found === null ? null : count($found->picks), "seed $seed, run {$run->id}");
                $none += $found === null ? 1 : 0;
                if ($found !== null && $found->isBest) {
                    $bound += count($found->picks) > ($plan->bound ?? 0) ? 1 : 0;
                    self::assertTrue($wanted($found->picks));
                    self::assertEqualsWithDelta($worst, $found->worst, 1e-6, "seed $seed, run {$run->id}");
                }
            }
        }
        self::assertGreaterThan(3, $bound, 'some need more feet than without');
        self::assertGreaterThan(0, $none);
    }

    private static function plan(Scenario $scenario): Plan
    {
        return Planner::plan($scenario->design(), Depth::Checks);
    }

    private static function line(Plan $plan, string $id): RunPlan
    {
        return array_column(array_map(static fn (RunPlan $run): array => [$run->run->id, $run], $plan->supports), 1, 0)[$id];
    }

    public function test_an_own_greatest_bay_holds_for_all_bays_but_the_last_from_the_datum(): void
    {
        $wide = Scenario::of()->with('/surface/no_work_circles', [])->with('/block/left_out', [])->with('/site/wind_speed_m_per_s', 42.0)->with('/rules/pattern', 'stacked')->with('/rules/greatest_bay_m', Length::ofInches(32)->toMetres());
        foreach (['left_rake' => -1, 'right_rake' => 0] as $datum => $last) {
            foreach ([true, false] as $longer) {
                $longest = 0.0;
                foreach (self::plan($wide->with('/rules/run_datum', $datum)->with('/rules/last_bay_may_be_longer', $longer))->supports as $run) {
                    self::assertTrue($run->holds());
                    $feet_m = $run->feet_m();
                    $bays_m = array_map(static fn (float $from_m, float $to_m): float => $to_m - $from_m, array_slice($feet_m, 0, -1), array_slice($feet_m, 1));
                    $exempt = array_splice($bays_m, $last, 1);
                    $longest = max($longest, ...$exempt);
                    self::assertLessThanOrEqual(32.13, max([0.0, ...$bays_m]) / 0.0254);
                }
                self::assertSame($longer, $longest > 34 * 0.0254, "$datum, last longer: ".json_encode($longer));
            }
        }
    }

    public function test_pins_and_bars_are_toggled_and_stay_through_the_relief_of_members(): void
    {
        $design = Edits::apply(Scenario::of()->design(), [['pin' => ['line' => 'C', 'member' => 10]], ['bar' => ['line' => 'C', 'member' => 11]], ['pin' => ['line' => 'A', 'member' => 5]]]);
        $plan = Planner::plan($design, Depth::Checks);
        self::assertContains(10, self::line($plan, 'C')->members());
        self::assertNotContains(11, self::line($plan, 'C')->members());
        self::assertContains(5, self::line($plan, 'A1')->members());
        self::assertSame([11], array_column(self::line($plan, 'C')->run->hand->barred, 'member'));
        // A pin gives way to a bar at its place, and the other way round; the same again lets go.
        $turned = Edits::apply($design, [['bar' => ['line' => 'C', 'member' => 10]], ['pin' => ['line' => 'C', 'member' => 11]], ['pin' => ['line' => 'A', 'member' => 5]]]);
        self::assertSame([['C', 11]], array_map(static fn ($pin): array => [$pin->line, $pin->member], $turned->block->pins));
        self::assertSame([[10, 'C']], array_map(static fn ($bar): array => [$bar->member, $bar->line], $turned->block->bars));
        $this->expectException(DocumentInvalid::class);
        Edits::apply($design, [['pin' => ['line' => 'c1', 'member' => 10]]]);
    }

    public function test_a_pin_outside_its_rail_or_in_the_hole_of_a_line_stops_at_its_place(): void
    {
        foreach ([1, 16] as $member) {
            $found = array_values(array_filter(self::plan(Scenario::of()->with('/block/pins', [['line' => 'A', 'member' => $member]]))->findings, static fn ($finding): bool => $finding->code->value === 'pin_no_place'));
            self::assertSame(['/block/pins/0', ['line' => 'A', 'member' => $member]], [$found[0]->at ?? '', $found[0]->values ?? []]);
        }
    }

    /** @return iterable<string, array{string, mixed}> */
    public static function beyond(): iterable
    {
        yield 'no tolerance' => ['/rules/placing_tolerance_m', 0.0];
        yield 'two inches' => ['/rules/placing_tolerance_m', 0.0508];
        yield 'a line within an inch' => ['/rules/line_tolerance_m', 0.0254];
        yield 'a pin on no member' => ['/block/pins', [['line' => 'A', 'member' => 0]]];
        yield 'a pin on a run' => ['/block/pins', [['line' => 'A1', 'member' => 4]]];
        yield 'a bay of ten metres' => ['/rules/greatest_bay_m', 10.0];
    }

    #[DataProvider('beyond')]
    public function test_values_beyond_reason_are_refused_by_name(string $path, mixed $value): void
    {
        try {
            Scenario::of()->with($path, $value)->design();
            self::fail('It was read.');
        } catch (DocumentInvalid $invalid) {
            self::assertTrue(str_starts_with($invalid->faults[0]->path, $path), $invalid->getMessage());
        }
    }

    public function test_documents_from_before_keep_their_bytes_and_a_later_key_is_not_written_when_it_is_usual(): void
    {
        $plain = Scenario::of();
        $usual = $plain->with('/block/pins', [])->with('/rules/last_bay_may_be_longer', true)->with('/rules/greatest_bay_m', null);
        self::assertSame($plain->design()->block->pins, $usual->design()->block->pins);
        self::assertSame(\Garnetine\Core\Design\DesignFile::hash($plain->project()), \Garnetine\Core\Design\DesignFile::hash($usual->project()));
        self::assertNotSame(\Garnetine\Core\Design\DesignFile::hash($plain->project()), \Garnetine\Core\Design\DesignFile::hash($plain->with('/rules/greatest_bay_m', 1.0)->project()));
    }
}
