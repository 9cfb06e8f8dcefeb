<?php

declare(strict_types=1);

namespace Garnetine\Core\Design\Kit;

/** What a sealant is made of, as far as it decides what it may touch. */
enum SealantBase: string
{
    case Unknown = 'unknown';
    case NeutralSilicone = 'neutral_silicone';
    case AcetoxySilicone = 'acetoxy_silicone';
    case Polyurethane = 'polyurethane';
    case Butyl = 'butyl';
    case RoofCement = 'roof_cement';
}
