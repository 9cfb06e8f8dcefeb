<?php

declare(strict_types=1);

namespace Garnetine\Core;

/** Every fault that leaves the core: a message for people, and a stable code for programs. */
interface CoreException extends \Throwable
{
    public function errorCode(): string;
}
