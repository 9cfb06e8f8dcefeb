<?php

declare(strict_types=1);

namespace Garnetine\Core\Ground\SinglePost;

use Garnetine\Core\Design\Ground\Racking\SinglePost;
use Garnetine\Core\Design\Ground\TableDesign;
use Garnetine\Core\Document\Copy;
use Garnetine\Core\Finding\Code;
use Garnetine\Core\Finding\Finding;
use Garnetine\Core\Ground\Brackets;
use Garnetine\Core\Ground\ConcretePosts;
use Garnetine\Core\Ground\FaceChecks;
use Garnetine\Core\Ground\Leaning;
use Garnetine\Core\Ground\Materials;
use Garnetine\Core\Ground\OneHead;
use Garnetine\Core\Ground\OtherPosts;
use Garnetine\Core\Ground\PostChecks;
use Garnetine\Core\Ground\PostInGround;
use Garnetine\Core\Ground\PostPlace;
use Garnetine\Core\Ground\SetOut;
use Garnetine\Core\Ground\SoilsByPost;
use Garnetine\Core\Ground\SoilValues;
use Garnetine\Core\Ground\Steps;
use Garnetine\Core\Ground\Stick;
use Garnetine\Core\Ground\TableCase;
use Garnetine\Core\Ground\TableFace;
use Garnetine\Core\Ground\TableKind;
use Garnetine\Core\Ground\TableLoads;
use Garnetine\Core\Ground\TablePost;
use Garnetine\Core\Ground\TableStand;
use Garnetine\Core\Ground\TimberMember;
use Garnetine\Core\Ground\TimberTable\TimberTableKind;
use Garnetine\Core\Load\Coefficients;
use Garnetine\Core\Load\Printed;
use Garnetine\Core\Quantity\Length;

