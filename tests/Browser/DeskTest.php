<?php

declare(strict_types=1);

namespace Tests\Browser;

use App\Actions\Jobs\StartJob;
use App\Models\Job;
use App\Models\User;
use Facebook\WebDriver\Interactions\WebDriverActions;
use Facebook\WebDriver\WebDriverBy;
use Facebook\WebDriver\WebDriverKeys;
use Garnetine\Core\Design\Edit\Edits;
use Garnetine\Core\Design\Edit\JobEdits;
use Garnetine\Core\Plan\Planner;

/** Work directly on the sheet, with history and live re-plan. */
final class DeskTest extends BrowserTestCase
{
    private User $user;
    private Job $job;

    protected function setUp(): void
    {
        parent::setUp();
        $this->user = $this->planner('Larch Roofs '.random_int(1, 1_000_000));
        $this->job = $this->exampleJob($this->user);
        $this->logIn($this->user);
    }

    private function stage(string $stage): void
    {
        $this->visit("/jobs/{$this->job->id}/stage/$stage");
        $this->element('svg[data-drawn]');
    }

    private function hand(): WebDriverActions
    {
        return new WebDriverActions($this->browser);
    }

    private function inches(string $property): float
    {
        return $this->job->current()->surface()->block->{$property}->toInches();
    }

    public function test_the_block_is_dragged_with_its_margins_following_and_undone(): void
    {
        $this->stage('modules');
        $this->hand()->moveToElement($this->still('[data-module="1.2"]'))->clickAndHold()->moveByOffset(-30, 0)->moveByOffset(-10, 0)->perform();
        $this->seeText('Not saved: 19 modules', '[data-live]');
        self::assertSame(1, $this->job->designs()->count(), 'nothing is saved while the hand holds it');
        $this->hand()->release()->perform();
        $this->settled();
        $this->seeText('design 2', 'header');
        self::assertLessThan(60.0, $this->inches('x'));
        self::assertEqualsWithDelta(0.0, fmod($this->inches('x') * 8 + 1e-6, 1.0), 1e-4, 'on an eighth of an inch');
        self::assertEqualsWithDelta(30.0, $this->inches('y'), 0.13);
        self::assertSame([], $this->browser->findElements(WebDriverBy::cssSelector('[data-live]')));

        $this->press('undo');
        $this->seeText('design 3', 'header');
        self::assertEqualsWithDelta(67.0, $this->inches('x'), 1e-9);
        $this->press('redo');
        $this->seeText('design 4', 'header');
        self::assertLessThan(60.0, $this->inches('x'));
        $this->press('design 4');
        $this->seeText('newest', 'aside');
        foreach ($this->browser->findElements(WebDriverBy::cssSelector('aside input[type=checkbox]')) as $index => $box) {
            if ($index === 0 || $index === 3) {
                $box->click();
            }
        }
        $this->press('Compare the two marked');
        $this->seeText('What came of it', 'aside');
        $this->seeText('67 in', 'aside');
    }

    public function test_the_same_by_keys_and_escape_gives_up(): void
    {
        $this->stage('modules');
        $handle = $this->element('[data-handle="block"]');
        $this->browser->executeScript('arguments[0].focus()', [$handle]);
        $this->hand()->sendKeys(null, WebDriverKeys::ARROW_RIGHT)->sendKeys(null, WebDriverKeys::ARROW_RIGHT)->perform();
        $this->seeText('Not saved', '[data-live]');
        $this->hand()->sendKeys(null, WebDriverKeys::ENTER)->perform();
        $this->seeText('design 2', 'header');
        self::assertEqualsWithDelta(67.25, $this->inches('x'), 1e-6);
        $this->browser->executeScript('arguments[0].focus()', [$this->element('[data-handle="block"]')]);
        $this->hand()->sendKeys(null, WebDriverKeys::ARROW_UP)->perform();
        $this->seeText('Not saved', '[data-live]');
        $this->hand()->sendKeys(null, WebDriverKeys::ESCAPE)->perform();
        $this->browser->wait(self::PATIENCE_S, 50)->until(fn (): bool => $this->browser->findElements(WebDriverBy::cssSelector('[data-live]')) === []);
        self::assertSame(2, $this->job->designs()->count());
    }

