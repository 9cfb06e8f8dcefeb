<?php

declare(strict_types=1);

namespace Garnetine\Core\Tests\Support;

use Garnetine\Core\Design\Design;

/**
 * Suctions on a gable plane by EN 1991-1-4 and AS/NZS 1170.2, written apart: tables typed anew, the building seen from above,
 * distances to its walls' outer edges. For pitches of 15° to 30°.
 */
final class OtherWinds
{
    /** cpe,10 and cpe,1 at 15° and at 30°, upward positive. */
    private const EUROPE = [
        'windward' => ['F' => [[0.9, 2.0], [0.5, 1.5]], 'G' => [[0.8, 1.5], [0.5, 1.5]], 'H' => [[0.3, 0.3], [0.2, 0.2]]],
        'leeward' => ['J' => [[1.0, 1.5], [0.5, 0.5]], 'I' => [[0.4, 0.4], [0.4, 0.4]]],
        'gable' => ['F' => [[1.3, 2.0], [1.1, 1.5]], 'G' => [[1.3, 2.0], [1.4, 2.0]], 'H' => [[0.6, 1.2], [0.8, 1.2]], 'I' => [[0.5, 0.5], [0.5, 0.5]]],
    ];

    /**
     * @return array{float, float} On areas up to 1 m² and from 10 m², in Pa
     */
    public static function europe(Design $design, float $x, float $y): array
    {
        $site = $design->site;
        $angle = $design->surface->pitch->toDegrees();
        $t = ($angle - 15) / 15;
        $h = $site->meanRoofHeight->toMetres() + 0.5 * $site->eaveToRidge->toMetres() * tan(deg2rad($angle));
        [$z0, $zMin] = ['0' => [0.003, 1], 'I' => [0.01, 1], 'II' => [0.05, 2], 'III' => [0.3, 5], 'IV' => [1.0, 10]][$site->en?->terrain->value ?? ''] ?? throw new \LogicException('No terrain.');
        $ln = log(max($h, $zMin) / $z0);
        $v = 0.19 * ($z0 / 0.05) ** 0.07 * $ln * ($site->en?->basicVelocity?->toSi() ?? 0.0);
        $qp = (1 + 7 / $ln) * 0.5 * 1.25 * $v * $v;
        $along = max($site->buildingLength->toMetres(), $site->buildingWidth->toMetres());
        $across = min($site->buildingLength->toMetres(), $site->buildingWidth->toMetres());
        $up = $y * cos(deg2rad($angle));
        $below = ($design->surface->slopeLength->toMetres() - $y) * cos(deg2rad($angle));
        $end = min($x, $design->surface->width->toMetres() - $x);
        $zones = [];
        $e = min($along, 2 * $h);
        $zones[] = ['windward', $up <= $e / 10 ? ($end <= $e / 4 ? 'F' : 'G') : 'H'];
        $zones[] = ['leeward', $below <= $e / 10 ? 'J' : 'I'];
        $e = min($across, 2 * $h);
        foreach ([$x, $design->surface->width->toMetres() - $x] as $in) {
            $zones[] = ['gable', $in <= $e / 10 ? ($up <= $e / 4 ? 'F' : 'G') : ($in <= $e / 2 ? 'H' : 'I')];
        }
        $small = $large = 0.0;
        foreach ($zones as [$wind, $zone]) {
            [[$ten15, $one15], [$ten30, $one30]] = self::EUROPE[$wind][$zone] ?? throw new \LogicException("No $zone.");
            $small = max($small, (1 - $t) * $one15 + $t * $one30);
            $large = max($large, (1 - $t) * $ten15 + $t * $ten30);
        }

        return [$qp * $small, $qp * $large];
    }

    /** Suction in Pa, of the 2011 edition, region A, category 2, importance 2, no hill, no shield; h/d up to 0.5 on both axes. */
    public static function australia(Design $design, float $x, float $y): float
    {
        $site = $design->site;
        $angle = $design->surface->pitch->toDegrees();
        $h = $site->meanRoofHeight->toMetres();
        $mz = $h <= 5 ? 0.91 : 0.91 + 0.09 * ($h - 5) / 5;
        $q = 0.6 * (45 * $mz) ** 2;
        $along = max($site->buildingLength->toMetres(), $site->buildingWidth->toMetres());
        $across = min($site->buildingLength->toMetres(), $site->buildingWidth->toMetres());
        $a = $h / $across >= 0.2 || $h / $along >= 0.2 ? 0.2 * $across : 2 * $h;
        $up = $y * cos(deg2rad($angle));
        $below = ($design->surface->slopeLength->toMetres() - $y) * cos(deg2rad($angle));
        $local = static fn (float $in): float => $in < $a / 2 ? 2.0 : ($in < $a ? 1.5 : 1.0);
        // Upwind slope, at h/d of a quarter and a half, at 15°, 20°, 25° and 30°.
        $step = min(3, (int) floor(($angle - 15) / 5));
        $t = ($angle - 15 - 5 * $step) / 5;
        $row = static fn (float ...$cells): float => ($cells[$step] ?? 0.0) + $t * (($cells[$step + 1] ?? $cells[$step] ?? 0.0) - ($cells[$step] ?? 0.0));
        $s = max(0.0, min(1.0, ($h / $across - 0.25) / 0.25));
        $upwind = (1 - $s) * $row(0.5, 0.3, 0.2, 0.2) + $s * $row(0.7, 0.4, 0.3, 0.2);
        // Downwind slope: −0.5 at 15°, −0.6 from 20°, whatever h/d up to a half; from 25° by b/d.
        $ratio = $along / $across;
        $steep = $ratio < 3 ? 0.6 : 0.06 * (7 + min(8, $ratio));
        $downwind = $row(0.5, 0.6, $steep, $steep);
        $worst = max($upwind * $local($up), $downwind * $local($below));
        foreach ([$x, $design->surface->width->toMetres() - $x] as $in) {
            $worst = max($worst, ($in <= $h ? 0.9 : ($in <= 2 * $h ? 0.5 : ($in <= 3 * $h ? 0.3 : 0.2))) * $local($in));
        }

        return $q * $worst;
    }
}
