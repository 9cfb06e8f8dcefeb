<?php

declare(strict_types=1);

namespace Garnetine\Core\Tests\Plan;

use Garnetine\Core\Attachment\Check\ModuleCheck;
use Garnetine\Core\Attachment\RunPlan;
use Garnetine\Core\Because\Becauses;
use Garnetine\Core\Design\Edit\JobEdits;
use Garnetine\Core\Design\Examples;
use Garnetine\Core\Design\Project;
use Garnetine\Core\Document\DocumentInvalid;
use Garnetine\Core\Document\Writer;
use Garnetine\Core\Finding\Code;
use Garnetine\Core\Finding\Finding;
use Garnetine\Core\Framing\MemberShare;
use Garnetine\Core\Message\Texts;
use Garnetine\Core\Plan\Plan;
use Garnetine\Core\Plan\Planner;
use Garnetine\Core\Tests\Support\Scenario;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** Several blocks on one surface: cutting a block in two changes what is counted, and nothing that is computed. */
final class BlocksTest extends TestCase
{
    private const PLANE = 'plane-1';

    public function test_rows_planned_as_blocks_of_their_own_are_planned_as_the_rows_of_one(): void
    {
        $tried = 0;
        for ($seed = 0; $seed < 60 && $tried < 12; ++$seed) {
            $scenario = Scenario::randomZones($seed)->with('/rules/pattern', 'stacked')->with('/site/array_holds_snow', 'no')->with('/block/left_out', [])->with('/rules/ridge_reading', 'ridge')->with('/rules/ridge_reading_by', 'x');
            if ($scenario->design()->block->rows !== 2) {
                continue;
            }
            ++$tried;
            $design = $scenario->design();
            $whole = Planner::plan($design);
            $up_m = $design->block->y->toMetres() + $design->moduleUp()->toMetres() + $design->block->rowGap->toMetres();
            $cut = self::plan($scenario->with('/block/rows', 1)->project(), [['block' => 'add']], ['/block/x_m' => $design->block->x->toMetres(), '/block/y_m' => $up_m]);
            self::assertSame([1, 2], array_map(static fn ($block): int => $block->part->number, $cut->blocks));
            $names = ['A' => 'A', 'B' => 'B', 'C' => '2A', 'D' => '2B'];
            self::assertSame(array_map(static fn (RunPlan $run): array => [$names[$run->run->id], $run->members()], $whole->supports), array_map(static fn (RunPlan $run): array => [$run->run->id, $run->members()], $cut->supports));
            self::assertEqualsWithDelta(self::loads($whole), self::loads($cut), 1e-9, "seed $seed");
            self::assertEqualsWithDelta([$whole->leastReserve(), $whole->clamp?->up_N, $whole->clamp?->along_N], [$cut->leastReserve(), $cut->clamp?->up_N, $cut->clamp?->along_N], 1e-9);
            self::assertSame([$whole->moduleCount(), count($whole->holes->holes ?? []), $whole->materials()], [$cut->moduleCount(), count($cut->holes->holes ?? []), $cut->materials()]);
        }
        self::assertSame(12, $tried);
    }

    /** @return list<list<float>> Modules, then members, in their order */
    private static function loads(Plan $plan): array
    {
        return [
            ...array_map(static fn (ModuleCheck $one): array => [$one->up_Pa, $one->down_Pa, $one->windUp_Pa], $plan->modules()),
            ...array_map(static fn (MemberShare $one): array => [(float) $one->number, $one->load_N, $one->even_N, $one->ratio], $plan->shares->shares ?? []),
        ];
    }

    public function test_a_block_beside_closes_the_side_that_it_covers_whole(): void
    {
        $roof = Scenario::of()->with('/surface/width_m', 30.0)->with('/block/rows', 1)->with('/block/columns', 4)->with('/block/left_out', [])->with('/block/x_m', 8.0)->with('/block/y_m', 1.0);
        $design = $roof->design();
        $end_m = 8.0 + 4 * $design->moduleAcross()->toMetres() + 3 * $design->block->columnGap->toMetres();
        $sides = static function (float $x_m, float $y_m) use ($roof): array {
            $plan = self::plan($roof->project(), [['block' => 'add']], ['/block/x_m' => $x_m, '/block/y_m' => $y_m]);

            return [$plan->blocks[0]->placement->rows[1][4]->exposedSides, $plan->blocks[1]->placement->rows[1][1]->exposedSides];
        };
        $open_m = max(4 * $design->block->topAboveRoof->toMetres(), 1.2192);
        [$near, $across] = $sides($end_m + $open_m - 0.01, 1.0);
        self::assertSame([false, false], [in_array('right', $near, true), in_array('left', $across, true)]);
        [$far, $from] = $sides($end_m + $open_m + 0.01, 1.0);
        self::assertSame([true, true], [in_array('right', $far, true), in_array('left', $from, true)]);
        // A hand's breadth of the side looks past it.
        foreach ([1.1, 0.9] as $y_m) {
            self::assertContains('right', $sides($end_m + 0.3, $y_m)[0]);
        }
        // Above: each of its modules is covered, but for the slope it is the same.
        [$below] = $sides(8.0, 1.0 + $design->moduleUp()->toMetres() + 0.3);
        self::assertNotContains('up', $below);
    }

