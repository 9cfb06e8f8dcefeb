<?php

declare(strict_types=1);

namespace Garnetine\Core\Ground\PileRow;

use Garnetine\Core\Design\Ground\Racking\PileRow;
use Garnetine\Core\Design\Ground\TableDesign;
use Garnetine\Core\Document\Copy;
use Garnetine\Core\Finding\Code;
use Garnetine\Core\Finding\Finding;
use Garnetine\Core\Ground\AlongRow;
use Garnetine\Core\Ground\FaceChecks;
use Garnetine\Core\Ground\Holding;
use Garnetine\Core\Ground\Materials;
use Garnetine\Core\Ground\Most;
use Garnetine\Core\Ground\OtherPosts;
use Garnetine\Core\Ground\Piles\DrivenPiles;
use Garnetine\Core\Ground\PostChecks;
use Garnetine\Core\Ground\PostPlace;
use Garnetine\Core\Ground\SectionMember;
use Garnetine\Core\Ground\SetOut;
use Garnetine\Core\Ground\SoilValues;
use Garnetine\Core\Ground\Steps;
use Garnetine\Core\Ground\TableCase;
use Garnetine\Core\Ground\TableCheck;
use Garnetine\Core\Ground\TableFace;
use Garnetine\Core\Ground\TableKind;
use Garnetine\Core\Ground\TableLoads;
use Garnetine\Core\Ground\TablePost;
use Garnetine\Core\Ground\TableSide;
use Garnetine\Core\Ground\TableStand;
use Garnetine\Core\Load\Coefficients;
use Garnetine\Core\Load\Printed;

