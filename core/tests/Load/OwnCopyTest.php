<?php

declare(strict_types=1);

namespace Garnetine\Core\Tests\Load;

use Garnetine\Core\Because\Because;
use Garnetine\Core\Because\Becauses;
use Garnetine\Core\Design\DesignFile;
use Garnetine\Core\Document\DocumentInvalid;
use Garnetine\Core\Load\Coefficients;
use Garnetine\Core\Plan\Depth;
use Garnetine\Core\Plan\Plan;
use Garnetine\Core\Plan\Planner;
use Garnetine\Core\Tests\Support\Scenario;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** Values read in the company's own copies stand in place of the recalled ones, everywhere, and say so. */
final class OwnCopyTest extends TestCase
{
    private static function plan(string $coefficient, float $value): Plan
    {
        return Planner::plan(Scenario::of()->with('/own_copies', [[
            'coefficient' => $coefficient, 'value' => $value, 'document' => 'Our copy', 'clause' => 'Table 1', 'name' => 'E. Sorrel', 'on' => '2026-06-01',
        ]])->design(), Depth::Checks);
    }

    public function test_an_own_value_drives_the_plan_counts_as_read_and_is_named_in_the_because(): void
    {
        $before = Planner::plan(Scenario::of()->design(), Depth::Checks);
        $after = self::plan('asce7_16/velocity_pressure/kd', 0.95);
        self::assertEqualsWithDelta(0.95 / 0.85, ($after->loads?->figures->number('loads/qh') ?? 0) / ($before->loads?->figures->number('loads/qh') ?? 1), 1e-12);
        self::assertCount(count($before->unconfirmed()) - 1, $after->unconfirmed());
        self::assertContains('own_copy_differs', array_map(static fn ($finding): string => $finding->code->value, $after->findings));
        $leaf = self::leaf(Becauses::of($after, 'loads/qh'), 'asce7_16/velocity_pressure/kd');
        self::assertSame(['Our copy, Table 1', 'own copy', 'E. Sorrel'], [$leaf?->source, $leaf?->confidence, $leaf?->confirmedBy]);
    }

    private static function leaf(Because $because, string $id): ?Because
    {
        if (($because->values['id'] ?? null) === $id) {
            return $because;
        }
        foreach ($because->children as $child) {
            $found = self::leaf($child, $id);
            if ($found !== null) {
                return $found;
            }
        }

        return null;
    }

    public function test_every_value_that_a_plan_uses_can_be_read_in_an_own_copy(): void
    {
        $used = Planner::plan(Scenario::of()->design())->coefficients->used();
        self::assertGreaterThan(30, count($used));
        foreach ($used as $coefficient) {
            self::assertEquals($coefficient, Coefficients::ofId($coefficient->id));
            $same = self::plan($coefficient->id, $coefficient->value);
            self::assertSame([], array_filter($same->findings, static fn ($finding): bool => str_starts_with($finding->code->value, 'own_copy')), $coefficient->id);
            self::assertNotSame([], array_filter($same->coefficients->used(), static fn ($one): bool => $one->id === $coefficient->id && $one->readBy === 'E. Sorrel'), "$coefficient->id is looked up past the own copies");
        }
    }

    /** @return iterable<string, array{string, float, string}> */
    public static function impossible(): iterable
    {
        yield 'unknown' => ['asce7_16/velocity_pressure/k', 1.0, 'own_copy_unknown'];
        yield 'a path upward' => ['../data/existing/gravity/ratio', 1.0, 'own_copy_unknown'];
        yield 'nothing' => ['asce7_16/velocity_pressure/kd', 0.0, 'own_copy_implausible'];
        yield 'another sign' => ['asce7_16/velocity_pressure/kd', -0.85, 'own_copy_implausible'];
        yield 'another unit' => ['asce7_16/panels/least_psf', 766.0, 'own_copy_implausible'];
    }

    #[DataProvider('impossible')]
    public function test_what_cannot_be_is_refused(string $coefficient, float $value, string $code): void
    {
        $plan = self::plan($coefficient, $value);
        self::assertTrue($plan->hasRefusal());
        self::assertContains($code, array_map(static fn ($finding): string => $finding->code->value, $plan->findings));
        self::assertSame([], $plan->supports);
    }

    /** @return array<string, array{int, string, string}> Version, hash as written, a key of the next version */
    public static function versions(): array
    {
        return ['version 1' => [1, '10cc0a95138f', '"own_copies": []'], 'version 2' => [2, '75fb43bc0e2d', '"given": null'], 'version 3' => [3, '549dd899613c', '"surfaces": {}']];
    }

    #[DataProvider('versions')]
    public function test_a_design_of_an_older_version_is_read_and_keeps_the_hash_it_was_written_with(int $version, string $hash, string $newer): void
    {
        $frozen = (string) file_get_contents(dirname(__DIR__)."/Fixtures/design-$version.json");
        $design = DesignFile::read($frozen);
        self::assertSame([4, [], null], [$design->schema, $design->ownCopies, $design->given]);
        self::assertEquals(Scenario::of()->with('/client', $design->client)->with('/address', $design->address)->project(), $design);
        self::assertSame($hash, substr(DesignFile::hashAsWritten($frozen), 0, 12));
        self::assertSame(DesignFile::hash($design), DesignFile::hashAsWritten(DesignFile::write($design)));
        $this->expectException(DocumentInvalid::class);
        DesignFile::read(str_replace("\"schema\": $version", "$newer, \"schema\": $version", $frozen));
    }
}
