<?php

declare(strict_types=1);

namespace Garnetine\Core\Plan;

use Garnetine\Core\Attachment\Check\AttachmentVerdict;
use Garnetine\Core\Attachment\Fastening\CombinationFactors;
use Garnetine\Core\Attachment\Fastening\LinkRatio;
use Garnetine\Core\Attachment\RunPlan;
use Garnetine\Core\Design\DesignFile;
use Garnetine\Core\Document\CanonicalJson;
use Garnetine\Core\Finding\Finding;
use Garnetine\Core\Foot\SeamClamp;
use Garnetine\Core\Framing\Purlin;
use Garnetine\Core\Load\Coefficient;
use Garnetine\Core\Load\Combination;
use Garnetine\Core\Load\Figure;
use Garnetine\Core\Load\SnowCase;
use Garnetine\Core\Load\Suction;
use Garnetine\Core\Load\ZoneWind;
use Garnetine\Core\Rail\Run;
use Garnetine\Core\Under\Beneath;
use Garnetine\Core\Under\Box;

/** A plan as a document: numbers in SI with the unit in the key, findings and steps by code. The same bytes everywhere. */
final class PlanDocument
{
    /** @param array<string, mixed> $besides What is told of the plan from outside, as what it is issued for */
    public static function write(ProjectPlan $plan, array $besides = []): string
    {
        return CanonicalJson::encode(self::toArray($plan) + $besides);
    }

    /** @return array<string, mixed> */
    public static function toArray(ProjectPlan $plan): array
    {
        return [
            'build' => Build::hash(),
            'design_sha256' => DesignFile::hash($plan->project),
            'name' => $plan->project->name,
            'units' => $plan->project->units->value,
            'status' => $plan->status()->value,
            'summary' => $plan->summary(),
            'surfaces' => (object) array_map(self::surface(...), $plan->plans),
            ...$plan->tables === [] ? [] : ['tables' => (object) array_map(TableDocument::of(...), $plan->tables)],
            'left_out' => $plan->leftOut(),
            'materials' => $plan->materials(),
            'not_covered' => array_values(array_unique(array_merge(...array_values(array_map(
                static fn (Plan|TablePlan $one): array => $one->notCovered(),
                $plan->all(),
            ))))),
        ];
    }

    /** @return array<string, mixed> The plan of one surface */
    public static function surface(Plan $plan): array
    {
        return [
            'name' => $plan->design->surface->name,
            'status' => $plan->status()->value,
            'structure' => ['digest' => $plan->structureDigest(), 'signed_by' => $plan->structureSignedBy()],
            'summary' => $plan->summary(),
            'loads' => self::loads($plan),
            'members' => self::members($plan),
            'modules' => self::modules($plan),
            'lines' => $plan->tapes()->slope(), 'upper_lines' => $plan->tapes()->layer(), 'uprights' => $plan->tapes()->uprights(),
            'runs' => array_map(static fn (RunPlan $run): array => self::run($plan, $run), $plan->supports),
            ...$plan->uppers() === [] ? [] : ['upper_runs' => array_map(static fn (RunPlan $run): array => self::run($plan, $run), $plan->uppers())],
            'clamp' => $plan->clamp === null ? null : [
                'up' => [
                    'run' => $plan->clamp->run,
                    'clamp' => $plan->clamp->clamp,
                    'demand_N' => $plan->clamp->up_N,
                    'capacity_N' => $plan->design->kit->clamp->up?->toSi(),
                    'ratio' => $plan->clamp->upRatio,
                    'area_m2' => $plan->clamp->area_m2,
                ],
                'along' => [
                    'run' => $plan->clamp->alongRun,
                    'clamp' => $plan->clamp->alongClamp,
                    'demand_N' => $plan->clamp->along_N,
                    'capacity_N' => $plan->design->kit->clamp->along?->toSi(),
                    'ratio' => $plan->clamp->alongRatio,
                ],
            ],
            'placing' => $plan->capacities === null
                ? null
                : ['tolerance_m' => $plan->capacities->placing->tolerance_m, 'factor' => $plan->capacities->placing->factor],
            'window_m' => $plan->window?->window_m,
            'fastener' => self::fastener($plan),
            'cutting' => $plan->cutting === null ? null : [
                'pieces' => $plan->cutting->pieces, 'stock' => $plan->cutting->stock, 'bound' => $plan->cutting->bound,
                ...$plan->cutting->fromStore === [] ? [] : ['from_store' => $plan->cutting->fromStore],
                'is_least' => count($plan->cutting->stock) === $plan->cutting->bound,
            ],
            ...$plan->beneath === null ? [] : ['beneath' => self::beneath($plan->beneath)],
            'holes' => $plan->holes->holes ?? [],
            'materials' => $plan->materials(),
            'torque' => self::torque($plan),
            'steps' => self::steps($plan->steps->steps ?? []),
            'findings' => array_map(static fn (Finding $finding): array => $finding->toArray(), $plan->findings),
            'coefficients' => self::coefficients($plan),
            'missing' => $plan->missing(),
        ];
    }

