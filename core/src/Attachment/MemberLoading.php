<?php

declare(strict_types=1);

namespace Garnetine\Core\Attachment;

use Garnetine\Core\Design\BlockPart;
use Garnetine\Core\Design\Design;
use Garnetine\Core\Framing\ArrayWeight;
use Garnetine\Core\Framing\Members;
use Garnetine\Core\Framing\MemberShare;
use Garnetine\Core\Framing\MemberShares;
use Garnetine\Core\Framing\Purlins;
use Garnetine\Core\Load\Coefficients;
use Garnetine\Core\Load\SiteLoads;
use Garnetine\Core\Load\Standards;
use Garnetine\Core\Quantity\Area;
use Garnetine\Core\Rail\Run;

/** What the members of one design bear under any choice of feet. */
final readonly class MemberLoading
{
    private float $limit;

    /** Array and balanced snow, per area of slope. */
    private float $added_Pa;

    private float $roof_Pa;

    /** The roof with its live load or its snow, without the array. */
    private float $without_Pa;

    /** @var array<int, float> */
    private array $xs_m;

    /** @var array<int, float> For each member, one share of the array over it */
    private array $evens_N;

    /** Whether the choice of feet decides which member carries how much: not where every rail lies on one of them. */
    public bool $goesByFeet;

    private bool $onPurlins;

    /** @param list<Run> $runs */
    public function __construct(Design $design, Members $members, SiteLoads $loads, Coefficients $coefficients, array $runs)
    {
        $theta = $design->surface->pitch->toRadians();
        $snow_Pa = $loads->snow->service_Pa() * cos($theta);
        // How far a purlin spans is not entered: as far as the roof is wide is on the safe side.
        $area = Area::ofSi(match (true) {
            $members->purlins !== null => $members->purlins->space_m() * $design->surface->width->toMetres(),
            $members->areOfSheet => $design->surface->framing->spacing->toMetres() * $design->site->eaveToRidge->toMetres(),
            default => $members->widest_m() * $design->site->eaveToRidge->toMetres(),
        });
        $live_Pa = Standards::of($design)->roofLive($design, $area, $coefficients)->toPascals();
        $this->limit = $coefficients->value('existing/gravity', 'ratio');
        $added_Pa = array_map(static fn (BlockPart $part): float => ArrayWeight::of_Pa($part->design) + $snow_Pa, $design->parts());
        // Of several kinds of modules the heaviest counts over every member.
        $this->added_Pa = max($added_Pa);
        $this->roof_Pa = $design->surface->deadLoad->toPascals();
        $this->without_Pa = $this->roof_Pa + max($live_Pa * cos($theta), $snow_Pa);
        $this->onPurlins = $members->purlins !== null;
        $this->goesByFeet = $this->onPurlins ? array_filter($runs, static fn (Run $run): bool => $run->line->isUpSlope) !== [] : !$members->areOfSheet;
        $this->evens_N = match (true) {
            $members->areOfSheet => [],
            $members->purlins === null => self::evens_N($design, $members, $runs, $added_Pa),
            default => self::bands_N($members->purlins, $runs, $this->added_Pa),
        };
        $this->xs_m = $members->purlins === null ? array_column($members->members, 'x_m', 'number') : array_column($members->purlins->purlins, 'y_m', 'number');
    }

    /**
     * @param list<Run> $runs
     *
     * @return array<int, float> By purlin: the height of roof that it carries times the length of the array along it
     */
    private static function bands_N(Purlins $purlins, array $runs, float $added_Pa): array
    {
        $over = [];
        $bands_N = [];
        foreach ($runs as $run) {
            if ($run->line->isUpSlope) {
                foreach (self::under_N($purlins, $run, $added_Pa) as $number => $band_N) {
                    $bands_N[$number] = ($bands_N[$number] ?? 0.0) + $band_N;
                }
                continue;
            }
            $over[$run->line->purlin ?? 0][] = [$run->clamps_m[0], $run->clamps_m[count($run->clamps_m) - 1]];
        }
        foreach ($over as $number => $lengths) {
            sort($lengths);
            $long_m = 0.0;
            $until_m = -INF;
            foreach ($lengths as [$from_m, $to_m]) {
                $long_m += max(0.0, $to_m - max($from_m, $until_m));
                $until_m = max($until_m, $to_m);
            }
            $bands_N[$number] = ($bands_N[$number] ?? 0.0) + $purlins->tributary_m($number) * $long_m * $added_Pa;
        }

        return $bands_N;
    }

    /**
     * Of a rail up the slope, by purlin: what of the band that it carries lies under the modules, over the width that goes to the rail
     *
     * @return array<int, float>
     */
    private static function under_N(Purlins $purlins, Run $run, float $added_Pa): array
    {
        $ends_m = [$run->upSlope->from_m ?? 0.0, $run->upSlope->to_m ?? 0.0];
        $bands_N = [];
        foreach ($purlins->purlins as $purlin) {
            $half_m = $purlins->tributary_m($purlin->number) / 2;
            $under_m = min($ends_m[1], $purlin->y_m + $half_m) - max($ends_m[0], $purlin->y_m - $half_m);
            if ($under_m > 0.0) {
                $bands_N[$purlin->number] = $under_m * $run->tributary_m * $added_Pa;
            }
        }

        return $bands_N;
    }

    /**
     * @param list<Run> $runs
     * @param list<float> $added_Pa By block
     *
     * @return array<int, float> By member: the width of roof that it carries times the lengths of the rows over it, block by block
     */
    private static function evens_N(Design $design, Members $members, array $runs, array $added_Pa): array
    {
        $each_N = $heights_m = [];
        foreach ($design->parts() as $index => $part) {
            $each_N[$part->number] = [$part->design->moduleUp()->toMetres(), $added_Pa[$index]];
        }
        foreach ($runs as $run) {
            [$block, $row] = [$run->line->block, $run->line->row];
            if ($run->line->over !== null) {
                $heights_m[$run->line->over][$block]["over $row"] = ($run->upSlope->to_m ?? 0.0) - ($run->upSlope->from_m ?? 0.0);
            }
            foreach ($run->line->isUpSlope ? [] : $run->members as $number) {
                $heights_m[$number][$block][$row] = $each_N[$block][0];
            }
        }
        $evens_N = [];
        foreach ($heights_m as $number => $over) {
            $evens_N[$number] = 0.0;
            foreach ($over as $block => $ofBlock) {
                // Two rails up the slope over one member have the same modules above it.
                $height_m = is_int(array_key_first($ofBlock)) ? array_sum($ofBlock) : max($ofBlock);
                $evens_N[$number] += $members->tributary_m($number) * $height_m * $each_N[$block][1];
            }
        }

        return $evens_N;
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
        $shares = [];
        foreach ($loads_N as $number => $load_N) {
            $even_N = $this->evens_N[$number] ?? 0.0;
            $times = $even_N > 0 ? $load_N / $even_N : 0.0;
            $with_Pa = $this->roof_Pa + $times * $this->added_Pa;
            $shares[] = new MemberShare(
                $number,
                $this->xs_m[$number] ?? 0.0,
                $load_N,
                $even_N,
                $times,
                $with_Pa / $this->without_Pa,
                $with_Pa,
                $this->without_Pa,
            );
        }

        return new MemberShares($shares, $this->limit, ($this->roof_Pa + $this->added_Pa) / $this->without_Pa);
    }

    /** @return array<int, float> What one run puts on each member */
    public function of_N(RunPlan $plan): array
    {
        $module_N = $plan->run->deadVertical_N + $plan->run->snowVertical_N;
        $line = $plan->run->line;
        if (!$this->onPurlins && !$this->goesByFeet) {
            return [];
        }
        if ($line->isUpSlope !== $this->onPurlins) {
            // It lies on one of them.
            $lies = $this->onPurlins ? $line->purlin : $line->over;

            return $lies === null ? [] : [$lies => array_sum($plan->reactions()) * $module_N];
        }
        $members = $plan->members();
        $loads_N = [];
        foreach ($plan->reactions() as $place => $modules) {
            $loads_N[$members[$place]] = $modules * $module_N;
        }

        return $loads_N;
    }

    /**
     * How much less the members carry beyond the limit, in all, when one run moves: as MemberShares::excess() before and after.
     *
     * @param array<int, float> $now_N What all runs put on each member
     * @param array<int, float> $before_N What the run puts on each of it
     * @param array<int, float> $after_N And what it will
     */
    public function relief(array $now_N, array $before_N, array $after_N): float
    {
        foreach ($before_N as $number => $load_N) {
            $after_N[$number] = ($after_N[$number] ?? 0.0) - $load_N;
        }
        $relief = 0.0;
        foreach ($after_N as $number => $change_N) {
            $load_N = $now_N[$number] ?? 0.0;
            $relief += $this->beyond($load_N, $number) - $this->beyond($load_N + $change_N, $number);
        }

        return $relief;
    }

    private function beyond(float $load_N, int $number): float
    {
        $even_N = $this->evens_N[$number] ?? 0.0;

        return max(0.0, ($this->roof_Pa + ($even_N > 0 ? $load_N / $even_N : 0.0) * $this->added_Pa) / $this->without_Pa - $this->limit);
    }
}
