<?php

declare(strict_types=1);

namespace Garnetine\Core\Tests\Foot;

use Garnetine\Core\Attachment\Fastening\FallBack;
use Garnetine\Core\Covering\Shingles;
use Garnetine\Core\Crew\Materials;
use Garnetine\Core\Crew\Tools;
use Garnetine\Core\Design\Design;
use Garnetine\Core\Design\Edit\Edits;
use Garnetine\Core\Document\CanonicalJson;
use Garnetine\Core\Foot\ButylBase;
use Garnetine\Core\Message\Texts;
use Garnetine\Core\Plan\Plan;
use Garnetine\Core\Plan\PlanDocument;
use Garnetine\Core\Plan\Planner;
use Garnetine\Core\Tests\Support\Scenario;
use PHPUnit\Framework\TestCase;

/** Bases that butyl seals: three columns of screws, of which the plan says before the job which may miss, and one course under each. */
final class ButylTest extends TestCase
{
    private const LB = 4.4482216152605;

    /** @param array<string, string> $typed By key of the foot */
    private static function roof(array $typed = []): Design
    {
        $typed += [
            'up_N' => '700 lb', 'down_N' => '1200 lb', 'along_N' => '350 lb', 'document' => 'report 50', 'rail_height_m' => '3 in', 'base/heel_m' => '1 in', 'base/lateral_N' => '240 lb', 'base/lateral_document' => 'report 50', 'between_screws_m' => '2 in', 'load_line_m' => '2 in',
            'length_m' => '4 in', 'width_m' => '5 in', 'column_m' => '1 1/4 in',
        ];

        return Edits::apply(Scenario::of()->with('/block/left_out', [])->with('/surface/no_work_circles', [])->design(), [
            ['path' => '/kit/foot/kind', 'typed' => 'butyl_base'], ...array_map(static fn (string $key, string $text): array => ['path' => "/kit/foot/$key", 'typed' => $text], array_keys($typed), $typed),
        ]);
    }

    /** @return list<FallBack> Of all feet */
    private static function fallBacks(Plan $plan): array
    {
        return array_merge(...array_values($plan->fallBacks ?? []));
    }

    /** @return list<string> */
    private static function codes(Plan $plan): array
    {
        return array_map(static fn ($one): string => $one->code->value, $plan->findings);
    }

    public function test_an_outer_column_and_the_deck_hold_as_examples_by_hand(): void
    {
        // 5 in wide, the columns 1¼ in apart: 300 lb pull 600. Tests of 900, 1010, 870, 955 and 985 lb allow 188.8; four tests, or design strengths, nothing.
        $base = self::roof(['deck_tests_N' => (900 + 1010 + 870 + 955 + 985) / 5 .' lb', 'deck_test_count' => '5'])->kit->foot;
        self::assertInstanceOf(ButylBase::class, $base);
        $missed = $base->missed(true);
        self::assertEqualsWithDelta(600.0, 300.0 * $missed->asideTimes, 1e-9);
        self::assertEqualsWithDelta(188.8, $missed->deckUp?->toPounds(), 1e-3);
        self::assertNull($base->missed(false)->deckUp);
        $few = self::roof(['deck_tests_N' => '944 lb', 'deck_test_count' => '4'])->kit->foot;
        self::assertNull($few->missed(true)?->deckUp);
    }

    public function test_the_plan_says_where_an_outer_column_still_holds(): void
    {
        $plan = Planner::plan(Edits::apply(self::roof(), [['path' => '/kit/fastener/pull_out_N', 'typed' => '330 lb'], ['path' => '/kit/fastener/document', 'typed' => 'report 51']]));
        $feet = array_merge(...array_map(static fn ($run): array => $run->wholeVerdict()->attachments ?? [], $plan->supports));
        $factor = $plan->capacities->placing->factor ?? 0.0;
        $aside = array_map(static fn (FallBack $one): bool => $one->aside, self::fallBacks($plan));
        self::assertCount($plan->attachmentCount(), $aside);
        self::assertContains(true, $aside);
        self::assertContains(false, $aside);
        foreach ($feet as $place => $foot) {
            $screw = max(0.0, ...array_map(static fn ($link): float => in_array($link->link->value, ['lag_withdrawal', 'lag_combined'], true) ? $link->ratio : 0.0, $foot->links));
            self::assertSame($screw * 2.0 * $factor <= 1.0 + 1e-9, $aside[$place]);
        }
        // An entered value stands in place of that: to the pound.
        $most_lb = max(0.0, ...array_map(static fn ($foot): float => $foot->up_N, $feet)) * $factor / self::LB;
        foreach ([[$most_lb + 0.5, true], [$most_lb - 0.5, false]] as [$entered_lb, $all]) {
            self::assertSame($all, !in_array(false, array_map(static fn (FallBack $one): bool => $one->aside, self::fallBacks(Planner::plan(self::roof(['aside_N' => sprintf('%.3F lb', $entered_lb)])))), true));
        }
    }

