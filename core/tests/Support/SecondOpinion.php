<?php

declare(strict_types=1);

namespace Garnetine\Core\Tests\Support;

use Garnetine\Core\Covering\ScrewedMetal;
use Garnetine\Core\Design\Block\TiltLegs;
use Garnetine\Core\Design\Design;
use Garnetine\Core\Fastener\LagScrew;
use Garnetine\Core\Fastener\SteelScrew;
use Garnetine\Core\Foot\LFoot;
use Garnetine\Core\Foot\SheetScrews;
use Garnetine\Core\Foot\TileHook;
use Garnetine\Core\Load\Suction;
use Garnetine\Core\Rail\Run;

/**
 * A separately written check of feet under a run: its own beam (finite elements with a node at every clamp, foot and hinge,
 * dense elimination), its own pressures, combinations, snow patterns and chain. Only the clamp loads of the run are taken over.
 */
final class SecondOpinion
{
    private const PSF = 47.88025898033584;
    private const LB = 4.4482216152605;
    private const IN = 0.0254;

    /** Factors on dead load, snow and wind, whether it pulls, and the shortest load; typed anew. */
    private const COMBINATIONS = [
        'asce7-16 asd' => [[1.0, 0.0, 0.0, false, 'dead'], [1.0, 0.0, 0.6, false, 'wind'], [1.0, 1.0, 0.0, false, 'snow'], [1.0, 0.75, 0.45, false, 'wind'], [0.6, 0.0, 0.6, true, 'wind'], [1.0, 0.0, 0.6, true, 'wind'], [1.0, 0.75, 0.45, true, 'wind']],
        'asce7-22 asd' => [[1.0, 0.0, 0.0, false, 'dead'], [1.0, 0.0, 0.6, false, 'wind'], [1.0, 0.7, 0.0, false, 'snow'], [1.0, 0.525, 0.45, false, 'wind'], [0.6, 0.0, 0.6, true, 'wind'], [1.0, 0.0, 0.6, true, 'wind'], [1.0, 0.525, 0.45, true, 'wind']],
        'asce7-16 lrfd' => [[1.4, 0.0, 0.0, false, 'dead'], [1.2, 0.0, 1.0, false, 'wind'], [1.2, 1.6, 0.0, false, 'snow'], [1.2, 1.6, 0.5, false, 'wind'], [1.2, 0.5, 1.0, false, 'wind'], [0.9, 0.0, 1.0, true, 'wind'], [1.2, 0.0, 1.0, true, 'wind'], [1.2, 0.5, 1.0, true, 'wind']],
        'en-1991' => [[1.35, 0.0, 0.0, false, 'dead'], [1.35, 0.0, 1.5, false, 'wind'], [1.35, 1.5, 0.0, false, 'snow'], [1.35, 1.5, 0.9, false, 'wind'], [1.35, 0.75, 1.5, false, 'wind'], [0.9, 0.0, 1.5, true, 'wind'], [1.35, 1.5, 0.9, true, 'wind'], [1.35, 0.75, 1.5, true, 'wind']],
        'as-nzs' => [[1.35, 0.0, 0.0, false, 'dead'], [1.2, 0.0, 1.0, false, 'wind'], [0.9, 0.0, 1.0, true, 'wind']],
    ];

    private float $qh_psf;

    /** How much further than its own part a foot reaches, by which it is told whether it is a stronger one. */
    private float $reach = 0.25 * self::IN;

    private readonly string $rules;

