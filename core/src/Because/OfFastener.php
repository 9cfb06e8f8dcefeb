<?php

declare(strict_types=1);

namespace Garnetine\Core\Because;

use Garnetine\Core\Attachment\Fastening\FastenerInMember;
use Garnetine\Core\Attachment\Fastening\WoodWindow;
use Garnetine\Core\Design\Surface\Deck;
use Garnetine\Core\Fastener\Fastener;
use Garnetine\Core\Fastener\LagScrew;
use Garnetine\Core\Fastener\SteelScrew;
use Garnetine\Core\Fastener\WoodScrew;
use Garnetine\Core\Load\SteelStrength;
use Garnetine\Core\Plan\Plan;
use Garnetine\Core\Quantity\Force;

/** What a fastener holds in what is under it, and how it is kept off its edges. */
final readonly class OfFastener implements Explains
{
    public function __construct(private Plan $plan, private Sources $of)
    {
    }

    public function paths(): array
    {
        $held = $this->plan->fastener;

        return $held === null ? [] : [
            'fastener/thread',
            ...$this->plan->window === null ? [] : ['fastener/window'],
            ...$held->withdrawal === null ? [] : ['fastener/withdrawal'],
            ...$held->lateral === null ? [] : ['fastener/lateral'],
        ];
    }

    public function at(string $path): ?Because
    {
        return $this->of(explode('/', $path)[1] ?? '');
    }

    /** @param string $what thread, window, withdrawal or lateral */
    public function of(string $what): ?Because
    {
        [$held, $fastener] = [$this->plan->fastener, $this->plan->design->kit->fastener];
        if ($held === null) {
            return null;
        }
        $g = fn (): Because => $this->of->coefficient(
            'nds_2018/species',
            $this->plan->design->surface->framing->species->value,
            [$this->of->input('/surface/framing/species')],
        );
        $thread = $this->thread($held);

        return match ($what) {
            'thread' => $thread,
            'window' => $this->window(),
            'withdrawal' => match (true) {
                $held->withdrawal === null => null,
                $held->withdrawalIsEntered => new Because('lag_entered', [
                    'value_N' => $held->withdrawal->toSi(), 'document' => $fastener->document(),
                ], children: [$this->of->input('/kit/fastener/pull_out_N')]),
                $held->isSteel => $this->inSteel('steel_pull_out', $held->withdrawal, '/kit/fastener/tension_N'),
                $held->specificGravity === null => new Because('lag_axial', [
                    'value_N' => $held->withdrawal->toSi(), 'd_m' => $fastener->diameter()->toMetres(),
                    'thread_m' => $held->threadInMember->toMetres(),
                ], 'EN 1995-1-1, §8.7.2, Eqs. 8.38 to 8.40; recalled', 'high', children: [
                    $this->of->input('/site/en/timber'),
                    $this->of->coefficient('en_1995_1_1/screws', 'gamma_m'),
                    $thread,
                ]),
                $fastener instanceof WoodScrew => new Because('wood_screw_withdrawal', [
                    'value_N' => $held->withdrawal->toSi(), 'g' => $held->specificGravity,
                    'd_m' => $fastener->diameter()->toMetres(), 'thread_m' => $held->threadInMember->toMetres(),
                ], 'NDS 2018, §12.2.2, Eq. 12.2-2; recalled', 'high', children: [$g(), $thread]),
                default => new Because('lag_withdrawal', [
                    'value_N' => $held->withdrawal->toSi(), 'g' => $held->specificGravity,
                    'd_m' => $fastener->diameter()->toMetres(), 'thread_m' => $held->threadInMember->toMetres(),
                ], 'NDS 2018, §12.2.1, Eq. 12.2-1; recalled', 'high', children: [$g(), $thread]),
            },
            'lateral' => $held->lateral === null ? null : ($held->isSteel && !$held->lateralIsMakers ? $this->inSteel(
                'steel_shear',
                $held->lateral,
                '/kit/fastener/shear_N',
            ) : ($held->lateralIsMakers
                ? new Because('lateral_makers', [
                    'value_N' => $held->lateral->toSi(),
                    'document' => $this->plan->design->kit->foot->base()->lateralDocument ?? '',
                ], children: [$this->of->input('/kit/foot/base/lateral_N')])
                : new Because('lateral_gap', [
                    'value_N' => $held->lateral->toSi(), 'gap_m' => $held->gap->toMetres(), 'mode' => $held->mode ?? '', 'factor' => $held->penetrationFactor,
                ], 'AWC TR-12 with NDS 2018 §12.3; recalled', 'high', children: [
                    $g(),
                    $this->of->input('/kit/foot/base/thickness_m'),
                    $this->of->input('/kit/foot/base/material'),
                ]))),
            default => null,
        };
    }

    private function thread(FastenerInMember $held): Because
    {
        if ($held->isSteel) {
            return new Because('steel_grip', [
                'value_m' => $held->threadInMember->toMetres(), 'length_m' => $this->plan->design->kit->fastener->length()->toMetres(),
                'above_m' => $held->above->toMetres(),
            ], children: [$this->of->input($this->steel()), $this->of->input('/kit/fastener/length_m')]);
        }

        return new Because('lag_thread', [
            'value_m' => $held->threadInMember->toMetres(), 'length_m' => $this->plan->design->kit->fastener->length()->toMetres(),
            'above_m' => $held->above->toMetres(),
            'shank_m' => $held->shank->toMetres(), 'depth_m' => $this->plan->design->surface->framing->depth->toMetres(),
        ], 'NDS 2018, §12.2.1 and Appendices L2, L3; recalled', 'high', children: array_map($this->of->input(...), $this->of->entered([
            '/kit/fastener/length_m', '/kit/foot/base/thickness_m', '/kit/foot/flashing/thickness_m', '/kit/foot/pad_m',
            '/surface/covering/shingle_thickness_m', '/surface/covering/underlayment_thickness_m', '/surface/covering/sheet_thickness_m',
            '/surface/covering/rib_height_m', ...$this->plan->design->surface->deck === Deck::None ? [] : ['/surface/deck_thickness_m'],
        ])));
    }

    private function window(): ?Because
    {
        $window = $this->plan->window;
        $held = $this->plan->fastener;
        $fastener = $this->plan->design->kit->fastener;

        return $window === null || $held === null ? null : new Because('window', [
            'value_m' => $window->window_m, 'width_m' => $this->plan->design->surface->framing->width->toMetres(), 'edge_m' => $window->edge_m,
            'in_member_m' => $window->inMember_m, 'thread_m' => $held->threadInMember->toMetres(), 'lean' => $window->lean_deg,
            'mark_m' => 0.0254 * WoodWindow::MARK_IN,
        ],
            self::edgeSource($fastener, $this->plan->members->purlins !== null).
            ', counted at the middle of the thread as in EN 1995-1-1, Table 8.6; recalled; lean and mark: common practice, no source', 'medium', children: [
                $this->of->input('/surface/framing/width_m'),
                $this->of->input('/kit/fastener/'.($fastener instanceof LagScrew ? 'diameter' : ($fastener instanceof WoodScrew ? 'gauge' : 'diameter_m'))),
                ...array_map(
                    $this->of->input(...),
                    $this->of->entered(['/kit/fastener/drill_guide']),
                ), ...$this->edge($fastener), ...array_filter([$this->of('thread')]),
            ]);
    }

    /** Where the thickness of the steel is entered that a screw holds in. */
    private function steel(): string
    {
        return $this->plan->design->kit->foot->intoSheet() ? '/surface/covering/sheet_thickness_m' : '/surface/framing/steel_thickness_m';
    }

    /** @param string $own Where the screw's own strength is entered, which may be the lesser */
    private function inSteel(string $code, Force $strength, string $own): Because
    {
        $framing = $this->plan->design->surface->framing;
        $inSheet = $this->plan->design->kit->foot->intoSheet();

        return new Because($code, [
            'value_N' => $strength->toSi(),
            't_m' => ($inSheet ? $this->plan->design->surface->covering->thickness() : $framing->steelThickness)?->toMetres() ?? 0.0,
            'd_m' => $this->plan->design->kit->fastener->diameter()->toMetres(),
            'fu_Pa' => SteelStrength::of($this->plan->design, $this->plan->coefficients)->toPascals(),
        ], 'AISI S100-16, §J4; recalled', 'high', children: [
            $this->of->input($this->steel()), $this->of->input('/kit/fastener/diameter_m'), $this->of->input($own),
            $this->of->coefficient('aisi_s100/screws', 'omega'),
        ]);
    }

    /** What says how far a fastener stays from the face of its member. */
    private static function edgeSource(Fastener $fastener, bool $isAcross): string
    {
        return match (true) {
            $fastener instanceof LagScrew => 'edge distance '.($isAcross ? '4D' : '1.5D').': NDS 2018, Table 12.5.1C',
            $fastener instanceof SteelScrew => 'edge distance 1.5D: AISI S100-16, §J4',
            $fastener instanceof WoodScrew && $fastener->edge === null => 'edge distance 2.5D: usual under a quarter of an inch, no table',
            default => 'edge distance: '.($fastener->document() === '' ? 'as entered, without a document' : $fastener->document()),
        };
    }

    /** @return list<Because> Where the distance of a fastener from the face comes from */
    private function edge(Fastener $fastener): array
    {
        return match (true) {
            $fastener instanceof LagScrew => [$this->of->coefficient('nds_2018/lag', $this->plan->members->purlins === null ? 'edge' : 'edge_across')],
            $fastener instanceof SteelScrew => [$this->of->coefficient('aisi_s100/screws', 'edge')],
            $fastener instanceof WoodScrew && $fastener->edge === null => [$this->of->coefficient('nds_2018/wood_screw', 'edge')],
            default => [$this->of->input('/kit/fastener/edge_m')],
        };
    }
}
