<?php

declare(strict_types=1);

namespace Garnetine\Core\Design\Surface;

/** What a surface is; further kinds bring no new version of the document. */
enum SurfaceKind: string
{
    case RoofPlane = 'roof_plane';
}
