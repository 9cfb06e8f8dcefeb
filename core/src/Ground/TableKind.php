<?php

declare(strict_types=1);

namespace Garnetine\Core\Ground;

use Garnetine\Core\Design\Ground\TableDesign;
use Garnetine\Core\Finding\Finding;

/**
 * A kind of table: what carries the modules and stands on the ground, with its geometry, statics, checks, materials and steps. A further
 * kind is a class of the design, one of these, and a line in both lists.
 */
interface TableKind
{
    /** @return list<Finding> What is asked of its own parts, and what is refused, before anything is computed */
    public function asked(): array;

    public function face(): TableFace;

    /** @return list<string> Where it was entered how high the modules stand */
    public function heightFrom(): array;

    /** @param list<TableStand> $others The same table at other tilts: it stands no less deep than there, and under no fewer blocks */
    public function stand(TableLoads $loads, array $others = []): TableStand;

    /** @return list<TableDesign> The same modules on other numbers of posts and in other holes; none where there is nothing to vary */
    public function others(): array;
}
