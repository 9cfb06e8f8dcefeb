<?php

declare(strict_types=1);

namespace Garnetine\Core\Tests\Design;

use Garnetine\Core\Design\Design;
use Garnetine\Core\Design\DesignFile;
use Garnetine\Core\Design\Edit\Edits;
use Garnetine\Core\Design\Examples;
use Garnetine\Core\Design\Project;
use Garnetine\Core\Document\Copy;
use Garnetine\Core\Document\DocumentInvalid;
use Garnetine\Core\Document\Writer;
use Garnetine\Core\Quantity\Dimension;
use Garnetine\Core\Quantity\Length;
use Garnetine\Core\Quantity\QuantityNotUnderstood;
use Garnetine\Core\Quantity\QuantityText;
use Garnetine\Core\Tests\Support\Scenario;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** Designs are changed by what people type. */
final class EditsTest extends TestCase
{
    public function test_a_length_is_typed_in_any_unit_and_kept_as_typed(): void
    {
        $design = Edits::apply(Scenario::of()->design(), [['path' => '/surface/framing/spacing_m', 'typed' => ' 1\' 4 '], ['path' => '/block/y_m', 'typed' => '0.9 m']]);
        self::assertEqualsWithDelta(16.0, $design->surface->framing->spacing->toInches(), 1e-9);
        self::assertSame("1' 4", $design->asTyped['/surface/framing/spacing_m']);
        self::assertEqualsWithDelta(0.9, $design->block->y->toMetres(), 1e-12);
    }

    public function test_a_bare_number_is_in_inches_where_feet_cannot_be_meant(): void
    {
        $typed = static fn (string $path, string $text, Scenario $scenario): mixed => Edits::apply($scenario->design(), [['path' => $path, 'typed' => $text]])->asTyped[$path] ?? null;
        self::assertSame('24 in', $typed('/surface/framing/spacing_m', '24', Scenario::of()));
        self::assertSame('5 1/2 in', $typed('/surface/framing/depth_m', '5 1/2', Scenario::of()));
        self::assertSame('0 in', $typed('/surface/setbacks/left_m', '0', Scenario::of()));
        self::assertEqualsWithDelta(18.2629, Edits::apply(Scenario::of()->design(), [['path' => '/surface/pitch_rad', 'typed' => '33 %']])->surface->pitch->toDegrees(), 1e-4);
        foreach ([['/surface/slope_length_m', '16', Scenario::of()], ['/surface/framing/spacing_m', '24', Scenario::of()->with('/units', 'mm')]] as [$path, $text, $scenario]) {
            try {
                $typed($path, $text, $scenario);
                self::fail("$path took $text.");
            } catch (DocumentInvalid $invalid) {
                self::assertStringContainsString('unit', $invalid->faults[0]->expected);
            }
        }
    }

    public function test_an_empty_text_clears_what_may_be_left_open(): void
    {
        $design = Edits::apply(Scenario::of()->design(), [['path' => '/kit/foot/base/lateral_N', 'typed' => '']]);
        self::assertNull($design->kit->foot->base()->lateral);
        self::assertArrayNotHasKey('/kit/foot/base/lateral_N', $design->asTyped);
    }

    public function test_modules_are_taken_out_and_put_back(): void
    {
        $before = Scenario::of()->design();
        $out = Edits::apply($before, [['toggle' => ['row' => 2, 'column' => 3]]]);
        self::assertCount(2, $out->block->leftOut);
        self::assertSame(DesignFile::hash(Project::ofOne($before)), DesignFile::hash(Project::ofOne(Edits::apply($out, [['toggle' => ['row' => 2, 'column' => 3]]]))));
    }

