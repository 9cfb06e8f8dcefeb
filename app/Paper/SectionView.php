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

/**
 * One penetration cut along the slope: its layers from the member up, in metres for drawing and as texts for its dimensions.
 *
 * @phpstan-type Section array{
 *     m: array{
 *         member: float,
 *         deck: float,
 *         underlayment: float,
 *         shingles: float,
 *         base: float,
 *         heel: float,
 *         rail_height: float,
 *         hole_offset: float,
 *         length: float,
 *         diameter: float,
 *         shank: float,
 *         thread_in_member: float,
 *         over_member: float,
 *         flashing: float|null,
 *         below: float|null,
 *         above: float|null,
 *         member_wide: float|null,
 *         steel: float|null,
 *         pad: float|null,
 *         sheet: float|null,
 *         rib: float|null,
 *         load_line: float|null,
 *         foot_long: float|null,
 *         batten: float|null,
 *         tile_top: float|null,
 *         overlap: float|null,
 *         reach: float|null,
 *         arm_under: float|null,
 *         arm: float|null,
 *         exposure: float|null,
 *         cover: float|null,
 *     },
 *     text: array{
 *         member: string,
 *         deck: string,
 *         underlayment: string,
 *         shingles: string,
 *         base: string,
 *         heel: string,
 *         rail_height: string,
 *         hole_offset: string,
 *         length: string,
 *         diameter: string,
 *         shank: string,
 *         thread_in_member: string,
 *         over_member: string,
 *         flashing: string|null,
 *         below: string|null,
 *         above: string|null,
 *         member_wide: string|null,
 *         steel: string|null,
 *         pad: string|null,
 *         sheet: string|null,
 *         rib: string|null,
 *         load_line: string|null,
 *         foot_long: string|null,
 *         batten: string|null,
 *         tile_top: string|null,
 *         overlap: string|null,
 *         reach: string|null,
 *         arm_under: string|null,
 *         arm: string|null,
 *         exposure: string|null,
 *         cover: string|null,
 *     },
 *     shank_hole: bool,
 *     // How a foot on a sheet stands: on a rib or beside one; null on other coverings.
 *     on_sheet: 'crest'|'pan'|'alone'|null,
 *     // Whether the base stands on the deck, the shingles cut around it.
 *     on_deck: bool,
 *     // Of each foot, up the slope from the first, in metres.
 *     holes: list<float>,
 *     names: array{foot: string, fastener: string, sealant: string},
 * }
 *
 * A clamp on a seam; null of feet that pierce.
 * @phpstan-type SeamSection array{
 *     m: array{length: float, rail_height: float, sheet: float},
 *     text: array{length: string, rail_height: string, sheet: string},
 *     screws: string,
 * }
 */
final class SectionView
{
    /** @return SeamSection|null A clamp on a seam, which has no screw to be cut through; null of other feet */
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
            'screws' => $clamp->setTorque === null ? 'the side, at the maker’s torque' : 'the side, at '.$printer->print(
                Dimension::Moment,
                $clamp->setTorque->toSi(),
            ),
        ];
    }

    /** @return Section|null Null where the sizes of the fastener are not known */
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
        $always = [
            'member' => $surface->framing->depth, 'deck' => $surface->deck->thickness($surface->deckThickness),
            'underlayment' => $surface->covering->underlayment(),
            'shingles' => $surface->covering->thickness()->minus($surface->covering->underlayment()),
            'base' => $foot->base()->thickness, 'heel' => $foot->base()->heel,
            'rail_height' => Length::ofMetres($foot->limits()->railHeight_m), 'hole_offset' => $foot->holeOffset(),
            'length' => $fastener->length(), 'diameter' => $fastener->diameter(),
            'shank' => $held->shank, 'thread_in_member' => $held->threadInMember, 'over_member' => $held->above,
        ];
        $some = [
            'flashing' => $flashing?->thickness, 'below' => $flashing?->below, 'above' => $flashing?->above,
            'member_wide' => $surface->framing->width, 'pad' => $angle->pad ?? $screws->pad ?? $butyl?->butyl,
            'steel' => $surface->framing->kind->isSteel() ? $surface->framing->steelThickness : null,
            'sheet' => $covering instanceof ScrewedMetal ? $covering->sheetThickness : null,
            'rib' => $covering instanceof ScrewedMetal ? $covering->ribHeight : null,
            'load_line' => $angle->loadLine ?? $screws->loadLine ?? $butyl?->loadLine,
            'foot_long' => $angle->length ?? $hook->length ?? $screws->length ?? $butyl?->length,
            'batten' => $tile?->battenWidth, 'tile_top' => $tile?->tileTop, 'overlap' => $tile?->overlap,
            'reach' => $hook?->arm->reach, 'arm_under' => $hook?->arm->under, 'arm' => $hook?->arm->thickness,
            'exposure' => Course::of($surface)?->exposure, 'cover' => $flashing?->makersCover,
        ];
        $printer = $plan->design->printer();

        return [
            'm' => array_map(static fn (Length $size): float => $size->toMetres(), $always)
                + array_map(static fn (?Length $size): ?float => $size?->toMetres(), $some),
            'text' => array_map(static fn (Length $size): string => $printer->length($size->toMetres()), $always)
                + array_map(static fn (?Length $size): ?string => $size === null ? null : $printer->length($size->toMetres()), $some),
            'on_sheet' => $angle?->standsOn->value ?? ($screws === null ? null : 'alone'),
            'on_deck' => $foot->sitsOnDeck(),
            'holes' => $foot->holes(),
            'shank_hole' => Steps::needsShankHole($plan->design, $held),
            'names' => ['foot' => $foot->name(), 'fastener' => $fastener->name(), 'sealant' => $plan->design->kit->sealant->name],
        ];
    }
}
