<?php

declare(strict_types=1);

namespace Garnetine\Core\Tests\Plan;

use Garnetine\Core\Covering\Covering;
use Garnetine\Core\Design\Edits;
use Garnetine\Core\Finding\Finding;
use Garnetine\Core\Plan\Cures;
use Garnetine\Core\Plan\Depth;
use Garnetine\Core\Plan\Planner;
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

    /** @param list<string> $paths */
    #[DataProvider('troubles')]
    public function test_what_a_finding_names_mends_it(Scenario $roof, array $paths): void
    {
        $findings = Planner::plan($roof->design(), Depth::Checks)->findings;
        $mended = array_values(array_filter($findings, static fn (Finding $one): bool => Cures::of($one, $one->at) !== []));
        self::assertNotSame([], $mended, implode(' ', array_map(static fn (Finding $one): string => $one->code->value, $findings)));
        $edits = Cures::of($mended[0], $mended[0]->at);
        self::assertSame($paths, array_column($edits, 'path'));
        $after = Planner::plan(Edits::apply($roof->design(), $edits), Depth::Checks)->findings;
        self::assertNotContains($mended[0]->code, array_map(static fn (Finding $one) => $one->code, $after));
        // Of another block in the words of that one.
        self::assertSame(array_map(static fn (string $path): string => str_replace('/block/', '/blocks/north/', $path), $paths), array_column(Cures::of($mended[0], str_replace('/block/', '/blocks/north/', $mended[0]->at)), 'path'));
    }
}
