<?php

declare(strict_types=1);

namespace Garnetine\Core\Design;

use Garnetine\Core\Design\Block\ShortRails;
use Garnetine\Core\Design\Site\EnSnowSet;
use Garnetine\Core\Design\Site\Site;
use Garnetine\Core\Design\Site\Standard;
use Garnetine\Core\Design\Surface\Deck;
use Garnetine\Core\Document\Reader;
use Garnetine\Core\Document\Writer;

/** Values that a new job was started with and that nobody has entered yet. They show a plan, they are none of this roof. */
final class Examples
{
    /** What a named origin says in the document. */
    public const ORIGIN = 'example';

    /** Measures, answers and capacities that decide a plan and are to be entered for every roof; a part stands for all in it. */
    private const DECIDE = [
        '/site/standard', '/site/risk_category', '/site/wind_speed_m_per_s', '/site/exposure', '/site/topography', '/site/ground_snow_Pa',
        '/site/mean_roof_height_m',
        '/site/building_length_m', '/site/building_width_m', '/site/eave_to_ridge_m',
        '/surface/roof_kind', '/surface/covering', '/surface/width_m', '/surface/slope_length_m', '/surface/pitch_rad', '/surface/eave_overhang_m',
        '/surface/left_rake_overhang_m', '/surface/right_rake_overhang_m', '/surface/deck', '/surface/deck_thickness_m',
        '/surface/framing/kind', '/surface/framing/width_m', '/surface/framing/depth_m', '/surface/framing/spacing_m',
        '/surface/framing/layout_from', '/surface/framing/shingle_overhang_m', '/surface/framing/rake_board_m', '/surface/setbacks',
        '/module', '/block/rows', '/block/columns', '/block/x_m', '/block/y_m', '/block/column_gap_m', '/block/row_gap_m', '/block/top_above_roof_m', '/kit',
    ];

    /** Places of the rule that puts the first member where none was measured. */
    private const FIRST_MEMBER = ['/surface/framing/layout_from', '/surface/framing/shingle_overhang_m', '/surface/framing/rake_board_m'];

    /** The design of a job that begins: all its values that decide a plan are the example's. */
    public static function mark(Design $design): Design
    {
        $places = [];
        foreach (self::DECIDE as $pointer) {
            array_push($places, ...self::leaves(self::at($design, $pointer), $pointer));
        }

        return Reader::reread($design, (object) ['origins' => (object) array_fill_keys($places, self::ORIGIN)]);
    }

    /**
     * The example's values that the plan of a design rests on, by the part of the design in which they are entered.
     *
     * @return array<string, list<string>> Pointers by the pointer of their part
     */
    public static function left(Design $design): array
    {
        $left = [];
        foreach (array_keys($design->origins) as $pointer) {
            $value = self::counts($design, $pointer) ? self::at($design, $pointer) : null;
            if ($value !== null && !is_array($value)) {
                $left[self::part($pointer)][] = $pointer;
            }
        }
        ksort($left);

        return $left;
    }

    /** Whether the standard and the survey of a design make use of a place at all. */
    private static function counts(Design $design, string $pointer): bool
    {
        return match (true) {
            str_starts_with($pointer, '/site/') => self::countsAtSite($design->site, $pointer),
            $pointer === '/surface/deck_thickness_m' => $design->surface->deck !== Deck::None,
            $pointer === '/surface/framing/spacing_m' => !$design->surface->framing->kind->runAcross(),
            $pointer === '/surface/framing/first_member_m' => !$design->surface->framing->kind->runAcross() && $design->surface->covering->stand() === 'member',
            in_array($pointer, self::FIRST_MEMBER, true) => $design->surface->framing->firstMember === null && $design->surface->covering->stand() === 'member',
            // What pierces nothing needs no screw.
            str_starts_with($pointer, '/kit/bolt/') => $design->kit->foot->isBolted() && $design->hasRails(),
            $pointer === '/kit/rail/end_past_module_m' => self::hasLongRails($design),
            str_starts_with($pointer, '/kit/rail/') => $design->hasRails(),
            str_starts_with($pointer, '/kit/fastener/') => $design->kit->foot->holes() !== [],
            default => true,
        };
    }

    /** Whether any of its blocks lies on rails that reach past its ends. */
    private static function hasLongRails(Design $design): bool
    {
        return array_filter($design->parts(), static fn (BlockPart $part): bool => $part->design->block->arrangement->hasRails()
            && !$part->design->block->arrangement instanceof ShortRails) !== [];
    }

    /** Whether the standard of a place, whatever stands there, makes use of one of its values. */
    public static function countsAtSite(Site $site, string $pointer): bool
    {
        return match ($pointer) {
            '/site/wind_speed_m_per_s', '/site/exposure' => $site->standard->isAsce7(),
            '/site/risk_category' => $site->standard !== Standard::En,
            '/site/ground_snow_Pa' => $site->standard !== Standard::En || $site->en?->snowSet === EnSnowSet::Given,
            default => true,
        };
    }

    private static function part(string $pointer): string
    {
        return match (true) {
            preg_match('~^/kit/(rail|clamp|extra_mass_per_module_kg|under|bonding)\b~', $pointer) === 1 => '/kit/rail',
            str_starts_with($pointer, '/kit/') => '/kit/foot',
            preg_match('~^/(block|blocks|modules)/~', $pointer) === 1 => '/module',
            default => '/'.explode('/', $pointer)[1],
        };
    }

    private static function at(Design $design, string $pointer): mixed
    {
        $value = Writer::toArray($design);
        foreach (array_slice(explode('/', $pointer), 1) as $key) {
            $value = is_object($value) ? (array) $value : $value;
            $value = is_array($value) ? $value[$key] ?? null : null;
        }

        return $value;
    }

    /** @return list<string> Pointers of the values in a part, those that say something */
    public static function leaves(mixed $value, string $pointer): array
    {
        if (is_array($value)) {
            return array_merge(...array_map(
                static fn (int|string $key, mixed $inner): array => self::leaves($inner, "$pointer/$key"),
                array_keys($value),
                $value,
            ));
        }

        return $value !== null && $value !== '' ? [$pointer] : [];
    }
}
