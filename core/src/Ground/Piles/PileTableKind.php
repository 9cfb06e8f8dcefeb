<?php

declare(strict_types=1);

namespace Garnetine\Core\Ground\Piles;

use Garnetine\Core\Design\Ground\Racking\PileTable;
use Garnetine\Core\Design\Ground\TableDesign;
use Garnetine\Core\Document\Copy;
use Garnetine\Core\Ground\Materials;
use Garnetine\Core\Ground\OtherPosts;
use Garnetine\Core\Ground\SectionMember;
use Garnetine\Core\Ground\SetOut;
use Garnetine\Core\Ground\SoilValues;
use Garnetine\Core\Ground\Steps;
use Garnetine\Core\Ground\TableFace;
use Garnetine\Core\Ground\TableKind;
use Garnetine\Core\Ground\TableLoads;
use Garnetine\Core\Ground\TablePost;
use Garnetine\Core\Ground\TableSide;
use Garnetine\Core\Ground\TableStand;
use Garnetine\Core\Ground\Tested;
use Garnetine\Core\Ground\TwoRows\TwoRowsStand;
use Garnetine\Core\Load\Coefficients;

/** Rails on beams on two rows of driven piles or ground screws, as deep as they were tested. */
final readonly class PileTableKind implements TableKind
{
    private TwoRowsStand $rows;
    private DrivenPiles $driven;

    public function __construct(private TableDesign $design, private PileTable $piles, private Coefficients $coefficients)
    {
        $pile = SectionMember::of($piles->pile, $coefficients);
        $this->rows = new TwoRowsStand($design, $piles->sizes(), $pile, $pile, SectionMember::of($piles->purlin, $coefficients), [
            '/table/racking/pile', '/table/racking/pile', '/table/racking/purlin',
        ]);
        $this->driven = new DrivenPiles($design, $piles->pile, $piles->adjusts, $piles->tests, $coefficients);
    }

    public function asked(): array
    {
        $shape = $this->rows->shape;

        return [
            ...SoilValues::asked($this->design->table->soil),
            ...DrivenPiles::unknown(['pile' => $this->piles->pile, 'purlin' => $this->piles->purlin]),
            ...$this->rows->asked(),
            ...$this->driven->asked(2 * $this->piles->posts, [$shape->front_m, $shape->rear_m]),
        ];
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
        $held = $this->rows->hold($this->driven->foundation($this->heightFrom()), $loads);
        $places = $this->rows->places();
        $posts = [];
        foreach ($held->depth_m === null ? [] : $places as $place) {
            $posts[] = new TablePost($place, $place->built_m ?? (float) $held->depth_m, null, null);
        }

        return new TableStand(
            $places,
            $posts,
            $held->checks,
            $held->tried_m,
            SetOut::of($this->design, $places),
            $this->materials($posts),
            $this->steps($posts),
            [],
            '',
            [
                ...$this->driven->told($held->checks, '/table/racking/front_height_m'),
                ...$held->findings,
            ],
            $this->rows->sizes(),
            new TableSide(
                $this->rows->lowEdge_m(),
                $this->piles->offset->toMetres(),
                0.0,
                $this->design->table->soil->frostDepth->toMetres(),
                $this->rows->bracing?->struts() ?? [],
                $this->piles->purlin->width->toMetres(),
                $this->piles->purlin->width->toMetres(),
            ),
        );
    }

    public function others(): array
    {
        return array_slice(OtherPosts::of($this->design, fn (int $posts): PileTable => Copy::of($this->piles, posts: $posts, bay: null)), 0, 7);
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
        [$piles, $printer, $rails] = [$this->piles, $this->design->printer(), count($this->rows->shape->rails_m)];
        [$module, $end, $middle] = Materials::modules($this->design, $piles->holds->document);

        return [
            $module,
            Materials::item('table_rail', 'Rail of '.$printer->length($this->rows->shape->chord_m), $rails, $piles->holds->document),
            $end,
            $middle,
            Materials::item('rail_to_pipe', 'Clamp of a rail on a beam', 2 * $rails, $piles->holds->document),
            Materials::item('purlin', "{$piles->purlin->name}, ".$printer->length($this->rows->shape->width_m).' of it', 2, $piles->purlin->document),
            ...$this->rows->bracing === null ? [] : [$this->rows->bracing->material($this->design->printer())],
            Materials::item('head', 'Head of a pile', count($posts), $piles->holds->document),
            Materials::item('pile', $piles->pile->name, count($posts), $piles->pile->document),
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
        $shape = $this->rows->shape;

        return [
            ...Steps::before($this->design),
            ...Steps::stakes(count($posts), $shape->between_m),
            ...$this->driven->steps($posts),
            Steps::one('purlins', ['rise_m' => $shape->rise_m]),
            Steps::one('rails', ['rails' => count($shape->rails_m), 'at_m' => $shape->railAt_m], 'saw'),
            ...$this->rows->bracing === null ? [] : [$this->rows->bracing->step()],
            ...Steps::modules($this->design),
        ];
    }
}
