<?php

declare(strict_types=1);

namespace Garnetine\Core\Tests\Seal;

use Garnetine\Core\Message\Texts;
use Garnetine\Core\Plan\Planner;
use Garnetine\Core\Seal\Clashes;
use Garnetine\Core\Seal\TubesOf;
use Garnetine\Core\Tests\Support\Scenario;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** Materials that spoil each other, and how warm it is to be where something is sealed. */
final class ClashesTest extends TestCase
{
    /** @param array<string, mixed> $changes */
    private static function scenario(string $job, array $changes): Scenario
    {
        $scenario = Scenario::of($job);
        foreach ($changes as $path => $value) {
            $scenario = $scenario->with($path, $value);
        }

        return $scenario;
    }

    /** @return iterable<string, array{string, array<string, string>, list<string>}> */
    public static function roofs(): iterable
    {
        foreach (['unknown' => false, 'zinc' => true, 'aluminium_zinc' => true, 'aluminium' => false, 'copper' => true] as $coating => $isEaten) {
            $own = $coating === 'copper' ? ['clash.copper_roof'] : [];
            yield "acetoxy on $coating" => ['feijoa-lane', ['/kit/sealant/base' => 'acetoxy_silicone', '/surface/covering/coating' => $coating], [...$isEaten ? ['clash.acetoxy'] : [], ...$own]];
            yield "neutral on $coating" => ['quillwort-lane', ['/kit/sealant/base' => 'neutral_silicone', '/surface/covering/coating' => $coating], $own];
            foreach (['unknown', 'none', 'copper', 'lead', 'treated_wood'] as $above) {
                $told = $above === 'copper' ? ['clash.copper_above'] : ($coating === 'aluminium_zinc' && in_array($above, ['lead', 'treated_wood'], true) ? ['clash.on_aluminium_zinc'] : []);
                yield "$above above $coating" => ['feijoa-lane', ['/surface/run_off' => $above, '/surface/covering/coating' => $coating], [...$own, ...$told]];
            }
        }
        foreach (['feijoa-lane', 'quillwort-lane'] as $job) {
            yield "parts made for copper on $job" => [$job, ['/surface/covering/coating' => 'copper', '/surface/covering/copper_document' => 'Letter 3'], []];
            yield "a document of blanks on $job" => [$job, ['/surface/covering/coating' => 'copper', '/surface/covering/copper_document' => ' '], ['clash.copper_roof']];
        }
        yield 'roof cement at a rubber pad' => ['feijoa-lane', ['/kit/sealant/base' => 'roof_cement'], ['clash.pad']];
        yield 'roof cement under shingles' => ['quince-lane', ['/kit/sealant/base' => 'roof_cement'], []];
        yield 'copper above shingles' => ['quince-lane', ['/surface/run_off' => 'copper'], ['clash.copper_above']];
    }

    /**
     * @param array<string, string> $changes
     * @param list<string> $told
     */
    #[DataProvider('roofs')]
    public function test_what_touches_or_runs_over_what_it_spoils_stops_the_plan(string $job, array $changes, array $told): void
    {
        $found = array_values(array_filter(Clashes::findings(self::scenario($job, $changes)->design()), static fn ($one): bool => $one->code->value === 'materials_clash'));
        self::assertSame($told, array_map(static fn ($one): mixed => $one->values['why'], $found));
        self::assertSame([], array_filter($found, static fn ($one): bool => !$one->blocks()));
    }

    public function test_a_sealant_is_used_within_its_window(): void
    {
        foreach ([[null, null, null], [-5.0, 40.0, 'Seal only between 23 °F and 104 °F'], [-5.0, null, 'Seal only from 23 °F on'], [null, 40.0, 'Seal only up to 104 °F']] as [$from, $to, $text]) {
            $plan = Planner::plan(self::scenario('quince-lane', ['/kit/sealant/applied_from_celsius' => $from, '/kit/sealant/applied_to_celsius' => $to])->design());
            $steps = array_values(array_filter($plan->steps->steps ?? [], static fn (array $step): bool => str_starts_with($step['code'], 'sealant_')));
            self::assertSame($text === null ? [] : [$text], array_map(static fn (array $step): string => (string) strstr(Texts::of($plan->design)->say('step.'.$step['code'], $step['values']), ': “', true), $steps));
        }
    }

    /** Holes of a 5/16-in screw 4 in long and beads of 1/4 in round plates of 8 in by 3 and 5 in, 15 % more: by hand in litres. */
    public function test_tubes_of_sealant_fill_holes_and_beads(): void
    {
        $tubes = static fn (string $job, ?float $litres): ?int => array_column(Planner::plan(self::scenario($job, ['/kit/sealant/tube_litres' => $litres])->design())->materials(), 'count', 'item')['tube'] ?? null;
        self::assertNull($tubes('quince-lane', null));
        self::assertNull($tubes('quince-lane', 0.3));
        $design = self::scenario('quince-lane', ['/kit/sealant/tube_litres' => 0.3, '/kit/sealant/bead_m' => 0.00635, '/kit/foot/flashing/width_m' => 0.2032, '/kit/foot/flashing/below_m' => 0.0762, '/kit/foot/flashing/above_m' => 0.127])->design();
        $hole = M_PI / 4 * (5 / 16 * 2.54) ** 2 * 4 * 2.54 / 1000;
        $bead = M_PI / 4 * 0.635 ** 2 * (20.32 + 2 * (7.62 + 12.7)) / 1000;
        self::assertEqualsWithDelta(1.15 * (34 * $hole + 32 * $bead), 1000 * TubesOf::volume_m3($design, 34, 32), 1e-6);
        self::assertSame([4, 1], [TubesOf::count($design, 34, 32), TubesOf::count($design, 34, 0)]);
        $plan = Planner::plan($design);
        $count = array_column($plan->materials(), 'count', 'item');
        self::assertSame(TubesOf::count($design, $count['sealed_hole'], $count['foot']), $count['tube']);
        // Where no plate wants a bead the holes alone are filled.
        self::assertSame(1, $tubes('feijoa-lane', 0.3));
    }
}
