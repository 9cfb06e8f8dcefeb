<?php

declare(strict_types=1);

namespace Garnetine\Core\Tests\Rail;

use Garnetine\Core\Attachment\Fastening\Link;
use Garnetine\Core\Attachment\RunPlan;
use Garnetine\Core\Because\Becauses;
use Garnetine\Core\Design\DesignFile;
use Garnetine\Core\Design\Edit\Edits;
use Garnetine\Core\Document\DocumentInvalid;
use Garnetine\Core\Message\Texts;
use Garnetine\Core\Plan\Depth;
use Garnetine\Core\Plan\Plan;
use Garnetine\Core\Plan\Planner;
use Garnetine\Core\Tests\Support\Scenario;
use Garnetine\Core\Tests\Support\SecondOpinion;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;

/** Pieces of rail under the clamps, screwed to the ribs of a sheet that alone holds them. */
final class ShortRailsTest extends TestCase
{
    private const IN = 0.0254;

    private static function barn(): Scenario
    {
        return Scenario::of('teasel-yard');
    }

    /** @return array{kind: string, piece_m: float, clear_m: float} */
    private static function pieces(float $long_in): array
    {
        return ['kind' => 'short_rails', 'piece_m' => $long_in * self::IN, 'clear_m' => self::IN];
    }

    /** @param array<string, mixed> $changes */
    private static function plan(array $changes = [], string $roof = 'teasel-yard'): Plan
    {
        $scenario = Scenario::of($roof)->with('/block/columns', 4);
        foreach ($changes as $path => $value) {
            $scenario = $scenario->with($path, $value);
        }

        return Planner::plan($scenario->design());
    }

    /** @param array<string, mixed> $changes */
    #[TestWith([[], Link::LagWithdrawal])]
    #[TestWith([['/surface/pitch_rad' => 0.35, '/site/ground_snow_Pa' => 1900.0, '/kit/foot/along_N' => 300.0], Link::FootAlong])]
    #[TestWith([['/site/ground_snow_Pa' => 3200.0, '/kit/foot/along_N' => 5000.0], Link::FootDown])]
    #[TestWith([['/surface/pitch_rad' => 0.45, '/kit/fastener/shear_N' => 100.0, '/site/ground_snow_Pa' => 0.0], Link::LagCombined])]
    #[TestWith([['/kit/foot/up_N' => 500.0], Link::FootUp])]
    #[TestWith([['/kit/fastener/pull_out_N' => 9000.0], Link::LagWithdrawal])]
    #[TestWith([['/block/arrangement' => ['kind' => 'short_rails', 'piece_m' => 28 * 0.0254, 'clear_m' => 0.0254], '/kit/fastener/tension_N' => 360.0], Link::LagCombined])]
    public function test_a_piece_shares_its_clamp_among_its_ribs_by_lever(array $changes, Link $weakest): void
    {
        $plan = self::plan($changes);
        $links = [];
        foreach ($plan->supports as $piece) {
            $opinion = new SecondOpinion($plan->design, $piece->run);
            $verdict = $piece->verdict() ?? self::fail($piece->run->id);
            self::assertEqualsWithDelta($opinion->worst($piece->feet_m()), $verdict->worst, 1e-6);
            self::assertSame($opinion->holds($piece->feet_m(), tolerance_in: 0.0), $piece->holds());
            [$clamp_m, $feet_m] = [$piece->run->clamps_m[0], $piece->feet_m()];
            if (count($feet_m) === 2) {
                $left = ($feet_m[1] - $clamp_m) / ($feet_m[1] - $feet_m[0]);
                self::assertEqualsWithDelta([$left * $piece->run->shares[0], (1 - $left) * $piece->run->shares[0]], $piece->reactions(), 1e-9);
            }
            foreach ($feet_m as $place => $x_m) {
                // On its rib, the clamp clear of it and the rail an inch past it.
                self::assertEqualsWithDelta((1.5 + 12 * ($piece->members()[$place] - 1)) * self::IN, $x_m, self::IN / 32 + 1e-9);
                self::assertGreaterThanOrEqual(self::IN - 1e-9, min(abs($x_m - $clamp_m), $x_m - $piece->run->x0_m, $piece->run->x1_m - $x_m));
            }
            self::assertTrue($feet_m[0] < $clamp_m && end($feet_m) > $clamp_m);
            array_push($links, ...array_map(static fn ($foot): Link => $foot->worst->link, $verdict->attachments));
        }
        self::assertContains($weakest, $links);
        self::assertNotContains(Link::Bolt, $links);
    }

