<?php

declare(strict_types=1);

namespace Garnetine\Core\Plan;

use Garnetine\Core\Design\Ground\Racking\Pole;
use Garnetine\Core\Design\Ground\Sun\HorizonPoint;
use Garnetine\Core\Design\Ground\Sun\SeasonTilt;
use Garnetine\Core\Design\Ground\Sun\Sunshine;
use Garnetine\Core\Design\Ground\TableDesign;
use Garnetine\Core\Finding\Finding;
use Garnetine\Core\Finding\FindingKind;
use Garnetine\Core\Ground\Bedding;
use Garnetine\Core\Ground\Loading\TableStandards;
use Garnetine\Core\Ground\OtherPosts;
use Garnetine\Core\Ground\PostChecks;
use Garnetine\Core\Ground\TableCheck;
use Garnetine\Core\Ground\TableFace;
use Garnetine\Core\Ground\TableFigures;
use Garnetine\Core\Ground\TableKinds;
use Garnetine\Core\Ground\TableLoads;
use Garnetine\Core\Ground\TableStand;
use Garnetine\Core\Load\Coefficients;
use Garnetine\Core\Load\Figures;
use Garnetine\Core\Sun\EveryWay;
use Garnetine\Core\Sun\Horizon;
use Garnetine\Core\Sun\RowPitch;
use Garnetine\Core\Sun\TiltReport;
use Garnetine\Core\Sun\TiltYield;

/** The pipeline of a table: design → shape → loads → what its kind makes of them. A pure function of the design and the build. */
final class TablePlanner
{
    /** Steeper than which no table is planned. */
    private const STEEPEST_DEG = 60.0;

    /** @param AlikeTables $alike What is known of tables that were planned before */
    public static function plan(TableDesign $design, Depth $depth = Depth::Full, AlikeTables $alike = new AlikeTables()): TablePlan
    {
        $coefficients = new Coefficients($design->ownCopies);
        $kind = TableKinds::of($design, $coefficients);
        $asked = [...TableFindings::asked($design, $coefficients), ...$kind->asked()];
        array_push($asked, ...TableSeasons::asked($design, $coefficients, $asked));
        $sun = $depth === Depth::Full ? self::sun($design) : null;
        if (array_filter($asked, static fn (Finding $finding): bool => $finding->kind === FindingKind::Refusal) !== []) {
            return (new TablePlan($design, $coefficients, null, new Figures(), null, null, [], [], [], $sun))->saying($asked);
        }
        $face = $kind->face();
        $figures = new Figures();
        $loads = self::loads($design, $face, $coefficients, $figures);
        TableFigures::height($figures, $kind->heightFrom());
        $stand = $alike->stand($design, static fn (): TableStand => Bedding::under(TableSeasons::stand($design, $kind, $loads, $coefficients), $design, $face));
        $checks = TableCheck::worst($stand->checks);
        TableFigures::write($figures, $checks, $stand->tilted);
        // What frost would lift is parted from it: that stops the plan and is no reserve of it.
        $lifted = array_filter($checks, static fn (TableCheck $check): bool => $check->what === PostChecks::FROST && $check->ratio > 1 + 1e-9);
        $checks = array_diff_key($checks, $lifted);
        $ways = $depth === Depth::Full ? $alike->ways($design, static fn (): array => self::ways($design)) : [];
        $plan = new TablePlan($design, $coefficients, $face, $figures, $loads->snow, $stand, $checks, $ways, [], $sun);

        return $plan->saying([...$asked, ...TableFindings::lifted($design, $lifted), ...TableFindings::of($plan, $face, $stand, $kind->heightFrom()[0] ?? '')]);
    }

    /** Wind and snow on the modules of a table as they stand, written down among the figures. */
    public static function loads(TableDesign $design, TableFace $face, Coefficients $coefficients, Figures $figures): TableLoads
    {
        $standard = TableStandards::of($design->site);

        return $standard->loads($design, $face, $standard->pressure_Pa($design, $face, $coefficients, $figures), $coefficients, $figures);
    }