    /**
     * @param list<array{code: string, values: array<string, float|int|string>, cautions: list<string>}> $steps
     *
     * @return list<array<string, mixed>>
     */
    public static function steps(array $steps): array
    {
        return array_map(
            static fn (array $step): array => ['code' => $step['code'], 'values' => (object) $step['values'], 'cautions' => $step['cautions']],
            $steps,
        );
    }

    /** @return list<array<string, mixed>> */
    public static function coefficients(Plan|TablePlan $plan): array
    {
        return array_map(static fn (Coefficient $used): array => [
            'id' => $used->id, 'value' => $used->value, 'text' => $used->text(), 'source' => $used->source, 'confidence' => $used->confidence->value,
            'note' => $used->note, 'confirmed_by' => Clearances::coefficient($plan->design, $used),
        ], $plan->coefficients->used());
    }

    /** @return array<string, mixed> Places along the rail that each hangs on or is set to */
    private static function beneath(Beneath $beneath): array
    {
        return [
            'boxes' => array_map(static fn (Box $box): array => [
                'modules' => $box->modules(), 'block' => $box->block, 'run' => $box->run?->id, 'at_m' => $box->at_m,
            ], $beneath->boxes),
            'strings' => $beneath->strings,
            'earth' => $beneath->earth === null ? null : [
                'lugs' => self::onRails($beneath->earth->lugs), 'jumpers' => self::onRails($beneath->earth->jumpers),
                'broken' => self::onRails($beneath->earth->broken), 'frames' => $beneath->earth->frames,
            ],
        ];
    }

    /**
     * @param list<array{run: Run, at_m: float}> $places
     *
     * @return list<array{run: string, at_m: float}>
     */
    private static function onRails(array $places): array
    {
        return array_map(static fn (array $one): array => ['run' => $one['run']->id, 'at_m' => $one['at_m']], $places);
    }

