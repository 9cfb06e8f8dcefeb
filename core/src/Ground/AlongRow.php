<?php

declare(strict_types=1);

namespace Garnetine\Core\Ground;

use Garnetine\Core\Design\Ground\Racking\BeamJoints;
use Garnetine\Core\Rail\ContinuousBeam;

/**
 * How the rails of a row share themselves among its posts: the pipe is a continuous beam on them; jointed on the posts, of which nobody knows how stiff the
 * joints are, also one beam a bay. Forces and moments are for one unit of load in all, spread evenly over the rails.
 */
final readonly class AlongRow
{
    /**
     * @param list<float> $posts Shares, from the left
     * @param list<float> $moments_m At the places of the pipe where one may be greatest, sagging positive
     */
    private function __construct(public array $posts, public array $moments_m)
    {
    }

    /**
     * @param non-empty-list<float> $posts_m From the left
     * @param list<float> $loads_m Where it is loaded, each place alike
     * @param list<float>|null $bySpan Of the load in each span, all of it where null; overhangs go with the span beside them
     *
     * @return non-empty-list<self> One, or with joints on the posts two
     */
    public static function under(array $posts_m, array $loads_m, BeamJoints $joints, ?array $bySpan = null): array
    {
        $loads = array_map(
            static fn (float $x_m): float => ($bySpan[self::span($posts_m, $x_m)] ?? 1.0) / count($loads_m),
            $loads_m,
        );
        $whole = self::beam($posts_m, $loads_m, $loads);
        if ($joints === BeamJoints::None || count($posts_m) === 2) {
            return [$whole];
        }
        $posts = array_fill(0, count($posts_m), 0.0);
        $moments = [];
        for ($span = 0; $span < count($posts_m) - 1; ++$span) {
            $here = array_keys(array_filter($loads_m, static fn (float $x_m): bool => self::span($posts_m, $x_m) === $span));
            $beam = self::beam(
                [$posts_m[$span], $posts_m[$span + 1]],
                array_map(static fn (int $rail): float => $loads_m[$rail], $here),
                array_map(static fn (int $rail): float => $loads[$rail], $here),
            );
            $posts[$span] += $beam->posts[0];
            $posts[$span + 1] += $beam->posts[1];
            array_push($moments, ...$beam->moments_m);
        }

        return [$whole, new self(array_values($posts), $moments)];
    }

    /**
     * How snow that lies on some spans alone shares itself.
     *
     * @param non-empty-list<float> $posts_m
     * @param list<float> $loads_m
     *
     * @return array<string, list<self>> By its shares of the spans; none where it lies on all
     */
    public static function uneven(array $posts_m, array $loads_m, BeamJoints $joints, TableSnow $snow): array
    {
        $uneven = [];
        foreach ($snow->cases as [, , , $spans]) {
            $uneven[implode(' ', $spans ?? [])] = $spans === null ? [] : self::under($posts_m, $loads_m, $joints, $spans);
        }

        return $uneven;
    }

    /** @param non-empty-list<float> $posts_m */
    private static function span(array $posts_m, float $x_m): int
    {
        $before = count(array_filter($posts_m, static fn (float $post_m): bool => $post_m <= $x_m));

        return min(max($before - 1, 0), count($posts_m) - 2);
    }

    /**
     * @param list<float> $posts_m
     * @param list<float> $rails_m
     * @param list<float> $loads
     */
    private static function beam(array $posts_m, array $rails_m, array $loads): self
    {
        $state = (new ContinuousBeam($posts_m))->under($rails_m, $loads);
        $moments = array_values($state->moments_Nm);
        foreach ($rails_m as $x_m) {
            for ($span = 0; $span < count($posts_m) - 1; ++$span) {
                if ($x_m > $posts_m[$span] && $x_m < $posts_m[$span + 1]) {
                    $moments[] = $state->momentInSpan_Nm($span, $x_m - $posts_m[$span]);
                }
            }
        }

        return new self(array_values($state->reactions_N), $moments);
    }
}
