<?php

declare(strict_types=1);

namespace Garnetine\Core\Ground\PipeTable;

use Garnetine\Core\Design\Ground\Racking\BeamJoints;
use Garnetine\Core\Design\Ground\Racking\CutWhen;
use Garnetine\Core\Design\Ground\Racking\Pipe;
use Garnetine\Core\Design\Ground\Racking\PipeTable;
use Garnetine\Core\Design\Ground\TableDesign;
use Garnetine\Core\Document\Copy;
use Garnetine\Core\Finding\Code;
use Garnetine\Core\Finding\Finding;
use Garnetine\Core\Ground\ConcretePosts;
use Garnetine\Core\Ground\Materials;
use Garnetine\Core\Ground\OtherPosts;
use Garnetine\Core\Ground\PostInGround;
use Garnetine\Core\Ground\RoundPipe;
use Garnetine\Core\Ground\SetOut;
use Garnetine\Core\Ground\SoilsByPost;
use Garnetine\Core\Ground\SoilValues;
use Garnetine\Core\Ground\Steps;
use Garnetine\Core\Ground\TableFace;
use Garnetine\Core\Ground\TableKind;
use Garnetine\Core\Ground\TableLoads;
use Garnetine\Core\Ground\TablePost;
use Garnetine\Core\Ground\TableSide;
use Garnetine\Core\Ground\TableStand;
use Garnetine\Core\Ground\TwoRows\TableShape;
use Garnetine\Core\Ground\TwoRows\TwoRowsStand;
use Garnetine\Core\Load\Coefficients;
use Garnetine\Core\Load\Printed;

