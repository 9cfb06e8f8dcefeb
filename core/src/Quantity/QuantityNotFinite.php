<?php

declare(strict_types=1);

namespace Garnetine\Core\Quantity;

use Garnetine\Core\CoreException;

final class QuantityNotFinite extends \DomainException implements CoreException
{
    public static function given(Dimension $dimension, float $value): self
    {
        return new self(sprintf('A quantity in %s must be a finite number, %s given.', $dimension->value, var_export($value, true)));
    }

    public function errorCode(): string
    {
        return 'quantity_not_finite';
    }
}
