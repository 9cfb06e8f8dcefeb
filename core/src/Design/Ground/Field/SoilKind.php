<?php

declare(strict_types=1);

namespace Garnetine\Core\Design\Ground\Field;

use Garnetine\Core\Design\Ground\Table;

/** The soil as the building code puts it into classes, and what it has no values for. */
enum SoilKind: string
{
    case SedimentaryRock = 'sedimentary_rock';
    case Gravel = 'gravel';
    case Sand = 'sand';
    case Clay = 'clay';
    case Organic = 'organic';
    case Fill = 'fill';
    case Unknown = 'unknown';

    /**
     * Whether what is planned for another soil holds in this one too: values only grow from sand to gravel to rock. Clay alone holds along its side, so that
     * nothing else stands for it, nor it for anything.
     *
     * Source: IBC 2018, Table 1806.2; recalled.
     */
    public function bearsAs(self $planned): bool
    {
        $rank = [self::Sand->value => 1, self::Gravel->value => 2, self::SedimentaryRock->value => 3];

        return $this === $planned || isset($rank[$this->value], $rank[$planned->value]) && $rank[$this->value] > $rank[$planned->value];
    }

    /** Whether there are presumptive values for it. */
    public function hasValues(): bool
    {
        return !in_array($this, [self::Organic, self::Fill, self::Unknown], true);
    }
}
