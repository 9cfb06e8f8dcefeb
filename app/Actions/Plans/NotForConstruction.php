<?php

declare(strict_types=1);

namespace App\Actions\Plans;

use Garnetine\Core\Message\Texts;
use Garnetine\Core\Plan\Plan;

/** A plan that is to be built and is not confirmed, with what is open. */
final class NotForConstruction extends \RuntimeException
{
    public static function because(Plan $plan): self
    {
        $blocks = array_values(array_filter($plan->findings, static fn ($finding): bool => $finding->blocks()));
        $open = [
            ...$blocks === [] ? [] : [(new Texts($plan->design->printer()))->finding($blocks[0]).(count($blocks) > 1 ? ' And '.(count($blocks) - 1).' more.' : '')],
            ...$plan->unconfirmed() === [] ? [] : [count($plan->unconfirmed()).' recalled values are not confirmed.'],
            ...$plan->structureSignedBy() === null ? ['The roof structure is not signed.'] : [],
        ];

        return new self('This plan cannot be issued for construction yet. '.implode(' ', $open).' It can be issued for review.');
    }
}
