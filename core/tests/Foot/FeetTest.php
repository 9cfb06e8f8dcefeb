<?php

declare(strict_types=1);

namespace Garnetine\Core\Tests\Foot;

use Garnetine\Core\Attachment\Fastening\Link;
use Garnetine\Core\Design\Design;
use Garnetine\Core\Design\DesignFile;
use Garnetine\Core\Design\Edit\Edits;
use Garnetine\Core\Design\Project;
use Garnetine\Core\Document\DocumentInvalid;
use Garnetine\Core\Document\Kinds;
use Garnetine\Core\Document\Writer;
use Garnetine\Core\Foot\Foot;
use Garnetine\Core\Foot\Standoff;
use Garnetine\Core\Foot\TwoInLineLever;
use Garnetine\Core\Plan\Plan;
use Garnetine\Core\Plan\Planner;
use Garnetine\Core\Tests\Support\Scenario;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** Feet of several kinds: what each bears, what its fastener passes, how it is sealed, and that one more is only a class. */
final class FeetTest extends TestCase
{
    private const LB = 4.4482216153;

    protected function tearDown(): void
    {
        Kinds::remove(Foot::class, 'pad_foot');
    }

    /** @return list<float> What every foot of a plan is held against along the slope and up, in N */
    private static function held(Plan $plan, Link $link): array
    {
        $held = [];
        foreach ($plan->supports as $run) {
            foreach ($run->wholeVerdict()->attachments ?? [] as $foot) {
                foreach ($foot->links as $one) {
                    if ($one->link === $link) {
                        $held[(string) round($one->capacity_si, 6)] = $one->capacity_si;
                    }
                }
            }
        }

        return array_values($held);
    }

    private static function standoff(bool $withPost = false): Design
    {
        // 1,100, 2,400 and 650 lb at 4 in over the deck with a heel of 2 in: the heavy one of the made-up rails.
        return Edits::apply(Scenario::of()->design(), [
            ['path' => '/kit/foot/kind', 'typed' => 'standoff'], ['path' => '/kit/foot/up_N', 'typed' => '1100 lb'], ['path' => '/kit/foot/down_N', 'typed' => '2400 lb'], ['path' => '/kit/foot/along_N', 'typed' => '650 lb'],
            ['path' => '/kit/foot/rail_height_m', 'typed' => '4 in'], ['path' => '/kit/foot/base/heel_m', 'typed' => '2 in'], ['path' => '/kit/foot/base/lateral_N', 'typed' => '260 lb'], ['path' => '/kit/foot/base/lateral_document', 'typed' => 'report 12'], ['path' => '/kit/foot/document', 'typed' => 'report 12'], ...$withPost ? [
                ['path' => '/kit/foot/post', 'add' => true], ['path' => '/kit/foot/post/height_m', 'typed' => '3.9 in'], ['path' => '/kit/foot/post/section_modulus_m3', 'typed' => '0.12 in3'], ['path' => '/kit/foot/post/allowable_stress_Pa', 'typed' => '18 ksi'],
            ] : [],
        ]);
    }

    public function test_a_standoff_bears_what_it_is_allowed_and_what_its_post_bears(): void
    {
        $plan = Planner::plan(self::standoff());
        self::assertEqualsWithDelta([[650 * self::LB], [1100 * self::LB]], [self::held($plan, Link::FootAlong), self::held($plan, Link::FootUp)], 1e-3);
        // 0.12 in³ · 18,000 psi over 3.9 in: 553.8 lb.
        $posts = self::standoff(true);
        self::assertEqualsWithDelta([0.12 * 18_000 / 3.9 * self::LB], self::held(Planner::plan($posts), Link::FootAlong), 1e-3);
        self::assertSame([['along_N'], 'post/height_m', ['along_N']], [$plan->design->kit->foot->alongFrom(), $posts->kit->foot->alongFrom()[0], Edits::apply($posts, [['path' => '/kit/foot/along_N', 'typed' => '500 lb']])->kit->foot->alongFrom()]);
        // The lever of the lag: T = U + (V·h − 0)/e with h 4 in and e 2 in.
        foreach ($plan->supports[0]->wholeVerdict()->attachments ?? [] as $foot) {
            self::assertLessThanOrEqual($foot->up_N + 2 * $foot->along_N + 1e-9, $foot->tension_N);
        }
        self::assertSame([], $plan->openStops());
    }

