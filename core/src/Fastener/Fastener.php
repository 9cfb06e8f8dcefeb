<?php

declare(strict_types=1);

namespace Garnetine\Core\Fastener;

use Garnetine\Core\Quantity\Force;
use Garnetine\Core\Quantity\Length;

/**
 * What holds the base of a foot to its member, of one of several kinds. What its thread holds in a member of the roof is worked
 * out with the foot, see FastenerInMember.
 */
interface Fastener
{
    /** Classes by the name of their kind in a design. */
    public const KINDS = [
        'lag' => LagScrew::class, 'structural_screw' => StructuralScrew::class, 'wood_screw' => WoodScrew::class, 'steel_screw' => SteelScrew::class,
    ];

    /** What was proven for one and is to be entered anew for another, by key. */
    public const ANEW = [
        'name' => 'Screw, to be named', 'document' => '', 'pull_out_N' => null, 'tension_N' => null, 'shear_N' => null, 'spacing_m' => null,
        'edge_m' => null, 'pilot_m' => null,
    ];

    /** What a maker allows for one in a foot, which does not hold for one of another kind; places in a design. */
    public const PROVEN_WITH = ['/kit/foot/base/lateral_N', '/kit/foot/base/lateral_document'];

    /** Sizes that a kind begins with, to be entered. */
    public const TYPICAL = [
        'lag' => ['diameter' => '5/16', 'shank_hole' => true],
        'structural_screw' => ['diameter_m' => 0.00635, 'thread_m' => 0.0508, 'tip_m' => 0.00635, 'spacing_m' => null, 'edge_m' => null, 'pilot_m' => null],
        'steel_screw' => ['diameter_m' => 0.0055, 'tension_N' => null, 'shear_N' => null],
        'wood_screw' => ['gauge' => '14', 'thread_m' => 0.0508, 'spacing_m' => null, 'edge_m' => null, 'pilot_m' => null],
    ];

    public function name(): string;

    public function document(): string;

    public function diameter(): Length;

    public function length(): Length;

    /** What it holds against pulling out of the member, from its document; in place of a computed value. */
    public function pullOut(): ?Force;

    /** Bit of the pilot hole; null where it is driven without one. */
    public function pilot(): ?Length;

    /** A guide holds the drill square to the roof. */
    public function isGuided(): bool;
}
