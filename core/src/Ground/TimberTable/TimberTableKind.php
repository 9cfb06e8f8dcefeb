<?php

declare(strict_types=1);

namespace Garnetine\Core\Ground\TimberTable;

use Garnetine\Core\Design\Ground\Racking\BeamJoints;
use Garnetine\Core\Design\Ground\Racking\Timber;
use Garnetine\Core\Design\Ground\Racking\TimberTable;
use Garnetine\Core\Design\Ground\TableDesign;
use Garnetine\Core\Document\Copy;
use Garnetine\Core\Finding\Code;
use Garnetine\Core\Finding\Finding;
use Garnetine\Core\Ground\ConcretePosts;
use Garnetine\Core\Ground\Materials;
use Garnetine\Core\Ground\OtherPosts;
use Garnetine\Core\Ground\PostInGround;
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
use Garnetine\Core\Ground\TimberMember;
use Garnetine\Core\Ground\TwoRows\TwoRowsStand;
use Garnetine\Core\Load\Coefficients;
use Garnetine\Core\Load\Printed;

/** Struts up the slope on timber beams, which are bolted upright to timber posts in concrete. */
final readonly class TimberTableKind implements TableKind
{
    /** Bolts stay so many diameters from the end of a beam that they load across its grain (NDS 2018, Table 12.5.1A; recalled). */
    private const END = 4.0;

    private TwoRowsStand $rows;

    public function __construct(private TableDesign $design, private TimberTable $timbers, private Coefficients $coefficients)
    {
        [$first_m, $second_m] = TableFace::postsOf_m($design, max(2, $timbers->posts), $timbers->endOverhang, $timbers->bay);
        $this->rows = new TwoRowsStand(
            $design,
            $timbers->sizes(),
            TimberMember::of($timbers->frontPost, $coefficients),
            TimberMember::of($timbers->rearPost, $coefficients),
            TimberMember::of($timbers->girder, $coefficients, $second_m - $first_m),
            ['/table/racking/front_post', '/table/racking/rear_post', '/table/racking/girder'],
        );
    }

    public function asked(): array
    {
        $findings = SoilValues::asked($this->design->table->soil);
        foreach (['front_post' => $this->timbers->frontPost, 'rear_post' => $this->timbers->rearPost, 'girder' => $this->timbers->girder] as $key => $timber) {
            array_push($findings, ...self::unknown($key, $timber, $this->design));
        }

        return [...$findings, ...$this->butts(), ...$this->rows->asked()];
    }

    /** @return list<Finding> Values that are not known, and a standard to which its strength is not */
    public static function unknown(string $key, Timber $timber, TableDesign $design): array
    {
        $standard = $design->site->standard;
        if (!$standard->isAsce7()) {
            return [Finding::of(Code::TimberByNds, "/table/racking/$key", ['standard' => "choice.standard.$standard->value"])];
        }

        return $timber->isKnown() ? [] : [Finding::of(Code::TimberUnknown, "/table/racking/$key", ['timber' => $timber->name])];
    }

    /** @return list<Finding> Two beams that meet on a post have half of its breadth each */
    private function butts(): array
    {
        $findings = [];
        foreach ($this->meet() ? ['front_post' => $this->timbers->frontPost, 'rear_post' => $this->timbers->rearPost] : [] as $key => $post) {
            $least_m = self::END * $this->timbers->bolt->toMetres();
            if (Printed::under($post->breadth->toMetres() / 2, $least_m)) {
                $findings[] = Finding::of(Code::ButtTooShort, "/table/racking/$key/breadth_m", [
                    'timber' => $post->name, 'end_m' => $post->breadth->toMetres() / 2, 'least_m' => $least_m,
                ]);
            }
        }

        return $findings;
    }

    /** Whether beams meet end to end on inner posts. */
    private function meet(): bool
    {
        return $this->timbers->joints === BeamJoints::AtPosts && $this->timbers->posts > 2;
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
            $timber = $this->timber($place->isRear);
            $posts[] = new TablePost(
                $place,
                $place->built_m ?? (float) $held->depth_m,
                $place->height_m + ($place->built_m ?? (float) $held->depth_m) + $this->timbers->above->toMetres(),
                $ground->bags(
                    $place->built_m ?? (float) $held->depth_m,
                    $timber->breadth->toMetres() * $timber->depth->toMetres(),
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
            [],
            '',
            [
                ...ConcretePosts::assumed($this->design, '/table/racking/front_height_m', '/table/racking/front_post/depth_m'),
                Finding::of(Code::TimberWet, '/table/racking/front_post/incised'),
                ...$held->findings,
                ...ConcretePosts::bolted($held->checks, $this->timbers->crossBolt),
                ...$this->overStock($posts),
            ],
            $this->rows->sizes(),
            new TableSide(
                $this->rows->lowEdge_m(),
                $this->timbers->offset->toMetres(),
                $ground->hole_m,
                $this->design->table->soil->frostDepth->toMetres(),
                $this->rows->bracing?->struts() ?? [],
                $this->timbers->girder->breadth->toMetres(),
                $this->timbers->girder->depth->toMetres(),
            ),
        );
    }

    public function others(): array
    {
        return OtherPosts::of($this->design, fn (int $posts): TimberTable => Copy::of($this->timbers, posts: $posts, bay: null));
    }

    private function timber(bool $isRear): Timber
    {
        return $isRear ? $this->timbers->rearPost : $this->timbers->frontPost;
    }

    /**
     * @param list<TablePost> $posts
     *
     * @return list<Finding>
     */
    private function overStock(array $posts): array
    {
        $findings = [];
        $cuts_m = ['front_post' => 0.0, 'rear_post' => 0.0];
        foreach ($posts as $post) {
            $key = $post->place->isRear ? 'rear_post' : 'front_post';
            $cuts_m[$key] = max($cuts_m[$key], (float) $post->cut_m);
        }
        $cuts_m['girder'] = $this->girder_m();
        foreach ($cuts_m as $key => $cut_m) {
            $stock_m = ($key === 'girder' ? $this->timbers->girder : $this->timber($key === 'rear_post'))->stock->toMetres();
            array_push($findings, ...Printed::over($cut_m, $stock_m)
                ? [Finding::of(Code::PostOverStock, "/table/racking/$key/stock_m", ['cut_m' => $cut_m, 'stock_m' => $stock_m])] : []);
        }

        return $findings;
    }

    /** The longest piece of a beam. */
    private function girder_m(): float
    {
        $shape = $this->rows->shape;

        $last_m = $shape->width_m - $shape->posts_m[count($shape->posts_m) - 2];

        return $this->meet() ? max($shape->posts_m[1], $shape->posts_m[1] - $shape->posts_m[0], $last_m) : $shape->width_m;
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
        [$timbers, $printer, $rails] = [$this->timbers, $this->design->printer(), count($this->rows->shape->rails_m)];
        $timber = static fn (Timber $one, int $count): array => Materials::item(
            'timber',
            "{$one->name}, {$printer->length($one->stock->toMetres())}",
            $count,
            $one->document,
        );
        [$module, $end, $middle] = Materials::modules($this->design, $timbers->holds->document);

        return [
            $module,
            Materials::item('strut', 'Strut of '.$printer->length($this->rows->shape->chord_m), $rails, $timbers->holds->document),
            $end,
            $middle,
            Materials::item('u_bolt', 'U-bolt or bracket of a strut on a beam', 2 * $rails, $timbers->holds->document),
            $timber($timbers->frontPost, $timbers->posts),
            $timber($timbers->rearPost, $timbers->posts),
            $timber($timbers->girder, 2 * ($this->meet() ? $timbers->posts - 1 : 1)),
            Materials::item(
                'bolt',
                'Bolts of '.$printer->length($timbers->bolt->toMetres()).' with large washers, as the document asks, at so many joints',
                2 * $timbers->posts,
                $timbers->holds->document,
            ),
            ...$this->rows->bracing === null ? [] : [$this->rows->bracing->material($this->design->printer())],
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
        $shape = $this->rows->shape;

        return [
            ...Steps::before($this->design),
            ...Steps::stakes(count($posts), $shape->between_m),
            ...Steps::concrete($this->design, $posts, 'set_timber', 0.0254 / 2),
            Steps::one(
                'girders',
                ['rise_m' => $shape->rise_m, 'bolt_m' => $this->timbers->bolt->toMetres(), 'end_m' => self::END * $this->timbers->bolt->toMetres()],
                'saw',
                'treated',
            ),
            Steps::one('struts', ['rails' => count($shape->rails_m), 'at_m' => $shape->railAt_m], 'saw'),
            ...$this->rows->bracing === null ? [] : [$this->rows->bracing->step()],
            ...Steps::modules($this->design),
        ];
    }
}
