<?php

declare(strict_types=1);

namespace Garnetine\Core\Plan;

use Garnetine\Core\Design\Ground\PipeTable;
use Garnetine\Core\Design\Ground\SoilKind;
use Garnetine\Core\Design\Ground\TableDesign;
use Garnetine\Core\Design\Ground\TiltFrom;
use Garnetine\Core\Design\Standard;
use Garnetine\Core\Design\YesNo;
use Garnetine\Core\Finding\Code;
use Garnetine\Core\Finding\Finding;
use Garnetine\Core\Ground\RoundPipe;
use Garnetine\Core\Ground\Squareness;
use Garnetine\Core\Ground\TableCases;
use Garnetine\Core\Ground\TableCheck;
use Garnetine\Core\Ground\TableMaterials;
use Garnetine\Core\Ground\TablePost;
use Garnetine\Core\Ground\TableShape;
use Garnetine\Core\Load\Admission;
use Garnetine\Core\Load\Asce7\Asce7Standard;
use Garnetine\Core\Load\Coefficients;
use Garnetine\Core\Load\Printed;
use Garnetine\Core\Load\SiteQuestions;

/** What is asked of a table, and what is said of its plan. */
final class TableFindings
{
    /** Beyond which the figure of open roofs has no rows, and beyond which nothing is computed. */
    private const STEEPEST_ROW_DEG = 45.0;
    private const STEEPEST_DEG = 60.0;
    private const SLENDER = [0.25, 1.0];
    private const SLOWEST_HZ = 1.0;
    /** Steeper over the latitude than which nobody stands a table for all of the year (common practice, no source). */
    private const OVER_LATITUDE_DEG = 10.0;

    /** @return list<Finding> What has to be answered before anything is computed, and what is refused at all */
    public static function asked(TableDesign $design): array
    {
        $table = $design->table;
        $pipes = $table->racking;
        $findings = [
            ...self::examples($design),
            ...Admission::ownCopies($design->ownCopies, true),
            ...Admission::ownCopies($design->ownCopies, false),
            ...SiteQuestions::topography($design->site),
            ...SiteQuestions::groundSnow($design->site),
            ...SiteQuestions::assumptions($design->site),
            ...Asce7Standard::speed($design->site),
        ];
        $tilt_deg = $table->tilt()->toDegrees();
        $values = ['tilt_rad' => $table->tilt()->toRadians(), 'typed_rad' => $table->tilt->toRadians()];
        array_push($findings, ...match (true) {
            Printed::over($tilt_deg, self::STEEPEST_DEG) => [Finding::of(Code::TableSteep, '/table/tilt_rad', $values)],
            Printed::over($tilt_deg, self::STEEPEST_ROW_DEG) => [Finding::of(Code::TableSteepHeld, '/table/tilt_rad', $values)],
            default => [],
        });
        $ask = static function (bool $isAsked, Code $code, string $at, array $values = []) use (&$findings): void {
            /** @var array<string, float|int|string> $values */
            array_push($findings, ...$isAsked ? [Finding::of($code, $at, $values)] : []);
        };
        $ask(
            $design->site->standard !== Standard::Asce716,
            Code::TableStandard,
            '/site/standard',
            ['standard' => 'choice.standard.'.$design->site->standard->value],
        );
        $ask($table->tiltFrom === TiltFrom::Vertical, Code::TiltFromVertical, '/table/tilt_from', $values);
        $latitude_deg = $table->sunshine?->latitude->toDegrees();
        $ask($latitude_deg !== null && Printed::over(
            $tilt_deg,
            abs($latitude_deg) + self::OVER_LATITUDE_DEG,
        ), Code::TiltOverLatitude, '/table/tilt_rad', $values + [
            'latitude_rad' => abs($table->sunshine?->latitude->toRadians() ?? 0.0),
        ]);
        $ask(!$table->soil->kind->hasValues(), Code::SoilWithoutValues, '/table/soil/kind', ['soil' => 'choice.kind.'.$table->soil->kind->value]);
        $ask($table->soil->expansive !== YesNo::No, Code::SoilExpansive, '/table/soil/expansive', ['answer' => $table->soil->expansive->value]);
        $ask($table->services?->areMarked() !== true, Code::ServicesUnmarked, '/table/services');
        $ask($table->soil->frostDepth->toMetres() > 0.0 && $table->soil->frostProne !== YesNo::No && $table->soil->parted !== YesNo::Yes, Code::FrostHeave, '/table/soil/parted', [
            'frost_m' => $table->soil->frostDepth->toMetres(),
        ]);
        if ($pipes instanceof PipeTable) {
            array_push($findings, ...self::pipes($design, $pipes));
        }

        return $findings;
    }

    /** @return list<Finding> */
    private static function examples(TableDesign $design): array
    {
        $findings = [];
        foreach ($design->examplesLeft() as $part => $pointers) {
            $findings[] = Finding::of(Code::ExamplesLeft, $part, ['count' => count($pointers)]);
        }

        return $findings;
    }

