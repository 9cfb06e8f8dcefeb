<?php

declare(strict_types=1);

namespace Garnetine\Core\Catalogue;

/** What a company keeps in its catalogue, each a part of a design that is copied whole. */
enum CataloguePart: string
{
    case Module = 'module';
    case Rail = 'rail';
    case Clamp = 'clamp';
    case Bolt = 'bolt';
    case Foot = 'foot';
    case Fastener = 'fastener';
    case Sealant = 'sealant';

    /** Where it stands in the design of a surface. */
    public function pointer(): string
    {
        return $this === self::Module ? '/module' : "/kit/$this->value";
    }
}
