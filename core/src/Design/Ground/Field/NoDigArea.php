<?php

declare(strict_types=1);

namespace Garnetine\Core\Design\Ground\Field;

use Garnetine\Core\Document\Items;
use Garnetine\Core\Document\Range;
use Garnetine\Core\Document\Text;
use Garnetine\Core\Geometry\Polygon;
use Garnetine\Core\Quantity\Length;

/** Ground of the field that nothing is dug in: roots, a septic field, what somebody else owns. */
final readonly class NoDigArea
{
    /** @param list<FieldPlace> $corners Round it, either way */
    public function __construct(
        #[Text(80)]
        public string $what,
        /** No hole is nearer to it, from its edge. */
        #[Range(0, 30)]
        public Length $clear,
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
