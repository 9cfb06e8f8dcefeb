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
        'seamed_metal' => SeamedMetal::class,
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
        'seamed_metal' => ['seam_pitch_m' => 0.43, 'first_seam_m' => 0.2, 'seam' => 'folded twice, 25 mm', 'sheet_thickness_m' => 0.0006],
        'tile' => [
            'under_plate_m' => 0.0, 'tile_top_m' => 0.055, 'lower_batten_m' => 0.3, 'upper_batten_m' => 4.8, 'batten_spaces' => 13, 'batten_width_m' => 0.048,
        ],
    ];

    /** How thick it is under a base on top of it, between its ribs where it has any. */
    public function thickness(): Length;

    /** How thick it is under a base that stands on the deck, with the covering cut around it. */
    public function underlayment(): Length;

    /** Whether anything is planned on it. */
    public function isPlanned(): bool;

    /** Whether it is screwed to purlins, not laid over rafters or trusses; null where it lies on either. */
    public function liesOnPurlins(): ?bool;

    /** @return 'member'|'rib'|'seam' What feet along a line are counted by: members, or what is seen of it, where a foot stands on its mark */
    public function stand(): string;

    /** The step of the job, by its code, as it is done on this covering. */
    public function step(string $code): string;

    /** @return list<string> Cautions that come with the covering at a step, by its code */
    public function cautions(string $code): array;

    /** @return list<string> Tools that the work on it takes, by their codes */
    public function tools(): array;

    /** The same with left and right of a plane exchanged. */
    public function mirrored(Length $width): self;
}