    /** @return array<string, mixed>|null */
    private static function loads(Plan $plan): ?array
    {
        $loads = $plan->loads;
        if ($loads === null) {
            return null;
        }

        [$wind, $snow] = [$plan->design->site->standard->windLevel(), $plan->design->site->standard->snowLevel()];
        $durations = CombinationFactors::for($plan->design, $plan->coefficients);

        return [
            'standard' => $plan->design->site->standard->value,
            'figures' => array_map(
                static fn (Figure $figure): array => [
                    'code' => $figure->code,
                    'values' => (object) $figure->values,
                    'source' => $figure->source,
                    'confidence' => $figure->confidence,
                ],
                $loads->figures->listed(),
            ),
            'zones' => $loads->zones->parts(),
            'suctions' => array_map(static fn (ZoneWind $zone): array => [
                'direction' => $zone->direction, 'inside' => self::suction($zone->inside, $wind), 'exposed' => self::suction($zone->exposed, $wind),
            ], $loads->winds),
            "wind_down_{$wind}_Pa" => $loads->windDown_Pa, "balanced_snow_{$snow}_Pa" => $loads->snow->balanced_Pa, 'light_snow' => $loads->snow->light,
            'combinations' => array_map(static fn (Combination $one): array => [
                'code' => $one->code, 'dead' => $one->dead, 'snow' => $one->snow, 'wind' => $one->wind, 'up' => $one->up,
                'duration_factor' => $durations->of($one->duration),
            ], $loads->combinations->strength),
            'rating_combinations' => array_map(
                static fn (Combination $one): array => [
                    'code' => $one->code,
                    'dead' => $one->dead,
                    'snow' => $one->snow,
                    'wind' => $one->wind,
                    'up' => $one->up,
                ],
                $loads->combinations->rating,
            ),
            'snow' => array_map(static fn (SnowCase $case): array => [
                'code' => $case->code, "uniform_{$snow}_Pa" => $case->uniform_Pa, "surcharge_{$snow}_Pa" => $case->surcharge_Pa,
                $case->around === null ? 'reach_along_slope_m' : 'reach_in_plan_m' => $case->reach_m,
            ], $loads->snow->cases),
        ];
    }

    /** @return array<string, float> */
    private static function suction(Suction $suction, string $level): array
    {
        return [
            "small_{$level}_Pa" => $suction->small_Pa, 'up_to_m2' => $suction->smallArea_m2, "large_{$level}_Pa" => $suction->large_Pa,
            'from_m2' => $suction->largeArea_m2, "least_{$level}_Pa" => $suction->least_Pa,
        ];
    }

    /** @return array<string, mixed> */
    private static function members(Plan $plan): array
    {
        $shares = [];
        foreach ($plan->shares->shares ?? [] as $share) {
            $shares[$share->number] = $share;
        }
        $ofMembers = $plan->members->purlins === null ? $shares : [];

        return [
            'first_m' => $plan->members->first->toMetres(),
            'first_otherwise_m' => $plan->members->firstOtherwise?->toMetres(),
            'purlins' => array_map(static fn (Purlin $one): array => [
                'number' => $one->number, 'y_m' => $one->y_m, 'load_N' => $shares[$one->number]->load_N ?? null,
                'times' => $shares[$one->number]->times ?? null, 'ratio' => $shares[$one->number]->ratio ?? null,
            ], $plan->members->purlins->purlins ?? []),
            'limit' => $plan->shares?->limit,
            'at_one_share' => $plan->shares?->atOneShare,
            'list' => array_map(static fn ($member): array => [
                'number' => $member->number, 'x_m' => $member->x_m,
                'load_N' => $ofMembers[$member->number]->load_N ?? null, 'times' => $ofMembers[$member->number]->times ?? null,
                'ratio' => $ofMembers[$member->number]->ratio ?? null,
            ], $plan->members->members),
        ];
    }

    /** @return list<array<string, mixed>> */
    private static function modules(Plan $plan): array
    {
        [$wind, $rating] = [$plan->design->site->standard->windLevel(), $plan->design->site->standard->ratingLevel()];
        $modules = [];
        foreach ($plan->blocks as $block) {
            // Spots and checks go through rows and columns alike.
            foreach ($block->placement->spots() as $index => $spot) {
                $check = $block->modules[$index] ?? null;
                $modules[] = [
                    'block' => $block->part->number, 'row' => $spot->row, 'column' => $spot->column, 'x_m' => $spot->x_m, 'y_m' => $spot->y_m,
                    'exposed' => $spot->isExposed(), 'exposed_sides' => $spot->exposedSides,
                    "net_up_{$rating}_Pa" => $check?->up_Pa, "net_down_{$rating}_Pa" => $check?->down_Pa, "wind_up_{$wind}_Pa" => $check?->windUp_Pa,
                    'rated_up_Pa' => $check?->ratedUp_Pa, 'rated_down_Pa' => $check?->ratedDown_Pa,
                    'reserve' => $check?->ratio() === null ? null : 1 - $check->ratio(),
                ];
            }
        }

        return $modules;
    }

