<?php

declare(strict_types=1);

namespace Garnetine\Core\Load;

/** The figures of the loads by path, in the order of their derivation. */
final class Figures
{
    /** @var array<string, Figure> */
    private array $figures = [];

    public function add(string $path, Figure $figure): void
    {
        $this->figures[$path] = $figure;
    }

    public function at(string $path): ?Figure
    {
        return $this->figures[$path] ?? null;
    }

    /** The figure itself, in its SI unit; null when there is none of that path. */
    public function number(string $path): ?float
    {
        foreach ($this->figures[$path]->values ?? [] as $name => $value) {
            if ($name === 'value' || str_starts_with($name, 'value_')) {
                return (float) $value;
            }
        }

        return null;
    }

    /** @return array<string, Figure> */
    public function all(): array
    {
        return $this->figures;
    }

    /** @return array<string, Figure> */
    public function listed(): array
    {
        return array_filter($this->figures, static fn (Figure $figure): bool => $figure->listed);
    }
}
