<?php

// Asks a running copy what nobody should: odd requests, a crowd of large previews, a database that is killed under saves.
// Usage: php probe/requests.php odd COUNT SEED | crowd | saves COUNT KILLS | issue COUNT | pair. Called by bin/probe, which starts the copy.

declare(strict_types=1);

require __DIR__.'/Person.php';

function odd(string $origin, int $count, int $seed): int
{
    mt_srand($seed);
    $person = new Person($origin, 'planner@example.test');
    $base = $person->view(1)['design']['id'];
    $values = [null, '', "a\0b", str_repeat('x', 9000), -1, 1e308, [], [[]], ['a' => ['b' => ['c' => 1]]], true, 'ünïcode ＝', PHP_INT_MAX, '99999999999999999999999', '16 in', '1e400', "\u{202e}", '/surface/width_m', ['x'], 1, $base];
    $any = static fn (): mixed => $values[mt_rand(0, count($values) - 1)];
    $edit = static fn (): mixed => mt_rand(0, 3) === 0 ? $any() : [['path' => ['/surface/width_m', '/block/rows', '/penetrations', '/survey/leaks/answer', '/origins', '/confirmations', $any()][mt_rand(0, 6)], ['typed', 'value', 'add', 'remove', 'stands'][mt_rand(0, 4)] => $any()], ['toggle' => $any()], ['move' => ['x_m' => $any(), 'y_m' => 1.0]], ['area' => ['round' => $any(), 'x_m' => 1, 'y_m' => 1, 'width_m' => $any(), 'height_m' => 1]], ['pin' => $any()], ['command' => $any()]][mt_rand(0, 5)];
    $faults = [];
    $statuses = [];
    for ($number = 1; $number <= $count; ++$number) {
        $id = [1, 2, 3, 999, '999999999999999999999', 0, '%00', 'x'][mt_rand(0, 7)];
        $body = static fn (array $keys): mixed => mt_rand(0, 19) === 0 ? ['{"base": 1, "edits": [', '', '[]', '"x"', "\xff\xfe", str_repeat('[', 2000)][mt_rand(0, 5)] : array_map(static fn (mixed $usual): mixed => mt_rand(0, 2) === 0 ? $any() : $usual, $keys);
        $edits = array_map($edit, array_fill(0, mt_rand(0, 3), 0));
        $query = static fn (): string => ['', '?path=loads/qh', '?path[]=x', '?path=%00', '?one[]=1&two=2', '?one=99999999999999999999&two=1', '?place='.str_repeat('x', 4000), '?place[a]=b'][mt_rand(0, 7)];
        [$method, $path, $what] = [
            ['POST', "/jobs/$id/designs", $body(['base' => $base, 'edits' => $edits, 'key' => null])], ['POST', "/jobs/$id/preview", $body(['base' => $base, 'sequence' => 1, 'edits' => $edits])],
            ['POST', "/jobs/$id/because", $body(['base' => $base, 'path' => 'loads/qh', 'edits' => $edits])], ['POST', "/jobs/$id/beside", $body(['base' => $base, 'edits' => $edits])],
            ['POST', "/jobs/$id/confirmations", $body(['base' => $base, 'subjects' => [['subject' => $any(), 'value' => $any()]], 'name' => 'E. Sorrel', 'reason' => 'seen'])],
            ['POST', "/jobs/$id/own-copies", $body(['base' => $base, 'coefficient' => 'asce7_16/velocity_pressure/kd', 'value' => '0.85', 'document' => 'x', 'clause' => 'y', 'name' => 'E. Sorrel'])],
            ['POST', "/jobs/$id/issued", $body(['base' => $base, 'note' => 'x', 'purpose' => 'review'])], ['POST', "/jobs/$id/designs/".['undo', 'redo', '1/again', '9/onto', '999999999999999999999/again'][mt_rand(0, 4)], $body(['base' => $base])],
            ['POST', '/jobs', $body(['name' => 'x', 'units' => 'mm', 'document' => '{}'])], ['PATCH', '/company/members/'.$id, $body(['role' => 'crew', 'disabled' => false])],
            ['GET', "/jobs/$id/".['view', 'because', 'compare', 'hazards', 'designs', 'issued', 'archive.json', 'export/materials.csv', 'export/none', 'issued/9/plan.json', 'print/crew', 'stage/none'][mt_rand(0, 11)].$query(), null],
            ['GET', ['/invitation/', '/reset-password/', '/issued/'][mt_rand(0, 2)].$id.$query(), null],
        ][mt_rand(0, 11)];
        // Nobody locks the prober out.
        if (str_starts_with($path, '/company/members/1')) {
            continue;
        }
        $answer = $person->ask($method, $path, $what);
        $statuses[$answer['status']] = ($statuses[$answer['status']] ?? 0) + 1;
        if ($answer['status'] >= 500 || $answer['status'] === 0) {
            $faults[] = "number $number: $method $path ".mb_strimwidth((string) json_encode($what, JSON_PARTIAL_OUTPUT_ON_ERROR), 0, 300, '…')." is answered {$answer['status']}";
        }
    }
    ksort($statuses);
    printf("%d odd requests from seed %d: %s; %d faults\n", $count, $seed, implode(', ', array_map(static fn (int $status, int $times): string => "$status $times times", array_keys($statuses), $statuses)), count($faults));
    echo implode('', array_map(static fn (string $fault): string => "✗ $fault\n", $faults));

    return $faults === [] ? 0 : 1;
}

