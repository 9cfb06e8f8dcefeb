<?php

declare(strict_types=1);

namespace Tests\Browser;

use App\Models\Job;
use Facebook\WebDriver\WebDriverKeys;
use Garnetine\Core\Attachment\RunPlan;
use Garnetine\Core\Foot\Standoff;
use Garnetine\Core\Foot\TileHook;
use Garnetine\Core\Plan\Plan;
use Garnetine\Core\Plan\Planner;

/** Pitched roofs as crews meet them, each from a job that is there, by one who knows what is to be built. */
final class PitchedTest extends BrowserTestCase
{
    use Journey;

    private function started(string $company, string $example = 'quince-lane'): Job
    {
        $user = $this->planner($company);
        $job = $this->exampleJob($user, $example);
        $this->logIn($user);
        $this->visit("/jobs/{$job->id}/stage/surface");
        $this->element('h2');
        $this->settled();

        return $job;
    }

    private static function plan(Job $job, string $surface = 'plane-1'): Plan
    {
        return Planner::plan($job->current()->surface($surface));
    }

    public function test_three_rows_of_standoffs_are_staggered_on_lapped_trusses_round_a_vent(): void
    {
        $job = $this->started('Alder Crews');
        $this->act(fn () => $this->press('Members are lapped half-way'));
        $this->enter([
            '/surface/framing/lap/from_m' => "9' 9", '/surface/framing/lap/to_m' => "10' 10", '/surface/framing/lap/shift_m' => '1 1/2 in', '/surface/framing/known' => 'seen',
            '/surface/slope_length_m' => "21'", '/surface/covering/upper_butt_m' => "19' 8 1/4", '/surface/covering/courses_between' => '40', '/surface/no_work_circles/0/kind' => 'vent', '/surface/no_work_circles/0/diameter_m' => '6 in',
            '/surface/no_work_circles/0/x_m' => "17' 2", '/surface/no_work_circles/0/y_m' => "10' 8",
        ]);
        $this->to('Site');
        $this->act(fn () => $this->click("//button[contains(., 'by slope and pitch')]"));
        $this->to('Modules');
        $this->enter(['/block/columns' => '7', '/block/rows' => '3', '/block/x_m' => "5' 6", '/block/y_m' => "2' 1"]);
        $this->act(fn () => $this->press('Take them out'));
        // Beside the vent, which lies over its middle.
        $this->act(fn () => $this->browser->action()->moveToElement($this->element('svg [data-module="2.4"]'), 20, 38)->click()->perform());
        $this->to('Attachments');
        $this->enter([
            '/kit/foot/kind' => 'standoff', '/kit/foot/name' => 'Standoff, 4 in', '/kit/foot/up_N' => '1100 lb', '/kit/foot/down_N' => '2400 lb', '/kit/foot/along_N' => '650 lb', '/kit/foot/document' => 'report 21',
            '/kit/foot/rail_height_m' => '4 in', '/kit/foot/base/heel_m' => '2 in', '/kit/foot/base/lateral_N' => '300 lb', '/kit/foot/base/lateral_document' => 'report 21', '/kit/fastener/drill_guide' => 'yes',
        ]);
        $plan = self::plan($job);
        self::assertSame([[], 20, 'staggered'], [$plan->openStops(), $plan->moduleCount(), $plan->design->rules->pattern->value]);
        self::assertInstanceOf(Standoff::class, $plan->design->kit->foot);
        // No foot in the lap; above and below it members stand apart by the shift.
        $lap = [2.9718, 3.302];
        $holes = array_filter($plan->holes->holes ?? [], static fn (array $hole): bool => $hole['method'] === 'standoff');
        self::assertCount($plan->attachmentCount(), $holes);
        self::assertSame([], array_filter($holes, static fn (array $hole): bool => $hole['y_m'] > $lap[0] + 1e-6 && $hole['y_m'] < $lap[1] - 1e-6));
        $this->assertAccessible('standoffs on lapped trusses');
        $this->endJourney('Standoffs on lapped trusses round a vent');
    }

