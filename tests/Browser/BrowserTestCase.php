<?php

declare(strict_types=1);

namespace Tests\Browser;

use App\Models\User;
use Facebook\WebDriver\Chrome\ChromeDevToolsDriver;
use Facebook\WebDriver\Exception\ElementClickInterceptedException;
use Facebook\WebDriver\Exception\ElementNotInteractableException;
use Facebook\WebDriver\Exception\NoSuchElementException;
use Facebook\WebDriver\Exception\StaleElementReferenceException;
use Facebook\WebDriver\Remote\RemoteWebDriver;
use Facebook\WebDriver\Remote\RemoteWebElement;
use Facebook\WebDriver\WebDriverBy;
use Facebook\WebDriver\WebDriverExpectedCondition;
use Facebook\WebDriver\WebDriverKeys;
use Illuminate\Support\Facades\Artisan;
use Illuminate\Support\Facades\Cache;
use Tests\TestCase;

/** A real browser against a real server on the test database. */
abstract class BrowserTestCase extends TestCase
{
    /** How long anything may take on a machine that is slow and busy; what comes sooner is seen sooner. */
    protected const PATIENCE_S = 45;

    private static ?string $origin = null;

    protected RemoteWebDriver $browser;

    protected function setUp(): void
    {
        parent::setUp();
        $this->browser = Chrome::start();
        // So many people never log in from one place within a minute. The other lane may empty the same folders in that moment.
        retry(5, static fn (): bool => Cache::store('file')->flush(), 50, static fn (\Throwable $fault): bool => $fault instanceof \UnexpectedValueException);
    }

    protected function prepare(): void
    {
        self::$origin ??= self::serve();
    }

    protected function tearDown(): void
    {
        $errors = array_filter($this->browser->manage()->getLog('browser'), static fn (array $entry): bool => $entry['level'] === 'SEVERE' && preg_match('/status of (409|422)/', $entry['message']) !== 1);
        self::assertSame([], array_column($errors, 'message'), 'the console has errors');
        parent::tearDown();
    }

    /** Served as bin/start does it, in a process group of its own. */
    private static function serve(): string
    {
        Artisan::call('migrate:fresh', ['--force' => true]);
        $port = Chrome::freePort();
        $database = (string) getenv('DB_DATABASE');
        $process = proc_open(
            ['setsid', base_path('bin/serve'), "127.0.0.1:$port"],
            [1 => ['file', storage_path("logs/browser-server-{$database}.log"), 'w'], 2 => ['file', storage_path("logs/browser-server-{$database}.log"), 'a']],
            $pipes,
            base_path(),
            ['APP_URL' => "http://127.0.0.1:$port", 'PHP_CLI_SERVER_WORKERS' => '3', 'CACHE_STORE' => 'file', 'QUEUE_CONNECTION' => 'database', 'DB_PERSISTENT' => 'true'] + getenv(),
        );
        self::assertIsResource($process);
        $pid = proc_get_status($process)['pid'];
        register_shutdown_function(static fn (): bool => posix_kill(-$pid, SIGTERM));
        Chrome::wait($port);

        return "http://127.0.0.1:$port";
    }

    protected static function origin(): string
    {
        return self::$origin ?? throw new \LogicException('Nothing is served yet.');
    }

    protected function visit(string $path): void
    {
        $this->browser->get(self::$origin.$path);
    }

    protected function logIn(User $user): void
    {
        $this->visit('/login');
        $this->type('input[type=email]', $user->email);
        $this->type('input[type=password]', 'a-long-password');
        $this->press('Log in');
        $this->seeText('Jobs', 'h1');
    }

    protected function element(string $css): RemoteWebElement
    {
        try {
            // The one that was seen: asked for again it may be gone, with its page.
            $element = $this->browser->wait(self::PATIENCE_S, 100)->until(WebDriverExpectedCondition::presenceOfElementLocated(WebDriverBy::cssSelector($css)));
        } catch (\Throwable) {
            self::fail("Nothing matches $css on ".$this->browser->getCurrentURL());
        }
        self::assertInstanceOf(RemoteWebElement::class, $element);

        return $element;
    }

    /** On something that has come to rest: while fonts and strips arrive a drawing still moves. */
    protected function still(string $css): RemoteWebElement
    {
        $box = fn (): mixed => $this->browser->executeScript('const b = arguments[0].getBoundingClientRect(); return [b.x, b.y, b.width, b.height]', [$this->element($css)]);
        $last = null;
        $this->browser->wait(self::PATIENCE_S, 150)->until(static function () use ($box, &$last): bool {
            [$before, $last] = [$last, $box()];

            return $before === $last;
        }, "$css never stands still");

        return $this->element($css);
    }

    protected function type(string $css, string $text): void
    {
        $this->element($css)->clear()->sendKeys($text);
    }