/** Ten large previews of one company wait, and another company's list is asked for ten times meanwhile. */
function crowd(string $origin): int
{
    $people = [new Person($origin, 'planner@example.test'), new Person($origin, 'other@example.test')];
    $base = $people[0]->view(1)['design']['id'];
    $dense = [
        ['path' => '/surface/width_m', 'typed' => '60 m'], ['path' => '/surface/framing/spacing_m', 'typed' => '0.2 m'], ['path' => '/block/columns', 'typed' => '50'], ['path' => '/block/rows', 'typed' => '4'],
        ['path' => '/surface/slope_length_m', 'typed' => '12 m'], ['path' => '/site/building_length_m', 'typed' => '60 m'],
    ];
    $multi = curl_multi_init();
    $previews = [];
    for ($number = 0; $number < 10; ++$number) {
        curl_multi_add_handle($multi, $previews[] = $people[0]->begin('POST', '/jobs/1/preview', ['base' => $base, 'sequence' => $number, 'edits' => $dense]));
    }
    $until = microtime(true) + 0.7;
    while (microtime(true) < $until) {
        curl_multi_exec($multi, $running);
        curl_multi_select($multi, 0.05);
    }
    $times = [];
    for ($look = 0; $look < 10; ++$look) {
        curl_multi_exec($multi, $running);
        $answer = $people[1]->ask('GET', '/jobs');
        $times[] = $answer['status'] === 200 ? $answer['s'] : INF;
    }
    do {
        curl_multi_exec($multi, $running);
        curl_multi_select($multi, 0.1);
    } while ($running > 0);
    $statuses = array_count_values(array_map(static fn (CurlHandle $one): int => (int) curl_getinfo($one, CURLINFO_RESPONSE_CODE), $previews));
    sort($times);
    $longest = max(array_map(static fn (CurlHandle $one): float => (float) curl_getinfo($one, CURLINFO_TOTAL_TIME), $previews));
    printf("Ten large previews (%s, the last after %.1f s), another company's list meanwhile: %s s\n", implode(', ', array_map(static fn (int $status, int $count): string => "$count answered $status", array_keys($statuses), $statuses)), $longest, implode(' ', array_map(static fn (float $s): string => sprintf('%.2f', $s), $times)));

    // The same tab asks anew: the older look gives way at once.
    $tab = '00000000-0000-4000-8000-000000000001';
    $looks = [];
    foreach ([1, 2] as $sequence) {
        curl_multi_add_handle($multi, $looks[] = $people[0]->begin('POST', '/jobs/1/preview', ['base' => $base, 'tab' => $tab, 'sequence' => $sequence, 'edits' => $dense]));
        $until = microtime(true) + ($sequence === 1 ? 0.7 : 60);
        do {
            curl_multi_exec($multi, $running);
            curl_multi_select($multi, 0.05);
        } while ($running > 0 && microtime(true) < $until);
    }
    [$older, $newer] = array_map(static fn (CurlHandle $one): array => [(int) curl_getinfo($one, CURLINFO_RESPONSE_CODE), (float) curl_getinfo($one, CURLINFO_TOTAL_TIME)], $looks);
    printf("A newer look of the same tab after 0.7 s: the older is answered %d after %.2f s, the newer %d after %.2f s\n", ...$older, ...$newer);

    return $times[8] <= 1.0 && array_diff(array_keys($statuses), [200, 429]) === [] && $older[0] === 410 && $newer[0] === 200 ? 0 : 1;
}

