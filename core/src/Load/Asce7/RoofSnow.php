<?php

declare(strict_types=1);

namespace Garnetine\Core\Load\Asce7;

use Garnetine\Core\Design\RoofSupports;
use Garnetine\Core\Design\Site;
use Garnetine\Core\Design\Surface;
use Garnetine\Core\Design\YesNo;
use Garnetine\Core\Load\Coefficients;
use Garnetine\Core\Quantity\Length;
use Garnetine\Core\Quantity\Pressure;

/**
 * Snow on one plane of a gable: pf = 0.7·Ce·Ct·Is·pg, ps = Cs·pf, the low-slope minimum and the unbalanced case.
 *
 * Source: ASCE/SEI 7-16, §§7.3, 7.4, 7.6.1, 7.7.1; recalled.
 */
final readonly class RoofSnow
{
    /** @param non-empty-list<SnowCase> $cases Balanced first */
    private function __construct(
        public float $ce,
        public float $ct,
        public float $is,
        public float $cs,
        public Pressure $pf,
        public Pressure $ps,
        public ?float $driftHeight_ft,
        public ?float $density_pcf,
        public array $cases,
    ) {
    }

    public static function on(Surface $surface, Site $site, Coefficients $coefficients): self
    {
        $value = static fn (string $key): float => $coefficients->value('asce7_16/snow', $key);
        $pg_psf = $site->groundSnow->toPsf();
        $theta_deg = $surface->pitch->toDegrees();
        $ce = $value("ce/{$site->exposure->value}/{$site->roofExposure->value}");
        $ct = $value('ct/'.$site->thermal->value);
        $is = $value('is/'.$site->riskCategory->value);
        $cs = self::cs($theta_deg, $ct, $site->freeSlidePath === YesNo::Yes);
        $pf_psf = $value('flat') * $ce * $ct * $is * $pg_psf;
        $ps_psf = $cs * $pf_psf;
        $cases = [new SnowCase('balanced', Pressure::ofPsf($ps_psf)->toPascals(), 0.0, 0.0)];
        $drift = null;
        if ($pg_psf > 0 && $theta_deg < $value('low_slope_deg')) {
            $cases[] = new SnowCase('minimum', Pressure::ofPsf($is * min($pg_psf, $value('low_slope_psf')))->toPascals(), 0.0, 0.0);
        }
        if ($pg_psf > 0 && $theta_deg >= $value('unbalanced/from_deg') && $theta_deg <= $value('unbalanced/to_deg')) {
            [$cases[], $drift] = self::unbalanced($surface, $site, $is, $ps_psf, $value);
        }

        return new self($ce, $ct, $is, $cs, Pressure::ofPsf($pf_psf), Pressure::ofPsf($ps_psf), $drift[0] ?? null, $drift[1] ?? null, $cases);
    }

    /** Slope factor for slippery surfaces with a free path for the slide, and for all others. */
    public static function cs(float $theta_deg, float $ct, bool $slides): float
    {
        [$from, $over] = match (true) {
            $ct <= 1.0 => $slides ? [5.0, 65.0] : [30.0, 40.0],
            $ct < 1.2 => $slides ? [10.0, 60.0] : [37.5, 32.5],
            default => $slides ? [15.0, 55.0] : [45.0, 25.0],
        };

        return max(0.0, min(1.0, 1 - ($theta_deg - $from) / $over));
    }

    /** Height of the drift, hd = √Is·(0.43·lu^⅓·(pg + 10)^¼ − 1.5), in ft with pg in psf. */
    public static function driftHeight_ft(float $lu_ft, float $pg_psf, float $is): float
    {
        return sqrt($is) * (0.43 * $lu_ft ** (1 / 3) * ($pg_psf + 10) ** 0.25 - 1.5);
    }

    /**
     * @param callable(string): float $value
     *
     * @return array{SnowCase, array{float, float}|null} The leeward load and, where there is a drift, its height in ft and density in pcf
     */
    private static function unbalanced(Surface $surface, Site $site, float $is, float $ps_psf, callable $value): array
    {
        $pg_psf = $site->groundSnow->toPsf();
        $w_ft = $site->eaveToRidge->toFeet();
        if ($site->roofSupports === RoofSupports::Simple && $w_ft <= $value('unbalanced/simple_ft')) {
            return [new SnowCase('unbalanced_simple', Pressure::ofPsf($is * $pg_psf)->toPascals(), 0.0, 0.0), null];
        }
        $value('drift/importance');
        $run = 1 / tan($surface->pitch->toRadians());
        $density_pcf = min(30.0, 0.13 * $pg_psf + 14);
        $hd_ft = self::driftHeight_ft(max($w_ft, $value('drift/lu_ft')), $pg_psf, $is);
        $reach_m = Length::ofFeet(8 * $hd_ft * sqrt($run) / 3)->toMetres() / cos($surface->pitch->toRadians());

        return [
            new SnowCase('unbalanced', Pressure::ofPsf($ps_psf)->toPascals(), Pressure::ofPsf($hd_ft * $density_pcf / sqrt($run))->toPascals(), $reach_m),
            [$hd_ft, $density_pcf],
        ];
    }
}
