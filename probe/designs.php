<?php

// Designs changed at random, planned in process: what is no design is refused with its place, what is one is planned or refused,
// within the time and memory that a server gives. Usage: php probe/designs.php COUNT SEED

declare(strict_types=1);

use Garnetine\Core\CoreException;
use Garnetine\Core\Design\Design;
use Garnetine\Core\Design\DesignFile;
use Garnetine\Core\Document\Shape;
use Garnetine\Core\Plan\PlanDocument;
use Garnetine\Core\Plan\ProjectPlan;

require dirname(__DIR__).'/core/vendor/autoload.php';
require dirname(__DIR__).'/core/bench/reference.php';

const MOST_REFERENCES = 650;
const MOST_BYTES = 512_000_000;

/** Paths with the rule for what may stand there. */
function places(string $class, string $path = ''): array
{
    $places = [];
    foreach (Shape::of($class)->fields as $key => $field) {
        if ($field->items !== null) {
            $places += places($field->items->of, "$path/$key/0");
        } elseif (class_exists($field->type) && Shape::dimension($field->type) === null && !enum_exists($field->type)) {
            $places += places($field->type, "$path/$key");
        } elseif ($field->keyed === null) {
            $places["$path/$key"] = $field;
        }
    }

    return $places;
}

/** A value that fits most of the time, and now and then one that does not. */
function value(Garnetine\Core\Document\Field $field): mixed
{
    $odd = [null, '', "\0", str_repeat('x', 5000), -1, 1e308, -0.0, [], [[]], new stdClass(), true, 'ünïcode ＝', 1e-300, PHP_INT_MAX];
    if (mt_rand(0, 9) === 0) {
        return $odd[mt_rand(0, count($odd) - 1)];
    }
    if (enum_exists($field->type)) {
        $cases = $field->type::cases();

        return $cases[mt_rand(0, count($cases) - 1)]->value;
    }
    $range = $field->range;
    $between = static fn (float $low, float $high): float => mt_rand(0, 1) === 1 || $low <= 0 ? $low + ($high - $low) * mt_rand() / mt_getrandmax() : $low * ($high / $low) ** (mt_rand() / mt_getrandmax());

    return match (true) {
        $field->type === 'bool' => mt_rand(0, 1) === 1,
        $field->type === 'int' => $range === null ? mt_rand(0, 9) : (int) $between($range->min, $range->max),
        $field->type === 'string' => ['a', 'b-1', 'none', '2026-05-12', 'a longer text of some words'][mt_rand(0, 4)],
        default => $range === null ? (float) mt_rand(0, 1000) : [$range->min, $range->max, $between($range->min, $range->max), $between($range->min, $range->max)][mt_rand(0, 3)],
    };
}

function put(mixed &$document, array $keys, mixed $value): void
{
    $key = array_shift($keys);
    if ($keys === []) {
        is_array($document) ? $document[(int) $key] = $value : ($document instanceof stdClass ? $document->{$key} = $value : null);

        return;
    }
    if ($document instanceof stdClass && isset($document->{$key})) {
        put($document->{$key}, $keys, $value);
    } elseif (is_array($document) && isset($document[(int) $key])) {
        put($document[(int) $key], $keys, $value);
    }
}

[, $count, $seed] = $argv + [1 => '2000', 2 => '1'];
mt_srand((int) $seed);
$examples = array_map(static fn (string $file): string => (string) file_get_contents($file), glob(dirname(__DIR__).'/docs/examples/*.json') ?: []);
$places = places(Design::class);
$reference_ms = reference_ms();
$refused = $planned = 0;
$slowest = $faults = [];
for ($number = 1; $number <= (int) $count; ++$number) {
    $document = json_decode($examples[mt_rand(0, count($examples) - 1)]);
    $changes = [];
    for ($change = mt_rand(1, 6); $change > 0; --$change) {
        $path = (string) array_rand($places);
        $value = value($places[$path]);
        put($document, array_slice(explode('/', $path), 1), $value);
        $changes[] = $path.' = '.mb_strimwidth((string) json_encode($value), 0, 40, '…');
    }
    if (mt_rand(0, 9) === 0) {
        // Large roofs, and dense places: together, or nothing of it is on the plane.
        foreach (['/block/rows', '/block/columns', '/surface/width_m', '/surface/slope_length_m', '/surface/framing/spacing_m', '/block/x_m', '/block/y_m'] as $path) {
            put($document, array_slice(explode('/', $path), 1), $value = [$places[$path]->range->min, $places[$path]->range->min * ($places[$path]->range->max / max(1e-9, $places[$path]->range->min)) ** (mt_rand() / mt_getrandmax())][min(1, mt_rand(0, 9))]);
            if ($places[$path]->type === 'int') {
                put($document, array_slice(explode('/', $path), 1), $value = (int) $value);
            }
            $changes[] = "$path = ".json_encode($value);
        }
    }
    $text = (string) json_encode($document, JSON_PRESERVE_ZERO_FRACTION | JSON_PARTIAL_OUTPUT_ON_ERROR);
    if ($number % 50 === 0) {
        $reference_ms = reference_ms();
    }
    memory_reset_peak_usage();
    $began = hrtime(true);
    try {
        PlanDocument::write(ProjectPlan::of(DesignFile::read($text)));
        ++$planned;
    } catch (CoreException) {
        ++$refused;
    } catch (Throwable $fault) {
        $faults[] = "number $number: ".$fault::class.' '.$fault->getMessage().' at '.basename($fault->getFile()).':'.$fault->getLine().'; '.implode('; ', $changes);
    }
    $references = (hrtime(true) - $began) / 1e6 / $reference_ms;
    $slowest[] = [$references, memory_get_peak_usage(), $number, implode('; ', $changes)];
    usort($slowest, static fn (array $one, array $other): int => $other[0] <=> $one[0]);
    $slowest = array_slice($slowest, 0, 10);
    if ($references > MOST_REFERENCES || memory_get_peak_usage() > MOST_BYTES) {
        $faults[] = sprintf('number %d: %.0f references, %.0f MB; %s', $number, $references, memory_get_peak_usage() / 1e6, implode('; ', $changes));
    }
}
printf("%d designs from seed %s: %d planned, %d refused with their place, %d faults\n", $count, $seed, $planned, $refused, count($faults));
foreach ($slowest as [$references, $bytes, $number, $changes]) {
    printf("  number %d: %.1f references, %.0f MB; %s\n", $number, $references, $bytes / 1e6, mb_strimwidth($changes, 0, 160, '…'));
}
echo implode("\n", array_map(static fn (string $fault): string => "✗ $fault", $faults)), $faults === [] ? '' : "\n";
exit($faults === [] ? 0 : 1);