    /** @param array{float, float} $offsets Of both rails from the lower end of a module, along it */
    public function __construct(private readonly Design $design, private readonly Run $run, private readonly array $offsets = [0.0, 0.0])
    {
        $site = $design->site;
        $standard = $site->standard->value;
        $this->rules = str_starts_with($standard, 'asce') ? "$standard {$site->combinations->value}" : ($standard === 'en-1991' ? $standard : 'as-nzs');
        [$alpha, $zg, $times] = $standard === 'asce7-22' ? ['B' => [7.5, 3280.0, 2.41], 'C' => [9.8, 2460.0, 2.41], 'D' => [11.5, 1935.0, 2.41]][$site->exposure->value]
            : ['B' => [7.0, 1200.0, 2.01], 'C' => [9.5, 900.0, 2.01], 'D' => [11.5, 700.0, 2.01]][$site->exposure->value];
        $kz = $times * (max(15.0, $site->meanRoofHeight->toFeet()) / $zg) ** (2 / $alpha);
        $kz = $site->exposure->value === 'B' ? max($kz, 0.7) : $kz;
        $this->qh_psf = 0.00256 * $kz * ($site->topography->value === 'factor' ? $site->kzt ?? 1.0 : 1.0) * 0.85 * exp(-0.0000362 * $site->groundElevation->toFeet()) * $site->windSpeed->toMilesPerHour() ** 2;
    }

    /**
     * The largest demand over capacity of anything, with the given feet.
     *
     * @param list<float> $feet
     */
    public function worst(array $feet, float $enough = INF): float
    {
        $pieces = [-INF, ...$this->run->splices_m, INF];
        for ($i = 1; $i < count($pieces); ++$i) {
            if (count(array_filter($feet, static fn (float $x): bool => $x > $pieces[$i - 1] + 1e-9 && $x < $pieces[$i] - 1e-9)) < 2) {
                return INF;
            }
        }
        $worst = $this->withHinges($feet, [], $enough);

        return $this->run->spliceIsHinge && $this->run->splices_m !== [] && $worst <= $enough ? max($worst, $this->withHinges($feet, $this->run->splices_m, $enough)) : $worst;
    }

    /**
     * Whether a layout holds: with a quarter of an inch of placing tolerance in every ratio, and with each foot moved by it.
     *
     * @param list<float> $feet
     * @param float $safe Kept to the limits besides
     */
    public function holds(array $feet, float $safe = -1e-6, float $tolerance_in = 0.25): bool
    {
        if ($this->worst($feet, 1.0) * (1 + $tolerance_in / 6) > 1.0 - $safe) {
            return false;
        }
        // A foot that was told to be an ordinary one is never taken for more once it is moved.
        $this->reach = 0.0;
        $stays = true;
        foreach ($feet as $i => $x) {
            foreach ([-$tolerance_in, $tolerance_in] as $by_in) {
                $stays = $stays && $this->worst(array_values(array_replace($feet, [$i => $x + $by_in * self::IN])), 1.0) <= 1.0 - $safe;
            }
        }
        $this->reach = $tolerance_in * self::IN;

        return $stays;
    }

    /**
     * @param list<float> $feet
     * @param list<float> $hinges
     */
    private function withHinges(array $feet, array $hinges, float $enough): float
    {
        $beam = new ElementBeam($feet, $this->run->clamps_m, $hinges, $this->run->spliceIsHinge ? [] : $this->run->splices_m);
        if (!$beam->stands) {
            return INF;
        }
        $share = $beam->under($this->run->shares);
        $winds = array_map($beam->under(...), $this->run->windAreas_m2);
        $worst = 0.0;
        foreach ($this->cases() as $case) {
            $own = $this->run->upSlope->normal_N[$case['snow']] ?? null;
            // Up the slope the snow stands by clamps, in newtons; its factor alone is left.
            $case['snow_n'] = $own === null ? $case['snow_n'] : $case['snow_f'];
            $snowy = $own ?? $this->run->shares;
            $lying = $beam->under($snowy);
            $worst = max($worst, $this->rail($feet, $beam, $case, $share, $lying, $winds));
            if ($worst > $enough) {
                return $worst;
            }
            $worst = max($worst, $this->feet($feet, $case, $share, $lying, $winds));
            if ($worst > $enough) {
                return $worst;
            }
            if ($case['snow'] === 'balanced') {
                foreach ($this->patterns($feet) as $pattern) {
                    $snow = $beam->under(array_map(static fn (float $s, float $f): float => $s * $f, $snowy, $pattern));
                    $worst = max($worst, $this->rail($feet, $beam, $case, $share, $snow, $winds), $this->feet($feet, $case, $share, $snow, $winds));
                }
            }
        }

        return $worst;
    }

