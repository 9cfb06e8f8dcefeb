<?php

// How many of the planted faults were seen, by folder. Those in unseen.php are known, each with its reason. Usage: php faults/rates.php FILES

declare(strict_types=1);

/** @var array<string, string> $known Name of a fault that no test sees, and why that is so */
$known = require __DIR__.'/unseen.php';
$folders = [];
$bad = 0;
foreach (array_slice($argv, 1) as $file) {
    foreach (file($file, FILE_IGNORE_NEW_LINES) ?: [] as $line) {
        if (preg_match('/^(✓|✗|\?) (\w+) (\S+ \d+): (.*)$/u', $line, $part) !== 1) {
            // Anything else went wrong.
            echo $line, "\n";
            ++$bad;
            continue;
        }
        [, $sign, $where, $name, $means] = $part;
        $folders[$where]['all'] = ($folders[$where]['all'] ?? 0) + 1;
        $folders[$where]['seen'] = ($folders[$where]['seen'] ?? 0) + ($sign === '✓' ? 1 : 0);
        if ($sign !== '✓') {
            $bad += isset($known[$name]) && $sign === '✗' ? 0 : 1;
            printf("%s %s: %s%s\n", $sign, $name, $means, isset($known[$name]) ? " (known: {$known[$name]})" : '');
        }
    }
}
foreach ($folders as $where => ['all' => $all, 'seen' => $seen]) {
    printf("%-6s %d of %d faults seen, %.0f %%\n", $where, $seen, $all, 100 * $seen / $all);
}
exit($bad === 0 ? 0 : 1);