    public function test_its_lag_does_not_pass_the_shingles_that_are_cut_around_it(): void
    {
        [$flashed, $standing] = [Planner::plan(Scenario::of()->design()), Planner::plan(self::standoff())];
        $design = $flashed->design;
        $shingles_m = $design->surface->covering->thickness()->minus($design->surface->covering->underlayment())->toMetres();
        self::assertEqualsWithDelta(0.25 * 0.0254, $shingles_m, 1e-12);
        $passed_m = $shingles_m + ($design->kit->foot->flashing()?->thickness->toMetres() ?? NAN);
        self::assertEqualsWithDelta($passed_m, ($flashed->fastener?->above->toMetres() ?? 0.0) - ($standing->fastener?->above->toMetres() ?? 0.0), 1e-12);
        self::assertEqualsWithDelta($shingles_m, ($flashed->fastener?->gap->toMetres() ?? 0.0) - ($standing->fastener?->gap->toMetres() ?? 0.0), 1e-12);
        $told = static fn (Plan $plan): array => [$plan->holes->holes[0]['method'] ?? '', array_values(preg_grep('/^seal/', array_column($plan->steps->steps ?? [], 'code')) ?: [])];
        self::assertSame([['flashed_foot', ['seal_flashed_foot']], ['standoff', ['seal_standoff']]], [$told($flashed), $told($standing)]);
    }

    public function test_another_kind_keeps_what_both_have_and_loses_what_is_the_ones_own(): void
    {
        $standing = self::standoff(true);
        self::assertInstanceOf(Standoff::class, $standing->kit->foot);
        self::assertSame(['0.12 in3', '1100 lb'], [$standing->asTyped['/kit/foot/post/section_modulus_m3'], $standing->asTyped['/kit/foot/up_N']]);
        $back = Edits::apply($standing, [['path' => '/kit/foot/kind', 'typed' => 'flashed_foot']]);
        self::assertSame([null, null, '2 in', '4 in'], [$back->asTyped['/kit/foot/post/section_modulus_m3'] ?? null, $back->asTyped['/kit/foot/up_N'] ?? null, $back->asTyped['/kit/foot/base/heel_m'], $back->asTyped['/kit/foot/rail_height_m']]);
        // What one kind was tested for says nothing about another.
        self::assertSame(['', ['up_N' => null, 'down_N' => null, 'along_N' => null], null], [$back->kit->foot->document(), $back->kit->foot->allowables(), $back->kit->foot->base()->lateral]);
        $same = Edits::apply($standing, [['path' => '/kit/foot/kind', 'typed' => 'standoff']]);
        self::assertEquals($standing->kit->foot, $same->kit->foot, 'the same kind again changes nothing');
        self::assertEquals($standing->kit->foot->flashing(), $back->kit->foot->flashing());
        self::assertSame($text = DesignFile::write(Project::ofOne($standing)), DesignFile::write(DesignFile::read($text)));
    }

    /** @return iterable<string, array{array<string, mixed>, string}> */
    public static function wrong(): iterable
    {
        yield 'a kind that there is not' => [['path' => '/kit/foot/kind', 'typed' => 'suction_cup'], '/kit/foot/kind: expected one of flashed_foot, two_lag_foot, standoff, l_foot, tile_hook, seam_clamp, butyl_base, sheet_screws, found "suction_cup"'];
        yield 'no kind' => [['path' => '/kit/foot/kind', 'value' => 7], '/kit/foot/kind: expected one of flashed_foot, two_lag_foot, standoff'];
        yield 'a kind of what has none' => [['path' => '/kit/bolt/kind', 'typed' => 'standoff'], '/kit/bolt/kind'];
        yield 'a value of another kind' => [['path' => '/kit/foot/post/height_m', 'typed' => '4 in'], '/kit/foot/post/height_m'];
        yield 'a foot that is a number' => [['path' => '/kit/foot', 'value' => 7], '/kit/foot: expected an object'];
    }

    /** @param array<string, mixed> $edit */
    #[DataProvider('wrong')]
    public function test_what_is_no_kind_is_refused_at_its_place(array $edit, string $says): void
    {
        $this->expectException(DocumentInvalid::class);
        $this->expectExceptionMessage($says);
        Edits::apply(Scenario::of()->design(), [$edit]);
    }