    public function test_two_lag_feet_stand_where_the_planner_wants_them(): void
    {
        $job = $this->started('Birch Crews');
        $this->enter(['/surface/framing/spacing_m' => '16 in']);
        $this->act(fn () => $this->takeOut('/surface/no_work_circles/0/kind'));
        $this->to('Site');
        $this->enter(['/site/ground_snow_Pa' => '0 psf']);
        $this->to('Modules');
        $this->enter(['/block/rows' => '1', '/block/columns' => '6', '/block/x_m' => "5' 7"]);
        // Rows and columns both ask.
        $this->act(fn () => $this->press('Take them out'));
        $this->act(fn () => $this->press('Take them out'));
        $this->to('Rails');
        $this->enter(['/kit/rail/stock_length_m' => "21'"]);
        $this->to('Attachments');
        $this->enter([
            '/kit/foot/kind' => 'two_lag_foot', '/kit/foot/up_N' => '950 lb', '/kit/foot/down_N' => '1800 lb', '/kit/foot/along_N' => '600 lb', '/kit/foot/document' => 'report 14', '/kit/foot/between_lags_m' => '2 in',
            '/kit/foot/load_line_m' => '2 in', '/kit/foot/length_m' => '4 in', '/kit/foot/base/heel_m' => '1 in', '/kit/foot/rail_height_m' => '3 1/4 in', '/kit/foot/base/lateral_N' => '260 lb', '/kit/foot/base/lateral_document' => 'report 14',
            '/rules/greatest_bay_m' => "7'", '/rules/pattern' => 'stacked',
        ]);
        foreach ([5, 8, 11, 14, 18] as $index => $member) {
            $this->act(fn () => $this->press('Pin a foot'));
            $this->enter(["/block/pins/$index/member" => (string) $member]);
        }
        $plan = self::plan($job);
        $run = array_values(array_filter($plan->supports, static fn (RunPlan $run): bool => $run->run->id === 'A'))[0];
        $bays_in = array_map(static fn (float $from_m, float $to_m): float => round(($to_m - $from_m) / 0.0254, 3), array_slice($run->feet_m(), 0, -1), array_slice($run->feet_m(), 1));
        self::assertSame([[48.0, 48.0, 48.0, 64.0], true], [$bays_in, $run->holds()]);
        // Two holes a foot.
        self::assertCount(2 * $plan->attachmentCount(), array_filter($plan->holes->holes ?? [], static fn (array $hole): bool => $hole['method'] === 'two_lag_foot'));
        $this->endJourney('Two-lag feet in an own bay');
    }

    public function test_a_hip_plane_is_filled_and_mirrored_to_the_other_side(): void
    {
        $job = $this->started('Cherry Crews');
        $this->enter([
            '/surface/roof_kind' => 'hip', '/surface/pitch_rad' => '6/12', '/surface/width_m' => "42'", '/surface/slope_length_m' => "16' 9 1/4", '/surface/left_hip_m' => "15'", '/surface/right_hip_m' => "12'",
            '/surface/framing/first_member_m' => '24 in', '/surface/setbacks/left_m' => '18 in', '/surface/setbacks/right_m' => '18 in',
        ]);
        $this->act(fn () => $this->takeOut('/surface/no_work_circles/0/kind'));
        $this->to('Modules');
        $this->act(fn () => $this->press('Fill the plane'));
        $modules = (int) $this->element('[data-way="portrait"] [data-count]')->getText();
        $this->act(fn () => $this->click('[data-way="portrait"] button'));
        $this->act(fn () => $this->press('Take them out'));
        $this->seeText("Now $modules modules", 'main');
        $this->browser->executeScript('document.querySelector("[data-in-hand]").focus()');
        $this->act(fn () => $this->browser->switchTo()->activeElement()->sendKeys(WebDriverKeys::ENTER));
        $this->seeText('Now '.($modules - 1).' modules', 'main');
        $this->to('Surface');
        $this->act(fn () => $this->press('Add its mirror image'));
        $this->seeText('Plane 2', 'nav[aria-label=Surfaces]');
        $here = self::plan($job);
        $there = self::plan($job, 'plane-2');
        self::assertSame([$modules - 1, $modules - 1], [$here->moduleCount(), $there->moduleCount()]);
        self::assertSame(count(array_filter($here->findings, static fn ($one): bool => $one->code->value === 'across_setback' || $one->code->value === 'outside_surface')), 0);
        $wide_m = $here->design->surface->width->toMetres();
        $lefts = static fn (Plan $plan): array => array_map(static fn ($spot): array => [$spot->row, round($spot->x_m, 6)], $plan->blocks[0]->placement->spots());
        $module_m = $here->blocks[0]->placement->width_m;
        $mirrored = array_map(static fn (array $one): array => [$one[0], round($wide_m - $one[1] - $module_m, 6)], $lefts($here));
        self::assertEqualsCanonicalizing($mirrored, $lefts($there));
        $this->endJourney('A hip plane filled and mirrored');
    }

