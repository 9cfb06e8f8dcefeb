<?php

declare(strict_types=1);

namespace Garnetine\Core\Because;

use Garnetine\Core\Attachment\Beam\LoadCase;
use Garnetine\Core\Attachment\Check\AttachmentVerdict;
use Garnetine\Core\Attachment\Fastening\Capacities;
use Garnetine\Core\Attachment\Fastening\FastenerInMember;
use Garnetine\Core\Attachment\Fastening\Link;
use Garnetine\Core\Attachment\Fastening\LinkRatio;
use Garnetine\Core\Attachment\Fastening\WoodWindow;
use Garnetine\Core\Attachment\RunPlan;
use Garnetine\Core\Covering\Tile;
use Garnetine\Core\Design\BlockPart;
use Garnetine\Core\Design\Surface\Deck;
use Garnetine\Core\Fastener\Fastener;
use Garnetine\Core\Fastener\LagScrew;
use Garnetine\Core\Fastener\SteelScrew;
use Garnetine\Core\Fastener\WoodScrew;
use Garnetine\Core\Load\Standards;
use Garnetine\Core\Load\SteelStrength;
use Garnetine\Core\Plan\Plan;
use Garnetine\Core\Quantity\Area;
use Garnetine\Core\Quantity\Force;
use Garnetine\Core\Rail\ContinuousBeam;