/** Saves with their keys, each repeated until it is answered, while the database, or the processes that answer, are killed again and again. */
function saves(string $origin, int $count, int $kills): int
{
    $person = new Person($origin, 'planner@example.test');
    $base = $person->view(1)['design']['id'];
    $kill = (string) getenv('PROBE_KILL');
    $acknowledged = [];
    $repeats = 0;
    for ($save = 0; $save < $count; ++$save) {
        if ($save % max(1, intdiv($count, $kills)) === 0) {
            // In the midst of a save, not between two.
            exec("(sleep 0.0$save; $kill) >/dev/null 2>&1 &");
        }
        $key = sprintf('%08d-0000-4000-8000-%012d', (int) getenv('PROBE_KEY'), $save);
        $until = microtime(true) + 60;
        do {
            $answer = $person->ask('POST', '/jobs/1/designs', ['base' => $base, 'key' => $key, 'edits' => [['path' => '/site/wind_speed_m_per_s', 'typed' => sprintf('%.3f mph', 100 + $save / 100)]]]);
            if ($answer['status'] !== 200) {
                ++$repeats;
                usleep(200_000);
            }
        } while ($answer['status'] !== 200 && microtime(true) < $until);
        if ($answer['status'] !== 200) {
            printf("✗ save %d was never answered: %d %s\n", $save, $answer['status'], substr($answer['body'], 0, 200));

            return 1;
        }
        $acknowledged[$key] = $base = json_decode($answer['body'], true)['design']['id'];
    }
    $stored = array_filter(explode("\n", trim((string) shell_exec((string) getenv('PROBE_KEYS')))));
    $lost = array_diff(array_keys($acknowledged), $stored);
    $twice = array_filter(array_count_values($stored), static fn (int $times): bool => $times > 1);
    printf("%d saves, %s killed %d times: %d asked again, %d acknowledged and lost, %d stored twice\n", $count, getenv('PROBE_KILLED') ?: 'the database', $kills, $repeats, count($lost), count($twice));

    return $lost === [] && $twice === [] && count($acknowledged) === $count ? 0 : 1;
}

/** Plans that are issued, each of a design of its own. */
function issue(string $origin, int $count, int $from = 80): int
{
    $person = new Person($origin, 'planner@example.test');
    for ($number = 1; $number <= $count; ++$number) {
        $base = $person->view(1)['design']['id'];
        $base = json_decode($person->ask('POST', '/jobs/1/designs', ['base' => $base, 'edits' => [['path' => '/site/wind_speed_m_per_s', 'typed' => $from + $number.' mph']]])['body'], true)['design']['id'];
        $answer = $person->ask('POST', '/jobs/1/issued', ['base' => $base, 'note' => "number $number", 'purpose' => 'review']);
        if ($answer['status'] >= 300) {
            printf("✗ plan %d is not issued: %d %s\n", $number, $answer['status'], substr($answer['body'], 0, 200));

            return 1;
        }
    }

    return 0;
}

/** People whose requests are answered by two servers in turn: logged in on both, a race told by either, a look, a plan issued. */
function pair(string $origin): int
{
    $person = new Person($origin, 'planner@example.test');
    $colleague = new Person($origin, 'colleague@example.test');
    $faults = 0;
    $expect = static function (string $what, bool $holds) use (&$faults): void {
        printf("%s %s\n", $holds ? '✓' : '✗', $what);
        $faults += $holds ? 0 : 1;
    };
    $servers = $lists = [];
    for ($request = 0; $request < 6; ++$request) {
        $answer = $person->ask('GET', '/jobs/1/designs');
        $lists[] = $answer['status'];
        $servers[] = $answer['server'];
    }
    $expect('a session holds on both: '.implode(' ', $lists).' by '.count(array_unique($servers)).' servers', array_unique($lists) === [200] && count(array_unique($servers)) === 2);
    $base = $person->view(1)['design']['id'];
    $edit = static fn (string $speed): array => ['base' => $base, 'edits' => [['path' => '/site/wind_speed_m_per_s', 'typed' => $speed]]];
    $multi = curl_multi_init();
    $race = [$person->begin('POST', '/jobs/1/designs', $edit('101 mph')), $colleague->begin('POST', '/jobs/1/designs', $edit('102 mph'))];
    array_walk($race, static fn (CurlHandle $one) => curl_multi_add_handle($multi, $one));
    do {
        curl_multi_exec($multi, $running);
        curl_multi_select($multi, 0.05);
    } while ($running > 0);
    $answers = array_map(static fn (CurlHandle $one): array => $person->finish($one, (string) curl_multi_getcontent($one)), $race);
    $statuses = array_column($answers, 'status');
    sort($statuses);
    $expect('two people save on one design at once: '.implode(' ', $statuses).' by '.count(array_unique(array_column($answers, 'server'))).' servers', $statuses === [200, 409]);
    $look = $person->ask('POST', '/jobs/1/preview', $edit('103 mph'));
    $expect('a look: '.$look['status'], $look['status'] === 200);

    return $faults + issue($origin, 1, 110) === 0 ? 0 : 1;
}

$origin = (string) getenv('PROBE_ORIGIN');
exit(match ($argv[1] ?? '') {
    'odd' => odd($origin, (int) ($argv[2] ?? 500), (int) ($argv[3] ?? 1)), 'crowd' => crowd($origin), 'saves' => saves($origin, (int) ($argv[2] ?? 200), (int) ($argv[3] ?? 4)),
    'issue' => issue($origin, (int) ($argv[2] ?? 10)), 'pair' => pair($origin),
    default => 2,
});
