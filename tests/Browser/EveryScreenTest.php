<?php

declare(strict_types=1);

namespace Tests\Browser;

use App\Actions\Designs\SaveDesign;
use App\Actions\Jobs\StartJob;
use App\Desk\FieldView;
use App\Desk\Stages;
use App\Models\Job;
use App\Models\Role;
use App\Models\User;
use App\Starting\Answers;
use App\Starting\StartingDesign;
use Facebook\WebDriver\WebDriverBy;
use Facebook\WebDriver\WebDriverKeys;
use Garnetine\Core\Design\Edit\Edits;
use Garnetine\Core\Design\Edit\JobEdits;
use Garnetine\Core\Design\Examples;
use Garnetine\Core\Design\Ground\Racking\Racking;
use Garnetine\Core\Design\Project;
use Garnetine\Core\Design\Site\Standard;
use Garnetine\Core\Design\Surface\RoofKind;
use Garnetine\Core\Document\DocumentInvalid;
use Garnetine\Core\Message\Texts;

/** What holds on every screen, in all colours, at the desk and on a phone: nothing that hinders anybody, nothing beside the page. */
final class EveryScreenTest extends BrowserTestCase
{
    private User $user;
    private Job $job;

    protected function setUp(): void
    {
        parent::setUp();
        $this->user = $this->planner('Larch Roofs '.random_int(1, 1_000_000));
        $this->job = $this->exampleJob($this->user);
    }

    public function test_axe_finds_nothing_and_no_page_is_wider_than_its_window(): void
    {
        $wrong = [];
        foreach (['/login' => 'form', '/forgot-password' => 'form'] as $path => $ready) {
            array_push($wrong, ...$this->look($path, $ready));
        }
        $this->logIn($this->user);
        $job = "/jobs/{$this->job->id}";
        $screens = ['/jobs' => 'main li', '/jobs/new' => 'form', '/company' => 'main table', "$job/print/crew" => 'main h1', "$job/print/calculation" => 'main h1'];
        foreach (Stages::KEYS as $stage) {
            $screens["$job/stage/$stage"] = '#worksheet';
        }
        $table = '/jobs/'.$this->exampleJob($this->user, 'fallow-field')->id;
        foreach (['field', 'table', 'loads', 'foundations'] as $stage) {
            $screens["$table/stage/$stage"] = '#worksheet';
        }
        $screens["$table/print/crew"] = 'main h1';
        $kinds = '/jobs/'.$this->exampleJob($this->user, 'harrow-end')->id;
        foreach (['foundations?surface=pole', 'table?surface=timber', 'setting_out?surface=spikes'] as $stage) {
            $screens["$kinds/stage/$stage"] = '#worksheet';
        }
        $screens["$kinds/print/crew"] = 'main h1';
        $meadow = '/jobs/'.$this->exampleJob($this->user, 'sallow-meadow')->id;
        foreach (['table?surface=blocks', 'foundations?surface=blocks', 'foundations?surface=row', 'setting_out?surface=row'] as $stage) {
            $screens["$meadow/stage/$stage"] = '#worksheet';
        }
        $screens["$meadow/print/crew"] = 'main h1';
        $slope = '/jobs/'.$this->exampleJob($this->user, 'loquat-slope')->id;
        $screens += ["$slope/stage/site" => '#worksheet', "$slope/stage/loads" => '#worksheet'];
        foreach ($screens as $path => $ready) {
            array_push($wrong, ...$this->look($path, $ready));
        }
        self::assertSame([], $wrong);
    }

