<?php

declare(strict_types=1);

namespace Garnetine\Core\Load\AsNzs;

use Garnetine\Core\Design\Site\AsNzsRegion;
use Garnetine\Core\Design\Site\AsNzsSite;
use Garnetine\Core\Design\Site\AsNzsTerrain;
use Garnetine\Core\Design\Site\Hill;
use Garnetine\Core\Design\Site\HillShape;
use Garnetine\Core\Design\Site\HillSide;
use Garnetine\Core\Design\Site\RiskCategory;
use Garnetine\Core\Design\Site\Shielding;
use Garnetine\Core\Design\Site\Site;
use Garnetine\Core\Design\Site\Standard;
use Garnetine\Core\Design\Site\Topography;
use Garnetine\Core\Load\Coefficients;
use Garnetine\Core\Load\Figure;
use Garnetine\Core\Load\Figures;
use Garnetine\Core\Load\Interpolation;
use Garnetine\Core\Load\Printed;
use Garnetine\Core\Quantity\Length;
use Garnetine\Core\Quantity\Pressure;
use Garnetine\Core\Quantity\Speed;

/**
 * Design wind speed at roof height, V = VR·Md·(Mz,cat·Ms·Mt), in cyclonic regions times FC or FD (2011) or Mc (2021), and its
 * pressure ½·ρ·V²; Md is 1 for every direction, on the safe side.
 *
 * Source: AS/NZS 1170.2:2011, §§2.2, 3, 4; 2021; recalled.
 */
