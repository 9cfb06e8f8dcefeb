<?php

declare(strict_types=1);

namespace Garnetine\Core\Crew;

use Garnetine\Core\Attachment\Fastening\FastenerInMember;
use Garnetine\Core\Design\Design;
use Garnetine\Core\Fastener\LagScrew;

/** What to fetch from the van once, in the order of the steps. Source: common practice, no source; sizes are the design's. */
final class Tools
{
    /** @return list<array{code: string, values: array<string, float>}> Texts are in the messages */
    public static function of(Design $design, ?FastenerInMember $held): array
    {
        $fastener = $design->kit->fastener;
        $diameter_m = $fastener->diameter()->toMetres();
        $hasShank = $held !== null && $design->kit->foot->attaching() === null && Steps::needsShankHole($design, $held);
        $isPierced = $design->kit->foot->holes() !== [];
        // What has a way of its own to be fixed is so without a pilot.
        $isDrilled = $isPierced && $design->kit->foot->attaching() === null;
        $pilot = $isDrilled ? $fastener->pilot() : null;
        // In a sheet nothing is probed for, and over a deck nothing is looked for.
        $own = array_diff($design->surface->covering->tools(), $design->kit->foot->intoSheet() ? ['probe'] : ($design->onDeck() ? ['hammer', 'probe'] : []));
        $of = static fn (string $tool): ?array => in_array($tool, $own, true) ? [] : null;
        $values = [
            'ladder' => [], 'ropes' => [], 'tape' => [], 'hammer' => $of('hammer'), 'probe' => $of('probe'), 'tile_wedges' => $of('tile_wedges'),
            'pilot' => $pilot === null ? null : ['pilot_m' => $pilot->toMetres()],
            'shank_bit' => $hasShank ? ['diameter_m' => $diameter_m, 'shank_m' => $held->shank->toMetres()] : null,
            'guide' => $isPierced && $fastener->isGuided() ? [] : null,
            'flat_bar' => $of('flat_bar'), 'socket' => $isPierced && $fastener instanceof LagScrew ? ['diameter_m' => $diameter_m] : null,
            'driver' => $isPierced && !$fastener instanceof LagScrew ? [] : null, 'sealant_gun' => $of('sealant_gun'),
            'brush' => $of('brush'), 'grinder' => $of('grinder'), 'saw' => $design->hasRails() ? []
                : null, 'torque_wrench' => [], 'paint' => [], 'camera' => [],
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