    public function test_the_deck_alone_holds_where_both_its_values_do_and_somebody_signs(): void
    {
        $plan = Planner::plan(self::roof());
        self::assertSame([[false], true, false], [array_values(array_unique(array_map(static fn (FallBack $one): bool => $one->deck, self::fallBacks($plan)))), in_array('deck_mount_untested', self::codes($plan), true), in_array('deck_hold_down', self::codes($plan), true)]);
        $feet = array_merge(...array_map(static fn ($run): array => $run->verdict()->attachments ?? [], $plan->supports));
        $factor = $plan->capacities->placing->factor ?? 0.0;
        [$up_lb, $along_lb] = [max(0.0, ...array_map(static fn ($foot): float => $foot->up_N, $feet)) * $factor / self::LB, max(0.0, ...array_map(static fn ($foot): float => $foot->along_N, $feet)) * $factor / self::LB];
        foreach ([[0.5, 0.5, true], [-0.5, 0.5, false], [0.5, -0.5, false]] as [$more, $further, $all]) {
            $held = Planner::plan(self::roof(['deck_up_N' => sprintf('%.3F lb', $up_lb + $more), 'deck_along_N' => sprintf('%.3F lb', $along_lb + $further)]));
            self::assertSame($all, !in_array(false, array_map(static fn (FallBack $one): bool => $one->deck, self::fallBacks($held)), true));
            self::assertContains('deck_hold_down', self::codes($held));
            self::assertStringContainsString('"deck_alone_holds":', CanonicalJson::encode(PlanDocument::surface($held)));
        }
        // Upward alone is not enough to be counted on.
        self::assertNotContains(true, array_map(static fn (FallBack $one): bool => $one->deck, self::fallBacks(Planner::plan(self::roof(['deck_up_N' => '900 lb'])))));
    }

    public function test_every_base_lies_on_one_course_or_that_is_told(): void
    {
        $seen = [];
        foreach (['4 in', '5 1/2 in', '6 in'] as $length) {
            foreach (["2' 6", "2' 7 1/2"] as $y) {
                $design = Edits::apply(self::roof(['length_m' => $length]), [['path' => '/block/y_m', 'typed' => $y]]);
                $plan = Planner::plan($design);
                self::assertSame(($length === '6 in' ? 2 : 1) * $plan->attachmentCount(), array_column($plan->materials(), 'count', 'item')['butyl_pad'], 'one more under those that hang');
                $told = array_map(static fn ($one): mixed => $one->values['line'], array_values(array_filter($plan->findings, static fn ($one): bool => $one->code->value === 'straddles_butt')));
                $courses = $design->surface->covering;
                self::assertInstanceOf(Shingles::class, $courses);
                $exposure_m = ($courses->upperButt->toMetres() - $courses->lowerButt->toMetres()) / $courses->coursesBetween;
                foreach ($plan->supports as $run) {
                    $low_m = fmod($run->run->line->holeAt_m - 0.0254 - $courses->lowerButt->toMetres(), $exposure_m);
                    $isOver = $low_m + $design->kit->foot->onOneCourse()?->toMetres() > $exposure_m + 1e-6;
                    self::assertSame($isOver, in_array($run->run->line->name(), $told, true), "$length, $y, {$run->run->id}");
                    $seen[$length][$isOver ? 'over' : 'on one'] = true;
                }
            }
        }
        // A course of 5⅝ in has room for all but the longest.
        self::assertSame(['4 in' => ['on one' => true], '5 1/2 in' => ['on one' => true], '6 in' => ['over' => true]], $seen);
    }

    public function test_crews_lift_no_shingle_and_drill_no_pilot(): void
    {
        $plan = Planner::plan(self::roof());
        $codes = array_column($plan->steps->steps ?? [], 'code');
        self::assertSame(['find', 'attach_butyl', 'seal_butyl_base'], array_slice($codes, 3, 3));
        self::assertNotContains('shank_hole', $codes);
        self::assertTrue(Texts::of($plan->design)->has('step.attach_butyl') && Texts::of($plan->design)->has('step.seal_butyl_base'));
        self::assertSame([], array_intersect(['pilot', 'shank_bit'], array_column(Tools::of($plan->design, $plan->fastener), 'code')));
        $materials = array_column($plan->materials(), 'count', 'item');
        self::assertSame([$plan->attachmentCount(), 2 * $plan->attachmentCount()], [$materials['butyl_pad'], $materials['fastener']]);
    }

