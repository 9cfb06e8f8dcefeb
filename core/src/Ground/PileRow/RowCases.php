<?php

declare(strict_types=1);

namespace Garnetine\Core\Ground\PileRow;

use Garnetine\Core\Design\Ground\Racking\PileRow;
use Garnetine\Core\Design\Ground\TableDesign;
use Garnetine\Core\Ground\AlongRow;
use Garnetine\Core\Ground\Leaning;
use Garnetine\Core\Ground\PostPlace;
use Garnetine\Core\Ground\Stick;
use Garnetine\Core\Ground\TableCase;
use Garnetine\Core\Ground\TableLoads;
use Garnetine\Core\Ground\Together;

/**
 * Everything that acts on one row of piles at once: each stands like a single post with a rigid head, by its share of the purlins, which are continuous beams
 * along the row. Piles stand firmly at the ground or give way to 0.7 of their depth below it; both are looked at (a choice on the safe side).
 */
final readonly class RowCases
{
    private const SOFT = 0.7;
    private const UNEVEN = 1.1;

    private float $dead_N;

    /** @var non-empty-list<AlongRow> */
    private array $even;

    /** @var array<string, list<AlongRow>> How snow that lies on some spans alone shares itself, by its shares of them */
    private array $uneven;

    /** @param non-empty-list<PostPlace> $places */
    public function __construct(
        private TableDesign $design,
        private PileRow $row,
        private RowShape $shape,
        private array $places,
        private TableLoads $loads,
        private float $depth_m,
    ) {
        $this->dead_N = $design->modules_N() + $row->dead->toPascals() * $shape->area_m2();
        $this->even = AlongRow::under($shape->posts_m, $shape->held_m, $row->joints);
        $this->uneven = AlongRow::uneven($shape->posts_m, $shape->held_m, $row->joints, $loads->snow);
    }

    public function dead_N(): float
    {
        return $this->dead_N;
    }

    /** Below the ground, from where a pile may be thought to stand. */
    public function soft_m(): float
    {
        return self::SOFT * $this->depth_m;
    }

    /** @return list<TableCase> */
    public function all(): array
    {
        $cases = [];
        foreach ([false, true] as $isSoft) {
            $pushed = $this->pushed($isSoft);
            foreach ($this->loads->together() as $acts) {
                array_push($cases, ...$this->one($acts, $isSoft, $pushed));
            }
            array_push($cases, ...$this->along($isSoft, $pushed));
        }

        return $cases;
    }

    /** @return list<AlongRow> How snow that lies on some spans alone shares itself; as all else where it lies on all */
    private function lies(Together $acts): array
    {
        return $acts->spans === null ? $this->even : $this->uneven[implode(' ', $acts->spans)];
    }

    /** @return non-empty-list<float> What each pile takes of a push at the heads, by its stiffness */
    private function pushed(bool $isSoft): array
    {
        $stiff = array_map(
            fn (PostPlace $place): float => 1 / ($place->height_m + ($isSoft ? self::SOFT * ($place->built_m ?? $this->depth_m) : 0.0)) ** 3,
            $this->places,
        );

        return array_map(static fn (float $one): float => $one / array_sum($stiff), $stiff);
    }

    /**
     * @param non-empty-list<float> $pushed
     *
     * @return list<TableCase> One, or with joints on the struts two
     */
    private function one(Together $acts, bool $isSoft, array $pushed): array
    {
        $offset_m = $this->row->offset->toMetres();
        $always = Stick::always($acts, $this->shape, $offset_m, $this->dead_N);
        $fallen = Stick::fallen($acts, $this->shape, $offset_m);
        $isUneven = max($pushed) > self::UNEVEN ** 3 * min($pushed);
        $lies = $this->lies($acts);
        $cases = [];
        foreach ($this->even as $variant => $even) {
            $own = $lies[$variant] ?? $even;
            $posts = [];
            foreach ($even->posts as $post => $share) {
                $down_N = $share * $always[0] + $own->posts[$post] * $fallen[0];
                $head_Nm = $share * $always[2] + $own->posts[$post] * $fallen[2];
                $across_N = ($isUneven ? max($share, $pushed[$post]) : $share) * $always[1];
                // Counted the way the push goes.
                $way = $across_N < 0.0 ? -1.0 : 1.0;
                $posts[] = $this->leaning($post, $down_N, abs($across_N), $way * ($head_Nm + $across_N * $this->places[$post]->height_m));
            }
            $cases[] = new TableCase($acts->combination, $acts->wind, $acts->snow, $isSoft, $posts);
        }

        return $cases;
    }

    /** @return array{float, float, float} With what a pile out of plumb adds */
    private function leaning(int $post, float $down_N, float $across_N, float $moment_Nm): array
    {
        return Leaning::on([$down_N, $across_N, $moment_Nm], Leaning::arm_m($this->design, $this->places[$post]));
    }

    /**
     * @param non-empty-list<float> $pushed
     *
     * @return list<TableCase>
     */
    private function along(bool $isSoft, array $pushed): array
    {
        $push_N = $this->loads->along_N($this->shape, $this->row->offset->toMetres() + $this->row->purlin->width->toMetres() + TableLoads::THICK_M);
        $cases = [];
        foreach ($this->loads->combinations->ofWind() as [$name, $dead]) {
            $posts = [];
            foreach ($this->places as $post => $place) {
                $each_N = $push_N * $pushed[$post];
                $posts[] = $this->leaning($post, $this->even[0]->posts[$post] * $dead * $this->dead_N, $each_N, $each_N * $place->height_m);
            }
            $cases[] = new TableCase($name, 'open_wind.along', TableLoads::NO_SNOW, $isSoft, $posts);
        }

        return $cases;
    }

    /**
     * What a strut bears over its head: by the pile on which most lies.
     *
     * @return array{array{float, TableCase}, array{float, TableCase}} Greatest moment and greatest shear, each with its case
     */
    public function strut(): array
    {
        [$bent, $sheared] = [null, null];
        $cos = cos($this->shape->tilt_rad);
        $dead_Pa = $this->dead_N / $this->shape->area_m2();
        foreach ($this->loads->together() as $acts) {
            [$bends, $shears] = $this->shape->strut($acts->lower_Pa + $acts->dead * $dead_Pa * $cos, $acts->upper_Pa + $acts->dead * $dead_Pa * $cos);
            [$snowBends, $snowShears] = $this->shape->strut($acts->snowLower_Pa * $cos ** 2, $acts->snowUpper_Pa * $cos ** 2);
            $lies = $this->lies($acts);
            foreach ($this->even as $variant => $even) {
                foreach ($even->posts as $post => $share) {
                    [$wide_m, $snowWide_m] = [$share * $this->shape->width_m, ($lies[$variant] ?? $even)->posts[$post] * $this->shape->width_m];
                    $case = new TableCase($acts->combination, $acts->wind, $acts->snow, null, []);
                    [$moment_Nm, $shear_N] = [$wide_m * $bends + $snowWide_m * $snowBends, $wide_m * $shears + $snowWide_m * $snowShears];
                    $bent = $bent === null || $moment_Nm > $bent[0] ? [$moment_Nm, $case] : $bent;
                    $sheared = $sheared === null || $shear_N > $sheared[0] ? [$shear_N, $case] : $sheared;
                }
            }
        }
        assert($bent !== null && $sheared !== null);

        return [$bent, $sheared];
    }
}