/** Rails up the slope on a front and a rear steel pipe, which lie on posts of steel pipe in concrete. */
final readonly class PipeTableKind implements TableKind
{
    /** Left over the mark where posts are cut in place (common practice, no source). */
    private const SPARE_M = 0.0762;

    private TwoRowsStand $rows;

    public function __construct(private TableDesign $design, private PipeTable $pipes, private Coefficients $coefficients)
    {
        $post = RoundPipe::of($pipes->post, $coefficients);
        $this->rows = new TwoRowsStand($design, $pipes->sizes(), $post, $post, RoundPipe::of($pipes->beam, $coefficients), [
            '/table/racking/post', '/table/racking/post', '/table/racking/beam',
        ]);
    }

    public function asked(): array
    {
        return [
            ...SoilValues::asked($this->design->table->soil),
            ...self::unknown('post', $this->pipes->post),
            ...self::unknown('beam', $this->pipes->beam),
            ...$this->rows->asked(),
        ];
    }

    /** @return list<Finding> */
    public static function unknown(string $key, Pipe $pipe): array
    {
        $findings = [];
        foreach (['wall_m' => $pipe->wall, 'yield_Pa' => $pipe->yield] as $what => $known) {
            array_push($findings, ...$known === null ? [Finding::of(Code::PipeUnknown, "/table/racking/$key/$what", ['pipe' => $pipe->name])] : []);
        }
        if ($pipe->wall !== null && 2 * $pipe->wall->toMetres() >= $pipe->outside->toMetres()) {
            $findings[] = Finding::of(Code::PipeUnknown, "/table/racking/$key/wall_m", ['pipe' => $pipe->name]);
        }

        return $findings;
    }

    public function face(): TableFace
    {
        return $this->rows->shape;
    }

    public function heightFrom(): array
    {
        return $this->rows->heightFrom();
    }

    public function stand(TableLoads $loads, array $others = []): TableStand
    {
        $ground = PostInGround::of($this->design->table, $this->coefficients, $this->heightFrom());
        $places = $this->rows->places();
        $own = SoilsByPost::foundations($this->design, $this->face(), $places, $this->coefficients, $this->heightFrom());
        $held = $this->rows->hold($ground, $loads, TableStand::deepest_m($others), $own);
        $posts = [];
        foreach ($held->depth_m === null ? [] : $places as $place) {
            $posts[] = new TablePost(
                $place,
                $place->built_m ?? (float) $held->depth_m,
                $place->height_m + ($place->built_m ?? (float) $held->depth_m) - $this->pipes->seat->toMetres(),
                $ground->bags(
                    $place->built_m ?? (float) $held->depth_m,
                    M_PI / 4 * $this->pipes->post->outside->toMetres() ** 2,
                    $this->design->table->footing->bag,
                ),
            );
        }

        return new TableStand(
            $places,
            $posts,
            $held->checks,
            $held->tried_m,
            SetOut::of($this->design, $places),
            $this->materials($posts),
            $this->steps($posts),
            $this->bars($posts),
            $this->design->printer()->length($this->pipes->post->stock->toMetres()),
            [
                ...ConcretePosts::assumed($this->design, '/table/racking/front_height_m', '/table/racking/post/outside_m'),
                ...$held->findings,
                ...ConcretePosts::bolted($held->checks, $this->pipes->crossBolt),
                ...$this->overStock($posts),
            ],
            $this->rows->sizes(),
            new TableSide(
                $this->rows->lowEdge_m(),
                $this->pipes->offset->toMetres(),
                $ground->hole_m,
                $this->design->table->soil->frostDepth->toMetres(),
                $this->rows->bracing?->struts() ?? [],
                $this->pipes->beam->outside->toMetres(),
                $this->pipes->beam->outside->toMetres(),
                true,
            ),
        );
    }

    public function others(): array
    {
        return OtherPosts::of($this->design, fn (int $posts): PipeTable => Copy::of($this->pipes, posts: $posts, bay: null));
    }

    /**
     * @param list<TablePost> $posts
     *
     * @return list<Finding>
     */
    private function overStock(array $posts): array
    {
        $findings = [];
        foreach ([
            'post' => [array_map($this->piece_m(...), $posts), $this->pipes->post->stock->toMetres()],
            'beam' => [$this->beamPieces_m(), $this->pipes->beam->stock->toMetres()],
        ] as $what => [$pieces_m, $stock_m]) {
            $longest_m = max([0.0, ...$pieces_m]);
            array_push($findings, ...Printed::over($longest_m, $stock_m)
                ? [Finding::of(Code::PostOverStock, "/table/racking/$what/stock_m", ['cut_m' => $longest_m, 'stock_m' => $stock_m])] : []);
        }

        return $findings;
    }

    /** How long a piece of pipe a post is made of. */
    private function piece_m(TablePost $post): float
    {
        return (float) $post->cut_m + ($this->pipes->cut === CutWhen::InPlace ? self::SPARE_M : 0.0);
    }

    /** @return list<float> Of one pipe that carries the rails: whole, or from one inner post to the next */
    private function beamPieces_m(): array
    {
        $shape = $this->shape();
        $inner_m = $this->pipes->joints === BeamJoints::None ? [] : array_slice($shape->posts_m, 1, -1);
        $ends_m = [...$inner_m, $shape->width_m];

        return array_map(static fn (float $from_m, float $to_m): float => $to_m - $from_m, [0.0, ...$inner_m], $ends_m);
    }

    private function shape(): TableShape
    {
        return $this->rows->shape;
    }

    /**
     * @param list<TablePost> $posts
     *
     * @return list<list<string>> Ids
     */
    private function bars(array $posts): array
    {
        return array_map(
            static fn (array $bar): array => array_map(static fn (int $piece): string => $posts[$piece]->place->id, $bar),
            Materials::packed(array_map($this->piece_m(...), $posts), $this->pipes->post->stock->toMetres()),
        );
    }

    /**
     * @param list<TablePost> $posts
     *
     * @return list<array{item: string, name: string, count: int, document: string}> Nothing where no post stands
     */
    private function materials(array $posts): array
    {
        if ($posts === []) {
            return [];
        }
        [$pipes, $printer] = [$this->pipes, $this->design->printer()];
        $rails = count($this->shape()->rails_m);
        $beams = Materials::packed([...$this->beamPieces_m(), ...$this->beamPieces_m()], $pipes->beam->stock->toMetres());
        [$module, $end, $middle] = Materials::modules($this->design, $pipes->holds->document);

        return [
            $module,
            Materials::item('table_rail', 'Rail of '.$printer->length($this->shape()->chord_m), $rails, $pipes->holds->document),
            $end,
            $middle,
            Materials::item('rail_to_pipe', 'Clamp of a rail on a pipe', 2 * $rails, $pipes->holds->document),
            Materials::item('beam_pipe', "{$pipes->beam->name}, {$printer->length($pipes->beam->stock->toMetres())}", count($beams), $pipes->beam->document),
            Materials::item('tee', 'Tee of a post', count($posts), $pipes->holds->document),
            ...$this->rows->bracing === null ? [] : [$this->rows->bracing->material($this->design->printer())],
            Materials::item(
                'post_pipe',
                "{$pipes->post->name}, {$printer->length($pipes->post->stock->toMetres())}",
                count($this->bars($posts)),
                $pipes->post->document,
            ),
            Materials::bags($this->design, $posts),
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
        $shape = $this->shape();
        $isBefore = $this->pipes->cut === CutWhen::Before;

        return [
            ...Steps::before($this->design),
            ...Steps::stakes(count($posts), $shape->between_m),
            ...Steps::concrete($this->design, $posts, $isBefore ? 'set_cut' : 'set_long', $isBefore ? 0.0254 / 8 : 0.0254),
            ...$isBefore ? [] : [Steps::one('cut', [], 'saw')],
            Steps::one('pipes', ['rise_m' => $shape->rise_m]),
            Steps::one('rails', ['rails' => count($shape->rails_m), 'at_m' => $shape->railAt_m], 'saw'),
            ...$this->rows->bracing === null ? [] : [$this->rows->bracing->step()],
            ...Steps::modules($this->design),
        ];
    }
}