    public function test_a_kind_made_up_here_is_read_planned_and_told_with_nothing_changed_elsewhere(): void
    {
        Kinds::add(Foot::class, 'pad_foot', PadFoot::class);
        $foot = Scenario::of()->design()->kit->foot;
        $pad = ['kind' => 'pad_foot', 'pad_m' => 0.0889, 'strength_N' => 520 * self::LB, 'base' => Writer::toArray($foot->base()), 'flashing' => ($foot->flashing() === null ? null : Writer::toArray($foot->flashing()))];
        $project = Scenario::of()->with('/as_typed', [])->with('/kit/foot', (object) $pad)->project();
        self::assertSame(DesignFile::write($project), DesignFile::write(DesignFile::read(DesignFile::write($project))));
        $plan = Planner::plan($project->design('plane-1'));
        self::assertEqualsWithDelta([[520 * self::LB], [260 * self::LB]], [self::held($plan, Link::FootUp), self::held($plan, Link::FootAlong)], 1e-6);
        self::assertContains('Pad foot', array_column($plan->materials(), 'name'));
        $weaker = Planner::plan(Edits::apply($project->design('plane-1'), [['path' => '/kit/foot/strength_N', 'typed' => '300 lb']]));
        self::assertGreaterThan($plan->attachmentCount(), $weaker->attachmentCount());
        $missing = Planner::plan(Edits::apply($project->design('plane-1'), [['path' => '/kit/foot/strength_N', 'typed' => '']]));
        self::assertContains('/kit/foot/strength_N', array_map(static fn ($stop): string => $stop->at, $missing->openStops()));
        self::assertNotSame($foot->name(), $plan->design->kit->foot->name());
    }

    /** @return iterable<string, array{float, float, float, float, float, float, float, float, float}> e1, e2, r, w, h; U, V; T2, T1: worked examples in inches and pounds, and by the balance of the base */
    public static function bases(): iterable
    {
        yield 'pulled more than pushed' => [1.0, 3.0, 2.0, 4.0, 3.25, 500.0, 60.0, 347.5, 152.5];
        yield 'the upper one takes all' => [1.0, 3.0, 2.0, 4.0, 3.25, 100.0, 120.0, (100 * 2.0 + 120 * 3.25) / 3.0, 0.0];
        yield 'pulled alone, at the middle' => [1.0, 3.0, 2.0, 4.0, 3.25, 300.0, 0.0, 150.0, 150.0];
        yield 'pulled below the lower one' => [2.0, 3.0, 1.0, 4.0, 3.25, 300.0, 10.0, 0.0, (300 * 3.0 - 32.5) / 2.0];
    }

    #[DataProvider('bases')]
    public function test_two_lags_in_line_share_what_tips_their_base(float $lower, float $upper, float $load, float $length, float $height, float $up, float $along, float $t2, float $t1): void
    {
        $lever = new TwoInLineLever($height, $lower, $upper, $load, $length);
        self::assertEqualsWithDelta(max($t2, $t1), $lever->tension_N($up, $along, 0.0), 1e-9);
        self::assertEqualsWithDelta(max(0.0, $along * $height - 80.0 * $load) / $upper, $lever->tension_N(-80.0, $along, 80.0), 1e-9);
    }

    public function test_a_pull_is_bounded_grows_evenly_and_keeps_the_base_in_balance(): void
    {
        mt_srand(7);
        for ($try = 0; $try < 400; ++$try) {
            [$lower, $s, $height] = [mt_rand(5, 30) / 10, mt_rand(10, 40) / 10, mt_rand(20, 60) / 10];
            $load = $lower + $s * mt_rand(0, 10) / 10;
            $lever = new TwoInLineLever($height, $lower, $lower + $s, $load, $lower + $s + 1.0);
            [$up, $along] = [mt_rand(0, 1000) / 1.0, mt_rand(0, 300) / 1.0];
            $most = $lever->tension_N($up, $along, 0.0);
            // Never less than balance allows, with the downslope edge pressed by C ≥ 0: T1·e1 + T2·e2 = U·r + V·h and T1 + T2 = U + C.
            $moment = $up * $load + $along * $height;
            $best = INF;
            for ($press = 0; $press <= 4000; ++$press) {
                $c = $press * ($up + $along * $height) / 1000;
                $t2 = ($moment - ($up + $c) * $lower) / $s;
                $t1 = $up + $c - $t2;
                $best = $t1 >= -1e-6 && $t2 >= -1e-6 ? min($best, max($t1, $t2)) : $best;
            }
            self::assertGreaterThanOrEqual(0.98 * $best, $most);
            self::assertGreaterThanOrEqual($up * $lever->leastPerUp() - 1e-9, $most);
            self::assertLessThanOrEqual($lever->bound_N($up, $along, 0.0) + 1e-9, $most);
            foreach ([[5.0, 0.0], [0.0, 5.0]] as [$more, $further]) {
                self::assertLessThanOrEqual($more * $lever->mostPerUp() + $further * $lever->perAlong() + 1e-6, abs($lever->tension_N($up + $more, $along + $further, 0.0) - $most));
                self::assertGreaterThanOrEqual($lever->bound_N($up, $along, 0.0), $lever->bound_N($up + $more, $along + $further, 0.0));
            }
        }
    }