/** Purlins along the row on struts, each on the head of one driven pile or ground screw under the middle of the modules. */
final readonly class PileRowKind implements TableKind
{
    private const HOLDS = '/table/racking/row_holds';

    private RowShape $shape;
    private DrivenPiles $driven;

    public function __construct(private TableDesign $design, private PileRow $row, private Coefficients $coefficients)
    {
        $this->shape = RowShape::of($design, $row);
        $this->driven = new DrivenPiles($design, $row->pile, $row->adjusts, $row->tests, $coefficients);
    }

    public function asked(): array
    {
        $findings = [
            ...SoilValues::asked($this->design->table->soil),
            ...DrivenPiles::unknown(['pile' => $this->row->pile, 'strut' => $this->row->strut, 'purlin' => $this->row->purlin]),
            ...$this->driven->asked($this->row->posts, [$this->shape->heights_m]),
            ...$this->sizesAsked(),
        ];
        $holds = $this->row->rowHolds;
        foreach ([
            'clamp_up_N' => $holds->clampUp, 'purlin_up_N' => $holds->purlinUp, 'purlin_along_N' => $holds->purlinAlong, 'head_up_N' => $holds->headUp,
            'head_moment_Nm' => $holds->headMoment,
        ] as $key => $known) {
            array_push($findings, ...Holding::missing($known, self::HOLDS."/$key"));
        }

        return $findings;
    }

    /** @return list<Finding> What does not fit under or over the ground */
    private function sizesAsked(): array
    {
        [$shape, $levels, $findings] = [$this->shape, count($this->design->table->ground->levels), []];
        $bay_m = $shape->posts_m[1] - $shape->posts_m[0];
        [$first_m, $second_m] = $shape->purlins_m[0];
        if ($bay_m < 0.3 || Printed::over(max($shape->posts_m), $shape->width_m)) {
            $at = $this->row->bay === null ? '/table/racking/end_overhang_m' : '/table/racking/bay_m';
            $findings[] = Finding::of(Code::PilesOffRow, $at, ['width_m' => $shape->width_m, 'bay_m' => $bay_m]);
        }
        if ($second_m - $first_m < 0.1) {
            $findings[] = Finding::of(Code::PurlinsMeet, '/table/racking/purlin_at_m', ['at_m' => $shape->railAt_m, 'apart_m' => $second_m - $first_m]);
        }
        if (min($shape->heights_m) < 0.05 || $shape->lowEdge_m < 0.0) {
            $findings[] = Finding::of(
                Code::PostUnderGround,
                '/table/racking/head_height_m',
                ['height_m' => min($shape->heights_m), 'edge_m' => $shape->lowEdge_m],
            );
        }
        if ($levels > 0 && $levels !== $this->row->posts) {
            $findings[] = Finding::of(Code::LevelsMissing, '/table/ground/levels', ['levels' => $levels, 'posts' => $this->row->posts]);
        }

        return $findings;
    }

    public function face(): TableFace
    {
        return $this->shape;
    }

    public function heightFrom(): array
    {
        return ['/table/racking/head_height_m'];
    }

    /** @return non-empty-list<PostPlace> */
    private function places(): array
    {
        $pile = SectionMember::of($this->row->pile, $this->coefficients);

        return array_map(fn (int $post): PostPlace => new PostPlace(
            PostPlace::name($post, 1),
            false,
            $this->shape->posts_m[$post],
            $this->shape->rowAt_m,
            $this->shape->ground_m[$post],
            $this->shape->heights_m[$post],
            $pile,
            '/table/racking/pile',
            $this->design->table->builtDepth_m(PostPlace::name($post, 1)),
        ), array_keys($this->shape->posts_m));
    }

    public function stand(TableLoads $loads, array $others = []): TableStand
    {
        $places = $this->places();
        $checks = new PostChecks($places, $this->driven->foundation($this->heightFrom()));
        $row = new RowCases($this->design, $this->row, $this->shape, $places, $loads, $this->row->tests->embedment->toMetres());
        $cases = $row->all();
        [$depth_m, $tried_m] = $checks->depth_m($this->design->units, $cases);
        $posts = array_map(
            static fn (PostPlace $place): TablePost => new TablePost($place, $place->built_m ?? $tried_m, null, null),
            $depth_m === null ? [] : $places,
        );
        $faces = new FaceChecks($this->design, $this->shape, $loads);
        $held = $checks->at($tried_m, $cases, $row->soft_m());

        return new TableStand(
            $places,
            $posts,
            [
                ...$held,
                ...$this->heads($places, $cases),
                ...$this->strut($row),
                ...$this->purlins($faces, $loads),
                ...$faces->checks($this->row->rowHolds->clampUp, self::HOLDS.'/clamp_up_N'),
            ],
            $tried_m,
            SetOut::of($this->design, $places),
            $this->materials($posts),
            $this->steps($posts),
            [],
            '',
            [
                ...$this->driven->told($held, '/table/racking/head_height_m'),
                ...PostChecks::springy($places, $row->dead_N(), $row->soft_m()),
            ],
            ['posts_x_m' => $this->shape->posts_m, 'purlins_m' => array_merge(...$this->shape->purlins_m)],
            $this->side(),
        );
    }

    private function side(): TableSide
    {
        $shape = $this->shape;
        [$sin, $cos, $under_m] = [sin($shape->tilt_rad), cos($shape->tilt_rad), $this->row->offset->toMetres()];
        $at = static fn (float $s_m, float $below_m): array => [$s_m * $cos + $below_m * $sin, $s_m * $sin - $below_m * $cos];
        $all_m = array_merge(...$shape->purlins_m);

        return new TableSide(
            max($shape->ground_m) + $this->row->headHeight->toMetres() + $under_m * $cos - $shape->chord_m / 2 * $sin,
            $under_m,
            0.0,
            $this->design->table->soil->frostDepth->toMetres(),
            // The strut, and every purlin between it and the modules.
            [
                [...$at(min($all_m), $under_m), ...$at(max($all_m), $under_m)],
                ...array_map(static fn (float $s_m): array => [...$at($s_m, $under_m), ...$at($s_m, 0.0)], $all_m),
            ],
        );
    }

    /**
     * @param list<PostPlace> $places
     * @param list<TableCase> $cases
     *
     * @return list<TableCheck> Of a strut on its pile
     */
    private function heads(array $places, array $cases): array
    {
        $checks = [];
        foreach ($places as $post => $place) {
            $lift = Most::of($cases, static fn (TableCase $case): float => -$case->posts[$post][0]);
            $bent = Most::of(
                array_values(array_filter($cases, static fn (TableCase $case): bool => !$case->isAlong())),
                static fn (TableCase $case): float => abs($case->posts[$post][2] - $case->posts[$post][1] * $place->height_m),
            );
            if ($lift !== null && $bent !== null) {
                array_push(
                    $checks,
                    ...Holding::force('head_up', $place->id, max(0.0, $lift->value), $this->row->rowHolds->headUp, $lift->case, self::HOLDS.'/head_up_N'),
                    ...Holding::moment('head_bent', $place->id, $bent->value, $this->row->rowHolds->headMoment, $bent->case, self::HOLDS.'/head_moment_Nm'),
                );
            }
        }

        return $checks;
    }

    /** @return list<TableCheck> */
    private function strut(RowCases $row): array
    {
        [[$moment_Nm, $bentIn], [$shear_N, $shearedIn]] = $row->strut();
        $at = '/table/racking/strut';

        return [
            ...Holding::moment('strut', '', $moment_Nm, $this->row->strut->moment, $bentIn, "$at/moment_Nm"),
            ...Holding::force('strut_shear', '', $shear_N, $this->row->strut->shear, $shearedIn, "$at/shear_N"),
        ];
    }

    /** @return list<TableCheck> Under the wind on their own area: across the modules and down their slope at once, over the struts */
    private function purlins(FaceChecks $faces, TableLoads $loads): array
    {
        $shape = $this->shape;
        $span_m = $shape->posts_m[1] - $shape->posts_m[0];
        $wide_m = $this->design->moduleUp()->toMetres() / 2;
        $dead_Pa = $faces->module_Pa() + $this->row->dead->toPascals();
        [$up_Pa, $down_Pa] = $faces->net_Pa($span_m * max($wide_m, $span_m / 3), $dead_Pa);
        $slips_Pa = ($dead_Pa + $loads->snow->ps_Pa * cos($shape->tilt_rad)) * sin($shape->tilt_rad);
        [$share, $lever_m] = [0.0, 0.0];
        foreach (AlongRow::under($shape->posts_m, $shape->held_m, $this->row->joints) as $lies) {
            $share = max($share, ...$lies->posts);
            $lever_m = max($lever_m, ...array_map('abs', $lies->moments_m));
        }
        $on_m2 = $wide_m * $shape->width_m;
        $purlin = SectionMember::of($this->row->purlin, $this->coefficients);
        $from = ['/table/racking/posts', '/table/racking/end_overhang_m', '/table/racking/purlin/moment_Nm'];
        // Lifted it slips by no more than what presses it.
        $moment_Nm = $purlin?->bentBy(max(max(0.0, $up_Pa), $down_Pa) * $on_m2 * $lever_m, $slips_Pa * $on_m2 * $lever_m);

        return [
            ...Holding::moment('purlin', '', $moment_Nm ?? 0.0, $purlin === null ? null : $this->row->purlin->moment, null, $from[2]),
            ...Holding::force('purlin_up', '', max(0.0, $up_Pa) * $on_m2 * $share, $this->row->rowHolds->purlinUp, null, self::HOLDS.'/purlin_up_N'),
            ...Holding::force('purlin_along', '', $slips_Pa * $on_m2 * $share, $this->row->rowHolds->purlinAlong, null, self::HOLDS.'/purlin_along_N'),
        ];
    }

    public function others(): array
    {
        return array_slice(OtherPosts::of($this->design, fn (int $posts): PileRow => Copy::of($this->row, posts: $posts, bay: null)), 0, 7);
    }

    /**
     * @param list<TablePost> $posts
     *
     * @return list<array{item: string, name: string, count: int, document: string}> Nothing where no pile stands
     */
    private function materials(array $posts): array
    {
        if ($posts === []) {
            return [];
        }
        [$row, $printer, $table] = [$this->row, $this->design->printer(), $this->design->table];
        $purlins = 2 * $table->rows;

        return [
            Materials::item('module', $this->design->module->name, $table->rows * $table->columns),
            Materials::item('end_clamp', 'End clamp', 2 * $purlins, $row->rowHolds->document),
            Materials::item('mid_clamp', 'Middle clamp', ($table->columns - 1) * $purlins, $row->rowHolds->document),
            Materials::item('purlin', "{$row->purlin->name}, ".$printer->length($this->shape->width_m).' of it', $purlins, $row->purlin->document),
            Materials::item('purlin_joint', 'Joint of a purlin on a strut', $purlins * count($posts), $row->rowHolds->document),
            Materials::item('strut', $row->strut->name, count($posts), $row->strut->document),
            Materials::item('head', 'Head of a pile', count($posts), $row->rowHolds->document),
            Materials::item('pile', $row->pile->name, count($posts), $row->pile->document),
        ];
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
        $printer = $this->design->printer();

        return [
            ...Steps::before($this->design),
            ...Steps::stakes(count($posts), 0.0),
            ...$this->driven->steps($posts),
            Steps::one('heads', ['posts' => count($posts), 'tilt_rad' => $this->shape->tilt_rad, 'height_m' => $this->row->headHeight->toMetres()]),
            Steps::one('row_purlins', [
                'purlins' => 2 * $this->design->table->rows,
                'at' => implode(', ', array_map($printer->length(...), array_merge(...$this->shape->purlins_m))),
            ], 'lifting'),
            ...Steps::modules($this->design),
        ];
    }
}
