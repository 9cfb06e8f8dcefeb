<?php

declare(strict_types=1);

namespace Tests\Browser;

use App\Actions\Designs\SaveDesign;
use App\Models\Job;
use Facebook\WebDriver\Chrome\ChromeDevToolsDriver;
use Facebook\WebDriver\WebDriverBy;
use Facebook\WebDriver\WebDriverKeys;
use Garnetine\Core\Design\Edit\JobEdits;
use PHPUnit\Framework\Attributes\DataProvider;

/** What somebody types is kept: whatever the network does, whatever is saved meanwhile, whatever was wrong. */
final class SavesTest extends BrowserTestCase
{
    /** Sixteen entries of a survey, in the order of the page. */
    private const SURVEY = [
        '/surface/width_m' => "46'", '/surface/slope_length_m' => "17' 2", '/surface/eave_overhang_m' => '12 in', '/surface/setbacks/eave_m' => '20 in', '/surface/setbacks/ridge_m' => '19 in',
        '/surface/setbacks/left_m' => '30 in', '/surface/setbacks/right_m' => '31 in', '/surface/framing/spacing_m' => '16 in', '/surface/framing/width_m' => '1.6 in', '/surface/framing/depth_m' => '5 1/2 in',
        '/surface/covering/lower_butt_m' => '11 in', '/surface/covering/upper_butt_m' => "15' 5", '/surface/deck_thickness_m' => '1/2 in', '/surface/covering/shingle_thickness_m' => '3/16 in', '/surface/covering/underlayment_thickness_m' => '0.04 in', '/surface/dead_load_Pa' => '14 psf',
    ];

    private Job $job;

    protected function setUp(): void
    {
        parent::setUp();
        $user = $this->planner('Hazel Works');
        $this->job = $this->exampleJob($user);
        $this->logIn($user);
        $this->visit("/jobs/{$this->job->id}/stage/surface");
        $this->element("[data-path='/surface/width_m']");
    }

    private function network(bool $offline, int $latency_ms): void
    {
        $tools = new ChromeDevToolsDriver($this->browser);
        $tools->execute('Network.enable');
        $tools->execute('Network.emulateNetworkConditions', ['offline' => $offline, 'latency' => $latency_ms, 'downloadThroughput' => -1, 'uploadThroughput' => -1]);
    }

    /** @param array<string, string> $entries */
    private function enter(array $entries): void
    {
        foreach ($entries as $path => $text) {
            $this->typing($path, $text)->sendKeys(WebDriverKeys::TAB);
            // Forty characters a second.
            usleep(25_000 * (mb_strlen($text) + 1));
        }
    }

    /** @return iterable<string, array{int, bool}> */
    public static function networks(): iterable
    {
        yield 'at once' => [0, false];
        yield 'after 600 ms' => [600, false];
        yield 'through an outage' => [200, true];
    }

    #[DataProvider('networks')]
    public function test_sixteen_entries_typed_one_after_another_are_all_kept(int $latency_ms, bool $outage): void
    {
        $this->network(false, $latency_ms);
        $this->enter(array_slice(self::SURVEY, 0, 5));
        if ($outage) {
            $this->settled();
            $this->network(true, $latency_ms);
        }
        $this->enter(array_slice(self::SURVEY, 5));
        if ($outage) {
            $this->seeText('wait for the network; nothing is lost', '[role=status]');
            self::assertSame('16 in', $this->element("[data-path='/surface/framing/spacing_m']")->getDomProperty('value'));
            $this->network(false, $latency_ms);
        }
        usleep(200_000);
        $this->settled();
        $this->browser->wait(self::PATIENCE_S, 100)->until(fn (): bool => array_diff_assoc(self::SURVEY, $this->job->current()->surface()->asTyped) === [], 'lost: '.json_encode(array_diff_assoc(self::SURVEY, $this->job->current()->surface()->asTyped)));
        self::assertSame(0, $this->job->designs()->where('is_side', true)->count());
        self::assertLessThanOrEqual(17, $this->job->designs()->count());
        self::assertStringNotContainsString('Somebody', $this->element('[role=status]')->getText());
        $this->browser->manage()->getLog('browser');
    }