    public function test_four_pieces_hold_a_module_and_are_counted_cut_and_listed(): void
    {
        $plan = self::plan();
        // A row of n has n + 1 clamps on each of two lines.
        self::assertSame(2 * 2 * 5, count($plan->supports));
        self::assertEqualsWithDelta(2 * 2 * 4, array_sum(array_map(static fn (RunPlan $piece): float => array_sum($piece->reactions()), $plan->supports)), 1e-9);
        $counts = array_column($plan->materials(), 'count', 'item');
        self::assertSame([40, 80, 8, 12, false], [$counts['foot'], $counts['fastener'], $counts['end_clamp'], $counts['mid_clamp'], isset($counts['rail_bolt'])]);
        self::assertSame([20, 3], [count($plan->cutting->pieces ?? []), $plan->cutting?->bound]);
        foreach ($plan->cutting->pieces ?? [] as $piece) {
            self::assertEqualsWithDelta(16 * self::IN, $piece['length_m'], 1e-9);
        }
        self::assertCount(80, $plan->holes->holes ?? []);
        // The worst clamp is one between two modules, and holds half of each on its rail.
        self::assertSame(1, preg_match('/^[A-D]\.[2-4]$/', $plan->clamp->run ?? ''));
        self::assertEqualsWithDelta(66 * 39 / 2 * self::IN ** 2, $plan->clamp?->area_m2, 1e-4);
        $codes = array_column($plan->steps->steps ?? [], 'code');
        self::assertSame(['mark_on_ribs', 'find_on_ribs', 'rails_in_sheet', 'attach_in_sheet', 'seal_sheet_screws', 'modules_on_pieces', 'torque_clamps'], array_slice($codes, 2, 7));
        self::assertSame([], array_filter($codes, static fn (string $code): bool => !Texts::of($plan->design)->has("step.$code")));
        self::assertSame([[], null], [$plan->shares?->shares, $plan->window]);
        self::assertSame(DesignFile::write(self::barn()->project()), (string) file_get_contents(dirname(__DIR__, 3).'/docs/examples/teasel-yard.json'));
    }

    public function test_each_piece_weighs_for_itself_however_little_its_clamp_holds(): void
    {
        $plan = self::plan();
        [$end, $middle] = [$plan->supports[0]->run, $plan->supports[1]->run];
        $piece_N = 0.68 * 0.45359237 * 9.80665 / 0.3048 * 16 * self::IN;
        $module_N = (42 + 2) * 0.45359237 * 9.80665;
        foreach ([$end, $middle] as $run) {
            self::assertEqualsWithDelta((0.5 * $module_N * $run->shares[0] + $piece_N) * cos(atan(0.25)), $run->deadNormalMost_N * $run->shares[0], 0.01);
        }
    }

