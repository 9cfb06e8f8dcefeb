<?php

declare(strict_types=1);

namespace Tests\Browser;

use App\Models\User;
use Facebook\WebDriver\WebDriverBy;

/** A planner invites somebody of the crew, who reads everything and changes nothing. */
final class CompanyTest extends BrowserTestCase
{
    public function test_somebody_of_the_crew_is_invited_and_reads_the_tapes(): void
    {
        $planner = $this->planner('Rowan Roofing');
        $job = $this->exampleJob($planner);
        $this->logIn($planner);
        $this->visit('/company');
        $this->press('Make a link');
        $link = (string) $this->element('[data-link]')->getAttribute('data-link');
        $this->press('Log out');
        $this->seeText('Log in', 'button[type=submit]');
        $this->visit((string) parse_url($link, PHP_URL_PATH));
        $this->seeText('Join Rowan Roofing', 'h1');
        $this->assertAccessible('join');
        [$name, $email, $password] = $this->browser->findElements(WebDriverBy::cssSelector('input.entry'));
        $name->sendKeys('C. Rew');
        $email->sendKeys('crew-rowan@example.test');
        $password->sendKeys('long enough it is');
        $this->press('Join');
        $this->seeText('Jobs', 'h1');
        self::assertSame('crew', User::query()->where('email', 'crew-rowan@example.test')->firstOrFail()->role->value);
        $this->visit("/jobs/{$job->id}/stage/surface");
        $this->seeText('Surface', 'main h2');
        self::assertSame([], $this->browser->findElements(WebDriverBy::cssSelector('main .slot, main button.act')), 'nothing to change is offered');
        $this->visit("/jobs/{$job->id}/stage/modules");
        $this->seeText('Modules', 'main h2');
        self::assertSame([], $this->browser->findElements(WebDriverBy::cssSelector('svg [role=button]')), 'nor on the sheet');
        $this->visit("/jobs/{$job->id}/stage/attachments");
        $this->press('Slope');
        $this->seeText('lines of the holes');
        $this->assertAccessible('slope tape of the crew');
        $this->visit("/jobs/{$job->id}/stage/handover");
        $this->seeText('Planners and reviewers sign here.');
        self::assertSame([], $this->browser->findElements(WebDriverBy::xpath("//button[starts-with(., 'Issue')]")));
    }

    public function test_a_forgotten_password_is_asked_for(): void
    {
        $this->visit('/login');
        $this->press('Forgotten the password?');
        $this->seeText('Forgotten password', 'h1');
        $this->type('input[type=email]', 'nobody@example.test');
        $this->press('Send me a link');
        $this->seeText('a link is on its way');
    }
}