    /** @return list<array{up: bool, wind: float, dead_n: float, dead_a: float, snow: string|null, snow_n: float, snow_a: float, snow_f: float, wind_n: float, cd: float}> */
    private function cases(): array
    {
        $r = $this->run;
        $case = static fn (bool $up, float $wind, float $n, float $a, float $cd, ?string $snow = null, float $f = 0.0): array => [
            'up' => $up, 'wind' => $wind, 'dead_n' => $n, 'dead_a' => $a, 'snow' => $snow,
            'snow_n' => $snow === null ? 0.0 : $f * $r->snow_N[$snow][0], 'snow_a' => $snow === null ? 0.0 : $f * $r->snow_N[$snow][1], 'snow_f' => $f,
            'wind_n' => $up ? 0.0 : $wind * $r->windDown_N, 'cd' => $cd,
        ];
        $factors = match (true) {
            $this->rules === 'en-1991' && $this->design->kit->fastener->pullOut() === null => ['dead' => 0.6, 'snow' => 0.9, 'wind' => 1.1],
            str_ends_with($this->rules, ' asd') => ['dead' => 0.9, 'snow' => 1.15, 'wind' => 1.6],
            default => ['dead' => 1.0, 'snow' => 1.0, 'wind' => 1.0],
        };
        $cases = [];
        foreach (self::COMBINATIONS[$this->rules] ?? [] as [$dead, $snow, $wind, $up, $duration]) {
            foreach ($snow === 0.0 ? [null] : array_keys(array_filter($r->snow_N, static fn (array $forces): bool => $forces[0] > 0)) as $code) {
                $cases[] = $case($up, $wind, $dead * ($up ? $r->deadNormalLeast_N : $r->deadNormalMost_N), $dead * $r->deadAlong_N, $factors[$duration], $code, $snow);
            }
        }

        return $cases;
    }

    /** @return list<string|false> What each combination brings on a clamp that carries one share: pull, factor on the wind, normal, along, on the heel, snow, duration */
    public function forces(): array
    {
        return array_map(static fn (array $case): string|false => json_encode([
            $case['up'], $case['up'] ? round($case['wind'], 6) : 0.0, round($case['dead_n'] + $case['snow_n'] + $case['wind_n'], 4), round($case['dead_a'] + $case['snow_a'], 4),
            $case['up'] ? 0.0 : round($case['snow_n'] + $case['wind_n'], 4), $case['snow'], $case['cd'],
        ]), $this->cases());
    }

    /**
     * @param list<float> $feet
     * @param array{up: bool, wind: float, dead_n: float, dead_a: float, snow: string|null, snow_n: float, snow_a: float, snow_f: float, wind_n: float, cd: float} $case
     * @param array{moments: array<int, array{float, float}>, reactions: list<float>} $full
     * @param array{moments: array<int, array{float, float}>, reactions: list<float>} $snow
     * @param list<array{moments: array<int, array{float, float}>, reactions: list<float>}> $winds
     */
    private function rail(array $feet, ElementBeam $beam, array $case, array $full, array $snow, array $winds): float
    {
        $kit = $this->design->kit->rail;
        $capX = $kit->sectionModulusX->toSi() * ($kit->allowableStress?->toSi() ?? INF);
        $capY = $kit->sectionModulusY->toSi() * ($kit->allowableStress?->toSi() ?? INF);
        $capSplice = $kit->spliceMoment?->toSi() ?? INF;
        $clamps = $this->run->clamps_m;
        $bays = [[$clamps[0], $feet[0], true], [$feet[count($feet) - 1], $clamps[count($clamps) - 1], true]];
        for ($i = 1; $i < count($feet); ++$i) {
            $bays[] = [$feet[$i - 1], $feet[$i], false];
        }
        $worst = 0.0;
        foreach ($bays as $index => [$from, $to, $isOverhang]) {
            $length = $to - $from;
            if ($length <= 1e-9) {
                continue;
            }
            $pressures = $this->pressures($length * max($this->run->tributary_m, $length / 3));
            foreach ($beam->sections as $section) {
                [$x, $key, $isSplice] = $section;
                $atFoot = $isOverhang && abs($x - ($index === 0 ? $feet[0] : $feet[count($feet) - 1])) < 1e-9;
                if ($isOverhang ? !$atFoot : $x < $from - 1e-9 || $x > $to + 1e-9) {
                    continue;
                }
                $wind = 0.0;
                foreach ($winds as $g => $state) {
                    $wind += $pressures[$g] * self::momentAt($state, $key);
                }
                $normal = $case['dead_n'] * self::momentAt($full, $key) + $case['snow_n'] * self::momentAt($snow, $key) + $case['wind_n'] * self::momentAt($full, $key) - ($case['up'] ? $case['wind'] * $wind : 0.0);
                $along = $this->run->upSlope !== null ? 0.0 : $case['dead_a'] * self::momentAt($full, $key) + $case['snow_a'] * self::momentAt($snow, $key);
                $worst = max($worst, $isSplice ? (abs($normal) + abs($along)) / $capSplice : abs($normal) / $capX + abs($along) / $capY);
            }
        }

        return $worst;
    }

