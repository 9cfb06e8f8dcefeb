<?php

declare(strict_types=1);

namespace Garnetine\Core\Load\Asce7;

use Garnetine\Core\Design\Exposure;
use Garnetine\Core\Design\Hill;
use Garnetine\Core\Design\HillShape;
use Garnetine\Core\Design\HillSide;
use Garnetine\Core\Load\Figure;
use Garnetine\Core\Quantity\Length;

/**
 * Speed-up over hills, ridges and escarpments, Kzt = (1 + K1·K2·K3)².
 *
 * Whether the hill counts (isolated, twice as tall as what lies upwind, steep and high enough) is not asked: a hill that is
 * entered counts, on the safe side.
 *
 * Source: ASCE/SEI 7-16, §26.8, Fig. 26.8-1; recalled. In 2022 the conditions are believed revised, not the factors.
 */
final class Topographic
{
    /** K1 over H/Lh by exposure, γ, μ upwind and downwind. */
    private const FIGURE = [
        'ridge' => [['B' => 1.30, 'C' => 1.45, 'D' => 1.55], 3.0, 1.5, 1.5],
        'escarpment' => [['B' => 0.75, 'C' => 0.85, 'D' => 0.95], 2.5, 1.5, 4.0],
        'hill' => [['B' => 0.95, 'C' => 1.05, 'D' => 1.15], 4.0, 1.5, 1.5],
    ];

    public static function factor(Hill $hill, Exposure $exposure, Length $height): float
    {
        [$k1, $k2, $k3] = self::parts($hill, $exposure, $height);

        return (1 + $k1 * $k2 * $k3) ** 2;
    }

    /** K1 of a slope H/Lh, which counts up to 0.5. */
    public static function k1(HillShape $shape, Exposure $exposure, float $slope): float
    {
        return self::FIGURE[$shape->value][0][$exposure->value] * min($slope, 0.5);
    }

    public static function figure(Hill $hill, Exposure $exposure, Length $height, Edition $edition): Figure
    {
        [$k1, $k2, $k3] = self::parts($hill, $exposure, $height);

        return new Figure('kzt_hill', ['value' => (1 + $k1 * $k2 * $k3) ** 2, 'k1' => $k1, 'k2' => $k2, 'k3' => $k3], $edition->cite('§26.8, Fig. 26.8-1'), $edition === Edition::Of2016 ? 'high' : 'medium', [
            '/site/hill/shape', '/site/hill/height_m', '/site/hill/half_length_m', '/site/hill/from_crest_m', '/site/hill/side', '/site/exposure', '/site/mean_roof_height_m',
        ]);
    }

    /** @return array{float, float, float} K1, K2, K3 */
    private static function parts(Hill $hill, Exposure $exposure, Length $height): array
    {
        [, $gamma, $upwind, $downwind] = self::FIGURE[$hill->shape->value];
        $slope = $hill->height->toMetres() / $hill->halfLength->toMetres();
        // Steeper than 0.5 the length is taken as twice the height.
        $length_m = $slope > 0.5 ? 2 * $hill->height->toMetres() : $hill->halfLength->toMetres();
        $mu = $hill->side === HillSide::Upwind ? $upwind : $downwind;

        return [
            self::k1($hill->shape, $exposure, $slope),
            max(0.0, 1 - $hill->fromCrest->toMetres() / ($mu * $length_m)),
            exp(-$gamma * $height->toMetres() / $length_m),
        ];
    }
}
