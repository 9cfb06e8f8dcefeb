<?php

declare(strict_types=1);

namespace Garnetine\Core\Ground\Loading;

/**
 * What acts on a table at once, at the level that allowable values are compared with: of weight, snow and wind so much each.
 *
 * Weight that holds something down counts by the same share in all standards.
 */
final readonly class TableCombinations
{
    /** Of weight that holds down: 0.6 of ASCE/SEI 7-16, §2.4.1 (ASD); 0.9/1.5 of EN 1990, Table A1.2(A); recalled. */
    public const HOLDS = 0.6;

    /** @param non-empty-list<array{string, float, float, float}> $all Key of the name, factors of dead load, snow and wind */
    public function __construct(public array $all)
    {
    }

    /** ASCE/SEI 7-16, §2.4.1 (ASD); recalled. */
    public static function asd(): self
    {
        return new self([
            ['table_combination.d', 1.0, 0.0, 0.0], ['table_combination.d_s', 1.0, 1.0, 0.0], ['table_combination.d_w', 1.0, 0.0, 0.6],
            ['table_combination.d_s_w', 1.0, 0.75, 0.45], ['table_combination.06d_w', self::HOLDS, 0.0, 0.6],
        ]);
    }

    /**
     * EN 1990:2002, §6.5.3, characteristic, and §6.4.3.1 of equilibrium by its factor for wind; recalled.
     *
     * @param float $wind ψ0 of wind beside snow
     * @param float $snow ψ0 of snow beside wind
     */
    public static function characteristic(float $wind, float $snow): self
    {
        return new self([
            ['table_combination.g', 1.0, 0.0, 0.0], ['table_combination.g_s', 1.0, 1.0, 0.0], ['table_combination.g_w', 1.0, 0.0, 1.0],
            ['table_combination.g_s_w', 1.0, 1.0, $wind], ['table_combination.g_w_s', 1.0, $snow, 1.0],
            ['table_combination.06g_w', self::HOLDS, 0.0, 1.0],
        ]);
    }

    /** AS/NZS 1170.0:2002, §4.2.2, by 1.5: an allowable value times that is a design strength (AISC 360, §B3; recalled). Without snow. */
    public static function ultimate(): self
    {
        return new self([
            ['table_combination.g', 1.0, 0.0, 0.0], ['table_combination.g_wu', 1.0, 0.0, 1 / 1.5], ['table_combination.06g_wu', self::HOLDS, 0.0, 1 / 1.5],
        ]);
    }

    /**
     * Of wind alone, which no snow lies beside.
     *
     * @return non-empty-list<array{string, float, float, float}>
     */
    public function ofWind(): array
    {
        $ones = array_values(array_filter($this->all, static fn (array $one): bool => $one[2] === 0.0 && $one[3] > 0.0));
        assert($ones !== []);

        return $ones;
    }

    /** The most of the wind in any of them. */
    public function mostWind(): float
    {
        return max(array_column($this->all, 3));
    }
}
