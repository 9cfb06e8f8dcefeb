<?php

declare(strict_types=1);

namespace Garnetine\Core\Layout;

use Garnetine\Core\Covering\Shingles;
use Garnetine\Core\Covering\Tile;
use Garnetine\Core\Design\Surface\Surface;
use Garnetine\Core\Quantity\Length;

/**
 * The courses: butt lines of shingles, or the middles of the battens under tiles, at y0 + n·e, from a measured one near the eave and one
 * near the ridge.
 *
 * Source: common practice, no source; nail band ½ to 1¼ in upslope of each butt after ARMA nail lines, recalled, MEDIUM.
 */
final readonly class Course
{
    private const NAILS_FROM_IN = 0.5;
    private const NAILS_TO_IN = 1.25;

    public function __construct(
        public Length $firstButt,
        public Length $exposure,
        /** Of the battens; null of shingles. */
        private ?Length $battenWidth = null,
        /** How far a tile reaches down past the middle of the next batten; null where not measured. */
        private ?Length $overlap = null,
    ) {
    }

    /** Null where the covering has no courses, or the two that were measured do not give a positive exposure. */
    public static function of(Surface $surface): ?self
    {
        $covering = $surface->covering;
        [$first, $last, $between] = match (true) {
            $covering instanceof Shingles => [$covering->lowerButt, $covering->upperButt, $covering->coursesBetween],
            $covering instanceof Tile => [$covering->lowerBatten, $covering->upperBatten, $covering->battenSpaces],
            default => [null, null, 1],
        };
        $tile = $covering instanceof Tile ? $covering : null;
        if ($first === null || $last === null) {
            return null;
        }
        $exposure = $last->minus($first)->times(1 / $between);

        return $exposure->toMetres() > 0.01 ? new self($first, $exposure, $tile?->battenWidth, $tile?->overlap) : null;
    }

    /** @return 'butt'|'batten' What its lines are called, by the ending of their texts */
    public function word(): string
    {
        return $this->battenWidth === null ? 'butt' : 'batten';
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
        if ($this->battenWidth !== null) {
            return false;
        }
        $above_in = Length::ofMetres($this->aboveButt_m($y_m))->toInches();

        return $above_in > self::NAILS_FROM_IN && $above_in < self::NAILS_TO_IN;
    }

    /**
     * How far above the middle of a batten the lower edge of a plate may lie, from … to …: half an inch and more from both battens, and so
     * that its arm comes out below the tile above. Null where there are no battens, or no room between two.
     *
     * @return array{float, float}|null
     */
    public function plate_m(Length $long, ?Length $reach): ?array
    {
        if ($this->battenWidth === null) {
            return null;
        }
        $clear_m = $this->clear_m();
        $most_m = $this->exposure->toMetres() - $clear_m - $long->toMetres();
        $most_m = $this->overlap === null || $reach === null ? $most_m : min($most_m, $reach->minus($this->overlap)->toMetres());

        return $most_m >= $clear_m - 1e-9 ? [$clear_m, $most_m] : null;
    }

    /** How far a plate from a height on reaches nearer to a batten than plates may: 0 where it does not, or where there are none. */
    public function onBatten_m(float $from_m, Length $long): float
    {
        if ($this->battenWidth === null) {
            return 0.0;
        }
        $above_m = $this->aboveButt_m($from_m);

        return max(0.0, $this->clear_m() - $above_m, $above_m + $long->toMetres() + $this->clear_m() - $this->exposure->toMetres());
    }

    /** How far the arm of a plate from a height on ends short of the lower edge of the tile above it: 0 where that is not measured. */
    public function underTile_m(float $from_m, ?Length $reach): float
    {
        return $this->overlap === null || $reach === null ? 0.0 : max(0.0, $this->aboveButt_m($from_m) + $this->overlap->minus($reach)->toMetres());
    }

    /** How far a base from a height on reaches over the next butt line; below 0 where it ends before that. */
    public function pastButt_m(float $from_m, Length $long): float
    {
        return $this->aboveButt_m($from_m) + $long->minus($this->exposure)->toMetres();
    }

    /** @return list<float> Middles of the battens on a slope of that length, from the eave up; none under shingles */
    public function battens_m(Length $slope): array
    {
        $battens_m = [];
        $at_m = $this->aboveButt_m(0.0);
        $at_m = $at_m > 0.0 ? $this->exposure->toMetres() - $at_m : 0.0;
        for (; $this->battenWidth !== null && $at_m <= $slope->toMetres() + 1e-9; $at_m += $this->exposure->toMetres()) {
            $battens_m[] = $at_m;
        }

        return $battens_m;
    }

    /** From the middle of a batten to where a plate may begin. */
    private function clear_m(): float
    {
        return ($this->battenWidth?->toMetres() ?? 0.0) / 2 + Length::ofInches(Tile::OFF_BATTEN_IN)->toMetres();
    }
}