    public function test_a_no_work_area_is_drawn_moved_and_given_its_clearance_on_the_sheet(): void
    {
        $this->stage('surface');
        $this->press('Draw a rectangle');
        $this->hand()->moveToElement($this->still('svg[data-drawn]'))->moveByOffset(-250, 60)->clickAndHold()->moveByOffset(25, -20)->moveByOffset(5, -5)->release()->perform();
        $this->settled();
        $this->seeText('area-1', 'main');
        $this->seeText('inside the clearance of the skylight “area-1”', '[data-finding]');
        $area = $this->job->current()->surface()->surface->noWorkRectangles[0];
        $this->browser->executeScript('arguments[0].focus()', [$this->element('[data-handle="area-1"]')]);
        $this->seeText('keep', 'p.flex-none.bg-panel');
        $this->hand()->keyDown(null, WebDriverKeys::ALT)->sendKeys(null, WebDriverKeys::ARROW_RIGHT)->keyUp(null, WebDriverKeys::ALT)->sendKeys(null, WebDriverKeys::ENTER)->perform();
        $this->settled();
        $this->seeText('design 3', 'header');
        self::assertEqualsWithDelta($area->width->toInches() + 0.125, $this->job->current()->surface()->surface->noWorkRectangles[0]->width->toInches(), 1e-6);
        $this->assertAccessible('surface with an area in hand');
        $this->press('Take out');
        $this->settled();
        self::assertSame([], $this->job->current()->surface()->surface->noWorkRectangles);
    }

    public function test_a_value_is_looked_at_while_it_is_typed_and_what_leaves_the_roof_is_named(): void
    {
        $this->stage('modules');
        $slot = $this->typing('/block/columns', '8');
        $this->seeText('Not saved: 16 modules', '[data-live]');
        $slot->sendKeys(WebDriverKeys::ENTER);
        $this->seeText('3 modules would be taken out.', '[role=alert]');
        self::assertSame(1, $this->job->designs()->count());
        $this->press('Take them out');
        $this->seeText('design 2', 'header');
        $x = $this->typing('/block/x_m', '7');
        $this->seeText('Not possible yet', '[data-live]');
        $x->sendKeys(WebDriverKeys::ESCAPE);
        self::assertSame(2, $this->job->designs()->count());
    }

    public function test_a_foot_is_pinned_on_the_sheet_and_a_member_barred_by_keys(): void
    {
        $this->stage('attachments');
        $this->browser->executeScript('document.querySelector(`[data-place="5"]`).dispatchEvent(new MouseEvent("click", {bubbles: true}))');
        $this->press('Pin a foot here');
        $this->seeText('member 5: a pinned foot', 'section[aria-label=Feet]');
        self::assertContains(5, Planner::plan($this->job->current()->surface())->supports[0]->members());
        $tape = $this->element('section[aria-label^="Measures"]');
        $tape->sendKeys(WebDriverKeys::ARROW_RIGHT.'x');
        $this->seeText('No foot on member', 'main');
        $this->browser->wait(self::PATIENCE_S, 50)->until(fn (): bool => $this->job->designs()->count() === 3);
        $run = Planner::plan($this->job->current()->surface())->supports[0];
        self::assertSame([6], array_column($run->run->hand->barred, 'member'));
        self::assertContains(5, $run->members());
        // What cannot be followed says so at its place.
        $bay = $this->typing('/rules/greatest_bay_m', '12 in');
        $bay->sendKeys(WebDriverKeys::ENTER);
        $this->seeText('is less than the members’ spacing', 'main');
        $this->assertAccessible('own hand');
    }

    public function test_another_run_is_chosen_while_a_value_is_typed_and_tells_of_the_change_too(): void
    {
        $this->stage('attachments');
        $after = Planner::plan(Edits::apply($this->job->current()->surface(), [['path' => '/kit/foot/up_N', 'typed' => '300 lb']]));
        $feet = count($after->supports[5]->picks);
        $before = count(Planner::plan($this->job->current()->surface())->supports[5]->picks);
        self::assertNotSame($feet, $before);
        $slot = $this->typing('/kit/foot/up_N', '300 lb');
        $this->seeText("Not saved: 19 modules, {$after->attachmentCount()} feet", '[data-live]');
        // As a touch does it: the value that is typed keeps the focus.
        $this->browser->executeScript('document.querySelector(`[data-run="D"]`).dispatchEvent(new MouseEvent("click", {bubbles: true}))');
        $rows = fn (): int => count($this->browser->findElements(WebDriverBy::cssSelector('section table tbody tr')));
        $this->browser->wait(self::PATIENCE_S, 50)->until(static fn (): bool => $rows() === $feet);
        $this->seeText("$feet feet", 'body');
        self::assertStringContainsString('run D', (string) $this->element('section[aria-label^="Measures"]')->getAttribute('aria-label'));
        $tape = $this->element('section[aria-label^="Measures"]')->getDomProperty('textContent');
        self::assertSame($feet, preg_match_all('/foot \d/', is_string($tape) ? $tape : ''));
        self::assertDoesNotMatchRegularExpression('/null|undefined|NaN/', $this->element('body')->getText());
        $slot->sendKeys(WebDriverKeys::ESCAPE);
        $this->browser->wait(self::PATIENCE_S, 50)->until(static fn (): bool => $rows() === $before);
        self::assertSame(1, $this->job->designs()->count());
    }

