<?php

declare(strict_types=1);

namespace Garnetine\Core\Plan;

use Garnetine\Core\Design\Ground\Racking\Pole;
use Garnetine\Core\Design\Ground\Sun\SeasonTilt;
use Garnetine\Core\Design\Ground\TableDesign;
use Garnetine\Core\Document\Copy;
use Garnetine\Core\Finding\Code;
use Garnetine\Core\Finding\Finding;
use Garnetine\Core\Ground\Loading\TableStandards;
use Garnetine\Core\Ground\Steps;
use Garnetine\Core\Ground\TableCheck;
use Garnetine\Core\Ground\TableFigures;
use Garnetine\Core\Ground\TableKind;
use Garnetine\Core\Ground\TableKinds;
use Garnetine\Core\Ground\TableLoads;
use Garnetine\Core\Ground\TableStand;
use Garnetine\Core\Load\Coefficients;
use Garnetine\Core\Load\Figures;
use Garnetine\Core\Load\Printed;

/**
 * A table that is tilted by season: it is planned whole at each of its tilts in every wind and snow, and stands on the same posts at all of them. A head on a
 * pole bears every tilt from flat to its steepest anyway.
 */
final class TableSeasons
{
    /** Deeper holes change what bends a post: so often the depth that all tilts hold at is looked for. */
    private const TRIES = 6;

    /** Tilts nearer together than this are one, in degrees. */
    private const SAME_DEG = 0.005;

    /** @return array<int, TableDesign> The table at each other tilt, once, by its place in the list */
    public static function of(TableDesign $design): array
    {
        $table = $design->table;
        [$others, $seen_deg] = [[], [$table->tilt()->toDegrees()]];
        foreach ($table->racking instanceof Pole ? [] : $table->seasons as $index => $season) {
            $tilt_deg = $table->level($season->tilt)->toDegrees();
            if (min(array_map(static fn (float $one_deg): float => abs($one_deg - $tilt_deg), $seen_deg)) > self::SAME_DEG) {
                $others[$index] = $design->on(Copy::of($table, tilt: $season->tilt, seasons: []));
                $seen_deg[] = $tilt_deg;
            }
        }

        return $others;
    }

    /**
     * What is asked of the table at its other tilts, and not at the one that is planned.
     *
     * @param list<Finding> $asked At that
     *
     * @return list<Finding>
     */
    public static function asked(TableDesign $design, Coefficients $coefficients, array $asked): array
    {
        $findings = [...self::days($design->table->seasons), ...self::overSteepest($design)];
        foreach (self::of($design) as $index => $other) {
            $there = [...TableStandards::of($other->site)->steep($other), ...TableKinds::of($other, $coefficients)->asked()];
            array_push($findings, ...self::only($there, [...$asked, ...$findings], $index));
        }

        return $findings;
    }

    /**
     * @param list<SeasonTilt> $seasons
     *
     * @return list<Finding> Days that are none, or are there twice
     */
    private static function days(array $seasons): array
    {
        $findings = [];
        foreach ($seasons as $index => $season) {
            $before = array_map(static fn (SeasonTilt $one): string => $one->from, array_slice($seasons, 0, $index));
            if (!$season->isDay() || in_array($season->from, $before, true)) {
                $findings[] = Finding::of(Code::SeasonDay, "/table/seasons/$index/from", ['from' => $season->from]);
            }
        }

        return $findings;
    }

    /** @return list<Finding> Tilts over which a head on a pole was never looked at */
    private static function overSteepest(TableDesign $design): array
    {
        $racking = $design->table->racking;
        if (!$racking instanceof Pole) {
            return [];
        }
        $findings = [];
        foreach ($design->table->seasons as $index => $season) {
            $tilt_rad = $design->table->level($season->tilt)->toRadians();
            if (Printed::over($tilt_rad, $racking->steepest->toRadians())) {
                $findings[] = Finding::of(
                    Code::SeasonOverSteepest,
                    "/table/seasons/$index/tilt_rad",
                    ['tilt_rad' => $tilt_rad, 'steepest_rad' => $racking->steepest->toRadians()],
                );
            }
        }

        return $findings;
    }

    /**
     * @param list<Finding> $there
     * @param list<Finding> $known
     *
     * @return list<Finding> Those of codes that are not known yet, at their season
     */
    private static function only(array $there, array $known, int $index): array
    {
        $codes = array_map(static fn (Finding $finding): string => $finding->code->value, $known);
        $new = array_filter($there, static fn (Finding $finding): bool => !in_array($finding->code->value, $codes, true));

        return array_values(array_map(
            static fn (Finding $finding): Finding => Finding::of($finding->code, "/table/seasons/$index/tilt_rad", $finding->values),
            $new,
        ));
    }

