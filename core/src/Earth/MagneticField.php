<?php

declare(strict_types=1);

namespace Garnetine\Core\Earth;

use Garnetine\Core\Quantity\Angle;
use Garnetine\Core\Quantity\Length;

/**
 * The main magnetic field of the earth at a place on a day: what a compass shows where no iron is near.
 *
 * Spherical harmonics of Schmidt's half normalised functions, over the ellipsoid WGS 84; what is summed up is the potential's slope.
 *
 * Source: World Magnetic Model 2025, technical report, equations 4 to 19; recalled; its published test values are in the tests.
 */
final readonly class MagneticField
{
    /** Of the ellipsoid, and the sphere that the coefficients are for, in km. */
    private const EQUATOR_KM = 6378.137;
    private const FLATTENING = 1 / 298.257223563;
    private const SPHERE_KM = 6371.2;

    private function __construct(
        /** To the north, to the east and down, in nT. */
        public float $north_nT,
        public float $east_nT,
        public float $down_nT,
    ) {
    }

    /**
     * @param Angle $latitude On the ellipsoid, north positive
     * @param Angle $longitude East positive
     * @param Length $height Over the ellipsoid, or over the sea, which is within a hundred metres the same
     * @param float $year With its part that has gone by
     *
     * @throws \OutOfBoundsException outside the years of the model
     */
    public static function at(Angle $latitude, Angle $longitude, Length $height, float $year): self
    {
        if (!self::covers($year)) {
            throw new \OutOfBoundsException(sprintf('The model holds from %d to %d.', WorldMagneticModel::EPOCH, WorldMagneticModel::UNTIL));
        }
        $phi = $latitude->toRadians();
        $km = $height->toMetres() / 1000;
        $square = self::FLATTENING * (2 - self::FLATTENING);
        $normal_km = self::EQUATOR_KM / sqrt(1 - $square * sin($phi) ** 2);
        $out_km = ($normal_km + $km) * cos($phi);
        $up_km = ($normal_km * (1 - $square) + $km) * sin($phi);
        $radius_km = hypot($out_km, $up_km);
        $round = asin($up_km / $radius_km);
        [$north, $east, $down] = self::onSphere($round, $longitude->toRadians(), self::SPHERE_KM / $radius_km, $year - WorldMagneticModel::EPOCH);
        // What is north and down on the sphere is turned to the ellipsoid.
        $turn = $round - $phi;

        return new self($north * cos($turn) - $down * sin($turn), $east, $north * sin($turn) + $down * cos($turn));
    }

    public static function covers(float $year): bool
    {
        return $year >= WorldMagneticModel::EPOCH && $year < WorldMagneticModel::UNTIL;
    }

    public function horizontal_nT(): float
    {
        return hypot($this->north_nT, $this->east_nT);
    }

    /** From true north to where the needle points, east positive. */
    public function declination(): Angle
    {
        return Angle::ofSi(atan2($this->east_nT, $this->north_nT));
    }

    /** @return array{float, float, float} North, east and down on the sphere */
    private static function onSphere(float $latitude, float $longitude, float $ratio, float $years): array
    {
        [$functions, $slopes] = self::legendre(sin($latitude), cos($latitude));
        $north = $east = $down = 0.0;
        foreach (WorldMagneticModel::COEFFICIENTS as $n => $orders) {
            $weight = $ratio ** ($n + 2);
            foreach ($orders as $m => [$g, $h, $gYear, $hYear]) {
                [$g, $h] = [$g + $years * $gYear, $h + $years * $hYear];
                $with = $g * cos($m * $longitude) + $h * sin($m * $longitude);
                $north -= $weight * $with * $slopes[$n][$m];
                $east += $weight * $m * ($g * sin($m * $longitude) - $h * cos($m * $longitude)) * $functions[$n][$m];
                $down -= ($n + 1) * $weight * $with * $functions[$n][$m];
            }
        }

        return [$north, $east / max(1e-10, cos($latitude)), $down];
    }

    /**
     * Schmidt's half normalised functions of the sine of a latitude, and what they grow by with the latitude.
     *
     * @return array{array<int, array<int, float>>, array<int, array<int, float>>} By degree and order
     */
    private static function legendre(float $sin, float $cos): array
    {
        $p = [0 => [0 => 1.0]];
        $d = [0 => [0 => 0.0]];
        for ($n = 1; $n <= WorldMagneticModel::DEGREE; ++$n) {
            for ($m = 0; $m <= $n; ++$m) {
                if ($m === $n) {
                    $times = $n === 1 ? 1.0 : sqrt((2 * $n - 1) / (2 * $n));
                    $p[$n][$n] = $times * $cos * $p[$n - 1][$n - 1];
                    $d[$n][$n] = $times * ($cos * $d[$n - 1][$n - 1] - $sin * $p[$n - 1][$n - 1]);
                    continue;
                }
                $below = $n > 1 && $m < $n - 1 ? sqrt(($n - 1) ** 2 - $m ** 2) : 0.0;
                $over = sqrt($n ** 2 - $m ** 2);
                $p[$n][$m] = ((2 * $n - 1) * $sin * $p[$n - 1][$m] - $below * ($p[$n - 2][$m] ?? 0.0)) / $over;
                $d[$n][$m] = ((2 * $n - 1) * ($sin * $d[$n - 1][$m] + $cos * $p[$n - 1][$m]) - $below * ($d[$n - 2][$m] ?? 0.0)) / $over;
            }
        }

        return [$p, $d];
    }
}
