<?php

declare(strict_types=1);

namespace Garnetine\Core\Ground\Frames;

use Garnetine\Core\Design\Block\Orientation;
use Garnetine\Core\Design\Ground\Racking\FrameSizes;
use Garnetine\Core\Design\Ground\TableDesign;
use Garnetine\Core\Design\Kit\ModuleSide;
use Garnetine\Core\Finding\Code;
use Garnetine\Core\Finding\Finding;
use Garnetine\Core\Ground\Holding;
use Garnetine\Core\Ground\Materials;
use Garnetine\Core\Ground\Most;
use Garnetine\Core\Ground\PostPlace;
use Garnetine\Core\Ground\Steps;
use Garnetine\Core\Ground\TableCase;
use Garnetine\Core\Ground\TableCheck;
use Garnetine\Core\Ground\TableFace;
use Garnetine\Core\Ground\TableLoads;
use Garnetine\Core\Ground\TableSide;
use Garnetine\Core\Ground\Together;

/**
 * One row of modules between triangular frames, each hinged on a front and a rear foot; the conduit on which they are strung only spaces them.
 *
 * Source: statics of the triangle; an inner frame bears one module, an end frame half of one.
 */
final readonly class FrameRow
{
    public TableFace $face;

    public function __construct(private TableDesign $design, private FrameSizes $sizes)
    {
        $tilt = $design->table->tilt()->toRadians();
        $chord_m = TableFace::chordOf_m($design);
        $columns = $design->table->columns;
        $this->face = new TableFace(
            $tilt,
            $chord_m,
            $columns * $this->clear_m() + ($columns - 1) * $sizes->thick->toMetres() + 2 * $sizes->under->toMetres(),
            $sizes->edgeHeight->toMetres(),
            $sizes->edgeHeight->toMetres() + $chord_m / 2 * sin($tilt),
            $columns,
            $sizes->boltAt->toMetres(),
            $design->table->orientation === Orientation::Portrait ? ModuleSide::Long : ModuleSide::Short,
        );
    }

    /** Between two frames, inside. */
    private function clear_m(): float
    {
        return $this->design->moduleAcross()->toMetres() - 2 * $this->sizes->under->toMetres();
    }

    /** Of the conduit: through all frames and a little past the end ones. */
    private function conduit_m(): float
    {
        $modules = $this->design->table->columns;

        return $modules * $this->clear_m() + ($modules + 1) * $this->sizes->thick->toMetres() + 2 * $this->sizes->conduitOver->toMetres();
    }

    public function count(): int
    {
        return $this->design->table->columns + 1;
    }

    /** @return list<Finding> What every row of frames is asked */
    public function asked(): array
    {
        [$sizes, $table] = [$this->sizes, $this->design->table];
        $gap_m = $sizes->thick->toMetres() - 2 * $sizes->under->toMetres();

        return [
            ...$table->rows > 1 ? [Finding::of(Code::FramesOneRow, '/table/rows', ['rows' => $table->rows])] : [],
            ...abs($gap_m - $table->columnGap->toMetres()) > 0.0005
                ? [Finding::of(Code::FrameGapDiffers, '/table/column_gap_m', ['gap_m' => $gap_m, 'entered_m' => $table->columnGap->toMetres()])] : [],
            ...Holding::missing($sizes->boltsUp, '/table/racking/bolts_up_N'),
            ...Holding::missing($sizes->footUp, '/table/racking/foot_up_N'),
            ...Holding::missing($sizes->footAcross, '/table/racking/foot_across_N'),
        ];
    }

    /** @return list<float> Of each frame along the row */
    private function frames_m(): array
    {
        $pitch_m = $this->clear_m() + $this->sizes->thick->toMetres();
        $first_m = $this->sizes->under->toMetres() - $this->sizes->thick->toMetres() / 2;

        return array_map(static fn (int $frame): float => $first_m + $frame * $pitch_m, range(0, $this->count() - 1));
    }

    /** @return list<PostPlace> Front feet first */
    public function places(string $at): array
    {
        $places = [];
        $front_m = $this->sizes->frontFoot->toMetres();
        foreach ([1 => $front_m, 2 => $front_m + $this->sizes->between->toMetres()] as $row => $y_m) {
            foreach ($this->frames_m() as $frame => $x_m) {
                $id = PostPlace::name($frame, $row);
                $places[] = new PostPlace($id, $row === 2, $x_m, $y_m, 0.0, 0.0, null, $at, $this->design->table->builtDepth_m($id));
            }
        }

        return $places;
    }

    public function side(): TableSide
    {
        [$front_m, $edge_m] = [$this->sizes->frontFoot->toMetres(), $this->sizes->edgeHeight->toMetres()];
        $rear_m = $front_m + $this->sizes->between->toMetres();
        [$sin, $cos] = [sin($this->face->tilt_rad), cos($this->face->tilt_rad)];
        $high = [$this->face->chord_m * $cos, $this->face->chord_m * $sin];

        return new TableSide($edge_m, 0.0, 0.0, $this->design->table->soil->frostDepth->toMetres(), [
            [$front_m, -$edge_m, 0.0, 0.0], [$rear_m, -$edge_m, $high[0], $high[1]], [$front_m, -$edge_m, $rear_m, -$edge_m],
        ]);
    }

    /** @return array<string, float> */
    public function sizes(): array
    {
        return ['clear_m' => $this->clear_m(), 'conduit_m' => $this->conduit_m(), 'frames' => (float) $this->count()];
    }

    /** @return non-empty-list<float> Share of each frame */
    private function shares(): array
    {
        $modules = $this->design->table->columns;

        return array_map(static fn (int $frame): float => ($frame === 0 || $frame === $modules ? 0.5 : 1.0) / $modules, range(0, $modules));
    }

    private function dead_N(): float
    {
        return $this->design->modules_N() + $this->sizes->dead->toPascals() * $this->face->area_m2();
    }

    /**
     * Everything that acts at once, and wind along the row alone.
     *
     * @param array{float, float} $on_N What lies on each frame over its front and its rear foot
     *
     * @return list<TableCase>
     */
    public function cases(TableLoads $loads, array $on_N = [0.0, 0.0]): array
    {
        $face = $this->face;
        $cases = [];
        foreach ($loads->together() as $acts) {
            $cases[] = $this->case($acts->combination, $acts->wind, $acts->snow, $this->under($acts), $acts->dead, $on_N);
        }
        $push_N = $loads->along_N($face, TableLoads::THICK_M);
        foreach ($loads->combinations->ofWind() as [$name, $dead]) {
            [$front_N, $rear_N] = $this->triangle(0.0, 0.0, [[$dead * $this->dead_N(), $face->chord_m / 2]]);
            // By halves, every frame alike.
            $cases[] = $this->case($name, 'open_wind.along', TableLoads::NO_SNOW, [$front_N, $rear_N, 0.0], $dead, $on_N, $push_N / 2 / $this->count());
        }

        return $cases;
    }

    /** @return array{float, float, float} */
    private function under(Together $acts): array
    {
        [$half_m2, $chord_m] = [$this->face->area_m2() / 2, $this->face->chord_m];
        $level_m2 = $half_m2 * cos($this->face->tilt_rad);

        return $this->triangle($acts->lower_Pa * $half_m2, $acts->upper_Pa * $half_m2, [
            [$acts->dead * $this->dead_N(), $chord_m / 2],
            [$acts->snowLower_Pa * $level_m2, $chord_m / 4],
            [$acts->snowUpper_Pa * $level_m2, 3 * $chord_m / 4],
        ]);
    }

    /**
     * @param array{float, float, float} $all_N On the front and the rear feet of all frames, and across
     * @param array{float, float} $on_N
     */
    private function case(string $combination, string $wind, string $snow, array $all_N, float $dead, array $on_N, ?float $along_N = null): TableCase
    {
        $feet = [];
        foreach ([0, 1] as $row) {
            foreach ($this->shares() as $share) {
                $feet[] = [$share * $all_N[$row] + $dead * $on_N[$row], $along_N ?? $share * abs($all_N[2]) / 2, 0.0];
            }
        }

        return new TableCase($combination, $wind, $snow, null, $feet);
    }

    /**
     * All frames together, hinged on their feet: what presses on the front and the rear feet, and what pushes.
     *
     * @param list<array{float, float}> $weights Weight, and how far up the slope it lies
     *
     * @return array{float, float, float}
     */
    private function triangle(float $lower_N, float $upper_N, array $weights): array
    {
        [$sin, $cos] = [sin($this->face->tilt_rad), cos($this->face->tilt_rad)];
        [$front_m, $edge_m] = [$this->sizes->frontFoot->toMetres(), $this->sizes->edgeHeight->toMetres()];
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
        $rear_N = $turn_Nm / $this->sizes->between->toMetres();

        return [$down_N - $rear_N, $rear_N, $across_N];
    }

    /**
     * @param list<PostPlace> $places
     * @param list<TableCase> $cases
     *
     * @return list<TableCheck> Of a frame on what it stands on
     */
    public function feet(array $places, array $cases): array
    {
        $checks = [];
        foreach ($places as $foot => $place) {
            $lift = Most::of($cases, static fn (TableCase $case): float => -$case->posts[$foot][0]);
            $push = Most::of($cases, static fn (TableCase $case): float => $case->posts[$foot][1]);
            if ($lift !== null && $push !== null) {
                array_push(
                    $checks,
                    ...Holding::force('foot_up', $place->id, max(0.0, $lift->value), $this->sizes->footUp, $lift->case, '/table/racking/foot_up_N'),
                    ...Holding::force('foot_across', $place->id, $push->value, $this->sizes->footAcross, $push->case, '/table/racking/foot_across_N'),
                );
            }
        }

        return $checks;
    }

    /** @return list<array{item: string, name: string, count: int, document: string}> */
    public function materials(): array
    {
        return [
            Materials::item('module', $this->design->module->name, $this->design->table->columns),
            Materials::item('frame', 'Triangular frame', $this->count(), $this->sizes->document),
            Materials::item('conduit', 'Conduit of '.$this->design->printer()->length($this->conduit_m()).', lengths of it joined', 1, $this->sizes->document),
        ];
    }

    /** @return array{code: string, values: array<string, float|int|string>, cautions: list<string>} */
    public function strung(): array
    {
        return Steps::one('string_frames', ['frames' => $this->count(), 'clear_m' => $this->clear_m(), 'conduit_m' => $this->conduit_m()]);
    }
}
