<?php

declare(strict_types=1);

namespace Garnetine\Core\Tests\Document;

use Garnetine\Core\Design\DesignFile;
use Garnetine\Core\Document\CanonicalJson;
use Garnetine\Core\Document\DocumentInvalid;
use Garnetine\Core\Tests\Support\Scenario;
use Opis\JsonSchema\Validator;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** The reader is the only judge, and the published schema judges the same. */
final class DesignFileTest extends TestCase
{
    public function test_a_design_is_read_and_written_to_the_same_bytes(): void
    {
        $text = (string) file_get_contents(dirname(__DIR__, 3).'/docs/examples/quince-lane.json');
        self::assertSame($text, DesignFile::write(DesignFile::read($text)));
    }

    public function test_what_was_typed_does_not_change_the_hash_but_any_number_does(): void
    {
        $hash = DesignFile::hash(Scenario::of()->project());
        self::assertSame($hash, DesignFile::hash(Scenario::of()->with('/as_typed', new \stdClass())->project()));
        self::assertNotSame($hash, DesignFile::hash(Scenario::of()->with('/site/wind_speed_m_per_s', 51.41)->project()));
    }

    public function test_the_published_schema_is_the_one_of_the_classes(): void
    {
        self::assertSame((string) file_get_contents(dirname(__DIR__, 3).'/docs/formats/design.schema.json'), CanonicalJson::encode(DesignFile::schema()));
    }

    /** @return iterable<string, array{string, mixed, string}> Path, value, path of the fault */
    public static function wrongValues(): iterable
    {
        yield 'a text for a number' => ['/site/wind_speed_m_per_s', 'NaN', '/site/wind_speed_m_per_s'];
        yield 'infinity in words' => ['/site/wind_speed_m_per_s', 'INF', '/site/wind_speed_m_per_s'];
        yield 'a number out of range' => ['/site/wind_speed_m_per_s', 500.0, '/site/wind_speed_m_per_s'];
        yield 'a negative length' => ['/surface/width_m', -1.0, '/surface/width_m'];
        yield 'a huge number' => ['/surface/width_m', 1e300, '/surface/width_m'];
        yield 'null where something is needed' => ['/surface/width_m', null, '/surface/width_m'];
        yield 'an object for a number' => ['/surface/width_m', new \stdClass(), '/surface/width_m'];
        yield 'a list for an object' => ['/surface', [], '/surface'];
        yield 'a fraction for a count' => ['/block/rows', 2.5, '/block/rows'];
        yield 'a count out of range' => ['/block/rows', 0, '/block/rows'];
        yield 'an unknown choice' => ['/site/exposure', 'E', '/site/exposure'];
        yield 'a number for a choice' => ['/site/exposure', 2, '/site/exposure'];
        yield 'a text for yes or no' => ['/kit/fastener/drill_guide', 'yes', '/kit/fastener/drill_guide'];
        yield 'an empty name' => ['/name', '', '/name'];
        yield 'a giant name' => ['/name', str_repeat('x', 5000), '/name'];
        yield 'a control character' => ['/name', "a\x07b", '/name'];
        yield 'an unknown key' => ['/site/wind_speed_mph', 115, '/site/wind_speed_mph'];
        yield 'an origin of no kind' => ['/origins', (object) ['/surface/width_m' => 'guessed'], '/origins/~1surfaces~1plane-1~1width_m'];
        yield 'an unknown survey item' => ['/survey', (object) ['colour' => ['answer' => 'x', 'by' => '', 'on' => null, 'photo' => null]], '/survey/colour'];
        yield 'a date that is none' => ['/survey', (object) ['leaks' => ['answer' => 'x', 'by' => '', 'on' => '12 May', 'photo' => null]], '/survey/leaks/on'];
        yield 'a list entry of the wrong kind' => ['/block/left_out', [7], '/block/left_out/0'];
        yield 'a lap without an end' => ['/surface/framing/lap', (object) ['from_m' => 1.0, 'shift_m' => 0.0], '/surface/framing/lap/to_m'];
        yield 'an identifier with a slash' => ['/block/kit', 'a/b', '/block/kit'];
        yield 'an unknown standard' => ['/site/standard', 'asce7-05', '/site/standard'];
    }

