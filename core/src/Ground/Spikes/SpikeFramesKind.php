<?php

declare(strict_types=1);

namespace Garnetine\Core\Ground\Spikes;

use Garnetine\Core\Design\Ground\Resin;
use Garnetine\Core\Design\Ground\SpikeFrames;
use Garnetine\Core\Design\Ground\TableDesign;
use Garnetine\Core\Design\ModuleSide;
use Garnetine\Core\Design\Orientation;
use Garnetine\Core\Design\YesNo;
use Garnetine\Core\Finding\Code;
use Garnetine\Core\Finding\Finding;
use Garnetine\Core\Ground\FaceChecks;
use Garnetine\Core\Ground\Holding;
use Garnetine\Core\Ground\Materials;
use Garnetine\Core\Ground\Most;
use Garnetine\Core\Ground\PostChecks;
use Garnetine\Core\Ground\PostPlace;
use Garnetine\Core\Ground\SetOut;
use Garnetine\Core\Ground\Steps;
use Garnetine\Core\Ground\TableCase;
use Garnetine\Core\Ground\TableCheck;
use Garnetine\Core\Ground\TableFace;
use Garnetine\Core\Ground\TableKind;
use Garnetine\Core\Ground\TableLoads;
use Garnetine\Core\Ground\TablePost;
use Garnetine\Core\Ground\TableSide;
use Garnetine\Core\Ground\TableStand;
use Garnetine\Core\Ground\Tested;
use Garnetine\Core\Quantity\Dimension;

