<?php

declare(strict_types=1);

namespace Tests\Browser;

use App\Actions\Designs\SaveDesign;
use App\Actions\Plans\IssuePlan;
use App\Desk\Confirming;
use App\Models\IssuedPlan;
use App\Models\Purpose;
use Garnetine\Core\Design\Signing\Confirmation;
use Garnetine\Core\Plan\Planner;
use Illuminate\Support\Facades\Artisan;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\URL;

/** A planner issues a plan; its paper is made in the queue, with its progress, and kept. */
final class HandoverTest extends BrowserTestCase
{
    public function test_a_plan_is_issued_and_its_two_papers_made(): void
    {
        $user = $this->planner('Hazel Works');
        $job = $this->exampleJob($user);
        $this->logIn($user);
        $this->visit("/jobs/{$job->id}/stage/handover");
        $this->press('Issue design 1 for review');
        $this->seeText('Calculation: the paper waits its turn', '[data-issued]');
        $this->assertAccessible('hand-over with a paper in the making');
        // As a worker leaves it that is killed half-way; its job begins again.
        DB::update("update papers set state = 'making', percent = 20 where kind = 'crew'");
        URL::forceRootUrl(self::origin());
        Artisan::call('queue:work', ['connection' => 'database', '--stop-when-empty' => true]);
        $this->seeText('Crew sheets, PDF of', '[data-issued]');
        $this->seeText('Calculation, PDF of', '[data-issued]');
        $issued = IssuedPlan::query()->where('job_id', $job->id)->firstOrFail();
        $crew = $this->pages($issued, 'crew', 'crew sheets');
        self::assertStringContainsString('1/8 in = 1 ft (1:96)', $crew[0]);
        self::assertGreaterThanOrEqual(3, count($crew));
        self::assertLessThanOrEqual(6, count($crew));
        $calculation = implode("\n", $this->pages($issued, 'calculation', 'calculation'));
        self::assertDoesNotMatchRegularExpression('/\bfrom \d+ more/', $calculation, 'nothing is folded away on paper');
        // What the crew needs stands in the one, what the engineer checks in the other.
        foreach (['Steps in working order', 'Hole ledger', 'Cutting list'] as $title) {
            self::assertStringContainsString($title, implode("\n", $crew));
            self::assertStringNotContainsString($title, $calculation);
        }
        foreach (['The rail span that is bent most', 'The foot that is loaded most', 'Recalled values', 'Signatures', '8 Quince Lane, Orchard Flats'] as $title) {
            self::assertStringContainsString($title, $calculation);
            self::assertStringNotContainsString($title, implode("\n", $crew));
        }
    }

    public function test_a_review_says_so_on_its_papers_even_where_all_is_confirmed(): void
    {
        $user = $this->planner('Rowan Works');
        $job = $this->exampleJob($user);
        $document = $job->current()->document();
        $plan = Planner::plan($document->design('plane-1'));
        $sign = static fn (string $subject, string $value): Confirmation => new Confirmation($subject, $value, 'E. Sorrel', '2026-06-01', 'our copies', 'P. Lanner');
        $signed = Confirming::with($document, 'plane-1', $sign('structure', $plan->structureDigest()), ...array_map(static fn ($used): Confirmation => $sign('coefficient/'.$used->id, $used->text()), $plan->coefficients->used()));
        app(SaveDesign::class)->handle($job, $user, $job->current(), $signed, 'signed');
        foreach (['review' => 'For review: not for construction', 'construction' => 'Confirmed by the persons named'] as $purpose => $says) {
            $issued = app(IssuePlan::class)->handle($job, $job->current(), $user, '', Purpose::from($purpose));
            $this->visit(URL::temporarySignedRoute('issued.paper', now()->addMinute(), ['issuedPlan' => $issued->id, 'kind' => 'crew'], false));
            $this->seeText($says, 'thead strong');
        }
        $this->logIn($user);
        $this->visit("/jobs/{$job->id}/stage/handover");
        $this->seeText('of design 2, for construction', '[data-issued]');
        $this->seeText('of design 2, for review, confirmed', '[data-issued]');
        $this->press('Issue for construction');
        $this->settled();
        self::assertSame(2, IssuedPlan::query()->where('job_id', $job->id)->count());
    }

    /** @return list<string> The text of each page of a paper, of which each says what it is of */
    private function pages(IssuedPlan $issued, string $kind, string $name): array
    {
        $row = DB::selectOne("select encode(bytes, 'base64') as bytes, pages, hash from papers where issued_plan_id = ? and kind = ?", [$issued->id, $kind]);
        self::assertInstanceOf(\stdClass::class, $row);
        $bytes = base64_decode(is_string($row->bytes) ? $row->bytes : '', true);
        self::assertSame($row->hash, hash('sha256', (string) $bytes));
        $file = storage_path('framework/testing-paper.pdf');
        file_put_contents($file, $bytes);
        $pages = array_values(array_filter(explode("\f", (string) shell_exec('pdftotext -layout '.escapeshellarg($file).' -'))));
        unlink($file);
        self::assertCount(is_numeric($row->pages) ? (int) $row->pages : 0, $pages);
        foreach ($pages as $index => $page) {
            foreach (["Quince Lane 8, back roof · $name · revision 1", 'not for construction', 'page '.($index + 1).' of '.count($pages)] as $text) {
                self::assertStringContainsString($text, $page, "$kind, page ".($index + 1));
            }
        }

        return $pages;
    }
}