    #[DataProvider('wrongValues')]
    public function test_reader_and_schema_refuse_the_same(string $path, mixed $value, string $fault): void
    {
        $scenario = Scenario::of()->with($path, $value);
        self::assertFalse((new Validator())->validate(json_decode($scenario->json()), self::schema())->isValid(), 'the schema lets it pass');
        try {
            $scenario->design();
            self::fail('The reader lets it pass.');
        } catch (DocumentInvalid $invalid) {
            self::assertContains($fault, array_map(static fn ($one): string => $one->path, $invalid->faults));
            self::assertNotSame('', $invalid->faults[0]->expected);
        }
    }

    public function test_reader_and_schema_refuse_a_missing_key(): void
    {
        $scenario = Scenario::of()->without('/site/exposure');
        self::assertFalse((new Validator())->validate(json_decode($scenario->json()), self::schema())->isValid());
        $this->expectExceptionObject(DocumentInvalid::at('/site/exposure', 'one of B, C, D', 'nothing'));
        $scenario->design();
    }

    /** @return iterable<string, array{Scenario}> */
    public static function rightDesigns(): iterable
    {
        yield 'the example' => [Scenario::of()];
        yield 'the blank survey' => [Scenario::of('blank-survey')];
        yield 'a key that may be left out' => [Scenario::of()->without('/site/kzt')];
        yield 'a whole number for a length' => [Scenario::of()->with('/surface/width_m', 13)];
        for ($seed = 1; $seed <= 10; ++$seed) {
            yield "a random roof, seed $seed" => [Scenario::random($seed)];
        }
    }

    #[DataProvider('rightDesigns')]
    public function test_reader_and_schema_accept_the_same(Scenario $scenario): void
    {
        self::assertTrue((new Validator())->validate(json_decode($scenario->json()), self::schema())->isValid());
        self::assertSame(DesignFile::hash($scenario->project()), DesignFile::hash(DesignFile::read(DesignFile::write($scenario->project()))));
    }

    private static function schema(): string
    {
        return (string) file_get_contents(dirname(__DIR__, 3).'/docs/formats/design.schema.json');
    }

    /** @return iterable<string, array{string, string}> Text and what the message names */
    public static function wrongTexts(): iterable
    {
        $good = Scenario::of()->json();
        yield 'nothing' => ['', 'found nothing'];
        yield 'no JSON' => ['{"schema": 1,', 'JSON'];
        yield 'a list' => ['[]', 'a JSON object'];
        yield 'a key twice' => ['{"schema": 1, "site": {"kzt": 1, "kzt": 2}}', 'each key once'];
        yield 'a key twice by its escape' => ['{"schema": 1, "sch\u0065ma": 1}', 'each key once'];
        yield 'too deep' => [str_repeat('{"a":', 100).'1'.str_repeat('}', 100), 'levels deep'];
        yield 'too large' => [str_repeat(' ', 2_000_001), 'bytes'];
        yield 'a newer version' => [str_replace('"schema":4', '"schema":5', $good), 'newer'];
        yield 'broken characters' => ["{\"name\": \"\xff\"}", 'JSON'];
        yield 'NaN bare' => ['{"schema": NaN}', 'JSON'];
    }

    #[DataProvider('wrongTexts')]
    public function test_a_text_that_is_no_design_is_refused(string $text, string $says): void
    {
        $this->expectException(DocumentInvalid::class);
        $this->expectExceptionMessage($says);
        DesignFile::read($text);
    }

    public function test_every_fault_is_reported_not_only_the_first(): void
    {
        try {
            Scenario::of()->with('/surface/width_m', 'wide')->with('/site/exposure', 'X')->with('/block/rows', -3)->design();
            self::fail('Three faults pass.');
        } catch (DocumentInvalid $invalid) {
            self::assertCount(3, $invalid->faults);
        }
    }

    public function test_what_was_typed_goes_where_the_number_beside_it_was_changed_in_the_file(): void
    {
        self::assertSame('15 psf', Scenario::of()->design()->asTyped['/site/ground_snow_Pa']);
        $changed = Scenario::of()->with('/site/ground_snow_Pa', 719.0)->with('/surface/pitch_rad', 0.3218)->design();
        self::assertSame(array_diff_key(Scenario::of()->design()->asTyped, ['/site/ground_snow_Pa' => 0, '/surface/pitch_rad' => 0]), $changed->asTyped);
    }
}
