<?php

declare(strict_types=1);

namespace Garnetine\Core\Ground\Spikes;

use Garnetine\Core\Design\Ground\Racking\Resin;
use Garnetine\Core\Design\Ground\Racking\SpikeFrames;
use Garnetine\Core\Design\Ground\TableDesign;
use Garnetine\Core\Design\YesNo;
use Garnetine\Core\Finding\Code;
use Garnetine\Core\Finding\Finding;
use Garnetine\Core\Ground\FaceChecks;
use Garnetine\Core\Ground\Frames\FrameRow;
use Garnetine\Core\Ground\Materials;
use Garnetine\Core\Ground\PostChecks;
use Garnetine\Core\Ground\PostPlace;
use Garnetine\Core\Ground\SetOut;
use Garnetine\Core\Ground\Steps;
use Garnetine\Core\Ground\TableFace;
use Garnetine\Core\Ground\TableKind;
use Garnetine\Core\Ground\TableLoads;
use Garnetine\Core\Ground\TablePost;
use Garnetine\Core\Ground\TableStand;
use Garnetine\Core\Ground\Tested;
use Garnetine\Core\Quantity\Dimension;

/** One row of modules between triangular frames, each on two spikes in resin; the conduit on which they are strung only spaces them. */
final readonly class SpikeFramesKind implements TableKind
{
    private FrameRow $row;

    public function __construct(private TableDesign $design, private SpikeFrames $frames)
    {
        $this->row = new FrameRow($design, $frames->frames());
    }

    public function asked(): array
    {
        $frames = $this->frames;

        return [
            ...$this->row->asked(),
            ...Tested::asked($frames->tests, true, 2 * $this->row->count()),
            ...Tested::aboveFrost($this->design, $frames->tests),
            ...$frames->resin === null ? [] : $this->resinAsked($frames->resin),
        ];
    }

    /** @return list<Finding> */
    private function resinAsked(Resin $resin): array
    {
        $at = '/table/racking/resin';

        return match (true) {
            $resin->day->toCelsius() < $resin->coldest->toCelsius() => [Finding::of(
                Code::ResinCold,
                "$at/day_celsius",
                ['day_celsius' => $resin->day->toCelsius(), 'coldest_celsius' => $resin->coldest->toCelsius()],
            )],
            ResinPlan::perMix($resin) < 1 => [Finding::of(
                Code::ResinTooFast,
                "$at/day_celsius",
                ['minutes' => round(ResinPlan::pot_min($resin), 1), 'day_celsius' => $resin->day->toCelsius()],
            )],
            default => [],
        };
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
        $places = $this->row->places('/table/racking/tests');
        $cases = $this->row->cases($loads, $this->ballast_N());
        $tests = $this->frames->tests;
        $spike = new Spike($tests->embedment->toMetres(), Tested::bears_N($tests, true) ?? 0.0, Tested::bears_N($tests, false) ?? 0.0);
        $checks = new PostChecks($places, $spike);
        [$depth_m, $tried_m] = $checks->depth_m($this->design->units, $cases);
        $posts = array_map(
            static fn (PostPlace $place): TablePost => new TablePost($place, $place->built_m ?? $tried_m, null, null),
            $depth_m === null ? [] : $places,
        );

        return new TableStand(
            $places,
            $posts,
            [
                ...$checks->at($tried_m, $cases, 0.0),
                ...$this->row->feet($places, $cases),
                ...(new FaceChecks($this->design, $this->row->face, $loads))->checks($this->frames->boltsUp, '/table/racking/bolts_up_N'),
            ],
            $tried_m,
            SetOut::of($this->design, $places),
            $this->materials($posts),
            $this->steps($posts),
            [],
            '',
            [
                Finding::of(Code::HalvedBetweenSpikes, '/table/racking/between_m'),
                Finding::of(Code::ConduitOnlySpaces, '/table/racking/conduit_over_m'),
                Finding::of(Code::PressedAsPulled, '/table/racking/tests/each'),
                ...array_sum($this->ballast_N()) > 0.0 && $this->design->table->soil->frostProne !== YesNo::No
                    ? [Finding::of(Code::BallastOnFrost, '/table/racking/rear_ballast_kg')] : [],
            ],
            $this->row->sizes(),
            $this->row->side(),
        );
    }

    /** @return array{float, float} What lies on each frame over its front and its rear spike */
    private function ballast_N(): array
    {
        return [9.80665 * ($this->frames->frontBallast?->toSi() ?? 0.0), 9.80665 * ($this->frames->rearBallast?->toSi() ?? 0.0)];
    }

    public function others(): array
    {
        return [];
    }

    /**
     * @param list<TablePost> $posts
     *
     * @return list<array{item: string, name: string, count: int, document: string}> Nothing where the spikes do not hold
     */
    private function materials(array $posts): array
    {
        if ($posts === []) {
            return [];
        }
        [$resin, $frames] = [$this->frames->resin, $this->row->count()];

        return [
            ...$this->row->materials(),
            Materials::item('spike', 'Spike', 2 * $frames, $this->frames->document),
            ...$this->ballast($frames),
            ...$resin === null ? [] : [Materials::item(
                'resin',
                sprintf('Litres of resin, a tenth more (%s)', $resin->document === '' ? '–' : $resin->document),
                ResinPlan::litres($resin, count($posts)),
            )],
        ];
    }

    /** @return list<array{item: string, name: string, count: int, document: string}> */
    private function ballast(int $frames): array
    {
        $items = [];
        foreach (['front' => $this->frames->frontBallast, 'rear' => $this->frames->rearBallast] as $where => $mass) {
            if ($mass !== null) {
                $printed = $this->design->printer()->print(Dimension::Mass, $mass->toSi());
                $items[] = Materials::item('ballast', "Ballast over a $where spike, $printed at least", $frames);
            }
        }

        return $items;
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
        $resin = $this->frames->resin;

        return [
            ...Steps::before($this->design),
            $this->row->strung(),
            Steps::one('spike_holes', ['posts' => count($posts), 'depth_m' => $posts[0]->depth_m], 'auger'),
            ...$resin === null ? [Steps::one('set_spikes', ['posts' => count($posts)], 'resin')] : [
                Steps::one('resin', [
                    'posts' => count($posts), 'each' => ResinPlan::perMix($resin), 'mixes' => ResinPlan::mixes($resin, count($posts)),
                    'pot' => (int) floor(ResinPlan::pot_min($resin)), 'mix' => $resin->mixMinutes, 'day_celsius' => $resin->day->toCelsius(),
                ], 'resin'),
                Steps::one('resin_wait', ['hours' => (int) ceil(ResinPlan::wait_h($resin) - 1e-9)]),
            ],
            ...array_sum($this->ballast_N()) > 0.0 ? [Steps::one('ballast', [
                'front_kg' => $this->frames->frontBallast?->toSi() ?? 0.0, 'rear_kg' => $this->frames->rearBallast?->toSi() ?? 0.0,
            ], 'lifting')] : [],
            ...Steps::modules($this->design),
        ];
    }
}
