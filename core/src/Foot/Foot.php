<?php

declare(strict_types=1);

namespace Garnetine\Core\Foot;

use Garnetine\Core\Quantity\Force;
use Garnetine\Core\Quantity\Length;

/**
 * What holds a rail to the roof at one place, of one of several kinds; each is a class that says what the checks, the sealing and
 * the crew need to know of it. Allowables are for one foot, as its document gives them.
 */
interface Foot
{
    /** Classes by the name of their kind in a design. */
    public const KINDS = ['flashed_foot' => FlashedFoot::class, 'two_lag_foot' => TwoLagFoot::class, 'standoff' => Standoff::class];

    /** What was proven for a foot of one kind and is to be entered anew for another, by key. */
    public const ANEW = ['document' => '', 'up_N' => null, 'down_N' => null, 'along_N' => null, 'base/lateral_N' => null, 'base/lateral_document' => null];

    /** Sizes that a kind begins with, to be entered. */
    public const TYPICAL = ['two_lag_foot' => ['between_lags_m' => 0.0508, 'load_line_m' => 0.0508, 'length_m' => 0.1016]];

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

    public function flashing(): Flashing;

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

    /** How its hole is sealed, by the name of the step. */
    public function sealing(): string;
}
