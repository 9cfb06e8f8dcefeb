<?php

declare(strict_types=1);

namespace Garnetine\Core\Tests\Seal;

use Garnetine\Core\Message\Texts;
use Garnetine\Core\Plan\Planner;
use Garnetine\Core\Seal\Clashes;
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
        $found = Clashes::findings(self::scenario($job, $changes)->design());
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
}
