<?php

declare(strict_types=1);

namespace App\Starting;

use Garnetine\Core\Design\Kit\ExampleRail;

/** Made-up kits that a job may start with: a rail and the foot that goes with it, to be exchanged for what is bought. */
enum StartingKit: string
{
    case OneLag = 'one_lag';
    case TwoLags = 'two_lags';
    case Standoff = 'standoff';
    case Angle = 'angle';
    case Hook = 'hook';
    case Clamp = 'clamp';
    case Short = 'short';

    public function rail(): ExampleRail
    {
        return match ($this) {
            self::OneLag => ExampleRail::Light,
            self::TwoLags, self::Angle, self::Hook, self::Clamp, self::Short => ExampleRail::Standard,
            self::Standoff => ExampleRail::Heavy,
        };
    }

    /** Kind of the foot in a design. */
    public function foot(): string
    {
        return match ($this) {
            self::OneLag => 'flashed_foot',
            self::TwoLags => 'two_lag_foot',
            self::Standoff => 'standoff',
            self::Angle => 'l_foot',
            self::Hook => 'tile_hook',
            self::Clamp => 'seam_clamp',
            self::Short => 'sheet_screws',
        };
    }

    /** Kind of its screw, where it is not the blank survey's lag. */
    public function fastener(): ?string
    {
        return match ($this) {
            self::Angle, self::Hook => 'structural_screw',
            self::Short => 'steel_screw',
            default => null,
        };
    }

    /** Kind of the covering that it is for. */
    public function covering(): string
    {
        return match ($this) {
            self::Angle, self::Short => 'metal',
            self::Hook => 'tile',
            self::Clamp => 'seamed_metal',
            default => 'asphalt_shingles',
        };
    }
}
