<?php

declare(strict_types=1);

namespace Tests\Browser;

use App\Models\Job;
use App\Starting\Demo;
use Facebook\WebDriver\WebDriverBy;
use Facebook\WebDriver\WebDriverKeys;
use Garnetine\Core\Plan\Planner;
use Garnetine\Core\Plan\Status;

/** The whole job by a new user, from log in to the signed hand-over, with accessibility checks on every screen. */
final class WholeJobTest extends BrowserTestCase
{
    use Journey;

    /** A paper survey, by stage: what is written beside each place on the sheet. */
    private const SURVEY = [
        'Site' => [
            '/site/wind_speed_m_per_s' => '110 mph', '/site/wind_speed_kind' => 'strength', '/site/topography' => 'no_hill', '/site/mean_roof_height_m' => '16 ft', '/site/building_length_m' => '40 ft',
            '/site/building_width_m' => '28 ft', '/site/ground_elevation_m' => '250 ft', '/site/ground_snow_Pa' => '10 psf', '/site/roof_supports' => 'simple',
        ],
        'Surface' => [
            '/surface/dormer_or_valley' => 'no', '/surface/higher_or_lower_roof' => 'no', '/surface/width_m' => "40' 6", '/surface/slope_length_m' => "16' 2", '/surface/pitch_rad' => '5 in 12',
            '/surface/eave_overhang_m' => '12 in', '/surface/left_rake_overhang_m' => '3 in', '/surface/right_rake_overhang_m' => '3 in', '/surface/framing/kind' => 'truss', '/surface/framing/species' => 'douglas_fir_larch',
            '/surface/framing/spacing_m' => '24', '/surface/framing/layout_from' => 'left', '/surface/framing/first_member_m' => "2' 0 1/2", '/surface/deck' => 'osb', '/surface/deck_thickness_m' => '7/16',
            '/surface/covering/shingle_thickness_m' => '1/4', '/surface/covering/lower_butt_m' => '11 1/4 in', '/surface/covering/upper_butt_m' => "15' 5 1/8", '/surface/setbacks/eave_m' => '18 in', '/surface/setbacks/ridge_m' => '18 in',
            '/surface/setbacks/left_m' => '36', '/surface/setbacks/right_m' => '36',
        ],
        'Modules' => ['/module/length_m' => '66', '/module/width_m' => '39', '/module/mass_kg' => '42 lb', '/block/y_m' => '30 in'],
    ];

    private function theRestIsSo(): void
    {
        $this->act(fn () => $this->click('[data-finding=examples_left] button'));
    }