    public function test_yes_is_yes_and_no_is_no(): void
    {
        foreach (['Yes' => true, 'true' => true, 'no' => false, 'False' => false] as $text => $is) {
            self::assertSame($is, Edits::apply(Scenario::of()->design(), [['path' => '/kit/fastener/drill_guide', 'typed' => $text]])->kit->fastener->isGuided(), $text);
        }
        foreach ([['line' => 5, 'member' => 7], ['line' => 'a', 'member' => 7], ['line' => 'A', 'member' => 'x'], ['line' => 'A', 'member' => 0]] as $pin) {
            try {
                Edits::apply(Scenario::of()->design(), [['pin' => $pin]]);
                self::fail('a pin of '.json_encode($pin));
            } catch (DocumentInvalid $invalid) {
                self::assertStringContainsString('expected', $invalid->getMessage());
            }
        }
    }

    public function test_every_value_takes_every_unit_of_its_kind_and_the_examples_of_its_own_hint(): void
    {
        $design = Scenario::of()->design();
        $at = static function (Design $design, string $path): float {
            $value = Writer::toArray($design);
            foreach (array_slice(explode('/', $path), 1) as $key) {
                $value = ((array) $value)[$key] ?? null;
            }
            self::assertIsFloat($value, $path);

            return $value;
        };
        $tried = 0;
        foreach (array_keys($design->asTyped) as $path) {
            $dimension = Dimension::ofKey(substr((string) strrchr($path, '/'), 1));
            self::assertNotNull($dimension, $path);
            $value = $at($design, $path);
            foreach ($dimension->units() as $unit => $in_si) {
                // Longer numbers are taken for mistakes.
                if ($value / $in_si < 1e9) {
                    $text = sprintf('%.7F %s', $value / $in_si, $unit);
                    $edited = Edits::apply($design, [['path' => $path, 'typed' => $text]]);
                    self::assertSame($text, $edited->asTyped[$path], $path);
                    self::assertEqualsWithDelta($value, $at($edited, $path), 1e-7 * $in_si, "$path $text");
                    ++$tried;
                }
            }
        }
        self::assertGreaterThan(300, $tried);
        foreach (Dimension::cases() as $dimension) {
            try {
                QuantityText::read($dimension, 'x');
                self::fail('x was taken');
            } catch (QuantityNotUnderstood $hint) {
                foreach (preg_split('/, | or /', (string) preg_replace('/^.* such as |^an angle, such as /', '', $hint->expected)) ?: [] as $example) {
                    self::assertGreaterThan(0.0, QuantityText::read($dimension, $example), $example);
                }
            }
        }
    }

    public function test_an_example_rail_brings_its_clamps_and_bolts_and_is_no_longer_as_typed(): void
    {
        $rails = [];
        foreach (['light' => 0.178, 'standard' => 0.372, 'heavy' => 0.758] as $rail => $sx_in3) {
            $design = Edits::apply(Scenario::of()->design(), [['command' => 'rail', 'rail' => $rail]]);
            self::assertEqualsWithDelta($sx_in3, $design->kit->rail->sectionModulusX->toSi() / 0.0254 ** 3, 1e-6);
            self::assertStringContainsString('enter the maker’s values', $design->kit->rail->document);
            self::assertArrayNotHasKey('/kit/rail/section_modulus_x_m3', $design->asTyped);
            $rails[] = [$design->kit->clamp->up?->toPounds(), $design->kit->bolt->along?->toPounds(), round($design->kit->rail->stockLength->toFeet(), 6)];
            // Only the light one comes with a foot; the others keep the job's.
            self::assertSame($rail === 'light', $design->kit->foot->name() !== Scenario::of()->design()->kit->foot->name());
        }
        self::assertEqualsWithDelta([[450, 350, 14], [600, 500, 14], [800, 700, 17]], $rails, 1e-6);
        $this->expectException(DocumentInvalid::class);
        Edits::apply(Scenario::of()->design(), [['command' => 'rail', 'rail' => 'titanium']]);
    }

