<?php

declare(strict_types=1);

namespace App\Planning;

/** So many large plans of one company are under way or wait that this one is to be asked for again. */
final class Busy extends \RuntimeException
{
    public function __construct()
    {
        parent::__construct('This roof is large, and others of your company are being planned. Try again in a moment; what you typed is still here.');
    }
}
