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
        $table = match (true) {
            $design->kit->capacities === CapacityFormat::Allowable => ['nds_2018/lag', 'cd'],
            $design->site->standard === Standard::En && $design->kit->fastener->pullOut() === null => ['en_1995_1_1/screws', 'kmod'],
            default => null,
        };
        $from = static function (Duration $duration) use ($coefficients, $table): float {
            return $table === null ? 1.0 : $coefficients->value($table[0], "$table[1]/$duration->value");
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
