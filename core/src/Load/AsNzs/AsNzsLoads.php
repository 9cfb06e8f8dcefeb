<?php

declare(strict_types=1);

namespace Garnetine\Core\Load\AsNzs;

use Garnetine\Core\Design\Design;
use Garnetine\Core\Design\Kit\CapacityFormat;
use Garnetine\Core\Design\Site\AsNzsSite;
use Garnetine\Core\Design\Site\PressureLevel;
use Garnetine\Core\Design\Surface\RoofKind;
use Garnetine\Core\Finding\Code;
use Garnetine\Core\Finding\Finding;
use Garnetine\Core\Load\Coefficients;
use Garnetine\Core\Load\Combination;
use Garnetine\Core\Load\Combinations;
use Garnetine\Core\Load\DirectedZone;
use Garnetine\Core\Load\Duration;
use Garnetine\Core\Load\Figure;
use Garnetine\Core\Load\Figures;
use Garnetine\Core\Load\GivenLoads;
use Garnetine\Core\Load\Printed;
use Garnetine\Core\Load\SiteLoads;
use Garnetine\Core\Load\SnowCase;
use Garnetine\Core\Load\SnowLoads;
use Garnetine\Core\Load\Suction;
use Garnetine\Core\Load\WindEnvelope;
use Garnetine\Core\Load\Winds;
use Garnetine\Core\Load\ZoneMap;
use Garnetine\Core\Load\ZoneWind;

/**
 * Wind by AS/NZS 1170.2 at the ultimate limit state, with the combinations of AS/NZS 1170.0. The clause for modules parallel
 * to a roof is not in hand: the roof's external pressure counts in full. Snow is not computed: it can be given.
 *
 * Area reduction and the limit on local pressures are not used, on the safe side.
 *
 * Source: AS/NZS 1170.2:2011, §§2 to 5; 2021 as far as known; AS/NZS 1170.0:2002, §4.2.2; recalled.
 */
