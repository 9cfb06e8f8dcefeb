<?php

declare(strict_types=1);

namespace Garnetine\Core\Ground;

/** One thing that a table must bear, at one place, in the case that asks most of it. */
final readonly class TableCheck
{
    /**
     * @param array<string, float|int|string> $values What its reason says besides
     * @param list<string> $from What it was made of: other figures, published values, what was entered
     */
    public function __construct(
        /** What is asked: of a post, of a beam, or of the table. */
        public string $what,
        /** Post "A1", beam "front" or "rear", or the table as a whole, empty. */
        public string $place,
        public float $demand_si,
        public float $capacity_si,
        /** Unit of both: N, Nm, m or Pa; empty for a ratio. */
        public string $unit,
        public float $ratio,
        public ?TableCase $case = null,
        public array $values = [],
        public ?string $source = null,
        public array $from = [],
        /** Where it is mended. */
        public string $mendedAt = '',
        /** Names the texts that tell of it, where that is more than what is asked. */
        public string $says = '',
    ) {
    }

    /**
     * @param array<string, float|int|string> $values
     * @param list<string> $from
     */
    public static function of(
        string $what,
        string $place,
        float $demand_si,
        float $capacity_si,
        string $unit,
        ?TableCase $case,
        string $mendedAt,
        array $values = [],
        ?string $source = null,
        array $from = [],
        string $says = '',
    ): self {
        return new self(
            $what,
            $place,
            $demand_si,
            $capacity_si,
            $unit,
            $demand_si / max($capacity_si, 1e-6),
            $case,
            $values,
            $source,
            $from === [] ? [$mendedAt] : $from,
            $mendedAt,
            $says,
        );
    }

    public function reserve(): float
    {
        return 1 - $this->ratio;
    }

    /** Names the texts that tell of it. */
    public function says(): string
    {
        return $this->says === '' ? $this->what : $this->says;
    }

    public function path(): string
    {
        return ($this->place === '' ? 'table' : (preg_match('/\d/', $this->place) === 1 ? "posts/{$this->place}" : "pipes/{$this->place}"))."/{$this->what}";
    }

    /** Whether it is asked of a post or of the ground, not of what that carries. */
    public function isOfFoundation(): bool
    {
        return in_array($this->what, [
            'sideways', 'lift', 'press', 'frost', 'bend', 'shear', 'sway', 'tray_sideways', 'tray_lift', 'tray_press', 'tips', 'slides', 'bears',
            'anchor', 'anchor_shear',
        ], true);
    }

    /**
     * The one that asks most of each thing.
     *
     * @param list<self> $checks
     *
     * @return array<string, self> By path
     */
    public static function worst(array $checks): array
    {
        $worst = [];
        foreach ($checks as $check) {
            $path = $check->path();
            if (!isset($worst[$path]) || $check->ratio > $worst[$path]->ratio) {
                $worst[$path] = $check;
            }
        }

        return $worst;
    }
}
