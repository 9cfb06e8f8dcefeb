<?php

// Whether the text of every planted fault still stands once in its file: one that does not is planted nowhere, and nothing sees it. Usage: php faults/standing.php

declare(strict_types=1);

$bad = 0;
foreach (['core', 'app', 'front'] as $part) {
    foreach (require __DIR__."/$part.php" as $file => $list) {
        $text = (string) file_get_contents(dirname(__DIR__)."/$file");
        foreach ($list as [$from, $to, $means]) {
            if (substr_count($text, $from) !== 1) {
                printf("%s stands %d times in %s: %s\n", json_encode($from, JSON_UNESCAPED_UNICODE | JSON_UNESCAPED_SLASHES), substr_count($text, $from), $file, $means);
                ++$bad;
            }
        }
    }
}
exit($bad === 0 ? 0 : 1);
