<?php

declare(strict_types=1);

namespace Garnetine\Core\Sun;

/** What a tilt keeps of the best fixed one that faces as it does, beside others that people take. */
final readonly class TiltReport
{
    private const DECEMBER = 11;

    /**
     * Choices: from is the first month of each part of the year, from 0, and days are those on which they begin, where not on the first.
     *
     * @param list<array{what: string, tilts_deg: list<int>, from: list<int>, keeps: float, days?: list<int>}> $choices
     * @param list<float> $months Light of each month at the tilt, of that of the best month
     * @param float $hidden What of the year's light at the tilt the horizon takes
     */
    private function __construct(
        public int $best_deg,
        public int $here_deg,
        public float $keeps,
        public array $choices,
        public array $months,
        public float $hidden,
    ) {
    }

    /**
     * @param TiltYield|null $open The same without its horizon; null where it has none
     * @param list<int>|null $months From 0, whose light counts; all where null
     * @param float $steepest_deg That it could be tilted, following the sun
     * @param list<array{month: int, on: int, day: int, tilt_deg: int}> $planned By which it is tilted: months from 0 with their days, and days of the year from 0
     */
    public static function of(
        TiltYield $yield,
        float $tilt_deg,
        float $latitude_deg,
        ?TiltYield $open = null,
        ?array $months = null,
        array $planned = [],
        float $steepest_deg = 60.0,
    ): self {
        $here = (int) round($tilt_deg);
        $best = $yield->best($months);
        $monthly = array_map(static fn (int $month): int => $yield->best([$month]), range(0, 11));
        $mean = static fn (array $of): int => (int) round(array_sum($of) / count($of));
        $fixed = static fn (string $what, int $tilt): array => [
            'what' => $what, 'tilts_deg' => [$tilt], 'from' => [0], 'keeps' => $yield->keeps($tilt, $months),
        ];
        $seasons = static function (int $parts) use ($yield): array {
            $found = $yield->seasons($parts);

            return [
                'what' => "sun.in_$parts", 'tilts_deg' => array_column($found, 'tilt_deg'), 'from' => array_column($found, 'from'),
                'keeps' => $yield->keepsBySeasons($found),
            ];
        };
        $follows = static fn (string $what, bool $onTwoAxes): array => [
            'what' => $what, 'tilts_deg' => [(int) round($steepest_deg)], 'from' => [0], 'keeps' => $yield->keepsFollowing($onTwoAxes, $steepest_deg),
        ];
        $light = array_map(static fn (int $month): float => $yield->month($month, $here), range(0, 11));

        return new self($best, $here, $yield->keeps($here, $months), [
            $fixed('sun.here', $here), ...self::planned($yield, $months === null ? $planned : []), $fixed('sun.best', $best), $fixed(
                'sun.latitude',
                (int) round(abs($latitude_deg)),
            ), $fixed('sun.mean', $mean($monthly)),
            $fixed('sun.mean_without', $mean(array_slice($monthly, 0, self::DECEMBER))), $fixed('sun.flat', 0),
            // Of a part of the year alone there are no seasons to tilt by.
            ...$months === null ? [$seasons(2), $seasons(4), $follows('sun.one_axis', false), $follows('sun.two_axes', true)] : [],
        ], array_map(static fn (float $one): float => $one / max($light), $light), $open === null ? 0.0 : 1 - $yield->year($here) / $open->year($here));
    }

    /**
     * @param list<array{month: int, on: int, day: int, tilt_deg: int}> $planned
     *
     * @return list<array{what: string, tilts_deg: list<int>, from: list<int>, keeps: float, days: list<int>}> None where it is not tilted
     */
    private static function planned(TiltYield $yield, array $planned): array
    {
        usort($planned, static fn (array $one, array $other): int => $one['day'] <=> $other['day']);

        return $planned === [] ? [] : [[
            'what' => 'sun.seasons', 'tilts_deg' => array_column($planned, 'tilt_deg'), 'from' => array_column($planned, 'month'),
            'keeps' => $yield->keepsByDays($planned), 'days' => array_column($planned, 'on'),
        ]];
    }
}
