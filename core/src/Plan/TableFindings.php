<?php

declare(strict_types=1);

namespace Garnetine\Core\Plan;

use Garnetine\Core\Design\Ground\Built\BuiltPost;
use Garnetine\Core\Design\Ground\Racking\LaidOnGround;
use Garnetine\Core\Design\Ground\Racking\Pole;
use Garnetine\Core\Design\Ground\Racking\SpikeFrames;
use Garnetine\Core\Design\Ground\Sun\TiltFrom;
use Garnetine\Core\Design\Ground\TableDesign;
use Garnetine\Core\Design\YesNo;
use Garnetine\Core\Finding\Code;
use Garnetine\Core\Finding\Finding;
use Garnetine\Core\Ground\Curing;
use Garnetine\Core\Ground\InField;
use Garnetine\Core\Ground\Loading\TableStandards;
use Garnetine\Core\Ground\North;
use Garnetine\Core\Ground\PostInGround;
use Garnetine\Core\Ground\PostPlace;
use Garnetine\Core\Ground\SoilsByPost;
use Garnetine\Core\Ground\Squareness;
use Garnetine\Core\Ground\TableCheck;
use Garnetine\Core\Ground\TableFace;
use Garnetine\Core\Ground\TablePost;
use Garnetine\Core\Ground\TableSnow;
use Garnetine\Core\Ground\TableStand;
use Garnetine\Core\Load\Admission;
use Garnetine\Core\Load\Coefficients;
use Garnetine\Core\Load\Printed;
use Garnetine\Core\Load\SiteQuestions;
use Garnetine\Core\Quantity\Angle;
use Garnetine\Core\Quantity\Printer;

/** What is asked of a table, and what is said of its plan. */
final class TableFindings
{
    /** Beyond which the figure of open roofs has no rows, and beyond which nothing is computed. */

    /** Two declinations of one place, and two latitudes, are of different places beyond this. Source: common practice, no source. */
    private const DECLINATIONS_DEG = 1.0;
    private const LATITUDES_DEG = 0.5;

    /** Under 40 °F nothing is poured. Source: common practice, no source. */
    private const COLDEST_POUR_CELSIUS = 40 / 9;
    /** Least that a foundation goes down (IBC 2018, §1809.4; recalled). */
    private const LEAST_M = 0.3048;
    /** So far a cut may be off (common practice for straight pipes, no source). */
    private const CUT_IN = 0.125;
    /** As cool as the step of waiting tells, where nobody said how cold it is: 50 °F. */
    private const COOL_CELSIUS = 10.0;
    private const SLENDER = [0.25, 1.0];
    /** Steeper over the latitude than which nobody stands a table for all of the year (common practice, no source). */
    private const OVER_LATITUDE_DEG = 10.0;

    /** @return list<Finding> What has to be answered before anything is computed, and what is refused at all */
    public static function asked(TableDesign $design, Coefficients $coefficients): array
    {
        $table = $design->table;
        $standard = TableStandards::of($design->site);
        $findings = [
            ...self::examples($design),
            ...Admission::ownCopies($design->ownCopies, true),
            ...Admission::ownCopies($design->ownCopies, false),
            ...SiteQuestions::topography($design->site),
            ...SiteQuestions::groundSnow($design->site),
            ...SiteQuestions::assumptions($design->site),
            ...$standard->asked($design, $coefficients),
        ];
        $tilt_deg = $table->tilt()->toDegrees();
        $values = self::tilt($design);
        $ask = static function (bool $isAsked, Code $code, string $at, array $values = []) use (&$findings): void {
            /** @var array<string, float|int|string> $values */
            array_push($findings, ...$isAsked ? [Finding::of($code, $at, $values)] : []);
        };
        $ask($table->tiltFrom === TiltFrom::Vertical, Code::TiltFromVertical, '/table/tilt_from', $values);
        $latitude_deg = $table->sunshine?->latitude->toDegrees();
        $ask($latitude_deg !== null && $table->seasons === [] && Printed::over(
            $tilt_deg,
            abs($latitude_deg) + self::OVER_LATITUDE_DEG,
        ), Code::TiltOverLatitude, '/table/tilt_rad', $values + [
            'latitude_rad' => abs($table->sunshine?->latitude->toRadians() ?? 0.0),
        ]);
        $ask($table->soil->expansive !== YesNo::No && $table->soil->report === null, Code::SoilExpansive, '/table/soil/expansive', [
            'answer' => $table->soil->expansive->value,
        ]);
        // What lies on the ground is not dug for, and frost has nothing there to grip.
        $isDug = !$table->racking instanceof LaidOnGround;
        $ask($isDug && $table->services?->areMarked() !== true, Code::ServicesUnmarked, '/table/services');
        array_push($findings, ...self::north($design));
        $ask(($table->sunshine->horizon ?? []) !== [], Code::HorizonTakesBeam, '/table/sunshine/horizon');
        // Of what stands on posts it is computed how far frost would lift it.
        $isUnknown = $table->racking instanceof SpikeFrames || $table->racking instanceof Pole;
        $ask($isUnknown && PostInGround::isGripped($table->soil), Code::FrostHeave, '/table/soil/parted', [
            'frost_m' => $table->soil->frostDepth->toMetres(),
        ]);

        return $findings;
    }

