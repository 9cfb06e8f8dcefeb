<?php

declare(strict_types=1);

namespace Garnetine\Core\Foot;

use Garnetine\Core\Quantity\Length;

/** The hole of a screw that held the roof down, where a foot has taken its place: its thread in the purlin is spent. */
final readonly class SpentHole
{
    /** How far a pad wants to reach past the old hole that it covers. Source: common practice, no source (½ in). */
    private const COVER_IN = 0.5;

    public function __construct(public RoofScrew $screw, public ?Length $besideBy, public string $test, private ?Length $padWidth)
    {
    }

    /** Whether it is sealed by itself, for no pad covers it. */
    public function isSealedApart(): bool
    {
        $reach_m = ($this->padWidth?->toMetres() ?? 0.0) / 2;

        return $this->screw === RoofScrew::Beside && $reach_m < ($this->besideBy?->toMetres() ?? 0.0) + Length::ofInches(self::COVER_IN)->toMetres() - 1e-9;
    }
}
