<?php

declare(strict_types=1);

namespace App\Paper;

use Garnetine\Core\Covering\ScrewedMetal;
use Garnetine\Core\Covering\SeamedMetal;
use Garnetine\Core\Covering\Tile;
use Garnetine\Core\Crew\Steps;
use Garnetine\Core\Foot\ButylBase;
use Garnetine\Core\Foot\LFoot;
use Garnetine\Core\Foot\SeamClamp;
use Garnetine\Core\Foot\SheetScrews;
use Garnetine\Core\Foot\TileHook;
use Garnetine\Core\Layout\Course;
use Garnetine\Core\Plan\Plan;
use Garnetine\Core\Quantity\Dimension;
use Garnetine\Core\Quantity\Length;

/** One penetration cut along the slope: its layers from the member up, in metres for drawing and as texts for its dimensions. */
final class SectionView
{
    /** @return array<string, mixed>|null A clamp on a seam, which has no screw to be cut through; null of other feet */
    public static function ofSeam(Plan $plan): ?array
    {
        [$clamp, $roof] = [$plan->design->kit->foot, $plan->design->surface->covering];
        if (!$clamp instanceof SeamClamp || !$roof instanceof SeamedMetal) {
            return null;
        }
        $sizes = ['length' => $clamp->length, 'rail_height' => $clamp->railHeight, 'sheet' => $roof->sheetThickness];
        $printer = $plan->design->printer();

        return [
            'm' => array_map(static fn (Length $size): float => $size->toMetres(), $sizes),
            'text' => array_map(static fn (Length $size): string => $printer->length($size->toMetres()), $sizes),
            'screws' => $clamp->setTorque === null ? 'the side, at the maker’s torque' : 'the side, at '.$printer->print(Dimension::Moment, $clamp->setTorque->toSi()),
        ];
    }

    /** @return array<string, mixed>|null Null where the sizes of the fastener are not known */
    public static function of(Plan $plan): ?array
    {
        $held = $plan->fastener;
        $fastener = $plan->design->kit->fastener;
        if ($held === null) {
            return null;
        }
        $surface = $plan->design->surface;
        [$foot, $covering] = [$plan->design->kit->foot, $surface->covering];
        $flashing = $foot->flashing();
        [$hook, $tile] = [$foot instanceof TileHook ? $foot : null, $covering instanceof Tile ? $covering : null];
        [$angle, $butyl, $screws] = [
            $foot instanceof LFoot ? $foot : null, $foot instanceof ButylBase ? $foot : null, $foot instanceof SheetScrews ? $foot : null,
        ];
        $sizes = [
            'member' => $surface->framing->depth, 'deck' => $surface->deck->thickness($surface->deckThickness),
            'underlayment' => $surface->covering->underlayment(),
            'shingles' => $surface->covering->thickness()->minus($surface->covering->underlayment()),
            'base' => $foot->base()->thickness, 'flashing' => $flashing?->thickness, 'below' => $flashing?->below, 'above' => $flashing?->above,
            'heel' => $foot->base()->heel,
            'rail_height' => Length::ofMetres($foot->limits()->railHeight_m), 'hole_offset' => $foot->holeOffset(),
            'length' => $fastener->length(), 'diameter' => $fastener->diameter(),
            'member_wide' => $surface->framing->width, 'pad' => $angle->pad ?? $screws->pad ?? $butyl?->butyl,
            'steel' => $surface->framing->kind->isSteel() ? $surface->framing->steelThickness : null,
            'sheet' => $covering instanceof ScrewedMetal ? $covering->sheetThickness : null,
            'rib' => $covering instanceof ScrewedMetal ? $covering->ribHeight : null,
            'load_line' => $angle->loadLine ?? $screws->loadLine ?? $butyl?->loadLine,
            'foot_long' => $angle->length ?? $hook->length ?? $screws->length ?? $butyl?->length,
            'batten' => $tile?->battenWidth, 'tile_top' => $tile?->tileTop, 'overlap' => $tile?->overlap,
            'reach' => $hook?->arm->reach, 'arm_under' => $hook?->arm->under, 'arm' => $hook?->arm->thickness,
            'shank' => $held->shank, 'thread_in_member' => $held->threadInMember, 'over_member' => $held->above,
            'exposure' => Course::of($surface)?->exposure, 'cover' => $flashing?->makersCover,
        ];
        $printer = $plan->design->printer();

        return [
            'm' => array_map(static fn (?Length $size): ?float => $size?->toMetres(), $sizes),
            'text' => array_map(static fn (?Length $size): ?string => $size === null ? null : $printer->length($size->toMetres()), $sizes),
            'on_sheet' => $angle?->standsOn->value ?? ($screws === null ? null : 'alone'),
            'on_deck' => $foot->sitsOnDeck(),
            'holes' => $foot->holes(),
            'shank_hole' => Steps::needsShankHole($plan->design, $held),
            'names' => ['foot' => $foot->name(), 'fastener' => $fastener->name(), 'sealant' => $plan->design->kit->sealant->name],
        ];
    }
}