    /** How it stands at all of its tilts: as it is planned, with what the others ask, on posts that hold at every one. */
    public static function stand(TableDesign $design, TableKind $kind, TableLoads $loads, Coefficients $coefficients): TableStand
    {
        $designs = self::of($design);
        if ($designs === []) {
            return self::told($kind->stand($loads), $design);
        }
        [$figures, $kinds, $on] = [[], [$kind], [$loads]];
        foreach ($designs as $index => $other) {
            $figures[$index] = new Figures();
            $kinds[] = TableKinds::of($other, $coefficients);
            $on[] = TablePlanner::loads($other, end($kinds)->face(), $coefficients, $figures[$index]);
        }
        $stands = self::together($kinds, $on);
        $main = $stands[0];
        [$checks, $tilted, $findings, $stood, $seasons] = [$main->checks, $main->tilted, $main->findings, $main->posts !== [], []];
        foreach (array_keys($designs) as $nth => $index) {
            [$other, $face] = [$stands[$nth + 1], $kinds[$nth + 1]->face()];
            array_push($checks, ...array_map(static fn (TableCheck $check): TableCheck => self::tilted($check, $face->tilt_rad, $index), $other->checks));
            $tilted += TableFigures::tilted($figures[$index], $face->tilt_rad, "/table/seasons/$index/tilt_rad");
            $there = [...$other->findings, ...TableFindings::ofFace($face, $on[$nth + 1]->snow, '')];
            array_push($findings, ...self::only($there, [...$findings, ...TableFindings::ofFace($kind->face(), $loads->snow, '')], $index));
            $stood = $stood && $other->posts !== [];
            $seasons[] = [
                'tilt_rad' => $face->tilt_rad, 'month' => $design->table->seasons[$index]->month(), 'day' => $design->table->seasons[$index]->day(),
                'y_m' => ($main->places[0]->y_m ?? 0.0) - ($other->places[0]->y_m ?? 0.0), 'z_m' => $other->side->lowEdge_m - $main->side->lowEdge_m,
            ];
        }

        return self::told(Copy::of(
            $main,
            posts: $stood ? $main->posts : [],
            checks: $checks,
            depth_m: TableStand::deepest_m($stands),
            materials: $stood ? $main->materials : [],
            steps: $stood ? $main->steps : [],
            findings: $findings,
            tilted: $tilted,
            seasons: $seasons,
        ), $design);
    }

    /**
     * @param non-empty-list<TableKind> $kinds At each tilt
     * @param non-empty-list<TableLoads> $loads
     *
     * @return non-empty-list<TableStand> On the same posts, where there are such
     */
    private static function together(array $kinds, array $loads): array
    {
        $stands = array_map(static fn (TableKind $kind, TableLoads $on): TableStand => $kind->stand($on), $kinds, $loads);
        for ($try = 0; $try < self::TRIES && !self::areAlike($stands); ++$try) {
            $stands = array_map(static fn (TableKind $kind, TableLoads $on): TableStand => $kind->stand($on, $stands), $kinds, $loads);
        }

        return $stands;
    }

    /** @param non-empty-list<TableStand> $stands */
    private static function areAlike(array $stands): bool
    {
        $first = $stands[0];
        foreach ($stands as $stand) {
            if (abs($stand->depth_m - $first->depth_m) > 1e-9 || array_column($stand->posts, 'blocks') !== array_column($first->posts, 'blocks')) {
                return false;
            }
        }

        return true;
    }

    /** A check of another season, that tells its tilt. */
    private static function tilted(TableCheck $check, float $tilt_rad, int $index): TableCheck
    {
        $at = "/table/seasons/$index/tilt_rad";

        return Copy::of(
            $check,
            case: $check->case === null ? null : Copy::of($check->case, tilt_rad: $tilt_rad),
            values: $check->values + ['tilt_rad' => $tilt_rad],
            from: [...array_values(array_diff($check->from, ['/table/tilt_rad'])), $at],
        );
    }

    /** With what is done at each season, and what is taken for granted of it. */
    private static function told(TableStand $stand, TableDesign $design): TableStand
    {
        $seasons = $design->table->seasons;
        if ($seasons === []) {
            return $stand;
        }
        $between_m = $stand->setOut->apart_m;
        $steps = array_map(static function (SeasonTilt $season) use ($design, $stand, $between_m): array {
            $tilt_rad = $design->table->level($season->tilt)->toRadians();
            $values = ['month' => "month.{$season->month()}", 'day' => $season->day(), 'tilt_rad' => $tilt_rad];

            return isset($stand->sizes['rise_m'])
                ? Steps::one('season_rise', $values + ['rise_m' => $between_m * tan($tilt_rad)], 'wind_on_modules')
                : Steps::one('season', $values, 'wind_on_modules');
        }, $seasons);

        return Copy::of($stand, steps: $stand->posts === [] ? [] : [...$stand->steps, ...$steps], findings: [
            ...$stand->findings, Finding::of(Code::SeasonsByKit, '/table/seasons'),
        ]);
    }
}
