<?php

declare(strict_types=1);

namespace Garnetine\Core\Design\Surface;

/** What snow drifts against, or slides from. */
enum SnowFeatureKind: string
{
    case HigherRoof = 'higher_roof';
    case Wall = 'wall';
    case Parapet = 'parapet';
    case Unit = 'unit';
}