    /**
     * @param array<string, string> $typed By key of the foot
     * @param list<array{path: string, typed: string}> $more
     */
    private static function onDeck(array $typed, array $more = []): Design
    {
        return Edits::apply(self::roof($typed), [['path' => '/surface/framing/kind', 'typed' => 'deck_only'], ['path' => '/surface/framing/spacing_m', 'typed' => '8 in'], ...$more]);
    }

    public function test_where_there_is_only_a_deck_its_tests_are_all_that_counts(): void
    {
        // Places every 8 in from the left, and what is known of members, screws and their own foot changes nothing.
        $deck = ['deck_up_N' => '300 lb', 'deck_along_N' => '250 lb'];
        $plan = Planner::plan(self::onDeck($deck));
        self::assertSame([1, 2, 3], array_slice(array_column($plan->members->members, 'number'), 0, 3));
        self::assertEqualsWithDelta([8 * 0.0254, 16 * 0.0254], array_slice(array_column($plan->members->members, 'x_m'), 0, 2), 1e-9);
        self::assertNull($plan->fastener);
        foreach (array_merge(...array_map(static fn ($run): array => $run->wholeVerdict()->attachments ?? [], $plan->supports)) as $foot) {
            $by = array_column(array_map(static fn ($link): array => [$link->link->value, $link->ratio], $foot->links), 1, 0);
            self::assertSame([0.0, 0.0], [$by['lag_withdrawal'] ?? 0.0, $by['lag_combined'] ?? 0.0]);
            self::assertEqualsWithDelta([max(0.0, $foot->up_N) / (300 * self::LB), $foot->along_N / (250 * self::LB)], [$by['foot_up'], $by['foot_along']], 1e-9);
        }
        $weaker = Planner::plan(self::onDeck(['deck_up_N' => '200 lb'] + $deck));
        self::assertGreaterThan($plan->attachmentCount(), $weaker->attachmentCount());
        self::assertEqualsWithDelta($plan->attachmentCount(), Planner::plan(self::onDeck(['up_N' => '9000 lb', 'base/lateral_N' => '90 lb'] + $deck, [['path' => '/kit/fastener/length_m', 'typed' => '3 in']]))->attachmentCount(), 0);
        // Six screws a foot, each a hole, three abreast 1¼ in apart; no way out but the next place.
        $counts = array_column(Materials::of($plan->design, $plan->supports, [], $plan->cutting, $plan->holes ?? self::fail(), null), 'count', 'item');
        self::assertSame(6 * $plan->attachmentCount(), $counts['fastener']);
        $holes = array_slice(array_values(array_filter($plan->holes->holes, static fn (array $hole): bool => $hole['kind'] === 'attachment')), 0, 6);
        self::assertEqualsWithDelta([-1.25, 0.0, 1.25, -1.25, 0.0, 1.25], array_map(static fn (array $hole): float => ($hole['x_m'] - $holes[1]['x_m']) / 0.0254, $holes), 1e-6);
        self::assertEqualsWithDelta(2 * 0.0254, $holes[5]['y_m'] - $holes[0]['y_m'], 1e-9);
        self::assertSame([], self::fallBacks($plan));
        self::assertSame(['find_on_deck', 'attach_on_deck'], array_values(array_intersect(array_column($plan->steps->steps ?? [], 'code'), ['find', 'find_on_deck', 'attach_butyl', 'attach_on_deck'])));
        self::assertSame([], array_intersect(self::codes($plan), ['deck_hold_down', 'aside_column', 'species_unknown', 'member_share', 'stagger_partly', 'lateral_by_gap', 'window_small']));
        self::assertContains('deck_only_hold_down', self::codes($plan));
        // Not tested in a deck, or not along the slope: refused at the value.
        foreach ([[self::onDeck(['deck_up_N' => '300 lb']), '/kit/foot/deck_along_N'], [self::onDeck(['deck_along_N' => '300 lb']), '/kit/foot/deck_up_N'], [Edits::apply(self::onDeck($deck), [['path' => '/kit/foot/kind', 'typed' => 'standoff']]), '/kit/foot/kind']] as [$design, $at]) {
            self::assertSame([$at], array_values(array_map(static fn ($one): string => $one->at, array_filter(Planner::plan($design)->findings, static fn ($one): bool => $one->code->value === 'deck_only_untested'))));
        }
    }
}
