<?php

declare(strict_types=1);

namespace App\Support;

use Garnetine\Core\Design\Design;
use Garnetine\Core\Design\Edits;
use Garnetine\Core\Document\Writer;

/** Adds signatures to a design. A new signature on a subject replaces the old one in the new design; older designs keep theirs. */
final class Confirming
{
    /** @param array<mixed> $subjects As validated: lists of {subject, value} */
    public static function with(Design $design, array $subjects, string $name, string $reason, string $today): Design
    {
        $signed = array_column($subjects, 'subject');
        $kept = array_filter($design->confirmations, static fn ($old): bool => !in_array($old->subject, $signed, true));
        $added = array_map(static fn (mixed $one): array => [
            'subject' => is_array($one) ? $one['subject'] ?? '' : '', 'value' => is_array($one) ? $one['value'] ?? '' : '',
            'name' => $name, 'on' => $today, 'reason' => $reason,
        ], $subjects);

        return Edits::apply($design, [['path' => '/confirmations', 'value' => [...array_map(Writer::toArray(...), array_values($kept)), ...array_values($added)]]]);
    }
}