    public function test_loads_are_tried_by_hand_and_laid_beside_another_exposure(): void
    {
        $this->stage('loads');
        $speed = $this->element('[data-try="/site/wind_speed_m_per_s"]');
        $speed->sendKeys(str_repeat(WebDriverKeys::ARROW_RIGHT, 5));
        $this->seeText('Not saved', '[data-live]');
        $this->seeText('26.3 psf', 'main');
        self::assertSame(1, $this->job->designs()->count());
        $this->press('Forget them');
        $this->seeText('24.2 psf', 'main');
        $this->element('[data-try="/site/exposure"]')->sendKeys(WebDriverKeys::ARROW_LEFT);
        $this->seeText('19.9 psf', 'main');
        $this->press('Forget them');
        $this->seeText('24.2 psf', 'main');
        $this->click('section[aria-label="Beside itself"] option[value="/site/exposure=B"]');
        $this->seeText('Suction in a corner at the ridge', 'section[aria-label="Beside itself"]');
        $beside = 'section[aria-label="Beside itself"]';
        $this->click("$beside option[value=\"/site/standard=en-1991\"]");
        $this->seeText('The fundamental basic wind velocity of the place is missing', $beside);
        $this->element("$beside input[aria-label=\"Basic wind velocity\"]")->sendKeys('25 m/s'.WebDriverKeys::ENTER);
        $this->click("$beside option[value=\"design\"]");
        $this->click("$beside option[value=\"characteristic\"]");
        $this->element("$beside input[aria-label=\"Screw, pull-out\"]")->sendKeys('4500 N'.WebDriverKeys::ENTER);
        $this->seeText('(zone G)', $beside);
        $this->assertAccessible('loads tried and compared');
        self::assertSame(1, $this->job->designs()->count());
        $this->press('Keep what was entered; the job’s standard stays');
        $this->settled();
        $document = $this->job->current()->surface();
        self::assertSame(['asce7-16', 25.0, 'allowable'], [$document->site->standard->value, $document->site->en?->basicVelocity?->toSi(), $document->kit->capacities->value]);
    }

    public function test_a_job_goes_to_another_standard_and_takes_given_pressures(): void
    {
        $this->stage('site');
        $this->fill('/site/standard', 'en-1991');
        $this->seeText('the site lacks its own entries', 'main');
        $this->press('Say what EN 1991 needs');
        $this->seeText('a ten-minute mean', 'main');
        $this->fill('/site/en/basic_velocity_m_per_s', '26 m/s');
        $this->fill('/site/en/timber', 'C24');
        $this->fill('/site/en/snow_set', 'de_2');
        $this->stage('attachments');
        $this->seeText('The kit’s capacities are entered as allowable values', 'main');
        $this->fill('/kit/capacities', 'design');
        $this->seeText('feet', 'main');
        $this->stage('loads');
        $this->seeText('Peak velocity pressure qp', 'main');
        $this->seeText('0.9G+1.5W');
        $this->assertAccessible('loads to EN 1991');
        $this->press('Pressures are given by an engineer');
        $this->seeText('Of the given pressures these are missing', 'main');
        foreach (['by' => 'E. Sorrel', 'document' => 'Letter 12', 'on' => '2026-06-01', 'field_up_Pa' => '1.2 kPa', 'eave_up_Pa' => '1.4 kPa', 'rake_up_Pa' => '1.6 kPa', 'ridge_up_Pa' => '1.6 kPa', 'eave_corner_up_Pa' => '1.8 kPa', 'ridge_corner_up_Pa' => '2 kPa', 'down_Pa' => '600 Pa'] as $key => $text) {
            $this->fill("/given/$key", $text);
        }
        $this->seeText('Wind pressures are given by E. Sorrel (Letter 12, 2026-06-01)', 'main');
        $this->assertAccessible('given pressures');
        self::assertSame('E. Sorrel', $this->job->current()->surface()->given?->by);
    }