    public function test_a_value_is_the_examples_until_somebody_enters_it_or_says_that_it_stands(): void
    {
        $blank = Examples::mark(Scenario::of('blank-survey')->design());
        $left = Examples::left($blank);
        self::assertSame(['/kit/foot', '/kit/rail', '/module', '/site', '/surface'], array_keys($left));
        self::assertContains('/surface/setbacks/eave_m', $left['/surface']);
        self::assertContains('/kit/rail/section_modulus_x_m3', $left['/kit/rail']);
        $all = count($blank->origins);
        $entered = Edits::apply($blank, [
            ['path' => '/surface/width_m', 'typed' => "44' 3"], ['path' => '/site/standard', 'typed' => 'asce7-16'], ['path' => '/surface/setbacks/eave_m', 'stands' => true], ['move' => ['x_m' => 1.7018, 'y_m' => 0.762]],
        ]);
        self::assertSame([...array_diff(array_keys($blank->origins), ['/surface/width_m', '/site/standard', '/surface/setbacks/eave_m', '/block/x_m', '/block/y_m'])], array_keys($entered->origins));
        self::assertNotSame(DesignFile::hash(Project::ofOne($blank)), DesignFile::hash(Project::ofOne($entered)), 'what is known is part of the design');
        self::assertEquals($entered, DesignFile::read(DesignFile::write(Project::ofOne($entered)))->design('plane-1'));
        // Made-up values stay the example's, whoever chooses among them.
        self::assertSame($all, count(Edits::apply($blank, [['command' => 'rail', 'rail' => 'heavy']])->origins));
        self::assertArrayHasKey('/kit/rail/section_modulus_x_m3', Edits::apply(Scenario::of()->design(), [['command' => 'rail', 'rail' => 'heavy']])->origins);
        // What another standard does not ask for is not asked for.
        self::assertNotContains('/site/wind_speed_m_per_s', Examples::left(Edits::apply($blank, [['path' => '/site/standard', 'typed' => 'en-1991']]))['/site']);
        self::assertSame([], Edits::apply($blank, array_map(static fn (string $path): array => ['path' => $path, 'stands' => true], array_keys($blank->origins)))->origins);
    }

    public function test_the_block_is_centred_to_the_sixteenth(): void
    {
        $design = Edits::apply(Scenario::of()->with('/block/x_m', 1.0)->design(), [['command' => 'centre']]);
        // 44 ft 3 in less ten modules of 39 in and nine gaps of ¾ in, halved: 67 1/8 in.
        self::assertEqualsWithDelta(67.125, $design->block->x->toInches(), 1e-9);
        self::assertArrayNotHasKey('/block/x_m', $design->asTyped);
    }

    public function test_what_a_hand_draws_comes_to_the_marks_of_the_tape(): void
    {
        $design = Edits::apply(Scenario::of()->design(), [['move' => ['x_m' => 1.2345, 'y_m' => -0.4]], ['area' => ['round' => false, 'x_m' => 3.001, 'y_m' => 1.0, 'width_m' => 0.5, 'height_m' => 0.001]]]);
        self::assertEqualsWithDelta(48.625, $design->block->x->toInches(), 1e-9);
        self::assertSame(0.0, $design->block->y->toMetres());
        self::assertArrayNotHasKey('/block/x_m', $design->asTyped);
        $area = $design->surface->noWorkRectangles[count($design->surface->noWorkRectangles) - 1];
        self::assertEqualsWithDelta([118.125, 2.0], [$area->x->toInches(), $area->height->toInches()], 1e-9);
        $moved = Edits::apply($design, [['area' => ['id' => $area->id, 'round' => false, 'x_m' => 2.0, 'y_m' => 1.0, 'width_m' => 0.5, 'height_m' => 0.5]]]);
        self::assertCount(count($design->surface->noWorkRectangles), $moved->surface->noWorkRectangles);
        $round = Edits::apply($design, [['area' => ['id' => $design->surface->noWorkCircles[0]->id, 'round' => true, 'x_m' => 2.0, 'y_m' => 1.0, 'width_m' => 0.254, 'height_m' => 9.0]]]);
        self::assertEqualsWithDelta(10.0, $round->surface->noWorkCircles[0]->diameter->toInches(), 1e-9);
        self::assertEqualsWithDelta(2.0 + 0.127, $round->surface->noWorkCircles[0]->x->toMetres(), 0.0016);
    }

