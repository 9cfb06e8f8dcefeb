<?php

// Measured by the browser itself, on the running application: from a key press in a worksheet to the redrawn sheet, and the
// first load of a job.

declare(strict_types=1);

use Facebook\WebDriver\WebDriverBy;
use Tests\Browser\Chrome;

require dirname(__DIR__, 2).'/vendor/autoload.php';
require __DIR__.'/reference.php';

$origin = $argv[1] ?? exit("Usage: browser.php ORIGIN [PRESSES [DESIGN]]\n");
$presses = (int) ($argv[2] ?? 60);
$browser = Chrome::driver();
$browser->get("$origin/login");
$demo = WebDriverBy::xpath('//button[contains(., "Open the demo")]');
$browser->wait(20, 100)->until(static fn (): bool => $browser->findElements($demo) !== []);
$browser->findElement($demo)->click();
$browser->wait(20, 100)->until(static fn (): bool => $browser->findElements(WebDriverBy::linkText('New job')) !== []);

// First load, nothing cached: script bytes as they come over the wire, and when the sheet can be used.
$loads = [];
for ($try = 0; $try < 5; ++$try) {
    $browser->executeScript('caches && caches.keys && 0');
    (new Facebook\WebDriver\Chrome\ChromeDevToolsDriver($browser))->execute('Network.clearBrowserCache');
    $browser->get("$origin/jobs/1/stage/attachments");
    $browser->wait(20, 20)->until(static fn (): bool => $browser->findElements(WebDriverBy::cssSelector('svg[data-drawn]')) !== []);
    $loads[] = $browser->executeScript(<<<'JS'
        const scripts = performance.getEntriesByType('resource').filter(r => r.initiatorType === 'script' || /\.js(\?|$)/.test(r.name));
        const view = performance.getEntriesByType('resource').filter(r => /\/view$/.test(r.name)).at(-1);
        return {script: scripts.reduce((sum, r) => sum + r.decodedBodySize, 0), usable: view ? view.responseEnd + 30 : performance.now()};
        JS);
}
usort($loads, static fn (array $one, array $other): int => $one['usable'] <=> $other['usable']);
$gzip = 0;
foreach (glob(dirname(__DIR__, 2).'/public/build/assets/*.js') ?: [] as $file) {
    $gzip += strlen((string) gzencode((string) file_get_contents($file), 6));
}
printf("first load of a job: usable after %.0f ms (middle of 5; at most 1500); all script %.0f kB gzip (at most 250)\n", $loads[2]['usable'], $gzip / 1000);

// A key press in a worksheet, to the frame in which the redrawn sheet stands.
$browser->get("$origin/jobs/1/stage/modules");
$browser->wait(20, 50)->until(static fn (): bool => $browser->findElements(WebDriverBy::cssSelector('svg[data-drawn]')) !== []);
usleep(500_000);
$times = $browser->executeAsyncScript(<<<'JS'
    const [presses, done] = arguments;
    const slot = document.querySelector("[data-path='/block/x_m']"), svg = document.querySelector('svg[data-drawn]');
    const set = Object.getOwnPropertyDescriptor(HTMLInputElement.prototype, 'value').set;
    const times = [];
    slot.focus();
    const press = (left) => {
        if (left === 0) return done(times);
        const before = svg.getAttribute('data-drawn');
        const start = performance.now();
        const seen = new MutationObserver(() => {
            if (svg.getAttribute('data-drawn') === before) return;
            seen.disconnect();
            requestAnimationFrame(() => setTimeout(() => {
                times.push(performance.now() - start);
                setTimeout(() => press(left - 1), 30);
            }));
        });
        seen.observe(svg, {attributes: true, attributeFilter: ['data-drawn']});
        set.call(slot, (60 + left % 12) + ' in');
        slot.dispatchEvent(new Event('input', {bubbles: true}));
    };
    press(presses);
    JS, [$presses]);
sort($times);
printf("key press to redrawn sheet: p50 %.0f ms, p95 %.0f ms over %d presses (%.1f × reference; at most 150: %s)\n", $times[(int) (count($times) / 2)], $times[(int) (0.95 * count($times))], count($times), $times[(int) (0.95 * count($times))] / reference_ms(), $times[(int) (0.95 * count($times))] <= 150 ? 'met' : 'MISSED');

// An enlarged drawing of 2,000 modules, moved by hand: the script of each move, up to where the browser draws.
$large = (string) file_get_contents($argv[3] ?? exit(0));
$job = $browser->executeAsyncScript(<<<'JS'
    const [document_, done] = arguments;
    const token = decodeURIComponent(document.cookie.match(/XSRF-TOKEN=([^;]+)/)[1]);
    fetch('/jobs', {method: 'POST', headers: {'Content-Type': 'application/json', 'X-XSRF-TOKEN': token}, body: JSON.stringify({name: 'Large', units: 'ft_in', document: document_})})
        .then(made => done((made.url.match(/jobs\/(\d+)/) ?? [])[1] ?? ''));
    JS, [$large]);
$browser->get("$origin/jobs/".(is_string($job) ? $job : '').'/stage/attachments');
$browser->wait(120, 200)->until(static fn (): bool => $browser->findElements(WebDriverBy::cssSelector('svg[data-drawn] [data-foot]')) !== []);
$moves = $browser->executeAsyncScript(<<<'JS'
    const done = arguments[0], svg = document.querySelector('svg[data-drawn]'), box = svg.getBoundingClientRect(), times = [];
    const at = (type, x, y) => svg.dispatchEvent(new PointerEvent(type, {bubbles: true, pointerId: 1, button: 0, clientX: box.left + x, clientY: box.top + y}));
    svg.setPointerCapture = () => {};
    [...document.querySelectorAll('button')].find(one => one.textContent === 'Closer').click();
    setTimeout(() => {
        at('pointerdown', 300, 80);
        const move = (left) => {
            if (left === 0) { at('pointerup', 300, 80); return done([times, svg.querySelectorAll('*').length]); }
            const start = performance.now();
            at('pointermove', 300 - (left % 50), 80 + (left % 30));
            times.push(performance.now() - start);
            requestAnimationFrame(() => move(left - 1));
        };
        requestAnimationFrame(() => move(100));
    }, 3000);
    JS);
if (!is_array($moves) || !is_array($moves[0])) {
    exit(1);
}
sort($moves[0]);
$worst = (float) $moves[0][(int) (0.95 * count($moves[0]))];
printf("an enlarged sheet of 2,000 modules (%d elements) moved: script %.2f ms a frame at 95 of 100 (%.3f × reference; at most 0.15: %s)\n", $moves[1], $worst, $worst / reference_ms(), $worst <= 0.15 * reference_ms() ? 'met' : 'MISSED');
