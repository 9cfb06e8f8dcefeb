<?php

declare(strict_types=1);

namespace Garnetine\Core\Covering;

use Garnetine\Core\Quantity\Length;

/** What lies over the deck of a roof plane, or over its members where there is none; each kind with its own values. */
interface Covering
{
    /** Classes by the name of their kind in a design. */
    public const KINDS = [
        'asphalt_shingles' => Shingles::class,
        'metal' => ScrewedMetal::class,
        'tile' => Tile::class,
        'membrane' => Membrane::class,
        'other_covering' => OtherCovering::class,
    ];

    /** Sizes that a kind begins with, to be entered. */
    public const TYPICAL = [
        'asphalt_shingles' => [
            'shingle_thickness_m' => 0.00635, 'underlayment_thickness_m' => 0.000762, 'lower_butt_m' => 0.28575, 'upper_butt_m' => 4.572,
            'courses_between' => 30,
        ],
        'metal' => [
            'rib_pitch_m' => 0.076, 'first_rib_m' => 0.05, 'rib_height_m' => 0.017, 'sheet_thickness_m' => 0.00042, 'lower_screws_m' => 0.1,
            'upper_screws_m' => 5.5, 'spaces_between' => 6, 'clear_m' => 0.2,
        ],
    ];

    /** How thick it is under a base on top of it, between its ribs where it has any. */
    public function thickness(): Length;

    /** How thick it is under a base that stands on the deck, with the covering cut around it. */
    public function underlayment(): Length;

    /** Whether anything is planned on it. */
    public function isPlanned(): bool;

    /** Whether it is screwed to purlins, not laid over rafters or trusses. */
    public function liesOnPurlins(): bool;

    /** The step of the job, by its code, as it is done on this covering. */
    public function step(string $code): string;

    /** @return list<string> Cautions that come with the covering at a step, by its code */
    public function cautions(string $code): array;

    /** @return list<string> Tools that the work on it takes, by their codes */
    public function tools(): array;

    /** The same with left and right of a plane exchanged. */
    public function mirrored(Length $width): self;
}
