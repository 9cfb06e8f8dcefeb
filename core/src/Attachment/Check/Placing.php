<?php

declare(strict_types=1);

namespace Garnetine\Core\Attachment\Check;

use Garnetine\Core\Design\Design;
use Garnetine\Core\Design\Rules;
use Garnetine\Core\Quantity\Length;

/**
 * How far a foot may stand from its mark, t, and what a layout must hold for it: every ratio of rail and attachments times
 * 1 + t/6 in is at most 1, and with each foot alone moved by t either way every ratio by itself is.
 *
 * Measured on 2,000 random runs of bays from 12 to 96 in with all feet ¼ in off in the worst pattern: a moment of the rail or a
 * reaction grows by less than 4.2 % on all but a few, and for those there is the second half of the rule.
 *
 * Source: common practice, no source (¼ in; what it costs is measured by the tests).
 */
final readonly class Placing
{
    /** The tolerance that would double a ratio. */
    private const DOUBLES_IN = 6.0;

    /** What comparisons with 1 forgive. */
    private const SLACK = 1e-9;

    /** The greatest ratio of a layout that still holds with every foot moved. */
    public const MOVED = 1.0 + self::SLACK;

    /** What ratios are multiplied by. */
    public float $factor;

    /** The greatest ratio of a layout that holds with its feet on their marks. */
    public float $limit;

    private function __construct(public float $tolerance_m)
    {
        $this->factor = 1 + $tolerance_m / Length::ofInches(self::DOUBLES_IN)->toMetres();
        $this->limit = self::MOVED / $this->factor;
    }

    public static function of(Design $design): self
    {
        // Ribs and seams are seen: a foot stands by its own.
        $tolerance = $design->surface->covering->stand() !== 'member' ? Length::ofMetres(0.0) : $design->rules->placingTolerance;

        return new self(($tolerance ?? Length::ofInches(Rules::USUAL_PLACING_IN))->toMetres());
    }

    /** What is left of a link's strength when feet may stand off their marks: 1 − ratio · (1 + t/6 in). */
    public function reserve(float $ratio): float
    {
        return 1 - $ratio * $this->factor;
    }
}
