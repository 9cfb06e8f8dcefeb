<?php

declare(strict_types=1);

namespace Garnetine\Core\Design\Ground\Field;

use Garnetine\Core\Document\Range;
use Garnetine\Core\Geometry\Polygon;
use Garnetine\Core\Quantity\Length;

/** A place in the field, true and on the level from a mark that is the same for the whole job: the first front stake of a table, or a corner of an area. */
final readonly class FieldPlace
{
    public function __construct(
        #[Range(-3000, 3000)]
        public Length $east,
        #[Range(-3000, 3000)]
        public Length $north,
    ) {
    }

    /**
     * East and north of the mark, in metres.
     *
     * @param list<self> $corners One after the other, either way
     *
     * @return Polygon|null Null where they make none
     */
    public static function round(array $corners): ?Polygon
    {
        $polygon = new Polygon(array_map(static fn (self $corner): array => [$corner->east->toMetres(), $corner->north->toMetres()], $corners));

        return count($corners) >= 3 && $polygon->isSimple() ? $polygon : null;
    }
}
