<?php

declare(strict_types=1);

namespace App\Paper;

use Garnetine\Core\Layout\Course;
use Garnetine\Core\Plan\Plan;
use Garnetine\Core\Quantity\Length;

/** One penetration cut along the slope: its layers from the member up, in metres for drawing and as texts for its dimensions. */
final class SectionView
{
    /** @return array<string, mixed>|null Null where the lag is not a listed one */
    public static function of(Plan $plan): ?array
    {
        $lag = $plan->lag;
        if ($lag === null) {
            return null;
        }
        $surface = $plan->design->surface;
        $foot = $plan->design->kit->foot;
        $flashing = $foot->flashing();
        $sizes = [
            'member' => $surface->framing->depth, 'deck' => $surface->deckThickness, 'underlayment' => $surface->underlaymentThickness,
            'shingles' => $surface->shingleThickness,
            'base' => $foot->base()->thickness, 'flashing' => $flashing->thickness, 'below' => $flashing->below, 'above' => $flashing->above,
            'heel' => $foot->base()->heel,
            'rail_height' => Length::ofMetres($foot->limits()->railHeight_m), 'hole_offset' => $foot->holeOffset(),
            'length' => $plan->design->kit->lag->length, 'diameter' => $plan->design->kit->lag->diameter->size(),
            'shank' => $lag->shank, 'thread_in_member' => $lag->threadInMember, 'over_member' => $lag->above,
            'exposure' => Course::of($surface)?->exposure, 'cover' => $flashing->makersCover,
        ];
        $printer = $plan->design->printer();

        return [
            'm' => array_map(static fn (?Length $size): ?float => $size?->toMetres(), $sizes),
            'text' => array_map(static fn (?Length $size): ?string => $size === null ? null : $printer->length($size->toMetres()), $sizes),
            'on_deck' => $foot->sitsOnDeck(),
            'holes' => $foot->holes(),
            'shank_hole' => $plan->design->kit->lag->shankHole,
            'names' => ['foot' => $foot->name(), 'lag' => $plan->design->kit->lag->name, 'sealant' => $plan->design->kit->sealant->name],
        ];
    }
}
