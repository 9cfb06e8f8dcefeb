<?php

declare(strict_types=1);

namespace Garnetine\Core\Quantity;

/**
 * What all quantities share: a finite number in the SI base unit of its dimension, arithmetic that stays in the dimension.
 *
 * @phpstan-consistent-constructor
 */
trait IsQuantity
{
    private function __construct(private readonly float $si)
    {
        if (!is_finite($si)) {
            throw QuantityNotFinite::given(self::dimension(), $si);
        }
    }

    abstract public static function dimension(): Dimension;

    public static function ofSi(float $value_si): self
    {
        return new self($value_si);
    }

    /** @throws QuantityNotUnderstood If the text is not a number with a unit of this dimension. */
    public static function parse(string $text): self
    {
        return new self(QuantityText::read(self::dimension(), $text));
    }

    public function toSi(): float
    {
        return $this->si;
    }

    public function plus(self $other): self
    {
        return new self($this->si + $other->si);
    }

    public function minus(self $other): self
    {
        return new self($this->si - $other->si);
    }

    public function times(float $factor): self
    {
        return new self($this->si * $factor);
    }

    public function isCloseTo(self $other, self $tolerance): bool
    {
        return abs($this->si - $other->si) <= $tolerance->si;
    }

    private function to(string $unit): float
    {
        return $this->si / self::dimension()->units()[$unit];
    }

    private static function from(float $value, string $unit): self
    {
        return new self($value * self::dimension()->units()[$unit]);
    }
}