    /**
     * @param list<float> $feet
     * @param array{up: bool, wind: float, dead_n: float, dead_a: float, snow: string|null, snow_n: float, snow_a: float, snow_f: float, wind_n: float, cd: float} $case
     * @param array{moments: array<int, array{float, float}>, reactions: list<float>} $full
     * @param array{moments: array<int, array{float, float}>, reactions: list<float>} $snow
     * @param list<array{moments: array<int, array{float, float}>, reactions: list<float>}> $winds
     */
    private function feet(array $feet, array $case, array $full, array $snow, array $winds): float
    {
        $kit = $this->design->kit;
        $clamps = $this->run->clamps_m;
        $worst = 0.0;
        $last = count($feet) - 1;
        foreach ($feet as $i => $x) {
            $left = $i === 0 ? max(0.0, $x - $clamps[0]) : ($x - $feet[$i - 1]) / 2;
            $right = $i === $last ? max(0.0, $clamps[count($clamps) - 1] - $x) : ($feet[$i + 1] - $x) / 2;
            $pressures = $this->pressures(($left + $right) * $this->run->tributary_m);
            $wind = 0.0;
            foreach ($winds as $g => $state) {
                $wind += $pressures[$g] * $state['reactions'][$i];
            }
            $f = $full['reactions'][$i];
            $s = $snow['reactions'][$i];
            $down = ($case['dead_n'] + $case['wind_n']) * $f + $case['snow_n'] * $s - ($case['up'] ? $case['wind'] * $wind : 0.0);
            $along = $this->run->upSlope === null ? abs($case['dead_a'] * $f + $case['snow_a'] * $s) : $this->pushed($case, $full['reactions'], $snow['reactions'])[$i];
            $heel = $case['up'] ? 0.0 : max(0.0, min($down, $case['wind_n'] * $f + $case['snow_n'] * $s));
            if ($kit->edgeFoot !== null && $this->isAtEdge($feet, $i)) {
                $strong = $kit->edgeFoot;
                $worst = max($worst, max(0.0, -$down) / min($kit->bolt->up?->toSi() ?? INF, $strong->up?->toSi() ?? INF), max(0.0, $down) / ($strong->down?->toSi() ?? INF), $along / min($kit->bolt->along?->toSi() ?? INF, $strong->along?->toSi() ?? INF));
                continue;
            }
            $legs = $this->design->block->arrangement;
            $high = $kit->foot->limits()->railHeight_m;
            $onLeg = 0.0;
            if ($legs instanceof TiltLegs) {
                $before = $down;
                [$down, $along] = $this->onLeg($down, $case['dead_a'] * $f + $case['snow_a'] * $s);
                [$heel, $high] = [$heel * min(1.0, abs($before) < 1e-9 ? 1.0 : $this->onLeg(1.0, 0.0)[0]), $legs->front->toMetres()];
                $onLeg = max($down / ($legs->down?->toSi() ?? INF), -$down / ($legs->up?->toSi() ?? INF), $along / ($legs->along?->toSi() ?? INF));
            }
            $pull = max(0.0, -$down) + max(0.0, $along * $high / $kit->foot->base()->heel->toMetres() - $heel);
            [$w, $z, $final] = $this->lag();
            $onHook = $kit->foot instanceof TileHook ? self::hook($kit->foot, -$down, $along) : null;
            [$pull, $beside] = $onHook === null ? [$pull, $along] : [$onHook[0], $along / 2];
            if ($kit->foot instanceof LFoot && $this->run->upSlope !== null) {
                [$at, $screw, $long] = [$kit->foot->loadLine->toMetres(), $kit->foot->base->heel->toMetres(), $kit->foot->length->toMetres()];
                $pushes = $along * $kit->foot->railHeight->toMetres() / (($kit->foot->padWidth?->toMetres() ?? 0.0) / 2);
                $pull = $down < 0 ? -$down * max(1, $at / $screw, ($long - $at) / ($long - $screw)) + $pushes : max(0, $pushes - $heel);
            }
            $inSheet = $kit->foot instanceof SheetScrews && $kit->fastener instanceof SteelScrew;
            if ($kit->foot instanceof SheetScrews) {
                [$pull, $beside] = [self::pair($kit->foot, -$down, $along, $heel), $along / 2];
            }
            $w *= $kit->fastener->pullOut() === null && !$inSheet ? $case['cd'] : 1.0;
            $z *= $final ? 1.0 : $case['cd'];
            $ratios = [
                $inSheet ? 0.0 : max(max(0.0, -$down) / ($kit->bolt->up?->toSi() ?? INF), $along / ($kit->bolt->along?->toSi() ?? INF)), max(0.0, -$down) / ($kit->foot->allowables()['up_N']?->toSi() ?? INF),
                max(0.0, $down) / ($kit->foot->allowables()['down_N']?->toSi() ?? INF), $along / ($kit->foot->allowables()['along_N']?->toSi() ?? INF), $pull / $w, $beside / $z, $onHook[1] ?? 0.0, $onLeg,
            ];
            if (is_infinite($w)) {
                $pull = 0.0;
            }
            if ($inSheet) {
                $ratios[] = ($pull / $w + $beside / $z) / (min($kit->fastener->tension?->toSi() ?? INF, $kit->fastener->shear?->toSi() ?? INF) > 2000.0 ? 1.15 : 1.0);
            } elseif ($pull > 0 && $along > 0 && ($kit->capacities->value === 'design' || !$kit->fastener instanceof LagScrew)) {
                $ratios[] = $pull / $w + $beside / $z;
            } elseif ($pull > 0 && $along > 0) {
                $angle = atan2($pull, $along);
                $ratios[] = hypot($pull, $along) / ($w * $z / ($w * cos($angle) ** 2 + $z * sin($angle) ** 2));
            }
            $worst = max($worst, ...$ratios);
        }

        return $worst;
    }

