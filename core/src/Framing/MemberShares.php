<?php

declare(strict_types=1);

namespace Garnetine\Core\Framing;

use Garnetine\Core\Attachment\RunPlan;
use Garnetine\Core\Design\Design;
use Garnetine\Core\Load\Asce7\RoofLive;
use Garnetine\Core\Load\Coefficients;
use Garnetine\Core\Load\SiteLoads;
use Garnetine\Core\Quantity\Area;

/**
 * The gravity load on each member with the array against without it: a screen that defers to an engineer.
 *
 * Source: IEBC gravity limit of 5 % on existing elements; ASCE/SEI 7-16 §4.8.2 for Lr; recalled.
 */
final readonly class MemberShares
{
    /** @param list<MemberShare> $shares By member, those with feet */
    private function __construct(public array $shares, public float $limit, public float $atOneShare)
    {
    }

    /** @param list<int> $skipped */
    public function worstBut(array $skipped): ?MemberShare
    {
        $worst = null;
        foreach ($this->shares as $share) {
            if ($share->ratio > $this->limit + 1e-9 && !in_array($share->number, $skipped, true) && ($worst === null || $share->ratio > $worst->ratio)) {
                $worst = $share;
            }
        }

        return $worst;
    }

    /** Sum of what goes beyond the limit. */
    public function excess(): float
    {
        return array_sum(array_map(fn (MemberShare $share): float => max(0.0, $share->ratio - $this->limit), $this->shares));
    }

    /** @param list<RunPlan> $plans */
    public static function of(Design $design, array $plans, Members $members, SiteLoads $loads, Coefficients $coefficients): self
    {
        $theta = $design->surface->pitch->toRadians();
        $spacing_m = $design->surface->framing->spacing->toMetres();
        $limit = $coefficients->value('existing/gravity', 'ratio');
        $snow_Pa = $loads->snow->ps->toPascals() * cos($theta);
        $area_m2 = $design->module->width->toMetres() * $design->module->length->toMetres();
        $module_Pa = ($design->module->mass->toSi() + $design->kit->extraMassPerModule->toSi()) * 9.80665 / $area_m2;
        $rails_Pa = 2 * $design->kit->rail->lineMass->toSi() * 9.80665 / $design->module->length->toMetres();
        $array_Pa = $module_Pa + $rails_Pa;
        $live_Pa = RoofLive::reduced(Area::ofSi($spacing_m * $design->site->eaveToRidge->toMetres()), $design->surface->pitch, $coefficients)->toPascals() * cos($theta);
        $roof_Pa = $design->surface->deadLoad->toPascals();
        $without_Pa = $roof_Pa + max($live_Pa, $snow_Pa);
        [$loads_N, $rows] = self::gather($plans);
        $xs_m = [];
        foreach ($members->members as $member) {
            $xs_m[$member->number] = $member->x_m;
        }
        $shares = [];
        foreach ($loads_N as $number => $load_N) {
            $even_N = $spacing_m * $design->module->length->toMetres() * count($rows[$number]) * ($array_Pa + $snow_Pa);
            $times = $even_N > 0 ? $load_N / $even_N : 0.0;
            $with_Pa = $roof_Pa + $times * ($array_Pa + $snow_Pa);
            $shares[$number] = new MemberShare($number, $xs_m[$number] ?? 0.0, $load_N, $even_N, $times, $with_Pa / $without_Pa, $with_Pa, $without_Pa);
        }
        ksort($shares);

        return new self(array_values($shares), $limit, ($roof_Pa + $array_Pa + $snow_Pa) / $without_Pa);
    }

    /**
     * @param list<RunPlan> $plans
     *
     * @return array{array<int, float>, array<int, array<int, true>>} Load by member, and the rows over it
     */
    private static function gather(array $plans): array
    {
        $loads_N = $rows = [];
        foreach ($plans as $plan) {
            foreach ($plan->run->members as $number) {
                $rows[$number][$plan->run->line->row] = true;
            }
            foreach ($plan->reactions() as $place => $modules) {
                $number = $plan->run->members[$plan->picks[$place]];
                $loads_N[$number] = ($loads_N[$number] ?? 0.0) + $modules * ($plan->run->deadVertical_N + $plan->run->snowVertical_N);
            }
        }

        return [$loads_N, $rows];
    }
}
