<?php

declare(strict_types=1);

namespace Garnetine\Core\Ground\Ballast;

use Garnetine\Core\Design\Ground\Racking\BallastFrames;
use Garnetine\Core\Design\Ground\TableDesign;
use Garnetine\Core\Design\YesNo;
use Garnetine\Core\Document\Copy;
use Garnetine\Core\Finding\Code;
use Garnetine\Core\Finding\Finding;
use Garnetine\Core\Ground\FaceChecks;
use Garnetine\Core\Ground\Frames\FrameRow;
use Garnetine\Core\Ground\Materials;
use Garnetine\Core\Ground\PostPlace;
use Garnetine\Core\Ground\SetOut;
use Garnetine\Core\Ground\SoilValues;
use Garnetine\Core\Ground\Steps;
use Garnetine\Core\Ground\TableCase;
use Garnetine\Core\Ground\TableCheck;
use Garnetine\Core\Ground\TableFace;
use Garnetine\Core\Ground\TableKind;
use Garnetine\Core\Ground\TableLoads;
use Garnetine\Core\Ground\TablePost;
use Garnetine\Core\Ground\TableStand;
use Garnetine\Core\Load\Coefficients;
use Garnetine\Core\Quantity\Dimension;

/** One row of modules between triangular frames on trays that lie on the ground, each with the fewest blocks that hold it. */
final readonly class BallastFramesKind implements TableKind
{
    /** Drawn so high, with the blocks on it. */
    private const TRAY_HIGH_M = 0.15;

    private FrameRow $row;

    public function __construct(private TableDesign $design, private BallastFrames $frames, private Coefficients $coefficients)
    {
        $this->row = new FrameRow($design, $frames->frames());
    }

    public function asked(): array
    {
        return [...SoilValues::asked($this->design->table->soil, true), ...$this->row->asked(), ...$this->traysMeet()];
    }

    /** @return list<Finding> Trays longer than their middles lie apart */
    private function traysMeet(): array
    {
        [$long_m, $between_m] = [$this->frames->trayLong->toMetres(), $this->frames->between->toMetres()];

        return $long_m > $between_m ? [Finding::of(Code::TraysMeet, '/table/racking/tray_long_m', ['long_m' => $long_m, 'between_m' => $between_m])] : [];
    }

    public function face(): TableFace
    {
        return $this->row->face;
    }

    public function heightFrom(): array
    {
        return ['/table/racking/edge_height_m'];
    }

    public function stand(TableLoads $loads, array $others = []): TableStand
    {
        $places = array_map(
            static fn (PostPlace $place): PostPlace => Copy::of($place, built_m: null),
            $this->row->places('/table/racking/most_blocks'),
        );
        $cases = $this->row->cases($loads);
        [$posts, $checks] = $this->trays($places, $cases, $others);
        $holds = array_filter($checks, static fn (TableCheck $check): bool => $check->ratio > 1 + 1e-9) === [];
        $side = $this->row->side();

        return new TableStand(
            $places,
            $holds ? $posts : [],
            [
                ...$checks,
                ...$this->row->feet($places, $cases),
                ...(new FaceChecks($this->design, $this->row->face, $loads))->checks($this->frames->boltsUp, '/table/racking/bolts_up_N'),
            ],
            0.0,
            SetOut::of($this->design, $places),
            $holds ? $this->materials($posts) : [],
            $holds ? $this->steps($posts) : [],
            [],
            '',
            [
                Finding::of(Code::ConduitOnlySpaces, '/table/racking/conduit_over_m'),
                Finding::of(Code::TraysPlain, '/table/racking/tray_long_m'),
                ...$this->design->table->soil->frostProne === YesNo::No ? [] : [Finding::of(Code::BallastOnFrost, '/table/soil/frost_prone')],
            ],
            $this->row->sizes(),
            Copy::of($side, hole_m: $this->frames->trayLong->toMetres(), standsOn_m: self::TRAY_HIGH_M),
        );
    }

    /**
     * @param list<PostPlace> $places
     * @param list<TableCase> $cases
     * @param list<TableStand> $others
     *
     * @return array{list<TablePost>, list<TableCheck>} Front trays first; inner frames are alike, and both end ones are
     */
    private function trays(array $places, array $cases, array $others): array
    {
        $by = new TrayBlocks($this->design, $this->frames, $this->coefficients);
        $frames = $this->row->count();
        [$counts, $blocks, $checks] = [[], [], []];
        for ($frame = 0; $frame < $frames; ++$frame) {
            $isEnd = $frame === 0 || $frame === $frames - 1;
            $counts[(int) $isEnd] ??= $by->least($cases, $frame, $frames + $frame);
            $blocks[$frame] = [
                max($counts[(int) $isEnd][0], TableStand::mostBlocks($others, $places[$frame]->id)),
                max($counts[(int) $isEnd][1], TableStand::mostBlocks($others, $places[$frames + $frame]->id)),
            ];
            array_push($checks, ...$by->checks($cases, [$places[$frame], $places[$frames + $frame]], [$frame, $frames + $frame], $blocks[$frame]));
        }
        $posts = [];
        foreach ($places as $place => $one) {
            $posts[] = new TablePost($one, 0.0, null, null, $blocks[$place % $frames][intdiv($place, $frames)]);
        }

        return [$posts, $checks];
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
        $mass = $this->design->printer()->print(Dimension::Mass, $this->frames->block->toSi());

        return [
            ...$this->row->materials(),
            Materials::item('tray', 'Tray', count($posts), $this->frames->document),
            Materials::item('ballast', "Block of $mass at least", array_sum(array_column($posts, 'blocks'))),
        ];
    }

    /**
     * @param list<TablePost> $posts
     *
     * @return list<array{code: string, values: array<string, float|int|string>, cautions: list<string>}>
     */
    private function steps(array $posts): array
    {
        $frames = $this->row->count();
        $on = static fn (int $frame): array => [$posts[$frame]->blocks ?? 0, $posts[$frames + $frame]->blocks ?? 0];
        [[$endFront, $endRear], [$front, $rear]] = [$on(0), $on(1)];

        return [
            Steps::one('trays', [
                'posts' => count($posts), 'long_m' => $this->frames->trayLong->toMetres(), 'wide_m' => $this->frames->trayWide->toMetres(),
            ]),
            $this->row->strung(),
            Steps::one($frames > 2 ? 'blocks' : 'blocks_alike', [
                'all' => array_sum(array_column($posts, 'blocks')), 'block_kg' => $this->frames->block->toSi(), 'front' => $front, 'rear' => $rear,
                'end_front' => $endFront, 'end_rear' => $endRear,
            ], 'lifting'),
            ...Steps::modules($this->design),
        ];
    }
}
