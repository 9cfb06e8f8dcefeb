<?php

declare(strict_types=1);

namespace Garnetine\Core\Layout;

use Garnetine\Core\Design\Design;
use Garnetine\Core\Design\Surface\EdgeKind;
use Garnetine\Core\Design\Surface\FirePlane;
use Garnetine\Core\Design\Surface\FireRoof;
use Garnetine\Core\Design\Surface\FireRule;
use Garnetine\Core\Design\Surface\NoWorkKind;
use Garnetine\Core\Design\Surface\Outline;
use Garnetine\Core\Design\YesNo;
use Garnetine\Core\Finding\Code;
use Garnetine\Core\Finding\Finding;
use Garnetine\Core\Geometry\Polygon;
use Garnetine\Core\Load\Coefficients;
use Garnetine\Core\Load\Printed;
use Garnetine\Core\Quantity\Length;

/**
 * Whether fire crews get up the roof and can open it at the ridge: paths from the lowest edge to the ridge, and what is kept free
 * along a level ridge, which goes with the share of the roof under modules.
 *
 * Source: IRC 2018 and 2021, R324.6; recalled, HIGH, the numbers of its clauses MEDIUM. Where an input is unknown nothing is
 * checked, and the plan says why.
 */
final class FireAccess
{
    private const TOLERANCE_M = 1e-6;
    private const TABLE = 'irc_2018/roof_access';

    /**
     * @param non-empty-list<Placement> $placements By block
     *
     * @return list<Finding>
     */
    public static function findings(Design $design, array $placements, Coefficients $coefficients): array
    {
        $roof = $design->fireRoof;
        if ($roof === null) {
            return [];
        }
        $why = self::unknown($roof);
        if ($why !== null) {
            return [Finding::of(Code::FireNotChecked, '/fire', ['why' => $why])];
        }
        $value = static fn (string $key): float => $coefficients->value(self::TABLE, $key);
        if (Printed::atMost(tan($design->surface->pitch->toRadians()) * 12, $value('exempt_rise_in_12'))) {
            return [Finding::of(Code::FireExempt, '/surface/pitch_rad')];
        }
        $share = $roof->share();
        $isWide = $share > $value($roof->fire->sprinklers === YesNo::Yes ? 'share_with_sprinklers' : 'share') + 1e-9;
        $ridge_m = Length::ofInches($value($isWide ? 'ridge_wide_in' : 'ridge_in'))->toMetres();
        $width_m = Length::ofInches($value('path_in'))->toMetres();
        $found = [
            ...self::ridges($design, $placements, $ridge_m, $share),
            ...self::strips($roof->plane(), $width_m),
            ...self::paths($roof, array_sum(array_map(static fn (Placement $one): int => $one->count, $placements)) > 0, $width_m, $value('planes_with_paths')),
        ];

        return [...$found, ...$found === [] ? [Finding::of(Code::FireChecked, '/fire', ['share' => round($share, 3), 'ridge_m' => $ridge_m])] : []];
    }

    /** @return string|null Why it is not checked, as a message */
    private static function unknown(FireRoof $roof): ?string
    {
        $isStreetUnknown = array_filter($roof->planes, static fn (FirePlane $plane): bool => $plane->surface->fire->street === YesNo::Unknown) !== [];

        return match (true) {
            $roof->fire->rule !== FireRule::Irc => 'fire.other_rule',
            $roof->fire->dwelling !== YesNo::Yes => $roof->fire->dwelling === YesNo::No ? 'fire.no_dwelling' : 'fire.dwelling_unknown',
            $roof->fire->sprinklers === YesNo::Unknown => 'fire.sprinklers_unknown',
            $isStreetUnknown => 'fire.street_unknown',
            default => null,
        };
    }

    /**
     * @param non-empty-list<Placement> $placements
     *
     * @return list<Finding> One for each level ridge that modules are too near to
     */
    private static function ridges(Design $design, array $placements, float $ridge_m, float $share): array
    {
        $outline = Outline::of($design->surface);
        $findings = [];
        foreach ($outline->polygon()->edges() as $edge => $ends) {
            if ($outline->edges()[$edge][0] !== EdgeKind::Ridge || abs($ends[0][1] - $ends[1][1]) > self::TOLERANCE_M) {
                continue;
            }
            $clear_m = INF;
            foreach ($placements as $placement) {
                foreach ($placement->spots() as $spot) {
                    $clear_m = min(
                        $clear_m,
                        Polygon::apart_m($ends, [$spot->x_m, $spot->y_m, $spot->x_m + $placement->width_m, $spot->y_m + $placement->length_m]),
                    );
                }
            }
            if ($clear_m < $ridge_m - self::TOLERANCE_M) {
                $findings[] = Finding::of(Code::FireRidge, '/block/y_m', ['clear_m' => $clear_m, 'least_m' => $ridge_m, 'share' => round($share, 3)]);
            }
        }

        return $findings;
    }

    /** @return list<Finding> Strips that are no whole paths */
    private static function strips(FirePlane $plane, float $width_m): array
    {
        $findings = [];
        foreach ($plane->paths() as $index => $path) {
            if (!$plane->isWhole($path, $width_m)) {
                $findings[] = Finding::of(Code::FirePathShort, "/surface/no_work_rectangles/$index", [
                    'area' => $path->id, 'kind' => $path->kind->value, 'least_m' => $width_m,
                    'to' => $path->kind === NoWorkKind::FirePath ? 'fire.to_ridge' : 'fire.to_window',
                ]);
            }
        }

        return $findings;
    }

    /** @return list<Finding> Whether there are paths enough, where they are asked for */
    private static function paths(FireRoof $roof, bool $hasModules, float $width_m, float $least): array
    {
        $with = $roof->withPath($width_m);
        $street = array_filter($with, static fn (string $id): bool => $roof->planes[$id]->surface->fire->street === YesNo::Yes);
        $findings = [];
        if (count($with) < $least || $street === []) {
            $findings[] = Finding::of(Code::FirePathsFew, '/fire', ['planes' => count($with), 'least' => $least, 'street' => count($street)]);
        }
        $beside = $roof->plane()->surface->fire->pathOn ?? $roof->here;
        if ($hasModules && array_intersect([$roof->here, $beside], $with) === [] && !$roof->isAstride($beside, $width_m)) {
            $findings[] = Finding::of(Code::FirePathMissing, '/surface/fire/path_on', ['surface' => $roof->plane()->surface->name]);
        }

        return $findings;
    }
}