    /**
     * @param array<string, TableCheck> $lifted What frost lifts
     *
     * @return list<Finding>
     */
    public static function lifted(TableDesign $design, array $lifted): array
    {
        $worst = null;
        foreach ($lifted as $check) {
            $worst = $worst === null || $check->ratio > $worst->ratio ? $check : $worst;
        }

        return $worst === null ? [] : [Finding::of(Code::FrostHeave, '/table/soil/parted', [
            'frost_m' => $design->table->soil->frostDepth->toMetres(), 'place' => $worst->place, 'grips_N' => $worst->demand_si,
            'holds_N' => $worst->capacity_si,
            'cure' => 'frost.grips',
        ])];
    }

    /** @return array{tilt_rad: float, typed_rad: float} */
    private static function tilt(TableDesign $design): array
    {
        return ['tilt_rad' => $design->table->tilt()->toRadians(), 'typed_rad' => $design->table->tilt->toRadians()];
    }

    /** @return list<Finding> What is to be said of where north is, and of the day on which the table is set out */
    private static function north(TableDesign $design): array
    {
        [$table, $position] = [$design->table, $design->table->position];
        if ($position === null) {
            return [];
        }
        $north = North::of($design);
        $values = ['on' => $position->on ?? '', 'field_nT' => round($north->horizontal_nT ?? 0.0)];
        $isWeak = $north->horizontal_nT !== null && $north->horizontal_nT < North::WEAK_NT;
        $apart_rad = $table->declination === null || $north->computed === null ? 0.0 : abs($table->declination->toRadians() - $north->computed->toRadians());
        $here = $table->sunshine->latitude ?? $position->latitude;

        return array_values(array_filter([
            $north->isBeyond ? Finding::of(Code::CompassBeyondModel, '/table/position/on', $values) : null,
            $isWeak ? Finding::of(Code::CompassWeak, '/table/position/latitude_rad', $values) : null,
            $table->declination === null && $north->computed !== null
                ? Finding::of(Code::DeclinationComputed, '/table/declination_rad', $values + self::east($north->computed)) : null,
            Printed::over(rad2deg($apart_rad), self::DECLINATIONS_DEG)
                ? Finding::of(
                    Code::DeclinationDiffers,
                    '/table/declination_rad',
                    $values + ['entered_rad' => $table->declination?->toRadians() ?? 0.0, 'computed_rad' => $north->computed?->toRadians() ?? 0.0],
                ) : null,
            Printed::over(abs($here->toDegrees() - $position->latitude->toDegrees()), self::LATITUDES_DEG)
                ? Finding::of(
                    Code::LatitudesDiffer,
                    '/table/position/latitude_rad',
                    ['latitude_rad' => $position->latitude->toRadians(), 'other_rad' => $here->toRadians()],
                ) : null,
            $table->services?->expires !== null && $position->on !== null && $table->services->expires < $position->on
                ? Finding::of(Code::TicketExpired, '/table/services/expires', $values + ['expires' => $table->services->expires]) : null,
        ]));
    }

    /** @return list<Finding> Something is marked in the field, and nobody said where in it the table stands */
    private static function placeless(TableDesign $design): array
    {
        $site = $design->site;
        $marked = count($site->soils) + ($design->table->racking instanceof LaidOnGround ? 0 : count($site->buried) + count($site->noDig));

        return $marked > 0 && $design->table->place === null ? [Finding::of(Code::TablePlaceless, '/table/place', ['marked' => $marked])] : [];
    }

