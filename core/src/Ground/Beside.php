<?php

declare(strict_types=1);

namespace Garnetine\Core\Ground;

use Garnetine\Core\Quantity\Angle;

/** Two tables of one field, seen from above. */
final readonly class Beside
{
    /** Rows that differ by no more look the same way, in radians: one degree. */
    private const ALIKE_RAD = M_PI / 180;

    public function __construct(private InField $here, private Angle $faces, private InField $other, private Angle $otherFaces)
    {
    }

    /** How far one would have to be moved to be clear of the other, in metres, the shortest way; nought where nothing of one is over the other. */
    public function over_m(): float
    {
        $least_m = INF;
        foreach ([$this->faces, $this->otherFaces] as $faces) {
            foreach ([self::along($faces), self::across($faces)] as $axis) {
                [$from_m, $to_m] = self::span($this->here, $axis);
                [$otherFrom_m, $otherTo_m] = self::span($this->other, $axis);
                $least_m = min($least_m, $to_m - $otherFrom_m, $otherTo_m - $from_m);
            }
        }

        return max(0.0, $least_m);
    }

    /**
     * How far the low edge of the other is before the low edge of this one; null unless it stands before it, looking the same way, with something of it
     * between its ends.
     */
    public function before_m(): ?float
    {
        $apart_rad = abs(fmod(abs($this->faces->toRadians() - $this->otherFaces->toRadians()) + M_PI, 2 * M_PI) - M_PI);
        [$from_m, $to_m] = self::span($this->here, self::along($this->faces));
        [$otherFrom_m, $otherTo_m] = self::span($this->other, self::along($this->faces));
        // Of the same way, the low edge is where a table reaches the furthest.
        $before_m = self::span($this->other, self::across($this->faces))[1] - self::span($this->here, self::across($this->faces))[1];

        return $apart_rad <= self::ALIKE_RAD && min($to_m, $otherTo_m) > max($from_m, $otherFrom_m) && $before_m > 0.0 ? $before_m : null;
    }

    /** @return array{float, float} East and north of the way along the row */
    private static function along(Angle $faces): array
    {
        return [cos($faces->toRadians()), -sin($faces->toRadians())];
    }

    /** @return array{float, float} Of the way that it faces */
    private static function across(Angle $faces): array
    {
        return [sin($faces->toRadians()), cos($faces->toRadians())];
    }

    /**
     * @param array{float, float} $axis
     *
     * @return array{float, float} From where to where its modules reach along the axis, in metres
     */
    private static function span(InField $field, array $axis): array
    {
        $at_m = array_map(static fn (array $corner): float => $corner[0] * $axis[0] + $corner[1] * $axis[1], $field->corners);

        return [min([INF, ...$at_m]), max([-INF, ...$at_m])];
    }
}