    /** Of a new job nothing is left that nobody could enter: every value of the example has its place on a worksheet, to every standard. */
    public function test_every_value_of_the_example_can_be_entered(): void
    {
        $this->logIn($this->user);
        $company = $this->user->company ?? throw new \LogicException('A planner has a company.');
        $shown = [];
        $job = $this->job;
        $see = function (int $job, string $stage): array {
            $this->visit("/jobs/$job/stage/$stage");
            $this->element('#worksheet h2');

            return (array) $this->browser->executeScript('return [...document.querySelectorAll("[data-path]")].map((one) => one.dataset.path)');
        };
        foreach (array_keys(Racking::KINDS) as $kind) {
            $job = app(StartJob::class)->handle($company, $this->user, StartingDesign::from('', $kind, 'mm', 'Ida', new Answers(isGround: true, table: $kind)));
            // What no kind decides is looked at once.
            $shown = $shown === [] ? [...$see($job->id, 'site'), ...$see($job->id, 'field')] : $shown;
            $own = array_merge(...array_map(static fn (string $stage): array => $see($job->id, $stage), ['table', 'foundations', 'setting_out']));
            $left = array_merge(...array_values($job->current()->document()->table('table-1')->examplesLeft()));
            self::assertGreaterThan(20, count($left));
            self::assertSame([], array_values(array_diff($left, $shown, $own)), $kind);
        }
        $shownOfRoofs = [];
        foreach (Answers::COVERINGS as $covering) {
            $roof = app(StartJob::class)->handle($company, $this->user, StartingDesign::from('', $covering, 'mm', 'Ida', new Answers(RoofKind::Hip, Standard::Asce716, covering: $covering)));
            $shownOfRoofs = $shownOfRoofs === [] ? array_merge(...array_map(static fn (string $stage): array => $see($roof->id, $stage), ['site', 'modules', 'rails'])) : $shownOfRoofs;
            $own = array_merge(...array_map(static fn (string $stage): array => $see($roof->id, $stage), ['surface', 'attachments', 'holes']));
            $left = array_merge(...array_values(Examples::left($roof->current()->surface())));
            self::assertGreaterThan(20, count($left));
            self::assertSame([], array_values(array_diff($left, $shownOfRoofs, $own)), $covering);
        }
        // To another standard other values are asked for.
        self::assertContains('/site/wind_speed_m_per_s', $shown);
        $now = $job->current();
        app(SaveDesign::class)->handle($job, $this->user, $now, JobEdits::apply($now->document(), [['path' => '/site/standard', 'typed' => 'en-1991'], ['path' => '/site/en', 'add' => true]], 'table-1'), 'EN');
        $shown = $see($job->id, 'site');
        $left = preg_grep('~^/site/~', array_merge(...array_values($job->refresh()->current()->document()->table('table-1')->examplesLeft()))) ?: [];
        self::assertContains('/site/ground_snow_Pa', $left);
        self::assertSame([], array_values(array_diff($left, $shown)));
    }

    public function test_what_opens_beside_the_sheet_hinders_nobody_either(): void
    {
        $this->logIn($this->user);
        $this->visit("/jobs/{$this->job->id}/stage/loads");
        $this->click('[data-why="loads/qh"]');
        $this->element('aside[aria-label=Because] h3');
        $wrong = $this->look(null, 'aside');
        foreach (['116 mph', '117 mph'] as $speed) {
            $now = $this->job->current();
            app(SaveDesign::class)->handle($this->job, $this->user, $now, JobEdits::apply($now->document(), [['path' => '/site/wind_speed_m_per_s', 'typed' => $speed]]), $speed);
        }
        $this->browser->navigate()->refresh();
        $this->press('design 3');
        $this->seeText('with 1 quick change before it', 'aside[aria-label=Designs]');
        $this->seeText('Take design 1 again', 'aside[aria-label=Designs]');
        self::assertCount(2, $this->browser->findElements(WebDriverBy::cssSelector('aside[aria-label=Designs] > ol > li')));
        self::assertSame([], [...$wrong, ...$this->look(null, 'aside')]);
    }

    public function test_the_focus_follows_what_opens_and_never_falls_to_the_page(): void
    {
        $this->logIn($this->user);
        $this->visit("/jobs/{$this->job->id}/stage/loads");
        $this->element('a.skip')->sendKeys(WebDriverKeys::ENTER);
        self::assertSame('worksheet', $this->focus('id'), 'past the stages');
        Chrome::size(390, 844);
        $why = $this->element('[data-why="loads/qh"]');
        $why->sendKeys(WebDriverKeys::ENTER);
        $this->element('aside[aria-label=Because] h3');
        self::assertSame('Because', $this->focus('aria-label'));
        $top = $this->browser->executeScript('return document.querySelector("aside").getBoundingClientRect().top');
        self::assertTrue(is_numeric($top) && $top >= -1 && $top < 844, 'it is in view');
        $this->browser->switchTo()->activeElement()->sendKeys(WebDriverKeys::ESCAPE);
        self::assertSame('loads/qh', $this->focus('data-why'), 'given back');
        Chrome::size(1280, 800);
        $edge = $this->element('[role=separator]');
        $before = $edge->getLocation()->getY();
        $edge->sendKeys(WebDriverKeys::ARROW_UP.WebDriverKeys::ARROW_UP);
        self::assertLessThan($before - 40, $edge->getLocation()->getY(), 'pulled up');
        $edge->sendKeys(WebDriverKeys::ENTER);
        self::assertEqualsWithDelta($before, $edge->getLocation()->getY(), 1.0);
        $this->element('nav a[href$="/modules"]')->sendKeys(WebDriverKeys::ENTER);
        $this->seeText('Ratings', 'main');
        self::assertSame('worksheet', $this->focus('id'));
        $this->browser->findElement(WebDriverBy::xpath("//button[.='take out']"))->sendKeys(WebDriverKeys::ENTER);
        $this->settled();
        self::assertSame('worksheet', $this->focus('id'));
    }

