<?php

declare(strict_types=1);

namespace Garnetine\Core\Rates;

/** What a plan takes by a company's own rates. Modules cost the same on each way to lay them, and are left out. */
final readonly class Effort
{
    /**
     * @param list<string> $missing Rates that were asked for and are open, by their keys: what rests on them is not told
     */
    private function __construct(
        /** Of one person; null where a rate for them is open. */
        public ?float $hours,
        /** Work and parts, in the company's money. */
        public ?float $cost,
        public array $missing,
    ) {
    }

    /**
     * Of a roof.
     *
     * @param array{feet: int, pieces: int, bars: int, splices: int, crossings: int, clamps: int, modules: int} $counts
     */
    public static function ofRoof(Rates $rates, array $counts): self
    {
        $minutes = self::sum([
            'start_minutes' => [$rates->startMinutes, 1], 'foot_minutes' => [$rates->footMinutes, $counts['feet']],
            'rail_minutes' => [$rates->railMinutes, $counts['pieces']], 'crossing_minutes' => [$rates->crossingMinutes, $counts['crossings']],
            'module_minutes' => [$rates->moduleMinutes, $counts['modules']],
        ]);
        $parts = self::sum([
            'foot_price' => [$rates->footPrice, $counts['feet']], 'bar_price' => [$rates->barPrice, $counts['bars']],
            'splice_price' => [$rates->splicePrice, $counts['splices']], 'crossing_price' => [$rates->crossingPrice, $counts['crossings']],
            'clamp_price' => [$rates->clampPrice, $counts['clamps']],
        ]);

        return self::of($rates, $minutes[0] === null ? null : $minutes[0] / 60, [...$minutes[1], ...$parts[1]], $parts[0]);
    }

    /**
     * Of a table on the ground, the hours of which its own minutes tell.
     *
     * @param float|null $hours Of one person
     * @param float $posts_m All that stands in the ground, end to end
     */
    public static function ofTable(Rates $rates, ?float $hours, float $posts_m, float $bags): self
    {
        $parts = self::sum(['post_metre_price' => [$rates->postMetrePrice, $posts_m], 'bag_price' => [$rates->bagPrice, $bags]]);

        return self::of($rates, $hours, $parts[1], $parts[0]);
    }

    /** @param list<string> $missing */
    private static function of(Rates $rates, ?float $hours, array $missing, ?float $parts): self
    {
        $work = self::sum(['hour' => [$rates->hour, $hours ?? 0.0]]);

        return new self($hours, $hours === null || $work[0] === null || $parts === null ? null : $work[0] + $parts, [...$missing, ...$work[1]]);
    }

    /**
     * @param array<string, array{float|null, int|float}> $each By key, what one takes and how many there are
     *
     * @return array{float|null, list<string>} Null where one of them is open that there are any of
     */
    private static function sum(array $each): array
    {
        $asked = array_filter($each, static fn (array $one): bool => $one[1] > 0);
        $open = array_keys(array_filter($asked, static fn (array $one): bool => $one[0] === null));

        return [$open === [] ? array_sum(array_map(static fn (array $one): float => $one[0] * $one[1], $asked)) : null, $open];
    }
}
