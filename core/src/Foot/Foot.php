<?php

declare(strict_types=1);

namespace Garnetine\Core\Foot;

use Garnetine\Core\Covering\Covering;
use Garnetine\Core\Quantity\Force;
use Garnetine\Core\Quantity\Length;

/**
 * What holds a rail to the roof at one place, of one of several kinds; each is a class that says what the checks, the sealing and
 * the crew need to know of it. Allowables are for one foot, as its document gives them.
 */
interface Foot
{
    /** Classes by the name of their kind in a design. */
    public const KINDS = [
        'flashed_foot' => FlashedFoot::class,
        'two_lag_foot' => TwoLagFoot::class,
        'standoff' => Standoff::class,
        'l_foot' => LFoot::class,
        'tile_hook' => TileHook::class,
        'seam_clamp' => SeamClamp::class,
        'butyl_base' => ButylBase::class,
        'sheet_screws' => SheetScrews::class,
    ];

    /** What was proven for a foot of one kind and is to be entered anew for another, by key. */
    public const ANEW = ['document' => '', 'up_N' => null, 'down_N' => null, 'along_N' => null, 'base/lateral_N' => null, 'base/lateral_document' => null];

    /** Sizes that a kind begins with, to be entered. */
    public const TYPICAL = [
        'flashed_foot' => ['flashing' => self::PLATE, 'hole_offset_m' => 0.0],
        'two_lag_foot' => ['flashing' => self::PLATE, 'hole_offset_m' => 0.0, 'between_lags_m' => 0.0508, 'load_line_m' => 0.0508, 'length_m' => 0.1016],
        'standoff' => ['flashing' => self::PLATE, 'hole_offset_m' => 0.0],
        'l_foot' => ['stands_on' => 'crest', 'pad_m' => 0.003, 'load_line_m' => 0.05, 'length_m' => 0.06],
        'butyl_base' => ['between_screws_m' => 0.05, 'load_line_m' => 0.05, 'length_m' => 0.1, 'width_m' => 0.127, 'column_m' => 0.03175, 'butyl_m' => 0.003],
        'seam_clamp' => ['length_m' => 0.06, 'for_seam' => '', 'for_thickness_m' => 0.0006],
        'sheet_screws' => [
            'pad_m' => 0.003, 'between_screws_m' => 0.04, 'load_line_m' => 0.03, 'length_m' => 0.06, 'for_thickness_m' => 0.0006, 'for_sheet' => '',
        ],
        'tile_hook' => [
            'between_screws_m' => 0.06, 'length_m' => 0.12,
            'arm' => [
                'reach_m' => 0.08, 'height_m' => 0.09, 'width_m' => 0.035, 'thickness_m' => 0.008, 'allowable_stress_Pa' => 1.24e8,
                'elastic_modulus_Pa' => 1.93e11, 'under_m' => 0.065, 'aside_m' => null,
            ],
        ],
    ];

    /** A plate to begin with. */
    public const PLATE = ['thickness_m' => 0.0008, 'width_m' => 0.2286, 'below_m' => 0.127, 'above_m' => 0.1778, 'makers_cover_m' => null];

    public function name(): string;

    public function document(): string;

    /**
     * What a foot must be given before it counts, by its key: null where it is still missing.
     *
     * @return array<string, Force|null>
     */
    public function allowables(): array;

    /** What it bears upward, downward and along the slope, infinite where nothing was given: with all that is its own, as a post. */
    public function limits(): FootLimits;

    /** @return list<string> Keys of the values that the limit along the slope comes from */
    public function alongFrom(): array;

    public function base(): FootBase;

    /** Null where none goes under a course: a pad seals it. */
    public function flashing(): ?Flashing;

    /** @return list<class-string<Covering>> What it is made for */
    public function coverings(): array;

    /** How high its base stands over the deck, or over the member where there is none, on a covering that it is made for. */
    public function over(Covering $covering): Length;

    /** Whether it stands between two ribs of a sheet, not on one. */
    public function standsInPan(): bool;

    /** Whether its fasteners hold in the sheet of the covering alone, and not in a member under it. */
    public function intoSheet(): bool;

    /** Whether a bolt holds the rail to it. */
    public function isBolted(): bool;

    /** Adjustment up and down the slope, each way. */
    public function slot(): Length;

    /** Height of the hole over the rail's axis along the slope; below it is negative. */
    public function holeOffset(): Length;

    /** Whether its base stands on the deck, with the shingles cut around it, not on top of them under its flashing. */
    public function sitsOnDeck(): bool;

    /** @return list<float> Its fasteners, each with its own hole: how far up the slope from the first, in metres; none where nothing is pierced */
    public function holes(): array;

    /** Whether its sizes contradict each other: a hole, or the line of the load, past its base. */
    public function isOffItsBase(): bool;

    /** How long its plate is up the slope, where it has to lie between two battens; null of others. */
    public function betweenBattens(): ?Length;

    /** How long its base is up the slope, where all of it has to lie on one course of shingles; null of others. */
    public function onOneCourse(): ?Length;

    /** What becomes of a screw of the roof in its place; null of feet that stand on none. */
    public function spent(): ?SpentHole;

    /** What still holds it where its middle column of screws misses; null where it has no other. */
    public function missed(bool $isAllowable): ?Missed;

    /** The step in which it is fixed, by its code; null where that goes by its screw. */
    public function attaching(): ?string;

    /** How it holds a rail up the slope; null where it does not, or too little of it is known. */
    public function underRailUp(): ?UnderRailUp;

    /** The pad that has to lie flat on this covering; null where it has none. */
    public function padOn(Covering $covering): ?PadOnFlat;

    /** How its hole is sealed, by the name of the step. */
    public function sealing(): string;
}
