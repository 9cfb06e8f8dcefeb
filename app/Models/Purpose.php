<?php

declare(strict_types=1);

namespace App\Models;

/** What a plan is issued for. */
enum Purpose: string
{
    /** To be looked at, whatever is open: not for construction. */
    case Review = 'review';
    /** To be built: nothing is open, and every value and the structure are confirmed by name. */
    case Construction = 'construction';
}