    /** @param list<float> $feet */
    private function isAtEdge(array $feet, int $i): bool
    {
        $from = isset($feet[$i - 1]) ? ($feet[$i - 1] + $feet[$i]) / 2 - $this->reach : -INF;
        $to = isset($feet[$i + 1]) ? ($feet[$i] + $feet[$i + 1]) / 2 + $this->reach : INF;

        return array_filter($this->run->edges_m, static fn (array $edge): bool => min($edge[1], $to) > max($edge[0], $from)) !== [];
    }

    /**
     * A frame of two legs cut free: what presses on this rail's foot square to the roof, and the size of what pushes it along, by moments about the lower pivot.
     *
     * @return array{float, float}
     */
    private function onLeg(float $down, float $along): array
    {
        $over = $this->design->block->tiltFromRoof->toRadians();
        $pair = $this->offsets;
        $middle = $this->design->module->length->toMetres() / 2;
        $part = ($middle - $pair[0]) / ($pair[1] - $pair[0]);
        $grip = $this->design->kit->clamp->gripsBothRails ? 0.5 : 1.0;
        $upper = [cos($over), sin($over)];
        if ($this->run->line->isUpper) {
            // The pin carries what is square to the modules; what is left of it along the roof goes down the modules.
            return [$down / cos($over), 0.0];
        }
        [$square, $plane] = [$down / (1 - $part), $along / $grip];
        $acts = [$square * sin($over) - $plane * cos($over), -$square * cos($over) - $plane * sin($over)];
        // About the lower pivot the pull down the plane has no arm.
        $rear = $part * $square * ($upper[0] * cos($over) + $upper[1] * sin($over)) / $upper[0];

        return [-$acts[1] - $rear, abs($acts[0])];
    }

