<?php

// Logs in, starts a job of 60 modules, and times the preview of a block that one and four planners drag at once.

declare(strict_types=1);

require __DIR__.'/reference.php';

$origin = $argv[1] ?? exit("Usage: preview.php ORIGIN\n");
$process = $argv[4] ?? 'php';
// The name that is answered leads to this machine.
$here = [parse_url($origin, PHP_URL_HOST).':'.parse_url($origin, PHP_URL_PORT).':127.0.0.1'];
$sentTo = '';
$jar = (string) tempnam(sys_get_temp_dir(), 'garnetine');
$curl = static function (string $path, ?string $body = null) use ($origin, $here, $jar, &$sentTo): string {
    $handle = curl_init($origin.$path) ?: throw new RuntimeException('No curl.');
    $token = preg_match('/XSRF-TOKEN\t(\S+)/', (string) @file_get_contents($jar), $found) === 1 ? urldecode($found[1]) : '';
    // The certificate was made a moment ago, for this run.
    curl_setopt_array($handle, [CURLOPT_RESOLVE => $here, CURLOPT_SSL_VERIFYPEER => false, CURLOPT_SSL_VERIFYHOST => 0, CURLOPT_RETURNTRANSFER => true, CURLOPT_COOKIEJAR => $jar, CURLOPT_COOKIEFILE => $jar, CURLOPT_HTTPHEADER => ['Accept: application/json', 'Content-Type: application/json', "X-XSRF-TOKEN: $token"]]
        + ($body === null ? [] : [CURLOPT_POSTFIELDS => $body]));
    $answer = (string) curl_exec($handle);
    $sentTo = (string) curl_getinfo($handle, CURLINFO_REDIRECT_URL);
    unset($handle);

    return $answer;
};
$curl('/login');
$curl('/demo', '{}');
$curl('/jobs');
// The 60-module roof of the budgets.
$curl('/jobs', (string) json_encode(['name' => 'Bench', 'units' => 'ft_in', 'document' => (string) file_get_contents($argv[3] ?? exit("No design given.\n"))]));
$job = preg_match('~/jobs/(\d+)~', $sentTo, $found) === 1 ? (int) $found[1] : exit("preview: no job was made\n");
$view = json_decode($curl("/jobs/$job/view"), true);
if (!is_array($view)) {
    exit("preview: the demo does not open\n");
}
$cookies = [];
foreach (file($jar) ?: [] as $line) {
    $part = explode("\t", trim($line));
    if (count($part) === 7) {
        $cookies[$part[5]] = $part[6];
    }
}
$cookie = implode('; ', array_map(static fn (string $name, string $value): string => "$name=$value", array_keys($cookies), $cookies));

// A drag: every request moves the block to another place; each planner asks anew when the last answer is there, at most 20 times a second.
$edits = array_map(static fn (int $step): string => (string) json_encode(['base' => $view['design']['id'], 'sequence' => $step, 'tape_of' => '', 'edits' => [['move' => ['x_m' => 1.5 + 0.01 * ($step % 40), 'y_m' => 0.7 + 0.005 * ($step % 17)]]]]), range(1, 200));
$headers = ['Accept: application/json', 'Content-Type: application/json', "Cookie: $cookie", 'X-XSRF-TOKEN: '.urldecode($cookies['XSRF-TOKEN'] ?? '')];
$drag = static function (int $planners, int $requests) use ($edits, $headers, $origin, $here, $job): array {
    $multi = curl_multi_init();
    $times = [];
    $refused = 0;
    $next = array_fill(0, $planners, 0.0);
    $running = [];
    $sent = 0;
    $references = $since = $alone = [];
    $begun = stolen_ticks();
    $start = microtime(true);
    while (count($times) < $requests) {
        // The clock of a machine may change within seconds: now and then, while nothing runs, a fortieth of the reference.
        if ($running === [] && $sent >= 20 * count($references)) {
            $references[] = 40 * best_ms(1, static fn (): float => roots(25_000));
        }
        for ($planner = 0; $planner < $planners; ++$planner) {
            if (!isset($running[$planner]) && $sent < min($requests, 20 * count($references)) && microtime(true) >= $next[$planner]) {
                $handle = curl_init("$origin/jobs/$job/preview") ?: throw new RuntimeException('No curl.');
                curl_setopt_array($handle, [CURLOPT_RESOLVE => $here, CURLOPT_SSL_VERIFYPEER => false, CURLOPT_SSL_VERIFYHOST => 0, CURLOPT_RETURNTRANSFER => true, CURLOPT_HTTPHEADER => $headers, CURLOPT_POSTFIELDS => $edits[$sent++ % count($edits)], CURLOPT_PRIVATE => (string) $planner]);
                curl_multi_add_handle($multi, $handle);
                $running[$planner] = true;
                $since[$planner] = stolen_ticks();
                $next[$planner] = microtime(true) + 0.05;
            }
        }
        curl_multi_exec($multi, $active);
        while (($done = curl_multi_info_read($multi)) !== false) {
            $times[] = $ms = 1000 * curl_getinfo($done['handle'], CURLINFO_TOTAL_TIME);
            if (stolen_ticks() === ($since[(int) curl_getinfo($done['handle'], CURLINFO_PRIVATE)] ?? 0)) {
                $alone[] = $ms;
            }
            $refused += curl_getinfo($done['handle'], CURLINFO_RESPONSE_CODE) === 200 ? 0 : 1;
            unset($running[(int) curl_getinfo($done['handle'], CURLINFO_PRIVATE)]);
            curl_multi_remove_handle($multi, $done['handle']);
        }
        // Waits for an answer, or for the next planner's turn; a loop that asked on and on would take its share of the processors.
        if ($running === [] || curl_multi_select($multi, 0.002) < 0) {
            usleep(500);
        }
    }
    sort($references);
    $taken = (stolen_ticks() - $begun) / 100 / (microtime(true) - $start);

    return [$times, $alone, $references[intdiv(count($references), 2)] ?? NAN, $refused, $taken];
};
$drag(1, 10);
foreach ([[1, 50], [4, 100]] as [$planners, $budget]) {
    [$times, $alone, $reference_ms, $refused, $taken] = $drag($planners, 400);
    $most = quantile($times, 0.95);
    printf("%s: preview of a dragged block, %d module roof, %d planner%s at up to 20 a second: p50 %.0f ms, p95 %.0f ms (%.1f × the reference of %.0f ms in between; at most %d: %s), %d refused\n", $process === 'php' ? 'bin/start' : 'deploy/', $view['summary']['modules'], $planners, $planners === 1 ? '' : 's', quantile($times, 0.5), $most, $most / $reference_ms, $reference_ms, $budget, $most <= $budget ? 'met' : 'MISSED', $refused);
    printf("  meanwhile others on this host took %.2f of a processor; of the %d requests that they left alone: p50 %.0f ms, p95 %.0f ms\n", $taken, count($alone), quantile($alone, 0.5), quantile($alone, 0.95));
}
// The memory of the server's processes, over many previews.
$memory = static fn (): int => (int) shell_exec("ps -o rss= -C $process,php | sort -n | tail -1");
$before = $memory();
$many = (int) ($argv[2] ?? 1000);
$drag(4, $many);
printf("memory of the largest server process: %.0f MB before, %.0f MB after %d previews\n", $before / 1024, $memory() / 1024, $many);
unlink($jar);
