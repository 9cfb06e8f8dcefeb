<?php

// Logs in to the demo and times the preview of a dragged block with ab, for one and four planners at once.

declare(strict_types=1);

$origin = $argv[1] ?? exit("Usage: preview.php ORIGIN\n");
$jar = (string) tempnam(sys_get_temp_dir(), 'garnetine');
$curl = static function (string $path, ?string $body = null) use ($origin, $jar): string {
    $handle = curl_init($origin.$path) ?: throw new RuntimeException('No curl.');
    $token = preg_match('/XSRF-TOKEN\t(\S+)/', (string) @file_get_contents($jar), $found) === 1 ? urldecode($found[1]) : '';
    curl_setopt_array($handle, [CURLOPT_RETURNTRANSFER => true, CURLOPT_COOKIEJAR => $jar, CURLOPT_COOKIEFILE => $jar, CURLOPT_HTTPHEADER => ['Accept: application/json', 'Content-Type: application/json', "X-XSRF-TOKEN: $token"]]
        + ($body === null ? [] : [CURLOPT_POSTFIELDS => $body]));
    $answer = (string) curl_exec($handle);
    unset($handle);

    return $answer;
};
$curl('/login');
$curl('/demo', '{}');
$curl('/jobs');
$job = 1;
$view = json_decode($curl("/jobs/$job/view"), true);
if (!is_array($view)) {
    exit("preview: the demo does not open\n");
}
$body = (string) tempnam(sys_get_temp_dir(), 'garnetine');
file_put_contents($body, json_encode(['base' => $view['design']['id'], 'sequence' => 1, 'edits' => [['path' => '/block/x_m', 'typed' => '66 in']]]));
$cookies = [];
foreach (file($jar) ?: [] as $line) {
    $part = explode("\t", trim($line));
    if (count($part) === 7) {
        $cookies[$part[5]] = $part[6];
    }
}
$cookie = implode('; ', array_map(static fn (string $name, string $value): string => "$name=$value", array_keys($cookies), $cookies));
foreach ([1, 4] as $planners) {
    $command = sprintf(
        'ab -q -n 120 -c %d -T application/json -H %s -H %s -H %s -p %s %s 2>&1',
        $planners,
        escapeshellarg("Cookie: $cookie"),
        escapeshellarg('X-XSRF-TOKEN: '.urldecode($cookies['XSRF-TOKEN'] ?? '')),
        escapeshellarg('Accept: application/json'),
        escapeshellarg($body),
        escapeshellarg("$origin/jobs/$job/preview"),
    );
    $output = (string) shell_exec($command);
    preg_match('/^ +50% +(\d+)/m', $output, $half);
    preg_match('/^ +95% +(\d+)/m', $output, $most);
    preg_match('/Non-2xx responses: +(\d+)/', $output, $bad);
    printf("preview of the demo, %d planner%s: p50 %s ms, p95 %s ms, %s refused\n", $planners, $planners === 1 ? '' : 's', $half[1] ?? '?', $most[1] ?? '?', $bad[1] ?? '0');
}
unlink($jar);
unlink($body);
