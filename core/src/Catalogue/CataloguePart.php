<?php

declare(strict_types=1);

namespace Garnetine\Core\Catalogue;

use Garnetine\Core\Design\Kit\Bolt;
use Garnetine\Core\Design\Kit\Clamp;
use Garnetine\Core\Design\Kit\ModuleType;
use Garnetine\Core\Design\Kit\Rail;
use Garnetine\Core\Design\Kit\Sealant;
use Garnetine\Core\Fastener\Fastener;
use Garnetine\Core\Foot\Foot;

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

    /** @return class-string What it is read as; an interface where it is one of several kinds */
    public function type(): string
    {
        return match ($this) {
            self::Module => ModuleType::class,
            self::Rail => Rail::class,
            self::Clamp => Clamp::class,
            self::Bolt => Bolt::class,
            self::Foot => Foot::class,
            self::Fastener => Fastener::class,
            self::Sealant => Sealant::class,
        };
    }

    /** Where it stands in the design of a surface. */
    public function pointer(): string
    {
        return $this === self::Module ? '/module' : "/kit/$this->value";
    }
}
