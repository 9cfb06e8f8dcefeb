<?php

declare(strict_types=1);

namespace Tests\Browser;

use App\Actions\Designs\PlanDesign;
use App\Actions\Designs\SaveDesign;
use App\Actions\Jobs\StartJob;
use App\Actions\Plans\IssuePlan;
use App\Desk\Stages;
use Garnetine\Core\Design\Edit\JobEdits;
use Garnetine\Core\Tests\Support\Told;
use Garnetine\Core\Tests\Support\Uneven;

/** What stands on the screens and papers, read off them, on a roof where no two things are alike. */
final class ToldTest extends BrowserTestCase
{
    /** Of a drawing: what its lines and texts are, and where, to the pixel. */
    private const DRAWN = <<<'JS'
        return [...document.querySelectorAll(arguments[0] + ' svg')].flatMap(svg => [...svg.querySelectorAll('path, line, rect, circle, text, polygon')]).map(one => {
            const where = ['d', 'x', 'y', 'x1', 'y1', 'x2', 'y2', 'cx', 'cy', 'r', 'width', 'height', 'points'].filter(name => one.hasAttribute(name)).map(name => name + '=' + one.getAttribute(name).replace(/-?\d+\.\d+/g, n => Math.round(n)));
            return one.tagName + ' ' + where.join(' ') + (one.tagName === 'text' ? ' "' + one.textContent + '"' : '');
        });
        JS;

    /** The text of a part of the page with what is entered in it. */
    private const READ = <<<'JS'
        const part = document.querySelector(arguments[0]);
        const copy = part.cloneNode(true);
        const entries = [...part.querySelectorAll('input, select, textarea')];
        [...copy.querySelectorAll('input, select, textarea')].forEach((one, place) => {
            const entry = entries[place];
            one.replaceWith('[' + (entry.tagName === 'SELECT' ? entry.selectedOptions[0]?.text ?? '' : entry.type === 'checkbox' || entry.type === 'radio' ? entry.checked : entry.value) + ']');
        });
        copy.querySelectorAll('[class*="tone-"]').forEach(one => one.append(' {' + /tone-(\w+)/.exec(one.className.baseVal ?? one.className)[1] + '}'));
        part.after(copy);
        const text = copy.innerText;
        copy.remove();
        return text;
        JS;

    public function test_what_stands_on_screens_and_papers_is_what_was_approved(): void
    {
        $user = $this->planner('Rowan Roofs '.random_int(1, 1_000_000));
        $job = app(StartJob::class)->handle($user->company ?? self::fail('no company'), $user, Uneven::all()['gable']->project());
        $this->logIn($user);
        $lines = [];
        foreach (Stages::KEYS as $stage) {
            $this->visit("/jobs/{$job->id}/stage/$stage");
            $this->element('#worksheet h2, #worksheet h1, #worksheet p');
            $this->settled();
            array_push($lines, "--- stage $stage", ...$this->text('#app'), ...$stage === 'attachments' || $stage === 'holes' ? $this->drawn('#app') : []);
        }
        foreach (['crew', 'calculation'] as $paper) {
            $this->visit("/jobs/{$job->id}/print/$paper");
            $this->element('main h1');
            array_push($lines, "--- $paper", ...$this->text('main'), ...$this->drawn('main'));
        }
        app(IssuePlan::class)->handle($job, $job->current(), $user, 'for the crew');
        app(SaveDesign::class)->handle($job, $user, $job->current(), JobEdits::apply($job->current()->document(), [['path' => '/site/wind_speed_m_per_s', 'typed' => '116 mph']]), '116 mph');
        app(PlanDesign::class)->handle($job->current());
        $this->visit('/jobs');
        $this->element('main li');
        array_push($lines, '--- jobs', ...$this->text('main'));
        Told::assertApproved(__DIR__.'/Told/gable.txt', $lines);
    }

    /** @return list<string> */
    private function text(string $css): array
    {
        $text = $this->browser->executeScript(self::READ, [$css]);
        self::assertIsString($text);

        return array_values(array_filter(explode("\n", (string) preg_replace(['/\d{4}-\d\d-\d\d( \d\d:\d\d)?|[A-Z][a-z]{2} \d+, \d{4}/', '/[ \t]+/'], ['(day)', ' '], $text)), static fn (string $line): bool => trim($line) !== ''));
    }

    /** @return list<string> */
    private function drawn(string $css): array
    {
        $drawn = $this->browser->executeScript(self::DRAWN, [$css]);
        self::assertIsArray($drawn);

        return array_values(array_filter($drawn, is_string(...)));
    }
}
