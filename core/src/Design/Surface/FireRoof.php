<?php

declare(strict_types=1);

namespace Garnetine\Core\Design\Surface;

use Garnetine\Core\Design\Project;

/** What fire access asks of the whole roof, as it is seen from one of its planes. */
final readonly class FireRoof
{
    /** @param array<string, FirePlane> $planes By id */
    private function __construct(public Fire $fire, public array $planes, public string $here)
    {
    }

    /** @return self|null Nothing where nobody asks for it */
    public static function of(Project $job, string $here): ?self
    {
        if ($job->fire === null) {
            return null;
        }
        $planes = [];
        foreach ($job->surfaces as $id => $surface) {
            $array_m2 = 0.0;
            foreach ($job->blocks as $block) {
                $module = $job->modules[$block->module];
                $array_m2 += $block->surface === (string) $id ? $block->count() * $module->width->toMetres() * $module->length->toMetres() : 0.0;
            }
            $planes[(string) $id] = new FirePlane($surface, $array_m2 * cos($surface->pitch->toRadians()));
        }

        return new self($job->fire, $planes, $here);
    }

    public function plane(): FirePlane
    {
        return $this->planes[$this->here];
    }

    /** What modules cover of the roof, both on the level. */
    public function share(): float
    {
        $roof_m2 = $this->fire->roof?->toSi() ?? array_sum(array_map(static fn (FirePlane $plane): float => $plane->roof_m2(), $this->planes));

        return array_sum(array_map(static fn (FirePlane $plane): float => $plane->array_m2, $this->planes)) / $roof_m2;
    }

    /** Whether what two planes keep free along their hips makes one path astride of the one between them. */
    public function isAstride(string $other, float $width_m): bool
    {
        $halves_m = isset($this->planes[$other]) && $other !== $this->here ? [$this->plane()->alongHip_m(), $this->planes[$other]->alongHip_m()] : [0.0];

        return min($halves_m) > 0.0 && array_sum($halves_m) >= $width_m - 1e-6;
    }

    /** @return list<string> Ids of planes with a path */
    public function withPath(float $width_m): array
    {
        return array_map(strval(...), array_keys(array_filter($this->planes, static fn (FirePlane $plane): bool => $plane->hasPath($width_m))));
    }
}
