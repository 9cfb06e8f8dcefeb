<?php

declare(strict_types=1);

namespace Garnetine\Core\Quantity;

/** An angle in radians. */
final class Angle implements Quantity
{
    use IsQuantity;

    public static function dimension(): Dimension
    {
        return Dimension::Angle;
    }

    public static function ofDegrees(float $value_deg): self
    {
        return self::from($value_deg, 'deg');
    }

    /** The pitch of a roof that rises $rise over a run of 12, as roofers give it. */
    public static function ofRiseInTwelve(float $rise): self
    {
        return new self(atan($rise / 12));
    }

    public function toRadians(): float
    {
        return $this->si;
    }

    public function toDegrees(): float
    {
        return $this->to('deg');
    }
}