    /** @return list<Finding> */
    private static function pipes(TableDesign $design, PipeTable $pipes): array
    {
        $findings = [];
        foreach (['post' => $pipes->post, 'beam' => $pipes->beam] as $key => $pipe) {
            foreach (['wall_m' => $pipe->wall, 'yield_Pa' => $pipe->yield] as $what => $known) {
                array_push($findings, ...$known === null ? [Finding::of(Code::PipeUnknown, "/table/racking/$key/$what", ['pipe' => $pipe->name])] : []);
            }
            if ($pipe->wall !== null && 2 * $pipe->wall->toMetres() >= $pipe->outside->toMetres()) {
                $findings[] = Finding::of(Code::PipeUnknown, "/table/racking/$key/wall_m", ['pipe' => $pipe->name]);
            }
        }
        $holds = $pipes->holds;
        foreach ([
            'clamp_up_N' => $holds->clampUp, 'rail_moment_Nm' => $holds->railMoment, 'rail_up_N' => $holds->railUp, 'rail_along_N' => $holds->railAlong,
            'tee_up_N' => $holds->teeUp, 'tee_across_N' => $holds->teeAcross,
        ] as $key => $known) {
            array_push(
                $findings,
                ...$known === null ? [Finding::of(Code::TableHoldMissing, "/table/racking/holds/$key", ['part' => "/table/racking/holds/$key"])] : [],
            );
        }
        $shape = TableShape::of($design, $pipes);
        if ($shape->posts_m[1] - $shape->posts_m[0] < 0.3 || $shape->rearPipe_m > $shape->chord_m) {
            $findings[] = Finding::of(
                Code::PipesOffTable,
                $shape->rearPipe_m > $shape->chord_m ? '/table/racking/between_m' : '/table/racking/end_overhang_m',
                [
                    'chord_m' => $shape->chord_m, 'width_m' => $shape->width_m, 'rear_m' => $shape->rearPipe_m,
                    'bay_m' => $shape->posts_m[1] - $shape->posts_m[0],
                ],
            );
        }
        if (min([...$shape->front_m, ...$shape->rear_m]) < 0.05 || $shape->lowEdge_m < 0.0) {
            $findings[] = Finding::of(Code::PostUnderGround, '/table/racking/front_height_m', [
                'height_m' => min([...$shape->front_m, ...$shape->rear_m]), 'edge_m' => $shape->lowEdge_m,
            ]);
        }
        $levels = count($design->table->ground->levels);
        if ($levels > 0 && $levels !== $pipes->posts) {
            $findings[] = Finding::of(Code::LevelsMissing, '/table/ground/levels', ['levels' => $levels, 'posts' => $pipes->posts]);
        }

        return $findings;
    }

    /**
     * @param float $depth_m The depth that was looked at: the least that holds, or the deepest
     *
     * @return list<Finding>
     */
    public static function of(TablePlan $plan, PipeTable $pipes, TableShape $shape, TableCases $cases, float $depth_m): array
    {
        $table = $plan->design->table;
        $findings = [
            Finding::of(Code::OpenRoofAnalogy, '/site/wind_speed_m_per_s'), Finding::of(
                Code::BothFlows,
                '/site/wind_speed_m_per_s',
            ), Finding::of(Code::TwoBounds, '/table/racking/front_height_m'),
            Finding::of(Code::SwayOfSteel, '/table/racking/post/outside_m'), Finding::of(Code::FrostTakesNone, '/table/soil/frost_depth_m'),
            ...Asce7Standard::assumedOfSpeed($plan->design->site, $plan->figures),
        ];
        if ($table->soil->kind === SoilKind::Clay) {
            $findings[] = Finding::of(Code::SideByCohesion, '/table/soil/kind');
        }
        if ($table->footing->doubling?->isNamed() === true) {
            $findings[] = Finding::of(
                Code::SoilDoubled,
                '/table/footing/doubling',
                ['by' => $table->footing->doubling->by, 'why' => $table->footing->doubling->why],
            );
        }
        if (Printed::under($shape->slenderness(), self::SLENDER[0]) || Printed::over($shape->slenderness(), self::SLENDER[1])) {
            $findings[] = Finding::of(Code::TableSlenderness, '/table/racking/front_height_m', ['ratio' => $shape->slenderness()]);
        }
        if (TableShape::held($plan->design) === [] || !isset($plan->checks['table/module_up'])) {
            $findings[] = Finding::of(Code::ModuleZoneMissing, '/module/ratings', ['at_m' => $shape->railAt_m]);
        }
        $hertz = self::hertz($plan->design, $pipes, $shape, $cases, $depth_m);
        if ($hertz !== null && Printed::under($hertz, self::SLOWEST_HZ)) {
            $findings[] = Finding::of(Code::TooSpringy, '/table/racking/post/outside_m', ['hertz' => round($hertz, 2)]);
        }
        if ($plan->snow !== null && $plan->snow->ps_Pa > 0.0) {
            $findings[] = Finding::of(Code::NoDriftBetweenRows, '/site/ground_snow_Pa');
            if ($plan->snow->ground_m > $shape->lowEdge_m) {
                $findings[] = Finding::of(
                    Code::SnowReachesEdge,
                    '/table/racking/front_height_m',
                    ['snow_m' => $plan->snow->ground_m, 'edge_m' => $shape->lowEdge_m],
                );
            }
        }
        $square = $plan->setOut?->square;
        if ($square !== null && !in_array($square->state, ['unknown', 'square'], true)) {
            $findings[] = Finding::of(Code::DiagonalsDiffer, '/table/measured', ['differ_m' => abs($square->differ_m), 'most_m' => Squareness::WHOLE_M]);
        }
        $isPulled = array_filter($plan->checks, static fn (TableCheck $check): bool => $check->what === 'lift' && $check->demand_si > 0.0) !== [];
        if ($isPulled && $pipes->crossBolt !== YesNo::Yes) {
            $findings[] = Finding::of(Code::SmoothPost, '/table/racking/cross_bolt');
        }
        $longest_m = [
            'post' => [max([0.0, ...array_map(static fn (TablePost $post): float => TableMaterials::piece_m($post, $pipes), $plan->posts)]), $pipes->post->stock->toMetres()],
            'beam' => [max([0.0, ...TableMaterials::beamPieces_m($pipes, $shape)]), $pipes->beam->stock->toMetres()],
        ];
        foreach ($longest_m as $what => [$cut_m, $stock_m]) {
            array_push($findings, ...Printed::over($cut_m, $stock_m)
                ? [Finding::of(Code::PostOverStock, "/table/racking/$what/stock_m", ['cut_m' => $cut_m, 'stock_m' => $stock_m])] : []);
        }

        return [...$findings, ...self::fails($plan, $depth_m)];
    }