final readonly class AsNzsLoads
{
    private const LOW_DEG = 10.0;
    private const BELTS = [0.5, 1.0, 2.0, 3.0];
    private const CROSSED = [0.2, 2.0];

    private function __construct(private Design $design, private AsNzsSite $site, private Coefficients $coefficients, private Figures $figures)
    {
    }

    /** @return list<Finding> */
    public static function refusals(Design $design, Coefficients $coefficients): array
    {
        $site = $design->site->asNzs;
        if ($site === null) {
            return [Finding::of(Code::AsNzsMissing, '/site/as_nzs', [])];
        }
        $name = SiteWind::document($design->site->standard);
        $findings = [];
        if ($design->given === null) {
            array_push($findings, ...AsNzsQuestions::wind($design->site, $site));
            if (!in_array($design->surface->roofKind, [RoofKind::TwoSidedGable, RoofKind::Shed, RoofKind::Flat, RoofKind::Hip], true)) {
                $findings[] = Finding::of(Code::FigureMissing, '/surface/roof_kind', ['document' => $name, 'figure' => 'a table for this kind of roof']);
            }
        } elseif ($design->given->level === PressureLevel::Service) {
            $findings[] = Finding::of(Code::GivenAtServiceLevel, '/given/level', []);
        }
        if ($design->site->groundSnow->toPascals() > 0 && $design->given?->roofSnow === null) {
            $findings[] = Finding::of(Code::FigureMissing, '/site/ground_snow_Pa', ['document' => 'AS/NZS 1170.3', 'figure' => 'the snow load on the roof']);
        }

        return $findings;
    }

    public static function of(Design $design, Coefficients $coefficients): SiteLoads
    {
        $figures = new Figures();
        $loads = new self(
            $design,
            $design->site->asNzs ?? throw new \LogicException('A job to AS/NZS without its entries was to be refused.'),
            $coefficients,
            $figures,
        );
        $given = $design->given;
        [$zones, $winds, $down_Pa] = $given === null ? $loads->wind() : GivenLoads::wind($design, $given, 1.0, $figures);
        if ($given?->roofSnow !== null) {
            $snow = GivenLoads::snow($given, $given->roofSnow, 1.0, $figures);
        } else {
            $figures->add('loads/ps', new Figure('no_snow', ['value_Pa' => 0.0], null, null, ['/site/ground_snow_Pa']));
            $snow = new SnowLoads(0.0, [SnowCase::uniform('balanced', 0.0)]);
        }
        $g = $coefficients->value('as_nzs_1170_0/factors', 'g');
        $least = $coefficients->value('as_nzs_1170_0/factors', 'g_least');
        $combinations = [
            new Combination('1.35G', $coefficients->value('as_nzs_1170_0/factors', 'g_alone'), 0.0, 0.0, false, Duration::Dead),
            new Combination('1.2G+Wu', $g, 0.0, 1.0, false, Duration::Wind),
            new Combination('1.2G+Su', $g, 1.0, 0.0, false, Duration::Snow),
            new Combination('0.9G+Wu', $least, 0.0, 1.0, true, Duration::Wind),
        ];

        return new SiteLoads(
            $zones,
            $winds,
            $down_Pa,
            $snow,
            new Combinations($combinations, $combinations, CapacityFormat::Design, 'AS/NZS 1170.0, §4.2.2; recalled'),
            $figures,
            false,
        );
    }

    /** @return array{ZoneMap, array<int|string, ZoneWind>, float} */
    private function wind(): array
    {
        $site = $this->design->site;
        $region = $this->site->region ?? throw new \LogicException('A job without a region was to be refused.');
        $speed = SiteWind::at($site, $this->site, $region, $this->coefficients);
        $q_Pa = $speed->q->toPascals();
        $speed->write($this->figures, $site);
        [$document, $confidence] = [SiteWind::document($site->standard), SiteWind::confidence($site->standard)];

        $winds = Winds::on($this->design);
        $h_m = $site->meanRoofHeight->toMetres();
        $a_m = self::a_m($h_m, $winds->alongEave_m, $winds->acrossEave_m);
        $this->figures->add(
            'loads/zone_a',
            new Figure(
                'zone_a_as_nzs',
                ['value_m' => $a_m],
                "$document, Table 5.6; recalled",
                $confidence,
                ['/site/building_length_m', '/site/building_width_m', '/site/mean_roof_height_m'],
            ),
        );
        $pressures = new RoofPressure($this->coefficients);
        $degrees = $this->design->surface->pitch->toDegrees();
        $down = 0.0;
        $known = [];
        $at = static function (string $side, float $x_m, float $y_m) use ($winds, $pressures, $degrees, $h_m, $a_m, $q_Pa, &$known, &$down): DirectedZone {
            [$part, $local] = self::place($winds, $side, $degrees, $h_m, $a_m, $x_m, $y_m);
            $key = "$side/$part/$local";
            if (!isset($known[$key])) {
                [$low, $high] = self::coefficients($pressures, $winds, $side, $part, $h_m, $degrees);
                $k = $local === '' ? 1.0 : $pressures->local($local);
                $down = max($down, $high);
                $suction_Pa = $q_Pa * $k * max(0.0, -$low);
                $known[$key] = new DirectedZone(self::NAMES[$local], $side, $k * max(0.0, -$low), $suction_Pa, $suction_Pa, $pressures->cells());
            }

            return $known[$key];
        };
        [$xs_m, $ys_m] = self::lines($winds, $h_m, $a_m);
        $belts = [...$winds->outline->besideHips($a_m / 2, true), ...$winds->outline->besideHips($a_m, true)];
        $envelope = new WindEnvelope($winds, $xs_m, $ys_m, $belts, $at, $this->told($q_Pa, $document, $confidence));
        $this->figures->add(
            'loads/down',
            new Figure(
                'down_as_nzs',
                ['value_Pa' => $q_Pa * $down, 'cpe' => $down, 'q_Pa' => $q_Pa],
                "$document, Table 5.3; recalled",
                $confidence,
                ['loads/q'],
            ),
        );

        return [$envelope->zones, $envelope->winds, $q_Pa * $down];
    }

    /** @return \Closure(string, string, DirectedZone, float, float): Suction Of a zone, with its figure */
    private function told(float $q_Pa, string $document, string $confidence): \Closure
    {
        return function (string $path, string $name, DirectedZone $worst, float $small_Pa, float $large_Pa) use ($q_Pa, $document, $confidence): Suction {
            $this->figures->add($path, new Figure('suction_as_nzs', [
                'value' => $worst->coefficient, 'zone' => $name, 'side' => 'wind.'.Winds::edge($worst->side), 'q_Pa' => $q_Pa,
            ], "$document, Tables 5.3 and 5.6; recalled", $confidence, ['loads/q', 'loads/zone_a', ...Coefficients::refs($worst->from), '/surface/pitch_rad']));

            return Suction::constant($path, $worst->coefficient, $large_Pa);
        };
    }

    /** Names of the parts of a roof by their local factor. */
    private const NAMES = ['' => 'R', 'edge' => 'RA1', 'edge_near' => 'RA2', 'ridge' => 'RA3', 'ridge_near' => 'RA4', 'corner' => 'RC1'];

    /** Dimension a of the local pressures. */
    public static function a_m(float $h_m, float $b_m, float $d_m): float
    {
        return max($h_m / $b_m, $h_m / $d_m) >= self::CROSSED[0] ? min(0.2 * $b_m, 0.2 * $d_m) : self::CROSSED[1] * $h_m;
    }

    /**
     * Part of the roof under the wind from a side: "upwind", "downwind" or a belt, and the key of its local factor.
     *
     * @return array{string, string}
     */
    private static function place(Winds $winds, string $side, float $degrees, float $h_m, float $a_m, float $x_m, float $y_m): array
    {
        $in_m = $winds->fromEdge_m($side, $x_m, $y_m);
        $low = Printed::under($degrees, self::LOW_DEG);
        $part = match (true) {
            !$low && $side === 'eave' => 'upwind',
            !$low && $side === 'ridge' => 'downwind',
            default => (string) count(array_filter(self::BELTS, static fn (float $belt): bool => $in_m > $belt * $h_m)),
        };
        $beyond_m = $low ? INF : $winds->beyondRidge_m($side, $x_m, $y_m);
        if ($beyond_m < $a_m) {
            return [$part, $beyond_m < $a_m / 2 ? 'ridge_near' : 'ridge'];
        }
        if ($side === 'ridge' && !$winds->topIsEdge) {
            return [$part, ''];
        }
        if ($low && $in_m < $a_m && $winds->fromSide_m($side, $x_m, $y_m) < $a_m) {
            return [$part, 'corner'];
        }

        return [$part, $in_m >= $a_m ? '' : ($in_m < $a_m / 2 ? 'edge_near' : 'edge')];
    }

    /** @return array{float, float} */
    private static function coefficients(RoofPressure $pressures, Winds $winds, string $side, string $part, float $h_m, float $degrees): array
    {
        $hOverD = $h_m / $winds->depth_m($side);
        if ($part === 'upwind') {
            return $pressures->upwind($hOverD, $degrees);
        }
        if ($part === 'downwind') {
            $cpe = $pressures->downwind($hOverD, $degrees, $winds->breadth_m($side) / $winds->depth_m($side));

            return [$cpe, $cpe];
        }

        return $pressures->flat($hOverD, (int) $part);
    }

    /** @return array{list<float>, list<float>} */
    private static function lines(Winds $winds, float $h_m, float $a_m): array
    {
        $across_m = max(2 * $winds->length_m * $winds->slant, $winds->acrossEave_m);
        $xs_m = $ys_m = [];
        foreach ([$a_m / 2, $a_m, ...array_map(static fn (float $belt): float => $belt * $h_m, self::BELTS)] as $part_m) {
            array_push($xs_m, $part_m, $winds->width_m - $part_m);
            array_push($ys_m, $part_m / $winds->slant, $winds->length_m - $part_m / $winds->slant, ($across_m - $part_m) / $winds->slant);
        }

        return [$xs_m, $ys_m];
    }
}
