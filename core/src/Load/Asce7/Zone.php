<?php

declare(strict_types=1);

namespace Garnetine\Core\Load\Asce7;

/** Roof zones of a gable over 7°: field; eave, rake (n) and ridge strips; corners at the eave and at the ridge. */
enum Zone: string
{
    case Field = '1';
    case Eave = '2e';
    case Rake = '2n';
    case Ridge = '2r';
    case EaveCorner = '3e';
    case RidgeCorner = '3r';
}