    /** @return list<Finding> What does not hold, the worst of each thing */
    private static function fails(TablePlan $plan, float $depth_m): array
    {
        $findings = [];
        foreach (self::worstOfEach($plan->checks) as $what => $check) {
            if ($check->ratio <= 1 + 1e-9) {
                continue;
            }
            $values = [
                'place' => $check->place === '' ? '' : " {$check->place}", "demand_{$check->unit}" => $check->demand_si,
                "capacity_{$check->unit}" => $check->capacity_si, 'part' => "table_part.$what",
            ]
                + ($check->case === null ? [] : $check->case->values() + [
                    'cure' => $what === 'bend' ? 'table_case.together' : 'table_case.told', 'percent' => (int) floor(100 * $check->reserve() + 1e-6),
                ]);
            $findings[] = in_array($what, ['sideways', 'lift', 'press'], true)
                ? Finding::of(
                    Code::FoundationTooDeep,
                    '/table/footing/hole_m',
                    ['depth_m' => $depth_m] + array_diff_key($values, ['cure' => '', 'percent' => 0]),
                )
                : Finding::of(Code::TablePartFails, self::mendedAt($what), $values);
        }

        return $findings;
    }

    private static function mendedAt(string $what): string
    {
        return match ($what) {
            'bend', 'shear', 'sway' => '/table/racking/post/outside_m',
            'beam' => '/table/racking/posts',
            'module_up', 'module_down' => '/module/ratings',
            'clamp' => '/table/racking/holds/clamp_up_N', 'rail' => '/table/racking/holds/rail_moment_Nm', 'rail_up' => '/table/racking/holds/rail_up_N',
            'rail_along' => '/table/racking/holds/rail_along_N', 'tee_up' => '/table/racking/holds/tee_up_N',
            default => '/table/racking/holds/tee_across_N',
        };
    }

    /**
     * @param array<string, TableCheck> $checks
     *
     * @return array<string, TableCheck> By what is asked
     */
    private static function worstOfEach(array $checks): array
    {
        $worst = [];
        foreach ($checks as $check) {
            $worst[$check->what] = isset($worst[$check->what]) && $worst[$check->what]->ratio >= $check->ratio ? $worst[$check->what] : $check;
        }

        return $worst;
    }

    /**
     * Of the table swaying on its posts, at the softer bound: f = √(k/m)/2π.
     *
     * Under 1 Hz gusts are answered by swaying, and the gust factor of stiff things does not hold (ASCE/SEI 7-16, §26.11; recalled).
     */
    private static function hertz(TableDesign $design, PipeTable $pipes, TableShape $shape, TableCases $cases, float $depth_m): ?float
    {
        $post = RoundPipe::of($pipes->post, new Coefficients($design->ownCopies));
        if ($post === null) {
            return null;
        }
        $stiffness = 0.0;
        foreach ([...$shape->front_m, ...$shape->rear_m] as $height_m) {
            $stiffness += 3 * $post->modulus_Pa * $post->secondMoment_m4 / ($height_m + TableCases::soft_m($depth_m)) ** 3;
        }

        return sqrt($stiffness / ($cases->dead_N() / 9.80665)) / (2 * M_PI);
    }
}