    /** @return iterable<string, array{list<array<string, mixed>>, list<string>}> Edits of a blank survey, and what is no longer asked for */
    public static function unread(): iterable
    {
        yield 'as it begins' => [[], ['/surface/framing/first_member_m']];
        yield 'no deck' => [[['path' => '/surface/deck', 'typed' => 'none']], ['/surface/framing/first_member_m', '/surface/deck_thickness_m']];
        yield 'purlins' => [[['path' => '/surface/covering/kind', 'typed' => 'metal'], ['path' => '/surface/framing/kind', 'typed' => 'purlin']], ['/surface/framing/first_member_m', '/surface/framing/spacing_m']];
        yield 'on feet' => [[['path' => '/block/arrangement/kind', 'typed' => 'on_feet']], ['/surface/framing/first_member_m', '/kit/bolt/name', '/kit/rail/name', '/kit/rail/end_past_module_m']];
        yield 'short rails' => [[['path' => '/block/arrangement/kind', 'typed' => 'short_rails']], ['/surface/framing/first_member_m', '/kit/rail/end_past_module_m']];
        yield 'screwed to the sheet' => [[['path' => '/kit/foot/kind', 'typed' => 'sheet_screws']], ['/surface/framing/first_member_m', '/kit/bolt/name']];
    }

    /**
     * What the covering, the foot and the arrangement leave unread has no place on a worksheet: asked for, it could be cleared by taking all of its part as it stands alone.
     *
     * @param list<array<string, mixed>> $edits
     * @param list<string> $unread
     */
    #[DataProvider('unread')]
    public function test_an_example_that_nothing_reads_is_not_asked_for(array $edits, array $unread): void
    {
        $places = ['/surface/framing/first_member_m', '/surface/deck_thickness_m', '/surface/framing/spacing_m', '/kit/bolt/name', '/kit/rail/name', '/kit/rail/end_past_module_m'];
        $design = Edits::apply(Scenario::of('blank-survey')->design(), $edits);
        $left = array_merge(...array_values(Examples::left(Copy::of($design, origins: array_fill_keys($places, Examples::ORIGIN)))));
        self::assertEqualsCanonicalizing($unread, array_values(array_diff($places, $left)));
    }

    public function test_areas_laps_and_answers_are_added_and_taken_out(): void
    {
        $design = Edits::apply(Scenario::of('blank-survey')->design(), [
            ['path' => '/surface/no_work_rectangles', 'add' => true], ['path' => '/surface/no_work_rectangles', 'add' => true], ['path' => '/surface/no_work_rectangles/0/kind', 'typed' => 'chimney'],
            ['path' => '/surface/framing/lap', 'add' => true], ['path' => '/surface/framing/lap/shift_m', 'typed' => '2 in'], ['path' => '/survey/leaks/answer', 'typed' => 'unknown'],
        ]);
        self::assertSame('chimney', $design->surface->noWorkRectangles[0]->kind->value);
        self::assertNotSame($design->surface->noWorkRectangles[0]->id, $design->surface->noWorkRectangles[1]->id);
        self::assertEqualsWithDelta(2.0, $design->surface->framing->lap?->shift->toInches() ?? 0.0, 1e-9);
        self::assertSame('unknown', $design->survey['leaks']->answer);
        $less = Edits::apply($design, [['path' => '/surface/no_work_rectangles/0', 'remove' => true], ['path' => '/surface/framing/lap', 'remove' => true]]);
        self::assertCount(1, $less->surface->noWorkRectangles);
        self::assertNull($less->surface->framing->lap);
        // What is left of a list keeps how it was typed and that it is the example's.
        $typed = Edits::apply($design, [['path' => '/surface/no_work_rectangles/1/x_m', 'typed' => '40 in'], ['path' => '/module/ratings', 'add' => true]]);
        $typed = Copy::of($typed, origins: ['/module/ratings/0/up_Pa' => 'example', '/module/ratings/1/up_Pa' => 'example', '/module/ratings/10/up_Pa' => 'example'] + $typed->origins);
        $closed = Edits::apply($typed, [['path' => '/surface/no_work_rectangles/0', 'remove' => true], ['path' => '/module/ratings/0', 'remove' => true]]);
        self::assertSame([null, '40 in'], [$closed->asTyped['/surface/no_work_rectangles/1/x_m'] ?? null, $closed->asTyped['/surface/no_work_rectangles/0/x_m'] ?? null]);
        self::assertSame(['/module/ratings/0/up_Pa', '/module/ratings/9/up_Pa'], array_values(preg_grep('~^/module/ratings/\\d+/up_Pa$~', array_keys($closed->origins)) ?: []));
    }

