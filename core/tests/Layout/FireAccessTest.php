<?php

declare(strict_types=1);

namespace Garnetine\Core\Tests\Layout;

use Garnetine\Core\Design\Edit\JobEdits;
use Garnetine\Core\Document\Copy;
use Garnetine\Core\Document\Writer;
use Garnetine\Core\Finding\Finding;
use Garnetine\Core\Plan\Depth;
use Garnetine\Core\Plan\Planner;
use Garnetine\Core\Tests\Support\Scenario;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** Access of fire crews by IRC 2018, R324.6, over all planes of a roof. */
final class FireAccessTest extends TestCase
{
    private const PATH = ['id' => 'path', 'kind' => 'fire_path', 'x_m' => 0.2, 'y_m' => 0.0, 'width_m' => 0.9144, 'height_m' => 5.1308, 'clearance_m' => 0.0];

    /** @return iterable<string, array{array<string, mixed>, array<string, mixed>, list<string>, list<string>}> Changes of both planes, of the second, what is said of the first, of the second */
    public static function roofs(): iterable
    {
        // Two planes of 69.20 m² with 19 modules of 1.6607 m² each; these end 0.80 m below the ridge, between 18 and 36 in.
        $cos = cos(atan(4 / 12));
        yield 'paths on both planes' => [[], [], ['fire_checked'], ['fire_checked']];
        yield 'none on the second' => [[], ['/surface/no_work_rectangles' => []], ['fire_paths_few'], ['fire_paths_few', 'fire_path_missing']];
        yield 'none there, the other serves it' => [[], ['/surface/no_work_rectangles' => [], '/surface/fire/path_on' => 'plane-1'], ['fire_paths_few'], ['fire_paths_few']];
        yield 'nobody on the street' => [['/surface/fire/street' => 'no'], [], ['fire_paths_few'], ['fire_paths_few']];
        yield 'one on the street' => [[], ['/surface/fire/street' => 'no'], ['fire_checked'], ['fire_checked']];
        yield 'nobody said' => [[], ['/surface/fire/street' => 'unknown'], ['fire_not_checked'], ['fire_not_checked']];
        yield 'another rule' => [['/fire/rule' => 'other'], [], ['fire_not_checked'], ['fire_not_checked']];
        yield 'no dwelling' => [['/fire/dwelling' => 'no'], [], ['fire_not_checked'], ['fire_not_checked']];
        $share = static fn (float $share): array => ['/fire/roof_m2' => 38 * 0.9906 * 1.6764 * $cos / $share];
        yield 'of the planes of the job' => [['/fire/roof_m2' => null], [], ['fire_ridge'], ['fire_ridge']];
        yield 'a third under modules' => [$share(0.33), [], ['fire_checked'], ['fire_checked']];
        yield 'a hair more' => [$share(0.3301), [], ['fire_ridge'], ['fire_ridge']];
        yield 'that much with sprinklers' => [$share(0.66) + ['/fire/sprinklers' => 'yes'], [], ['fire_checked'], ['fire_checked']];
        yield 'more than that' => [$share(0.6601) + ['/fire/sprinklers' => 'yes'], [], ['fire_ridge'], ['fire_ridge']];
        yield 'further down' => [$share(0.5) + ['/block/y_m' => 0.8], [], ['fire_checked'], ['fire_checked']];
        yield 'a path that begins above the eave' => [[], ['/surface/no_work_rectangles' => [['y_m' => 0.01] + self::PATH]], ['fire_paths_few'], ['fire_path_short', 'fire_paths_few', 'fire_path_missing']];
        yield 'a path that ends below the ridge' => [[], ['/surface/no_work_rectangles' => [['height_m' => 5.12] + self::PATH]], ['fire_paths_few'], ['fire_path_short', 'fire_paths_few', 'fire_path_missing']];
        yield 'a path half off the plane' => [[], ['/surface/no_work_rectangles' => [['x_m' => 12.6] + self::PATH]], ['fire_paths_few'], ['fire_path_short', 'fire_paths_few', 'fire_path_missing']];
        yield 'below a window, beside a path' => [[], ['/surface/no_work_rectangles' => [self::PATH, ['id' => 'window', 'kind' => 'below_escape', 'x_m' => 9.0, 'height_m' => 2.0] + self::PATH]], ['fire_checked'], ['fire_checked']];
        yield 'below a window is no path' => [[], ['/surface/no_work_rectangles' => [['kind' => 'below_escape'] + self::PATH]], ['fire_paths_few'], ['fire_paths_few', 'fire_path_missing']];
        $hip = ['/surface/roof_kind' => 'hip', '/surface/left_hip_m' => 2.0, '/surface/right_hip_m' => 2.0];
        yield 'up to a hip is no way to the ridge' => [[], $hip, ['fire_paths_few'], ['fire_path_short', 'fire_paths_few', 'fire_path_missing']];
        // Half a yard on either side of a hip is one path astride; a hair less is none.
        $astride = static fn (float $half_m): array => $hip + ['/surface/no_work_rectangles' => [], '/surface/setbacks/left_m' => $half_m, '/surface/setbacks/right_m' => 0.1, '/surface/fire/path_on' => 'plane-2'];
        yield 'astride a hip' => [$astride(0.4572), ['/surface/setbacks/left_m' => 0.1, '/surface/setbacks/right_m' => 0.4572, '/surface/fire/path_on' => 'plane-1'], ['fire_paths_few'], ['fire_paths_few']];
        yield 'astride a hip, too narrow' => [$astride(0.457), ['/surface/fire/path_on' => 'plane-1'], ['fire_paths_few', 'fire_path_missing'], ['fire_paths_few', 'fire_path_missing']];
        yield 'astride of no hip' => [['/surface/roof_kind' => 'two_sided_gable', '/surface/left_hip_m' => 0.0, '/surface/right_hip_m' => 0.0] + $astride(0.9), ['/surface/fire/path_on' => 'plane-1'], ['fire_paths_few', 'fire_path_missing'], ['fire_paths_few', 'fire_path_missing']];
        yield 'between the hips it is' => [[], $hip + ['/surface/no_work_rectangles' => [['x_m' => 2.0] + self::PATH]], ['fire_checked'], ['fire_checked']];
    }

