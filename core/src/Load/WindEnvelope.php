<?php

declare(strict_types=1);

namespace Garnetine\Core\Load;

/**
 * The worst of several winds at every place of a surface: each wind has its own zones; where they overlap, the strongest
 * suction counts, for small areas and for large ones.
 */
final class WindEnvelope
{
    /** @var array<string, string> Names by what they stand for */
    private array $names = [];

    /** @var array<string, int> */
    private array $taken = [];

    /** @var array<int|string, ZoneWind> */
    public array $winds = [];

    public readonly ZoneMap $zones;

    /**
     * @param list<float> $xs_m Where any zone may change
     * @param list<float> $ys_m
     * @param list<array{float, float, float}> $lines Beside hips
     * @param callable(string, float, float): DirectedZone $at Zone under the wind from a side, at a place
     * @param \Closure(string, string, DirectedZone, float, float): Suction $suction Path of the figure, name of the zone, the wind that governs it, the strongest suction for small and for large areas
     */
    public function __construct(Winds $winds, array $xs_m, array $ys_m, array $lines, callable $at, private readonly \Closure $suction)
    {
        $this->zones = ZoneMap::lay($winds->outline, $xs_m, $ys_m, $lines, function (float $x_m, float $y_m) use ($at): string {
            $seen = array_map(static fn (string $side): DirectedZone => $at($side, $x_m, $y_m), Winds::SIDES);
            $worst = $seen[0];
            foreach ($seen as $zone) {
                $worst = $zone->large_Pa > $worst->large_Pa + 1e-9 ? $zone : $worst;
            }

            return $this->name($worst, max(array_map(static fn (DirectedZone $zone): float => $zone->small_Pa, $seen)), $worst->large_Pa);
        });
    }

    private function name(DirectedZone $worst, float $small_Pa, float $large_Pa): string
    {
        $key = sprintf('%s %.6F %.6F', $worst->name, $small_Pa, $large_Pa);
        if (!isset($this->names[$key])) {
            $count = $this->taken[$worst->name] = ($this->taken[$worst->name] ?? 0) + 1;
            // F, Fb, Fc: the same letter where other winds make another suction.
            $name = $worst->name.($count === 1 ? '' : chr(ord('a') + $count - 1));
            $this->names[$key] = $name;
            $suction = ($this->suction)("loads/suction/$name/inside", $name, $worst, $small_Pa, $large_Pa);
            $this->winds[$name] = new ZoneWind($name, $suction, $suction, Winds::edge($worst->side));
        }

        return $this->names[$key];
    }
}