    public function test_leaving_with_a_value_half_typed_is_asked_about(): void
    {
        $this->stage('site');
        $ask = "const leaving = new Event('beforeunload', { cancelable: true }); window.dispatchEvent(leaving); return leaving.defaultPrevented;";
        self::assertFalse($this->browser->executeScript($ask));
        $name = $this->element("[data-path='/name']");
        $name->click();
        $name->sendKeys('X');
        self::assertTrue($this->browser->executeScript($ask));
        $name->sendKeys(WebDriverKeys::ESCAPE);
        self::assertFalse($this->browser->executeScript($ask));
    }

    public function test_a_value_of_an_own_copy_is_entered_and_taken_out_again(): void
    {
        $this->stage('handover');
        foreach (['Document' => 'Wind standard', 'Clause' => 'Table 1', 'Read by' => 'E. Sorrel', 'Value' => '0.9'] as $label => $text) {
            $this->element("section[aria-label='Own copies'] input[aria-label='$label']")->sendKeys($text);
        }
        $this->click('section[aria-label="Own copies"] option[value="asce7_16/velocity_pressure/kd"]');
        $this->press('Enter it');
        $this->seeText('Wind standard, Table 1', 'section[aria-label="Own copies"] table');
        $this->seeText('53 recalled values to confirm', 'main');
        $this->assertAccessible('own copies');
        $this->press('take out');
        $this->seeText('54 recalled values to confirm', 'main');
        $this->seeText('Out of date: your company has read a value', 'section[aria-label="Own copies"]');
    }

    public function test_a_lost_race_is_told_and_put_onto_the_newest(): void
    {
        $this->stage('site');
        app(\App\Actions\Designs\SaveDesign::class)->handle($this->job, $this->colleague($this->user), $this->job->current(), JobEdits::apply($this->job->current()->document(), [['path' => '/site/mean_roof_height_m', 'typed' => '18 ft']]), 'elsewhere');
        $this->fill('/site/ground_snow_Pa', '20 psf');
        $this->seeText('Somebody saved before you', '[role=status]');
        $this->press('Put mine onto it');
        $this->seeText('design 4', 'header');
        $document = $this->job->current()->surface();
        self::assertEqualsWithDelta(20.0, $document->site->groundSnow->toPsf(), 1e-6);
        self::assertEqualsWithDelta(18.0, $document->site->meanRoofHeight->toFeet(), 1e-6);
    }

    public function test_a_dropped_connection_keeps_the_drawing_and_says_so(): void
    {
        $this->stage('modules');
        $module = $this->still('[data-module="1.2"]');
        Chrome::online(false);
        $this->hand()->moveToElement($module)->clickAndHold()->moveByOffset(-30, 0)->perform();
        $this->seeText('The server cannot be reached', '[data-live]');
        Chrome::online(true);
        $this->hand()->moveByOffset(-5, 0)->release()->perform();
        $this->seeText('design 2', 'header');
        $this->element('[data-module="2.10"]');
        $this->browser->manage()->getLog('browser');
    }

    public function test_slate_and_sunlight_are_readable_too(): void
    {
        $this->stage('attachments');
        foreach (['dark', 'sunlight'] as $theme) {
            $this->click('select[aria-label="Colours"] option[value='.$theme.']');
            self::assertSame($theme, $this->element('html')->getAttribute('data-theme'));
        }
        $this->stage('loads');
        self::assertSame('sunlight', $this->element('html')->getAttribute('data-theme'));
        foreach ($this->browser->findElements(WebDriverBy::cssSelector('button.act')) as $button) {
            self::assertGreaterThanOrEqual(56, $button->getSize()->getHeight());
        }
    }