    public function test_a_clamp_on_a_rib_needs_a_longer_piece_or_another_place(): void
    {
        // The first clamp an eighth of an inch from rib 12: nothing a piece of 16 in reaches on both sides.
        $at_m = (1.5 + 12 * 11 + 0.125) * self::IN;
        $plan = self::plan(['/block/x_m' => $at_m]);
        $finding = array_values(array_filter($plan->findings, static fn ($one): bool => $one->code->value === 'clamp_beyond_ribs'))[0] ?? self::fail();
        self::assertSame(['A.1', 'cure.along'], [$finding->values['run'], $finding->values['cure'] ?? null]);
        self::assertSame([], array_filter($plan->findings, static fn ($one): bool => $one->code->value === 'members_miss_run'));
        $cured = self::plan(['/block/x_m' => $finding->values['to_m'] ?? 0.0]);
        self::assertSame(40, $cured->attachmentCount());
        self::assertLessThanOrEqual(12 * self::IN, abs((float) ($finding->values['to_m'] ?? 0.0) - $at_m));
        // The nearest place is to the left; where that is kept clear, it is the next to the right.
        $barred = array_values(array_filter(self::plan(['/block/x_m' => $at_m, '/surface/setbacks/left_m' => $at_m])->findings, static fn ($one): bool => $one->code->value === 'clamp_beyond_ribs'))[0] ?? self::fail();
        self::assertLessThan($at_m, $finding->values['to_m'] ?? INF);
        self::assertGreaterThan($at_m, $barred->values['to_m'] ?? 0.0);
        // A longer one would bear on the rib under the clamp too, and on that there is no room for its screws.
        self::assertSame([], self::plan(['/block/x_m' => $at_m, '/block/arrangement' => self::pieces(26.1)])->supports[0]->members());
        // It lies on all that it reaches otherwise, and is held on each.
        $counts = static fn (Plan $plan): array => array_values(array_unique(array_map(static fn (RunPlan $piece): int => count($piece->picks), $plan->supports)));
        $three = self::plan(['/block/arrangement' => self::pieces(26)]);
        self::assertSame([[3], [2]], [$counts($three), $counts(self::plan(['/block/arrangement' => self::pieces(25.9)]))]);
        self::assertSame('count_each', Becauses::of($three, 'runs/A.1/count')->code);
    }

    /** @param array<string, mixed> $changes */
    private static function onSeams(array $changes): Plan
    {
        return self::plan($changes + ['/block/arrangement' => self::pieces(38.1)], 'quillwort-lane');
    }

    public function test_on_feet_a_piece_crosses_what_it_leaves_out(): void
    {
        // The first clamp an eighth of an inch from seam 6: its piece is held on the two beside it.
        $beside = self::onSeams(['/block/x_m' => 99.125 * self::IN]);
        self::assertSame([[5, 7], [5, 7]], [$beside->supports[0]->run->members, $beside->supports[0]->members()]);
        // Two of the three that it reaches are enough, unless one is pinned; a barred one is no place.
        $x_m = ['/block/x_m' => 103.0 * self::IN];
        self::assertSame([[5, 6, 7], 2], [self::onSeams($x_m)->supports[0]->run->members, count(self::onSeams($x_m)->supports[0]->picks)]);
        foreach ([5, 6, 7] as $seam) {
            self::assertContains($seam, self::onSeams($x_m + ['/block/pins' => [['line' => 'A', 'member' => $seam]]])->supports[0]->members());
            $barred = self::onSeams($x_m + ['/block/bars' => [['line' => 'A', 'member' => $seam]]]);
            self::assertNotContains($seam, $barred->supports[0]->members());
            self::assertSame($seam > 5 ? [[$seam]] : [[]], [array_column($barred->supports[0]->run->hand->barred, 'member')]);
        }
    }

    public function test_rails_become_short_and_long_again_by_an_edit_that_leaves_nothing_behind(): void
    {
        $design = Scenario::of('feijoa-lane')->design();
        $short = Edits::apply($design, [['path' => '/block/arrangement/kind', 'typed' => 'short_rails'], ['path' => '/block/arrangement/piece_m', 'typed' => '500 mm']]);
        self::assertSame(['/block/arrangement/clear_m'], array_values(preg_grep('~arrangement~', array_keys($short->origins)) ?: []));
        self::assertGreaterThan(Planner::plan($design, Depth::Checks)->attachmentCount(), Planner::plan($short, Depth::Checks)->attachmentCount());
        $long = Edits::apply($short, [['path' => '/block/arrangement/kind', 'typed' => 'rails_across']]);
        self::assertEquals([$design->block, $design->asTyped], [$long->block, $long->asTyped]);
        $this->expectException(DocumentInvalid::class);
        $this->expectExceptionMessage('/block/arrangement/kind: expected one of rails_across, rails_up, short_rails');
        Edits::apply($design, [['path' => '/block/arrangement/kind', 'typed' => 'sideways']]);
    }
}
