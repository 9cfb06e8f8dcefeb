<?php

declare(strict_types=1);

namespace Tests\Feature;

use Garnetine\Core\Plan\Planner;
use Illuminate\Foundation\Testing\RefreshDatabase;
use PHPUnit\Framework\Attributes\TestWith;
use Tests\TestCase;

/** A block as other schools would lay it, beside how it is. */
final class SchoolsTest extends TestCase
{
    use RefreshDatabase;

    /**
     * @param list<string> $names
     * @param list<int> $refused Places of those that this roof cannot have
     */
    #[TestWith(['quince-lane', ['across under each row, feet staggered', 'across under each row, feet stacked', 'up the slope under each column', 'in pieces under the clamps, feet staggered', 'in pieces under the clamps, feet stacked', 'in two layers, up and across', 'across in the gaps, one for two rows, feet staggered', 'across in the gaps, one for two rows, feet stacked', 'nowhere: on feet alone'], [2, 3, 4, 5]])]
    #[TestWith(['teasel-yard', ['in pieces under the clamps', 'across under each row', 'up the slope under each column', 'in two layers, up and across', 'across in the gaps, one for two rows', 'nowhere: on feet alone'], [2, 3, 5]])]
    #[TestWith(['quillwort-lane', ['across under each row', 'up the slope under each column', 'in pieces under the clamps', 'in two layers, up and across', 'across in the gaps, one for two rows', 'nowhere: on feet alone'], [1, 3]])]
    public function test_each_way_is_planned_and_is_what_it_becomes_when_taken(string $roof, array $names, array $refused): void
    {
        $user = $this->planner();
        $job = $this->exampleJob($user, $roof);
        $this->actingAs($user);
        $base = $job->current()->id;
        $ways = (array) $this->postJson("/jobs/{$job->id}/schools", ['base' => $base, 'edits' => []])->assertOk()->json();
        self::assertSame($names, array_column($ways, 'name'));
        self::assertSame($base, $job->refresh()->current()->id);
        self::assertSame($refused, array_keys(array_filter($ways, static fn (mixed $way): bool => is_array($way) && $way['word'] === 'refused')));
        foreach ($ways as $index => $way) {
            self::assertIsArray($way);
            self::assertSame($index === 0, $way['edits'] === []);
            self::assertNotSame('', $way['must']);
            if ($way['edits'] !== []) {
                $this->postJson("/jobs/{$job->id}/designs", ['base' => $base, 'edits' => $way['edits']])->assertOk();
            }
            $plan = Planner::plan($job->refresh()->current()->surface());
            self::assertSame([$plan->attachmentCount(), count(array_filter($plan->holes->holes ?? [], static fn (array $hole): bool => $hole['kind'] === 'attachment')), count($plan->cutting->stock ?? [])], [$way['feet'], $way['holes'], $way['bars']]);
            if ($way['edits'] !== []) {
                $base = $job->refresh()->current()->id;
                $this->postJson("/jobs/{$job->id}/designs/undo", ['base' => $base])->assertOk();
                $base = $job->refresh()->current()->id;
            }
        }
        self::assertSame($roof === 'quince-lane', in_array('Short rails lie on the ribs or seams of a sheet; under asphalt shingles there are none. Choose rails across.', array_column($ways, 'news'), true));
    }
}
