<?php

declare(strict_types=1);

namespace Garnetine\Core\Tests\Covering;

use Garnetine\Core\Attachment\Beam\LoadCase;
use Garnetine\Core\Attachment\Check\FootTally;
use Garnetine\Core\Attachment\Fastening\Capacities;
use Garnetine\Core\Attachment\Fastening\FastenerInMember;
use Garnetine\Core\Attachment\Fastening\Link;
use Garnetine\Core\Attachment\Fastening\LinkRatio;
use Garnetine\Core\Attachment\Fastening\ScrewInSteel;
use Garnetine\Core\Because\Becauses;
use Garnetine\Core\Design\Design;
use Garnetine\Core\Design\Edit\Edits;
use Garnetine\Core\Finding\Finding;
use Garnetine\Core\Load\Coefficients;
use Garnetine\Core\Message\Texts;
use Garnetine\Core\Plan\Plan;
use Garnetine\Core\Plan\Planner;
use Garnetine\Core\Quantity\Length;
use Garnetine\Core\Quantity\Pressure;
use Garnetine\Core\Tests\Support\Scenario;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** Screws in purlins of cold-formed steel. */
final class SteelTest extends TestCase
{
    private const PSI = 6894.757293168361;

    /** @param array<string, string> $typed By place */
    private static function entered(Design $design, array $typed): Design
    {
        return Edits::apply($design, array_map(static fn (string $path, string $text): array => ['path' => $path, 'typed' => $text], array_keys($typed), $typed));
    }

    /** @param array<string, string> $typed By place */
    private static function shed(array $typed = []): Design
    {
        return self::entered(self::entered(Scenario::of()->design(), [
            '/surface/covering/kind' => 'metal', '/surface/framing/kind' => 'steel_purlin', '/surface/deck' => 'none', '/kit/foot/kind' => 'l_foot', '/kit/fastener/kind' => 'steel_screw',
        ]), $typed + [
            '/surface/covering/rib_pitch_m' => '12 in', '/surface/covering/lower_screws_m' => '6 in', '/surface/covering/upper_screws_m' => "16' 6", '/surface/covering/spaces_between' => '8', '/surface/framing/width_m' => '2 in', '/surface/framing/depth_m' => '6 in',
            '/surface/framing/steel_thickness_m' => '0.0566 in', '/surface/framing/steel_strength_Pa' => '65 ksi', '/kit/foot/up_N' => '700 lb', '/kit/foot/down_N' => '1400 lb', '/kit/foot/along_N' => '350 lb', '/kit/foot/document' => 'report 9',
            '/kit/foot/base/heel_m' => '1 1/4 in', '/kit/foot/load_line_m' => '2 1/4 in', '/kit/foot/length_m' => '2 1/2 in', '/kit/foot/rail_height_m' => '3 in', '/kit/fastener/diameter_m' => '1/4 in', '/kit/fastener/tension_N' => '900 lb', '/kit/fastener/shear_N' => '700 lb',
            '/block/row_gap_m' => '5 1/4 in', '/block/y_m' => '21 3/4 in',
        ]);
    }

    /** @return iterable<string, array{float, float, float, int}> */
    public static function pullOut(): iterable
    {
        // AISI S100-16, §J4.4.1, Pnot/3 in lb for No. 10, No. 12 and ¼ in, recalled: t in, Fu in ksi.
        foreach ([[0.0346, 45, 84, 95, 110], [0.0451, 45, 109, 124, 144], [0.0566, 65, 198, 225, 261], [0.0713, 65, 249, 284, 328], [0.1017, 65, 356, 405, 468]] as [$t_in, $fu_ksi, $ten, $twelve, $quarter]) {
            foreach ([[0.190, $ten], [0.216, $twelve], [0.25, $quarter]] as [$d_in, $printed]) {
                yield "$d_in in in $t_in in" => [$t_in, (float) $fu_ksi, $d_in, $printed];
            }
        }
    }

    #[DataProvider('pullOut')]
    public function test_screws_in_steel_hold_what_the_table_prints(float $t_in, float $fu_ksi, float $d_in, int $printed): void
    {
        $held = ScrewInSteel::pullOut(Length::ofInches($t_in), Length::ofInches($d_in), Pressure::ofSi(1000 * $fu_ksi * self::PSI), new Coefficients());
        self::assertEqualsWithDelta($printed, $held->toPounds(), 0.6);
    }

