<?php

declare(strict_types=1);

namespace Garnetine\Core\Design\Ground\Field;

use Garnetine\Core\Document\Items;
use Garnetine\Core\Document\Text;
use Garnetine\Core\Geometry\Polygon;

/** A part of the field with soil of its own, as somebody found it. */
final readonly class SoilArea
{
    /** @param list<FieldPlace> $corners Round it, either way */
    public function __construct(
        #[Text(80)]
        public string $what,
        public SoilKind $kind,
        #[Text(160)]
        public string $source,
        #[Items(FieldPlace::class, 60)]
        public array $corners,
    ) {
    }

    /** East and north of the mark; null where its corners make none. */
    public function polygon(): ?Polygon
    {
        return FieldPlace::round($this->corners);
    }
}
