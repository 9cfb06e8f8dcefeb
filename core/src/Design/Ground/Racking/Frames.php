<?php

declare(strict_types=1);

namespace Garnetine\Core\Design\Ground\Racking;

/** One row of modules between triangular frames that are strung on a conduit. */
interface Frames extends Racking
{
    public function frames(): FrameSizes;
}
