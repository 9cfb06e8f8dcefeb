<?php

declare(strict_types=1);

namespace Garnetine\Core\Load\Asce7;

use Garnetine\Core\Design\Site\Exposure;
use Garnetine\Core\Design\Site\Hill;
use Garnetine\Core\Design\Site\HillShape;
use Garnetine\Core\Load\Coefficients;
use Garnetine\Core\Load\Figure;
use Garnetine\Core\Quantity\Length;

/**
 * Speed-up over hills, ridges and escarpments, Kzt = (1 + K1·K2·K3)².
 *
 * Whether the hill counts (isolated, twice as tall as what lies upwind, steep and high enough) is not asked: a hill that is
 * entered counts, on the safe side.
 *
 * Source: ASCE/SEI 7-16, §26.8, Fig. 26.8-1; recalled.
 */
final readonly class Topographic
{
    private function __construct(public float $k1, public float $k2, public float $k3)
    {
    }

    public static function of(Hill $hill, Exposure $exposure, Length $height, Coefficients $coefficients, Edition $edition = Edition::Of2016): self
    {
        $value = static fn (string $key): float => $coefficients->value($edition->table('topography'), $key);
        $shape = $hill->shape->value;
        $slope = $hill->height->toMetres() / $hill->halfLength->toMetres();
        // Steeper than that the length is taken as twice the height.
        $length_m = $slope > $value('steepest') ? 2 * $hill->height->toMetres() : $hill->halfLength->toMetres();

        return new self(
            self::k1($hill->shape, $exposure, $slope, $coefficients, $edition),
            max(0.0, 1 - $hill->fromCrest->toMetres() / ($value("$shape/mu/{$hill->side->value}") * $length_m)),
            exp(-$value("$shape/gamma") * $height->toMetres() / $length_m),
        );
    }

    /** K1 of a slope H/Lh, which counts up to the steepest one. */
    public static function k1(HillShape $shape, Exposure $exposure, float $slope, Coefficients $coefficients, Edition $edition = Edition::Of2016): float
    {
        $table = $edition->table('topography');

        return $coefficients->value($table, "$shape->value/k1/$exposure->value") * min($slope, $coefficients->value($table, 'steepest'));
    }

    public function factor(): float
    {
        return (1 + $this->k1 * $this->k2 * $this->k3) ** 2;
    }

    public function figure(Hill $hill, Exposure $exposure, Edition $edition): Figure
    {
        $table = $edition->table('topography');

        return new Figure('kzt_hill', [
            'value' => $this->factor(),
            'k1' => $this->k1,
            'k2' => $this->k2,
            'k3' => $this->k3,
        ], $edition->cite('§26.8, Fig. 26.8-1'), $edition === Edition::Of2016 ? 'high' : 'medium', [
            '/site/hill/shape', '/site/hill/height_m', '/site/hill/half_length_m', '/site/hill/from_crest_m', '/site/hill/side', '/site/exposure',
            '/site/mean_roof_height_m',
            "coefficient:$table/{$hill->shape->value}/k1/$exposure->value", "coefficient:$table/{$hill->shape->value}/gamma",
            "coefficient:$table/{$hill->shape->value}/mu/{$hill->side->value}",
        ]);
    }
}
