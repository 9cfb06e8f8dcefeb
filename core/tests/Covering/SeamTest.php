<?php

declare(strict_types=1);

namespace Garnetine\Core\Tests\Covering;

use Garnetine\Core\Attachment\Fastening\Link;
use Garnetine\Core\Covering\SeamedMetal;
use Garnetine\Core\Crew\Tools;
use Garnetine\Core\Design\DesignFile;
use Garnetine\Core\Design\Edit\Edits;
use Garnetine\Core\Design\Examples;
use Garnetine\Core\Framing\Members;
use Garnetine\Core\Message\Texts;
use Garnetine\Core\Plan\Depth;
use Garnetine\Core\Plan\Planner;
use Garnetine\Core\Tests\Support\Enumeration;
use Garnetine\Core\Tests\Support\Scenario;
use Garnetine\Core\Tests\Support\SecondOpinion;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;

/** Clamps on standing seams: feet wherever a seam is, nothing pierced, and only what was tested on that seam counts. */
final class SeamTest extends TestCase
{
    private static function roof(): Scenario
    {
        return Scenario::of('quillwort-lane');
    }

    /** @param array<string, mixed> $changes */
    #[TestWith([[], Link::FootUp])]
    #[TestWith([['/kit/foot/up_N' => 9000.0, '/site/ground_snow_Pa' => 1500.0, '/kit/foot/along_N' => 800.0], Link::FootAlong])]
    #[TestWith([['/kit/foot/up_N' => 9000.0, '/kit/foot/along_N' => 9000.0, '/kit/bolt/along_N' => 900.0, '/site/ground_snow_Pa' => 2500.0], Link::Bolt])]
    #[TestWith([['/kit/foot/up_N' => 9000.0, '/kit/foot/along_N' => 9000.0, '/kit/foot/down_N' => 2400.0, '/site/ground_snow_Pa' => 3000.0], Link::FootDown])]
    public function test_feet_stand_on_seams_the_fewest_that_hold(array $changes, Link $weakest): void
    {
        $scenario = self::roof()->with('/block/columns', 3);
        foreach ($changes as $path => $value) {
            $scenario = $scenario->with($path, $value);
        }
        $design = $scenario->design();
        $plan = Planner::plan($design, Depth::Checks);
        $links = [];
        foreach ($plan->supports as $run) {
            $opinion = new SecondOpinion($design, $run->run);
            self::assertTrue($run->holds() && $opinion->holds($run->feet_m(), tolerance_in: 0.0));
            $verdict = $run->verdict() ?? self::fail();
            self::assertEqualsWithDelta($opinion->worst($run->feet_m()), $verdict->worst, 1e-6);
            array_push($links, ...array_map(static fn ($foot): Link => $foot->worst->link, $verdict->attachments));
            foreach ($run->feet_m() as $place => $x_m) {
                // On the mark of a tape, as near to its seam as that goes.
                self::assertEqualsWithDelta((9 + 18 * ($run->members()[$place] - 1)) * 0.0254, $x_m, 0.0254 / 32 + 1e-9);
            }
        }
        self::assertContains($weakest, $links);
        $first = $plan->supports[0]->run;
        [$fewest] = Enumeration::fewest(new SecondOpinion($design, $first), $first, count($plan->supports[0]->picks) - 1, static fn (): bool => true);
        self::assertNull($fewest);
        self::assertSame([[], 0.0], [$plan->shares?->shares, $plan->capacities?->placing->tolerance_m]);
    }

    public function test_nothing_is_pierced_sealed_or_asked_of_a_screw(): void
    {
        $plan = Planner::plan(self::roof()->design());
        $materials = array_column($plan->materials(), 'count', 'item');
        self::assertSame([$plan->attachmentCount(), false, false, 0], [$materials['foot'], isset($materials['fastener']), isset($materials['pad']), $materials['sealed_hole']]);
        self::assertSame([[], null, null], [$plan->holes?->holes, $plan->fastener, $plan->window]);
        $steps = array_column($plan->steps->steps ?? [], 'cautions', 'code');
        self::assertSame(['mark', 'find_on_seams', 'attach_on_seam', 'seal_seam_clamp'], array_slice(array_keys($steps), 2, 4));
        self::assertSame([['edges', 'slippery_metal'], ['no_hole_in_panel']], [$steps['mark'], $steps['attach_on_seam']]);
        self::assertSame([], array_filter(array_keys($steps), static fn (string $code): bool => !Texts::of($plan->design)->has("step.$code")));
        self::assertSame([], array_intersect(['pilot', 'probe', 'guide', 'socket', 'driver', 'sealant_gun'], array_column(Tools::of($plan->design, $plan->fastener), 'code')));
        self::assertStringStartsWith('Feet by their seams', Texts::of($plan->design)->say('tape.head_on_seams'));
        // The screw of a kit whose feet need none is no example to be entered, and its kind none that must suit the members.
        $begun = Edits::apply(Scenario::of('blank-survey')->design(), [['path' => '/surface/covering/kind', 'typed' => 'seamed_metal'], ['path' => '/kit/foot/kind', 'typed' => 'seam_clamp'], ['path' => '/surface/framing/kind', 'typed' => 'steel_purlin']]);
        self::assertSame([], preg_grep('~/fastener/|shingle_overhang|rake_board~', array_merge(...array_values(Examples::left($begun)))));
        self::assertNotContains('screw_not_for_member', array_map(static fn ($one): string => $one->code->value, Planner::plan($begun, Depth::Checks)->findings));
        self::assertSame(DesignFile::write(self::roof()->project()), (string) file_get_contents(dirname(__DIR__, 3).'/docs/examples/quillwort-lane.json'));
    }

    #[TestWith(['Folded Twice, 1 in high ', true])]
    #[TestWith(['folded once, 1 in high', false])]
    #[TestWith(['', false])]
    public function test_a_clamp_holds_on_the_seam_that_it_was_tested_on(string $seam, bool $holds): void
    {
        $codes = array_map(static fn ($one): string => $one->code->value, Planner::plan(self::roof()->with('/kit/foot/for_seam', $seam)->design(), Depth::Checks)->findings);
        self::assertSame($holds, !in_array('seam_unknown', $codes, true));
    }

    public function test_a_mirrored_roof_has_its_seams_mirrored(): void
    {
        $surface = self::roof()->with('/surface/width_m', 18 * 29 * 0.0254)->with('/surface/covering/first_seam_m', 5 * 0.0254)->design()->surface;
        $mirrored = $surface->mirrored();
        self::assertInstanceOf(SeamedMetal::class, $mirrored->covering);
        [$one, $other] = [Members::of($surface)->members, Members::of($mirrored)->members];
        self::assertSame([29, 29], [count($one), count($other)]);
        foreach ($one as $index => $seam) {
            self::assertEqualsWithDelta($surface->width->toMetres() - $seam->x_m, $other[28 - $index]->x_m, 1e-9);
        }
    }
}