final readonly class SiteWind
{
    private const REGIONS = 'as_nzs_1170_2/regions';
    private const TERRAIN = 'as_nzs_1170_2/terrain';
    private const HEIGHTS_M = [3, 5, 10, 15, 20, 30, 40, 50, 75, 100, 150, 200];
    private const HEIGHTS_2021_M = [3, 5, 10];
    private const SHIELDED_UP_TO_M = 25.0;
    private const SHIELDING = ['1.5', '3', '6', '12'];

    private function __construct(
        public Speed $regional,
        public int $ari,
        public float $cyclonic,
        public float $mz,
        public float $ms,
        public float $mt,
        public Speed $design,
        public Pressure $q,
        /** @var array{vr: list<string>, mz: list<string>, ms: list<string>} Ids of the values behind speed, terrain and shielding */
        public array $cells,
    ) {
    }

    public static function at(Site $site, AsNzsSite $asNzs, AsNzsRegion $region, Coefficients $coefficients): self
    {
        $of2021 = $site->standard === Standard::AsNzs2021;
        $ari = self::ari($site->riskCategory, $region, $coefficients);
        $regional_mps = self::regional_mps($region, $ari, $coefficients);
        $cyclonic = self::cyclonic($region, $ari, $of2021, $coefficients);
        $cells = ['vr' => array_map(static fn (string $key): string => self::REGIONS."/{$region->value[0]}/$key", ['a', 'b', 'c']), 'mz' => [], 'ms' => []];
        $mz = self::mz($asNzs->terrain, $site->meanRoofHeight, $of2021, $coefficients, $cells['mz']);
        // The 2021 edition lets buildings up to 25 m be shielded only.
        $shielded = $asNzs->shielding !== null && !($of2021 && $site->meanRoofHeight->toMetres() > self::SHIELDED_UP_TO_M);
        $ms = !$shielded ? 1.0 : self::ms($asNzs->shielding, $site->meanRoofHeight, $coefficients, $cells['ms']);
        $mt = match (true) {
            $site->topography === Topography::Factor => $asNzs->topographicMultiplier ?? 1.0,
            $site->topography === Topography::Hill && $site->hill !== null => self::mh($site->hill, $site->meanRoofHeight),
            default => 1.0,
        };
        $design_mps = max($coefficients->value(self::REGIONS, 'least'), $regional_mps * $cyclonic * $mz * $ms * $mt);

        return new self(
            Speed::ofSi($regional_mps),
            $ari,
            $cyclonic,
            $mz,
            $ms,
            $mt,
            Speed::ofSi($design_mps),
            Pressure::ofSi($coefficients->value(self::REGIONS, 'rho') / 2 * $design_mps ** 2),
            $cells,
        );
    }

    /** Whether the edition has this region, and its speeds are in hand. */
    public static function hasRegion(AsNzsRegion $region, Standard $standard): bool
    {
        $known = $standard === Standard::AsNzs2011
            ? ['A1', 'A2', 'A3', 'A4', 'A5', 'A6', 'A7', 'B', 'C', 'D', 'W']
            : ['A0', 'A1', 'A2', 'A3', 'A4', 'A5', 'B1', 'B2', 'C', 'D'];

        return in_array($region->value, $known, true);
    }

    /** Greatest height for which the terrain's multiplier is in hand; null when it is not at all. */
    public static function tallest_m(AsNzsTerrain $terrain, Standard $standard): ?float
    {
        return match (true) {
            $standard === Standard::AsNzs2011 => 200.0,
            $terrain === AsNzsTerrain::Tc1 => 10.0,
            // Between categories 1 and 2, of which the former changed.
            $terrain === AsNzsTerrain::Tc15 => null,
            default => 100.0,
        };
    }

    /** Average recurrence interval by importance level, for the ultimate limit state and a life of 50 years. */
    public static function ari(RiskCategory $importance, AsNzsRegion $region, Coefficients $coefficients): int
    {
        $key = 'ari/'.$importance->value.match (true) {
            $importance === RiskCategory::I && in_array($region, [AsNzsRegion::C, AsNzsRegion::D], true) => '_cyclonic',
            $importance === RiskCategory::IV && in_array($region, [AsNzsRegion::A6, AsNzsRegion::A7, AsNzsRegion::W], true) => '_new_zealand',
            default => '',
        };

        return (int) $coefficients->value(self::REGIONS, $key);
    }

    /** The table's speed: the equation, rounded to the metre, before the factors of the cyclonic regions. */
    public static function regional_mps(AsNzsRegion $region, int $ari, Coefficients $coefficients): float
    {
        $letter = $region->value[0];
        $value = static fn (string $key): float => $coefficients->value(self::REGIONS, "$letter/$key");

        return round($value('a') - $value('b') * $ari ** $value('c'));
    }

    /** What the cyclonic regions' speeds are multiplied with: FC and FD of 2011, Mc of 2021. */
    private static function cyclonic(AsNzsRegion $region, int $ari, bool $of2021, Coefficients $coefficients): float
    {
        return match (true) {
            $of2021 => in_array($region, [AsNzsRegion::B2, AsNzsRegion::C, AsNzsRegion::D], true) ? $coefficients->value(self::REGIONS, 'mc') : 1.0,
            $ari >= 50 && in_array($region, [AsNzsRegion::C, AsNzsRegion::D], true) => $coefficients->value(self::REGIONS, 'f/'.$region->value),
            default => 1.0,
        };
    }

    /** @param list<string> $cells Takes the ids of the table cells */
    public static function mz(AsNzsTerrain $terrain, Length $height, bool $of2021, Coefficients $coefficients, array &$cells = []): float
    {
        $changed = $of2021 && $terrain === AsNzsTerrain::Tc1;
        $prefix = ($changed ? '2021/' : '').$terrain->value.'/';
        $heights_m = $changed ? self::HEIGHTS_2021_M : self::HEIGHTS_M;

        return self::between(array_map(strval(...), $heights_m), $prefix, $height->toMetres(), $coefficients, $cells);
    }

    /**
     * Shielding multiplier of buildings upwind, by s = ls/√(hs·bs) with ls = h·(10/ns + 5).
     *
     * @param list<string> $cells Takes the ids of the table cells
     */
    public static function ms(Shielding $shielding, Length $height, Coefficients $coefficients, array &$cells = []): float
    {
        $ls_m = $height->toMetres() * (10 / $shielding->buildings + 5);
        $s = $ls_m / sqrt($shielding->height->toMetres() * $shielding->breadth->toMetres());

        return self::between(self::SHIELDING, 'shielding/', $s, $coefficients, $cells);
    }

    /**
     * @param list<string> $rows Keys of the table after the prefix, which are its numbers
     * @param list<string> $cells
     */
    private static function between(array $rows, string $prefix, float $at, Coefficients $coefficients, array &$cells): float
    {
        return Interpolation::linear(array_map(floatval(...), $rows), static function (int $index) use ($rows, $prefix, $coefficients, &$cells): float {
            $coefficient = $coefficients->take(self::TERRAIN, $prefix.($rows[$index] ?? ''));
            if (!in_array($coefficient->id, $cells, true)) {
                $cells[] = $coefficient->id;
            }

            return $coefficient->value;
        }, $at);
    }

    /** Hill shape multiplier Mh; inside the separation zone of steep hills the greater of both expressions. */
    public static function mh(Hill $hill, Length $height): float
    {
        $h_m = $hill->height->toMetres();
        $lu_m = $hill->halfLength->toMetres();
        $slope = $h_m / (2 * $lu_m);
        if (Printed::under($slope, 0.05)) {
            return 1.0;
        }
        $l1_m = max(0.36 * $lu_m, 0.4 * $h_m);
        $l2_m = ($hill->shape === HillShape::Escarpment && $hill->side === HillSide::Downwind ? 10 : 4) * $l1_m;
        $near = max(0.0, 1 - $hill->fromCrest->toMetres() / $l2_m);
        $mh = 1 + $h_m / (3.5 * ($height->toMetres() + $l1_m)) * $near;

        // Whether a place is in the separation zone is not asked: over 0.45 it may be.
        return Printed::over($slope, 0.45) ? max($mh, 1 + 0.71 * $near) : $mh;
    }

    /** The edition of a standard, as it is cited. */
    public static function document(Standard $standard): string
    {
        return $standard === Standard::AsNzs2011 ? 'AS/NZS 1170.2:2011' : 'AS/NZS 1170.2:2021';
    }

    /** How well that edition is remembered. */
    public static function confidence(Standard $standard): string
    {
        return $standard === Standard::AsNzs2011 ? 'high' : 'medium';
    }

    public function write(Figures $figures, Site $site): void
    {
        $add = static function (string $path, string $code, array $values, string $clause, array $from) use ($figures, $site): void {
            /**
             * @var array<string, float|int|string> $values
             * @var list<string> $from
             */
            $source = self::document($site->standard).", $clause; recalled";
            $figures->add("loads/$path", new Figure($code, $values, $source, self::confidence($site->standard), $from));
        };
        $hill = ['/site/hill/shape', '/site/hill/height_m', '/site/hill/half_length_m', '/site/hill/from_crest_m', '/site/hill/side'];
        $hill[] = '/site/mean_roof_height_m';
        $isHill = $site->topography === Topography::Hill && $site->hill !== null;
        $shielding = '/site/as_nzs/shielding';
        $add('vr', 'vr', ['value_m_per_s' => $this->regional->toSi(), 'ari' => $this->ari], '§3.2', [
            '/site/as_nzs/region', '/site/risk_category', ...Coefficients::refs($this->cells['vr']),
        ]);
        $add('mz', 'mz', ['value' => $this->mz], 'Table 4.1', ['/site/as_nzs/terrain', '/site/mean_roof_height_m', ...Coefficients::refs($this->cells['mz'])]);
        $add('ms', 'ms', ['value' => $this->ms], 'Table 4.3', $site->asNzs?->shielding === null ? [] : [
            "$shielding/buildings", "$shielding/height_m", "$shielding/breadth_m", ...Coefficients::refs($this->cells['ms']),
        ]);
        $add('mt', 'mt', ['value' => $this->mt], '§4.4', $isHill ? $hill : ['/site/topography', '/site/as_nzs/topographic_multiplier']);
        $add('vdes', 'vdes', [
            'value_m_per_s' => $this->design->toSi(), 'vr_m_per_s' => $this->regional->toSi(), 'factor' => $this->cyclonic,
            'mz' => $this->mz, 'ms' => $this->ms, 'mt' => $this->mt,
        ], '§2.2', ['loads/vr', 'loads/mz', 'loads/ms', 'loads/mt']);
        $add('q', 'q_as_nzs', ['value_Pa' => $this->q->toPascals(), 'speed_m_per_s' => $this->design->toSi()], '§2.4', ['loads/vdes']);
    }
}