    public function test_seven_modules_lie_on_corrugated_metal_with_a_foot_at_every_fifth_screw(): void
    {
        $job = $this->started('Damson Crews');
        $this->enter(['/surface/covering/kind' => 'metal', '/surface/framing/kind' => 'purlin', '/surface/deck' => 'none']);
        $this->enter([
            '/surface/covering/rib_pitch_m' => '76 mm', '/surface/covering/first_rib_m' => '38 mm', '/surface/covering/rib_height_m' => '17 mm', '/surface/covering/sheet_thickness_m' => '0.5 mm',
            '/surface/covering/lower_screws_m' => '100 mm', '/surface/covering/upper_screws_m' => '4600 mm', '/surface/covering/spaces_between' => '5', '/surface/covering/clear_m' => '200 mm',
            '/surface/framing/width_m' => '90 mm', '/surface/framing/depth_m' => '70 mm',
        ]);
        $this->act(fn () => $this->takeOut('/surface/no_work_circles/0/kind'));
        $this->to('Attachments');
        $this->enter([
            '/kit/foot/kind' => 'l_foot', '/kit/foot/up_N' => '700 lb', '/kit/foot/down_N' => '1200 lb', '/kit/foot/along_N' => '350 lb', '/kit/foot/document' => 'report 30', '/kit/foot/load_line_m' => '50 mm', '/kit/foot/length_m' => '65 mm', '/kit/foot/pad_m' => '3 mm',
            '/kit/foot/base/heel_m' => '40 mm', '/kit/foot/rail_height_m' => '60 mm', '/kit/foot/base/lateral_N' => '260 lb', '/kit/foot/base/lateral_document' => 'report 30', '/kit/fastener/drill_guide' => 'yes', '/rules/greatest_bay_m' => '760 mm', '/rules/last_bay_may_be_longer' => 'no',
        ]);
        // As it began, and so it is: Enter says that.
        $this->act(fn () => $this->element("[data-path='/kit/foot/stands_on']")->sendKeys(WebDriverKeys::ENTER));
        // A foot where the roof's own screw was: beside its hole, which no pad covers.
        $this->enter(['/kit/foot/roof_screw' => 'beside']);
        $this->seeText('at least', 'main');
        $this->enter(['/kit/foot/beside_by_m' => '32 mm']);
        $this->seeText('sealed by itself, with a short screw', 'main');
        $this->to('Modules');
        $this->enter([
            '/module/width_m' => '1133 mm', '/module/length_m' => '1722 mm', '/module/ratings/0/from_m' => '260 mm', '/module/ratings/0/to_m' => '430 mm',
            '/block/rows' => '1', '/block/columns' => '7', '/block/column_gap_m' => '20 mm', '/block/x_m' => '2000 mm', '/block/y_m' => '500 mm',
        ]);
        // Rows and columns both ask, and neither question takes the other's place.
        $this->act(fn () => $this->press('Take them out'));
        $this->act(fn () => $this->press('Take them out'));
        // No purlin there: the worksheet says where the rails find theirs.
        $this->seeText('No purlin lies under line A', 'main');
        $this->seeText('every line finds its place', 'main');
        $this->enter(['/block/y_m' => '590 mm']);
        $this->to('Rails');
        $this->enter(['/kit/rail/stock_length_m' => '4600 mm', '/kit/rail/end_past_module_m' => '60 mm']);
        $plan = self::plan($job);
        self::assertSame([[], [2, 3], 7], [array_map(static fn ($stop): string => $stop->code->value, $plan->openStops()), array_map(static fn (RunPlan $run): ?int => $run->run->line->purlin, $plan->supports), $plan->moduleCount()]);
        foreach ($plan->supports as $run) {
            self::assertSame([10], array_values(array_unique(array_map(static fn (int $from, int $to): int => $to - $from, array_slice($run->members(), 0, -1), array_slice($run->members(), 1)))), 'five screws on, one on every other rib');
        }
        self::assertSame([4.6, 3.57, 4.6, 3.57], array_map(static fn (array $piece): float => round($piece['length_m'], 2), $plan->cutting->pieces ?? []));
        $this->to('Holes');
        $this->seeText('in the purlin', 'main');
        $this->seeText('Pad and washer seal the hole', 'body');
        $this->assertAccessible('feet on a metal sheet');
        $this->endJourney('Seven modules on corrugated metal');
    }

