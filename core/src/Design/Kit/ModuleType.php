<?php

declare(strict_types=1);

namespace Garnetine\Core\Design\Kit;

use Garnetine\Core\Document\Items;
use Garnetine\Core\Document\Range;
use Garnetine\Core\Document\Text;
use Garnetine\Core\Quantity\Length;
use Garnetine\Core\Quantity\Mass;

final readonly class ModuleType
{
    /** @param list<ModuleRating> $ratings */
    public function __construct(
        #[Text(120, shortest: 1)]
        public string $name,
        #[Range(0.3, 4)]
        public Length $length,
        #[Range(0.3, 3)]
        public Length $width,
        #[Range(1, 100)]
        public Mass $mass,
        #[Items(ModuleRating::class, 12)]
        public array $ratings,
        public FrameKind $frame = FrameKind::Framed,
        /** Of its frame, of glass alone how thick it is; null where nobody said. */
        #[Range(0.003, 0.1)]
        public ?Length $frameHeight = null,
    ) {
    }
}