/** A frame on the head of one timber post in concrete. */
final readonly class SinglePostKind implements TableKind
{
    /** Below the ground, from where the post may be thought to stand, over its depth. */
    private const SOFT = 0.7;

    private TableFace $face;

    public function __construct(private TableDesign $design, private SinglePost $single, private Coefficients $coefficients)
    {
        $this->face = OneHead::face($design, $single->headHeight->toMetres(), $single->offset->toMetres());
    }

    public function asked(): array
    {
        return [
            ...SoilValues::asked($this->design->table->soil),
            ...TimberTableKind::unknown('stick', $this->single->stick, $this->design),
            ...Brackets::asked($this->single->bracket),
            ...OneHead::asked($this->design, $this->face),
        ];
    }

    public function face(): TableFace
    {
        return $this->face;
    }

    public function heightFrom(): array
    {
        return ['/table/racking/head_height_m'];
    }

    public function stand(TableLoads $loads, array $others = []): TableStand
    {
        $ground = PostInGround::of($this->design->table, $this->coefficients, $this->heightFrom());
        $place = $this->place();
        $dead_N = $this->design->modules_N() + $this->single->dead->toPascals() * $this->face->area_m2();
        $sticks = Stick::all($loads, $this->face, $place->height_m, $this->single->offset->toMetres(), $dead_N);
        $lean_m = Leaning::arm_m($this->design, $place);
        $cases = array_map(static fn (TableCase $case): TableCase => Copy::of($case, posts: [Leaning::on($case->posts[0], $lean_m)]), Stick::cases($sticks));
        $own = SoilsByPost::foundations($this->design, $this->face, [$place], $this->coefficients, $this->heightFrom());
        $checks = new PostChecks([$place], $ground, $own);
        [$depth_m, $tried_m] = $checks->depth_m($this->design->units, $cases, null, TableStand::deepest_m($others));
        $soft_m = self::SOFT * $tried_m;
        $found = [
            ...$checks->at($tried_m, $cases, $soft_m),
            ...Brackets::checks($this->single->bracket, $sticks, $this->face->width_m),
            ...(new FaceChecks($this->design, $this->face, $loads))->checks($this->single->bracket->clampUp, '/table/racking/bracket/clamp_up_N'),
        ];
        $stick = $this->single->stick;
        $posts = $depth_m === null ? [] : [new TablePost(
            $place,
            $place->built_m ?? $depth_m,
            $place->height_m + ($place->built_m ?? $depth_m) + $this->shaved_m() / 2,
            $ground->bags($place->built_m ?? $depth_m, $stick->breadth->toMetres() * $stick->depth->toMetres(), $this->design->table->footing->bag),
        )];
        $cut_m = $posts === [] ? 0.0 : (float) $posts[0]->cut_m;

        return new TableStand(
            [$place],
            $posts,
            $found,
            $tried_m,
            SetOut::of($this->design, [$place]),
            $this->materials($posts),
            $this->steps($posts),
            [],
            '',
            [
                ...ConcretePosts::assumed($this->design, '/table/racking/head_height_m', '/table/racking/stick/depth_m'),
                Finding::of(Code::TimberWet, '/table/racking/stick/incised'),
                Finding::of(Code::TorsionOfSoil, '/table/racking/head_height_m'),
                ...ConcretePosts::bolted($found, $this->single->crossBolt),
                ...PostChecks::springy([$place], $dead_N, $soft_m),
                ...Printed::over($cut_m, $stick->stock->toMetres())
                    ? [Finding::of(Code::PostOverStock, '/table/racking/stick/stock_m', ['cut_m' => $cut_m, 'stock_m' => $stick->stock->toMetres()])] : [],
            ],
            ['top_cut_m' => $this->shaved_m()],
            OneHead::side($this->design, $this->face, $place, $this->single->offset->toMetres(), $ground->hole_m),
        );
    }

    /** How much higher the top of the post is at its high side than at its low one. */
    private function shaved_m(): float
    {
        return $this->single->stick->depth->toMetres() * tan($this->face->tilt_rad);
    }

    private function place(): PostPlace
    {
        return OneHead::place(
            $this->face,
            $this->single->headHeight->toMetres(),
            $this->single->offset->toMetres(),
            TimberMember::of($this->single->stick, $this->coefficients),
            '/table/racking/stick',
            $this->design->table->builtDepth_m('A1'),
        );
    }

    public function others(): array
    {
        return array_map(fn (float $hole_m): TableDesign => $this->design->on(Copy::of(
            $this->design->table,
            footing: Copy::of($this->design->table->footing, hole: Length::ofMetres($hole_m)),
        )), OtherPosts::holes_m($this->design));
    }

    /**
     * @param list<TablePost> $posts
     *
     * @return list<array{item: string, name: string, count: int, document: string}> Nothing where the post does not stand
     */
    private function materials(array $posts): array
    {
        if ($posts === []) {
            return [];
        }
        [$module, $end, $middle] = Materials::modules($this->design, $this->single->bracket->document);
        $stick = $this->single->stick;

        return [
            $module,
            Materials::item(
                'frame',
                'Frame of '.$this->design->printer()->length($this->face->chord_m).' by '.$this->design->printer()->length($this->face->width_m),
                1,
                $this->single->bracket->document,
            ),
            $end,
            $middle,
            Materials::item('bracket', 'Bracket of the frame on the post', 1, $this->single->bracket->document),
            Materials::item('timber', "{$stick->name}, {$this->design->printer()->length($stick->stock->toMetres())}", 1, $stick->document),
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

        return [
            ...Steps::before($this->design),
            ...Steps::stakes(1, 0.0),
            ...Steps::concrete($this->design, $posts, 'set_single', 0.0254),
            Steps::one('top_cut', ['cut_m' => $this->shaved_m(), 'tilt_rad' => $this->face->tilt_rad], 'saw', 'treated'),
            Steps::one('frame', ['diagonal_m' => hypot($this->face->chord_m, $this->face->width_m)], 'lifting'),
            ...Steps::modules($this->design),
        ];
    }
}