    public function test_four_short_rails_hold_each_module_on_the_ribs_of_a_barn(): void
    {
        $job = $this->started('Elder Crews');
        $this->enter(['/surface/covering/kind' => 'metal', '/surface/framing/kind' => 'purlin', '/surface/deck' => 'none']);
        $this->enter([
            '/surface/covering/rib_pitch_m' => '12 in', '/surface/covering/first_rib_m' => '3 in', '/surface/covering/rib_height_m' => '1 1/4 in', '/surface/covering/sheet_thickness_m' => '0.6 mm', '/surface/covering/sheet' => 'ribbed panel R', '/surface/covering/sheet_strength_Pa' => '65 ksi',
            '/surface/covering/lower_screws_m' => '6 in', '/surface/covering/upper_screws_m' => "14' 6", '/surface/covering/spaces_between' => '4', '/surface/covering/clear_m' => '8 in',
        ]);
        $this->act(fn () => $this->takeOut('/surface/no_work_circles/0/kind'));
        $this->to('Site');
        $this->enter(['/site/wind_speed_m_per_s' => '105 mph', '/site/exposure' => 'B']);
        $this->to('Attachments');
        $this->enter([
            '/kit/foot/kind' => 'sheet_screws', '/kit/foot/up_N' => '260 lb', '/kit/foot/down_N' => '520 lb', '/kit/foot/along_N' => '190 lb', '/kit/foot/document' => 'pull test 4', '/kit/foot/rail_height_m' => '1 1/4 in', '/kit/foot/base/heel_m' => '1/2 in',
            '/kit/foot/between_screws_m' => '2 in', '/kit/foot/load_line_m' => '1 1/2 in', '/kit/foot/length_m' => '3 in', '/kit/foot/for_sheet' => 'ribbed panel R', '/kit/foot/pad_m' => '3 mm', '/kit/foot/for_thickness_m' => '0.6 mm',
            '/kit/fastener/kind' => 'steel_screw', '/kit/fastener/diameter_m' => '1/4 in', '/kit/fastener/length_m' => '1 in', '/kit/fastener/tension_N' => '900 lb', '/kit/fastener/shear_N' => '700 lb', '/kit/fastener/document' => 'report 9',
        ]);
        $this->to('Rails');
        $this->enter(['/block/arrangement/kind' => 'short_rails', '/block/arrangement/piece_m' => '16 in', '/block/arrangement/clear_m' => '1 in']);
        $this->to('Modules');
        $this->enter(['/block/rows' => '2', '/block/columns' => '5', '/block/x_m' => "5' 2 3/4"]);
        $this->act(fn () => $this->press('Take them out'));
        // A clamp over a rib: the worksheet says where the block has none.
        $this->seeText('have no ribs that a piece of 16 in reaches on both sides', 'main');
        $this->act(fn () => $this->press('Put it there'));
        $plan = self::plan($job);
        // Two lines a row, six clamps on each: four pieces hold a module, and each lies on two ribs.
        $stops = static fn (Plan $plan): array => array_values(array_unique(array_map(static fn ($stop): string => $stop->code->value, $plan->openStops())));
        self::assertSame([10, 24, 48, ['sheet_hold_down']], [$plan->moduleCount(), count($plan->supports), $plan->attachmentCount(), $stops($plan)]);
        self::assertSame([[]], array_values(array_unique(array_map(static fn (RunPlan $run): array => $run->run->splices_m, $plan->supports), SORT_REGULAR)));
        $this->to('Holes');
        $this->seeText('whose thickness alone it holds in', 'body');
        $this->to('Attachments');
        $this->act(fn () => $this->press('Other ways to lay it'));
        $this->seeText('48 feet, 96 holes', '[data-school="in pieces under the clamps"]');
        $this->seeText('bars of rail', '[data-school="across under each row"]');
        $this->assertAccessible('short rails on a sheet');
        $this->to('Rails');
        $this->assertAccessible('short rails by piece');
        $this->visit("/jobs/{$job->id}/print/crew");
        $this->seeText('a piece under each clamp', 'body');
        $this->seeText('A.1', 'body');
        $this->endJourney('Short rails on a barn');
    }

