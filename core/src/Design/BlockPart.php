<?php

declare(strict_types=1);

namespace Garnetine\Core\Design;

/** One block of a surface, for what concerns it alone: the design as it is seen from there, and where its values stand. */
final readonly class BlockPart
{
    public function __construct(
        /** Among the blocks of its surface, from 1. */
        public int $number,
        public Design $design,
        private string $block,
        private string $module,
    ) {
    }

    /** The place in the design of the surface of one in the design of the block. */
    public function at(string $pointer): string
    {
        foreach (['/block' => $this->block, '/module' => $this->module] as $here => $there) {
            if ($pointer === $here || str_starts_with($pointer, "$here/")) {
                return $there.substr($pointer, strlen($here));
            }
        }

        return $pointer;
    }
}
