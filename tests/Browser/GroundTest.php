<?php

declare(strict_types=1);

namespace Tests\Browser;

use App\Desk\FieldView;
use App\Desk\Stages;
use App\Models\Job;
use Facebook\WebDriver\WebDriverBy;
use Facebook\WebDriver\WebDriverKeys;
use Garnetine\Core\Design\Ground\TableDesign;
use Garnetine\Core\Ground\TablePost;
use Garnetine\Core\Message\Texts;
use Garnetine\Core\Plan\TablePlanner;

/** Tables on the ground as crews meet them. */
final class GroundTest extends BrowserTestCase
{
    use Journey;

    public function test_a_pipe_table_on_falling_ground_from_a_blank_job_to_cut_lists_in_both_schools(): void
    {
        $this->logIn($this->planner('Alder Grounds'));
        $this->visit('/jobs/new');
        $this->type('main label input[maxlength]', 'Low Meadow');
        $this->act(fn () => $this->click('input[name=where]:not(:checked)'));
        $this->act(fn () => $this->press('Start the job'));
        $this->seeText('Site', 'main h2');
        $job = Job::query()->orderByDesc('id')->firstOrFail();
        $this->enter([
            '/site/risk_category' => 'I', '/site/wind_speed_m_per_s' => '105 mph', '/site/wind_speed_kind' => 'strength', '/site/exposure' => 'B', '/site/topography' => 'no_hill', '/site/ground_snow_Pa' => '20 psf',
            '/site/ground_snow_kind' => 'nominal',
        ]);
        $this->to('Field');
        $this->enter([
            '/table/bearing_rad' => '190 deg', '/table/declination_rad' => '9 deg', '/table/ground/across_rad' => '-4 deg', '/table/ground/along_rad' => '-2 deg', '/table/soil/kind' => 'clay', '/table/soil/source' => 'Auger hole',
            '/table/soil/expansive' => 'no', '/table/soil/frost_depth_m' => '24 in', '/table/soil/frost_prone' => 'no',
        ]);
        $this->act(fn () => $this->press('They were asked for and marked'));
        $this->enter(['/table/services/ticket' => 'T-88', '/table/services/expires' => '2027-03-01', '/table/services/by' => 'E. Sorrel']);
        $this->to('Table');
        $this->enter([
            '/table/rows' => '2', '/table/columns' => '3', '/table/column_gap_m' => '3/4 in', '/table/row_gap_m' => '2 in', '/table/tilt_rad' => '30 deg', '/module/length_m' => '66 in', '/module/width_m' => '39 in', '/module/mass_kg' => '42 lb',
            '/module/ratings/0/from_m' => '6 in', '/module/ratings/0/to_m' => '14 in', '/module/ratings/0/down_Pa' => '112 psf', '/module/ratings/0/up_Pa' => '112 psf',
        ]);
        // What the example says of the side is so here too.
        $this->act(fn () => $this->element("[data-path='/module/ratings/0/side']")->sendKeys(WebDriverKeys::ENTER));
        $this->act(fn () => $this->takeOut('/module/ratings/1/side'));
        $this->enter([
            '/table/racking/offset_m' => '3 in', '/table/racking/front_pipe_m' => '28 in', '/table/racking/between_m' => '80 in', '/table/racking/dead_Pa' => '1 psf', '/table/racking/beam/outside_m' => '2 3/8 in', '/table/racking/beam/wall_m' => '0.154 in',
            '/table/racking/beam/yield_Pa' => '35 ksi', '/table/racking/beam/stock_m' => "21'", '/table/racking/holds/clamp_up_N' => '900 lb', '/table/racking/holds/rail_moment_Nm' => '6000 lb in', '/table/racking/holds/rail_up_N' => '900 lb',
            '/table/racking/holds/rail_along_N' => '400 lb', '/table/racking/holds/tee_up_N' => '1500 lb', '/table/racking/holds/tee_across_N' => '1200 lb',
        ]);
        $this->to('Foundations');
        $this->enter([
            '/table/racking/posts' => '3', '/table/racking/end_overhang_m' => '14 in', '/table/racking/front_height_m' => '26 in', '/table/footing/hole_m' => '12 in', '/table/racking/post/outside_m' => '2 3/8 in', '/table/racking/post/wall_m' => '0.154 in',
            '/table/racking/post/yield_Pa' => '35 ksi', '/table/racking/post/stock_m' => "21'", '/table/racking/cross_bolt' => 'yes',
        ]);
        $this->seeText('What else would stand', '[aria-label=Posts]');
        $this->to('Setting out');
        $this->enter(['/table/racking/seat_m' => '1 1/2 in']);
        $before = TablePlanner::plan($job->current()->document()->table('table-1'));
        self::assertSame([[], 0, 6], [$before->openStops(), $before->toEnter(), count($before->posts)]);
        self::assertGreaterThanOrEqual(0.0, $before->leastReserve());
        $cut = static fn (TablePost $post): string => $before->design->printer()->tape($post->cut_m ?? 0.0);
        foreach ($before->posts as $post) {
            $this->seeText($cut($post), '[aria-label="Setting out"]');
        }
        // Cut in place a post takes three inches more of its length.
        $this->enter(['/table/racking/cut' => 'in_place']);
        self::assertSame(count($before->posts), count(TablePlanner::plan($job->current()->document()->table('table-1'))->posts));
        $this->seeText('181.0° by compass', 'svg[data-stakes]');
        $this->act(fn () => $this->press('Stakes are driven: what the tapes show'));
        $this->enter(['/table/measured/diagonal_m' => "10' 1", '/table/measured/other_diagonal_m' => "9' 11 3/4"]);
        $this->seeText('too far to the right', '[data-square]');
        $this->to('Hand-over');
        $this->seeText('recalled values to confirm', 'main');
        $this->endJourney('A pipe table on falling ground');
        $this->visit("/jobs/{$job->id}/print/crew");
        $this->seeText('Set the 6 posts long', 'main');
        $this->seeText('As built, written in the field', 'main');
    }

