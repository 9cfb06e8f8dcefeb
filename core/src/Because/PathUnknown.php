<?php

declare(strict_types=1);

namespace Garnetine\Core\Because;

use Garnetine\Core\CoreException;

final class PathUnknown extends \OutOfBoundsException implements CoreException
{
    public static function named(string $path): self
    {
        return new self(sprintf('No value of the plan has the path "%s"; "bin/garnetine because FILE" lists them.', mb_strimwidth($path, 0, 80, '…')));
    }

    public function errorCode(): string
    {
        return 'path_unknown';
    }
}
