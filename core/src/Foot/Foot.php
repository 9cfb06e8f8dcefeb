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
    public const KINDS = ['flashed_foot' => FlashedFoot::class, 'two_lag_foot' => TwoLagFoot::class, 'standoff' => Standoff::class, 'l_foot' => LFoot::class];

    /** What was proven for a foot of one kind and is to be entered anew for another, by key. */
    public const ANEW = ['document' => '', 'up_N' => null, 'down_N' => null, 'along_N' => null, 'base/lateral_N' => null, 'base/lateral_document' => null];

    /** Sizes that a kind begins with, to be entered. */
    public const TYPICAL = [
        'flashed_foot' => ['flashing' => self::PLATE, 'hole_offset_m' => 0.0],
        'two_lag_foot' => ['flashing' => self::PLATE, 'hole_offset_m' => 0.0, 'between_lags_m' => 0.0508, 'load_line_m' => 0.0508, 'length_m' => 0.1016],
        'standoff' => ['flashing' => self::PLATE, 'hole_offset_m' => 0.0],
        'l_foot' => ['stands_on' => 'crest', 'pad_m' => 0.003, 'load_line_m' => 0.05, 'length_m' => 0.06],
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

    /** Adjustment up and down the slope, each way. */
    public function slot(): Length;

    /** Height of the hole over the rail's axis along the slope; below it is negative. */
    public function holeOffset(): Length;

    /** Whether its base stands on the deck, with the shingles cut around it, not on top of them under its flashing. */
    public function sitsOnDeck(): bool;

    /** @return non-empty-list<float> Its fasteners, each with its own hole: how far up the slope from the first, in metres */
    public function holes(): array;

    /** Whether its sizes contradict each other: a hole, or the line of the load, past its base. */
    public function isOffItsBase(): bool;

    /** The pad that has to lie flat on this covering; null where it has none. */
    public function padOn(Covering $covering): ?PadOnFlat;

    /** How its hole is sealed, by the name of the step. */
    public function sealing(): string;
}