    /** @return list<Finding> Holes too near to what was marked on the ground, and those that are dug by hand beside it */
    private static function buried(TablePlan $plan, TableFace $face, TableStand $stand): array
    {
        $field = InField::of($plan->design, $face, $stand->places);
        if ($field === null || $plan->design->table->racking instanceof LaidOnGround) {
            return [];
        }
        $racking = $plan->design->table->racking;
        // The corners of a block reach the furthest.
        $wide_m = $racking instanceof Pole
            ? hypot($racking->block->side->toMetres(), $racking->block->otherSide->toMetres())
            : $plan->design->table->footing->hole->toMetres();
        $findings = self::noDig($plan, $field, $wide_m);
        foreach ($plan->design->site->buried as $index => $line) {
            $from_m = $field->from_m($line, $wide_m);
            $clear_m = $line->clear->toMetres();
            $at = static fn (\Closure $is): string => implode(', ', array_keys(array_filter($from_m, $is)));
            $near = $at(static fn (float $one_m): bool => Printed::under($one_m, $clear_m));
            $byHand = $at(static fn (float $one_m): bool => !Printed::under($one_m, $clear_m) && Printed::under($one_m, InField::BY_HAND_M));
            $values = ['line' => $line->what, 'clear_m' => $clear_m, 'least_m' => min([INF, ...$from_m]), 'hand_m' => InField::BY_HAND_M];
            array_push(
                $findings,
                ...$near === '' ? [] : [Finding::of(Code::HoleOnLine, "/site/buried/$index", $values + ['posts' => $near])],
                ...$byHand === '' ? [] : [Finding::of(Code::DigByHand, "/site/buried/$index", $values + ['posts' => $byHand])],
            );
        }

        return $findings;
    }

    /** @return list<Finding> Holes in ground that nothing is dug in, and areas that are none */
    private static function noDig(TablePlan $plan, InField $field, float $wide_m): array
    {
        $findings = [];
        foreach ($plan->design->site->noDig as $index => $area) {
            $polygon = $area->polygon();
            $clear_m = $area->clear->toMetres();
            $from_m = $polygon === null ? [] : $field->fromArea_m($polygon, $wide_m);
            $in = implode(', ', array_keys(array_filter($from_m, static fn (float $one_m): bool => Printed::under($one_m, $clear_m))));
            array_push($findings, ...match (true) {
                $polygon === null => [
                    Finding::of(Code::NoDigUnclear, "/site/no_dig/$index/corners", ['area' => $area->what, 'corners' => count($area->corners)]),
                ],
                $in !== '' => [Finding::of(Code::HoleInNoDig, "/site/no_dig/$index", [
                    'area' => $area->what, 'posts' => $in, 'clear_m' => $clear_m, 'least_m' => min([INF, ...$from_m]),
                ])],
                default => [],
            });
        }

        return $findings;
    }

    /** @return list<Finding> Posts in ground that bears otherwise than that which is planned for */
    private static function soils(TableDesign $design, ?InField $field): array
    {
        if ($field === null) {
            return [];
        }
        $own = SoilsByPost::areas($design, $field->posts);
        $findings = [];
        foreach ($design->site->soils as $index => $area) {
            $polygon = $area->polygon();
            $ofIt = implode(', ', array_keys(array_filter($own, static fn (int $one): bool => $one === $index)));
            if ($ofIt !== '') {
                $findings[] = Finding::of(Code::SoilByPost, "/site/soils/$index", [
                    'posts' => $ofIt, 'area' => $area->what, 'soil' => "choice.kind.{$area->kind->value}",
                ]);
            }
            if ($polygon === null) {
                $findings[] = Finding::of(Code::SoilAreaUnclear, "/site/soils/$index/corners", ['area' => $area->what, 'corners' => count($area->corners)]);
                continue;
            }
            $in = implode(', ', array_keys(array_filter(array_diff_key($field->posts, $own), static fn (array $post): bool => $polygon->contains(...$post))));
            if ($in !== '' && !$area->kind->bearsAs($design->table->soil->kind)) {
                $findings[] = Finding::of(Code::SoilElsewhere, '/table/soil/kind', [
                    'posts' => $in, 'area' => $area->what, 'soil' => "choice.kind.{$area->kind->value}",
                    'planned' => "choice.kind.{$design->table->soil->kind->value}",
                ]);
            }
        }

        return $findings;
    }