    public function test_a_base_sealed_by_butyl_says_what_holds_where_its_screws_miss(): void
    {
        $job = $this->started('Sloe Crews');
        $this->to('Attachments');
        $this->enter([
            '/kit/foot/kind' => 'butyl_base', '/kit/foot/up_N' => '700 lb', '/kit/foot/down_N' => '1200 lb', '/kit/foot/along_N' => '350 lb', '/kit/foot/document' => 'report 50', '/kit/foot/rail_height_m' => '3 in', '/kit/foot/base/heel_m' => '1 in',
            '/kit/foot/base/lateral_N' => '240 lb', '/kit/foot/base/lateral_document' => 'report 50', '/kit/foot/between_screws_m' => '2 in', '/kit/foot/load_line_m' => '2 in', '/kit/foot/length_m' => '4 in', '/kit/foot/width_m' => '5 in',
            '/kit/foot/column_m' => '1 1/4 in', '/kit/foot/butyl_m' => '1/8 in', '/kit/fastener/drill_guide' => 'yes',
        ]);
        $this->seeText('Where screws miss');
        $this->seeText('outer column');
        $this->seeText('a foot that misses the member twice');
        $this->enter(['/kit/foot/deck_up_N' => '188.8 lb', '/kit/foot/deck_along_N' => '150 lb']);
        $this->seeText('six in the deck');
        $plan = self::plan($job);
        self::assertSame(['deck_hold_down'], array_map(static fn ($stop): string => $stop->code->value, $plan->openStops()));
        self::assertContains(true, array_map(static fn ($one): bool => $one->deck, array_merge(...array_values($plan->fallBacks ?? []))));
        $this->to('Holes');
        $this->seeText('The butyl under a base seals all of its screws', 'main');
        $this->seeText('butyl ⅛ in', 'figure');
        $this->assertAccessible('bases sealed by butyl');
        $this->endJourney('A butyl base that may miss');
    }

    public function test_hooks_lie_between_battens_and_clear_the_tiles_under_snow(): void
    {
        $job = $this->started('Medlar Crews');
        $this->enter(['/surface/covering/kind' => 'tile', '/surface/deck' => 'none', '/surface/dead_load_Pa' => '60 psf', '/surface/framing/known' => 'seen']);
        $this->enter([
            '/surface/covering/batten_width_m' => '2 in', '/surface/covering/lower_batten_m' => '12 in', '/surface/covering/upper_batten_m' => '188 3/4 in', '/surface/covering/batten_spaces' => '13', '/surface/covering/overlap_m' => '3 in',
            '/surface/covering/tile_top_m' => '2 1/4 in', '/surface/covering/under_plate_m' => '1/32 in', '/surface/covering/pan_pitch_m' => '12 in', '/surface/covering/first_pan_m' => '1 1/2 in',
        ]);
        $this->act(fn () => $this->takeOut('/surface/no_work_circles/0/kind'));
        $this->to('Site');
        $this->enter(['/site/ground_snow_Pa' => '20 psf']);
        $this->to('Modules');
        $this->enter(['/block/columns' => '5', '/block/rows' => '2', '/block/x_m' => "8' 0"]);
        $this->act(fn () => $this->press('Take them out'));
        $this->to('Attachments');
        $this->enter([
            '/kit/foot/kind' => 'tile_hook', '/kit/foot/up_N' => '700 lb', '/kit/foot/down_N' => '900 lb', '/kit/foot/along_N' => '400 lb', '/kit/foot/document' => 'report 40', '/kit/foot/rail_height_m' => '5 in', '/kit/foot/base/heel_m' => '1 in',
            '/kit/foot/base/material' => 'steel_a36', '/kit/foot/base/lateral_N' => '350 lb', '/kit/foot/base/lateral_document' => 'report 40', '/kit/foot/between_screws_m' => '3 in', '/kit/foot/length_m' => '5 in',
            '/kit/foot/arm/reach_m' => '5 in', '/kit/foot/arm/width_m' => '2 in', '/kit/foot/arm/thickness_m' => '1/2 in', '/kit/foot/arm/allowable_stress_Pa' => '22000 psi', '/kit/foot/arm/aside_m' => '2 in', '/kit/foot/arm/height_m' => '2 1/2 in', '/kit/foot/arm/elastic_modulus_Pa' => '28000 ksi', '/kit/foot/arm/under_m' => '2 3/8 in',
        ]);
        // An eighth of an inch over the tile is less than an arm wants.
        $this->seeText('The arm of a hook lies ⅛ in over the tile', 'main');
        $this->enter(['/kit/foot/arm/under_m' => '2 5/8 in']);
        // No line of this height finds its course: the worksheet says which height does.
        $this->to('Modules');
        $this->seeText('the arms of the hooks end', 'main');
        $this->seeText('28 ⅛ in above the eave every line finds its place', 'main');
        $this->enter(['/block/y_m' => '28 1/8 in']);
        $plan = self::plan($job);
        self::assertSame([[], 10], [array_map(static fn ($stop): string => $stop->code->value, $plan->openStops()), $plan->moduleCount()]);
        self::assertInstanceOf(TileHook::class, $plan->design->kit->foot);
        $this->to('Holes');
        $this->seeText('batten', 'table');
        $this->seeText('Cut along the slope at a hook', 'body');
        $this->seeText('Grind the upper tile free', 'main');
        $this->assertAccessible('hooks under tiles');
        $this->endJourney('Hooks under tiles in snow');
    }

