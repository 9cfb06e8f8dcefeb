<?php

declare(strict_types=1);

namespace Tests\Browser;

use App\Models\Job;
use App\Models\User;
use App\Support\Stages;

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
        foreach ($screens as $path => $ready) {
            array_push($wrong, ...$this->look($path, $ready));
        }
        self::assertSame([], $wrong);
    }

    public function test_what_opens_beside_the_sheet_hinders_nobody_either(): void
    {
        $this->logIn($this->user);
        $this->visit("/jobs/{$this->job->id}/stage/loads");
        $this->element('[data-why="loads/qh"]')->click();
        $this->element('aside[aria-label=Because] h3');
        $wrong = $this->look(null, 'aside');
        $this->press('design 1');
        $this->element('aside[aria-label=Designs] li');
        self::assertSame([], [...$wrong, ...$this->look(null, 'aside')]);
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
                $found = (array) $this->browser->executeAsyncScript(<<<'JS'
                    const done = arguments[0];
                    axe.run(document, {rules: {'target-size': {enabled: true}}}).then(r => done(r.violations.map(v => `${v.id}: ` + v.nodes.slice(0, 3).map(n => n.target + ' ' + n.any.concat(n.all, n.none).map(c => c.message).join(' ')).join(' | '))));
                    JS);
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
