<?php

declare(strict_types=1);

namespace Garnetine\Core\Load\En;

use Garnetine\Core\Design\Design;
use Garnetine\Core\Design\Kit\CapacityFormat;
use Garnetine\Core\Design\Site\EnSite;
use Garnetine\Core\Design\Site\EnSnowSet;
use Garnetine\Core\Design\Site\PressureLevel;
use Garnetine\Core\Design\Surface\RoofKind;
use Garnetine\Core\Design\Surface\SnowFeature;
use Garnetine\Core\Design\Surface\SnowFeatureKind;
use Garnetine\Core\Design\YesNo;
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
use Garnetine\Core\Quantity\Pressure;

/**
 * Wind and snow by EN 1991 with EN 1990, recommended values: characteristic loads.
 *
 * There is no clause for modules parallel to a roof: the roof's external pressure counts in full, nothing is equalised.
 *
 * Source: EN 1991-1-4:2005+A1:2010 §7.2, EN 1991-1-3:2003 §§5, 6, EN 1990:2002 §6.4 and Table A1.1; recalled.
 */
final readonly class EnLoads
{
    private const FACTOR = 1.5;
    private const TALLEST_M = 200.0;
    private const SNOW = 'en_1991_1_3/roof_snow';

    private function __construct(private Design $design, private EnSite $site, private Coefficients $coefficients, private Figures $figures)
    {
    }

    /** @return list<Finding> */
    public static function refusals(Design $design, Coefficients $coefficients): array
    {
        $site = $design->site->en;
        if ($site === null) {
            return [Finding::of(Code::EnMissing, '/site/en', [])];
        }
        $findings = [];
        if ($design->given === null) {
            array_push($findings, ...EnQuestions::wind($design->site, $site));
            if (!in_array($design->surface->roofKind, [RoofKind::TwoSidedGable, RoofKind::Shed, RoofKind::Flat], true)) {
                $findings[] = Finding::of(
                    Code::FigureMissing,
                    '/surface/roof_kind',
                    [
                        'document' => 'EN 1991-1-4',
                        'figure' => $design->surface->roofKind === RoofKind::Hip ? 'Table 7.5 (hip roofs)' : 'a table for this kind of roof',
                    ],
                );
            }
            if ($design->surface->roofKind === RoofKind::Flat && !ExternalPressure::isFlat($design->surface->pitch)) {
                $findings[] = Finding::of(
                    Code::FigureMissing,
                    '/surface/roof_kind',
                    ['document' => 'EN 1991-1-4', 'figure' => 'a table for flat roofs of 5° and more'],
                );
            }
            if (Printed::over($design->surface->pitch->toDegrees(), 75.0)) {
                $findings[] = Finding::of(
                    Code::FigureMissing,
                    '/surface/pitch_rad',
                    ['document' => 'EN 1991-1-4', 'figure' => 'Tables 7.3 and 7.4 beyond 75°'],
                );
            }
            if (Printed::over(Winds::top($design)->toMetres(), self::TALLEST_M)) {
                $findings[] = Finding::of(Code::EnTooTall, '/site/mean_roof_height_m', ['height_m' => Winds::top($design)->toMetres()]);
            }
        }
        if ($design->given?->roofSnow === null) {
            array_push($findings, ...self::snowRefusals($design, $site));
        }

        return $findings;
    }

    /** @return list<Finding> */
    private static function snowRefusals(Design $design, EnSite $site): array
    {
        $findings = EnQuestions::snow($design->site, $site);
        foreach ($design->surface->snowFeatures as $index => $feature) {
            if ($feature->kind === SnowFeatureKind::HigherRoof) {
                $findings[] = Finding::of(
                    Code::FigureMissing,
                    "/surface/snow_features/$index/kind",
                    ['document' => 'EN 1991-1-3', 'figure' => '§5.3.6 (roofs abutting taller works)'],
                );
            }
        }

        return $findings;
    }

    public static function of(Design $design, Coefficients $coefficients): SiteLoads
    {
        $figures = new Figures();
        $en = new self($design, $design->site->en ?? throw new \LogicException('A job to EN without its entries was to be refused.'), $coefficients, $figures);
        $given = $design->given;
        [$zones, $winds, $down_Pa] = $given === null ? $en->wind() : GivenLoads::wind(
            $design,
            $given,
            $given->level === PressureLevel::Strength ? 1 / self::FACTOR : 1.0,
            $figures,
        );
        $snow = $given?->roofSnow === null ? $en->snow()
            : GivenLoads::snow($given, $given->level === PressureLevel::Strength ? $given->roofSnow->times(1 / self::FACTOR) : $given->roofSnow, 1.0, $figures);

        return new SiteLoads($zones, $winds, $down_Pa, $snow, self::combinations($design, $coefficients), $figures, false);
    }

    /** @return array{ZoneMap, array<int|string, ZoneWind>, float} */
    private function wind(): array
    {
        $winds = Winds::on($this->design);
        $top = Winds::top($this->design);
        $peak = PeakPressure::on($this->design->site, $this->site, $top, $this->coefficients);
        $peak->write($this->figures, ['/site/mean_roof_height_m', '/site/eave_to_ridge_m']);
        $qp_Pa = $peak->qp->toPascals();
        $flat = ExternalPressure::isFlat($this->design->surface->pitch);
        $table = $flat ? 'flat_roofs' : ($winds->topIsEdge ? 'monopitch' : 'duopitch');
        $pressures = new ExternalPressure($this->coefficients, $table, $this->design->surface->pitch);
        $es_m = [];
        foreach (Winds::SIDES as $side) {
            $es_m[$side] = min($winds->breadth_m($side), 2 * $top->toMetres());
        }
        $this->figures->add(
            'loads/zone_e',
            new Figure(
                'zone_e',
                ['value_m' => $es_m['eave'], 'other_m' => $es_m['left'], 'height_m' => $top->toMetres()],
                'EN 1991-1-4, §7.2; recalled',
                'high',
                ['/site/building_length_m', '/site/building_width_m', '/site/mean_roof_height_m', '/site/eave_to_ridge_m'],
            ),
        );
        [$known, $down] = [[], 0.0];
        $downFrom = [];
        $at = function (string $side, float $x_m, float $y_m) use ($winds, $pressures, $table, $es_m, $qp_Pa, &$known): DirectedZone {
            $zone = self::zone($table, $winds, $side, $es_m[$side], $x_m, $y_m);

            return $known["$side/$zone"] ??= $this->directed($pressures, $side, $zone, $qp_Pa);
        };
        [$xs_m, $ys_m] = self::lines($winds, $es_m);
        $told = function (string $path, string $name, DirectedZone $worst, float $small_Pa, float $large_Pa) use ($qp_Pa): Suction {
            $this->figures->add($path, new Figure('suction_en', [
                'value' => $large_Pa / $qp_Pa, 'zone' => $name, 'one' => $small_Pa / $qp_Pa, 'ten' => $large_Pa / $qp_Pa,
                'side' => 'wind.'.Winds::edge($worst->side), 'qp_Pa' => $qp_Pa,
            ], 'EN 1991-1-4, §7.2; recalled', 'high', ['loads/qp', ...Coefficients::refs($worst->from), '/surface/pitch_rad']));

            return new Suction($path, $large_Pa / $qp_Pa, $small_Pa, 1.0, $large_Pa, 10.0);
        };
        $envelope = new WindEnvelope($winds, $xs_m, $ys_m, [], $at, $told);
        foreach (array_keys($known) as $key) {
            [$side, $zone] = explode('/', $key);
            [$push, $ids] = $pressures->of(Winds::edge($side), $zone, 'down');
            [$down, $downFrom] = $push > $down ? [$push, $ids] : [$down, $downFrom];
        }
        $this->figures->add('loads/down', new Figure(
            'down_en',
            ['value_Pa' => $qp_Pa * $down, 'cpe' => $down, 'qp_Pa' => $qp_Pa],
            'EN 1991-1-4, §7.2; recalled',
            'high',
            ['loads/qp', ...Coefficients::refs($downFrom)],
        ));

        return [$envelope->zones, $envelope->winds, $qp_Pa * $down];
    }

    private function directed(ExternalPressure $pressures, string $side, string $zone, float $qp_Pa): DirectedZone
    {
        [$ten, $tens] = $pressures->of(Winds::edge($side), $zone, '10');
        [$one, $ones] = $pressures->of(Winds::edge($side), $zone, '1');

        return new DirectedZone($zone, $side, $ten, $qp_Pa * max($one, $ten), $qp_Pa * $ten, [...$tens, ...$ones]);
    }

    /**
     * Zone of a place under the wind from one side.
     *
     * Source: EN 1991-1-4, Figs. 7.6, 7.7, 7.8; recalled.
     */
    private static function zone(string $table, Winds $winds, string $side, float $e_m, float $x_m, float $y_m): string
    {
        $in_m = $winds->fromEdge_m($side, $x_m, $y_m);
        $corner = $winds->fromSide_m($side, $x_m, $y_m) <= $e_m / 4;
        $rake = $side === 'left' || $side === 'right';
        if ($table === 'duopitch' && $side === 'ridge') {
            return $winds->fromRidge_m($y_m) <= $e_m / 10 ? 'J' : 'I';
        }
        if ($in_m <= $e_m / 10) {
            if ($table === 'monopitch' && $rake && $corner) {
                return $y_m < $winds->length_m / 2 ? 'Flow' : 'Fup';
            }

            return $corner ? 'F' : 'G';
        }

        return $in_m <= $e_m / 2 || ($table !== 'flat_roofs' && !$rake) ? 'H' : 'I';
    }

    /**
     * @param array<string, float> $es_m
     *
     * @return array{list<float>, list<float>}
     */
    private static function lines(Winds $winds, array $es_m): array
    {
        [$w_m, $l_m, $slant] = [$winds->width_m, $winds->length_m, $winds->slant];
        $across_m = max(2 * $l_m * $slant, $winds->acrossEave_m);
        $xs_m = $ys_m = [];
        foreach ($es_m as $side => $e_m) {
            $parts_m = [$e_m / 10, $e_m / 4, $e_m / 2];
            foreach ($parts_m as $part_m) {
                array_push($xs_m, $part_m, $w_m - $part_m);
                array_push($ys_m, $part_m / $slant, $l_m - $part_m / $slant, ($across_m - $part_m) / $slant);
            }
        }
        $ys_m[] = $l_m / 2;

        return [$xs_m, $ys_m];
    }

    private function snow(): SnowLoads
    {
        $site = $this->design->site;
        $sk = GroundSnow::at($site, $this->site->snowSet, $this->site->snowZone, $this->coefficients);
        $ce = $this->coefficients->value(self::SNOW, 'ce/'.$site->roofExposure->value);
        $mu = self::mu1($this->design->surface->pitch->toDegrees(), $site->freeSlidePath !== YesNo::Yes, $this->coefficients);
        $s_Pa = $mu * $ce * $sk->toPascals();
        $this->figures->add('loads/sk', new Figure($this->site->snowSet === EnSnowSet::Given ? 'sk_given'
            : 'sk', ['value_Pa' => $sk->toPascals()], 'EN 1991-1-3, Annex C or national annex; recalled', 'high', $this->site->snowSet === EnSnowSet::Given
            ? ['/site/ground_snow_Pa'] : ['/site/en/snow_set', '/site/en/snow_zone', '/site/ground_elevation_m']));
        $this->figures->add(
            'loads/mu',
            new Figure(
                'mu',
                ['value' => $mu],
                'EN 1991-1-3, §5.3, Table 5.2; recalled',
                'high',
                ['/surface/pitch_rad', '/site/free_slide_path', 'coefficient:'.self::SNOW.'/mu1'],
                listed: false,
            ),
        );
        $this->figures->add(
            'loads/ps',
            new Figure(
                's_en',
                ['value_Pa' => $s_Pa, 'mu' => $mu, 'ce' => $ce, 'sk_Pa' => $sk->toPascals()],
                'EN 1991-1-3, Eq. 5.1; recalled',
                'high',
                ['loads/mu', 'loads/sk', '/site/roof_exposure', "coefficient:en_1991_1_3/roof_snow/ce/{$site->roofExposure->value}"],
            ),
        );
        $this->figures->add(
            'loads/snow/balanced',
            new Figure(
                's_en',
                ['value_Pa' => $s_Pa, 'mu' => $mu, 'ce' => $ce, 'sk_Pa' => $sk->toPascals()],
                'EN 1991-1-3, §5.3; recalled',
                'high',
                ['loads/ps'],
                listed: false,
            ),
        );
        $cases = [SnowCase::uniform('balanced', $s_Pa)];
        if ($sk->toPascals() > 0) {
            foreach ($this->design->surface->snowFeatures as $index => $feature) {
                $cases[] = $this->drift($feature, $index, $sk, $s_Pa, $ce);
            }
        }

        return new SnowLoads($s_Pa, $cases);
    }

    /** Shape coefficient μ1; at least 0.8 where the snow cannot slide off. */
    public static function mu1(float $degrees, bool $held, Coefficients $coefficients): float
    {
        $flat = $coefficients->value(self::SNOW, 'mu1');

        return $held ? $flat : $flat * min(1.0, max(0.0, (60 - $degrees) / 30));
    }

    /** Shape coefficient of a drift at an obstruction, μ2 = γ·h/sk between 0.8 and 2. */
    public static function mu2(float $height_m, Pressure $sk, Coefficients $coefficients): float
    {
        $value = static fn (string $key): float => $coefficients->value(self::SNOW, 'drift/'.$key);

        return max($value('least'), min($value('most'), 1000 * $value('density') * $height_m / $sk->toPascals()));
    }

    private function drift(SnowFeature $feature, int $index, Pressure $sk, float $s_Pa, float $ce): SnowCase
    {
        $mu2 = self::mu2($feature->height->toMetres(), $sk, $this->coefficients);
        $reach_m = max(
            $this->coefficients->value(self::SNOW, 'drift/shortest'),
            min($this->coefficients->value(self::SNOW, 'drift/longest'), 2 * $feature->height->toMetres()),
        );
        $peak_Pa = max(0.0, $mu2 * $ce * $sk->toPascals() - $s_Pa);
        $code = 'drift_'.$feature->id;
        $this->figures->add("loads/snow/$code", new Figure('snow_drift_en', [
            'value_Pa' => $s_Pa + $peak_Pa, 'mu' => $mu2, 'around' => $feature->id, 'reach_m' => $reach_m,
        ], 'EN 1991-1-3, §6.2; recalled', 'high', ['loads/sk', "/surface/snow_features/$index/height_m", 'coefficient:'.self::SNOW.'/drift/density']));

        return SnowCase::around($code, $s_Pa, $peak_Pa, $reach_m, $feature, true, cos($this->design->surface->pitch->toRadians()));
    }

    /**
     * Persistent situations at the ultimate limit state, Eq. 6.10, with the smaller 0.9 of equilibrium for what holds down;
     * ratings of modules are compared with the characteristic combinations.
     */
    private static function combinations(Design $design, Coefficients $coefficients): Combinations
    {
        $high = Printed::over($design->site->groundElevation->toMetres(), 1000.0);
        $psiSnow = $coefficients->value('en_1990/factors', $high ? 'psi0/snow_high' : 'psi0/snow');
        $psiWind = $coefficients->value('en_1990/factors', 'psi0/wind');
        $g = $coefficients->value('en_1990/factors', 'gamma_g');
        $least = $coefficients->value('en_1990/factors', 'gamma_g_least');
        $q = $coefficients->value('en_1990/factors', 'gamma_q');
        $text = static fn (float $factor): string => rtrim(rtrim(sprintf('%.3F', $factor), '0'), '.');
        $set = static fn (float $g, float $least, float $q): array => [
            new Combination($text($g).'G', $g, 0.0, 0.0, false, Duration::Dead),
            new Combination("{$text($g)}G+{$text($q)}W", $g, 0.0, $q, false, Duration::Wind),
            new Combination("{$text($g)}G+{$text($q)}S", $g, $q, 0.0, false, Duration::Snow),
            new Combination("{$text($g)}G+{$text($q)}S+{$text($q * $psiWind)}W", $g, $q, $q * $psiWind, false, Duration::Wind),
            new Combination("{$text($g)}G+{$text($q)}W+{$text($q * $psiSnow)}S", $g, $q * $psiSnow, $q, false, Duration::Wind),
            new Combination("{$text($least)}G+{$text($q)}W", $least, 0.0, $q, true, Duration::Wind),
            new Combination("{$text($g)}G+{$text($q)}S+{$text($q * $psiWind)}W", $g, $q, $q * $psiWind, true, Duration::Wind),
            new Combination("{$text($g)}G+{$text($q)}W+{$text($q * $psiSnow)}S", $g, $q * $psiSnow, $q, true, Duration::Wind),
        ];

        return new Combinations($set($g, $least, $q), $set(1.0, 1.0, 1.0), CapacityFormat::Design, 'EN 1990, §6.4.3.2, Tables A1.1 and A1.2; recalled');
    }
}
