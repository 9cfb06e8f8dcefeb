<?php

declare(strict_types=1);

namespace Garnetine\Core\Tests\Fastener;

use Garnetine\Core\Attachment\Beam\LoadCase;
use Garnetine\Core\Attachment\Check\FootTally;
use Garnetine\Core\Attachment\Fastening\Capacities;
use Garnetine\Core\Attachment\Fastening\FastenerInMember;
use Garnetine\Core\Attachment\Fastening\Link;
use Garnetine\Core\Attachment\Fastening\LinkRatio;
use Garnetine\Core\Because\Becauses;
use Garnetine\Core\Design\Design;
use Garnetine\Core\Design\DesignFile;
use Garnetine\Core\Design\Edit\Edits;
use Garnetine\Core\Document\Json;
use Garnetine\Core\Document\Kinds;
use Garnetine\Core\Document\Writer;
use Garnetine\Core\Fastener\Fastener;
use Garnetine\Core\Finding\Finding;
use Garnetine\Core\Load\Coefficients;
use Garnetine\Core\Plan\Plan;
use Garnetine\Core\Plan\Planner;
use Garnetine\Core\Tests\Support\Scenario;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** Screws other than lags: what is computed of them, what their reports must say, and that one takes the place of another. */
final class FastenersTest extends TestCase
{
    private const IN = 0.0254;

    private static function wood(string $gauge, string $species, float $length_in, float $thread_in): Scenario
    {
        return Scenario::of()->with('/kit/fastener', ['kind' => 'wood_screw', 'name' => 'Screw', 'document' => '', 'pull_out_N' => null, 'drill_guide' => true, 'gauge' => $gauge, 'length_m' => $length_in * self::IN, 'thread_m' => $thread_in * self::IN] + Fastener::TYPICAL['wood_screw'])
            ->with('/surface/framing/species', $species)->with('/kit/foot/base/lateral_N', null)->with('/kit/foot/base/material', 'steel_a36');
    }

    /** @return iterable<string, array{string, string, int}> */
    public static function table(): iterable
    {
        // NDS 2018, Table 12.2B: lb per inch of thread at G 0.55, 0.50, 0.43, 0.42; recalled.
        $species = ['southern_pine', 'douglas_fir_larch', 'hem_fir', 'spruce_pine_fir'];
        foreach (['8' => [141, 117, 86, 82], '10' => [164, 135, 100, 96], '12' => [186, 154, 114, 109], '14' => [209, 172, 128, 122]] as $gauge => $row) {
            foreach ($row as $index => $printed) {
                yield "No. $gauge in $species[$index]" => [(string) $gauge, $species[$index], $printed];
            }
        }
    }

    #[DataProvider('table')]
    public function test_wood_screws_hold_what_the_table_prints(string $gauge, string $species, int $printed): void
    {
        $held = FastenerInMember::of(self::wood($gauge, $species, 3.0, 2.0)->design(), new Coefficients());
        self::assertEqualsWithDelta($printed, ($held->withdrawal?->toPounds() ?? 0.0) / $held->threadInMember->toInches(), 0.6);
    }

    /** @return iterable<string, array{string, string, float, float, float, float, float, string}> */
    public static function byHand(): iterable
    {
        // Layers of 0.9995 in over the member, a gap of 0.7175 in, two diameters of tip; the lateral from a balance of the bent screw, bisected, over Rd = 10D + 0.5.
        yield 'No. 14, 4 in' => ['14', 'spruce_pine_fir', 4.0, 3.0, 2.516, 306.1043, 68.7203, 'IV'];
        yield 'No. 10, 2½ in, not whole' => ['10', 'douglas_fir_larch', 2.5, 1.5, 1.12, 151.62, 31.796, 'IV'];
    }

    #[DataProvider('byHand')]
    public function test_wood_screws_are_computed_over_the_layers_of_the_roof(string $gauge, string $species, float $length_in, float $thread_in, float $in_in, float $w_lb, float $z_lb, string $mode): void
    {
        $held = FastenerInMember::of(self::wood($gauge, $species, $length_in, $thread_in)->design(), new Coefficients());
        self::assertEqualsWithDelta([$in_in, $w_lb, $z_lb], [$held->threadInMember->toInches(), $held->withdrawal?->toPounds(), $held->lateral?->toPounds()], 1e-3);
        self::assertSame($mode, $held->mode);
    }

