<?php

declare(strict_types=1);

namespace Garnetine\Core\Design\Ground\Field;

/** A bag of dry concrete by what stands on it. */
enum Bag: string
{
    case Lb40 = 'lb_40';
    case Lb50 = 'lb_50';
    case Lb60 = 'lb_60';
    case Lb80 = 'lb_80';
    case Kg20 = 'kg_20';
    case Kg25 = 'kg_25';
    case Kg30 = 'kg_30';

    /** As it stands on a list of what to bring. */
    public function words(): string
    {
        return implode(' ', array_reverse(explode('_', $this->value))).' bags';
    }
}
