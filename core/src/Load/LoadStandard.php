<?php

declare(strict_types=1);

namespace Garnetine\Core\Load;

use Garnetine\Core\Design\Design;
use Garnetine\Core\Finding\Finding;
use Garnetine\Core\Quantity\Area;
use Garnetine\Core\Quantity\Pressure;

/** What a loading standard says of a roof and an array on it. One is chosen for a job; nothing else asks which it is. */
interface LoadStandard
{
    /** @return list<Finding> Why it cannot be applied to the case; without one, loads() can */
    public function refusals(Design $design, Coefficients $coefficients): array;

    public function loads(Design $design, Coefficients $coefficients): SiteLoads;

    /** @return list<Finding> What it asks of the site, whether or not the case is covered */
    public function asksOfSite(Design $design): array;

    /** @return list<Finding> What it asks of the modules of one block */
    public function asksOfArray(Design $design, Coefficients $coefficients): array;

    /** @return list<Finding> What it is read to say, to be confirmed */
    public function assumptions(Design $design, SiteLoads $loads): array;

    /** Live load of the bare roof on an area, on the level; none where the standard's is not in hand, on the safe side. */
    public function roofLive(Design $design, Area $tributary, Coefficients $coefficients): Pressure;

    /** Whether the ground snow that is entered counts, and not a zone of a map. */
    public function readsGroundSnow(Design $design): bool;

    /** Whether its zones are strips along edges, so that they can be laid on a plane of any shape. */
    public function laysZonesOnAnyOutline(Design $design): bool;

    /** Whether partial snow goes by how the members are supported. */
    public function asksOfSupports(): bool;
}