    /** @return iterable<string, array{float, float, list<string>}> From the first block's right end, from its lower edge, what is found */
    public static function places(): iterable
    {
        yield 'on it' => [-0.5, 0.0, ['blocks_too_near', 'rails_meet', 'rails_meet']];
        yield 'a hair too near' => [0.0062, 0.0, ['blocks_too_near', 'rails_meet', 'rails_meet']];
        yield 'just far enough for modules' => [0.0065, 0.0, ['rails_meet', 'rails_meet']];
        yield 'lines beside lines' => [0.02, 0.3, []];
        yield 'clear of all' => [0.3, 0.0, []];
    }

    /** @param list<string> $codes */
    #[DataProvider('places')]
    public function test_blocks_and_their_rails_keep_clear_of_each_other(float $beside_m, float $above_m, array $codes): void
    {
        $roof = Scenario::of()->with('/surface/width_m', 30.0)->with('/block/rows', 1)->with('/block/columns', 3)->with('/block/left_out', []);
        $block = $roof->design()->block;
        $end_m = $block->x->toMetres() + 3 * $roof->design()->moduleAcross()->toMetres() + 2 * $block->columnGap->toMetres();
        $plan = self::plan($roof->project(), [['block' => 'add']], ['/block/x_m' => $end_m + $beside_m, '/block/y_m' => $block->y->toMetres() + $above_m]);
        self::assertSame($codes, self::meeting($plan));
        // The same to the left of the first.
        $plan = self::plan($roof->with('/block/x_m', 15.0)->project(), [['block' => 'add']], ['/block/x_m' => 15.0 - ($end_m - $block->x->toMetres()) - $beside_m, '/block/y_m' => $block->y->toMetres() + $above_m]);
        self::assertSame($codes, self::meeting($plan));
    }

    /** @return list<string> */
    private static function meeting(Plan $plan): array
    {
        return array_values(array_filter(array_map(static fn (Finding $one): string => $one->code->value, $plan->findings), static fn (string $code): bool => in_array($code, ['blocks_too_near', 'rails_meet'], true)));
    }

    public function test_a_block_of_other_modules_is_told_by_its_number_and_its_place(): void
    {
        $one = Scenario::of()->with('/block/left_out', [])->with('/surface/width_m', 30.0);
        $job = $one->project();
        $copy = static fn (object $part, array $changes = []): array => $changes + (array) json_decode((string) json_encode(Writer::toArray($part)), true);
        $project = $one->with('/modules', ['wide' => $copy($job->modules['module-1'], ['name' => 'Wide 425', 'mass_kg' => 40.0, 'ratings' => []]), 'module-1' => $copy($job->modules['module-1'])])
            ->with('/blocks', ['north' => $copy($job->blocks['plane-1'], ['module' => 'wide', 'x_m' => 20.0, 'rows' => 1, 'pins' => [['line' => 'C', 'member' => 35]]]), 'plane-1' => $copy($job->blocks['plane-1'])])->project();
        self::assertSame(['north', 'plane-1'], $project->blocksOn(self::PLANE));
        $plan = Planner::plan($project->design(self::PLANE, 'plane-1'));
        $told = array_values(array_filter($plan->findings, static fn (Finding $one): bool => in_array($one->code, [Code::ClampZoneMissing, Code::OutsideClampZone, Code::PinOffLines], true)));
        self::assertEqualsCanonicalizing([['/modules/wide/ratings', 2], ['/modules/wide/ratings', 2], ['/blocks/north/pins/0', 2]], array_map(static fn (Finding $one): array => [$one->at, $one->values['block'] ?? null], $told));
        self::assertStringStartsWith('Block 2: ', Texts::of($plan->design)->finding($told[0]));
        self::assertSame('Weight of a module', Texts::of($plan->design)->field('/modules/wide/mass_kg'));
        $counts = array_column(array_filter($plan->materials(), static fn (array $one): bool => $one['item'] === 'module'), 'count', 'name');
        self::assertSame([$plan->blocks[0]->placement->count, $plan->blocks[1]->placement->count], [$counts[$project->modules['module-1']->name], $counts['Wide 425']]);
        self::assertEqualsWithDelta(40.0, Becauses::of($plan, 'design/modules/wide/mass_kg')->values['value_kg'], 1e-12);
        self::assertStringContainsString('/modules/wide/mass_kg', (string) json_encode(Becauses::of($plan, 'runs/2A/rail'), JSON_UNESCAPED_SLASHES));
        self::assertStringNotContainsString('/modules/wide/mass_kg', (string) json_encode(Becauses::of($plan, 'runs/A/rail'), JSON_UNESCAPED_SLASHES));
        self::assertContains('modules/2/1/1', Becauses::paths($plan));
        self::assertSame([true, false], [Becauses::of($plan, 'modules/1/1')->values['rated_up_Pa'] > 0.0, Becauses::of($plan, 'modules/2/1/1')->values['rated_up_Pa'] > 0.0]);
    }