    public function test_a_table_is_asked_why_changed_and_signed_for(): void
    {
        $user = $this->planner('Birch Grounds '.random_int(1, 1_000_000));
        $job = $this->exampleJob($user, 'fallow-field');
        $this->logIn($user);
        $this->visit("/jobs/{$job->id}/stage/foundations");
        $this->click('[data-why="posts/B1/bend"]');
        $this->seeText('Fy · Z / 1.67', 'aside[aria-label=Because]');
        $this->seeText('wind on the low edge', 'aside[aria-label=Because]');
        $this->press('Close');
        $this->seeText('10 posts', '[aria-label="What else would stand"]');
        $this->act(fn () => $this->click("//tr[contains(., '10 posts') and contains(., 'holes of 16 in')]//button"));
        $this->seeText('design 2', 'header');
        $table = $job->current()->document()->table('table-1')->table;
        self::assertEqualsWithDelta([16.0, 5], [$table->footing->hole->toInches(), $table->racking->posts ?? 0], 1e-9);
        $this->press('undo');
        $this->seeText('8 posts', 'main');
        // Braced from near the front heads to the rear feet, the front posts are bent less.
        $bent = static fn (): float => array_values(array_filter(TablePlanner::plan($job->current()->document()->table('table-1'))->stand->checks ?? [], static fn ($one): bool => [$one->what, $one->place] === ['bend', 'B1']))[0]->ratio;
        $bare = $bent();
        $this->act(fn () => $this->press('Brace front posts to rear ones'));
        $this->seeText('Brace, pulled: its document', 'main');
        foreach (['front_at_m' => '33 in', 'pull_N' => '2000 lb', 'push_N' => '1500 lb'] as $key => $typed) {
            $this->act(fn () => $this->fill("/table/racking/brace/$key", $typed));
        }
        self::assertLessThan(0.5 * $bare, $bent());
        $this->assertAccessible('braces');
        $this->fill('/table/racking/front_height_m', '2.8 m');
        $this->seeText('times the table’s depth', 'main');
        $this->to('Hand-over');
        $this->seeText('The middle of the modules stands', '[aria-label=Signatures]');
        self::assertSame([], $this->browser->findElements(WebDriverBy::xpath("//legend[contains(., 'Roof structure')]")));
    }

