<?php

declare(strict_types=1);

namespace Tests\Browser;

use App\Models\Job;
use Facebook\WebDriver\Remote\LocalFileDetector;
use Facebook\WebDriver\WebDriverBy;

/** A planner lays out the other side of the roof too, goes to and fro between the planes, and prints both. */
final class SurfacesTest extends BrowserTestCase
{
    public function test_a_second_plane_is_added_changed_seen_beside_the_first_and_printed(): void
    {
        $user = $this->planner('Sorrel Sides');
        $job = $this->exampleJob($user);
        $this->logIn($user);
        $this->visit("/jobs/{$job->id}/stage/surface");
        $this->press('Add a plane like this');
        $this->seeText('Plane 2', '[aria-current=true]');
        $this->seeText('19 modules, 32 feet', '[data-surface="plane-2"]');
        $this->fill('/surface/name', 'Street side');
        $this->fill('/surface/setbacks/left_m', '9 ft');
        $this->seeText('Street side', '[data-surface="plane-2"]');
        $this->seeText('1 stop', '[data-surface="plane-2"]');
        $this->seeText('tight', '[data-surface="plane-1"]');
        $this->assertAccessible('a plane of two');
        self::assertSame(['9 ft', '36 in'], array_map(static fn (string $plane): string => $job->current()->surface($plane)->asTyped['/surface/setbacks/left_m'] ?? '', ['plane-2', 'plane-1']));
        // The stages keep to the plane; a value that was refused holds one on it.
        $this->click('nav[aria-label=Stages] a[href*="stage/modules"]');
        $this->seeText('Street side', '[aria-current=true]');
        $this->fill('/block/rows', 'many', false);
        $this->seeText('Roof', '[data-surface="plane-1"] span.text-muted');
        $this->fill('/block/rows', '1', false);
        $this->press('Take them out');
        $this->seeText("Street side\n9 modules", '[data-surface="plane-2"]');
        $this->click('[data-surface="plane-1"] a');
        $this->seeText('Roof', '[aria-current=true]');
        self::assertCount(20, $this->browser->findElements(WebDriverBy::cssSelector('svg [data-module]')), 'with the place of the one taken out');
        $this->visit("/jobs/{$job->id}/print/crew");
        $this->seeText('Roof: 19 modules, 32 feet', 'main');
        $this->seeText('Materials of all surfaces', 'main');
        self::assertSame(['Roof', 'Street side'], array_map(static fn ($heading): string => $heading->getText(), $this->browser->findElements(WebDriverBy::cssSelector('main h2.border-t-2'))));
        // What is open stands before anything else on the sheets of its plane.
        $this->seeText('Open before anybody builds this', 'main');
        $this->seeText('across the left setback', 'main');
        $this->assertAccessible('crew sheets of two planes');
        // Of one plane alone, the other left out by name.
        $this->visit("/jobs/{$job->id}/stage/handover");
        $this->click('fieldset label:nth-of-type(2) input');
        $this->press('Issue design 5 for review');
        $this->seeText('for review, preliminary; without Street side', '[data-issued]');
        $this->assertAccessible('hand-over of one plane of two');
        $this->visit("/jobs/{$job->id}/stage/surface?surface=plane-2");
        $this->press('Take this plane out');
        // The page comes anew: nothing of the old one is waited for.
        $this->browser->wait(self::PATIENCE_S, 100)->until(static fn (): bool => $job->current()->document()->ids() === ['plane-1'], 'the plane is still there');
    }

    public function test_a_second_block_is_added_changed_and_taken_into_view_on_the_sheet(): void
    {
        $user = $this->planner('Sorrel Blocks');
        $job = $this->exampleJob($user);
        $this->logIn($user);
        $this->visit("/jobs/{$job->id}/stage/modules");
        $this->press('Add a block like this');
        $this->seeText('Block 2', '[aria-current=true]');
        $this->fill('/block/rows', '1', false);
        $this->press('Take them out');
        $this->seeText("Block 2\n10 modules", '[data-block="2"]');
        $this->fill('/block/orientation', 'landscape');
        $this->seeText('Block 2: The block lies', 'main');
        $this->assertAccessible('a block of two');
        $this->click('[data-beside="1"] rect');
        $this->seeText('Block 1', '[aria-current=true]');
        self::assertCount(20, $this->browser->findElements(WebDriverBy::cssSelector('svg [data-module]')));
        $this->click('[data-block="2"] a');
        $this->seeText('Block 2', '[aria-current=true]');
        $this->press('Take this block out');
        // The page comes anew: nothing of the old one is waited for.
        $this->browser->wait(self::PATIENCE_S, 100)->until(static fn (): bool => array_keys($job->current()->document()->blocks) === ['plane-1'], 'the block is still there');
        $this->element('[data-module="2.3"]');
    }

