<?php

declare(strict_types=1);

namespace App\Support;

use App\Models\Design;
use Garnetine\Core\Design\Design as Document;
use Garnetine\Core\Load\ZoneDemand;
use Garnetine\Core\Message\Texts;
use Garnetine\Core\Plan\Finding;
use Garnetine\Core\Plan\FindingKind;
use Garnetine\Core\Plan\Plan;
use Garnetine\Core\Plan\Planner;
use Garnetine\Core\Quantity\Dimension;

/** Two designs of a job side by side: what was entered, and what came of it. */
final class Comparison
{
    /** @return array<string, mixed> */
    public static function of(Design $one, Design $two): array
    {
        return [
            'one' => ['number' => $one->number, 'change' => $one->change], 'two' => ['number' => $two->number, 'change' => $two->change],
        ] + self::between($one->document(), $two->document());
    }

    /** @return array{inputs: list<array{path: string, label: string, before: string, after: string}>, results: list<array{label: string, before: string, after: string}>} */
    public static function between(Document $before, Document $after): array
    {
        [$plan, $other] = [Planner::plan($before), Planner::plan($after)];
        $results = [];
        $ours = self::results($plan);
        $theirs = self::results($other);
        foreach (array_keys($ours + $theirs) as $name) {
            // Standards differ in their zones: what one of them lacks stays empty.
            $results[] = ['label' => $name, 'before' => $ours[$name] ?? '', 'after' => $theirs[$name] ?? ''];
        }

        return ['inputs' => Differences::between($before, $after), 'results' => $results];
    }

    /** @return array<string, string> */
    private static function results(Plan $plan): array
    {
        $texts = new Texts($plan->design->printer());
        $reserve = $plan->leastReserve();
        $bars = $plan->cutting === null ? 0 : count($plan->cutting->stock);
        $stops = array_filter($plan->findings, static fn (Finding $finding): bool => in_array($finding->kind, [FindingKind::Stop, FindingKind::Refusal], true) && $finding->clearedBy === null);

        return [
            'Modules' => (string) $plan->placement->count,
            'Feet' => (string) $plan->attachmentCount(),
            'Standing' => Standing::of($plan->findings, $reserve)['word'],
            'Least reserve' => $reserve === null ? 'no plan' : Texts::reserve($reserve),
            'Rail lengths' => (string) $bars,
            'Wind on the modules, downward' => $plan->loads === null ? '' : $plan->design->printer()->print(Dimension::Pressure, $plan->loads->windDown_Pa),
            ...self::suctions($plan),
            'Sloped roof snow' => $plan->loads === null ? '' : $plan->design->printer()->print(Dimension::Pressure, $plan->loads->snow->balanced_Pa),
            'Stops' => implode(' ', array_values(array_unique(array_map($texts->finding(...), $stops)))),
        ];
    }

    /** @return array<string, string> Suction on a whole module with an exposed side, by zone */
    private static function suctions(Plan $plan): array
    {
        $suctions = [];
        foreach ($plan->loads === null ? [] : ZoneDemand::all($plan->design, $plan->loads) as $demand) {
            $suctions[($plan->loads?->exposureCounts === true ? 'Suction at an exposed side, zone ' : 'Suction, zone ').$demand->zone] = $plan->design->printer()->print(Dimension::Pressure, $demand->suctionExposed_Pa);
        }

        return $suctions;
    }
}