    /**
     * The push on each foot of a rail up the slope: an even part of all of it, or as it is pressed, whichever is more.
     *
     * @param array{up: bool, wind: float, dead_n: float, dead_a: float, snow: string|null, snow_n: float, snow_a: float, snow_f: float, wind_n: float, cd: float} $case
     * @param list<float> $full
     * @param list<float> $snow
     *
     * @return list<float>
     */
    private function pushed(array $case, array $full, array $snow): array
    {
        $all = $case['dead_a'] * array_sum($this->run->shares) + $case['snow_f'] * ($this->run->upSlope->along_N[$case['snow']] ?? 0.0);
        $on = array_map(static fn (float $f, float $s): float => max(0.0, ($case['dead_n'] + $case['wind_n']) * $f + $case['snow_n'] * $s), $full, $snow);

        return array_map(static fn (float $one): float => max($all / count($on), array_sum($on) > 0 ? $all * $one / array_sum($on) : 0.0), $on);
    }

    /**
     * Moments on both sides of a node agree where it carries none itself; at the ends one of them is missing.
     *
     * @param array{moments: array<int, array{float, float}>, reactions: list<float>} $state
     */
    private static function momentAt(array $state, int $node): float
    {
        [$left, $right] = $state['moments'][$node];

        return max(abs($left), abs($right)) * ($left + $right < 0 ? -1 : 1);
    }

    /** Whether a bay may be in a layout that holds: with at most the capacity over both ends, twice of it is left for the simple moment. */
    public function mayBay(float $from, float $to): bool
    {
        foreach ($this->run->clamps_m as $at) {
            if ($at > $from && $at < $to) {
                $arms = array_map(static fn (float $x): float => $x > $from && $x < $to ? min($x - $from, $at - $from) * ($to - max($x, $at)) / ($to - $from) : 0.0, $this->run->clamps_m);
                if ($this->bending($arms, $to - $from) > 2.0 + 1e-9) {
                    return false;
                }
            }
        }

        return true;
    }

    public function mayOverhang(float $foot, bool $left): bool
    {
        $clamps = $this->run->clamps_m;
        $length = $left ? $foot - $clamps[0] : $clamps[count($clamps) - 1] - $foot;
        $arms = array_map(static fn (float $x): float => -max(0.0, $left ? $foot - $x : $x - $foot), $clamps);

        return $length <= 1e-9 || $this->bending($arms, $length) <= 1.0 + 1e-9;
    }

    /** @param list<float> $arms Moment for a unit load at each clamp */
    private function bending(array $arms, float $length): float
    {
        $kit = $this->design->kit->rail;
        $stress = $kit->allowableStress?->toSi() ?? INF;
        $moment = 0.0;
        foreach ($arms as $clamp => $arm) {
            $moment += $arm * $this->run->shares[$clamp];
        }
        $wind = 0.0;
        foreach ($this->pressures($length * max($this->run->tributary_m, $length / 3)) as $g => $pressure) {
            foreach ($arms as $clamp => $arm) {
                $wind += $pressure * $arm * $this->run->windAreas_m2[$g][$clamp];
            }
        }
        $worst = 0.0;
        foreach ($this->cases() as $case) {
            $normal = ($case['dead_n'] + $case['snow_n'] + $case['wind_n']) * $moment - ($case['up'] ? $case['wind'] * $wind : 0.0);
            $along = ($case['dead_a'] + $case['snow_a']) * $moment;
            $worst = max($worst, abs($normal) / ($kit->sectionModulusX->toSi() * $stress) + abs($along) / ($kit->sectionModulusY->toSi() * $stress));
        }

        return $worst;
    }

