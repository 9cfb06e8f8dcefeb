<?php

declare(strict_types=1);

namespace Garnetine\Core\Because;

use Garnetine\Core\Framing\MemberShare;
use Garnetine\Core\Load\Standards;
use Garnetine\Core\Plan\Plan;
use Garnetine\Core\Quantity\Area;

/** Of what is under the roof: where the first member lies, what each carries, and whether rafters bear it. */
final readonly class OfMembers implements Explains
{
    public function __construct(private Plan $plan, private Sources $of)
    {
    }

    public function paths(): array
    {
        return [
            ...$this->plan->supports === [] ? [] : ['members/first'],
            ...array_map(static fn (MemberShare $share): string => "members/$share->number", $this->plan->shares->shares ?? []),
            ...$this->plan->screen === null ? [] : ['members/screen'],
        ];
    }

    public function at(string $path): ?Because
    {
        $which = explode('/', $path)[1] ?? '';
        $plan = $this->plan;
        if ($which === 'first') {
            return $this->first();
        }
        if ($which === 'screen' && $plan->screen !== null) {
            $framing = $plan->design->surface->framing;

            return new Because('rafter_screen', [
                'value' => $plan->screen->ratio, 'with_Pa' => $plan->screen->with_Pa, 'span_m' => $framing->span?->toMetres() ?? 0.0,
                'fb_Pa' => $plan->screen->fb_Pa, 'cf' => $plan->screen->cf,
            ], 'NDS 2018 §§3.3, 4.3 and Supplement Table 4A; recalled: a screen, the structure needs an engineer', 'medium', children: [
                $this->of->input('/surface/framing/span_m'), $this->of->input('/surface/framing/spacing_m'), $this->of->input('/surface/framing/depth_m'),
                $this->of->input('/surface/framing/width_m'),
                $this->of->coefficient(
                    'nds_2018/lumber',
                    'fb/'.$framing->species->value.'/'.($framing->grade->value ?? ''),
                    [$this->of->input('/surface/framing/species'), $this->of->input('/surface/framing/grade')],
                ),
                $this->of->input('/surface/dead_load_Pa'), ...array_filter([$this->of->figure('loads/ps')]),
            ]);
        }
        foreach ($plan->shares->shares ?? [] as $share) {
            if ($share->number === (int) $which) {
                $hasLive = Standards::of($plan->design)->roofLive($plan->design, Area::ofSi(1.0), $plan->coefficients)->toPascals() > 0.0;

                return new Because($plan->members->purlins === null ? 'member_share' : 'purlin_share', [
                    'value' => $share->ratio, 'times' => $share->times, 'member' => $share->number, 'load_N' => $share->load_N, 'even_N' => $share->even_N,
                    'with_Pa' => $share->with_Pa, 'without_Pa' => $share->without_Pa, 'limit' => $plan->shares->limit ?? 0.0,
                ], 'IEBC gravity limit of 5 %'.($hasLive ? '; ASCE/SEI 7-16 §4.8.2'
                    : '').'; recalled: a screen, the structure needs an engineer', 'high', children: [
                        $this->of->input('/surface/dead_load_Pa'), ...$hasLive ? [$this->of->coefficient('asce7_16/roof_live', 'lr_psf')] : [],
                        $this->of->coefficient('existing/gravity', 'ratio'),
                    ]);
            }
        }

        return null;
    }

    /** Where the first of those is that feet are counted by. */
    private function first(): Because
    {
        $plan = $this->plan;
        if ($plan->design->surface->covering->stand() === 'rib') {
            return new Because('first_rib', ['value_m' => $plan->members->first->toMetres(), 'spacing_m' => $plan->members->spacing_m()], children: [
                $this->of->input('/surface/covering/first_rib_m'), $this->of->input('/surface/covering/rib_pitch_m'),
            ]);
        }
        if ($plan->design->onDeck()) {
            return new Because('first_place', ['value_m' => $plan->members->first->toMetres(), 'spacing_m' => $plan->members->spacing_m()], children: [
                $this->of->input('/surface/framing/first_member_m'), $this->of->input('/surface/framing/spacing_m'),
            ]);
        }
        if ($plan->members->areOfSheet) {
            return new Because('first_seam', ['value_m' => $plan->members->first->toMetres(), 'spacing_m' => $plan->members->spacing_m()], children: [
                $this->of->input('/surface/covering/first_seam_m'), $this->of->input('/surface/covering/seam_pitch_m'),
            ]);
        }
        $framing = $plan->design->surface->framing;

        return new Because($framing->firstMember === null ? 'first_member_rule' : 'first_member_measured', [
            'value_m' => $plan->members->first->toMetres(), 'spacing_m' => $framing->spacing->toMetres(),
            'shingle_m' => $framing->shingleOverhang->toMetres(), 'board_m' => $framing->rakeBoard->toMetres(),
        ], 'common practice, no source', children: [
            $this->of->input('/surface/framing/spacing_m'), $this->of->input('/surface/framing/shingle_overhang_m'),
            $this->of->input('/surface/framing/rake_board_m'), $this->of->input('/surface/framing/layout_from'),
        ]);
    }
}
