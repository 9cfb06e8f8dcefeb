<?php

declare(strict_types=1);

namespace Garnetine\Core\Load;

use Garnetine\Core\Design\Design;
use Garnetine\Core\Design\Site\Given;
use Garnetine\Core\Design\Surface\EdgeKind;
use Garnetine\Core\Design\Surface\Outline;
use Garnetine\Core\Finding\Code;
use Garnetine\Core\Finding\Finding;
use Garnetine\Core\Geometry\Polygon;
use Garnetine\Core\Quantity\Pressure;

/** Pressures by an engineer or an authority: laid on the surface as they were given, with nothing added or eased. */
final class GivenLoads
{
    /**
     * @param float $toStandard From the level that they were given at to the one that the standard's combinations expect
     *
     * @return array{ZoneMap, array<int|string, ZoneWind>, float}
     */
    public static function wind(Design $design, Given $given, float $toStandard, Figures $figures): array
    {
        $outline = Outline::of($design->surface);
        [$width_m, $length_m, $edge_m] = [$outline->width_m, $outline->length_m, $given->edge->toMetres()];
        $zones = $outline->given !== [] ? self::onOutline($outline, $edge_m) : ZoneMap::lay($outline, [
            ...$outline->leftHip_m > 0.0 ? [] : [$edge_m],
            ...$outline->rightHip_m > 0.0 ? [] : [$width_m - $edge_m],
        ], [$edge_m, $length_m - $edge_m], $outline->besideHips($edge_m, false),
            static function (float $x_m, float $y_m) use ($outline, $length_m, $edge_m): string {
                $side = min($outline->fromLeft_m($x_m, $y_m), $outline->fromRight_m($x_m, $y_m)) < $edge_m;

                return match (true) {
                    $y_m < $edge_m => $side ? 'eave corner' : 'eave',
                    $y_m > $length_m - $edge_m => $side ? 'ridge corner' : 'ridge',
                    default => $side ? 'rake' : 'field',
                };
            });
        $winds = [];
        foreach (self::pressures($given) as $zone => [$key, $pressure]) {
            $path = $zone === 'down' ? 'loads/down' : "loads/suction/$zone/inside";
            $pressure_Pa = ($pressure?->toPascals() ?? throw new \LogicException('Given pressures that are missing were to be refused.')) * $toStandard;
            $figures->add($path, new Figure($zone === 'down' ? 'down_given' : 'suction_given', [
                'value_Pa' => $pressure_Pa, 'zone' => $zone, 'factor' => $toStandard, 'document' => $given->document, 'by' => $given->by,
            ], $given->document, 'own copy', ["/given/$key", '/given/level', '/given/by', '/given/on']));
            if ($zone === 'down') {
                return [$zones, $winds, $pressure_Pa];
            }
            $suction = Suction::constant($path, $pressure_Pa, $pressure_Pa);
            $winds[$zone] = new ZoneWind($zone, $suction, $suction, 'any');
        }

        throw new \LogicException('There is always a pressure down.');
    }

    /** Strips along the edges of any shape, on the plane; walls, steps and valleys have none of their own. */
    private static function onOutline(Outline $outline, float $edge_m): ZoneMap
    {
        $strips = [];
        foreach ($outline->polygon()->edges() as $edge => $ends) {
            if (in_array($outline->given[$edge]->edge, [EdgeKind::Eave, EdgeKind::Ridge, EdgeKind::Rake, EdgeKind::Hip], true)) {
                $strips[$edge] = Polygon::strip($ends, $edge_m, 1.0);
            }
        }

        return ZoneMap::laid($outline->polygon(), $strips, static function (array $edges) use ($outline): string {
            $in = array_map(static fn (int $edge): string => $outline->given[$edge]->edge->value, $edges);
            $side = array_intersect(['rake', 'hip'], $in) !== [];

            return match (true) {
                in_array('eave', $in, true) => $side ? 'eave corner' : 'eave',
                in_array('ridge', $in, true) => $side ? 'ridge corner' : 'ridge',
                default => $side ? 'rake' : 'field',
            };
        });
    }

    /** @return list<Finding> What is missing of given pressures */
    public static function refusals(Design $design): array
    {
        $given = $design->given;
        if ($given === null) {
            return [];
        }
        $missing = [];
        foreach (self::pressures($given) as $zone => [$key, $pressure]) {
            if ($pressure === null) {
                $missing["/given/$key"] = $zone;
            }
        }
        $missing += array_filter(
            [
                '/given/document' => trim($given->document) === '' ? 'document' : '',
                '/given/by' => trim($given->by) === '' ? 'name' : '',
                '/given/on' => $given->on === null ? 'date' : '',
            ],
        );

        return $missing === [] ? [] : [Finding::of(Code::GivenIncomplete, (string) array_key_first($missing), ['missing' => implode(', ', $missing)])];
    }

    /** @return array<string, array{string, Pressure|null}> Key and pressure by zone, "down" last */
    private static function pressures(Given $given): array
    {
        return [
            'field' => [
                'field_up_Pa',
                $given->fieldUp,
            ], 'eave' => ['eave_up_Pa', $given->eaveUp], 'rake' => ['rake_up_Pa', $given->rakeUp], 'ridge' => ['ridge_up_Pa', $given->ridgeUp],
            'eave corner' => ['eave_corner_up_Pa', $given->eaveCornerUp], 'ridge corner' => [
                'ridge_corner_up_Pa',
                $given->ridgeCornerUp,
            ], 'down' => ['down_Pa', $given->down],
        ];
    }

    /**
     * @param Pressure $snow On the level, as the standard's combinations expect it
     * @param float $service What of it counts at service level
     */
    public static function snow(Given $given, Pressure $snow, float $service, Figures $figures): SnowLoads
    {
        $figures->add(
            'loads/ps',
            new Figure('snow_given', ['value_Pa' => $snow->toPascals(), 'document' => $given->document], $given->document, 'own copy', ['/given/roof_snow_Pa']),
        );
        $figures->add(
            'loads/snow/balanced',
            new Figure(
                'snow_given',
                ['value_Pa' => $snow->toPascals(), 'document' => $given->document],
                $given->document,
                'own copy',
                ['/given/roof_snow_Pa'],
                listed: false,
            ),
        );

        return new SnowLoads($snow->toPascals(), [SnowCase::uniform('balanced', $snow->toPascals())], $service);
    }
}