    /** @return array{float, float} Pull in the screw that is pulled most, by moments about the edges of the plate and about either screw; and how far the arm is bent */
    private static function hook(TileHook $hook, float $up, float $along): array
    {
        [$lower, $s, $w, $a] = [$hook->base->heel->toMetres(), $hook->betweenScrews->toMetres(), $hook->length->toMetres(), $hook->arm->reach->toMetres()];
        $push = $along * $hook->railHeight->toMetres();
        $arm = $hook->arm->width->toMetres() * $hook->arm->thickness->toMetres() ** 2 / 6 * $hook->arm->allowableStress->toSi();
        if ($up <= 0.0) {
            return [($push - $up * $a) / ($lower + $s), ($along * $hook->arm->height->toMetres() - $up * $a) / $arm];
        }
        // The lower screw keeps the plate from tipping about its upper edge; the upper one from tipping about the lower screw, or the lower edge.
        $upper = ($push - $up * ($a + $lower)) / $s;

        return [max($up, ($up * ($w + $a) - $push) / ($w - $lower), $upper <= $up ? $upper : ($push - $up * $a) / ($lower + $s)), $up * $a / $arm];
    }

    /** Pull in the screw that is pulled most of two, by moments about the edges of the rail and about either screw */
    private static function pair(SheetScrews $screws, float $up, float $along, float $heel): float
    {
        [$lower, $s, $load] = [$screws->base->heel->toMetres(), $screws->betweenScrews->toMetres(), $screws->loadLine->toMetres()];
        $push = $along * $screws->railHeight->toMetres();
        if ($up <= 0.0) {
            return max(0.0, $push - $heel * $load) / ($lower + $s);
        }
        $upper = ($push + $up * ($load - $lower)) / $s;
        $upper = $upper <= $up ? max(0.0, $upper) : ($push + $up * $load) / ($lower + $s);

        return max($upper, $up - $upper);
    }

    /** @return array{float, float, bool} Withdrawal and lateral in N at CD = 1, and whether the lateral is final */
    private function lag(): array
    {
        $d = $this->design;
        if ($d->kit->foot->holes() === []) {
            return [INF, INF, true];
        }
        if ($d->surface->covering instanceof ScrewedMetal && $d->kit->fastener instanceof SteelScrew) {
            // A quarter of an inch in a sheet of 65 ksi: AISI S100-16, §J4, over 3.
            $t = $d->surface->covering->sheetThickness->toMetres() / self::IN;
            [$pull, $shear] = [0.85 * $t * 0.25 * 65_000 / 3 * self::LB, min(4.2 * sqrt($t ** 3 * 0.25), 2.7 * $t * 0.25) * 65_000 / 3 * self::LB];

            return [min($pull, $d->kit->fastener->tension?->toSi() ?? INF), min($shear, $d->kit->fastener->shear?->toSi() ?? INF), true];
        }
        if ($d->kit->foot instanceof TileHook || $d->kit->foot instanceof LFoot) {
            return [$d->kit->fastener->pullOut()?->toSi() ?? 0.0, $d->kit->foot->base->lateral?->toSi() ?? 0.0, true];
        }
        $g = ['spruce_pine_fir' => 0.42, 'douglas_fir_larch' => 0.5, 'hem_fir' => 0.43, 'southern_pine' => 0.55][$d->surface->framing->species->value] ?? throw new \LogicException('Not a species of the random roofs.');
        $gap = ($d->surface->deckThickness->toMetres() + $d->surface->covering->thickness()->toMetres()) / self::IN;
        $above = $gap + ($d->kit->foot->base()->thickness->toMetres() + ($d->kit->foot->flashing() ?? throw new \LogicException('No flashing.'))->thickness->toMetres()) / self::IN;
        // 5/16 by 4 in: shank 1 1/2, thread 2 1/2 with a tip of 3/16, root 0.227, Fyb 60 ksi.
        $depth = $d->surface->framing->depth->toMetres() / self::IN;
        $thread = min(2.5 - 0.1875, 4 - $above - 0.1875, $depth);
        // To EN 1995 in C24: 0.52·d^0.5·lef^0.9·350^0.8 over 1.3, less under 8 mm.
        $w = $d->kit->fastener->pullOut()?->toSi() ?? ($this->rules === 'en-1991' ? 0.52 * 7.9375 ** 0.5 * (25.4 * $thread) ** 0.9 * 350 ** 0.8 / 1.3 * 7.9375 / 8 : 1800 * $g ** 1.5 * 0.3125 ** 0.75 * $thread * self::LB);
        if ($d->kit->foot->base()->lateral !== null) {
            return [$w, $d->kit->foot->base()->lateral->toSi(), true];
        }
        $p = min(4 - $above - 0.1875, $depth);
        [$qm, $qs, $my, $ls] = [11_200 * $g * 0.227, 87_000 * 0.227, 60_000 * 0.227 ** 3 / 6, $d->kit->foot->base()->thickness->toMetres() / self::IN];
        $yield = static fn (float $a, float $b, float $c): float => (sqrt($b ** 2 - 4 * $a * $c) - $b) / (2 * $a);
        $z = min(
            $qm * $p / 4,
            $qs * $ls / 4,
            $yield(0.25 / $qs + 0.25 / $qm, $ls / 2 + $gap + $p / 2, -($qs * $ls ** 2 + $qm * $p ** 2) / 4) / 3.6,
            $yield(0.5 / $qs + 0.25 / $qm, $gap + $p / 2, -$my - $qm * $p ** 2 / 4) / 3.2,
            $yield(0.25 / $qs + 0.5 / $qm, $ls / 2 + $gap, -$qs * $ls ** 2 / 4 - $my) / 3.2,
            $yield(0.5 / $qs + 0.5 / $qm, $gap, -2 * $my) / 3.2,
        ) * min(1.0, $p / 2.5);

        return [$w, $z * self::LB, false];
    }

