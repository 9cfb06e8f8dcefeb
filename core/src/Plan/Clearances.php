<?php

declare(strict_types=1);

namespace Garnetine\Core\Plan;

use Garnetine\Core\Design\Design;
use Garnetine\Core\Design\Ground\TableDesign;
use Garnetine\Core\Design\Signing\Confirmation;
use Garnetine\Core\Finding\Finding;
use Garnetine\Core\Finding\FindingKind;
use Garnetine\Core\Load\Coefficient;

/** What named persons stand for in a design: stops cleared, coefficients confirmed, the structure signed. */
final class Clearances
{
    /**
     * @param list<Finding> $findings
     *
     * @return list<Finding> Most serious first, cleared stops with their names
     */
    public static function apply(Design|TableDesign $design, array $findings): array
    {
        $names = [];
        foreach ($design->confirmations as $confirmation) {
            $names[$confirmation->subject] = $confirmation->who();
        }
        $marked = array_map(
            static fn (Finding $finding): Finding => $finding->isClearable() && isset($names[$finding->subject()])
                ? $finding->clearedBy($names[$finding->subject()]) : $finding,
            $findings,
        );
        $order = [FindingKind::Refusal->value => 0, FindingKind::Stop->value => 1, FindingKind::Warning->value => 2, FindingKind::Assumption->value => 3];
        usort($marked, static fn (Finding $one, Finding $other): int => $order[$one->kind->value] <=> $order[$other->kind->value]);

        return $marked;
    }

    /** The name of who read a coefficient in an own copy, or confirmed it as it is recalled; null when nobody did. */
    public static function coefficient(Design|TableDesign $design, Coefficient $coefficient): ?string
    {
        return $coefficient->readBy ?? self::find($design, 'coefficient/'.$coefficient->id, $coefficient->text())?->who();
    }

    public static function find(Design|TableDesign $design, string $subject, string $value): ?Confirmation
    {
        foreach ($design->confirmations as $confirmation) {
            if ($confirmation->subject === $subject && $confirmation->value === $value) {
                return $confirmation;
            }
        }

        return null;
    }
}