    public function test_a_new_user_plans_a_roof_from_a_paper_survey(): void
    {
        $this->logIn($this->planner());
        $this->act(fn () => $this->press('New job'));
        $this->act(fn () => $this->type('input[maxlength]', 'Fern Street 3, front'));
        $this->act(fn () => $this->press('Start the job'));
        $this->seeText('Confirm that the site is not on or near a hill', 'main');
        foreach (self::SURVEY as $stage => $entries) {
            if ($stage !== 'Site') {
                $this->to($stage);
            }
            foreach ($entries as $path => $text) {
                $this->act(fn () => $this->fill($path, $text));
            }
            if ($stage === 'Surface') {
                // A bare number that could be either is asked for its unit, and stays until it has one.
                $this->fill('/surface/width_m', '40', false);
                $this->seeText('the unit with it: 40 in, or 40 ft', 'main');
                self::assertSame('40', $this->element("[data-path='/surface/width_m']")->getAttribute('value'));
                $this->fill('/surface/width_m', "40' 6");
            }
            if ($stage === 'Modules') {
                $this->act(fn () => $this->fill('/block/columns', '9'));
                $this->act(fn () => $this->press('Take them out'));
                $this->act(fn () => $this->press('Centre it'));
            }
            $this->theRestIsSo();
        }
        $this->to('Site');
        $this->act(fn () => $this->click("//button[contains(., 'by slope and pitch')]"));
        foreach (['Attachments', 'Rails'] as $stage) {
            $this->to($stage);
            $this->theRestIsSo();
        }
        $plan = Planner::plan(Job::query()->where('name', 'Fern Street 3, front')->firstOrFail()->current()->surface());
        self::assertSame([[], 0, 18], [$plan->openStops(), $plan->toEnter(), $plan->moduleCount()]);
        $this->endJourney('From a blank job to a plan without stops');

        $this->to('Modules');
        $this->browser->executeScript('document.querySelector("[data-in-hand]").focus()');
        foreach ([...array_fill(0, 8, WebDriverKeys::ARROW_RIGHT), WebDriverKeys::ARROW_UP] as $key) {
            $this->browser->switchTo()->activeElement()->sendKeys($key);
        }
        $held = $this->browser->switchTo()->activeElement();
        self::assertStringStartsWith('Module 9 of row 2: take it out', (string) $held->getAttribute('aria-label'));
        $held->sendKeys(WebDriverKeys::ENTER);
        $this->settled();
        $this->seeText('Now 17 modules, 1 taken out', 'main');
        $this->browser->switchTo()->activeElement()->sendKeys(WebDriverKeys::ENTER);
        $this->seeText('Now 18 modules, 0 taken out', 'main');

        $this->click("//nav//a[contains(., 'Loads')]");
        $this->click('[data-why="loads/qh"]');
        $this->seeText('0.00256', 'aside');
        $this->seeText('entered as “110 mph”', 'aside');

        $this->click("//nav//a[contains(., 'Attachments')]");
        $this->click('[data-why$="/bay"]');
        $this->seeText('Spacing between these feet', 'aside');
        $this->seeText('Were the next foot on member', 'aside');

        foreach (['Rails' => 'stock lengths of', 'Holes' => 'planned'] as $stage => $says) {
            $this->click("//nav//a[contains(., '$stage')]");
            $this->seeText($says);
        }

        $this->click("//nav//a[contains(., 'Hand-over')]");
        $this->seeText('Preliminary: not for construction', 'main');
        $this->type('[aria-label=Signatures] form input:not([type=checkbox])', 'E. Sorrel');
        $this->browser->findElements(WebDriverBy::cssSelector('[aria-label=Signatures] form input.entry'))[1]->sendKeys('Our printed copy of the standards');
        foreach ($this->browser->findElements(WebDriverBy::xpath("//button[normalize-space()='pick all']")) as $button) {
            $button->click();
        }
        $this->click('fieldset input[type=checkbox]');
        $this->click("//button[starts-with(normalize-space(), 'Sign ')]");
        $this->seeText('Confirmed by the persons named', 'main');
        self::assertSame(Status::Confirmed->value, Planner::plan(Job::query()->where('name', 'Fern Street 3, front')->firstOrFail()->current()->surface())->status()->value);

        foreach (['Crew sheets' => ['Read the numbers, do not lay this down.', 'Caution:', 'Tools, to be fetched once'], 'Calculation' => ['Not covered by this plan', 'The foot that is loaded most']] as $paper => $texts) {
            $this->press($paper);
            foreach ($texts as $text) {
                $this->seeText($text);
            }
            $pages = $this->printedPages();
            self::assertGreaterThan(2, count($pages));
            foreach ($pages as $number => $page) {
                self::assertStringContainsString('Confirmed by the persons named', $page, "$paper: page ".($number + 1).' lacks the status');
            }
        }
    }

    public function test_the_desk_reads_on_a_phone(): void
    {
        $user = $this->planner('Cedar Crews');
        $job = $this->exampleJob($user);
        $this->logIn($user);
        Chrome::size(390, 844);
        $this->visit("/jobs/{$job->id}/stage/attachments");
        $this->seeText('foot 1');
        self::assertLessThanOrEqual(390, $this->browser->executeScript('return document.documentElement.scrollWidth'), 'the page scrolls sideways');
        $sheet = $this->element('svg[aria-label="Plan view of the surface"]')->getLocation()->getY();
        self::assertLessThan(200, $sheet, 'the sheet comes first');
    }

    public function test_the_demo_opens_with_one_button(): void
    {
        // The demo is loaded where there is no company yet; other journeys have made theirs.
        $user = $this->planner('Tarn Valley Solar (made up)');
        $user->update(['email' => Demo::EMAIL]);
        $this->exampleJob($user);
        $this->visit('/login');
        $this->press('Open the demo');
        $this->seeText('Quince Lane 8, back roof', 'main');
    }
}
