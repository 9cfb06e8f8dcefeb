<?php

declare(strict_types=1);

namespace Garnetine\Core\Because;

use Garnetine\Core\Attachment\Beam\LoadCase;
use Garnetine\Core\Attachment\Check\AttachmentVerdict;
use Garnetine\Core\Attachment\Fastening\Capacities;
use Garnetine\Core\Attachment\Fastening\Link;
use Garnetine\Core\Attachment\Fastening\LinkRatio;
use Garnetine\Core\Attachment\RunPlan;
use Garnetine\Core\Covering\Tile;
use Garnetine\Core\Plan\Plan;
use Garnetine\Core\Rail\ContinuousBeam;

/** Of lines of rail: how many feet, how far apart, how the rail is bent, and what each foot bears. */
final readonly class OfRuns implements Explains
{
    public function __construct(private Plan $plan, private Sources $of, private OfFastener $fastener)
    {
    }

    public function paths(): array
    {
        $paths = [];
        foreach ($this->plan->everyRun() as $run) {
            if ($run->verdict()?->rail === null) {
                continue;
            }
            $at = 'runs/'.$run->run->id;
            array_push($paths, "$at/count", ...$run->run->isRail ? ["$at/rail"] : [], ...$run->inLine_m() === null ? [] : ["$at/in_line"]);
            for ($foot = 1; $foot <= count($run->picks); ++$foot) {
                array_push($paths, "$at/feet/$foot", ...$foot < count($run->picks) ? ["$at/feet/$foot/bay"] : []);
            }
        }

        return $paths;
    }

    public function at(string $path): ?Because
    {
        $parts = explode('/', $path);
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
            ...$run->run->isRail ? [$this->of->input('/rules/pattern')] : $this->of->ratings($this->plan->blocks[$run->run->line->block - 1]->part),
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

            return new Because('bay_on_rails', [
                'value_m' => $feet_m[$foot + 1] - $feet_m[$foot], 'from' => $members[$foot], 'to' => $members[$foot + 1],
            ], children: [
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
        $children[] = $this->of->input(match (true) {
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

    private function inLine(RunPlan $run): Because
    {
        $feet_m = $run->feet_m();

        return new Because('in_line', [
            'value_m' => $run->inLine_m() ?? 0.0, 'run' => $run->run->id, 'most_m' => 0.0254 * Capacities::IN_LINE_MOST_IN,
            'bay_m' => min(
                array_map(static fn (float $from_m, float $to_m): float => $to_m - $from_m, array_slice($feet_m, 0, -1), array_slice($feet_m, 1)) ?: [0.0],
            ),
        ], 'statics: a deformation, no load; ASCE 7 keeps self-straining effects apart; recalled', 'medium', children: [
            $this->of->input('/kit/rail/section_modulus_x_m3'), $this->of->input('/kit/rail/second_moment_x_m4'),
            $this->of->input('/kit/rail/elastic_modulus_Pa'), $this->of->input('/kit/rail/allowable_stress_Pa'),
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
            $this->of->input('/kit/rail/section_modulus_x_m3'), $this->of->input('/kit/rail/allowable_stress_Pa'),
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
            $this->of->input($this->plan->blocks[$run->run->line->block - 1]->part->at('/module/mass_kg')), $this->of->input('/kit/extra_mass_per_module_kg'),
            ...$this->plan->design->kit->under === null ? [] : [$this->of->input('/kit/under/mass_kg')],
        ])];
        if ($case->windUp > 0) {
            $children[] = $this->of->speed();
        } elseif (str_contains($case->code, 'W')) {
            $children[] = $this->of->figure('loads/down');
        }
        if ($case->snow !== null) {
            $children[] = $this->of->figure('loads/snow/'.$case->snow);
        }

        return array_values(array_filter($children));
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
                $run->run->legs === null ? $this->of->input('/kit/foot/rail_height_m') : $this->of->input($this->of->arrangement(
                    $run,
                    'front_m',
                )), $this->of->input('/kit/foot/base/heel_m'),
                ...array_map($this->of->input(...), $this->of->entered([
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
        foreach ($this->bears($run, $worst->link, $verdict->isEdge) as $pointer) {
            $children[] = $this->of->input($pointer);
        }
        if (in_array($worst->link, [Link::LagCombined, Link::LagWithdrawal, Link::LagLateral], true)) {
            $children[] = $this->fastener->of('withdrawal');
            $children[] = $this->fastener->of('lateral');
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

    /** @return list<string> Where it stands what a link bears */
    private function bears(RunPlan $run, Link $link, bool $isEdge): array
    {
        return match ($link) {
            Link::Bolt => ['/kit/bolt/up_N', '/kit/bolt/along_N'],
            Link::FootUp, Link::FootDown, Link::FootAlong => $this->allowed($link, $isEdge),
            Link::CrossingUp, Link::LegUp => [$this->of->arrangement($run, 'up_N')],
            Link::CrossingDown, Link::LegDown => [$this->of->arrangement($run, 'down_N')],
            Link::CrossingAlong, Link::LegAlong => [$this->of->arrangement($run, 'along_N')],
            Link::Arm => array_map(
                static fn (string $key): string => "/kit/foot/arm/$key",
                ['reach_m', 'height_m', 'width_m', 'thickness_m', 'allowable_stress_Pa'],
            ),
            default => [],
        };
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
            $this->of->input($tilt), $this->of->input($this->of->arrangement($run, 'front_m')),
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
            ], children: array_filter([$this->of->figure($suction->figure)]));
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
}