    public function test_frames_on_a_hot_day_a_post_cut_at_the_tilt_and_a_pole_set_by_the_compass(): void
    {
        $user = $this->planner('Dogwood Grounds '.random_int(1, 1_000_000));
        $job = $this->exampleJob($user, 'harrow-end');
        $this->logIn($user);
        // Six modules on seven frames: a test is missing, then pulled again; a hot day leaves less time for a mix.
        $this->visit("/jobs/{$job->id}/stage/foundations?surface=spikes");
        $this->seeText('Pull tests', '#worksheet');
        $this->act(fn () => $this->takeOut('/table/racking/tests/each/2/up_N'));
        $this->seeText('Of 3 pull tests that are needed on this ground, 2 were pulled upward', 'main');
        $this->act(fn () => $this->press('One more test'));
        $this->enter(['/table/racking/tests/each/2/up_N' => '900 lb', '/table/racking/tests/each/2/sideways_N' => '500 lb']);
        $this->seeText('14 posts', '#worksheet');
        $this->to('Setting out');
        $this->fill('/table/racking/resin/day_celsius', '113 °F');
        $this->to('Field');
        $this->act(fn () => $this->press('They were asked for and marked'));
        $this->enter(['/table/services/ticket' => 'T-91', '/table/services/expires' => '2027-04-01', '/table/services/by' => 'E. Sorrel']);
        $steps = array_column(TablePlanner::plan($job->current()->document()->table('spikes'))->steps(), null, 'code');
        // At 45 °C of 45 minutes 10 are left: eight for work, two of them for mixing, three for each of two spikes.
        self::assertSame([2, 7, 10], [$steps['table_resin']['values']['each'] ?? 0, $steps['table_resin']['values']['mixes'] ?? 0, $steps['table_resin']['values']['pot'] ?? 0]);
        // One post: a steeper tilt cuts more off its top.
        $this->visit("/jobs/{$job->id}/stage/table?surface=post");
        $this->fill('/table/tilt_rad', '35 deg');
        // Beside every other kind; and a further table like it, which is taken out again.
        $this->press('The same modules on other kinds of table');
        $this->seeText('head on a pole', '[aria-label="Other kinds of table"]');
        $this->act(fn () => $this->press('Another table like this'));
        $this->seeText('Table 6', 'nav[aria-label=Surfaces] [aria-current]');
        $this->act(fn () => $this->press('Take this table out'));
        $this->seeText('design', 'header');
        self::assertSame(['piles', 'pole', 'post', 'spikes', 'timber'], $job->current()->document()->tableIds());
        $this->visit("/jobs/{$job->id}/stage/foundations?surface=post");
        $plan = TablePlanner::plan($job->current()->document()->table('post'));
        $this->seeText($plan->design->printer()->tape($plan->posts[0]->cut_m ?? 0.0), '[aria-label=Posts]');
        // The pole: the compass shows 12° more than true; its block is made smaller until it tips.
        $this->visit("/jobs/{$job->id}/stage/field?surface=pole");
        $this->fill('/table/declination_rad', '9 deg');
        $this->to('Foundations');
        $this->enter(['/table/racking/block/side_m' => '40 in', '/table/racking/block/other_side_m' => '40 in']);
        $this->seeText('fails', '[aria-label=Posts]');
        $this->click('[data-why="table/tips"]');
        $this->seeText('about its underside', 'aside[aria-label=Because]');
        $this->press('Close');
        $this->visit("/jobs/{$job->id}/print/crew");
        foreach (['Set the 14 spikes in 7 mixes of 2 each', 'Cut the top of the post at 35.00°', 'its mark towards 175.00° true'] as $step) {
            $this->seeText($step, 'main');
        }
        $this->seeText('166.0° by compass', 'main');
    }

