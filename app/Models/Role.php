<?php

declare(strict_types=1);

namespace App\Models;

/** What a user is in the company. */
enum Role: string
{
    case Planner = 'planner';
    case Reviewer = 'reviewer';
    case Crew = 'crew';
}