    public function test_pull_and_push_in_a_wood_screw_add_up(): void
    {
        // NDS 2018, §12.4.2: Z′α = W′Z′/(W′ cos α + Z′ sin α), which is T/W′ + V/Z′ ≤ 1.
        $design = self::wood('14', 'southern_pine', 4.0, 3.0)->design();
        $held = FastenerInMember::of($design, new Coefficients());
        $capacities = Capacities::of($design, $held);
        foreach ([[500.0, 120.0], [50.0, 300.0], [-80.0, 200.0]] as [$up_N, $along_N]) {
            $tally = new FootTally($capacities, true);
            $tally->add(new LoadCase('wind', 0.0, 0.0, 0.0, 1.0, 1.6), $up_N, $along_N, 0.0);
            $pull_N = $capacities->lever->tension_N($up_N, $along_N, 0.0);
            $ratios = array_map(static fn (LinkRatio $link): float => $link->link === Link::LagCombined ? $link->ratio : 0.0, $tally->verdict(0.0, 1.0, 1.0)->links);
            self::assertEqualsWithDelta($pull_N / (1.6 * ($held->withdrawal?->toSi() ?? 0.0)) + $along_N / (1.6 * ($held->lateral?->toSi() ?? 0.0)), max([0.0, ...$ratios]), 1e-9);
        }
    }

    /** @return list<string> */
    private static function stops(Plan $plan): array
    {
        return array_values(array_map(static fn (Finding $one): string => $one->code->value, array_filter($plan->findings, static fn (Finding $one): bool => $one->blocks())));
    }

    private static function screwed(): Design
    {
        return Edits::apply(Scenario::of()->design(), [
            ['path' => '/kit/fastener/kind', 'typed' => 'structural_screw'], ['path' => '/kit/fastener/length_m', 'typed' => '4 in'], ['path' => '/kit/fastener/thread_m', 'typed' => '3 in'],
            ['path' => '/kit/fastener/diameter_m', 'typed' => '1/4 in'], ['path' => '/kit/fastener/tip_m', 'typed' => '1/4 in'], ['path' => '/kit/foot/base/lateral_N', 'typed' => '260 lb'], ['path' => '/kit/foot/base/lateral_document', 'typed' => 'report 5'],
        ]);
    }

    public function test_of_a_structural_screw_nothing_is_computed(): void
    {
        self::assertSame(['pull_out_missing'], self::stops(Planner::plan(self::screwed())));
        $held = Edits::apply(self::screwed(), [['path' => '/kit/fastener/pull_out_N', 'typed' => '700 lb']]);
        $plan = Planner::plan($held);
        self::assertSame(['screw_spacing_missing', 'pull_out_undocumented'], self::stops($plan));
        self::assertNull($plan->window);
        $plan = Planner::plan($whole = Edits::apply($held, [['path' => '/kit/fastener/document', 'typed' => 'report 5'], ['path' => '/kit/fastener/edge_m', 'typed' => '0.4 in']]));
        self::assertSame([], self::stops($plan));
        self::assertContains('pull_and_push_add_up', array_map(static fn (Finding $one): string => $one->code->value, $plan->findings));
        self::assertContains('attach_bare', array_column($plan->steps->steps ?? [], 'code'));
        // ¾ in less 0.4 in, 1/16 in of mark and the lean over what is past the middle of the thread: 3 in the member, tip ¼, thread 2.75.
        self::assertEqualsWithDelta(0.75 - 0.0625 - 0.4 - (3.0005 - 0.25 - 2.75 / 2) * tan(deg2rad(3)), ($plan->window->window_m ?? 0.0) / self::IN, 1e-3);
        // The window names the report, not the clause of a lag.
        self::assertStringStartsWith('edge distance: report 5,', (string) Becauses::of($plan, 'fastener/window')->source);
        // What holds it sideways is the maker's in this foot; without that nothing is assumed.
        self::assertSame(['lateral_missing'], self::stops(Planner::plan(Edits::apply($whole, [['path' => '/kit/foot/base/lateral_N', 'typed' => ''], ['path' => '/kit/foot/base/material', 'typed' => 'steel_a36']]))));
        // Two in a foot: their distance in line is the report's too.
        $two = Edits::apply($whole, [['path' => '/kit/foot/kind', 'typed' => 'two_lag_foot'], ['path' => '/kit/foot/between_lags_m', 'typed' => '1 in']]);
        self::assertContains('screw_spacing_missing', self::stops(Planner::plan($two)));
        foreach (['1 in' => false, '1.01 in' => true] as $asked => $isShort) {
            self::assertSame($isShort, in_array('lag_spacing', self::stops(Planner::plan(Edits::apply($two, [['path' => '/kit/fastener/spacing_m', 'typed' => $asked]]))), true));
        }
    }