    public function test_a_plane_is_drawn_by_its_corners_and_filled(): void
    {
        $user = $this->planner('Sorrel Corners');
        $job = $this->exampleJob($user);
        $this->logIn($user);
        $this->visit("/jobs/{$job->id}/stage/surface");
        $this->press('Draw it by its corners');
        $this->element('[data-handle="corner-3"]');
        $this->press('a corner in it');
        $this->element('[data-handle="corner-4"]');
        $this->browser->action()->moveToElement($this->still('[data-handle="corner-0"]'))->clickAndHold()->moveByOffset(60, 0)->moveByOffset(20, 0)->release()->perform();
        $this->settled();
        self::assertGreaterThan(1.0, $job->current()->surface('plane-1')->surface->outline[0]->x->toMetres());
        $this->press('take out');
        $this->settled();
        self::assertCount(4, $job->current()->surface('plane-1')->surface->outline);
        $this->fill('/surface/outline/0/setback_m', '2 ft');
        $this->assertAccessible('a plane by its corners');
        $this->click('details:nth-of-type(1) summary');
        foreach (['480 in, 200 in, 478 in, 202 in', '515 in', "43' 6\""] as $index => $text) {
            $this->browser->findElements(WebDriverBy::cssSelector('details input'))[$index]->sendKeys($text);
        }
        $this->press('Lay it out');
        $this->seeText('a plane that closes');
        $this->browser->findElements(WebDriverBy::cssSelector('details input'))[2]->clear()->sendKeys("43' 8\"");
        $this->press('Lay it out');
        $this->seeText('By its corners it is', 'main');
        $this->settled();
        self::assertEqualsWithDelta(12.278, $job->current()->surface('plane-1')->surface->width->toMetres(), 0.002);
        $this->click('nav[aria-label=Stages] a[href*="stage/modules"]');
        $this->press('Fill the plane');
        $this->seeText('as it is', 'main');
        $modules = (int) $this->element('[data-way="portrait"] [data-count]')->getText();
        $this->assertAccessible('ways to fill a plane');
        $this->click('[data-way="portrait"] button');
        $this->seeText("Now $modules modules", 'main');
        $this->settled();
        self::assertSame($modules, $job->current()->surface('plane-1')->block->rows * $job->current()->surface('plane-1')->block->columns - count($job->current()->surface('plane-1')->block->leftOut));
    }

    public function test_an_outline_is_taken_from_a_file_once_it_is_seen(): void
    {
        $job = $this->exampleJob($user = $this->planner());
        $this->logIn($user);
        $this->visit("/jobs/{$job->id}/stage/surface");
        $this->browser->wait(self::PATIENCE_S, 100)->until(fn (): bool => $this->browser->findElements(WebDriverBy::xpath("//summary[.='Take it from a file']")) !== []);
        $this->click("//summary[.='Take it from a file']");
        $file = tempnam(sys_get_temp_dir(), 'corners').'.csv';
        file_put_contents($file, "x_ft,y_ft,edge\n0,0,eave\n40,0,rake\n40,16,ridge\n0,sixteen,rake\n");
        $this->element('input[type=file]')->setFileDetector(new LocalFileDetector())->sendKeys($file);
        $this->seeText('expected a number for y in line 5; found "sixteen"');
        self::assertSame([], $this->browser->findElements(WebDriverBy::cssSelector("svg[aria-label='Outline with 4 corners']")));
        file_put_contents($file, "x_ft,y_ft,edge\n0,0,eave\n40,0,rake\n40,16,ridge\n0,16,rake\n");
        $this->element('input[type=file]')->setFileDetector(new LocalFileDetector())->sendKeys($file);
        $this->element("svg[aria-label='Outline with 4 corners']");
        $this->seeText("40' 0\" wide, 16' 0\" up the slope");
        // Nothing is taken before it was seen.
        self::assertSame([], $job->current()->surface()->surface->outline);
        $this->assertAccessible('an outline out of a file');
        $this->press('Take it');
        $this->element("[data-path='/surface/outline/2/edge']");
        $this->settled();
        self::assertEqualsWithDelta([40.0, 16.0, 'ridge'], (static fn ($corner): array => [$corner->x->toFeet(), $corner->y->toFeet(), $corner->edge->value])(Job::query()->findOrFail($job->id)->current()->surface()->surface->outline[2]), 1e-6);
        unlink($file);
    }
}