    public function test_rails_run_up_the_slope_and_in_two_layers(): void
    {
        $job = $this->started('Spindle Crews', 'feijoa-lane');
        $this->to('Modules');
        $this->enter(['/block/orientation' => 'landscape', '/block/columns' => '4', '/block/rows' => '3']);
        $this->act(fn () => $this->press('Take them out'));
        // No purlin within the clamp zone of a module that lies so.
        $this->seeText('No purlin lies under line A', 'main');
        $this->to('Rails');
        $this->enter(['/block/arrangement/kind' => 'rails_up']);
        $this->seeText('the width of its pad', 'main');
        $this->to('Attachments');
        $this->enter(['/kit/foot/pad_width_m' => '50 mm', '/rules/greatest_bay_m' => '2 m']);
        $this->seeText('purlin 1 is under the lowest', 'footer');
        $stops = static fn (Plan $plan): array => array_map(static fn ($stop): string => $stop->code->value, $plan->openStops());
        $plan = self::plan($job);
        self::assertSame([['one_share_too_much'], 8, 12], [$stops($plan), count($plan->supports), $plan->moduleCount()]);
        self::assertTrue($plan->supports[0]->run->line->isUpSlope);
        // A foot where the planner wants it, on a purlin that the rail crosses; the tape is read from the eave.
        $this->act(fn () => $this->click('[data-tape-place="4"]'));
        $this->act(fn () => $this->press('Pin a foot here'));
        $this->seeText('A foot is pinned to purlin', 'main');
        self::assertContains(4, self::plan($job)->supports[0]->members());
        $this->act(fn () => $this->press('Eave'));
        $this->seeText('Eave tape', 'footer');
        $this->assertAccessible('rails up the slope');
        $this->act(fn () => $this->press('Other ways to lay it'));
        $this->seeText('under each column', '[data-school="up the slope under each column"]');
        $this->to('Rails');
        $this->seeText('rib 15', 'table');
        $this->enter(['/block/arrangement/kind' => 'cross_rails']);
        $this->seeText('where two rails cross', 'main');
        $this->enter(['/block/arrangement/up_N' => '2500 N', '/block/arrangement/down_N' => '4000 N', '/block/arrangement/along_N' => '900 N', '/block/arrangement/document' => 'data 5', '/block/arrangement/name' => 'Crossing clamp 2']);
        $this->seeText('lower rails', 'table');
        $plan = self::plan($job);
        self::assertSame([6, true], [count($plan->uppers()), $plan->uppers()[0]->holds()]);
        $this->assertAccessible('rails in two layers');
        $this->visit("/jobs/{$job->id}/print/crew");
        $this->seeText('Heights of the rails across', 'body');
        $this->seeText('Upper layer: Run A', 'body');
        $this->seeText('“Crossing clamp 2” at every crossing', 'body');
        $this->endJourney('Rails up the slope and in two layers');
    }

    public function test_modules_stand_on_legs_under_given_pressures(): void
    {
        $job = $this->started('Quince Crews', 'quillwort-lane');
        $this->to('Holes');
        $this->seeText('how high they are is not entered', 'figure');
        $this->seeText('clamp 2 ½ in long', 'figure');
        $this->to('Rails');
        $this->enter(['/block/arrangement/kind' => 'tilt_legs']);
        $this->seeText('between 1° and 35° steeper', 'main');
        $this->enter(['/block/tilt_from_roof_rad' => '12 deg']);
        $this->to('Loads');
        $this->seeText('that an engineer or a test gives', 'main');
        $this->act(fn () => $this->press('Pressures are given by an engineer'));
        $this->enter([
            '/given/by' => 'R. Ashlar', '/given/document' => 'letter 3', '/given/on' => '2026-11-02', '/given/level' => 'strength', '/given/edge_m' => '4 ft', '/given/field_up_Pa' => '24 psf', '/given/eave_up_Pa' => '28 psf',
            '/given/rake_up_Pa' => '28 psf', '/given/ridge_up_Pa' => '30 psf', '/given/eave_corner_up_Pa' => '33 psf', '/given/ridge_corner_up_Pa' => '33 psf', '/given/down_Pa' => '20 psf', '/given/roof_snow_Pa' => '12 psf',
        ]);
        $this->to('Rails');
        $this->seeText('What “Tilt leg” bears', 'main');
        $this->enter(['/block/arrangement/up_N' => '900 lb', '/block/arrangement/down_N' => '1100 lb', '/block/arrangement/along_N' => '500 lb', '/block/arrangement/document' => 'data 15', '/block/arrangement/front_m' => '6 in', '/block/arrangement/name' => 'Tilt leg 2']);
        $this->seeText('have to be braced along the row', 'main');
        $this->enter(['/block/arrangement/bracing' => 'data 15, section 4']);
        $plan = self::plan($job);
        self::assertSame(['sheet_hold_down'], array_map(static fn ($stop): string => $stop->code->value, $plan->openStops()));
        self::assertSame($plan->supports[0]->members(), $plan->supports[1]->members());
        // Another foot by hand on the upper rail stands on the lower one too.
        $this->to('Attachments');
        $this->act(fn () => $this->press('B'));
        $this->act(fn () => $this->click('[data-tape-place="9"]'));
        $this->act(fn () => $this->press('Pin a foot here'));
        $this->seeText('A foot is pinned to seam', 'main');
        self::assertContains(9, self::plan($job)->supports[0]->members());
        $this->to('Rails');
        $this->assertAccessible('modules on legs');
        $this->visit("/jobs/{$job->id}/print/crew");
        $this->seeText('12.00° within 1°', 'body');
        $this->seeText('Legs of row 1, row 2', 'body');
        $this->visit("/jobs/{$job->id}/print/calculation");
        $this->seeText('Its leg makes of that', 'body');
        $this->endJourney('Modules on legs');
    }

