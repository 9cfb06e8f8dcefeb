<?php

declare(strict_types=1);

namespace App\Listing;

use App\Desk\Stages;
use App\Desk\Standing;
use Garnetine\Core\Finding\Code;
use Garnetine\Core\Finding\Finding;
use Garnetine\Core\Message\Texts;

/** What is to be done next in a job, in a few words. */
final class NextThing
{
    /** The stage to open a job at, by the bytes of its plan; the first where that is not known. */
    public static function stage(?string $plan): string
    {
        if ($plan === null) {
            return Stages::KEYS[0];
        }

        return Stages::next(StoredPlan::read($plan)->findings());
    }

    /**
     * @param list<Finding> $findings Of its plan
     * @param bool $offers Whether the company knows values that the design does not use
     * @param int $unconfirmed Recalled values that nobody confirmed
     */
    public static function of(array $findings, Texts $texts, bool $offers, int $unconfirmed, bool $isSigned, bool $toIssue): string
    {
        $stage = Stages::next($findings);
        $open = array_values(array_filter($findings, static fn (Finding $finding): bool => $finding->stage()->value === $stage && $finding->blocks()));
        $examples = array_values(array_filter($open, static fn (Finding $finding): bool => $finding->code === Code::ExamplesLeft));
        $others = array_values(array_filter($open, static fn (Finding $finding): bool => $finding->code !== Code::ExamplesLeft));
        $words = [...$examples === [] ? [] : [Standing::of($examples, null)['word']], ...$others === [] ? [] : [$texts->finding($others[0])]];

        return match (true) {
            $words !== [] => Stages::title($stage).': '.implode('; ', $words),
            $offers => 'Hand-over: take over values that the company read since',
            $unconfirmed > 0 => "Hand-over: $unconfirmed recalled values to confirm",
            !$isSigned => 'Hand-over: the structure to sign',
            $toIssue => 'Hand-over: to issue for construction',
            default => 'Issued for construction; nothing is left to do',
        };
    }
}
