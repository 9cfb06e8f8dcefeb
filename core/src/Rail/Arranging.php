<?php

declare(strict_types=1);

namespace Garnetine\Core\Rail;

use Garnetine\Core\Design\Block\Arrangement;
use Garnetine\Core\Design\Block\CrossRails;
use Garnetine\Core\Design\Block\OnFeet;
use Garnetine\Core\Design\Block\RailsAcross;
use Garnetine\Core\Design\Block\RailsUp;
use Garnetine\Core\Design\Block\SharedRails;
use Garnetine\Core\Design\Block\ShortRails;
use Garnetine\Core\Design\Block\TiltLegs;
use Garnetine\Core\Design\Design;
use Garnetine\Core\Finding\Finding;
use Garnetine\Core\Framing\Members;

/** How an arrangement of rails takes up the clamps of a stretch of modules: as one rail, or several. */
interface Arranging
{
    /** Classes by those of the design. */
    public const KINDS = [
        RailsAcross::class => AlongRows::class,
        RailsUp::class => AlongRows::class,
        CrossRails::class => AlongRows::class,
        SharedRails::class => AlongRows::class,
        TiltLegs::class => AlongRows::class,
        ShortRails::class => ShortPieces::class,
        OnFeet::class => FeetAlone::class,
    ];

    /**
     * @param Run $whole The stretch as if one rail lay under all of it, with every place for a foot as far out as the arrangement looks
     *
     * @return list<Run> From the left
     */
    public static function runs(Design $design, Arrangement $arrangement, Run $whole): array;

    /**
     * @param list<Run> $runs Of one block
     *
     * @return list<Finding> What of its rails cannot lie as it has them
     */
    public static function findings(Design $design, Arrangement $arrangement, Members $members, array $runs): array;
}