    /**
     * @param array<string, mixed> $both
     * @param array<string, mixed> $second
     * @param list<string> $first
     * @param list<string> $other
     */
    #[DataProvider('roofs')]
    public function test_paths_and_the_ridge_are_asked_of_the_whole_roof(array $both, array $second, array $first, array $other): void
    {
        $scenario = Scenario::of()->with('/fire', ['rule' => 'irc_2018', 'dwelling' => 'yes', 'sprinklers' => 'no', 'roof_m2' => 500.0])->with('/block/y_m', 0.95)
            ->with('/surface/fire', ['street' => 'yes', 'path_on' => null])->with('/surface/no_work_rectangles', [self::PATH]);
        foreach ($both as $path => $value) {
            $scenario = $scenario->with($path, $value);
        }
        $job = JobEdits::apply($scenario->project(), [['plane' => 'copy']]);
        $edited = Scenario::of()->with('/surface', Writer::toArray($scenario->project()->surfaces['plane-1']));
        foreach ($second as $path => $value) {
            $edited = $edited->with($path, $value);
        }
        $job = $job->with('plane-2', Copy::of($job->design('plane-2'), surface: $edited->design()->surface));
        foreach (['plane-1' => $first, 'plane-2' => $other] as $plane => $expected) {
            $said = array_map(static fn (Finding $one): string => $one->code->value, Planner::plan($job->design($plane), Depth::Checks)->findings);
            self::assertEqualsCanonicalizing($expected, array_values(array_filter($said, static fn (string $code): bool => str_starts_with($code, 'fire_'))), $plane);
        }
    }
}
