<?php

declare(strict_types=1);

namespace Garnetine\Core\Ground;

/** One thing that a table must bear, at one place, in the case that asks most of it. */
final readonly class TableCheck
{
    public function __construct(
        /**
         * What is asked: of a post "sideways", "lift", "press", "bend", "shear", "sway", "tee_up", "tee_across"; of a pipe "beam"; of the table
         * "module_up", "module_down", "clamp", "rail", "rail_up", "rail_along".
         */
        public string $what,
        /** Post "A1", pipe "front" or "rear", or the table as a whole, empty. */
        public string $place,
        public float $demand_si,
        public float $capacity_si,
        /** Unit of both: N, Nm, m or Pa; empty for a ratio. */
        public string $unit,
        public float $ratio,
        public ?TableCase $case = null,
    ) {
    }

    public function reserve(): float
    {
        return 1 - $this->ratio;
    }

    public function path(): string
    {
        return ($this->place === '' ? 'table' : (preg_match('/\d/', $this->place) === 1 ? "posts/{$this->place}" : "pipes/{$this->place}"))."/{$this->what}";
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