    public function test_a_script_in_any_text_stays_a_text(): void
    {
        $script = '<script>hit=1</script><img src=x onerror="hit=1"><svg onload="hit=1">';
        $design = $this->job->current()->surface();
        $into = 0;
        foreach (FieldView::all($design, Texts::of($design)) as $path => $field) {
            try {
                $design = $field['kind'] === 'text' ? Edits::apply($design, [['path' => $path, 'typed' => $script]]) : $design;
                $into += $field['kind'] === 'text' ? 1 : 0;
            } catch (DocumentInvalid) {
                // A name or a day that takes no such text.
            }
        }
        $design = Edits::apply($design, [['path' => '/survey/leaks/answer', 'typed' => $script], ['path' => '/own_copies', 'value' => [['coefficient' => 'asce7_16/velocity_pressure/kd', 'value' => 0.86, 'document' => $script, 'clause' => $script, 'name' => $script, 'on' => '2026-05-12']]]]);
        self::assertGreaterThan(15, $into);
        app(SaveDesign::class)->handle($this->job, $this->user, $this->job->current(), Project::ofOne($design), $script);
        $this->user->company?->update(['name' => $script]);
        $this->logIn($this->user);
        $job = "/jobs/{$this->job->id}";
        foreach (['/jobs' => 'main li', '/company' => 'main table', "$job/print/crew" => 'main h1', "$job/print/calculation" => 'main h1', ...array_fill_keys(array_map(static fn (string $stage): string => "$job/stage/$stage", Stages::KEYS), '#worksheet')] as $path => $ready) {
            $this->visit($path);
            $this->element($ready);
            usleep(100_000);
            self::assertNull($this->browser->executeScript('return window.hit ?? null'), $path);
            self::assertSame([], $this->browser->findElements(WebDriverBy::cssSelector('img')), $path);
        }
        $this->press('design 2');
        $this->seeText('onerror', 'aside');
        self::assertNull($this->browser->executeScript('return window.hit ?? null'));
    }

    public function test_a_reviewer_sees_nothing_that_reviewers_may_not_do(): void
    {
        $reviewer = $this->user->company?->users()->create(['name' => 'R. Eviewer', 'email' => "reviewer{$this->user->id}@example.test", 'password' => 'a-long-password', 'role' => Role::Reviewer]);
        $this->logIn($reviewer ?? throw new \LogicException('A planner has a company.'));
        self::assertStringNotContainsString('New job', $this->element('main')->getText());
        $not = '//button[contains(., "undo") or contains(., "take out") or contains(., "Pin a foot") or contains(., "Centre") or contains(., "Draw a") or contains(., "again") or contains(., "Issue")] | //main//*[self::input or self::select or self::textarea][contains(@class, "slot")]';
        foreach (['surface', 'modules', 'attachments', 'rails', 'handover'] as $stage) {
            $this->visit("/jobs/{$this->job->id}/stage/$stage");
            $this->element('#worksheet');
            self::assertSame([], array_map(static fn ($element): string => $element->getText(), $this->browser->findElements(WebDriverBy::xpath($not))), $stage);
        }
        $this->seeText('Signatures of named persons');
    }

    private function focus(string $attribute): ?string
    {
        $value = $this->browser->switchTo()->activeElement()->getAttribute($attribute);

        return is_string($value) ? $value : null;
    }

    /** @return list<string> What is wrong on a screen */
    private function look(?string $path, string $ready): array
    {
        if ($path !== null) {
            $this->visit($path);
        }
        $this->element($ready);
        $this->browser->executeScript((string) file_get_contents(base_path('node_modules/axe-core/axe.min.js')));
        $wrong = [];
        foreach ([1280, 390] as $width) {
            Chrome::size($width, 800);
            foreach (['light', 'dark', 'sunlight'] as $theme) {
                $this->browser->executeScript("document.documentElement.dataset.theme = '$theme'");
                // Other colours differ in their contrasts alone, and those are the same on a phone.
                $found = $theme !== 'light' && $width < 1280 ? [] : (array) $this->browser->executeAsyncScript(<<<'JS'
                    const [isLight, done] = arguments;
                    axe.run(document, isLight ? {rules: {'target-size': {enabled: true}}} : {runOnly: ['color-contrast']}).then(r => done(r.violations.map(v => `${v.id}: ` + v.nodes.slice(0, 3).map(n => n.target + ' ' + n.any.concat(n.all, n.none).map(c => c.message).join(' ')).join(' | '))));
                    JS, [$theme === 'light']);
                $over = $this->browser->executeScript(<<<'JS'
                    const more = document.documentElement.scrollWidth - window.innerWidth;
                    const past = e => e.getBoundingClientRect().right > window.innerWidth + 1 && e.closest('.overflow-x-auto, .overflow-auto') === null;
                    return more <= 0 ? [] : [`${more} px wider than the window: ` + [...document.querySelectorAll('body *')].filter(past).slice(0, 3).map(e => e.outerHTML.slice(0, 120)).join(' | ')];
                    JS);
                foreach ([...$found, ...(array) $over] as $one) {
                    $wrong[] = ($path ?? 'what is open').", $theme, $width px: ".(is_string($one) ? $one : '');
                }
            }
        }
        Chrome::size(1280, 800);

        return $wrong;
    }
}
