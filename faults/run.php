<?php

// Plants its share of the faults, one after the other, in a copy of the project. Usage: php faults/run.php COPY LANE LANES ARGUMENTS

declare(strict_types=1);

[, $copy, $lane, $lanes] = $argv;
$arguments = array_slice($argv, 4);
$parts = array_values(array_intersect(['core', 'app', 'front'], $arguments)) ?: ['core', 'app', 'front'];
$only = in_array('--only', $arguments, true) ? $arguments[array_search('--only', $arguments, true) + 1] : '';
$today = in_array('--today', $arguments, true);
$nearOnly = in_array('--near', $arguments, true);

$faults = [];
foreach ($today ? ['core', 'app'] : $parts as $part) {
    /** @var array<string, list<array{0: string, 1: string, 2: string, 3?: string}>> $files Text, replacement, meaning; where tests of other names look first, which */
    $files = require __DIR__."/$part.php";
    foreach ($files as $file => $list) {
        foreach ($list as $number => $fault) {
            $faults[] = ['part' => $part, 'file' => $file, 'name' => basename($file).' '.($number + 1)] + ['from' => $fault[0], 'to' => $fault[1], 'means' => $fault[2], 'first' => $fault[3] ?? ''];
        }
    }
}
if ($today) {
    mt_srand((int) date('ymd'));
    shuffle($faults);
    $faults = array_slice($faults, 0, 10);
}
$faults = array_values(array_filter($faults, static fn (array $fault): bool => $only === '' || array_filter(explode('|', $only), static fn (string $text): bool => str_contains("{$fault['file']} {$fault['name']} {$fault['means']}", $text)) !== []));

$run = static function (string $command) use ($copy): bool {
    exec('cd '.escapeshellarg($copy).' && timeout 600 bash -c '.escapeshellarg($command).' >/dev/null 2>&1', $lines, $code);

    return $code !== 0;
};
/** Whether tests fail under the fault: those that are nearest first. */
$isSeen = static function (array $fault, bool $nearOnly) use ($copy, $run): bool {
    $database = static fn (string $phpunit): string => "source bin/lib.sh; need_environment; pg_start test; $phpunit";
    if ($fault['part'] === 'core') {
        $near = 'tests/'.(explode('/', $fault['file'])[2] ?? '');
        $near = is_dir("$copy/core/$near") ? $near : 'tests/Told';
        $phpunit = 'cd core && vendor/bin/phpunit --no-progress --stop-on-defect --do-not-cache-result';

        // The test that is named with the fault, or is called as its class is.
        $own = basename($fault['file'], '.php').'Test';
        $first = $fault['first'] !== '' ? $fault['first'] : (glob("$copy/core/tests/*/$own.php") ? "\\\\$own::" : '');

        return ($first !== '' && $run("$phpunit --filter '$first'")) || $run("$phpunit tests/Told/ToldTest.php") || $run("$phpunit tests/Told") || ($near !== 'tests/Told' && $run("$phpunit $near")) || (!$nearOnly && $run($phpunit));
    }
    $phpunit = 'vendor/bin/phpunit --no-progress --stop-on-defect --do-not-cache-result --testsuite';
    if ($fault['part'] === 'app') {
        return $run($database("$phpunit feature --filter '{$fault['first']}'")) || (!$nearOnly && $run($database("$phpunit feature")));
    }

    // A plain function does otherwise, the front end does not build, or a journey ends otherwise.
    return $run('npm run --silent types') || $run('npm run --silent units') || $run('rm -rf public/build; npm run --silent build') || $run($database("$phpunit browser --filter '{$fault['first']}'")) || (!$nearOnly && $run($database("$phpunit browser")));
};

// Where tests fail with nothing planted, all would count as seen. Who has just run the core's knows, but not that they run in a copy.
$unplanted = static fn (string $part): bool => $part === 'core' && in_array('--green', $arguments, true)
    ? $run('cd core && vendor/bin/phpunit --no-progress --do-not-cache-result --filter RoomsTest')
    : $isSeen(['part' => $part, 'file' => "$part/src/Told/none.php", 'first' => $part === 'core' ? '' : 'ToldTest'], true);
foreach ($lane === '1' ? array_unique(array_column($faults, 'part')) : [] as $part) {
    if ($unplanted($part)) {
        printf("? %s 1: its tests fail with nothing planted\n", $part);
        exit(1);
    }
}
foreach ($faults as $index => $fault) {
    if ($index % (int) $lanes !== (int) $lane - 1) {
        continue;
    }
    $path = "$copy/{$fault['file']}";
    $text = (string) file_get_contents($path);
    if (substr_count($text, $fault['from']) !== 1) {
        printf("? %s %s: its text stands %d times in %s\n", $fault['part'], $fault['name'], substr_count($text, $fault['from']), $fault['file']);
        continue;
    }
    file_put_contents($path, str_replace($fault['from'], $fault['to'], $text));
    $seen = $isSeen($fault, $nearOnly);
    file_put_contents($path, $text);
    printf("%s %s %s: %s\n", $seen ? '✓' : '✗', $fault['part'], $fault['name'], $fault['means']);
}
