<?php

declare(strict_types=1);

namespace Garnetine\Core\Load\Asce7;

use Garnetine\Core\Design\Site\Standard;

/** What differs between the editions of ASCE/SEI 7 besides the numbers in their tables. */
enum Edition: string
{
    case Of2016 = '7-16';
    case Of2022 = '7-22';

    public static function of(Standard $standard): self
    {
        return $standard === Standard::Asce722 ? self::Of2022 : self::Of2016;
    }

    public function table(string $name): string
    {
        return ($this === self::Of2016 ? 'asce7_16/' : 'asce7_22/').$name;
    }

    public function cite(string $clause): string
    {
        return "ASCE/SEI $this->value, $clause; recalled";
    }

    /** In 2022 Kd left the velocity pressure for the pressures themselves. */
    public function kdInVelocityPressure(): bool
    {
        return $this === self::Of2016;
    }

    /** Snow in the combinations of service loads. Source: §2.4.1. */
    public function snowAtService(): float
    {
        return $this->snowIsStrength() ? 0.7 : 1.0;
    }

    /** In 2022 ground snow came to strength level by risk category, and the importance factor went. */
    public function snowIsStrength(): bool
    {
        return $this === self::Of2022;
    }
}