    /** @return array<string, mixed> */
    private static function run(Plan $plan, RunPlan $run): array
    {
        $verdict = $run->wholeVerdict();
        $attachments = [];
        foreach ($verdict->attachments ?? [] as $place => $attachment) {
            $attachments[] = self::attachment($plan, $run, $place, $attachment);
        }

        return [
            'id' => $run->run->id, 'line' => $run->run->line->name(), 'block' => $run->run->line->block, 'row' => $run->run->line->row,
            'is_upper' => $run->run->line->isUpper,
            'first_column' => $run->run->firstColumn, 'last_column' => $run->run->lastColumn,
            ...self::lies($run->run),
            'offset_m' => $run->run->line->offset_m / $plan->blocks[$run->run->line->block - 1]->part->design->slant(),
            'length_m' => $run->run->x1_m - $run->run->x0_m,
            'tributary_m' => $run->run->tributary_m, 'splices_m' => $run->run->splices_m, 'splice_is_hinge' => $run->run->spliceIsHinge,
            ...$run->check->spans === null ? [] : ['spans' => [
                'load_Pa' => $run->check->spans->load_Pa, 'bay_m' => $run->check->spans->bay_m, 'overhang_m' => $run->check->spans->overhang_m,
            ]],
            'holds' => $run->holds(), 'count' => count($run->picks), 'bound' => $run->bound, 'is_best' => $run->isBest,
            'candidates' => array_map(
                static fn (int $member, float $at_m): array => ['member' => $member, self::along($run->run) => $at_m],
                $run->run->members,
                $run->run->candidates_m,
            ),
            'clamps' => self::clamps($run->run),
            'module_on_rail' => [
                'dead_normal_most_N' => $run->run->deadNormalMost_N, 'dead_normal_least_N' => $run->run->deadNormalLeast_N,
                'dead_along_N' => $run->run->deadAlong_N, 'wind_down_N' => $run->run->windDown_N,
                'snow' => array_map(static fn (array $forces): array => ['normal_N' => $forces[0], 'along_N' => $forces[1]], $run->run->snow_N),
            ],
            'in_line_m' => $run->inLine_m(), 'for_members' => $run->forMembers,
            'rail' => $verdict?->rail === null || !$run->run->isRail ? null : self::link($verdict->rail) + [
                self::along($run->run) => $verdict->railAt_m, 'normal_Nm' => $verdict->railNormal_Nm, 'along_Nm' => $verdict->railAlong_Nm,
                'capacity_normal_Nm' => self::finite($plan->capacities?->railNormal_Nm), 'capacity_along_Nm' => self::finite($plan->capacities?->railAlong_Nm),
            ],
            'splice' => $verdict?->splice === null
                ? null
                : self::link($verdict->splice) + ['demand_Nm' => $verdict->splice->demand_si, 'capacity_Nm' => self::finite($verdict->splice->capacity_si)],
            'attachments' => $attachments,
            'tape' => $plan->tapes()->run($run),
        ];
    }

    /** @return array<string, mixed> Where a rail lies, from its ends to the line of its holes */
    private static function lies(Run $run): array
    {
        $line = $run->line;

        return $line->isUpSlope
            ? ['way' => 'up', 'over' => $line->over, 'x_m' => $line->at_m, 'hole_x_m' => $line->holeAt_m, 'y0_m' => $run->x0_m, 'y1_m' => $run->x1_m]
            : ['y_m' => $line->at_m, 'hole_y_m' => $line->holeAt_m, 'above_butt_m' => $line->aboveButt_m, 'x0_m' => $run->x0_m, 'x1_m' => $run->x1_m];
    }

    /** @return 'x_m'|'y_m' What places along a rail are told by */
    private static function along(Run $run): string
    {
        return $run->line->isUpSlope ? 'y_m' : 'x_m';
    }

