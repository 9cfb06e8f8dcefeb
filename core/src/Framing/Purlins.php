<?php

declare(strict_types=1);

namespace Garnetine\Core\Framing;

use Garnetine\Core\Covering\ScrewedMetal;
use Garnetine\Core\Design\Surface\Surface;
use Garnetine\Core\Quantity\Length;

/**
 * The purlins under a sheet: evenly between its lowest and its uppermost line of screws, but for those that were found elsewhere, and
 * the rails that can lie on them.
 *
 * A line of rail lies on a purlin: its height follows the screws, and where the block leaves it no purlin within its clamp zone it
 * has none.
 */
final readonly class Purlins
{
    /** @param list<Purlin> $purlins From the eave up */
    private function __construct(public array $purlins, private Length $space)
    {
    }

    /** Null where the members do not run along the eave, or no lines of screws tell of them. */
    public static function of(Surface $surface): ?self
    {
        $sheet = $surface->covering;
        if (!$surface->framing->kind->runAcross() || !$sheet instanceof ScrewedMetal) {
            return null;
        }
        $purlins = [];
        for ($line = 0; $line <= $sheet->spacesBetween; ++$line) {
            $purlins[$line + 1] = new Purlin($line + 1, $sheet->lowerScrews->toMetres() + $line * $sheet->space()->toMetres());
        }
        foreach ($surface->framing->own as $own) {
            unset($purlins[$own->number]);
            if ($own->x !== null) {
                $purlins[$own->number] = new Purlin($own->number, $own->x->toMetres(), $own->from?->toMetres() ?? 0.0, $own->to?->toMetres() ?? INF);
            }
        }
        usort($purlins, static fn (Purlin $one, Purlin $other): int => $one->y_m <=> $other->y_m);

        return new self($purlins, $sheet->space());
    }

    /** @return list<Purlin> Whose middle is at a height from … to … */
    public function within(float $from_m, float $to_m): array
    {
        return array_values(array_filter($this->purlins, static fn (Purlin $one): bool => $one->y_m >= $from_m - 1e-9 && $one->y_m <= $to_m + 1e-9));
    }

    public function byNumber(int $number): ?Purlin
    {
        return array_values(array_filter($this->purlins, static fn (Purlin $one): bool => $one->number === $number))[0] ?? null;
    }

    /** From line to line of screws, where they are even. */
    public function space_m(): float
    {
        return $this->space->toMetres();
    }

    /** The height of roof that each carries, by its number: half of the way to its neighbours, at the ends the same to both sides. */
    public function tributary_m(int $number): float
    {
        foreach ($this->purlins as $index => $purlin) {
            if ($purlin->number === $number) {
                $below_m = isset($this->purlins[$index - 1]) ? $purlin->y_m - $this->purlins[$index - 1]->y_m : null;
                $above_m = isset($this->purlins[$index + 1]) ? $this->purlins[$index + 1]->y_m - $purlin->y_m : null;

                return (($below_m ?? $above_m ?? 0.0) + ($above_m ?? $below_m ?? 0.0)) / 2;
            }
        }

        return 0.0;
    }
}