    public function test_a_table_gets_its_place_its_north_and_its_days(): void
    {
        $user = $this->planner('Dogwood Grounds');
        $job = $this->exampleJob($user, 'fallow-field');
        $this->logIn($user);
        $this->visit("/jobs/{$job->id}/stage/field");
        $this->seeText('Field', 'main h2');
        $this->act(fn () => $this->press('Find north by the place and the day'));
        $this->enter(['/table/position/latitude_rad' => '45 deg', '/table/position/longitude_rad' => '-93.2 deg', '/table/position/on' => '2026-06-05', '/table/position/clock_ahead' => '-5']);
        // What was entered is of another place, and goes before the model until it is taken out.
        $this->seeText('of the World Magnetic Model on 2026-06-05, east counted plus: of another place', 'main');
        $this->enter(['/table/declination_rad' => '']);
        $this->seeText('at 13:11 by the clock the shadow of a plumb line lies true north and south', 'main');
        $this->act(fn () => $this->press('Give it its place'));
        $this->enter(['/table/place/east_m' => "20'", '/table/place/north_m' => "10'"]);
        $this->act(fn () => $this->press('A line was marked'));
        $this->enter(['/site/buried/0/what' => 'gas to the pump', '/site/buried/0/from_north_m' => "10'", '/site/buried/0/to_east_m' => "60'", '/site/buried/0/to_north_m' => "10'"]);
        $this->seeText('come nearer to “gas to the pump” than 24 in', 'main');
        $this->enter(['/site/buried/0/from_north_m' => "-8'", '/site/buried/0/to_north_m' => "-8'"]);
        // Roots, with a corner more than it begins with; first over the posts, then beside them.
        $this->act(fn () => $this->press('Nothing is dug somewhere'));
        $this->act(fn () => $this->press('One more corner'));
        $this->enter(['/site/no_dig/0/what' => 'roots of the oak', '/site/no_dig/0/corners/1/east_m' => "70'", '/site/no_dig/0/corners/2/east_m' => "70'", '/site/no_dig/0/corners/2/north_m' => "60'", '/site/no_dig/0/corners/3/north_m' => "60'"]);
        $this->seeText('come into “roots of the oak”', 'main');
        $this->enter(['/site/no_dig/0/corners/2/north_m' => "-30'", '/site/no_dig/0/corners/3/north_m' => "-30'", '/site/no_dig/0/corners/0/north_m' => "-12'", '/site/no_dig/0/corners/1/north_m' => "-12'"]);
        $this->seeText('roots of the oak', '[aria-label="The field from above, to scale, true north up"]');
        $this->seeText('gas to the pump', 'svg[aria-label^="The field from above"]');
        $this->assertAccessible('a field with its table');
        $this->to('Setting out');
        $this->act(fn () => $this->press('Plan the days of the crew'));
        $this->enter(['/table/crew/from' => '2026-06-08', '/table/crew/people' => '4']);
        $this->seeText('holes dug, inspected, their posts set and poured', '[aria-label="Setting out"]');
        $this->act(fn () => $this->press('The weather of a day'));
        $this->enter(['/table/crew/forecast/0/on' => '2026-06-08']);
        $this->seeText('rain: nothing is poured', '[aria-label="Setting out"]');
        $this->act(fn () => $this->press('Look the weather up'));
        $this->seeText('from a simulated weather service', '[aria-label="Weather of these days"]');
        $this->act(fn () => $this->press('Enter these 14 days'));
        $this->element("[data-path='/table/crew/forecast/13/on']");
        $this->assertAccessible('days of a crew');
        $plan = TablePlanner::plan($job->current()->document()->table('table-1'));
        // The first day is dry after all, and the pour then waits for its strength.
        self::assertSame(['2026-06-08', '2026-06-22'], array_slice($plan->days()?->days() ?? [], 0, 2));
        self::assertSame([], array_intersect(['hole_on_line', 'hole_in_no_dig', 'no_dig_unclear'], array_map(static fn ($finding): string => $finding->code->value, $plan->findings)));
        $this->visit("/jobs/{$job->id}/print/crew");
        $this->seeText('Days', 'body');
        $this->seeText('Stakes in the field, on the level from the mark', 'body');
        $this->endJourney('A place, north and days');
    }

    public function test_every_value_of_a_table_stands_on_a_worksheet(): void
    {
        $user = $this->planner('Cedar Grounds '.random_int(1, 1_000_000));
        $job = $this->exampleJob($user, 'fallow-field');
        $this->logIn($user);
        $seen = [];
        foreach (Stages::OF_TABLES as $stage) {
            $this->visit("/jobs/{$job->id}/stage/$stage");
            $this->element('#worksheet h2');
            array_push($seen, ...(array) $this->browser->executeScript("return [...document.querySelectorAll('[data-path]')].map(one => one.dataset.path)"));
        }
        $this->assertAllIsAsked($job->current()->document()->table('table-1'), $seen);
        // What a kind has of its own, at the stages that tell of it.
        $kinds = $this->exampleJob($user, 'harrow-end');
        $project = $kinds->current()->document();
        foreach ($project->tableIds() as $id) {
            $own = $seen;
            foreach (['field', 'table', 'foundations', 'setting_out'] as $stage) {
                $this->visit("/jobs/{$kinds->id}/stage/$stage?surface=$id");
                $this->element('#worksheet h2');
                array_push($own, ...(array) $this->browser->executeScript("return [...document.querySelectorAll('[data-path]')].map(one => one.dataset.path)"));
            }
            $this->assertAllIsAsked($project->table($id), $own);
        }
    }

    /** @param list<mixed> $seen Paths that stood on a worksheet */
    private function assertAllIsAsked(TableDesign $design, array $seen): void
    {
        // What only roofs are asked at the site.
        $ofRoofs = '~^/site/(combinations|mean_roof_height|building_|eave_to_ridge|roof_supports|free_slide_path|array_holds_snow|thermal|winter_wind|kzt)~';
        $missing = array_filter(array_keys(FieldView::all($design, Texts::of($design))), static fn (string $path): bool => preg_match($ofRoofs, $path) !== 1 && !in_array($path, $seen, true));
        self::assertSame([], array_values($missing));
    }
}