/** Derives the because of any value of a plan, on asking, by its path. */
final readonly class Becauses
{
    private function __construct(private Plan $plan)
    {
    }

    /** @throws PathUnknown If the plan has no value of that path. */
    public static function of(Plan $plan, string $path): Because
    {
        return (new self($plan))->at($path) ?? throw PathUnknown::named($path);
    }

    /** @return list<string> Every path that a screen or a page may ask for */
    public static function paths(Plan $plan): array
    {
        $paths = [];
        if ($plan->loads !== null) {
            $paths = [...array_keys($plan->loads->figures->all()), ...$plan->supports === [] ? [] : ['lines', 'clamp', 'members/first']];
        }
        if ($plan->fastener !== null) {
            array_push(
                $paths,
                'fastener/thread',
                ...$plan->window === null ? [] : ['fastener/window'],
                ...$plan->fastener->withdrawal === null ? [] : ['fastener/withdrawal'],
                ...$plan->fastener->lateral === null ? [] : ['fastener/lateral'],
            );
        }
        foreach ($plan->everyRun() as $run) {
            if ($run->verdict()?->rail === null) {
                continue;
            }
            array_push(
                $paths,
                'runs/'.$run->run->id.'/count',
                ...$run->run->isRail ? ['runs/'.$run->run->id.'/rail'] : [],
                ...$run->inLine_m() === null ? [] : ['runs/'.$run->run->id.'/in_line'],
            );
            for ($foot = 1; $foot <= count($run->picks); ++$foot) {
                $paths[] = 'runs/'.$run->run->id."/feet/$foot";
                if ($foot < count($run->picks)) {
                    $paths[] = 'runs/'.$run->run->id."/feet/$foot/bay";
                }
            }
        }
        foreach ($plan->shares->shares ?? [] as $share) {
            $paths[] = 'members/'.$share->number;
        }
        if ($plan->screen !== null) {
            $paths[] = 'members/screen';
        }
        foreach ($plan->blocks as $block) {
            foreach ($block->modules as $module) {
                $paths[] = 'modules/'.($block->part->number === 1 ? '' : "{$block->part->number}/")."{$module->row}/{$module->column}";
            }
        }

        return $paths;
    }

    private function at(string $path): ?Because
    {
        $parts = explode('/', $path);
        if ($parts[0] === 'design') {
            return Inputs::at($this->plan->design, substr($path, strlen('design')));
        }
        if ($this->plan->loads === null) {
            return null;
        }

        return match ($parts[0]) {
            'loads' => $this->figure($path),
            'fastener' => $this->fastener($parts[1] ?? ''),
            'runs' => $this->run($parts),
            'members' => $this->member($parts[1] ?? ''),
            'modules' => $this->module(
                array_map(intval(...), count($parts) === 4 ? array_slice($parts, 1) : [1, (int) ($parts[1] ?? 0), (int) ($parts[2] ?? 0)]),
            ),
            'clamp' => $this->clamp(),
            'lines' => new Because(
                match (true) {
                    $this->plan->design->block->arrangement->isUpSlope() => 'lines_up',
                    $this->plan->members->purlins !== null => 'lines_on_screws',
                    $this->plan->design->kit->foot->betweenBattens() !== null => 'lines_between_battens',
                    $this->plan->members->areOfSheet => 'lines_free',
                    default => 'lines',
                },
                [],
                'common practice, no source',
                children: array_map($this->input(...), $this->entered([
                    '/surface/covering/lower_butt_m', '/surface/covering/upper_butt_m', '/surface/covering/courses_between',
                    '/surface/covering/lower_batten_m', '/surface/covering/upper_batten_m', '/surface/covering/batten_spaces',
                    '/surface/covering/lower_screws_m', '/surface/covering/upper_screws_m', '/surface/covering/spaces_between',
                    '/surface/covering/batten_width_m', '/surface/covering/overlap_m', '/kit/foot/length_m', '/kit/foot/arm/reach_m',
                    '/kit/foot/hole_offset_m', '/kit/foot/flashing/below_m', '/kit/foot/flashing/above_m', '/kit/foot/flashing/makers_cover_m',
                ])),
            ),
            default => null,
        };
    }

    /** The because of a figure of the loads. */
    private function figure(string $path): ?Because
    {
        return $this->plan->loads === null ? null : (new FigureBecauses(
            $this->plan->design,
            $this->plan->loads->figures,
            $this->plan->coefficients,
        ))->at($path);
    }

    /**
     * @param list<string> $pointers
     *
     * @return list<string> Those that the kinds of things in this design have
     */
    private function entered(array $pointers): array
    {
        return array_values(array_filter($pointers, fn (string $pointer): bool => Inputs::has($this->plan->design, $pointer)));
    }

    private function input(string $pointer): Because
    {
        return Inputs::at($this->plan->design, $pointer);
    }

    private function fastener(string $what): ?Because
    {
        [$held, $fastener] = [$this->plan->fastener, $this->plan->design->kit->fastener];
        if ($held === null) {
            return null;
        }
        $g = fn (): Because => $this->coefficient(
            'nds_2018/species',
            $this->plan->design->surface->framing->species->value,
            [$this->input('/surface/framing/species')],
        );
        $thread = $this->thread($held);

        return match ($what) {
            'thread' => $thread,
            'window' => $this->window(),
            'withdrawal' => match (true) {
                $held->withdrawal === null => null,
                $held->withdrawalIsEntered => new Because('lag_entered', [
                    'value_N' => $held->withdrawal->toSi(), 'document' => $fastener->document(),
                ], children: [$this->input('/kit/fastener/pull_out_N')]),
                $held->isSteel => $this->inSteel('steel_pull_out', $held->withdrawal, '/kit/fastener/tension_N'),
                $held->specificGravity === null => new Because('lag_axial', [
                    'value_N' => $held->withdrawal->toSi(), 'd_m' => $fastener->diameter()->toMetres(),
                    'thread_m' => $held->threadInMember->toMetres(),
                ], 'EN 1995-1-1, §8.7.2, Eqs. 8.38 to 8.40; recalled', 'high', children: [
                    $this->input('/site/en/timber'),
                    $this->coefficient('en_1995_1_1/screws', 'gamma_m'),
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
                ], children: [$this->input('/kit/foot/base/lateral_N')])
                : new Because('lateral_gap', [
                    'value_N' => $held->lateral->toSi(), 'gap_m' => $held->gap->toMetres(), 'mode' => $held->mode ?? '', 'factor' => $held->penetrationFactor,
                ], 'AWC TR-12 with NDS 2018 §12.3; recalled', 'high', children: [
                    $g(),
                    $this->input('/kit/foot/base/thickness_m'),
                    $this->input('/kit/foot/base/material'),
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
            ], children: [$this->input($this->steel()), $this->input('/kit/fastener/length_m')]);
        }

        return new Because('lag_thread', [
            'value_m' => $held->threadInMember->toMetres(), 'length_m' => $this->plan->design->kit->fastener->length()->toMetres(),
            'above_m' => $held->above->toMetres(),
            'shank_m' => $held->shank->toMetres(), 'depth_m' => $this->plan->design->surface->framing->depth->toMetres(),
        ], 'NDS 2018, §12.2.1 and Appendices L2, L3; recalled', 'high', children: array_map($this->input(...), $this->entered([
            '/kit/fastener/length_m', '/kit/foot/base/thickness_m', '/kit/foot/flashing/thickness_m', '/kit/foot/pad_m',
            '/surface/covering/shingle_thickness_m', '/surface/covering/underlayment_thickness_m', '/surface/covering/sheet_thickness_m',
            '/surface/covering/rib_height_m', ...$this->plan->design->surface->deck === Deck::None ? [] : ['/surface/deck_thickness_m'],
        ])));
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
            $this->input($this->steel()), $this->input('/kit/fastener/diameter_m'), $this->input($own),
            $this->coefficient('aisi_s100/screws', 'omega'),
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
            $fastener instanceof LagScrew => [$this->coefficient('nds_2018/lag', $this->plan->members->purlins === null ? 'edge' : 'edge_across')],
            $fastener instanceof SteelScrew => [$this->coefficient('aisi_s100/screws', 'edge')],
            $fastener instanceof WoodScrew && $fastener->edge === null => [$this->coefficient('nds_2018/wood_screw', 'edge')],
            default => [$this->input('/kit/fastener/edge_m')],
        };
    }

    /**
     * @param list<Because> $children
     */
    private function coefficient(string $table, string $key, array $children = []): Because
    {
        return FigureBecauses::ofCoefficient($this->plan->design, $this->plan->coefficients->look($table, $key), $children);
    }

    /** @param list<string> $parts */
    private function run(array $parts): ?Because
    {
        foreach ($this->plan->everyRun() as $run) {
            if ($run->run->id === ($parts[1] ?? null) && $run->verdict()?->rail !== null) {
                $foot = (int) ($parts[3] ?? 0) - 1;

                return match (true) {
                    ($parts[2] ?? '') === 'count' => $this->count($run),
                    ($parts[2] ?? '') === 'rail' => $this->bent($run)[0] ?? null,
                    ($parts[2] ?? '') === 'in_line' => $run->inLine_m() === null ? null : $this->inLine($run),
                    ($parts[2] ?? '') !== 'feet' || !isset($run->picks[$foot]) => null,
                    !isset($parts[4]) => $this->foot($run, $foot),
                    $parts[4] === 'bay' && isset($run->picks[$foot + 1]) => $this->bay($run, $foot),
                    default => null,
                };
            }
        }

        return null;
    }

    private function count(RunPlan $run): Because
    {
        $code = match (true) {
            $run->bound === null => 'count_fails',
            $run->run->line->isOnRails => 'count_crossings',
            !$run->run->isRail => 'count_pair',
            $run->run->onEach => 'count_each',
            count($run->picks) === $run->bound => 'count_fewest',
            $run->forMembers > 0 => 'count_over',
            default => 'count_unproven',
        };

        return new Because($code, [
            'value' => count($run->picks),
            'bound' => $run->run->line->isOnRails ? $this->plan->blocks[$run->run->line->block - 1]->layers->bound ?? 0 : $run->bound ?? 0,
            'run' => $run->run->id, 'candidates' => count($run->run->candidates_m),
            'over' => count($run->picks) - ($run->bound ?? 0), 'added' => $run->forMembers, 'still' => $this->overloads($run) ? 'still.some' : 'still.none',
        ], children: [
            ...$this->bent($run),
            ...$run->run->isRail ? [$this->input('/rules/pattern')] : $this->ratings($this->plan->blocks[$run->run->line->block - 1]->part),
        ]);
    }

    /** @return list<Because> How the rail of a run is bent; nothing where it has none */
    private function bent(RunPlan $run): array
    {
        return $run->run->isRail
            ? [$this->rail($run, $run->verdict()->rail ?? throw new \LogicException('A run without a check has no because.'), $run->verdict()->railAt_m)] : [];
    }

    /** Whether a member that the run stands on carries too much. */
    private function overloads(RunPlan $run): bool
    {
        $bearers = $this->plan->members->purlins === null || $run->run->line->isUpSlope ? $run->members() : [$run->run->line->purlin];
        foreach ($this->plan->shares->shares ?? [] as $share) {
            if ($share->ratio > ($this->plan->shares->limit ?? INF) + 1e-9 && in_array($share->number, $bearers, true)) {
                return true;
            }
        }

        return false;
    }

    private function bay(RunPlan $run, int $foot): Because
    {
        if ($run->run->line->isOnRails) {
            [$feet_m, $members] = [$run->feet_m(), $run->members()];

            return new Because('bay_on_rails', ['value_m' => $feet_m[$foot + 1] - $feet_m[$foot], 'from' => $members[$foot], 'to' => $members[$foot + 1]], children: [
                $this->count($run), $this->foot($run, $foot + 1),
            ]);
        }
        $feet_m = $run->feet_m();
        $members = $run->members();
        $length_m = $feet_m[$foot + 1] - $feet_m[$foot];
        $children = [];
        // What would happen with the next foot one member further, the others as they are?
        $further = $run->picks[$foot + 1] + 1;
        if (isset($run->run->candidates_m[$further]) && !in_array($further, $run->picks, true)) {
            $moved = $feet_m;
            $moved[$foot + 1] = $run->run->candidates_m[$further];
            $verdict = $run->check->of(array_values($moved));
            $holds = $run->check->holds(array_values($moved));
            $worst = $verdict->rail;
            foreach ($verdict->attachments as $attachment) {
                $worst = $worst === null || $attachment->worst->ratio > $worst->ratio ? $attachment->worst : $worst;
            }
            $children[] = new Because($holds ? 'bay_further_holds' : ($verdict->worst > 1.0 ? 'bay_further_fails' : 'bay_further_tight'), [
                'value_m' => $moved[$foot + 1] - $moved[$foot], 'member' => $run->run->members[$further],
                'link' => 'link.'.($worst->link ?? Link::Rail)->value, 'ratio' => is_finite($verdict->worst)
                    ? sprintf(abs($verdict->worst - 1) < 0.0005 ? '%.5f' : '%.3f', $verdict->worst)
                    : 'far more than', 'case' => $worst->case->code ?? '',
            ]);
        }
        if ($run->bound !== null && !$run->run->onEach && $run->run->isRail) {
            $isFewest = count($run->picks) === $run->bound;
            $children[] = new Because($isFewest ? 'bay_fewer_fails' : ($run->forMembers > 0 ? 'bay_moved_for_members' : 'count_unproven'), [
                'value' => $isFewest ? $run->bound - 1 : count($run->picks), 'bound' => $run->bound, 'count' => count($run->picks),
                'run' => $run->run->id, 'added' => $run->forMembers, 'over' => count($run->picks) - $run->bound,
            ]);
        }
        array_push($children, ...$this->bent($run));
        $children[] = $this->foot($run, $foot + 1);
        $children[] = $this->input(match (true) {
            $run->run->line->isUpSlope => match (true) {
                $this->plan->members->purlins !== null => '/surface/covering/upper_screws_m',
                $this->plan->design->surface->covering instanceof Tile => '/surface/covering/upper_batten_m',
                default => '/surface/covering/upper_butt_m',
            },
            $this->plan->design->surface->covering->stand() === 'rib' => '/surface/covering/rib_pitch_m',
            $this->plan->members->areOfSheet && !$this->plan->design->onDeck() => '/surface/covering/seam_pitch_m',
            default => '/surface/framing/spacing_m',
        });

        return new Because($run->run->line->isUpSlope ? 'bay_up' : ($this->plan->members->isEven() ? 'bay' : 'bay_uneven'), [
            'value_m' => $length_m, 'from' => $members[$foot], 'to' => $members[$foot + 1], 'bays' => $members[$foot + 1] - $members[$foot],
            'spacing_m' => $this->plan->members->spacing_m(),
        ], children: $children);
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
                $this->input('/surface/framing/width_m'),
                $this->input('/kit/fastener/'.($fastener instanceof LagScrew ? 'diameter' : ($fastener instanceof WoodScrew ? 'gauge' : 'diameter_m'))),
                ...array_map(
                    $this->input(...),
                    $this->entered(['/kit/fastener/drill_guide']),
                ), ...$this->edge($fastener), ...array_filter([$this->fastener('thread')]),
            ]);
    }

    private function inLine(RunPlan $run): Because
    {
        $feet_m = $run->feet_m();

        return new Because('in_line', [
            'value_m' => $run->inLine_m() ?? 0.0, 'run' => $run->run->id, 'most_m' => 0.0254 * Capacities::IN_LINE_MOST_IN,
            'bay_m' => min(
                array_map(static fn (float $from_m, float $to_m): float => $to_m - $from_m, array_slice($feet_m, 0, -1), array_slice($feet_m, 1)) ?: [0.0],
            ),
        ], 'statics: a deformation, no load; ASCE 7 keeps self-straining effects apart; recalled', 'medium', children: [
            $this->input('/kit/rail/section_modulus_x_m3'), $this->input('/kit/rail/second_moment_x_m4'),
            $this->input('/kit/rail/elastic_modulus_Pa'), $this->input('/kit/rail/allowable_stress_Pa'),
        ]);
    }

    private function rail(RunPlan $run, LinkRatio $rail, float $at_m): Because
    {
        $capacities = $this->plan->capacities ?? throw new \LogicException('A checked run has capacities.');
        $case = $rail->case;

        return new Because($run->run->upSlope === null ? 'rail_bending' : 'rail_bending_up', [
            'value' => $rail->reserve(), 'factor' => $capacities->placing->factor, 'tolerance_m' => $capacities->placing->tolerance_m,
            'ratio' => $rail->ratio, 'at_m' => $at_m, 'case' => $case->code, 'run' => $run->run->id,
            'normal_Nm' => is_finite($capacities->railNormal_Nm) ? $capacities->railNormal_Nm : 0.0,
            'along_Nm' => is_finite($capacities->railAlong_Nm) ? $capacities->railAlong_Nm : 0.0,
        ], 'statics: continuous beam with point loads at the clamps; fx/Fx + fy/Fy ≤ 1', children: [
            ...$this->caseLoads($run, $case),
            $this->input('/kit/rail/section_modulus_x_m3'), $this->input('/kit/rail/allowable_stress_Pa'),
        ]);
    }

    /** @return list<Because> */
    private function caseLoads(RunPlan $run, LoadCase $case): array
    {
        $loads = $this->plan->loads ?? throw new \LogicException('A checked run has loads.');
        $children = [new Because($case->windUp > 0 ? 'case_up' : 'case_down', [
            'value' => $case->code,
            'normal_N' => $case->normal_N,
            'along_N' => $case->along_N,
            'cd' => $case->cd,
        ], $loads->combinations->source, 'high', children: [
            $this->input($this->plan->blocks[$run->run->line->block - 1]->part->at('/module/mass_kg')), $this->input('/kit/extra_mass_per_module_kg'),
            ...$this->plan->design->kit->under === null ? [] : [$this->input('/kit/under/mass_kg')],
        ])];
        if ($case->windUp > 0) {
            $children[] = $this->speed();
        } elseif (str_contains($case->code, 'W')) {
            $children[] = $this->figure('loads/down');
        }
        if ($case->snow !== null) {
            $children[] = $this->figure('loads/snow/'.$case->snow);
        }

        return array_values(array_filter($children));
    }

    /** The wind's own pressure, by whichever standard. */
    private function speed(): ?Because
    {
        return $this->figure('loads/qh') ?? $this->figure('loads/qp') ?? $this->figure('loads/q');
    }

    private function foot(RunPlan $run, int $foot): Because
    {
        $verdict = $run->verdict()->attachments[$foot] ?? throw new \LogicException('A checked run has its feet.');
        $worst = $verdict->worst;
        $children = [$this->uplift($run, $foot), ...$this->leg($run, $verdict)];
        if (in_array($worst->link, [Link::LagCombined, Link::LagWithdrawal], true)) {
            $kind = $this->plan->design->kit->foot;
            $turned = $run->run->upSlope === null ? null : $kind->underRailUp()?->besideRail;
            $children[] = new Because(match (true) {
                $turned !== null => 'lag_tension_turned',
                $kind->limits()->arm !== null => 'lag_tension_hook',
                count($kind->holes()) > 1 => 'lag_tension_two',
                default => 'lag_tension',
            }, [
                'value_N' => $verdict->tension_N, 'up_N' => $verdict->up_N, 'down_N' => $verdict->down_N, 'along_N' => $verdict->along_N,
                'rail_height_m' => $run->run->legs?->legs->front->toMetres() ?? $kind->limits()->railHeight_m, 'heel_m' => $kind->limits()->heel_m,
            ], 'statics: the foot is a lever about its downslope heel', children: [
                $run->run->legs === null ? $this->input('/kit/foot/rail_height_m') : $this->input($this->arrangement($run, 'front_m')), $this->input('/kit/foot/base/heel_m'),
                ...array_map($this->input(...), $this->entered([
                    '/kit/foot/between_lags_m', '/kit/foot/between_screws_m', '/kit/foot/length_m', '/kit/foot/arm/reach_m',
                    ...$turned === null ? [] : ['/kit/foot/pad_width_m', '/kit/foot/load_line_m'],
                ])),
            ]);
        }
        if ($run->run->upSlope !== null) {
            $children[] = new Because('push_shared', [
                'value_N' => $verdict->along_N, 'run' => $run->run->id, 'feet' => count($run->picks),
            ], 'statics; how the feet share it is a choice on the safe side');
        }
        $pointers = match ($worst->link) {
            Link::Bolt => ['/kit/bolt/up_N', '/kit/bolt/along_N'],
            Link::FootUp, Link::FootDown, Link::FootAlong => $this->allowed($worst->link, $verdict->isEdge),
            Link::CrossingUp, Link::LegUp => [$this->arrangement($run, 'up_N')],
            Link::CrossingDown, Link::LegDown => [$this->arrangement($run, 'down_N')],
            Link::CrossingAlong, Link::LegAlong => [$this->arrangement($run, 'along_N')],
            Link::Arm => array_map(
                static fn (string $key): string => "/kit/foot/arm/$key",
                ['reach_m', 'height_m', 'width_m', 'thickness_m', 'allowable_stress_Pa'],
            ),
            default => [],
        };
        foreach ($pointers as $pointer) {
            $children[] = $this->input($pointer);
        }
        if (in_array($worst->link, [Link::LagCombined, Link::LagWithdrawal, Link::LagLateral], true)) {
            $children[] = $this->fastener('withdrawal');
            $children[] = $this->fastener('lateral');
        }

        return new Because('foot', [
            'value' => $worst->reserve(), 'factor' => $run->check->capacities->placing->factor,
            'tolerance_m' => $run->check->capacities->placing->tolerance_m, 'ratio' => $worst->ratio, 'link' => 'link.'.$worst->link->value,
            'case' => $worst->case->code, 'cd' => $worst->case->cd,
            'demand_N' => $worst->demand_si, 'capacity_N' => is_finite($worst->capacity_si)
                ? $worst->capacity_si
                : 0.0, 'run' => $run->run->id, 'foot' => $foot + 1,
        ], children: array_values(array_filter($children)));
    }

    /** @return list<string> Where it stands what a foot bears */
    private function allowed(Link $link, bool $isEdge): array
    {
        $keys = match ($link) {
            Link::FootUp => ['up_N'],
            Link::FootDown => ['down_N'],
            default => $isEdge ? ['along_N'] : $this->plan->design->kit->foot->alongFrom(),
        };

        return array_map(static fn (string $key): string => $isEdge ? "/kit/edge_foot/$key" : "/kit/foot/$key", $keys);
    }

    private function arrangement(RunPlan $run, string $key): string
    {
        return $this->plan->blocks[$run->run->line->block - 1]->part->at("/block/arrangement/$key");
    }

    /** @return list<Because> How the forces on a rail come to the foot of its leg */
    private function leg(RunPlan $run, AttachmentVerdict $verdict): array
    {
        $legs = $run->run->legs;
        if ($legs === null) {
            return [];
        }
        $tilt = $this->plan->blocks[$run->run->line->block - 1]->part->at('/block/tilt_from_roof_rad');

        return [new Because($run->run->line->isUpper ? 'leg_upper' : 'leg_lower', [
            'value_N' => $verdict->up_N, 'per_up' => $legs->upPerUp, 'per_along' => -$legs->upPerAlong, 'along_N' => $verdict->along_N,
            'push_per_up' => $legs->alongPerUp, 'push_per_along' => $legs->alongPerAlong,
        ], 'statics; that loads act in the middle of the module is a choice', children: [
            $this->input($tilt), $this->input($this->arrangement($run, 'front_m')),
        ])];
    }

    /** The pull on one foot in the combination that pulls most, from the areas that the rail brings to it. */
    private function uplift(RunPlan $run, int $foot): Because
    {
        $loads = $this->plan->loads ?? throw new \LogicException('A checked run has loads.');
        $verdict = $run->verdict()->attachments[$foot] ?? throw new \LogicException('A checked run has its feet.');
        $area_m2 = $verdict->tributary_m * $run->run->tributary_m;
        $beam = new ContinuousBeam($run->feet_m());
        $dead_N = $run->run->deadNormalLeast_N * $beam->under($run->run->clamps_m, $run->run->shares)->reactions_N[$foot];
        $wind_N = 0.0;
        $children = [];
        foreach ($run->run->suctions as $index => $suction) {
            $reached_m2 = $beam->under($run->run->clamps_m, $run->run->windAreas_m2[$index])->reactions_N[$foot];
            if (abs($reached_m2) < 1e-6) {
                continue;
            }
            $pressure_Pa = $suction->at_Pa($area_m2);
            $wind_N += $pressure_Pa * $reached_m2;
            $children[] = new Because('panel_pressure', [
                'value_Pa' => $pressure_Pa,
                'reached_m2' => $reached_m2,
                'area_m2' => $area_m2,
                'small_Pa' => $suction->small_Pa,
                'large_Pa' => $suction->large_Pa,
            ], children: array_filter([$this->figure($suction->figure)]));
        }
        $worst = null;
        foreach ($loads->combinations->strength as $one) {
            $net_N = $one->wind * $wind_N - $one->dead * $dead_N;
            if ($one->up && $one->snow === 0.0 && ($worst === null || $net_N > $worst[0])) {
                $worst = [$net_N, $one];
            }
        }
        [$net_N, $one] = $worst ?? throw new \LogicException('Every standard has combinations that pull.');

        return new Because(match (true) {
            $run->run->legs !== null => 'uplift_on_leg',
            !$run->run->isRail => 'uplift_at_edge',
            default => 'uplift',
        }, [
            'value_N' => $net_N, 'case' => $one->code, 'factor' => $one->wind, 'relief_N' => $one->dead * $dead_N, 'area_m2' => $area_m2,
            'tributary_m' => $verdict->tributary_m, 'width_m' => $run->run->tributary_m,
        ], $loads->combinations->source, 'high', children: $children);
    }

    /** Where the first of those is that feet are counted by. */
    private function first(): Because
    {
        $plan = $this->plan;
        if ($plan->design->surface->covering->stand() === 'rib') {
            return new Because('first_rib', ['value_m' => $plan->members->first->toMetres(), 'spacing_m' => $plan->members->spacing_m()], children: [
                $this->input('/surface/covering/first_rib_m'), $this->input('/surface/covering/rib_pitch_m'),
            ]);
        }
        if ($plan->design->onDeck()) {
            return new Because('first_place', ['value_m' => $plan->members->first->toMetres(), 'spacing_m' => $plan->members->spacing_m()], children: [
                $this->input('/surface/framing/first_member_m'), $this->input('/surface/framing/spacing_m'),
            ]);
        }
        if ($plan->members->areOfSheet) {
            return new Because('first_seam', ['value_m' => $plan->members->first->toMetres(), 'spacing_m' => $plan->members->spacing_m()], children: [
                $this->input('/surface/covering/first_seam_m'), $this->input('/surface/covering/seam_pitch_m'),
            ]);
        }
        $framing = $plan->design->surface->framing;

        return new Because($framing->firstMember === null ? 'first_member_rule' : 'first_member_measured', [
            'value_m' => $plan->members->first->toMetres(), 'spacing_m' => $framing->spacing->toMetres(),
            'shingle_m' => $framing->shingleOverhang->toMetres(), 'board_m' => $framing->rakeBoard->toMetres(),
        ], 'common practice, no source', children: [
            $this->input('/surface/framing/spacing_m'), $this->input('/surface/framing/shingle_overhang_m'),
            $this->input('/surface/framing/rake_board_m'), $this->input('/surface/framing/layout_from'),
        ]);
    }

    private function member(string $which): ?Because
    {
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
                $this->input('/surface/framing/span_m'), $this->input('/surface/framing/spacing_m'), $this->input('/surface/framing/depth_m'),
                $this->input('/surface/framing/width_m'),
                $this->coefficient(
                    'nds_2018/lumber',
                    'fb/'.$framing->species->value.'/'.($framing->grade->value ?? ''),
                    [$this->input('/surface/framing/species'), $this->input('/surface/framing/grade')],
                ),
                $this->input('/surface/dead_load_Pa'), ...array_filter([$this->figure('loads/ps')]),
            ]);
        }
        foreach ($plan->shares->shares ?? [] as $share) {
            if ($share->number === (int) $which) {
                $hasLive = Standards::of($plan->design)->roofLive($plan->design, Area::ofSi(1.0), $plan->coefficients)->toPascals() > 0.0;

                return new Because($plan->members->purlins === null ? 'member_share' : 'purlin_share', [
                    'value' => $share->ratio, 'times' => $share->times, 'member' => $share->number, 'load_N' => $share->load_N, 'even_N' => $share->even_N,
                    'with_Pa' => $share->with_Pa, 'without_Pa' => $share->without_Pa, 'limit' => $plan->shares->limit ?? 0.0,
                ], 'IEBC gravity limit of 5 %'.($hasLive ? '; ASCE/SEI 7-16 §4.8.2' : '').'; recalled: a screen, the structure needs an engineer', 'high', children: [
                    $this->input('/surface/dead_load_Pa'), ...$hasLive ? [$this->coefficient('asce7_16/roof_live', 'lr_psf')] : [],
                    $this->coefficient('existing/gravity', 'ratio'),
                ]);
            }
        }

        return null;
    }

    /** @param list<int> $which Block, row and column, each from 1 */
    private function module(array $which): ?Because
    {
        [$number, $row, $column] = $which;
        $block = $this->plan->blocks[$number - 1] ?? null;
        foreach ($block->modules ?? [] as $module) {
            if ($block !== null && $module->row === $row && $module->column === $column) {
                $spot = $block->placement->rows[$row][$column];

                return new Because('module', [
                    'up_Pa' => $module->up_Pa, 'down_Pa' => $module->down_Pa, 'rated_up_Pa' => $module->ratedUp_Pa ?? 0.0,
                    'rated_down_Pa' => $module->ratedDown_Pa ?? 0.0,
                    'value' => 1 - ($module->ratio() ?? 1.0), 'exposed' => $spot->isExposed()
                        ? 'yes'
                        : 'no', 'area_m2' => $block->part->design->module_m2(),
                    'sides' => $spot->exposedSides === [] ? 'none' : strtr(implode(', ', $spot->exposedSides), ['up' => 'above', 'down' => 'below']),
                ], $this->plan->loads?->combinations->source, 'high', children: array_values(
                    array_filter([$this->speed(), $this->figure('loads/down'), ...$this->ratings($block->part)]),
                ));
            }
        }

        return null;
    }

    /** @return list<Because> What the maker allows where clamps hold the side that rails cross */
    private function ratings(BlockPart $part): array
    {
        $design = $part->design;
        $held = array_keys($design->ratingsHeld());

        return array_map(fn (int $index): Because => $this->input($part->at("/module/ratings/$index/up_Pa")), $held);
    }

    private function clamp(): ?Because
    {
        $clamp = $this->plan->clamp;

        return $clamp === null ? null : new Because('clamp', [
            'value' => 1 - ($clamp->ratio() ?? 1.0), 'up_N' => $clamp->up_N, 'along_N' => $clamp->along_N, 'run' => $clamp->run,
            'clamp' => $clamp->clamp, 'area_m2' => $clamp->area_m2,
            'along_run' => $clamp->alongRun, 'along_clamp' => $clamp->alongClamp,
        ], 'on the quarters of the modules that it holds: ASCE/SEI 7-16, §26.2; recalled', 'high', children: [
            $this->input('/kit/clamp/up_N'),
            $this->input('/kit/clamp/along_N'),
        ]);
    }
}
