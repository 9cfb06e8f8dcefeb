<?php

declare(strict_types=1);

namespace Garnetine\Core\Ground\Pole;

use Garnetine\Core\Design\Ground\Racking\Pole;
use Garnetine\Core\Design\Ground\Sun\TiltFrom;
use Garnetine\Core\Design\Ground\TableDesign;
use Garnetine\Core\Document\Copy;
use Garnetine\Core\Finding\Code;
use Garnetine\Core\Finding\Finding;
use Garnetine\Core\Ground\Brackets;
use Garnetine\Core\Ground\FaceChecks;
use Garnetine\Core\Ground\Holding;
use Garnetine\Core\Ground\Loading\TableStandards;
use Garnetine\Core\Ground\Materials;
use Garnetine\Core\Ground\OneHead;
use Garnetine\Core\Ground\PipeTable\PipeTableKind;
use Garnetine\Core\Ground\PostChecks;
use Garnetine\Core\Ground\RoundPipe;
use Garnetine\Core\Ground\SetOut;
use Garnetine\Core\Ground\SoilValues;
use Garnetine\Core\Ground\Steps;
use Garnetine\Core\Ground\Stick;
use Garnetine\Core\Ground\TableCheck;
use Garnetine\Core\Ground\TableFace;
use Garnetine\Core\Ground\TableFigures;
use Garnetine\Core\Ground\TableKind;
use Garnetine\Core\Ground\TableLoads;
use Garnetine\Core\Ground\TablePost;
use Garnetine\Core\Ground\TableStand;
use Garnetine\Core\Load\Coefficients;
use Garnetine\Core\Load\Figure;
use Garnetine\Core\Load\Figures;
use Garnetine\Core\Quantity\Angle;

/**
 * A head on a steel pole on a block of concrete. Every tilt from flat to the steepest is looked at in the full wind; where a stow is proven, tilted ones up to
 * the wind at which it lies flat, and flat in the full wind, from its ends too.
 */
