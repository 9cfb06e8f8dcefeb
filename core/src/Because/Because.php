<?php

declare(strict_types=1);

namespace Garnetine\Core\Because;

/** Why a value is what it is: its formula with numbers, its source, and the becauses of its inputs. */
final readonly class Because
{
    /**
     * @param string $code Names the text and the formula in the messages
     * @param array<string, float|int|string> $values What the text and the formula quote; "value…" is the value itself
     * @param string|null $input JSON pointer of the design, when a person entered it
     * @param string|null $typed What that person typed
     * @param bool $isExample Whether nobody entered it and it is the example's
     * @param list<self> $children
     */
    public function __construct(
        public string $code,
        public array $values,
        public ?string $source = null,
        public ?string $confidence = null,
        public ?string $confirmedBy = null,
        public ?string $input = null,
        public ?string $typed = null,
        public array $children = [],
        public bool $isExample = false,
    ) {
    }

    /** @return array<string, mixed> */
    public function toArray(): array
    {
        return [
            'code' => $this->code, 'values' => (object) $this->values, 'source' => $this->source, 'confidence' => $this->confidence,
            'confirmed_by' => $this->confirmedBy, 'input' => $this->input, 'typed' => $this->typed,
            'example' => $this->isExample, 'children' => array_map(static fn (self $child): array => $child->toArray(), $this->children),
        ];
    }
}