    public function test_blocks_are_added_beside_changed_each_and_taken_out(): void
    {
        $project = JobEdits::apply(Scenario::of()->with('/origins', ['/block/rows' => 'example', '/block/x_m' => 'example'])->with('/surface/width_m', 40.0)->project(), [['block' => 'add'], ['of' => 'plane-1-2', 'path' => '/block/columns', 'typed' => '2'], ['of' => 'plane-1-2', 'command' => 'centre']], self::PLANE, 'plane-1');
        [$first, $second] = [$project->design(self::PLANE), $project->design(self::PLANE, 'plane-1-2')];
        self::assertSame([2, 10, [], ['plane-1']], [$second->block->columns, $first->block->columns, $second->block->leftOut, array_keys($second->blocks)]);
        self::assertEqualsWithDelta((40.0 - 2 * $second->moduleAcross()->toMetres() - $second->block->columnGap->toMetres()) / 2, $second->block->x->toMetres(), 0.001);
        self::assertSame(['example', null, 'example'], [$project->origins['/blocks/plane-1-2/rows'] ?? null, $project->origins['/blocks/plane-1-2/x_m'] ?? null, $project->origins['/blocks/plane-1/x_m'] ?? null]);
        self::assertSame(['/blocks/plane-1-2/rows', '/block/rows', '/block/x_m'], array_values(array_intersect(['/blocks/plane-1-2/rows', '/block/rows', '/block/x_m'], Examples::left($first)['/module'])));
        $copied = JobEdits::apply($project, [['plane' => 'copy']], self::PLANE);
        self::assertSame(['plane-2', 'plane-2-2'], $copied->blocksOn('plane-2'));
        self::assertEquals($second->block->x, $copied->blocks['plane-2-2']->x);
        self::assertSame('example', $copied->origins['/blocks/plane-2-2/rows'] ?? null);
        $back = JobEdits::apply($copied, [['block' => 'remove', 'of' => 'plane-1-2'], ['plane' => 'remove', 'on' => 'plane-2']], self::PLANE);
        self::assertSame([['plane-1'], []], [array_keys($back->blocks), preg_grep('~plane-1-2|plane-2~', array_keys($back->origins))]);
        foreach ([[['block' => 'remove'], 'a block beside others'], [['block' => 'copy'], 'add, part or remove'], [['path' => '/blocks/plane-1-2/kit', 'value' => 'kit-2'], 'to stay where it lies'], [['path' => '/blocks', 'value' => new \stdClass()], 'added or taken out as such']] as [$edit, $expected]) {
            try {
                JobEdits::apply(($edit['block'] ?? '') === 'remove' ? $back : $project, [$edit], self::PLANE, 'plane-1');
                self::fail($expected);
            } catch (DocumentInvalid $invalid) {
                self::assertStringContainsString($expected, $invalid->getMessage());
            }
        }
    }

    /**
     * @param list<mixed> $edits
     * @param array<string, float> $values Of the block that was added
     */
    private static function plan(Project $project, array $edits, array $values): Plan
    {
        $project = JobEdits::apply($project, $edits, self::PLANE);
        $set = array_map(static fn (string $path, float $value): array => ['of' => 'plane-1-2', 'path' => $path, 'value' => $value], array_keys($values), $values);

        return Planner::plan(JobEdits::apply($project, $set, self::PLANE)->design(self::PLANE));
    }
}