    public function test_two_rows_share_a_rail(): void
    {
        $job = $this->started('Sorb Crews', 'quince-lane');
        $this->to('Modules');
        $this->enter(['/module/ratings/0/side' => 'short', '/module/ratings/0/relation' => 'along', '/module/ratings/0/from_m' => '2 in', '/module/ratings/0/to_m' => '10 in']);
        $this->seeText('No clamp zone on the long side', 'main');
        $this->to('Rails');
        $this->enter(['/block/arrangement/kind' => 'shared_rails', '/kit/clamp/grips_both_rails' => 'no']);
        $this->seeText('the lower edge alone would hold all of it', 'main');
        $this->enter(['/kit/clamp/grips_both_rails' => 'yes']);
        $this->to('Attachments');
        $this->act(fn () => $this->press('Other ways to lay it'));
        $this->seeText('in the gaps', '[data-school="across in the gaps, one for two rows, feet staggered"]');
        $plan = self::plan($job);
        // One row has a hole for its vent, so that its own rail is in two parts; the shared one goes through.
        self::assertSame(['A1', 'A2', 'B', 'C'], array_map(static fn ($one): string => $one->run->id, $plan->supports));
        self::assertSame([true, false], [$plan->supports[2]->holds(), $plan->hasRefusal()]);
        $this->assertAccessible('a rail that two rows share');
        $this->visit("/jobs/{$job->id}/print/crew");
        $this->seeText('Run B', 'body');
        $this->endJourney('Two rows share a rail');
    }

    public function test_modules_lie_on_feet_that_a_deck_alone_holds(): void
    {
        $job = $this->started('Curlew Crews', 'sorrel-row');
        $this->enter(['/surface/framing/kind' => 'deck_only', '/surface/framing/spacing_m' => '8 in', '/surface/framing/first_member_m' => '8 in']);
        $this->to('Attachments');
        $this->seeText('they are planned by what was tested in such a deck', 'main');
        $this->enter(['/kit/foot/kind' => 'butyl_base', '/kit/foot/document' => 'report 7', '/kit/foot/up_N' => '900 lb', '/kit/foot/down_N' => '1800 lb', '/kit/foot/along_N' => '500 lb', '/kit/foot/deck_up_N' => '420 lb', '/kit/foot/deck_along_N' => '300 lb']);
        $this->seeText('Every foot is held by its screws in the deck alone, up to 420 lb', 'main');
        $this->to('Modules');
        $this->enter(['/block/orientation' => 'landscape', '/block/columns' => '5']);
        $this->act(fn () => $this->press('Take them out'));
        $this->enter(['/block/rows' => '3', '/module/ratings/1/side' => 'long', '/module/ratings/1/relation' => 'at_feet', '/module/ratings/1/from_m' => '8 in', '/module/ratings/1/to_m' => '20 in']);
        $this->to('Rails');
        $this->enter(['/block/arrangement/kind' => 'on_feet']);
        $this->seeText('its frame is the beam between them', '#worksheet');
        self::assertStringNotContainsString('Section moduli', $this->element('#worksheet')->getText());
        $plan = self::plan($job);
        self::assertSame([15, 40, []], [$plan->moduleCount(), $plan->attachmentCount(), array_map(static fn ($pair): string => $pair->run->id, array_values(array_filter($plan->supports, static fn ($pair): bool => !$pair->holds())))]);
        $this->to('Attachments');
        $this->seeText('2 feet, one in the clamp zone of either end');
        // Another place of the zone by hand: this one is taken out.
        $first = $plan->supports[0]->members()[0];
        $this->act(fn () => $this->click("[data-tape-place=\"$first\"]"));
        $this->act(fn () => $this->press('No foot here'));
        $this->seeText('No foot on place', 'main');
        self::assertNotContains($first, self::plan($job)->supports[0]->members());
        // A stronger foot in edge zones, with the block brought into one.
        $this->act(fn () => $this->press('A stronger foot in edge zones'));
        $this->seeText('counts for nothing before', 'main');
        $this->enter(['/kit/edge_foot/up_N' => '1400 lb', '/kit/edge_foot/down_N' => '2000 lb', '/kit/edge_foot/along_N' => '900 lb', '/kit/edge_foot/document' => 'report 12']);
        $this->seeText('No foot of this plan is', 'main');
        $this->to('Modules');
        $this->enter(['/block/x_m' => '1 ft']);
        self::assertSame([true, true], self::plan($job)->supports[0]->atEdge());
        $this->to('Attachments');
        $this->seeText('1 stronger');
        $this->assertAccessible('modules on feet alone');
        $this->visit("/jobs/{$job->id}/print/crew");
        $this->seeText('no rail, two feet for each module above and below', 'body');
        $this->seeText('drive all 6 screws', 'body');
        $this->seeText('(stronger)', 'body');
        $this->endJourney('Modules on feet, in a deck alone');
    }

