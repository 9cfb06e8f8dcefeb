<?php

declare(strict_types=1);

namespace Garnetine\Core\Sun;

/** What tilts of every degree keep of the best of all, facing every five degrees of the half of the world that the sun crosses at noon. */
final readonly class EveryWay
{
    private const STEEPEST_DEG = 60;
    private const EACH_DEG = 5;

    /** @param array<int, array<int, float>> $keeps By bearing, from east to west over the noon side, and tilt */
    private function __construct(
        public array $keeps,
        public int $bestBearing_deg,
        public int $bestTilt_deg,
        /** What the planned way keeps. */
        public float $here,
    ) {
    }

    /** @param list<int>|null $months From 0, whose light counts; all where null */
    public static function of(TiltYield $yield, bool $isNorth, ?array $months, float $tilt_deg, float $bearing_deg): self
    {
        $noon_deg = $isNorth ? 180 : 360;
        $bearings_deg = range($noon_deg - 90, $noon_deg + 90, self::EACH_DEG);
        $light = $yield->over(range(0, self::STEEPEST_DEG), $bearings_deg, $months);
        $best = [0, 0, 0.0];
        foreach ($light as $bearing => $tilts) {
            foreach ($tilts as $tilt => $one) {
                $best = $one > $best[2] + 1e-9 ? [$bearing, $tilt, $one] : $best;
            }
        }
        $here_deg = [(int) round($tilt_deg), (int) round($bearing_deg)];
        $here = $yield->over([$here_deg[0]], [$here_deg[1]], $months)[$here_deg[1]][$here_deg[0]];

        $most = max($best[2], 1e-12);
        $keeps = array_map(static fn (array $tilts): array => array_map(static fn (float $one): float => $one / $most, $tilts), $light);

        return new self($keeps, $best[0] % 360, $best[1], $here / $most);
    }
}
