<?php

declare(strict_types=1);

namespace App\Weather;

use Garnetine\Core\Design\Ground\Built\Forecast;
use Garnetine\Core\Quantity\Speed;

/** Invented weather, the same for a day whenever it is asked for, for trying the look-up; no real place has it. */
final class SimulatedWeather implements WeatherSource
{
    /** One day of so many is wet. */
    private const WET = 4;

    public function name(): string
    {
        return 'simulated weather service with invented days';
    }

    public function days(\DateTimeImmutable $from, int $count): array
    {
        $days = [];
        for ($day = 0; $day < $count; ++$day) {
            $on = $from->modify("+$day days")->format('Y-m-d');
            $seed = crc32("weather $on");
            // Wet days are windier.
            $isWet = $seed % self::WET === 0;
            $days[] = new Forecast($on, $isWet, Speed::ofSi(3.0 + (intdiv($seed, self::WET) % 15) / 2 + ($isWet ? 3.0 : 0.0)));
        }

        return $days;
    }
}