    public function test_a_two_lag_foot_is_planned_counted_sealed_and_told(): void
    {
        $design = Edits::apply(Scenario::of()->design(), [
            ['path' => '/kit/foot/kind', 'typed' => 'two_lag_foot'], ['path' => '/kit/foot/up_N', 'typed' => '950 lb'], ['path' => '/kit/foot/down_N', 'typed' => '1800 lb'], ['path' => '/kit/foot/along_N', 'typed' => '600 lb'],
            ['path' => '/kit/foot/rail_height_m', 'typed' => '3.25 in'], ['path' => '/kit/foot/base/heel_m', 'typed' => '1 in'], ['path' => '/kit/foot/base/lateral_N', 'typed' => '260 lb'], ['path' => '/kit/foot/base/lateral_document', 'typed' => 'report 12'], ['path' => '/kit/foot/document', 'typed' => 'report 12'],
        ]);
        self::assertSame(['example', 'example', 'example'], array_values(array_intersect_key($design->origins, ['/kit/foot/between_lags_m' => 1, '/kit/foot/load_line_m' => 1, '/kit/foot/length_m' => 1])));
        $design = Edits::apply($design, [['path' => '/kit/foot/between_lags_m', 'typed' => '2 in'], ['path' => '/kit/foot/load_line_m', 'typed' => '2 in'], ['path' => '/kit/foot/length_m', 'stands' => true]]);
        $plan = Planner::plan($design);
        self::assertSame([], array_values(array_filter(array_map(static fn ($stop): string => $stop->code->value, $plan->openStops()), static fn (string $code): bool => !in_array($code, ['plate_below_butt', 'cover_short'], true))));
        foreach ($plan->supports as $run) {
            foreach ($run->wholeVerdict()->attachments ?? [] as $foot) {
                foreach ($foot->links as $link) {
                    if ($link->link === Link::LagLateral) {
                        self::assertEqualsWithDelta($foot->along_N / 2, $link->demand_si, 1e-6);
                    }
                }
            }
        }
        $count = array_column($plan->materials(), 'count', 'item');
        self::assertSame([2 * $plan->attachmentCount(), 2 * $plan->attachmentCount() + count($design->surface->penetrations)], [$count['fastener'], $count['sealed_hole']]);
        [$low, $high] = array_slice($plan->holes->holes ?? [], 0, 2);
        self::assertSame([$low['id'].'b', 'two_lag_foot'], [$high['id'], $high['method']]);
        self::assertEqualsWithDelta(0.0508, $high['y_m'] - $low['y_m'], 1e-9);
        self::assertContains('seal_two_lag_foot', array_column($plan->steps->steps ?? [], 'code'));
        $code = static fn (array $edit): array => array_map(static fn ($stop): string => $stop->code->value, Planner::plan(Edits::apply($design, [$edit]))->openStops());
        // Four diameters of 5/16 in are 1¼ in.
        self::assertSame([false, true], array_map(static fn (string $apart): bool => in_array('lag_spacing', $code(['path' => '/kit/foot/between_lags_m', 'typed' => $apart]), true), ['1.25 in', '1.24 in']));
        self::assertContains('holes_off_base', $code(['path' => '/kit/foot/length_m', 'typed' => '2.9 in']));
        // One lag of the same foot bears less: never fewer feet.
        $one = Planner::plan(Edits::apply($design, [['path' => '/kit/foot/kind', 'typed' => 'flashed_foot'], ['path' => '/kit/foot/up_N', 'typed' => '950 lb'], ['path' => '/kit/foot/down_N', 'typed' => '1800 lb'], ['path' => '/kit/foot/along_N', 'typed' => '600 lb'], ['path' => '/kit/foot/base/lateral_N', 'typed' => '260 lb'], ['path' => '/kit/foot/base/lateral_document', 'typed' => 'x']]));
        self::assertGreaterThanOrEqual($plan->attachmentCount(), $one->attachmentCount());
    }
}
