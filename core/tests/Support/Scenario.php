<?php

declare(strict_types=1);

namespace Garnetine\Core\Tests\Support;

use Garnetine\Core\Design\Design;
use Garnetine\Core\Design\DesignFile;
use Garnetine\Core\Design\Part;
use Garnetine\Core\Design\Project;
use Garnetine\Core\Document\DocumentInvalid;
use Garnetine\Core\Document\Fault;
use Garnetine\Core\Document\Json;
use Garnetine\Core\Quantity\Length;

/** A shipped job of one surface, changed by paths of that surface's design. */
final readonly class Scenario
{
    public const GIVEN = [
        'document' => 'Letter 12', 'by' => 'E. Sorrel', 'on' => '2026-06-01', 'level' => 'strength', 'edge_m' => 1.2, 'field_up_Pa' => 1500.0, 'eave_up_Pa' => 1700.0, 'rake_up_Pa' => 1800.0,
        'ridge_up_Pa' => 1900.0, 'eave_corner_up_Pa' => 2100.0, 'ridge_corner_up_Pa' => 2300.0, 'down_Pa' => 800.0, 'roof_snow_Pa' => 700.0,
    ];

    private function __construct(private \stdClass $document)
    {
    }

    public static function of(string $name = 'quince-lane'): self
    {
        return new self(Json::read((string) file_get_contents(dirname(__DIR__, 3)."/docs/examples/$name.json")));
    }

    /** The example under another standard, with all that this asks for and capacities of its format. */
    public static function to(string $standard): self
    {
        $design = static fn (self $scenario): self => $scenario->with('/kit/capacities', 'design')->with('/kit/fastener/pull_out_N', 4500.0)->with('/kit/fastener/document', 'pull-out report 7');

        return match ($standard) {
            'asce7-16' => self::of(),
            'asce7-16 low' => self::of()->with('/surface/pitch_rad', deg2rad(5))->with('/block/y_m', Length::ofFeet(3)->toMetres()),
            'asce7-16 lrfd' => $design(self::of()->with('/site/combinations', 'lrfd')),
            'asce7-22' => self::of()->with('/site/standard', 'asce7-22')->with('/surface/pitch_rad', deg2rad(5))->with('/site/thermal', 'unheated')->with('/site/winter_wind', 0.4)->with('/site/ground_snow_kind', 'strength'),
            'en-1991' => self::of()->with('/site/standard', 'en-1991')->with('/site/ground_snow_kind', 'characteristic')->with('/kit/capacities', 'design')
                ->with('/site/en', ['basic_velocity_m_per_s' => 25.0, 'terrain' => 'II', 'orography' => null, 'snow_set' => 'de_2', 'snow_zone' => null, 'timber' => 'C24']),
            'as-nzs-1170-2011', 'as-nzs-1170-2021' => $design(self::of()->with('/site/standard', $standard)->with('/site/ground_snow_Pa', 0.0)
                ->with('/site/as_nzs', ['region' => 'A4', 'terrain' => '2', 'shielding' => null, 'topographic_multiplier' => null])),
            'asce7-16 hip', 'as-nzs-1170-2011 hip', 'given hip' => self::to(substr($standard, 0, -4))->with('/surface/roof_kind', 'hip')->with('/surface/left_hip_m', 4.6)->with('/surface/right_hip_m', 4.6)->with('/surface/pitch_rad', deg2rad(22))
                ->with('/surface/width_m', 20.0)->with('/surface/framing/first_member_m', 0.6)->with('/block/x_m', 4.9),
            'given' => self::of()->with('/given', self::GIVEN),
            default => throw new \LogicException("No scenario to $standard."),
        };
    }

    public static function part(): Part
    {
        return new Part('plane-1', 'plane-1', 'module-1', 'kit-1');
    }

    public function with(string $path, mixed $value): self
    {
        if (in_array($path, ['/origins', '/as_typed'], true)) {
            $places = (array) $value;
            $value = (object) array_combine(array_map(static fn (string $pointer): string => self::part()->inJob($pointer), array_keys($places)), $places);
        } elseif ($path === '/confirmations' && is_array($value)) {
            $value = array_map(static fn (mixed $one): mixed => is_array($one) && is_string($one['subject'] ?? null) ? ['subject' => self::part()->subjectInJob($one['subject'])] + $one : $one, $value);
        }
        $path = self::part()->inJob($path);
        /** @var \stdClass $copy */
        $copy = json_decode(json_encode($this->document, JSON_THROW_ON_ERROR | JSON_PRESERVE_ZERO_FRACTION));
        $place = $copy;
        $keys = array_slice(explode('/', $path), 1);
        $last = (string) array_pop($keys);
        foreach ($keys as $key) {
            $next = is_array($place) ? $place[(int) $key] : $place->{$key};
            assert($next instanceof \stdClass || is_array($next));
            if (is_array($next) && $key === end($keys)) {
                throw new \LogicException('Change a whole entry of a list, not a list by position.');
            }
            $place = $next;
        }
        assert($place instanceof \stdClass);
        $place->{$last} = $value;

        return new self($copy);
    }

    public function without(string $path): self
    {
        $copy = $this->with($path, null);
        $place = $copy->document;
        $keys = array_slice(explode('/', self::part()->inJob($path)), 1);
        $last = (string) array_pop($keys);
        foreach ($keys as $key) {
            $place = $place->{$key};
            assert($place instanceof \stdClass);
        }
        unset($place->{$last});

        return $copy;
    }

    public function json(): string
    {
        return json_encode($this->document, JSON_THROW_ON_ERROR | JSON_PRESERVE_ZERO_FRACTION);
    }

    public function project(): Project
    {
        return DesignFile::read($this->json());
    }

    /** @throws DocumentInvalid with places in the surface's design */
    public function design(): Design
    {
        try {
            return $this->project()->design('plane-1');
        } catch (DocumentInvalid $invalid) {
            throw new DocumentInvalid(array_map(static fn (Fault $fault): Fault => new Fault(self::part()->here($fault->path) ?? $fault->path, $fault->expected, $fault->found), $invalid->faults));
        }
    }

    /**
     * A seeded random roof: sizes, framing, wind, snow, strengths, pattern, a lap now and then, modules left out, no-work areas.
     *
     * @param int $mostColumns Keeps the count of members under a run small where everything is enumerated
     */
    public static function random(int $seed, int $mostColumns = 9): self
    {
        mt_srand($seed);
        $between = static fn (float $low, float $high): float => $low + ($high - $low) * mt_rand(0, 10_000) / 10_000;
        $in = static fn (float $inches): float => Length::ofInches($inches)->toMetres();
        $columns = mt_rand(2, $mostColumns);
        $rows = mt_rand(1, 2);
        $spacing_in = [16.0, 19.2, 24.0][mt_rand(0, 2)];
        $pitch = deg2rad($between(9.0, 40.0));
        $width_m = $columns * $in(39.75) + $in($between(90, 130));
        $length_m = $rows * $in(66.75) + $in($between(70, 90));
        $scenario = self::of()
            ->with('/surface/width_m', $width_m)->with('/surface/slope_length_m', $length_m)->with('/surface/pitch_rad', $pitch)
            ->with('/surface/covering/upper_butt_m', $length_m - $in(6))->with('/surface/covering/courses_between', (int) max(1, round(($length_m - $in(17.25)) / $in(5.625))))
            ->with('/surface/framing/spacing_m', $in($spacing_in))->with('/surface/framing/depth_m', $in([3.5, 5.5][mt_rand(0, 1)]))
            ->with('/surface/framing/species', ['spruce_pine_fir', 'douglas_fir_larch', 'hem_fir', 'southern_pine'][mt_rand(0, 3)])
            ->with('/surface/framing/layout_from', ['left', 'right'][mt_rand(0, 1)])
            ->with('/surface/framing/lap', mt_rand(0, 3) === 0 ? ['from_m' => $length_m * 0.42, 'to_m' => $length_m * 0.5, 'shift_m' => $in(1.5)] : null)
            ->with('/surface/dead_load_Pa', $between(500, 900))
            ->with('/surface/no_work_circles', mt_rand(0, 2) === 0 ? [['id' => 'vent', 'kind' => 'pipe_vent', 'x_m' => $width_m * $between(0.2, 0.8), 'y_m' => $length_m * $between(0.2, 0.8), 'diameter_m' => 0.1, 'clearance_m' => 0.15]] : [])
            ->with('/surface/eave_overhang_m', 0.2)
            ->with('/block/rows', $rows)->with('/block/columns', $columns)
            ->with('/block/x_m', ($width_m - $columns * $in(39) - ($columns - 1) * $in(0.75)) / 2 + $in($between(-4, 4)))->with('/block/y_m', $in($between(20, 36)))
            ->with('/block/left_out', $columns > 4 && mt_rand(0, 2) === 0 ? [['row' => 1, 'column' => mt_rand(2, $columns - 1)]] : [])
            ->with('/site/wind_speed_m_per_s', $between(42.5, 68.0))->with('/site/exposure', ['B', 'C', 'D'][mt_rand(0, 2)])
            ->with('/site/mean_roof_height_m', $between(3.5, 9.0))
            ->with('/site/ground_snow_Pa', mt_rand(0, 1) === 0 ? 0.0 : $between(300, 2000))
            ->with('/site/roof_supports', ['simple', 'other'][mt_rand(0, 1)])->with('/site/eave_to_ridge_m', $length_m * cos($pitch))
            ->with('/rules/pattern', ['stacked', 'staggered'][mt_rand(0, 1)])
            ->with('/kit/rail/section_modulus_x_m3', $in(1) ** 3 * $between(0.12, 0.45))->with('/kit/rail/section_modulus_y_m3', $in(1) ** 3 * $between(0.1, 0.3))
            ->with('/kit/rail/second_moment_x_m4', $in(1) ** 4 * $between(0.12, 0.5))
            ->with('/kit/rail/splice_moment_Nm', mt_rand(0, 1) === 0 ? null : $between(180, 500))
            ->with('/kit/foot/up_N', $between(1500, 4500))->with('/kit/foot/along_N', $between(900, 2500))->with('/kit/foot/down_N', $between(3500, 8000))
            ->with('/kit/clamp/grips_both_rails', mt_rand(0, 3) > 0);
        if (mt_rand(0, 1) === 0) {
            $scenario = $scenario->with('/kit/foot/base/lateral_N', null)->with('/kit/foot/base/material', 'steel_a36');
        }

        return $scenario;
    }

    /** The same; every other roof is on a building so wide that its lines cross the zones along the edges. */
    public static function randomZones(int $seed, int $mostColumns = 9): self
    {
        $scenario = self::random($seed, $mostColumns);

        return $seed % 2 === 0 ? $scenario : $scenario->with('/site/building_width_m', 16.0)->with('/site/building_length_m', 20.0);
    }
}
