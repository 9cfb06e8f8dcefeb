<?php

declare(strict_types=1);

namespace Garnetine\Core\Attachment\Fastening;

use Garnetine\Core\Design\Design;
use Garnetine\Core\Design\Kit\CapacityFormat;
use Garnetine\Core\Design\Site\Standard;
use Garnetine\Core\Load\Coefficients;
use Garnetine\Core\Load\Duration;

/** What the duration of the loads does to computed capacities of timber: CD of the NDS, kmod of EN 1995; capacities that were entered for design stay. */
final readonly class CombinationFactors
{
    private function __construct(private float $dead, private float $snow, private float $wind)
    {
    }

    public static function for(Design $design, Coefficients $coefficients): self
    {
        $from = match (true) {
            $design->kit->capacities === CapacityFormat::Allowable => static fn (Duration $duration): float => $coefficients->value(
                'nds_2018/lag',
                'cd/'.$duration->value,
            ),
            $design->site->standard === Standard::En && $design->kit->fastener->pullOut() === null => static fn (Duration $duration): float => $coefficients->value(
                'en_1995_1_1/screws',
                'kmod/'.$duration->value,
            ),
            default => static fn (Duration $duration): float => 1.0,
        };

        return new self($from(Duration::Dead), $from(Duration::Snow), $from(Duration::Wind));
    }

    public function of(Duration $duration): float
    {
        return match ($duration) {
            Duration::Dead => $this->dead,
            Duration::Snow => $this->snow,
            Duration::Wind => $this->wind,
        };
    }
}