    public function test_the_purlin_decides_unless_the_screw_is_weaker(): void
    {
        // ¼ in in 54 mil of 65 ksi: 261 and 613 lb, worked by hand; tilting governs there, bearing in thick steel.
        $held = FastenerInMember::of(self::shed(), new Coefficients());
        self::assertEqualsWithDelta([260.6, 612.7, 1.15], [$held->withdrawal?->toPounds(), $held->lateral?->toPounds(), $held->together], 0.05);
        $thick = ScrewInSteel::shear(Length::ofInches(0.1242), Length::ofInches(0.19), Pressure::ofSi(65e3 * self::PSI), new Coefficients());
        self::assertEqualsWithDelta(2.7 * 0.1242 * 0.19 * 65e3 / 3, $thick->toPounds(), 1e-6);
        $weak = FastenerInMember::of(self::shed(['/kit/fastener/tension_N' => '200 lb', '/kit/fastener/shear_N' => '300 lb']), new Coefficients());
        self::assertEqualsWithDelta([200.0, 300.0, 1.0], [$weak->withdrawal?->toPounds(), $weak->lateral?->toPounds(), $weak->together], 1e-6);
        self::assertEqualsWithDelta([1.5 * 0.25, 0.0566], [$held->edge?->toInches(), $held->threadInMember->toInches()], 1e-9);
        // A screw that does not come through the flange.
        $short = Planner::plan(self::shed(['/kit/fastener/length_m' => '1 in']));
        self::assertContains('thread_too_short', self::codes($short));
    }

    public function test_pull_and_shear_together_reach_1_15_and_no_duration_helps(): void
    {
        $design = self::shed();
        $capacities = Capacities::of($design, FastenerInMember::of($design, new Coefficients()));
        foreach ([0.9, 1.6] as $cd) {
            // A pull of 200 lb at the screw with 120 lb of shear: 0.838, worked by hand.
            $along_N = 120 * 4.4482216153;
            $up_N = (200 * 1.25 - 120 * 3.0) / 2.25 * 4.4482216153;
            $tally = new FootTally($capacities, true);
            $tally->add(new LoadCase('wind', 0.0, 0.0, 0.0, 1.0, $cd), max(1e-6, $up_N), $along_N, 0.0);
            $pull_lb = $capacities->lever->tension_N(max(1e-6, $up_N), $along_N, 0.0) / 4.4482216153;
            $ratios = array_map(static fn (LinkRatio $link): float => $link->link === Link::LagCombined ? $link->ratio : 0.0, $tally->verdict(0.0, 1.0, 1.0)->links);
            self::assertEqualsWithDelta(($pull_lb / 260.596 + 120 / 612.683) / 1.15, max([0.0, ...$ratios]), 1e-4);
        }
        self::assertEqualsWithDelta(0.838, (200 / 260.596 + 120 / 612.683) / $capacities->together, 1e-3);
    }

    /** @return list<string> */
    private static function codes(Plan $plan): array
    {
        return array_map(static fn (Finding $one): string => $one->code->value, $plan->findings);
    }

    public function test_a_shed_of_steel_is_planned_and_told(): void
    {
        $plan = Planner::plan(self::shed(['/kit/fastener/length_m' => '2 in', '/surface/framing/steel_thickness_m' => '0.1017 in']));
        self::assertSame([], array_values(array_filter($plan->openStops(), static fn (Finding $stop): bool => $stop->code->value !== 'examples_left')));
        self::assertContains('attach_in_steel', array_column($plan->steps->steps ?? [], 'code'));
        $texts = Texts::of($plan->design);
        self::assertSame('0.85 · t 0.102 in · d ¼ in · Fu 65.0 ksi / 3, at most what its maker says of the screw', $texts->formula(Becauses::of($plan, 'fastener/withdrawal')));
        self::assertStringStartsWith('edge distance 1.5D: AISI S100-16, §J4', (string) Becauses::of($plan, 'fastener/window')->source);
        // Of unknown steel the least usual; of steel that nobody measured nothing at all.
        self::assertContains('fu_45', self::codes(Planner::plan(self::shed(['/surface/framing/steel_strength_Pa' => '']))));
        self::assertTrue(Planner::plan(self::shed(['/surface/framing/steel_thickness_m' => '']))->hasRefusal());
        // Without its maker's word for the screw itself nothing is issued, and in another format nothing is computed.
        self::assertContains('allowable_missing', self::codes(Planner::plan(self::shed(['/kit/fastener/shear_N' => '']))));
        self::assertContains('pull_out_missing', self::codes(Planner::plan(self::shed(['/site/combinations' => 'lrfd', '/kit/capacities' => 'design']))));
    }
}
