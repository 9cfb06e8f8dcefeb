<?php

declare(strict_types=1);

namespace Garnetine\Core\Design\Ground\Racking;

/** A table whose rails lie on a front and a rear beam, each on a row of posts. */
interface TwoRows extends Racking
{
    public function sizes(): TwoRowSizes;
}
