<?php

declare(strict_types=1);

namespace Garnetine\Core\Sun;

/** What stands round a table and hides the sun: straight between the directions in which it was looked at, all the way round. */
final readonly class Horizon
{
    /** @param list<array{float, float}> $points Bearing, from 0 to 2π, and elevation, ascending by bearing */
    private function __construct(public array $points)
    {
    }

    /** @param list<array{float, float}> $points Bearing and elevation in radians; of one bearing the higher counts */
    public static function of(array $points): self
    {
        $highest = [];
        foreach ($points as [$bearing, $elevation]) {
            $key = sprintf('%.9F', fmod($bearing, 2 * M_PI));
            $highest[$key] = max($highest[$key] ?? 0.0, $elevation);
        }
        ksort($highest, SORT_NUMERIC);

        return new self(array_map(static fn (string|int $bearing, float $elevation): array => [(float) $bearing, $elevation], array_keys($highest), $highest));
    }

    /** How high it reaches in a direction; the level where nobody looked. */
    public function elevation_rad(float $bearing_rad): float
    {
        $count = count($this->points);
        if ($count < 2) {
            return $this->points[0][1] ?? 0.0;
        }
        $bearing = fmod(fmod($bearing_rad, 2 * M_PI) + 2 * M_PI, 2 * M_PI);
        $after = 0;
        while ($after < $count && $this->points[$after][0] < $bearing) {
            ++$after;
        }
        [$from, $low] = $this->points[($after + $count - 1) % $count];
        [$to, $high] = $this->points[$after % $count];
        $from -= $after === 0 ? 2 * M_PI : 0.0;
        $to += $after === $count ? 2 * M_PI : 0.0;

        return $to <= $from ? $high : $low + ($high - $low) * ($bearing - $from) / ($to - $from);
    }
}