final readonly class PoleKind implements TableKind
{
    /** Steps of the tilts that are looked at. */
    private const STEP_DEG = 5.0;

    private TableFace $face;

    public function __construct(private TableDesign $design, private Pole $pole, private Coefficients $coefficients)
    {
        $this->face = OneHead::face($design, $pole->headHeight->toMetres(), $pole->offset->toMetres());
    }

    public function asked(): array
    {
        $anchors = '/table/racking/anchors';
        $steepest = $this->pole->steepest->toRadians();

        return [
            ...SoilValues::asked($this->design->table->soil, true),
            ...PipeTableKind::unknown('mast', $this->pole->mast),
            ...Brackets::asked($this->pole->bracket),
            ...Holding::missing($this->pole->anchors->tension, "$anchors/tension_N"),
            ...Holding::missing($this->pole->anchors->shear, "$anchors/shear_N"),
            ...OneHead::asked($this->design, $this->faceAt($steepest), true),
            ...$this->steep($steepest),
        ];
    }

    /** @return list<Finding> What the standard says of its steepest tilt, and not of the planned one */
    private function steep(float $steepest_rad): array
    {
        $standard = TableStandards::of($this->design->site);
        $planned = array_map(static fn (Finding $finding): Code => $finding->code, $standard->steep($this->design));

        return array_values(array_map(
            static fn (Finding $finding): Finding => Finding::of($finding->code, '/table/racking/steepest_rad', $finding->values),
            array_filter($standard->steep($this->tiltedTo($steepest_rad)), static fn (Finding $finding): bool => !in_array($finding->code, $planned, true)),
        ));
    }

    public function face(): TableFace
    {
        return $this->face;
    }

    public function heightFrom(): array
    {
        return ['/table/racking/head_height_m'];
    }

    private function tiltedTo(float $tilt_rad): TableDesign
    {
        return $this->design->on(Copy::of($this->design->table, tiltFrom: TiltFrom::Horizontal, tilt: Angle::ofSi($tilt_rad)));
    }

    private function faceAt(float $tilt_rad): TableFace
    {
        return OneHead::face($this->tiltedTo($tilt_rad), $this->pole->headHeight->toMetres(), $this->pole->offset->toMetres());
    }

    /** @return list<float> From flat on, with the planned and the steepest tilt */
    private function tilts_rad(): array
    {
        $steepest = $this->pole->steepest->toRadians();
        $tilts = [0.0, $this->face->tilt_rad, $steepest];
        for ($tilt_deg = self::STEP_DEG; $tilt_deg < rad2deg($steepest); $tilt_deg += self::STEP_DEG) {
            $tilts[] = deg2rad($tilt_deg);
        }
        sort($tilts);

        return array_values(array_unique($tilts));
    }

    /** @return array{non-empty-list<Stick>, array<string, Figure>} Of every tilt, and its winds by path */
    private function sticks(TableLoads $loads, float $dead_N): array
    {
        $height_m = $this->pole->headHeight->toMetres() - $this->pole->block->above->toMetres();
        $stow = $this->pole->stow;
        $standard = TableStandards::of($this->design->site);
        $less = $stow?->isProven() === true ? min(1.0, ($stow->upTo->toSi() / $standard->speed($this->design)->toSi()) ** 2) : 1.0;
        [$sticks, $tilted] = [[], []];
        foreach ($this->tilts_rad() as $tilt_rad) {
            $face = $this->faceAt($tilt_rad);
            $q_Pa = $loads->q_Pa * ($tilt_rad > 0.0 ? $less : 1.0);
            $figures = new Figures();
            $there = $standard->loads($this->design, $face, $q_Pa, $this->coefficients, $figures);
            $tilted += TableFigures::tilted($figures, $tilt_rad, '/table/racking/steepest_rad');
            array_push($sticks, ...Stick::all($there, $face, $height_m, $this->pole->offset->toMetres(), $dead_N, $tilt_rad));
        }
        assert($sticks !== []);

        return [$sticks, $tilted];
    }

    public function stand(TableLoads $loads, array $others = []): TableStand
    {
        $block = $this->pole->block;
        $mast = RoundPipe::of($this->pole->mast, $this->coefficients);
        $above_m = $block->above->toMetres();
        $place = OneHead::place($this->face, $this->pole->headHeight->toMetres(), $this->pole->offset->toMetres(), $mast, '/table/racking/mast');
        $held = OneHead::place($this->face, $place->height_m - $above_m, $this->pole->offset->toMetres(), $mast, '/table/racking/mast');
        $dead_N = $this->design->modules_N() + $this->pole->dead->toPascals() * $this->face->area_m2();
        [$sticks, $tilted] = $this->sticks($loads, $dead_N);
        $footing = new BlockFooting($this->design, $block, $this->pole->anchors, $this->coefficients);
        $depth_m = $block->thick->toMetres() - $above_m;
        $found = [
            ...self::tilted(PostChecks::member($held, 0, Stick::cases($sticks), 0.0)),
            ...$footing->checks($sticks),
            ...Brackets::checks($this->pole->bracket, $sticks, $this->face->width_m),
            ...(new FaceChecks($this->design, $this->face, $loads))->checks($this->pole->bracket->clampUp, '/table/racking/bracket/clamp_up_N'),
        ];
        $posts = [new TablePost($place, $depth_m, $this->pole->headHeight->toMetres() - $above_m, $footing->bags())];

        return new TableStand(
            [$place],
            $posts,
            $found,
            $depth_m,
            SetOut::of($this->design, [$place]),
            $this->materials($posts),
            $this->steps($posts),
            [],
            '',
            [
                ...$footing->findings(),
                ...$this->stowed(),
                Finding::of(Code::BlockPlain, '/table/racking/block/thick_m'),
                ...PostChecks::springy([$held], $dead_N, 0.0),
            ],
            ['steepest_rad' => $this->pole->steepest->toRadians()],
            OneHead::side($this->design, $this->face, $place, $this->pole->offset->toMetres(), $block->side->toMetres(), $above_m),
            $tilted,
        );
    }

    /**
     * @param list<TableCheck> $checks
     *
     * @return list<TableCheck> That tell at which tilt
     */
    private static function tilted(array $checks): array
    {
        return array_map(static fn (TableCheck $check): TableCheck => Copy::of($check, says: "mast_{$check->what}"), $checks);
    }

    /** @return list<Finding> */
    private function stowed(): array
    {
        $stow = $this->pole->stow;

        return [$stow?->isProven() === true
            ? Finding::of(
                Code::StowProven,
                '/table/racking/stow',
                ['speed_m_per_s' => $stow->upTo->toSi(), 'sensor' => $stow->sensor, 'power' => $stow->withoutPower, 'by' => $stow->by],
            )
            : Finding::of(Code::EveryTilt, '/table/racking/steepest_rad', ['steepest_rad' => $this->pole->steepest->toRadians()])];
    }

    public function others(): array
    {
        return [];
    }

    /**
     * @param list<TablePost> $posts
     *
     * @return list<array{item: string, name: string, count: int, document: string}>
     */
    private function materials(array $posts): array
    {
        [$module, $end, $middle] = Materials::modules($this->design, $this->pole->bracket->document);
        $mast = $this->pole->mast;

        return [
            $module,
            $end,
            $middle,
            Materials::item('head', 'Head with its frame', 1, $this->pole->bracket->document),
            Materials::item('post_pipe', "{$mast->name}, {$this->design->printer()->length($mast->stock->toMetres())}", 1, $mast->document),
            Materials::item('anchor', 'Anchor bolt', $this->pole->anchors->count, $this->pole->anchors->document),
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
        $block = $this->pole->block;

        return [
            ...Steps::before($this->design),
            ...Steps::stakes(1, 0.0),
            Steps::one('pit', [
                'side_m' => $block->side->toMetres(), 'other_m' => $block->otherSide->toMetres(),
                'depth_m' => $block->thick->toMetres() - $block->above->toMetres(),
            ], 'open_ground', 'trench'),
            Steps::one('anchors', ['count' => $this->pole->anchors->count, 'bags' => (int) ceil(TablePost::bagsOf($posts) - 1e-9)], 'cement', 'cold_pour'),
            Steps::waiting(),
            Steps::one('mast', ['bearing_rad' => $this->design->table->bearing->toRadians()], 'lifting', 'power_lines'),
            ...Steps::modules($this->design),
            Steps::one('stow', []),
        ];
    }
}
