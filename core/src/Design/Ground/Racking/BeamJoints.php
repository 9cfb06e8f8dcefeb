<?php

declare(strict_types=1);

namespace Garnetine\Core\Design\Ground\Racking;

/** Where the pipes that carry the rails are joined. */
enum BeamJoints: string
{
    /** In one piece from end to end. */
    case None = 'none';
    /** In tees on the posts, of which nobody knows how stiff they are. */
    case AtPosts = 'at_posts';
}
