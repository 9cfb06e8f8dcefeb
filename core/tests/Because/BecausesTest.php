<?php

declare(strict_types=1);

namespace Garnetine\Core\Tests\Because;

use Garnetine\Core\Because\Because;
use Garnetine\Core\Because\Becauses;
use Garnetine\Core\Because\PathUnknown;
use Garnetine\Core\Cli\Main;
use Garnetine\Core\Message\Summary;
use Garnetine\Core\Message\Texts;
use Garnetine\Core\Plan\Planner;
use Garnetine\Core\Tests\Support\Scenario;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** Every value answers "because", and the command line says the same as the core. */
final class BecausesTest extends TestCase
{
    public function test_every_value_shown_for_the_example_opens_down_to_what_was_entered(): void
    {
        $plan = Planner::plan(Scenario::of()->design());
        $paths = Becauses::paths($plan);
        self::assertGreaterThan(100, count($paths));
        foreach ($paths as $path) {
            $text = Summary::because($plan, Becauses::of($plan, $path));
            self::assertDoesNotMatchRegularExpression('/\{[a-z_]+\}|because\.|formula\.|note\./', $text, $path);
            self::assertTrue(self::hasGround(Becauses::of($plan, $path)), "$path ends in nothing");
        }
    }

    /** Whether a chain reaches an entered value, a published one, or a statement with a source. */
    private static function hasGround(Because $because): bool
    {
        if ($because->input !== null || $because->source !== null) {
            return true;
        }
        foreach ($because->children as $child) {
            if (self::hasGround($child)) {
                return true;
            }
        }

        return false;
    }

    public function test_why_48_inches_is_answered_by_what_the_next_member_would_do(): void
    {
        $plan = Planner::plan(Scenario::of()->design());
        foreach ($plan->supports as $run) {
            foreach ($run->members() as $place => $member) {
                if (($run->members()[$place + 1] ?? 0) === $member + 2) {
                    $text = Summary::because($plan, Becauses::of($plan, 'runs/'.$run->run->id.'/feet/'.($place + 1).'/bay'));
                    self::assertStringContainsString('Spacing between these feet: 48 in', $text);
                    self::assertStringContainsString('2 × 24 in', $text);
                    self::assertStringContainsString('entered as "115 mph"', $text);

                    return;
                }
            }
        }
        self::fail('No bay of 48 in in the example.');
    }

    public function test_a_run_with_feet_for_its_members_tells_of_the_feet_that_it_has(): void
    {
        $plan = Planner::plan(Scenario::of()->design());
        $more = array_values(array_filter($plan->supports, static fn ($run): bool => $run->forMembers > 0));
        self::assertNotSame([], $more);
        foreach ($more as $run) {
            $child = array_values(array_filter(Becauses::of($plan, "runs/{$run->run->id}/feet/1/bay")->children, static fn ($because): bool => $because->code === 'bay_moved_for_members'));
            self::assertSame([count($run->picks), count($run->picks), $run->bound], [$child[0]->values['value'] ?? null, $child[0]->values['count'] ?? null, $child[0]->values['bound'] ?? null]);
        }
    }

    public function test_an_unknown_path_is_refused(): void
    {
        $this->expectException(PathUnknown::class);
        Becauses::of(Planner::plan(Scenario::of()->design()), 'runs/Z/count');
    }

    public function test_every_finding_has_a_text_that_quotes_all_its_values(): void
    {
        $texts = Texts::of(Scenario::of()->design());
        foreach ([Scenario::of('blank-survey'), Scenario::of()->with('/block/columns', 40), Scenario::of()->with('/kit/foot/up_N', 150.0)] as $scenario) {
            foreach (Planner::plan($scenario->design())->findings as $finding) {
                self::assertTrue($texts->has('finding.'.$finding->code->value), $finding->code->value);
                self::assertDoesNotMatchRegularExpression('/\{[a-z_]+\}/', $texts->finding($finding));
            }
        }
    }

    /** @return iterable<string, array{list<string>, string, int, string}> Arguments, file, exit code, what is said */
    public static function commands(): iterable
    {
        $good = Scenario::of()->json();
        yield 'a plan' => [['plan', 'x.json'], $good, 0, '"design_sha256"'];
        yield 'a readable plan' => [['plan', 'x.json', '--text'], $good, 0, 'NOT FOR CONSTRUCTION'];
        yield 'a because' => [['because', 'x.json', 'loads/qh'], $good, 0, '24.2 psf'];
        yield 'the paths' => [['because', 'x.json'], $good, 0, 'loads/kh'];
        yield 'the schema' => [['schema'], '', 0, '"$defs"'];
        yield 'an invalid design' => [['plan', 'x.json'], Scenario::of()->with('/site/exposure', 'Q')->json(), 2, '/site/exposure: expected one of B, C, D, found "Q"'];
        yield 'no JSON' => [['plan', 'x.json'], '{', 2, 'expected JSON'];
        yield 'a refusal' => [['plan', 'x.json'], Scenario::of()->with('/surface/roof_kind', 'gambrel')->json(), 3, '"roof_kind"'];
        yield 'an unknown path' => [['because', 'x.json', 'loads/colour'], $good, 1, 'No value'];
        yield 'wrong use' => [['paln', 'x.json'], $good, 1, 'Usage'];
        yield 'an unknown option' => [['plan', 'x.json', '--fast'], $good, 1, 'Usage'];
    }

    /** @param list<string> $arguments */
    #[DataProvider('commands')]
    public function test_the_command_line(array $arguments, string $file, int $exit, string $says): void
    {
        [$code, $output, $errors] = Main::run($arguments, static fn (): string => $file);
        self::assertSame($exit, $code);
        self::assertStringContainsString($says, $output.$errors);
    }
}