    /** What the tilt keeps of the best one, where it is known how clear the months are. */
    public static function sun(TableDesign $design): ?TiltReport
    {
        $sunshine = $design->table->sunshine;
        if ($sunshine === null) {
            return null;
        }
        $under = static fn (?Horizon $horizon): TiltYield => new TiltYield(
            $sunshine->latitude->toDegrees(),
            $design->table->bearing->toDegrees(),
            $sunshine->months(),
            $sunshine->albedo,
            horizon: $horizon,
        );
        $horizon = self::horizon($sunshine);

        return TiltReport::of(
            $under($horizon),
            $design->table->tilt()->toDegrees(),
            $sunshine->latitude->toDegrees(),
            $horizon === null ? null : $under(null),
            $sunshine->aimed(),
            array_map(static fn (SeasonTilt $season): array => [
                'month' => $season->month(), 'on' => $season->day(), 'day' => $season->dayOfYear(),
                'tilt_deg' => (int) round($design->table->level($season->tilt)->toDegrees()),
            ], $design->table->seasons),
            $design->table->racking instanceof Pole ? $design->table->racking->steepest->toDegrees() : self::STEEPEST_DEG,
        );
    }

    /** What every tilt and bearing keeps of the best of all; null where nobody entered how clear the months are. */
    public static function everyWay(TableDesign $design): ?EveryWay
    {
        $sunshine = $design->table->sunshine;
        if ($sunshine === null) {
            return null;
        }
        $yield = new TiltYield($sunshine->latitude->toDegrees(), 180.0, $sunshine->months(), $sunshine->albedo, horizon: self::horizon($sunshine));

        return EveryWay::of($yield, $sunshine->isNorth(), $sunshine->aimed(), $design->table->tilt()->toDegrees(), $design->table->bearing->toDegrees());
    }

    /** What hides the sun round about; null where nobody looked. */
    public static function horizon(Sunshine $sunshine): ?Horizon
    {
        return $sunshine->horizon === [] ? null : Horizon::of(array_map(
            static fn (HorizonPoint $point): array => [$point->bearing->toRadians(), $point->elevation->toRadians()],
            $sunshine->horizon,
        ));
    }

    /**
     * How far apart rows like this one stand; none where it is not told where on earth
     *
     * @return list<array{from: int, to: int, pitch_m: float|null, is_usual: bool}>
     */
    public static function pitches(TableDesign $design): array
    {
        $sunshine = $design->table->sunshine;

        return $sunshine === null ? [] : RowPitch::of(
            $sunshine->latitude->toDegrees(),
            $design->table->bearing->toDegrees(),
            $design->table->tilt()->toRadians(),
            TableFace::chordOf_m($design),
            $design->table->ground->across->toRadians(),
        );
    }

    /**
     * The same table on other numbers of posts and in other holes, each planned whole; none where nothing is computed at all.
     *
     * @return list<TableWay>
     */
    public static function ways(TableDesign $design): array
    {
        if (self::plan($design, Depth::Checks)->face === null) {
            return [];
        }

        return array_map(TableWay::of(...), TableKinds::of($design, new Coefficients($design->ownCopies))->others());
    }

    /**
     * The fewest posts that hold in equal bays in the hole that is planned, where other overhangs do with fewer than the present one: every overhang is
     * planned whole, in steps of an inch or 25 mm. Of equals the one with the least concrete, then that with the greatest least reserve.
     *
     * @param list<TableWay> $ways At the present overhang
     *
     * @return TableWay|null Null where no fewer hold
     */
    public static function fewest(TableDesign $design, array $ways): ?TableWay
    {
        $hole_m = $design->table->footing->hole->toMetres();
        $here = array_values(array_filter($ways, static fn (TableWay $way): bool => abs($way->hole_m - $hole_m) < 1e-9));
        foreach ($here as $way) {
            if ($way->holds) {
                return null;
            }
            $held = array_filter(array_map(TableWay::of(...), OtherPosts::overhangs($way->design)), static fn (TableWay $one): bool => $one->holds);
            usort($held, static fn (TableWay $one, TableWay $other): int => [$one->bags, -$one->reserve] <=> [$other->bags, -$other->reserve]);
            if ($held !== []) {
                return $held[0];
            }
        }

        return null;
    }
}
