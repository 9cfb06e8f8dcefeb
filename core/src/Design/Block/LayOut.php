<?php

declare(strict_types=1);

namespace Garnetine\Core\Design\Block;

/** How a crew brings the lines of feet onto the roof. Source: common practice, no source. */
enum LayOut: string
{
    /** Chalk lines by the slope tape, feet by the run tapes. */
    case Chalk = 'chalk_lines';
    /** The end feet first; a rail laid across them is the ruler for the others. */
    case Ruler = 'rail_as_ruler';
    /** Up from the butt line of a course, the width of a rail as gauge. */
    case Gauge = 'rail_as_gauge';
}
