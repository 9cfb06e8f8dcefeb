<?php

declare(strict_types=1);

namespace Garnetine\Core\Crew;

use Garnetine\Core\Attachment\LagInMember;
use Garnetine\Core\Design\Design;
use Garnetine\Core\Quantity\Length;

/** What to fetch from the van once, in the order of the steps. Source: common practice, no source; sizes are the design's. */
final class Tools
{
    /** @return list<array{code: string, values: array<string, float>}> Texts are in the messages */
    public static function of(Design $design, ?LagInMember $lag): array
    {
        $diameter_m = $design->kit->lag->diameter->size()->toMetres();
        $hasShank = $lag !== null && $lag->shank->toMetres() > $lag->above->toMetres() && $design->kit->lag->shankHole;
        $values = [
            'ladder' => [], 'ropes' => [], 'tape' => [], 'hammer' => [], 'probe' => [],
            'pilot' => ['pilot_m' => Length::ofInches(Steps::PILOTS_IN[$design->kit->lag->diameter->value])->toMetres()],
            'shank_bit' => $hasShank ? ['diameter_m' => $diameter_m, 'shank_m' => $lag->shank->toMetres()] : null,
            'guide' => $design->kit->lag->drillGuide ? [] : null,
            'flat_bar' => [], 'socket' => ['diameter_m' => $diameter_m], 'sealant_gun' => [], 'saw' => [], 'torque_wrench' => [], 'paint' => [], 'camera' => [],
        ];
        $tools = [];
        foreach ($values as $code => $sizes) {
            if ($sizes !== null) {
                $tools[] = ['code' => $code, 'values' => $sizes];
            }
        }

        return $tools;
    }
}
