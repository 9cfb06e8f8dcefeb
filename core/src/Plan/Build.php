<?php

declare(strict_types=1);

namespace Garnetine\Core\Plan;

/** The build: a hash over the sources and the data, so that a plan can say what computed it. */
final class Build
{
    public static function hash(): string
    {
        static $hash = null;
        if (!is_string($hash)) {
            $root = dirname(__DIR__, 2);
            $files = [];
            foreach (['src', 'data'] as $folder) {
                foreach (new \RecursiveIteratorIterator(new \RecursiveDirectoryIterator("$root/$folder", \FilesystemIterator::SKIP_DOTS)) as $file) {
                    if ($file instanceof \SplFileInfo && $file->getExtension() === 'php') {
                        $files[substr($file->getPathname(), strlen($root))] = hash_file('sha256', $file->getPathname());
                    }
                }
            }
            ksort($files, SORT_STRING);
            $hash = substr(hash('sha256', serialize($files)), 0, 16);
        }

        return $hash;
    }
}
