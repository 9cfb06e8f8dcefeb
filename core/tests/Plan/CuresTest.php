<?php

declare(strict_types=1);

namespace Garnetine\Core\Tests\Plan;

use Garnetine\Core\Covering\Covering;
use Garnetine\Core\Design\DesignFile;
use Garnetine\Core\Design\Edit\Edits;
use Garnetine\Core\Design\Edit\JobEdits;
use Garnetine\Core\Design\Kit\Expansion;
use Garnetine\Core\Document\DocumentInvalid;
use Garnetine\Core\Finding\Code;
use Garnetine\Core\Finding\Finding;
use Garnetine\Core\Plan\BlockPlan;
use Garnetine\Core\Plan\Cures;
use Garnetine\Core\Plan\Depth;
use Garnetine\Core\Plan\Planner;
use Garnetine\Core\Quantity\Length;
use Garnetine\Core\Tests\Support\Scenario;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** What a finding says would mend it does. */
final class CuresTest extends TestCase
{
    /** @return iterable<string, array{Scenario, list<string>}> */
    public static function troubles(): iterable
    {
        $metal = Scenario::of('feijoa-lane');
        yield 'a line off its purlin' => [$metal->with('/block/y_m', 0.55), ['/block/y_m']];
        yield 'a clamp over a rib' => [Scenario::of('teasel-yard')->with('/block/x_m', 134.0 * 0.0254), ['/block/x_m']];
        yield 'a rail up the slope off the ribs' => [
            $metal->with('/block/orientation', 'landscape')->with('/block/columns', 2)->with('/block/arrangement', ['kind' => 'rails_up'])->with('/kit/foot/pad_width_m', 0.05)->with('/rules/greatest_bay_m', null)->with('/block/x_m', 0.85)
                ->with('/surface/covering', ['kind' => 'metal', 'rib_pitch_m' => 0.25] + Covering::TYPICAL['metal']),
            ['/block/x_m'],
        ];
        yield 'rows of which no height suits both' => [Scenario::of('damson-terrace')->with('/kit/foot/arm/reach_m', 0.115)->with('/module/ratings/0/from_m', 0.3)->with('/module/ratings/0/to_m', 0.36)->with('/block/y_m', 0.41), ['/block/y_m', '/block/row_gap_m']];
    }

    private static function here(string $at): string
    {
        return $at;
    }

    /** @param list<string> $paths */
    #[DataProvider('troubles')]
    public function test_what_a_finding_names_mends_it(Scenario $roof, array $paths): void
    {
        $findings = Planner::plan($roof->design(), Depth::Checks)->findings;
        $mended = array_values(array_filter($findings, static fn (Finding $one): bool => Cures::of($one, self::here(...)) !== []));
        self::assertNotSame([], $mended, implode(' ', array_map(static fn (Finding $one): string => $one->code->value, $findings)));
        $edits = Cures::of($mended[0], self::here(...));
        self::assertSame($paths, array_column($edits, 'path'));
        $after = Planner::plan(Edits::apply($roof->design(), $edits), Depth::Checks)->findings;
        self::assertNotContains($mended[0]->code, array_map(static fn (Finding $one) => $one->code, $after));
        // Of another block in the words of that one.
        self::assertSame(array_map(static fn (string $path): string => str_replace('/block/', '/blocks/north/', $path), $paths), array_column(Cures::of($mended[0], static fn (string $at): string => str_replace('/block/', '/blocks/north/', $at)), 'path'));
    }

    /** @return iterable<string, array{string, array<string, mixed>, float}> */
    public static function longRails(): iterable
    {
        yield 'a row with a hole' => ['quince-lane', [], 4.0];
        yield 'up the slope' => ['feijoa-lane', [
            '/block/orientation' => 'landscape', '/block/columns' => 2, '/block/rows' => 4, '/block/arrangement' => ['kind' => 'rails_up'], '/kit/foot/pad_width_m' => 0.05, '/surface/slope_length_m' => 8.0,
        ], 2.3];
    }

