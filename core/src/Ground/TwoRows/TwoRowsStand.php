<?php

declare(strict_types=1);

namespace Garnetine\Core\Ground\TwoRows;

use Garnetine\Core\Design\Ground\Racking\TwoRowSizes;
use Garnetine\Core\Design\Ground\TableDesign;
use Garnetine\Core\Finding\Code;
use Garnetine\Core\Finding\Finding;
use Garnetine\Core\Ground\FaceChecks;
use Garnetine\Core\Ground\Foundation;
use Garnetine\Core\Ground\Holding;
use Garnetine\Core\Ground\Member;
use Garnetine\Core\Ground\Most;
use Garnetine\Core\Ground\PostChecks;
use Garnetine\Core\Ground\PostPlace;
use Garnetine\Core\Ground\TableCase;
use Garnetine\Core\Ground\TableCheck;
use Garnetine\Core\Ground\TableLoads;
use Garnetine\Core\Load\Printed;

/** How a table on two rows of posts stands, whatever its posts, its beams and what they stand in are made of. */
final readonly class TwoRowsStand
{
    public TableShape $shape;

    /** Null where nothing braces the posts. */
    public ?Bracing $bracing;

    /** @param array{string, string, string} $at Where a front post, a rear post and a beam were entered */
    public function __construct(
        private TableDesign $design,
        private TwoRowSizes $sizes,
        private ?Member $front,
        private ?Member $rear,
        private ?Member $beam,
        private array $at,
    ) {
        $this->shape = TableShape::of($design, $sizes);
        $this->bracing = $sizes->brace === null ? null : new Bracing($sizes->brace, $this->shape);
    }

    /** @return list<Finding> What tables on two rows are asked alike */
    public function asked(): array
    {
        [$sizes, $shape, $findings] = [$this->sizes, $this->shape, []];
        $holds = $sizes->holds;
        foreach ([
            'clamp_up_N' => $holds->clampUp, 'rail_moment_Nm' => $holds->railMoment, 'rail_up_N' => $holds->railUp, 'rail_along_N' => $holds->railAlong,
            'tee_up_N' => $holds->teeUp, 'tee_across_N' => $holds->teeAcross,
        ] as $key => $known) {
            array_push($findings, ...Holding::missing($known, "/table/racking/holds/$key"));
        }
        $bay_m = $shape->posts_m[1] - $shape->posts_m[0];
        if ($bay_m < 0.3 || $shape->rearPipe_m > $shape->chord_m || Printed::over(max($shape->posts_m), $shape->width_m)) {
            $along = $sizes->bay === null ? '/table/racking/end_overhang_m' : '/table/racking/bay_m';
            $at = $shape->rearPipe_m > $shape->chord_m ? '/table/racking/between_m' : $along;
            $findings[] = Finding::of(Code::PipesOffTable, $at, [
                'chord_m' => $shape->chord_m, 'width_m' => $shape->width_m, 'rear_m' => $shape->rearPipe_m, 'bay_m' => $bay_m,
            ]);
        }
        if (min([...$shape->front_m, ...$shape->rear_m]) < 0.05 || $shape->lowEdge_m < 0.0) {
            $findings[] = Finding::of(Code::PostUnderGround, '/table/racking/front_height_m', [
                'height_m' => min([...$shape->front_m, ...$shape->rear_m]), 'edge_m' => $shape->lowEdge_m,
            ]);
        }
        array_push($findings, ...$this->bracing?->asked() ?? []);
        $levels = count($this->design->table->ground->levels);
        if ($levels > 0 && $levels !== $sizes->posts) {
            $findings[] = Finding::of(Code::LevelsMissing, '/table/ground/levels', ['levels' => $levels, 'posts' => $sizes->posts]);
        }

        return $findings;
    }

    /** @return non-empty-list<PostPlace> Front row first */
    public function places(): array
    {
        $places = [];
        $shape = $this->shape;
        foreach ([
            [1, $shape->front_m, $shape->frontGround_m, $this->front, $this->at[0], $shape->frontAt_m()],
            [2, $shape->rear_m, $shape->rearGround_m, $this->rear, $this->at[1], $shape->frontAt_m() + $shape->between_m],
        ] as [$row, $heights_m, $grounds_m, $member, $at, $y_m]) {
            foreach ($heights_m as $post => $height_m) {
                $places[] = new PostPlace(
                    PostPlace::name($post, $row),
                    $row === 2,
                    $shape->posts_m[$post],
                    $y_m,
                    $grounds_m[$post],
                    $height_m,
                    $member,
                    $at,
                    $this->design->table->builtDepth_m(PostPlace::name($post, $row)),
                );
            }
        }

        return $places;
    }

    /**
     * The least depth at which every post holds, what is checked there and found; null where none does, and the deepest is looked at.
     *
     * @param array<int, Foundation> $own By post, of those in other ground
     */
    public function hold(Foundation $foundation, TableLoads $loads, float $least_m = 0.0, array $own = []): Held
    {
        $posts = new PostChecks($this->places(), $foundation, $own);
        $cases = TwoRowsCases::of($this->design, $this->sizes, $this->shape, $loads, $this->front, $this->rear, $this->beam);
        $firm = $cases->bound(false, 0.0);
        /** @var array<string, list<TableCase>> $soft By depth */
        $soft = [];
        $besides = static function (float $tried_m) use ($cases, &$soft): array {
            return $soft[(string) $tried_m] ??= $cases->bound(true, $tried_m);
        };
        [$depth_m, $tried_m] = $posts->depth_m($this->design->units, $firm, $besides, $least_m);
        $all = [...$firm, ...$besides($tried_m)];
        $faces = new FaceChecks($this->design, $this->shape, $loads);
        $soft_m = TwoRowsCases::soft_m($tried_m);
        $checks = [
            ...$posts->at($tried_m, $all, $soft_m),
            ...$this->joints($all),
            ...$this->bracing?->checks($all) ?? [],
            ...$this->beams($all),
            ...$faces->checks($this->sizes->holds->clampUp, '/table/racking/holds/clamp_up_N'),
            ...RailsOnTwo::checks($this->sizes, $this->shape, $faces, $loads),
        ];

        return new Held($depth_m, $tried_m, $checks, [
            ...PostChecks::springy($this->places(), $cases->dead_N(), $soft_m), ...AsBuilt::of($this->design, $this->shape)->findings(),
        ]);
    }

    /**
     * @param list<TableCase> $cases
     *
     * @return list<TableCheck> Of a beam on a post
     */
    private function joints(array $cases): array
    {
        $checks = [];
        $holds = $this->sizes->holds;
        foreach ($this->places() as $post => $place) {
            $lift = Most::of($cases, static fn (TableCase $case): float => -($case->braced[$post]['presses_N'] ?? $case->posts[$post][0]));
            $push = Most::of($cases, static fn (TableCase $case): float => $case->braced[$post]['top_N'] ?? $case->posts[$post][1]);
            if ($lift !== null && $push !== null) {
                array_push(
                    $checks,
                    ...Holding::force('tee_up', $place->id, max(0.0, $lift->value), $holds->teeUp, $lift->case, '/table/racking/holds/tee_up_N'),
                    ...Holding::force('tee_across', $place->id, $push->value, $holds->teeAcross, $push->case, '/table/racking/holds/tee_across_N'),
                );
            }
        }

        return $checks;
    }

    /**
     * @param list<TableCase> $cases
     *
     * @return list<TableCheck> Of both beams
     */
    private function beams(array $cases): array
    {
        $beam = $this->beam;
        if ($beam === null) {
            return [];
        }
        $checks = [];
        $asBuilt = AsBuilt::of($this->design, $this->shape);
        $from = [...array_map(fn (string $key): string => "{$this->at[2]}/$key", $beam->keys()), '/table/racking/posts'];
        foreach (['front', 'rear'] as $row => $side) {
            $misfit_Nm = $asBuilt->misfit_Nm($row, $beam);
            $most = Most::of($cases, static fn (TableCase $case): float => ($case->beams[$row] + $misfit_Nm) / $beam->moment_Nm($case->lasts()));
            if ($most !== null) {
                $checks[] = TableCheck::of(
                    'beam',
                    $side,
                    $most->case->beams[$row] + $misfit_Nm,
                    $beam->moment_Nm($most->case->lasts()),
                    'Nm',
                    $most->case,
                    '/table/racking/posts',
                    $misfit_Nm > 0.0 ? ['misfit_Nm' => $misfit_Nm] : [],
                    $beam->source(),
                    $from,
                    $beam->says().($misfit_Nm > 0.0 ? 'beam_misfit' : 'beam'),
                );
            }
        }

        return $checks;
    }

    /** @return list<string> Where it was entered how high the beams lie */
    public function heightFrom(): array
    {
        return ['/table/racking/front_height_m'];
    }

    /** Of the modules' low edge, over the first front post's ground. */
    public function lowEdge_m(): float
    {
        return max($this->shape->frontGround_m) + $this->shape->lowEdge_m;
    }

    /** @return array<string, float|list<float>> */
    public function sizes(): array
    {
        return ['rise_m' => $this->shape->rise_m, 'rails_x_m' => $this->shape->rails_m, 'posts_x_m' => $this->shape->posts_m];
    }
}
