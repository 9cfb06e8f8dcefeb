<?php

declare(strict_types=1);

namespace Tests\Browser;

use App\Models\IssuedPlan;
use Illuminate\Support\Facades\Artisan;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\URL;

/** A planner issues a plan; its paper is made in the queue, with its progress, and kept. */
final class HandoverTest extends BrowserTestCase
{
    public function test_a_plan_is_issued_and_its_paper_made(): void
    {
        $user = $this->planner('Hazel Works');
        $job = $this->exampleJob($user);
        $this->logIn($user);
        $this->visit("/jobs/{$job->id}/stage/handover");
        $this->press('Issue design 1');
        $this->seeText('The paper waits its turn', '[data-issued]');
        $this->assertAccessible('hand-over with a paper in the making');
        // As a worker leaves it that is killed half-way; its job begins again.
        DB::update("update papers set state = 'making', percent = 20");
        URL::forceRootUrl(self::origin());
        Artisan::call('queue:work', ['connection' => 'database', '--once' => true]);
        $this->seeText('PDF, ', '[data-issued]');
        $issued = IssuedPlan::query()->where('job_id', $job->id)->firstOrFail();
        $row = DB::selectOne("select encode(bytes, 'base64') as bytes, pages, hash from papers where issued_plan_id = ?", [$issued->id]);
        self::assertInstanceOf(\stdClass::class, $row);
        $bytes = base64_decode(is_string($row->bytes) ? $row->bytes : '', true);
        self::assertSame($row->hash, hash('sha256', (string) $bytes));
        $file = storage_path('framework/testing-paper.pdf');
        file_put_contents($file, $bytes);
        $pages = array_values(array_filter(explode("\f", (string) shell_exec('pdftotext -layout '.escapeshellarg($file).' -'))));
        unlink($file);
        self::assertCount(is_numeric($row->pages) ? (int) $row->pages : 0, $pages);
        self::assertStringContainsString('1/8 in = 1 ft (1:96)', $pages[0]);
        foreach ($pages as $index => $page) {
            foreach (['Quince Lane 8, back roof · revision 1', 'not for construction', 'page '.($index + 1).' of '.count($pages)] as $text) {
                self::assertStringContainsString($text, $page, 'page '.($index + 1));
            }
        }
    }
}
