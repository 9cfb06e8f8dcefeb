<?php

declare(strict_types=1);

namespace Garnetine\Core\Load\Asce7;

use Garnetine\Core\Design\Design;
use Garnetine\Core\Design\Kit\CapacityFormat;
use Garnetine\Core\Design\Site\CombinationSet;
use Garnetine\Core\Design\Site\PressureLevel;
use Garnetine\Core\Finding\Code;
use Garnetine\Core\Finding\Finding;
use Garnetine\Core\Load\Coefficients;
use Garnetine\Core\Load\Combination;
use Garnetine\Core\Load\Combinations;
use Garnetine\Core\Load\Duration;
use Garnetine\Core\Load\Figures;
use Garnetine\Core\Load\GivenLoads;
use Garnetine\Core\Load\Printed;
use Garnetine\Core\Load\SiteLoads;
use Garnetine\Core\Quantity\Pressure;

/** Wind and snow by ASCE/SEI 7, of 2016 and of 2022. */
final class Asce7Loads
{
    /** Wind at strength level over wind at service level. Source: ASCE/SEI 7-16, §2.4.1; recalled. */
    private const SERVICE = 0.6;

    /** @return list<Finding> What the edition has no figure for, or lacks a value or an entry for */
    public static function refusals(Design $design, Coefficients $coefficients): array
    {
        $edition = Edition::of($design->site->standard);
        $findings = [];
        if ($design->given === null) {
            $missing = RoofWind::missingFigure($design, $edition);
            foreach ($missing === null ? RoofWind::lacking($design, $edition, $coefficients) : [] as $id) {
                $findings[] = Finding::of(Code::CoefficientMissing, '/surface/roof_kind', ['coefficient' => $id]);
            }
            if ($missing !== null) {
                $findings[] = Finding::of(Code::FigureMissing, '/surface/roof_kind', ['document' => 'ASCE/SEI '.$edition->value, 'figure' => $missing]);
            } elseif ($edition === Edition::Of2016 && RoofWind::overlaps($design, $a_m = RoofWind::stripWidth_m($design->site, $coefficients))) {
                $findings[] = Finding::of(Code::ZonesOverlap, '/surface/width_m', ['a_m' => $a_m]);
            }
            if (Printed::over($design->site->meanRoofHeight->toFeet(), 60.0)) {
                $findings[] = Finding::of(Code::TooTall, '/site/mean_roof_height_m', ['height_m' => $design->site->meanRoofHeight->toMetres()]);
            }
        }
        if ($design->site->groundSnow->toPascals() > 0 && ($design->given === null || $design->given->roofSnow === null)) {
            $key = 'ct/'.$design->site->thermal->value;
            if ($coefficients->lacks($edition->table('snow'), $key)) {
                $findings[] = Finding::of(Code::CoefficientMissing, '/site/thermal', ['coefficient' => $edition->table('snow')."/$key"]);
            }
            if ($design->site->winterWind === null && RoofSnow::needsWinterWind($design, $edition, $coefficients)) {
                $findings[] = Finding::of(Code::WinterWindMissing, '/site/winter_wind', []);
            }
        }

        return $findings;
    }

    public static function of(Design $design, Coefficients $coefficients): SiteLoads
    {
        $edition = Edition::of($design->site->standard);
        $figures = new Figures();
        $given = $design->given;
        if ($given !== null) {
            [$zones, $winds, $down_Pa] = GivenLoads::wind($design, $given, $given->level === PressureLevel::Service ? 1 / self::SERVICE : 1.0, $figures);
        } else {
            $velocity = VelocityPressure::at($design->site, $coefficients, $edition);
            $velocity->write($figures, $design->site, $edition);
            [$zones, $winds, $down_Pa] = RoofWind::on($design, $edition, $velocity, $coefficients, $figures);
        }
        $snow = $given?->roofSnow !== null
            ? GivenLoads::snow($given, self::nominal($edition, $given->level, $given->roofSnow), $edition->snowAtService(), $figures)
            : RoofSnow::on($design, $edition, $coefficients, $figures);

        return new SiteLoads($zones, $winds, $down_Pa, $snow, self::combinations($design, $edition), $figures, $given === null);
    }

    /** Given snow as the edition's combinations expect it: nominal in 2016, at strength level in 2022. */
    private static function nominal(Edition $edition, PressureLevel $level, Pressure $snow): Pressure
    {
        return $snow->times(match (true) {
            $edition->snowIsStrength() => $level === PressureLevel::Service ? 1 / $edition->snowAtService() : 1.0,
            default => $level === PressureLevel::Strength ? 1 / 1.6 : 1.0,
        });
    }

    /**
     * Allowable-stress or strength combinations; ratings of modules are always compared with the former.
     *
     * Source: ASCE/SEI 7-16 and 7-22, §§2.3.1, 2.4.1; recalled. Those with snow and wind together are also looked at with the
     * wind upward, which steep snowy roofs need.
     */
    private static function combinations(Design $design, Edition $edition): Combinations
    {
        $s = $edition->snowAtService();
        $n = $edition->snowIsStrength() ? '0.7S' : 'S';
        $m = $edition->snowIsStrength() ? '0.525S' : '0.75S';
        $asd = [
            new Combination('D', 1.0, 0.0, 0.0, false, Duration::Dead),
            new Combination('D+0.6W', 1.0, 0.0, 0.6, false, Duration::Wind),
            new Combination("D+$n", 1.0, $s, 0.0, false, Duration::Snow),
            new Combination("D+$m+0.45W", 1.0, 0.75 * $s, 0.45, false, Duration::Wind),
            new Combination('0.6D+0.6W', 0.6, 0.0, 0.6, true, Duration::Wind),
            new Combination('D+0.6W', 1.0, 0.0, 0.6, true, Duration::Wind),
            new Combination("D+$m+0.45W", 1.0, 0.75 * $s, 0.45, true, Duration::Wind),
        ];
        if ($design->site->combinations === CombinationSet::Asd) {
            return new Combinations($asd, $asd, CapacityFormat::Allowable, $edition->cite('§2.4.1'));
        }
        $lead = $edition->snowIsStrength() ? ['1.0S', 1.0] : ['1.6S', 1.6];
        $with = $edition->snowIsStrength() ? ['0.3S', 0.3] : ['0.5S', 0.5];

        return new Combinations([
            new Combination('1.4D', 1.4, 0.0, 0.0, false, Duration::Dead),
            new Combination('1.2D+1.0W', 1.2, 0.0, 1.0, false, Duration::Wind),
            new Combination("1.2D+$lead[0]", 1.2, $lead[1], 0.0, false, Duration::Snow),
            new Combination("1.2D+$lead[0]+0.5W", 1.2, $lead[1], 0.5, false, Duration::Wind),
            new Combination("1.2D+1.0W+$with[0]", 1.2, $with[1], 1.0, false, Duration::Wind),
            new Combination('0.9D+1.0W', 0.9, 0.0, 1.0, true, Duration::Wind),
            new Combination('1.2D+1.0W', 1.2, 0.0, 1.0, true, Duration::Wind),
            new Combination("1.2D+1.0W+$with[0]", 1.2, $with[1], 1.0, true, Duration::Wind),
        ], $asd, CapacityFormat::Design, $edition->cite('§2.3.1'));
    }
}
