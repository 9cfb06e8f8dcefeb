<?php

declare(strict_types=1);

namespace Garnetine\Core\Seal;

use Garnetine\Core\Covering\Coating;
use Garnetine\Core\Covering\ScrewedMetal;
use Garnetine\Core\Covering\SeamedMetal;
use Garnetine\Core\Design\Design;
use Garnetine\Core\Design\Kit\SealantBase;
use Garnetine\Core\Design\Surface\RunOff;
use Garnetine\Core\Finding\Code;
use Garnetine\Core\Finding\Finding;

/**
 * Materials that spoil each other where they touch, or where the water of one runs over the other; of what nobody entered nothing is said.
 *
 * Source: how metals rank and what single-ply rubber bears; recalled, MEDIUM. Acetoxy silicone off zinc and copper: data sheets, recalled.
 */
final class Clashes
{
    /** @return list<Finding> */
    public static function findings(Design $design): array
    {
        $covering = $design->surface->covering;
        [$coating, $forCopper] = $covering instanceof ScrewedMetal || $covering instanceof SeamedMetal
            ? [$covering->coating, trim($covering->copperDocument)] : [Coating::Unknown, ''];
        $base = $design->kit->sealant->base;
        $isOnZincOrCopper = in_array($coating, [Coating::Zinc, Coating::AluminiumZinc, Coating::Copper], true);
        $clashes = [
            'clash.acetoxy' => $base === SealantBase::AcetoxySilicone && $isOnZincOrCopper ? '/kit/sealant/base' : null,
            'clash.pad' => $base === SealantBase::RoofCement && $design->kit->foot->padOn($covering) !== null ? '/kit/sealant/base' : null,
            // Rails, clamps and frames are of aluminium or zinc-coated, where no document says otherwise.
            'clash.copper_roof' => $coating === Coating::Copper && $forCopper === '' ? '/surface/covering/copper_document' : null,
            'clash.copper_above' => $design->surface->runOff === RunOff::Copper ? '/surface/run_off' : null,
            'clash.on_aluminium_zinc' => in_array($design->surface->runOff, [RunOff::Lead, RunOff::TreatedWood], true)
                && $coating === Coating::AluminiumZinc ? '/surface/run_off' : null,
        ];
        $findings = [];
        foreach (array_filter($clashes) as $why => $at) {
            $findings[] = Finding::of(Code::MaterialsClash, $at, ['why' => $why]);
        }

        [$from, $to] = [$design->kit->sealant->appliedFrom, $design->kit->sealant->appliedTo];
        $isUpsideDown = $from !== null && $to !== null && $from->toCelsius() > $to->toCelsius();

        $isMade = $coating === Coating::Copper && $forCopper !== '';
        array_push($findings, ...$isMade ? [Finding::of(Code::MadeForCopper, '/surface/covering/copper_document', ['document' => $forCopper])] : []);

        return [...$findings, ...$isUpsideDown ? [Finding::of(Code::SealantUpsideDown, '/kit/sealant/applied_to_celsius', [
            'sealant' => $design->kit->sealant->name, 'from_celsius' => $from->toCelsius(), 'to_celsius' => $to->toCelsius(),
        ])] : []];
    }
}