    /** @return iterable<string, array{mixed, string}> Edit and what the message names */
    public static function wrongEdits(): iterable
    {
        yield 'a length without its unit' => [['path' => '/surface/width_m', 'typed' => '44'], 'the unit with it: 44 in, or 44 ft'];
        yield 'a pressure for a length' => [['path' => '/surface/width_m', 'typed' => '30 psf'], 'a length'];
        yield 'letters' => [['path' => '/site/ground_snow_Pa', 'typed' => 'lots'], 'a pressure'];
        yield 'out of range' => [['path' => '/site/wind_speed_m_per_s', 'typed' => '900 mph'], '20 to 120'];
        yield 'empty where something is needed' => [['path' => '/surface/width_m', 'typed' => ''], 'a length'];
        yield 'an unknown place' => [['path' => '/surface/colour', 'typed' => 'red'], 'a place'];
        yield 'a place below a value' => [['path' => '/surface/width_m/more', 'typed' => '1 m'], 'a place'];
        yield 'an entry that is not there' => [['path' => '/surface/no_work_circles/9/x_m', 'typed' => '1 m'], 'a place that exists'];
        yield 'the version' => [['path' => '/schema', 'value' => 2], 'no key of this name'];
        yield 'a number that is no text' => [['path' => '/surface/width_m', 'typed' => 44], 'a text'];
        yield 'a module off the block' => [['toggle' => ['row' => 99, 'column' => 1]], 'a module of the block'];
        yield 'an unknown command' => [['command' => 'explode'], 'an edit'];
        yield 'no edit at all' => ['text', 'an edit'];
        yield 'adding to what is no list' => [['path' => '/site', 'add' => true], 'added'];
        yield 'removing what is no entry' => [['path' => '/site/exposure', 'remove' => true], 'an entry of a list'];
        yield 'a value that somebody entered' => [['path' => '/surface/width_m', 'stands' => true], 'of the example that nobody entered'];
        yield 'where values come from' => [['path' => '/origins', 'value' => []], 'may change'];
        yield 'deep JSON as a value' => [['path' => '/name', 'value' => ['a' => ['b' => 1]]], 'a text'];
    }

    #[DataProvider('wrongEdits')]
    public function test_a_wrong_edit_says_what_is_wrong(mixed $edit, string $says): void
    {
        $this->expectException(DocumentInvalid::class);
        $this->expectExceptionMessage($says);
        Edits::apply(Scenario::of()->design(), [$edit]);
    }

    public function test_every_sixteenth_up_to_forty_feet_comes_back_from_its_text(): void
    {
        $printer = Scenario::of()->design()->printer();
        for ($sixteenths = 1; $sixteenths <= 40 * 12 * 16; ++$sixteenths) {
            $length = Length::ofInches($sixteenths / 16);
            foreach ([$printer->tape($length->toMetres()), $printer->length($length->toMetres())] as $text) {
                if (abs(Length::parse($text)->toMetres() - $length->toMetres()) > 1e-9) {
                    self::fail("$text is not $sixteenths sixteenths.");
                }
            }
        }
        self::assertSame("12' 1 ¾\"", $printer->tape(Length::ofInches(145.75)->toMetres()));
    }
}