    /** @return list<Finding> What of the days on which it is built cannot be */
    public static function work(TablePlan $plan): array
    {
        $work = $plan->design->table->crew;
        if ($work === null) {
            return [];
        }
        $isPoured = TablePost::bagsOf($plan->posts) > 0.0 && Printed::under($work->air->toCelsius(), self::COLDEST_POUR_CELSIUS);
        $until = $plan->design->table->services->expires ?? null;

        return [
            ...$isPoured ? [
                Finding::of(
                    Code::ColdPour,
                    '/table/crew/air_celsius',
                    ['air_celsius' => $work->air->toCelsius(), 'coldest_celsius' => self::COLDEST_POUR_CELSIUS],
                ),
            ] : [],
            ...$until !== null && $work->from !== null && $until < $work->from && $plan->design->table->position?->on === null
                ? [Finding::of(Code::TicketExpired, '/table/services/expires', ['expires' => $until, 'on' => $work->from])] : [],
        ];
    }

    /** @return array{declination_rad: float, side: string} */
    public static function east(Angle $declination): array
    {
        return ['declination_rad' => abs($declination->toRadians()), 'side' => $declination->toRadians() >= 0.0 ? 'side.east' : 'side.west'];
    }

    /** @return list<Finding> */
    private static function examples(TableDesign $design): array
    {
        $findings = [];
        foreach ($design->examplesLeft() as $part => $pointers) {
            $findings[] = Finding::of(Code::ExamplesLeft, $part, ['count' => count($pointers)]);
        }

        return $findings;
    }

    /**
     * @param string $heightAt Where it was entered how high the table stands
     *
     * @return list<Finding>
     */
    public static function of(TablePlan $plan, TableFace $face, TableStand $stand, string $heightAt): array
    {
        $findings = [
            ...self::work($plan),
            ...self::placeless($plan->design),
            ...self::buried($plan, $face, $stand),
            ...self::soils($plan->design, InField::of($plan->design, $face, $stand->places)),
            ...TableStandards::of($plan->design->site)->assumptions($plan->design, $plan->figures),
            ...$stand->findings,
        ];
        array_push($findings, ...self::ofFace($face, $plan->snow, $heightAt));
        if (!isset($plan->checks['table/module_up'])) {
            $findings[] = Finding::of(Code::ModuleZoneMissing, '/module/ratings', ['at_m' => $face->railAt_m]);
        }
        if ($plan->snow !== null && $plan->snow->ps_Pa > 0.0) {
            $findings[] = Finding::of(Code::NoDriftBetweenRows, '/site/ground_snow_Pa');
        }
        $isDug = !$plan->design->table->racking instanceof LaidOnGround;
        $ids = $isDug ? array_map(static fn (PostPlace $place): string => $place->id, $stand->places) : [];
        foreach (array_values(array_diff(array_map(static fn (BuiltPost $one): string => $one->post, $plan->design->table->built), $ids)) as $unknown) {
            $findings[] = Finding::of(Code::BuiltUnknown, '/table/built', ['post' => $unknown]);
        }
        array_push($findings, ...self::builtOverFrost($plan, $stand), ...self::asCut($plan, $stand), ...self::poured($plan, $stand));
        $square = $stand->setOut->square;
        if ($square !== null && !in_array($square->state, ['unknown', 'square'], true)) {
            $findings[] = Finding::of(Code::DiagonalsDiffer, '/table/measured', ['differ_m' => abs($square->differ_m), 'most_m' => Squareness::WHOLE_M]);
        }

        return [...$findings, ...self::fails($plan, $stand->depth_m)];
    }

    /**
     * @param string $heightAt Where it was entered how high the table stands
     *
     * @return list<Finding> Of modules that stand higher or lower over the ground than is sure
     */
    public static function ofFace(TableFace $face, ?TableSnow $snow, string $heightAt): array
    {
        $isSure = !Printed::under($face->slenderness(), self::SLENDER[0]) && !Printed::over($face->slenderness(), self::SLENDER[1]);

        return [
            ...$isSure ? [] : [Finding::of(Code::TableSlenderness, $heightAt, ['ratio' => $face->slenderness()])],
            ...$snow !== null && $snow->ps_Pa > 0.0 && $snow->ground_m > $face->lowEdge_m
                ? [Finding::of(Code::SnowReachesEdge, $heightAt, ['snow_m' => $snow->ground_m, 'edge_m' => $face->lowEdge_m])] : [],
        ];
    }

    /** @return list<Finding> Posts that were cut to another length than their holes ask for */
    private static function asCut(TablePlan $plan, TableStand $stand): array
    {
        $findings = [];
        foreach ($stand->posts as $post) {
            $cut_m = $plan->design->table->builtPost($post->place->id)?->cut?->toMetres();
            $over_m = $cut_m === null || $post->cut_m === null ? 0.0 : $cut_m - $post->cut_m;
            if (Printed::over(abs($over_m), self::CUT_IN * 0.0254)) {
                $findings[] = Finding::of(Code::CutDiffers, '/table/built', [
                    'post' => $post->place->id, 'cut_m' => $cut_m ?? 0.0, 'needed_m' => $post->cut_m ?? 0.0, 'over_m' => abs($over_m),
                    'way' => $over_m > 0.0 ? 'built.high' : 'built.low',
                ]);
            }
        }

        return $findings;
    }