    /** @param array<string, mixed> $changes */
    #[DataProvider('longRails')]
    public function test_a_block_is_parted_where_its_rails_are_too_long(string $name, array $changes, float $longest_m): void
    {
        $job = DesignFile::read((string) file_get_contents(dirname(__DIR__, 3)."/docs/examples/$name.json"));
        $job = JobEdits::apply($job, array_map(static fn (string $path, mixed $value): array => ['path' => $path, 'value' => $value], array_keys($changes), $changes));
        $job = JobEdits::apply($job, [['path' => '/kit/rail/longest_run_m', 'value' => $longest_m]]);
        $before = Planner::plan($job->design($job->first()), Depth::Checks);
        $long = array_values(array_filter($before->findings, static fn (Finding $one): bool => $one->code === Code::RunTooLong));
        self::assertNotSame([], $long);
        $parted = JobEdits::apply($job, Cures::of($long[0], self::here(...)));
        $after = Planner::plan($parted->design($parted->first()), Depth::Checks);
        self::assertSame([], array_intersect(['run_too_long', 'rails_meet', 'blocks_too_near'], array_map(static fn (Finding $one): string => $one->code->value, $after->findings)));
        self::assertSame($before->moduleCount(), $after->moduleCount());
        // As few as there can be: one less, and a rail would be too long. Their rails lie end to end with the gap that is told, and no more than a mark over it.
        $isUp = $before->blocks[0]->runs[0]->line->isUpSlope;
        $block = $before->design->block;
        $module_m = ($isUp ? $before->design->moduleUp() : $before->design->moduleAcross())->toMetres();
        $parts = count($after->blocks);
        $modules = (int) ceil(($isUp ? $block->rows : $block->columns) / ($parts - 1));
        self::assertGreaterThan($longest_m, $modules * $module_m + ($modules - 1) * ($isUp ? $block->rowGap : $block->columnGap)->toMetres() + 2 * $before->design->kit->rail->endPastModule->toMetres());
        foreach (array_slice($after->blocks, 1) as $index => $one) {
            [[$from_m, $to_m], [$next_m, $last_m]] = [self::ends_m($after->blocks[$index]), self::ends_m($one)];
            $gap_m = $next_m - $to_m;
            $told_m = Expansion::apart(Length::ofMetres($to_m - $from_m), Length::ofMetres($last_m - $next_m), $job->units)->toMetres();
            self::assertGreaterThanOrEqual($told_m - 1e-9, $gap_m);
            self::assertLessThan($told_m + 0.0032, $gap_m);
            self::assertSame([$block->y->toMetres(), $block->x->toMetres()][(int) $isUp], [$one->part->design->block->y->toMetres(), $one->part->design->block->x->toMetres()][(int) $isUp]);
        }
        self::assertSame(count($block->leftOut), array_sum(array_map(static fn (BlockPlan $plan): int => count($plan->part->design->block->leftOut), $after->blocks)));
    }

    /** @return array{float, float} Where the rails of a block begin and end */
    private static function ends_m(BlockPlan $block): array
    {
        return [min(INF, ...array_map(static fn ($run): float => $run->x0_m, $block->runs)), max(-INF, ...array_map(static fn ($run): float => $run->x1_m, $block->runs))];
    }

    public function test_what_is_not_too_long_or_cannot_be_parted_is_refused(): void
    {
        $job = DesignFile::read((string) file_get_contents(dirname(__DIR__, 3).'/docs/examples/quince-lane.json'));
        foreach ([null, 50.0, 1.0] as $longest_m) {
            try {
                JobEdits::apply($job, [['path' => '/kit/rail/longest_run_m', 'value' => $longest_m], ['block' => 'part']]);
                self::fail('It was parted.');
            } catch (DocumentInvalid $invalid) {
                self::assertStringContainsString('expected less than the rail of a block and more than that of one module', $invalid->getMessage());
            }
        }
    }
}
