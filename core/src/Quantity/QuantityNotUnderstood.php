<?php

declare(strict_types=1);

namespace Garnetine\Core\Quantity;

use Garnetine\Core\CoreException;

/** Text that is no quantity of the dimension asked for; says what was expected. */
final class QuantityNotUnderstood extends \InvalidArgumentException implements CoreException
{
    private function __construct(public readonly string $expected, public readonly string $found)
    {
        parent::__construct(sprintf('Expected %s, found "%s".', $expected, $found));
    }

    public static function expected(string $expected, string $found): self
    {
        return new self($expected, mb_strimwidth($found, 0, 60, '…'));
    }

    public function errorCode(): string
    {
        return 'quantity_not_understood';
    }
}
