<?php

declare(strict_types=1);

namespace App\Actions\Plans;

use Garnetine\Core\Message\Texts;
use Garnetine\Core\Plan\Plan;
use Garnetine\Core\Plan\ProjectPlan;

/** A plan that is to be built and is not confirmed, with what is open. */
final class NotForConstruction extends \RuntimeException
{
    public static function because(ProjectPlan $plan): self
    {
        $blocked = $unsigned = [];
        foreach ($plan->all() as $id => $one) {
            $of = count($plan->all()) > 1 ? "{$plan->project->nameOf((string) $id)}: " : '';
            $blocks = array_values(array_filter($one->findings, static fn ($finding): bool => $finding->blocks()));
            if ($blocks !== []) {
                $blocked[] = $of.Texts::of($one->design)->finding($blocks[0]).(count($blocks) > 1 ? ' And '.(count($blocks) - 1).' more.' : '');
            }
            if ($one instanceof Plan && $one->structureSignedBy() === null) {
                $unsigned[] = $of.'The roof structure is not signed.';
            }
        }
        $unconfirmed = $plan->summary()['unconfirmed'];
        $open = [...$blocked, ...$unconfirmed === 0 ? [] : ["$unconfirmed recalled values are not confirmed."], ...$unsigned];

        return new self('This plan cannot be issued for construction yet. '.implode(' ', $open).' It can be issued for review.');
    }
}
