<?php

declare(strict_types=1);

namespace Garnetine\Core\Design\Block;

use Garnetine\Core\Design\Kit\Rail;
use Garnetine\Core\Quantity\Length;

/** How rails lie under the modules of a block, or that there are none; each kind with its own values, and the class of `Rail\Arranging` that lays it out. */
interface Arrangement
{
    /** Classes by the name of their kind in a design. */
    public const KINDS = [
        'rails_across' => RailsAcross::class,
        'rails_up' => RailsUp::class,
        'short_rails' => ShortRails::class,
        'cross_rails' => CrossRails::class,
        'shared_rails' => SharedRails::class,
        'tilt_legs' => TiltLegs::class,
        'on_feet' => OnFeet::class,
    ];

    /** Sizes that a kind begins with, to be entered. */
    public const TYPICAL = [
        'short_rails' => ['piece_m' => 0.4, 'clear_m' => 0.03],
        'cross_rails' => ['name' => 'Crossing clamp', 'document' => '', 'up_N' => null, 'down_N' => null, 'along_N' => null],
        'tilt_legs' => ['name' => 'Tilt leg', 'document' => '', 'front_m' => 0.1, 'up_N' => null, 'down_N' => null, 'along_N' => null, 'bracing' => ''],
    ];

    /** How far past the first and the last module of a stretch places for feet are looked for. */
    public function past(Rail $rail): Length;

    /** Whether the rails under the modules run up the slope and not along the eave. */
    public function isUpSlope(): bool;

    /** Whether the rails on the feet do. */
    public function standsUpSlope(): bool;

    /** Whether its lines lie in the gaps between rows, and modules are clamped along them. */
    public function liesBetweenRows(): bool;

    /** Whether there are rails at all. */
    public function hasRails(): bool;
}
