<?php

declare(strict_types=1);

namespace Garnetine\Core\Ground;

use Garnetine\Core\Design\Ground\Racking\Timber;
use Garnetine\Core\Design\YesNo;
use Garnetine\Core\Load\Coefficients;
use Garnetine\Core\Load\Duration;

/**
 * What a timber that stands in the weather bears (ASD): reference values by how long the load lasts, wet, and incised; bent and pushed at once with the
 * buckling of a post that is free at its top; a beam that is deeper than twice its breadth with the buckling of its free edge between its posts.
 *
 * Source: NDS 2018, §§3.3.3, 3.4, 3.7.1, 3.9, 4.3.8; NDS Supplement 2018, Tables 4A, 4D (wet service); recalled.
 */
final class TimberMember implements Member
{
    /** So many times too much is told of a post that what presses on it alone would buckle: more is not told of any. */
    private const BUCKLES = 1000.0;
    private const TABLE = 'nds_2018/timber';
    private const LAG = 'nds_2018/lag';

    /** @var array<string, float> Stresses by what they are of and how long that lasts: hundreds of cases ask for the same few */
    private array $known_Pa = [];

    private function __construct(
        private readonly Timber $timber,
        /** Along the bending, and across it. */
        private readonly float $depth_m,
        private readonly float $breadth_m,
        private readonly float $unheld_m,
        private readonly Coefficients $coefficients,
    ) {
    }

    /**
     * @param float $unheld_m Between the places that keep the edge of a beam from buckling; of a post nought
     *
     * @return self|null Null where one of its values is not known
     */
    public static function of(Timber $timber, Coefficients $coefficients, float $unheld_m = 0.0): ?self
    {
        return $timber->isKnown() ? new self($timber, $timber->depth->toMetres(), $timber->breadth->toMetres(), $unheld_m, $coefficients) : null;
    }

    public function turned(): Member
    {
        return new self($this->timber, $this->breadth_m, $this->depth_m, $this->unheld_m, $this->coefficients);
    }

    /** @param string $what fb, ft, fc, fv or e */
    private function wet(string $what, float $reference_psi): float
    {
        $value = fn (string $key): float => $this->coefficients->value(self::TABLE, $key);
        $isThin = min($this->depth_m, $this->breadth_m) < $value('thick_from_in') * 0.0254;
        // Weak lumber is not weakened further by water.
        $spared = $isThin && (($what === 'fb' && $reference_psi <= $value('wet_spared/fb')) || ($what === 'fc' && $reference_psi <= $value('wet_spared/fc')));

        return $spared ? 1.0 : $value(($isThin ? 'wet/' : 'wet_thick/').$what);
    }

    /** With all that changes it but how long a load lasts. */
    private function lasting_Pa(string $what): float
    {
        return $this->known_Pa[$what] ??= $this->wetAndIncised_Pa($what);
    }

    private function wetAndIncised_Pa(string $what): float
    {
        $reference = match ($what) {
            'fb' => $this->timber->bending,
            'ft' => $this->timber->tension,
            'fc' => $this->timber->compression,
            'fv' => $this->timber->shear,
            'emin' => $this->timber->leastModulus,
            default => $this->timber->modulus,
        };
        $reference_Pa = $reference?->toPascals() ?? 0.0;
        $isModulus = in_array($what, ['e', 'emin'], true);
        $incised = $this->timber->incised === YesNo::No ? 1.0 : $this->coefficients->value(self::TABLE, $isModulus ? 'incised/modulus' : 'incised/strength');

        return $reference_Pa * $incised * $this->wet($isModulus ? 'e' : $what, $reference_Pa / 6894.757293168361);
    }

    private function strength_Pa(string $what, Duration $lasts): float
    {
        return $this->known_Pa["$what $lasts->value"] ??= $this->lasting_Pa($what) * $this->coefficients->value(self::LAG, 'cd/'.$lasts->value);
    }

    private function modulus_m3(): float
    {
        return $this->breadth_m * $this->depth_m ** 2 / 6;
    }

    public function stiffness_Nm2(): float
    {
        return $this->lasting_Pa('e') * $this->breadth_m * $this->depth_m ** 3 / 12;
    }

    /** Factor of a beam's stability, CL. */
    private function stable(Duration $lasts): float
    {
        if ($this->depth_m <= 2 * $this->breadth_m || $this->unheld_m <= 0.0) {
            return 1.0;
        }
        $slender = $this->unheld_m / $this->depth_m;
        $effective_m = match (true) {
            $slender < 7 => 2.06 * $this->unheld_m,
            $slender <= 14.3 => 1.63 * $this->unheld_m + 3 * $this->depth_m,
            default => 1.84 * $this->unheld_m,
        };
        $ratio = 1.20 * $this->lasting_Pa('emin') * $this->breadth_m ** 2 / ($effective_m * $this->depth_m) / $this->strength_Pa('fb', $lasts);

        return (1 + $ratio) / 1.9 - sqrt(((1 + $ratio) / 1.9) ** 2 - $ratio / 0.95);
    }

    public function moment_Nm(Duration $lasts): float
    {
        return $this->strength_Pa('fb', $lasts) * $this->stable($lasts) * $this->modulus_m3();
    }

    public function shear_N(Duration $lasts): float
    {
        return $this->strength_Pa('fv', $lasts) * $this->breadth_m * $this->depth_m / 1.5;
    }

    /** Critical stress of buckling over a side of so much; K of a post that is free at its top. */
    private function euler_Pa(float $height_m, float $side_m): float
    {
        $this->known_Pa['free'] ??= 0.822 * $this->lasting_Pa('emin') / $this->coefficients->value(self::TABLE, 'k_free_top') ** 2;

        return $this->known_Pa['free'] / max($height_m / $side_m, 1e-6) ** 2;
    }

    public function together(float $down_N, float $moment_Nm, float $height_m, Duration $lasts): float
    {
        $area_m2 = $this->breadth_m * $this->depth_m;
        $bending = $moment_Nm / $this->moment_Nm($lasts);
        if ($down_N <= 0.0) {
            return -$down_N / $area_m2 / $this->strength_Pa('ft', $lasts) + $bending;
        }
        $whole_Pa = $this->strength_Pa('fc', $lasts);
        $ratio = min($this->euler_Pa($height_m, $this->breadth_m), $this->euler_Pa($height_m, $this->depth_m)) / $whole_Pa;
        $column = (1 + $ratio) / 1.6 - sqrt(((1 + $ratio) / 1.6) ** 2 - $ratio / 0.8);
        $pressed_Pa = $down_N / $area_m2;
        $left = 1 - $pressed_Pa / $this->euler_Pa($height_m, $this->depth_m);

        return $left <= 0.0 ? self::BUCKLES : min(self::BUCKLES, ($pressed_Pa / ($whole_Pa * $column)) ** 2 + $bending / $left);
    }

    /** Both about one of its sides, added up: nothing is gained by lying flat. */
    public function bentBy(float $up_Nm, float $across_Nm): float
    {
        return abs($up_Nm) + abs($across_Nm) * $this->depth_m / $this->breadth_m;
    }

    public function thick_m(): float
    {
        return $this->depth_m;
    }

    public function says(): string
    {
        return 'wood_';
    }

    public function source(): string
    {
        return 'NDS 2018, §§3.3, 3.4, 3.7, 3.9, 4.3';
    }

    public function keys(): array
    {
        return ['depth_m', 'breadth_m', 'bending_Pa', 'incised'];
    }
}