    /** @return list<Finding> From which day on what is poured bears modules */
    private static function poured(TablePlan $plan, TableStand $stand): array
    {
        $posts = array_filter($stand->posts, static fn (TablePost $post): bool => $post->bags !== null);
        $on = array_filter(array_map(static fn (TablePost $post): ?string => $plan->design->table->builtPost($post->place->id)?->pouredOn, $posts));
        $celsius = max(1.0, $plan->design->table->crew?->air->toCelsius() ?? self::COOL_CELSIUS);
        $days = (int) ceil(Curing::days($celsius) ?? 0.0);

        $last = $on === [] ? false : \DateTimeImmutable::createFromFormat('!Y-m-d', max($on));

        return $last === false ? [] : [Finding::of(Code::Poured, '/table/built', [
            'poured' => count($on), 'posts' => count($posts), 'on' => $last->format('Y-m-d'), 'air_celsius' => $celsius, 'days' => $days,
            'from' => $last->modify("+$days days")->format('Y-m-d'),
        ])];
    }

    /** @return list<Finding> Holes that were measured and end above the frost, or under a foot deep */
    private static function builtOverFrost(TablePlan $plan, TableStand $stand): array
    {
        $least_m = max($plan->design->table->soil->frostDepth->toMetres(), self::LEAST_M);
        $short = array_filter($stand->places, static fn (PostPlace $place): bool => $place->built_m !== null && Printed::under($place->built_m, $least_m));

        return array_values(array_map(
            static fn (PostPlace $place): Finding => Finding::of(
                Code::FootOverFrost,
                '/table/built',
                ['depth_m' => $place->built_m ?? 0.0, 'frost_m' => $least_m],
            ),
            $short,
        ));
    }

    /** @return list<Finding> What does not hold, the worst of each thing */
    private static function fails(TablePlan $plan, float $depth_m): array
    {
        $findings = [];
        foreach (self::worstOfEach($plan) as $check) {
            $what = $check->what;
            if ($check->ratio <= 1 + 1e-9) {
                continue;
            }
            $values = [
                'place' => $check->place === '' ? '' : " {$check->place}", "demand_{$check->unit}" => $check->demand_si,
                "capacity_{$check->unit}" => $check->capacity_si, 'part' => "table_part.$what",
            ]
                + ($check->case === null ? self::atTilt($check) : $check->case->values() + [
                    'cure' => $what === 'bend' ? 'table_case.together' : 'table_case.told',
                    'percent' => Printer::number(floor(100 * $check->reserve() + 1e-6), 0),
                ]);
            $built_m = $plan->design->table->builtDepth_m($check->place);
            $findings[] = match (true) {
                $built_m !== null && in_array($what, ['sideways', 'lift', 'press'], true) => Finding::of(
                    Code::BuiltShort,
                    '/table/built',
                    ['built_m' => $built_m] + array_diff_key($values, ['cure' => '', 'percent' => 0]),
                ),
                in_array($what, ['sideways', 'lift', 'press'], true) => Finding::of(
                    Code::FoundationTooDeep,
                    $check->mendedAt,
                    ['depth_m' => $depth_m] + array_diff_key($values, ['cure' => '', 'percent' => 0]),
                ),
                default => Finding::of(Code::TablePartFails, $check->mendedAt, $values),
            };
        }

        return $findings;
    }

    /** @return array<string, float|string> What is told of a part on which nothing acts together, at another tilt than the planned one */
    private static function atTilt(TableCheck $check): array
    {
        return isset($check->values['tilt_rad']) ? ['tilt_rad' => $check->values['tilt_rad'], 'cure' => 'table_case.tilted'] : [];
    }

    /** @return list<TableCheck> The worst of each thing that is asked, of posts that stand apart from those still to be dug for */
    private static function worstOfEach(TablePlan $plan): array
    {
        $worst = [];
        foreach ($plan->checks as $check) {
            $key = $check->what.($plan->design->table->builtDepth_m($check->place) === null ? '' : ' built');
            $worst[$key] = isset($worst[$key]) && $worst[$key]->ratio >= $check->ratio ? $worst[$key] : $check;
        }

        return array_values($worst);
    }
}