    /** @return array<string, mixed> */
    private static function attachment(Plan $plan, RunPlan $run, int $place, AttachmentVerdict $verdict): array
    {
        $latitude = $plan->latitudes[$run->run->id][$place] ?? null;
        $fallBack = $plan->fallBacks[$run->run->id][$place] ?? null;

        return [
            'number' => $place + 1, 'member' => $run->run->members[$run->picks[$place]], self::along($run->run) => $verdict->x_m,
            'tape_m' => $plan->tapes()->ofFoot_m($run->run->line, $verdict->x_m),
            ...$verdict->isEdge ? ['at_edge' => true] : [],
            'tributary_m' => $verdict->tributary_m, 'up_N' => $verdict->up_N, 'down_N' => $verdict->down_N, 'along_N' => $verdict->along_N,
            'tension_N' => $verdict->tension_N,
            'modules' => $verdict->modules,
            'links' => array_map(static fn (LinkRatio $link): array => self::link($link) + [
                'demand_N' => $link->demand_si, 'capacity_N' => self::finite($link->capacity_si), 'duration_factor' => $link->case->cd,
            ], $verdict->links),
            'other_member' => $latitude?->otherMember, 'other_m' => $latitude?->other_m, 'other_sought' => $latitude?->isSought,
            ...$fallBack === null ? [] : ['outer_column_holds' => $fallBack->aside, 'deck_alone_holds' => $fallBack->deck],
        ];
    }

    /** @return array<string, mixed> */
    private static function link(LinkRatio $ratio): array
    {
        return [
            'link' => $ratio->link->value,
            'case' => $ratio->case->code,
            'snow' => $ratio->case->snow,
            'ratio' => $ratio->ratio,
            'reserve' => $ratio->reserve(),
        ];
    }

    /** @return list<array<string, mixed>> Places, shares of one module's load, and the area that each suction acts on there */
    private static function clamps(Run $run): array
    {
        $clamps = [];
        foreach ($run->clamps_m as $clamp => $x_m) {
            $areas = [];
            foreach ($run->suctions as $index => $suction) {
                $areas[$suction->figure] = $run->windAreas_m2[$index][$clamp];
            }
            $clamps[] = [self::along($run) => $x_m, 'share' => $run->shares[$clamp], 'suction_areas_m2' => (object) $areas];
        }

        return $clamps;
    }

    /** A capacity that was not entered has no number. */
    private static function finite(?float $value): ?float
    {
        return $value !== null && is_finite($value) ? $value : null;
    }

    /** @return array<string, mixed>|null */
    private static function fastener(Plan $plan): ?array
    {
        $held = $plan->fastener;

        return $held === null ? null : [
            'g' => $held->specificGravity, 'above_m' => $held->above->toMetres(), 'shank_m' => $held->shank->toMetres(),
            'thread_in_member_m' => $held->threadInMember->toMetres(),
            'in_member_m' => $held->inMember->toMetres(), 'gap_m' => $held->gap->toMetres(), 'withdrawal_N' => $held->withdrawal?->toSi(),
            'lateral_N' => $held->lateral?->toSi(),
            'lateral_is_makers' => $held->lateralIsMakers, 'mode' => $held->mode,
        ];
    }

    /** @return list<array{what: string, name: string, torque_Nm: float|null}> */
    private static function torque(Plan $plan): array
    {
        $kit = $plan->design->kit;

        return [
            ['what' => 'rail_bolt', 'name' => $kit->bolt->name, 'torque_Nm' => $kit->bolt->torque?->toSi()],
            ['what' => 'clamp', 'name' => $kit->clamp->name, 'torque_Nm' => $kit->clamp->torque?->toSi()],
            $kit->foot instanceof SeamClamp
                ? ['what' => 'set_screws', 'name' => $kit->foot->name, 'torque_Nm' => $kit->foot->setTorque?->toSi()]
                : ['what' => 'fastener', 'name' => $kit->fastener->name(), 'torque_Nm' => null],
        ];
    }
}