    public function test_no_text_of_the_sheet_stands_on_another_or_off_the_edge_however_large_the_roof(): void
    {
        $large = JobEdits::apply($this->job->current()->document(), [
            ['path' => '/surface/width_m', 'typed' => '46 m'], ['path' => '/surface/slope_length_m', 'typed' => '30 m'], ['path' => '/surface/covering/upper_butt_m', 'typed' => '29.8 m'],
            ['path' => '/surface/covering/courses_between', 'typed' => '206'], ['path' => '/block/rows', 'typed' => '16'], ['path' => '/block/columns', 'typed' => '42'],
        ]);
        $largeJob = app(StartJob::class)->handle($this->user->company ?? throw new \LogicException('A user has a company.'), $this->user, $large);
        foreach ([[$this->job, 10], [$largeJob, 20]] as [$job, $least]) {
            $this->job = $job;
            foreach (['loads', 'modules', 'attachments'] as $stage) {
                $this->stage($stage);
                $texts = (array) $this->browser->executeScript(<<<'JS'
                    const svg = document.querySelector('svg[data-drawn]');
                    const frame = svg.getBoundingClientRect();
                    const all = [...svg.querySelectorAll('text')].filter(text => !/rotate/.test(text.getAttribute('transform') ?? ''))
                        .map(text => ({name: text.textContent, box: text.getBoundingClientRect()})).filter(text => text.box.width > 0);
                    const off = all.filter(({box}) => box.left < frame.left - 1 || box.right > frame.right + 1 || box.top < frame.top - 1 || box.bottom > frame.bottom + 1);
                    // Line boxes are taller than the letters in them.
                    const meet = (a, b) => a.left + 1 < b.right && b.left + 1 < a.right && a.top + 4 < b.bottom - 4 && b.top + 4 < a.bottom - 4;
                    const meeting = all.flatMap((one, index) => all.slice(index + 1).filter(other => meet(one.box, other.box)).map(other => `${one.name} on ${other.name}`));
                    return [all.length, off.map(text => text.name), meeting];
                    JS);
                self::assertGreaterThan($least, $texts[0]);
                self::assertSame([], $texts[1], "$stage: off the sheet");
                self::assertSame([], $texts[2], "$stage: one on another");
            }
        }
    }

    public function test_an_enlarged_sheet_is_moved_by_one_transform_and_drawn_anew_where_the_hand_lets_go(): void
    {
        $this->stage('attachments');
        $this->press('Closer');
        $this->press('Closer');
        $seen = $this->browser->executeAsyncScript(<<<'JS'
            const done = arguments[arguments.length - 1];
            const svg = document.querySelector('svg[data-drawn]'), box = svg.getBoundingClientRect(), edge = () => svg.querySelector('polygon').getBoundingClientRect();
            const at = (type, x, y) => svg.dispatchEvent(new PointerEvent(type, {bubbles: true, pointerId: 1, button: 0, clientX: box.left + x, clientY: box.top + y}));
            svg.setPointerCapture = () => {};
            const changed = [];
            const watch = new MutationObserver(all => changed.push(...all.map(one => `${one.target.tagName} ${one.attributeName ?? one.type}`)));
            watch.observe(svg, {attributes: true, childList: true, subtree: true, characterData: true});
            const before = edge();
            at('pointerdown', 300, 60);
            for (let step = 1; step <= 20; ++step) at('pointermove', 300 - 3 * step, 60 + 2 * step);
            setTimeout(() => {
                const [during, moved] = [edge(), [...new Set(changed)].sort()];
                watch.disconnect();
                at('pointerup', 240, 100);
                setTimeout(() => done([moved, ...[during.left - before.left, during.top - before.top, edge().left - before.left, edge().top - before.top].map(Math.round), svg.querySelectorAll('g[transform^="translate(-"]').length]), 200);
            }, 50);
            JS);
        self::assertEquals([['g transform', 'g visibility'], -60, 40, -60, 40, 0], $seen);
    }

    public function test_another_kind_of_foot_asks_for_what_it_was_tested_for_and_is_planned_drawn_and_told(): void
    {
        $this->stage('attachments');
        $this->fill('/kit/foot/kind', 'standoff');
        $this->seeText('It stands on the deck.', '#worksheet');
        $this->seeText('The allowable load is missing: Foot, allowable', '[data-finding]');
        foreach (['up_N' => '1100 lb', 'down_N' => '2400 lb', 'along_N' => '650 lb', 'rail_height_m' => '4 in', 'base/heel_m' => '2 in', 'base/lateral_N' => '300 lb', 'base/lateral_document' => 'Report 12 (invented)', 'document' => 'Report 12 (invented)'] as $key => $typed) {
            $this->fill("/kit/foot/$key", $typed);
        }
        $this->press('Check the post by its section');
        $this->settled();
        $this->fill('/kit/foot/post/height_m', '3 7/8 in');
        self::assertSame([], Planner::plan($this->job->current()->surface())->openStops());
        $this->assertAccessible('attachments with standoffs');
        $this->stage('holes');
        $this->seeText('slip the flashing over the post', '#worksheet');
        $this->element('svg[aria-label^="Section of a hole"]');
    }
}
