<?php

declare(strict_types=1);

namespace Garnetine\Core\Tests\Covering;

use Garnetine\Core\Covering\ScrewedMetal;
use Garnetine\Core\Covering\Tile;
use Garnetine\Core\Design\DesignFile;
use Garnetine\Core\Design\Project;
use Garnetine\Core\Document\Json;
use PHPUnit\Framework\TestCase;

/** Coverings are of a kind, each with its own values. */
final class CoveringsTest extends TestCase
{
    /** A job as it was written when its covering was a word, and its shingles stood with the surface. */
    private static function before(string $covering): Project
    {
        $job = Json::read((string) file_get_contents(dirname(__DIR__, 3).'/docs/examples/quince-lane.json'));
        assert($job->surfaces instanceof \stdClass && $job->as_typed instanceof \stdClass);
        $surface = $job->surfaces->{'plane-1'};
        assert($surface instanceof \stdClass && $surface->covering instanceof \stdClass);
        foreach (array_diff_key(get_object_vars($surface->covering), ['kind' => 1]) as $key => $value) {
            $surface->{$key} = $value;
        }
        $surface->covering = $covering;
        $typed = get_object_vars($job->as_typed);
        $job->as_typed = (object) array_combine(str_replace('plane-1/covering/', 'plane-1/', array_keys($typed)), $typed);
        $job->origins = (object) ['/surfaces/plane-1/covering' => 'example', '/surfaces/plane-1/lower_butt_m' => 'example'];

        return DesignFile::read(json_encode($job, JSON_THROW_ON_ERROR | JSON_PRESERVE_ZERO_FRACTION));
    }

    public function test_a_roof_of_shingles_is_the_one_that_it_was(): void
    {
        $now = DesignFile::read((string) file_get_contents(dirname(__DIR__, 3).'/docs/examples/quince-lane.json'));
        $before = self::before('asphalt_shingles');
        self::assertEquals([$now->surfaces, $now->asTyped], [$before->surfaces, $before->asTyped]);
        self::assertSame(['/surfaces/plane-1/covering/kind', '/surfaces/plane-1/covering/lower_butt_m'], array_keys($before->origins));
    }

    public function test_a_roof_that_was_called_metal_asks_for_its_sheets(): void
    {
        $before = self::before('metal');
        self::assertInstanceOf(ScrewedMetal::class, $before->surfaces['plane-1']->covering);
        self::assertSame([], preg_grep('~butt_m~', [...array_keys($before->origins), ...array_keys($before->asTyped)]));
        self::assertCount(9, $before->origins, 'its kind, and eight values that nobody entered');
    }

    public function test_tiles_of_which_nothing_was_told_ask_for_their_battens(): void
    {
        $job = Json::read((string) file_get_contents(dirname(__DIR__, 3).'/docs/examples/damson-terrace.json'));
        assert($job->surfaces instanceof \stdClass && $job->surfaces->{'plane-1'} instanceof \stdClass && $job->as_typed instanceof \stdClass);
        $job->surfaces->{'plane-1'}->covering = (object) ['kind' => 'tile'];
        $job->as_typed = new \stdClass();
        foreach ([self::before('tile'), DesignFile::read(json_encode($job, JSON_THROW_ON_ERROR | JSON_PRESERVE_ZERO_FRACTION))] as $read) {
            self::assertInstanceOf(Tile::class, $read->surfaces['plane-1']->covering);
            self::assertCount(6, preg_grep('~^/surfaces/plane-1/covering/(?!kind)~', array_keys($read->origins)) ?: []);
        }
        // What was told of them stays.
        $told = DesignFile::read((string) file_get_contents(dirname(__DIR__, 3).'/docs/examples/damson-terrace.json'));
        self::assertSame([], preg_grep('~/covering/~', array_keys($told->origins)));
    }
}
