<?php

declare(strict_types=1);

namespace Garnetine\Core\Framing;

use Garnetine\Core\Design\Design;
use Garnetine\Core\Design\Surface\MemberKind;
use Garnetine\Core\Load\Coefficients;
use Garnetine\Core\Load\SiteLoads;
use Garnetine\Core\Load\Standards;
use Garnetine\Core\Quantity\Area;
use Garnetine\Core\Quantity\Length;

/**
 * A screen of sawn rafters in bending, as simple beams on their level span under uniform gravity loads; the member with the
 * largest share of the array stands for all. It judges nothing: point loads, connections, ties and defects are for an engineer.
 *
 * Source: NDS 2018 §§3.3, 4.3, Supplement Table 4A; recalled.
 */
final readonly class RafterScreen
{
    private const TABLE = 'nds_2018/lumber';
    private const DEPTHS_IN = [3.5, 5.5, 7.25, 9.25, 11.25];
    private const PSI = 6894.757293168361;

    private function __construct(
        /** Stress over the tabulated value, without and with the array. */
        public float $before,
        public float $ratio,
        /** Load on the level that gives the ratio, and what it is held against. */
        public float $with_Pa,
        public float $fb_Pa,
        public float $cf,
    ) {
    }

    /** Null where the span or the grade is not entered, or the timber is not in the table. */
    public static function of(Design $design, Members $members, SiteLoads $loads, MemberShares $shares, Coefficients $coefficients): ?self
    {
        $framing = $design->surface->framing;
        $key = 'fb/'.$framing->species->value.'/'.($framing->grade->value ?? '');
        if (
            $framing->kind !== MemberKind::Rafter
            || $members->areOfSheet
            || $framing->span === null
            || $framing->grade === null
            || !$design->site->standard->isAsce7()
            || !Coefficients::has(self::TABLE, $key)
        ) {
            return null;
        }
        $value = static fn (string $key): float => $coefficients->value(self::TABLE, $key);
        $cf = 1.0;
        foreach (self::DEPTHS_IN as $depth_in) {
            $cf = abs($framing->depth->toInches() - $depth_in) < 0.06 ? $value('cf/'.$depth_in) : $cf;
        }
        $slant = cos($design->surface->pitch->toRadians());
        $times = max([1.0, ...array_map(static fn (MemberShare $share): float => $share->times, $shares->shares)]);
        $dead_Pa = $design->surface->deadLoad->toPascals() / $slant;
        $array_Pa = ArrayWeight::most_Pa($design) / $slant;
        $snow_Pa = $loads->snow->heaviest_Pa();
        $area = Area::ofSi($members->widest_m() * $design->site->eaveToRidge->toMetres());
        $live_Pa = Standards::of($design)->roofLive($design, $area, $coefficients)->toPascals();
        $fb_Pa = $value($key) * $cf * $value('cr') * self::PSI;
        $perLoad = $members->widest_m() * $framing->span->toMetres() ** 2 / 8 / ($framing->width->toMetres() * $framing->depth->toMetres() ** 2 / 6) / $fb_Pa;
        $with_Pa = $dead_Pa + $times * ($array_Pa + $snow_Pa);

        return new self(
            $perLoad * max($dead_Pa / $value('cd/dead'), ($dead_Pa + $snow_Pa) / $value('cd/snow'), ($dead_Pa + $live_Pa) / $value('cd/live')),
            $perLoad * max(($dead_Pa + $times * $array_Pa) / $value('cd/dead'), $snow_Pa > 0.0 ? $with_Pa / $value('cd/snow') : 0.0),
            $with_Pa,
            $value($key) * self::PSI,
            $cf,
        );
    }

    /** The member as it is called by its entered sizes. */
    public static function name(Design $design): string
    {
        $print = static fn (Length $size): string => $design->printer()->length($size->toMetres());

        return $print($design->surface->framing->width).' × '.$print($design->surface->framing->depth);
    }
}