    public function test_boxes_hang_under_the_modules_and_rails_are_joined_to_earth(): void
    {
        $job = $this->started('Fieldmouse Crews', 'quince-lane');
        $this->to('Rails');
        // A maker whose rail has no stress but a table of spans.
        $this->enter(['/kit/rail/allowable_stress_Pa' => '']);
        $this->act(fn () => $this->press('Its maker has a table of spans'));
        $this->seeText('it has no rows yet', 'main');
        $this->act(fn () => $this->press('A row'));
        $this->enter(['/kit/rail/spans/document' => 'Table 4', '/kit/rail/spans/direction' => 'both', '/kit/rail/spans/rows/0/load_Pa' => '60 psf', '/kit/rail/spans/rows/0/span_m' => '90 in']);
        $this->seeText('the rail spans up to 7\' 6"', 'main');
        $this->act(fn () => $this->press('Something hangs under the modules'));
        $this->enter(['/kit/under/name' => 'Converter', '/kit/under/document' => 'sheet 7', '/kit/under/length_m' => '38 in']);
        $this->seeText('No rail has room for “Converter”', 'main');
        $this->enter(['/kit/under/length_m' => '9 in', '/kit/under/mass_kg' => '3 lb', '/kit/under/string_most' => '7', '/kit/under/string_least' => '5']);
        $this->seeText('row 1 1–5, row 1 6–10', '#worksheet');
        $this->act(fn () => $this->press('Rails and frames are joined to earth'));
        $this->enter(['/kit/bonding/name' => 'Lug 9', '/kit/bonding/document' => 'list 5', '/kit/bonding/metal' => 'copper']);
        $this->seeText('bare copper onto aluminium', 'main');
        $this->enter(['/kit/bonding/metal' => 'stainless', '/kit/bonding/clamps_bond' => 'yes', '/kit/bonding/jumper' => '']);
        $this->seeText('no jumper is entered', 'main');
        $this->enter(['/kit/bonding/splices_bond' => 'yes']);
        $plan = self::plan($job);
        self::assertSame(['bonding_to_sign'], array_map(static fn ($stop): string => $stop->code->value, $plan->openStops()));
        self::assertSame([19, count($plan->supports)], [count($plan->beneath->boxes ?? []), count($plan->beneath->earth->lugs ?? [])]);
        $this->assertAccessible('what is under the modules');
        // Rails that are too long are parted by one click, with their boxes.
        $this->enter(['/kit/rail/longest_run_m' => '20 ft']);
        $this->seeText('Part the block so that it becomes 2 rails', 'main');
        $this->act(fn () => $this->press('Part it'));
        $this->element('[data-block="2"]');
        $parted = self::plan($job);
        self::assertSame([2, 19, []], [count($parted->blocks), count($parted->beneath->boxes ?? []), array_intersect(array_map(static fn ($stop): string => $stop->code->value, $parted->openStops()), ['run_too_long', 'rails_meet'])]);
        $this->visit("/jobs/{$job->id}/print/crew");
        $this->seeText('19 × “Converter” on the rails', 'body');
        $this->seeText('; boxes at ', 'body');
        $this->endJourney('Boxes and lugs under the modules');
    }
}