    public function test_a_refused_value_stays_with_its_error_until_it_is_mended_or_given_up(): void
    {
        $width = "[data-path='/surface/width_m']";
        $this->enter(['/surface/width_m' => 'wide', '/surface/setbacks/left_m' => '30 in']);
        $this->seeText('found "wide"', 'main');
        $this->settled();
        self::assertSame('30 in', $this->job->current()->surface()->asTyped['/surface/setbacks/left_m'], 'joined with a wrong one it is saved all the same');
        $this->enter(['/surface/setbacks/right_m' => '31 in']);
        $this->settled();
        self::assertSame('wide', $this->element($width)->getDomProperty('value'));
        self::assertSame('true', $this->element("{$width}[aria-invalid]")->getAttribute('aria-invalid'));
        // Over a change of stage too.
        $this->click('//nav[@aria-label="Stages"]//a[contains(., "Loads")]');
        $this->seeText('Loads', 'main h2');
        $this->click('//nav[@aria-label="Stages"]//a[contains(., "Surface")]');
        self::assertSame('wide', $this->element($width)->getDomProperty('value'));
        $this->seeText('found "wide"', 'main');
        $this->click($width);
        $this->element($width)->sendKeys(WebDriverKeys::ESCAPE);
        self::assertSame("44' 3", $this->element($width)->getDomProperty('value'));
        self::assertSame([], $this->browser->findElements(WebDriverBy::cssSelector("{$width}[aria-invalid]")));
        $this->seeText('Saved', '[role=status]');
    }

    public function test_what_waits_behind_a_lost_race_goes_onto_the_newest_design(): void
    {
        $this->network(false, 600);
        $elsewhere = JobEdits::apply($this->job->current()->document(), [['path' => '/site/mean_roof_height_m', 'typed' => '18 ft']]);
        app(SaveDesign::class)->handle($this->job, $this->colleague($this->job->current()->author ?? throw new \LogicException('Nobody made it.')), $this->job->current(), $elsewhere, 'elsewhere');
        $this->enter(['/surface/setbacks/left_m' => '30 in', '/surface/setbacks/right_m' => '31 in']);
        $this->seeText('Somebody saved before you', '[role=status]');
        usleep(200_000);
        $this->settled();
        $now = $this->job->current()->surface()->asTyped;
        self::assertSame(['18 ft', '31 in'], [$now['/site/mean_roof_height_m'] ?? null, $now['/surface/setbacks/right_m'] ?? null]);
        self::assertSame(1, $this->job->designs()->where('is_side', true)->count());
        $this->press('Put mine onto it');
        $this->settled();
        $this->seeText('Saved', '[role=status]');
        self::assertEqualsWithDelta(30.0, $this->job->current()->surface()->surface->setbacks->left->toInches(), 1e-9);
    }

    public function test_a_save_that_broke_stays_marked_and_goes_again_by_enter(): void
    {
        $this->browser->executeScript('window.kept = window.fetch; window.fetch = (...asked) => /designs$/.test(asked[0]) ? Promise.resolve(new Response("{}", {status: 500})) : window.kept(...asked)');
        $this->enter(['/surface/setbacks/left_m' => '30 in']);
        $this->seeText('expected it to be saved', 'main');
        self::assertSame('30 in', $this->element("[data-path='/surface/setbacks/left_m']")->getDomProperty('value'));
        $this->browser->executeScript('window.fetch = window.kept');
        $this->click("[data-path='/surface/setbacks/left_m']");
        $this->element("[data-path='/surface/setbacks/left_m']")->sendKeys(WebDriverKeys::ENTER);
        $this->settled();
        self::assertSame('30 in', $this->job->current()->surface()->asTyped['/surface/setbacks/left_m']);
        self::assertSame([], $this->browser->findElements(WebDriverBy::cssSelector('main [aria-invalid]')));
    }

    public function test_a_look_that_comes_after_the_save_is_of_no_interest(): void
    {
        $this->browser->executeScript("const ask = window.fetch; window.fetch = (where, how) => ask(where, how).then(answer => String(where).endsWith('/preview') ? new Promise(go => setTimeout(() => go(answer), 1500)) : answer);");
        $this->fill('/surface/setbacks/left_m', '37 in');
        usleep(2_500_000);
        self::assertSame([], $this->browser->findElements(WebDriverBy::cssSelector('[data-live]')), 'nothing is shown as unsaved');
    }

    public function test_letters_typed_on_a_list_of_choices_make_one_design_when_it_is_left(): void
    {
        $species = $this->element("[data-path='/surface/framing/species']");
        // In one go: a list forgets the first letters where the next come late.
        $species->sendKeys('southern');
        usleep(300_000);
        self::assertSame(1, $this->job->designs()->count());
        $species->sendKeys(WebDriverKeys::TAB);
        usleep(200_000);
        $this->settled();
        self::assertSame(2, $this->job->designs()->count());
        self::assertSame('southern_pine', $this->job->current()->surface()->surface->framing->species->value);
    }
}
