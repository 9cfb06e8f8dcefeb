<?php

declare(strict_types=1);

namespace Garnetine\Core\Layout;

use Garnetine\Core\Covering\Shingles;
use Garnetine\Core\Design\Surface;
use Garnetine\Core\Quantity\Length;

/**
 * The shingle courses: butt lines at y0 + n·e, from a measured butt near the eave and one near the ridge.
 *
 * Source: common practice, no source; nail band ½ to 1¼ in upslope of each butt after ARMA nail lines, recalled, MEDIUM.
 */
final readonly class Course
{
    private const NAILS_FROM_IN = 0.5;
    private const NAILS_TO_IN = 1.25;

    public function __construct(public Length $firstButt, public Length $exposure)
    {
    }

    /** Null where there are no shingles, or the two measured butts do not give a positive exposure. */
    public static function of(Surface $surface): ?self
    {
        $shingles = $surface->covering;
        if (!$shingles instanceof Shingles) {
            return null;
        }
        $exposure = $shingles->upperButt->minus($shingles->lowerButt)->times(1 / $shingles->coursesBetween);

        return $exposure->toMetres() > 0.01 ? new self($shingles->lowerButt, $exposure) : null;
    }

    /** How far a height lies above the butt line under it, d = (y − y0) mod e. */
    public function aboveButt_m(float $y_m): float
    {
        $exposure_m = $this->exposure->toMetres();
        $above_m = fmod($y_m - $this->firstButt->toMetres(), $exposure_m);

        return $above_m < -1e-9 ? $above_m + $exposure_m : max(0.0, $above_m);
    }

    /** Which butt line is the one under a height: the measured lower one is the first, those below it are none. */
    public function butt(float $y_m): int
    {
        return max(0, 1 + (int) floor(($y_m - $this->firstButt->toMetres() + 1e-9) / $this->exposure->toMetres()));
    }

    public function inNailBand(float $y_m): bool
    {
        $above_in = Length::ofMetres($this->aboveButt_m($y_m))->toInches();

        return $above_in > self::NAILS_FROM_IN && $above_in < self::NAILS_TO_IN;
    }
}
