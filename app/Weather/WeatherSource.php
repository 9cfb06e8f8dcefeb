<?php

declare(strict_types=1);

namespace App\Weather;

use Garnetine\Core\Design\Ground\Built\Forecast;

/** Where the weather of coming days comes from. What ships with the application is a simulated stand-in. */
interface WeatherSource
{
    /** What the screen calls this source; a stand-in says that it is one. */
    public function name(): string;

    /** @return list<Forecast> Of so many days from one on, each once */
    public function days(\DateTimeImmutable $from, int $count): array;
}