    /** @return list<float> */
    private function pressures(float $area_m2): array
    {
        if (!str_starts_with($this->rules, 'asce') || $this->design->given !== null) {
            // The pressures of the zones are those of the run, a logarithm between their sizes.
            $t = max(0.0, min(1.0, log10($area_m2)));

            return array_map(static fn (Suction $suction): float => (1 - $t) * $suction->small_Pa + $t * $suction->large_Pa, $this->run->suctions);
        }
        $ft2 = $area_m2 / 0.09290304;
        $gamma = $ft2 <= 10 ? 0.8 : ($ft2 >= 100 ? 0.4 : 1.2 - 0.4 * log10($ft2));

        return array_map(fn (Suction $suction): float => max(16.0, $this->qh_psf * $suction->coefficient * $gamma) * self::PSF, $this->run->suctions);
    }

    /**
     * @param list<float> $feet
     *
     * @return list<list<float>>
     */
    private function patterns(array $feet): array
    {
        $clamps = $this->run->clamps_m;
        $spans = [];
        if ($clamps[0] < $feet[0] - 1e-9) {
            $spans[] = [-INF, $feet[0]];
        }
        for ($i = 1; $i < count($feet); ++$i) {
            $spans[] = [$feet[$i - 1], $feet[$i]];
        }
        if ($clamps[count($clamps) - 1] > $feet[count($feet) - 1] + 1e-9) {
            $spans[] = [$feet[count($feet) - 1], INF];
        }
        $n = count($spans);
        if ($n < 2) {
            return [];
        }
        $sets = [[0], range(1, $n - 1), [$n - 1], range(0, $n - 2)];
        for ($i = 1; $i < $n; ++$i) {
            $sets[] = [$i - 1, $i];
        }

        return array_map(static fn (array $set): array => array_map(static function (float $clamp) use ($set, $spans): float {
            foreach ($set as $index) {
                if ($clamp >= $spans[$index][0] - 1e-9 && $clamp <= $spans[$index][1] + 1e-9) {
                    return 1.0;
                }
            }

            return 0.5;
        }, $clamps), $sets);
    }
}