    protected function press(string $label): void
    {
        $this->click("//*[self::button or self::a][normalize-space()='$label']");
    }

    /** @param string $place CSS, or XPath where it begins with // */
    protected function click(string $place): void
    {
        $by = str_starts_with($place, '//') ? WebDriverBy::xpath($place) : WebDriverBy::cssSelector($place);
        $this->patiently(function () use ($by): void {
            $element = $this->browser->findElement($by);
            $element->isEnabled() || throw new ElementNotInteractableException('It is switched off.');
            $element->click();
        }, $place);
    }

    /** Takes out the item of a list that the value stands in. */
    protected function takeOut(string $path): void
    {
        $this->click("//*[@data-path='$path']/ancestor::p[1]//button[normalize-space()='take out']");
    }

    /**
     * What an answer exchanges, covers or moves in that very moment is asked for again.
     *
     * @template T
     *
     * @param \Closure(): T $act
     *
     * @return T
     */
    private function patiently(\Closure $act, string $place): mixed
    {
        $until = microtime(true) + self::PATIENCE_S;
        while (true) {
            try {
                return $act();
            } catch (NoSuchElementException|StaleElementReferenceException|ElementClickInterceptedException|ElementNotInteractableException $not) {
                microtime(true) < $until || self::fail("$place on ".$this->browser->getCurrentURL().': '.$not->getMessage());
                usleep(100_000);
            }
        }
    }

    protected function seeText(string $text, string $css = 'body'): void
    {
        try {
            $this->browser->wait(self::PATIENCE_S, 100)->until(fn (): bool => str_contains($this->textOf($css), $text));
        } catch (\Throwable) {
            self::fail("\"$text\" is not in $css, which says: ".mb_strimwidth($this->textOf($css), 0, 800, '…'));
        }
        $this->addToAssertionCount(1);
    }

    private function textOf(string $css): string
    {
        try {
            return $this->browser->findElement(WebDriverBy::cssSelector($css))->getText();
        } catch (NoSuchElementException|StaleElementReferenceException) {
            // The page is just being exchanged.
            return '(nothing there)';
        }
    }

    /** Types into a value of a worksheet and stays in it. */
    protected function typing(string $path, string $text): RemoteWebElement
    {
        return $this->patiently(function () use ($path, $text): RemoteWebElement {
            $slot = $this->browser->findElement(WebDriverBy::cssSelector("[data-path='$path']"));
            $slot->click();
            $slot->sendKeys([WebDriverKeys::CONTROL, 'a']);
            $slot->sendKeys($text);

            return $slot;
        }, $path);
    }

    /** Types into a value of a worksheet and waits until the server has answered. */
    protected function fill(string $path, string $text, bool $saved = true): void
    {
        if ($this->element("[data-path='$path']")->getTagName() === 'select') {
            $this->click("[data-path='$path'] option[value='$text']");
        } else {
            $this->typing($path, $text)->sendKeys(WebDriverKeys::ENTER);
        }
        $this->settled();
        if ($saved) {
            self::assertSame([], $this->browser->findElements(WebDriverBy::cssSelector("[data-path='$path'][aria-invalid]")), "$path refuses $text");
        }
    }

    protected function settled(): void
    {
        usleep(80_000);
        $this->browser->wait(self::PATIENCE_S, 50)->until(fn (): bool => $this->browser->findElements(WebDriverBy::cssSelector('main[aria-busy=true]')) === []);
    }

    /** No violation of WCAG 2.2 A and AA that axe can find. */
    protected function assertAccessible(string $screen): void
    {
        $this->browser->executeScript((string) file_get_contents(base_path('node_modules/axe-core/axe.min.js')));
        $found = $this->browser->executeAsyncScript(
            "axe.run(document, {runOnly: ['wcag2a', 'wcag2aa', 'wcag21aa', 'wcag22aa']}).then(r => arguments[0](r.violations.map(v => v.id + ': ' + v.nodes.map(n => n.target + ' ' + n.failureSummary).slice(0, 3).join(' | '))))",
        );
        self::assertSame([], $found, "axe on $screen");
    }

    /** @return list<string> The texts of the pages as they come out of the printer */
    protected function printedPages(): array
    {
        $answer = (new ChromeDevToolsDriver($this->browser))->execute('Page.printToPDF', ['printBackground' => true, 'preferCSSPageSize' => true]);
        $file = storage_path('framework/testing-print-'.getmypid().'.pdf');
        file_put_contents($file, base64_decode(is_string($answer['data'] ?? null) ? $answer['data'] : '', true));
        $text = (string) shell_exec('pdftotext -layout '.escapeshellarg($file).' -');
        unlink($file);

        return array_values(array_filter(explode("\f", $text), static fn (string $page): bool => trim($page) !== ''));
    }
}
