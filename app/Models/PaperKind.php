<?php

declare(strict_types=1);

namespace App\Models;

/** The papers of a revision: what the crew takes along, and what an engineer checks. Revisions issued before had one of both. */
enum PaperKind: string
{
    case Crew = 'crew';
    case Calculation = 'calculation';
    case Whole = 'whole';

    /** The papers that are made of a plan issued now. */
    public const MADE = [self::Crew, self::Calculation];

    public function file(): string
    {
        return match ($this) {
            self::Crew => 'crew-sheets',
            self::Calculation => 'calculation',
            self::Whole => 'paper',
        };
    }
}
