<?php

declare(strict_types=1);

namespace App\Support;

use Illuminate\Cache\FileStore;

/** A cache in files in which a write that is lost, as on a full disk, is a value that is not there: no request fails for it. */
final class ForgivingStore extends FileStore
{
    #[\Override]
    public function put($key, $value, $seconds): bool
    {
        return self::tried(fn (): bool => parent::put($key, $value, $seconds));
    }

    #[\Override]
    public function add($key, $value, $seconds): bool
    {
        return self::tried(fn (): bool => parent::add($key, $value, $seconds));
    }

    /** @param \Closure(): bool $write */
    private static function tried(\Closure $write): bool
    {
        try {
            return $write();
        } catch (\Throwable $lost) {
            report($lost);

            return false;
        }
    }
}
