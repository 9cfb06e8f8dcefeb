<?php

declare(strict_types=1);

namespace Tests\Browser;

use App\Models\Job;
use Facebook\WebDriver\WebDriverBy;
use Garnetine\Core\Plan\Status;

/** The whole job by a new user, from log in to the signed hand-over, with accessibility checks on every screen. */
final class WholeJobTest extends BrowserTestCase
{
    public function test_a_new_user_plans_a_roof_from_a_paper_survey(): void
    {
        $this->logIn($this->planner());
        $this->assertAccessible('jobs');
        $this->press('New job');
        $this->type('input[maxlength]', 'Fern Street 3, front');
        $this->assertAccessible('new job');
        $this->press('Start the job');

        $this->seeText('Site', 'main h2');
        $this->seeText('Confirm that the site is not on or near a hill', 'main');
        $this->fill('/site/wind_speed_kind', 'strength');
        $this->fill('/site/wind_speed_m_per_s', '110 mph');
        $this->fill('/site/topography', 'no_hill');
        $this->fill('/site/mean_roof_height_m', '16 ft');
        $this->fill('/site/ground_snow_Pa', '10 psf');
        $this->fill('/site/roof_supports', 'simple');
        $this->assertAccessible('site');

        $this->browser->findElement(WebDriverBy::xpath("//nav//a[contains(., 'Surface')]"))->click();
        $this->seeText('Surface', 'main h2');
        $this->fill('/surface/dormer_or_valley', 'no');
        $this->fill('/surface/higher_or_lower_roof', 'no');
        $this->fill('/surface/width_m', '40', false);
        $this->seeText('the unit with it: 40 in, or 40 ft', 'main');
        self::assertSame('40', $this->element("[data-path='/surface/width_m']")->getAttribute('value'));
        $this->fill('/surface/width_m', "40' 0");
        $this->fill('/surface/framing/kind', 'truss');
        $this->fill('/surface/framing/species', 'douglas_fir_larch');
        $this->fill('/surface/framing/layout_from', 'left');
        foreach ($this->browser->findElements(WebDriverBy::xpath("//button[normalize-space()='unknown']")) as $index => $_) {
            if ($index > 1) {
                break;
            }
            $this->browser->findElement(WebDriverBy::xpath("//button[normalize-space()='unknown']"))->click();
            $this->settled();
        }
        $this->seeText('26 of 28 not yet asked');
        $this->assertAccessible('surface');

        $this->browser->findElement(WebDriverBy::xpath("//nav//a[contains(., 'Modules')]"))->click();
        $this->fill('/block/columns', '9');
        $this->press('Take them off');
        $this->settled();
        $this->press('Centre it');
        $this->settled();
        $this->element('svg [aria-label="Module 2.9: take it out"]')->click();
        $this->settled();
        $this->seeText('Now 17 modules, 1 left out', 'main');
        $this->assertAccessible('modules');

        $this->browser->findElement(WebDriverBy::xpath("//nav//a[contains(., 'Loads')]"))->click();
        $this->element('[data-why="loads/qh"]')->click();
        $this->seeText('0.00256', 'aside');
        $this->seeText('entered as “110 mph”', 'aside');
        $this->assertAccessible('loads');

        $this->browser->findElement(WebDriverBy::xpath("//nav//a[contains(., 'Attachments')]"))->click();
        $this->element('[data-why$="/bay"]')->click();
        $this->seeText('Spacing between these feet', 'aside');
        $this->seeText('Were the next foot on member', 'aside');
        $this->assertAccessible('attachments');

        foreach (['Rails' => 'stock lengths of', 'Holes' => 'planned'] as $stage => $says) {
            $this->browser->findElement(WebDriverBy::xpath("//nav//a[contains(., '$stage')]"))->click();
            $this->seeText($says);
            $this->assertAccessible($stage);
        }

        $this->browser->findElement(WebDriverBy::xpath("//nav//a[contains(., 'Hand-over')]"))->click();
        $this->seeText('Preliminary: not for construction', 'main');
        $this->type('[aria-label=Signatures] form input:not([type=checkbox])', 'E. Sorrel');
        $this->browser->findElements(WebDriverBy::cssSelector('[aria-label=Signatures] form input.entry'))[1]->sendKeys('Our printed copy of the standards');
        foreach ($this->browser->findElements(WebDriverBy::xpath("//button[normalize-space()='pick all']")) as $button) {
            $button->click();
        }
        $this->element('fieldset input[type=checkbox]')->click();
        $this->browser->findElement(WebDriverBy::xpath("//button[starts-with(normalize-space(), 'Sign ')]"))->click();
        $this->seeText('Confirmed by the persons named', 'main');
        $this->assertAccessible('hand-over');
        self::assertSame(Status::Confirmed->value, \Garnetine\Core\Plan\Planner::plan(Job::query()->where('name', 'Fern Street 3, front')->firstOrFail()->current()->document())->status()->value);

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
            $this->assertAccessible($paper);
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
        $this->assertAccessible('attachments on a phone');
    }

    public function test_the_demo_opens_with_one_button(): void
    {
        \App\Support\Demo::load(app(\App\Actions\Jobs\StartJob::class));
        $this->visit('/login');
        $this->assertAccessible('log in');
        $this->addToAssertionCount(1);
    }
}
