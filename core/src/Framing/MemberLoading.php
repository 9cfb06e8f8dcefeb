<?php

declare(strict_types=1);

namespace Garnetine\Core\Framing;

use Garnetine\Core\Attachment\RunPlan;
use Garnetine\Core\Design\Design;
use Garnetine\Core\Load\Asce7\RoofLive;
use Garnetine\Core\Load\Coefficients;
use Garnetine\Core\Load\SiteLoads;
use Garnetine\Core\Quantity\Area;

/** What the members of one design bear under any choice of feet. */
final readonly class MemberLoading
{
    private float $limit;

    /** Array and balanced snow, per area of slope. */
    private float $added_Pa;

    private float $roof_Pa;

    /** The roof with its live load or its snow, without the array. */
    private float $without_Pa;

    /** Length of a module row times the spacing of the members. */
    private float $row_m2;

    /** @var array<int, float> */
    private array $xs_m;

    public function __construct(Design $design, Members $members, SiteLoads $loads, Coefficients $coefficients)
    {
        $theta = $design->surface->pitch->toRadians();
        $spacing_m = $design->surface->framing->spacing->toMetres();
        $snow_Pa = $loads->snow->service_Pa() * cos($theta);
        $area_m2 = $design->module->width->toMetres() * $design->module->length->toMetres();
        $module_Pa = ($design->module->mass->toSi() + $design->kit->extraMassPerModule->toSi()) * 9.80665 / $area_m2;
        $rails_Pa = 2 * $design->kit->rail->lineMass->toSi() * 9.80665 / $design->module->length->toMetres();
        // Live loads of other standards' roofs are not in hand: none is counted for the roof as it was, on the safe side.
        $live_Pa = $design->site->standard->isAsce7()
            ? RoofLive::reduced(Area::ofSi($spacing_m * $design->site->eaveToRidge->toMetres()), $design->surface->pitch, $coefficients)->toPascals() : 0.0;
        $this->limit = $coefficients->value('existing/gravity', 'ratio');
        $this->added_Pa = $module_Pa + $rails_Pa + $snow_Pa;
        $this->roof_Pa = $design->surface->deadLoad->toPascals();
        $this->without_Pa = $this->roof_Pa + max($live_Pa * cos($theta), $snow_Pa);
        $this->row_m2 = $spacing_m * $design->module->length->toMetres();
        $xs_m = [];
        foreach ($members->members as $member) {
            $xs_m[$member->number] = $member->x_m;
        }
        $this->xs_m = $xs_m;
    }

    /** @param list<RunPlan> $plans */
    public function under(array $plans): MemberShares
    {
        $loads_N = [];
        foreach ($plans as $plan) {
            foreach ($this->of_N($plan) as $number => $load_N) {
                $loads_N[$number] = ($loads_N[$number] ?? 0.0) + $load_N;
            }
        }
        ksort($loads_N);
        $rows = self::rows($plans);
        $shares = [];
        foreach ($loads_N as $number => $load_N) {
            $even_N = $this->row_m2 * ($rows[$number] ?? 0) * $this->added_Pa;
            $times = $even_N > 0 ? $load_N / $even_N : 0.0;
            $with_Pa = $this->roof_Pa + $times * $this->added_Pa;
            $shares[] = new MemberShare($number, $this->xs_m[$number] ?? 0.0, $load_N, $even_N, $times, $with_Pa / $this->without_Pa, $with_Pa, $this->without_Pa);
        }

        return new MemberShares($shares, $this->limit, ($this->roof_Pa + $this->added_Pa) / $this->without_Pa);
    }

    /** @return array<int, float> What one run puts on each member */
    public function of_N(RunPlan $plan): array
    {
        $module_N = $plan->run->deadVertical_N + $plan->run->snowVertical_N;
        $loads_N = [];
        foreach ($plan->reactions() as $place => $modules) {
            $loads_N[$plan->run->members[$plan->picks[$place]]] = $modules * $module_N;
        }

        return $loads_N;
    }

    /**
     * How much less the members carry beyond the limit, in all, when one run moves: as MemberShares::excess() before and after.
     *
     * @param list<RunPlan> $plans
     * @param array<int, float> $after_N What the moved run puts on each member afterwards
     */
    public function relief(array $plans, MemberShares $before, RunPlan $run, array $after_N): float
    {
        $now_N = [];
        foreach ($before->shares as $share) {
            $now_N[$share->number] = $share->load_N;
        }
        $rows = self::rows($plans);
        $relief = 0.0;
        foreach ($this->of_N($run) as $number => $load_N) {
            $after_N[$number] = ($after_N[$number] ?? 0.0) - $load_N;
        }
        foreach ($after_N as $number => $change_N) {
            $relief += $this->beyond($now_N[$number] ?? 0.0, $rows[$number] ?? 0) - $this->beyond(($now_N[$number] ?? 0.0) + $change_N, $rows[$number] ?? 0);
        }

        return $relief;
    }

    private function beyond(float $load_N, int $rows): float
    {
        $even_N = $this->row_m2 * $rows * $this->added_Pa;

        return max(0.0, ($this->roof_Pa + ($even_N > 0 ? $load_N / $even_N : 0.0) * $this->added_Pa) / $this->without_Pa - $this->limit);
    }

    /**
     * @param list<RunPlan> $plans
     *
     * @return array<int, int> Rows of modules over each member
     */
    private static function rows(array $plans): array
    {
        $rows = [];
        foreach ($plans as $plan) {
            foreach ($plan->run->members as $number) {
                $rows[$number][$plan->run->line->row] = true;
            }
        }

        return array_map(count(...), $rows);
    }
}