    public function test_what_was_proven_with_one_kind_is_entered_anew_for_another(): void
    {
        $design = Scenario::of()->design();
        self::assertSame(['Lag screw 5/16 x 4 in, stainless', true, true], [$design->kit->fastener->name(), $design->kit->foot->base()->lateral !== null, ($design->kit->foot->base()->lateralDocument ?? '') !== '']);
        foreach (['structural_screw', 'lag', 'wood_screw', 'structural_screw', 'wood_screw', 'lag'] as $kind) {
            $design = Edits::apply($design, [['path' => '/kit/fastener/kind', 'typed' => $kind]]);
            $fastener = $design->kit->fastener;
            self::assertSame([$kind, 'Screw, to be named', '', null, null, null, 0.1016], [Kinds::nameOf($fastener::class), $fastener->name(), $fastener->document(), $fastener->pullOut(), $design->kit->foot->base()->lateral, $design->kit->foot->base()->lateralDocument, $fastener->length()->toMetres()]);
            $design = Edits::apply($design, [['path' => '/kit/foot/base/lateral_N', 'typed' => '260 lb'], ['path' => '/kit/foot/base/lateral_document', 'typed' => 'report'], ['path' => '/kit/fastener/pull_out_N', 'typed' => '700 lb']]);
            // The same kind again takes nothing back, and one of the same kind from a catalogue neither.
            $same = Edits::apply($design, [['path' => '/kit/fastener/kind', 'typed' => $kind], ['path' => '/kit/fastener', 'value' => Writer::toArray($fastener)]]);
            self::assertNotNull($same->kit->foot->base()->lateral);
        }
        $taken = Edits::apply(Scenario::of()->design(), [['path' => '/kit/fastener', 'value' => Writer::toArray(self::screwed()->kit->fastener)]]);
        self::assertNull($taken->kit->foot->base()->lateral);
    }

    public function test_a_kit_with_a_lag_is_the_one_that_it_was(): void
    {
        $json = (string) file_get_contents(dirname(__DIR__, 3).'/docs/examples/quince-lane.json');
        $before = Json::read($json);
        assert($before->kits instanceof \stdClass && $before->as_typed instanceof \stdClass);
        $kit = $before->kits->{'kit-1'};
        assert($kit instanceof \stdClass && $kit->fastener instanceof \stdClass);
        $kit->lag = (object) array_diff_key(get_object_vars($kit->fastener), ['kind' => 1]);
        unset($kit->fastener);
        $typed = get_object_vars($before->as_typed);
        $before->as_typed = (object) array_combine(str_replace('/kits/kit-1/fastener/', '/kits/kit-1/lag/', array_keys($typed)), $typed);
        self::assertObjectHasProperty('/kits/kit-1/lag/length_m', $before->as_typed);
        self::assertSame(DesignFile::hash(DesignFile::read($json)), DesignFile::hash(DesignFile::read(json_encode($before, JSON_THROW_ON_ERROR | JSON_PRESERVE_ZERO_FRACTION))));
    }
}