/** One row of modules between triangular frames, each on two spikes in resin; the conduit on which they are strung only spaces them. */
final readonly class SpikeFramesKind implements TableKind
{
    private TableFace $face;

    public function __construct(private TableDesign $design, private SpikeFrames $frames)
    {
        $tilt = $design->table->tilt()->toRadians();
        $chord_m = TableFace::chordOf_m($design);
        $columns = $design->table->columns;
        $this->face = new TableFace(
            $tilt,
            $chord_m,
            $columns * $this->clear_m() + ($columns - 1) * $frames->thick->toMetres() + 2 * $frames->under->toMetres(),
            $frames->edgeHeight->toMetres(),
            $frames->edgeHeight->toMetres() + $chord_m / 2 * sin($tilt),
            $columns,
            $frames->boltAt->toMetres(),
            $design->table->orientation === Orientation::Portrait ? ModuleSide::Long : ModuleSide::Short,
        );
    }

    /** Between two frames, inside. */
    private function clear_m(): float
    {
        return $this->design->moduleAcross()->toMetres() - 2 * $this->frames->under->toMetres();
    }

    public function asked(): array
    {
        [$frames, $table] = [$this->frames, $this->design->table];
        $gap_m = $frames->thick->toMetres() - 2 * $frames->under->toMetres();

        return [
            ...$table->rows > 1 ? [Finding::of(Code::FramesOneRow, '/table/rows', ['rows' => $table->rows])] : [],
            ...abs($gap_m - $table->columnGap->toMetres()) > 0.0005
                ? [Finding::of(Code::FrameGapDiffers, '/table/column_gap_m', ['gap_m' => $gap_m, 'entered_m' => $table->columnGap->toMetres()])] : [],
            ...Holding::missing($frames->boltsUp, '/table/racking/bolts_up_N'),
            ...Holding::missing($frames->footUp, '/table/racking/foot_up_N'),
            ...Holding::missing($frames->footAcross, '/table/racking/foot_across_N'),
            ...Tested::asked($frames->tests, true, 2 * ($table->columns + 1)),
            ...Tested::aboveFrost($this->design, $frames->tests),
            ...$frames->resin === null ? [] : $this->resinAsked($frames->resin),
        ];
    }

    /** @return list<Finding> */
    private function resinAsked(Resin $resin): array
    {
        $at = '/table/racking/resin';

        return match (true) {
            $resin->day->toCelsius() < $resin->coldest->toCelsius() => [Finding::of(
                Code::ResinCold,
                "$at/day_celsius",
                ['day_celsius' => $resin->day->toCelsius(), 'coldest_celsius' => $resin->coldest->toCelsius()],
            )],
            ResinPlan::perMix($resin) < 1 => [Finding::of(
                Code::ResinTooFast,
                "$at/day_celsius",
                ['minutes' => round(ResinPlan::pot_min($resin), 1), 'day_celsius' => $resin->day->toCelsius()],
            )],
            default => [],
        };
    }

    public function face(): TableFace
    {
        return $this->face;
    }

    public function heightFrom(): array
    {
        return ['/table/racking/edge_height_m'];
    }

    /** @return list<PostPlace> Front feet first */
    private function places(): array
    {
        $places = [];
        $pitch_m = $this->clear_m() + $this->frames->thick->toMetres();
        $first_m = $this->frames->under->toMetres() - $this->frames->thick->toMetres() / 2;
        $front_m = $this->frames->frontFoot->toMetres();
        foreach ([1 => $front_m, 2 => $front_m + $this->frames->between->toMetres()] as $row => $y_m) {
            for ($frame = 0; $frame <= $this->design->table->columns; ++$frame) {
                $places[] = new PostPlace(
                    PostPlace::name($frame, $row),
                    $row === 2,
                    $first_m + $frame * $pitch_m,
                    $y_m,
                    0.0,
                    0.0,
                    null,
                    '/table/racking/tests',
                    $this->design->table->builtDepth_m(PostPlace::name($frame, $row)),
                );
            }
        }

        return $places;
    }

    public function stand(TableLoads $loads): TableStand
    {
        $places = $this->places();
        $cases = $this->cases($loads);
        $tests = $this->frames->tests;
        $spike = new Spike($tests->embedment->toMetres(), Tested::bears_N($tests, true) ?? 0.0, Tested::bears_N($tests, false) ?? 0.0);
        $checks = new PostChecks($places, $spike);
        [$depth_m, $tried_m] = $checks->depth_m($this->design->units, $cases);
        $posts = array_map(
            static fn (PostPlace $place): TablePost => new TablePost($place, $place->built_m ?? $tried_m, null, null),
            $depth_m === null ? [] : $places,
        );

        return new TableStand(
            $places,
            $posts,
            [
                ...$checks->at($tried_m, $cases, 0.0),
                ...$this->feet($places, $cases),
                ...(new FaceChecks($this->design, $this->face, $loads))->checks($this->frames->boltsUp, '/table/racking/bolts_up_N'),
            ],
            $tried_m,
            SetOut::of($this->design, $places),
            $this->materials($posts),
            $this->steps($posts),
            [],
            '',
            [
                Finding::of(Code::HalvedBetweenSpikes, '/table/racking/between_m'),
                Finding::of(Code::ConduitOnlySpaces, '/table/racking/conduit_over_m'),
                Finding::of(Code::PressedAsPulled, '/table/racking/tests/each'),
                ...array_sum($this->ballast_N()) > 0.0 && $this->design->table->soil->frostProne !== YesNo::No
                    ? [Finding::of(Code::BallastOnFrost, '/table/racking/rear_ballast_kg')] : [],
            ],
            ['clear_m' => $this->clear_m(), 'conduit_m' => $this->conduit_m(), 'frames' => (float) ($this->design->table->columns + 1)],
            $this->side(),
        );
    }

    private function side(): TableSide
    {
        [$front_m, $edge_m] = [$this->frames->frontFoot->toMetres(), $this->frames->edgeHeight->toMetres()];
        $rear_m = $front_m + $this->frames->between->toMetres();
        [$sin, $cos] = [sin($this->face->tilt_rad), cos($this->face->tilt_rad)];
        $high = [$this->face->chord_m * $cos, $this->face->chord_m * $sin];

        return new TableSide($edge_m, 0.0, 0.0, $this->design->table->soil->frostDepth->toMetres(), [
            [$front_m, -$edge_m, 0.0, 0.0], [$rear_m, -$edge_m, $high[0], $high[1]], [$front_m, -$edge_m, $rear_m, -$edge_m],
        ]);
    }

    /** @return array{float, float} What lies on each frame over its front and its rear spike */
    private function ballast_N(): array
    {
        return [9.80665 * ($this->frames->frontBallast?->toSi() ?? 0.0), 9.80665 * ($this->frames->rearBallast?->toSi() ?? 0.0)];
    }

    /** Of the conduit: through all frames and a little past the end ones. */
    private function conduit_m(): float
    {
        $modules = $this->design->table->columns;

        return $modules * $this->clear_m() + ($modules + 1) * $this->frames->thick->toMetres() + 2 * $this->frames->conduitOver->toMetres();
    }

    /** @return list<TableCase> */
    private function cases(TableLoads $loads): array
    {
        $face = $this->face;
        $dead_N = $this->design->modules_N() + $this->frames->dead->toPascals() * $face->area_m2();
        [$onFront_N, $onRear_N] = $this->ballast_N();
        $modules = $this->design->table->columns;
        // An inner frame bears one module, an end frame half of one.
        $shares = array_map(static fn (int $frame): float => ($frame === 0 || $frame === $modules ? 0.5 : 1.0) / $modules, range(0, $modules));
        $cases = [];
        foreach ($loads->together() as $acts) {
            [$front_N, $rear_N, $across_N] = $this->triangle(
                $acts->lower_Pa * $face->area_m2() / 2,
                $acts->upper_Pa * $face->area_m2() / 2,
                [
                    [$acts->dead * $dead_N, $face->chord_m / 2],
                    [$acts->snowLower_Pa * $face->area_m2() / 2 * cos($face->tilt_rad), $face->chord_m / 4],
                    [$acts->snowUpper_Pa * $face->area_m2() / 2 * cos($face->tilt_rad), 3 * $face->chord_m / 4],
                ],
            );
            $cases[] = new TableCase($acts->combination, $acts->wind, $acts->snow, false, [
                ...array_map(static fn (float $share): array => [$share * $front_N + $acts->dead * $onFront_N, $share * abs($across_N) / 2, 0.0], $shares),
                ...array_map(static fn (float $share): array => [$share * $rear_N + $acts->dead * $onRear_N, $share * abs($across_N) / 2, 0.0], $shares),
            ]);
        }

        return [...$cases, ...$this->along($loads, $dead_N, $shares)];
    }

    /**
     * @param list<float> $shares
     *
     * @return list<TableCase>
     */
    private function along(TableLoads $loads, float $dead_N, array $shares): array
    {
        $push_N = $loads->along_N($this->face, TableLoads::THICK_M) / 2 / count($shares);
        [$onFront_N, $onRear_N] = $this->ballast_N();
        $cases = [];
        foreach (TableLoads::ALONG as $name => $dead) {
            [$front_N, $rear_N] = $this->triangle(0.0, 0.0, [[$dead * $dead_N, $this->face->chord_m / 2]]);
            $cases[] = new TableCase($name, 'open_wind.along', TableLoads::NO_SNOW, false, [
                ...array_map(static fn (float $share): array => [$share * $front_N + $dead * $onFront_N, $push_N, 0.0], $shares),
                ...array_map(static fn (float $share): array => [$share * $rear_N + $dead * $onRear_N, $push_N, 0.0], $shares),
            ]);
        }

        return $cases;
    }

    /**
     * All frames together, hinged on their feet: what presses on the front and the rear spikes, and what pushes.
     *
     * @param list<array{float, float}> $weights Weight, and how far up the slope it lies
     *
     * @return array{float, float, float}
     */
    private function triangle(float $lower_N, float $upper_N, array $weights): array
    {
        [$sin, $cos] = [sin($this->face->tilt_rad), cos($this->face->tilt_rad)];
        [$front_m, $edge_m] = [$this->frames->frontFoot->toMetres(), $this->frames->edgeHeight->toMetres()];
        $down_N = $turn_Nm = $across_N = 0.0;
        $forces = [
            [$lower_N * $sin, $lower_N * $cos, $this->face->chord_m / 4], [$upper_N * $sin, $upper_N * $cos, 3 * $this->face->chord_m / 4],
            ...array_map(static fn (array $weight): array => [0.0, $weight[0], $weight[1]], $weights),
        ];
        foreach ($forces as [$push_N, $press_N, $s_m]) {
            $across_N += $push_N;
            $down_N += $press_N;
            $turn_Nm += $push_N * ($edge_m + $s_m * $sin) + $press_N * ($s_m * $cos - $front_m);
        }
        $rear_N = $turn_Nm / $this->frames->between->toMetres();

        return [$down_N - $rear_N, $rear_N, $across_N];
    }

    /**
     * @param list<PostPlace> $places
     * @param list<TableCase> $cases
     *
     * @return list<TableCheck> Of a frame on its spikes
     */
    private function feet(array $places, array $cases): array
    {
        $checks = [];
        foreach ($places as $foot => $place) {
            $lift = Most::of($cases, static fn (TableCase $case): float => -$case->posts[$foot][0]);
            $push = Most::of($cases, static fn (TableCase $case): float => $case->posts[$foot][1]);
            if ($lift !== null && $push !== null) {
                array_push(
                    $checks,
                    ...Holding::force('foot_up', $place->id, max(0.0, $lift->value), $this->frames->footUp, $lift->case, '/table/racking/foot_up_N'),
                    ...Holding::force('foot_across', $place->id, $push->value, $this->frames->footAcross, $push->case, '/table/racking/foot_across_N'),
                );
            }
        }

        return $checks;
    }

    public function others(): array
    {
        return [];
    }

    /**
     * @param list<TablePost> $posts
     *
     * @return list<array{item: string, name: string, count: int, document: string}> Nothing where the spikes do not hold
     */
    private function materials(array $posts): array
    {
        if ($posts === []) {
            return [];
        }
        $modules = $this->design->table->columns;
        $resin = $this->frames->resin;

        return [
            Materials::item('module', $this->design->module->name, $modules),
            Materials::item('frame', 'Triangular frame', $modules + 1, $this->frames->document),
            Materials::item('conduit', 'Conduit of '.$this->design->printer()->length($this->conduit_m()).', lengths of it joined', 1, $this->frames->document),
            Materials::item('spike', 'Spike', 2 * ($modules + 1), $this->frames->document),
            ...$this->ballast($modules + 1),
            ...$resin === null ? [] : [Materials::item(
                'resin',
                sprintf('Litres of resin, a tenth more (%s)', $resin->document === '' ? '–' : $resin->document),
                ResinPlan::litres($resin, count($posts)),
            )],
        ];
    }

    /** @return list<array{item: string, name: string, count: int, document: string}> */
    private function ballast(int $frames): array
    {
        $items = [];
        foreach (['front' => $this->frames->frontBallast, 'rear' => $this->frames->rearBallast] as $where => $mass) {
            if ($mass !== null) {
                $printed = $this->design->printer()->print(Dimension::Mass, $mass->toSi());
                $items[] = Materials::item('ballast', "Ballast over a $where spike, $printed at least", $frames);
            }
        }

        return $items;
    }

    /**
     * @param list<TablePost> $posts
     *
     * @return list<array{code: string, values: array<string, float|int|string>, cautions: list<string>}>
     */
    private function steps(array $posts): array
    {
        if ($posts === []) {
            return [];
        }
        $resin = $this->frames->resin;
        $frames = $this->design->table->columns + 1;

        return [
            ...Steps::before($this->design),
            Steps::one('string_frames', ['frames' => $frames, 'clear_m' => $this->clear_m(), 'conduit_m' => $this->conduit_m()]),
            Steps::one('spike_holes', ['posts' => count($posts), 'depth_m' => $posts[0]->depth_m], 'auger'),
            ...$resin === null ? [Steps::one('set_spikes', ['posts' => count($posts)], 'resin')] : [
                Steps::one('resin', [
                    'posts' => count($posts), 'each' => ResinPlan::perMix($resin), 'mixes' => ResinPlan::mixes($resin, count($posts)),
                    'pot' => (int) floor(ResinPlan::pot_min($resin)), 'mix' => $resin->mixMinutes, 'day_celsius' => $resin->day->toCelsius(),
                ], 'resin'),
                Steps::one('resin_wait', ['hours' => (int) ceil(ResinPlan::wait_h($resin) - 1e-9)]),
            ],
            ...array_sum($this->ballast_N()) > 0.0 ? [Steps::one('ballast', [
                'front_kg' => $this->frames->frontBallast?->toSi() ?? 0.0, 'rear_kg' => $this->frames->rearBallast?->toSi() ?? 0.0,
            ], 'lifting')] : [],
            ...Steps::modules($this->design),
        ];
    }
}
