<?php

declare(strict_types=1);

namespace App\Paper;

use Garnetine\Core\Covering\ScrewedMetal;
use Garnetine\Core\Design\Kit\ModuleRating;
use Garnetine\Core\Design\Site\Site;
use Garnetine\Core\Design\Site\Standard;
use Garnetine\Core\Message\Texts;
use Garnetine\Core\Plan\BlockPlan;
use Garnetine\Core\Plan\Plan;
use Garnetine\Core\Quantity\Dimension;
use Garnetine\Core\Quantity\Printer;
use Garnetine\Core\Quantity\Speed;

/** What stands on the cover of a calculation: the job, its place, its loads and what was planned, each with its name. */
final class CoverView
{
    /** @return list<array{name: string, value: string}> */
    public static function of(Plan $plan, Texts $texts): array
    {
        $design = $plan->design;
        $print = $design->printer();
        [$site, $surface] = [$design->site, $design->surface];
        $length = static fn (float $metres): string => $print->length($metres);
        $areas = [];
        foreach ([...$surface->noWorkRectangles, ...$surface->noWorkCircles] as $area) {
            $areas[] = "{$area->id} ({$texts->choice('/kind', $area->kind->value)}), {$length($area->clearance->toMetres())} clear";
        }
        $rows = [
            ['Client', $design->client === '' ? 'not entered' : $design->client],
            ['Site', $design->address === '' ? 'not entered' : $design->address],
            ['Standard', $texts->choice('/site/standard', $site->standard->value)],
            ['Wind', self::wind($site, $print)],
            ['Ground snow', $print->print(Dimension::Pressure, $site->groundSnow->toPascals())],
            [
                'Building',
                "{$length($site->buildingLength->toMetres())} by {$length($site->buildingWidth->toMetres())}, mean roof height "
                    ."{$length($site->meanRoofHeight->toMetres())}, pitch {$print->print(Dimension::Angle, $surface->pitch->toRadians())}",
            ],
            ['Surface', "{$length($surface->width->toMetres())} along the eave, {$length($surface->slopeLength->toMetres())} up the slope"],
            [
                'Setbacks',
                sprintf(
                    'left %s, right %s, eave %s, ridge %s',
                    $length($surface->setbacks->left->toMetres()),
                    $length($surface->setbacks->right->toMetres()),
                    $length($surface->setbacks->eave->toMetres()),
                    $length($surface->setbacks->ridge->toMetres()),
                ),
            ],
            ['Kept free', $areas === [] ? 'nothing' : implode('; ', $areas)],
            ...self::parts($plan, $texts),
        ];

        return array_map(static fn (array $row): array => ['name' => $row[0], 'value' => $row[1]], $rows);
    }

    /** @return list<array{string, string}> What is laid on what: modules, members, rail, feet */
    private static function parts(Plan $plan, Texts $texts): array
    {
        $design = $plan->design;
        $print = $design->printer();
        [$surface, $rail] = [$design->surface, $design->kit->rail];
        $length = static fn (float $metres): string => $print->length($metres);

        return [
            ['Modules', implode('; ', array_map(static fn (BlockPlan $block): string => sprintf(
                '%d of “%s”, %s by %s, %s',
                $block->placement->count,
                $block->part->design->module->name,
                $length($block->placement->length_m),
                $length($block->placement->width_m),
                $print->print(Dimension::Mass, $block->part->design->module->mass->toSi()),
            ), $plan->blocks))],
            ['Rated', implode('; ', array_map(static fn (ModuleRating $one): string => sprintf(
                '%s down, %s up, clamped %s to %s from the ends of its %s sides, %s',
                $print->print(Dimension::Pressure, $one->down->toPascals()),
                $print->print(Dimension::Pressure, $one->up->toPascals()),
                $length($one->from->toMetres()),
                $length($one->to->toMetres()),
                $one->side->value,
                $one->basis->value === 'test' ? "tested, over {$one->factor}" : 'design',
            ), $design->module->ratings))],
            [
                'Members',
                sprintf(
                    '%s, %s by %s at %s, %s',
                    $texts->choice('/surface/framing/kind', $surface->framing->kind->value),
                    $length($surface->framing->width->toMetres()),
                    $length($surface->framing->depth->toMetres()),
                    $length($surface->covering instanceof ScrewedMetal ? $surface->covering->space()->toMetres() : $surface->framing->spacing->toMetres()),
                    $surface->framing->kind->isSteel() ? 'steel '.$length($surface->framing->steelThickness?->toMetres() ?? 0.0).' thick'
                        : $texts->choice('/surface/framing/species', $surface->framing->species->value),
                ),
            ],
            ['Rail', sprintf(
                '“%s”: Sx %s, Sy %s, Ix %s, E %s, Fb %s',
                $rail->name,
                $print->print($rail->sectionModulusX::dimension(), $rail->sectionModulusX->toSi()),
                $print->print($rail->sectionModulusY::dimension(), $rail->sectionModulusY->toSi()),
                $print->print($rail->secondMomentX::dimension(), $rail->secondMomentX->toSi()),
                $print->print(Dimension::Pressure, $rail->elasticModulus->toPascals()),
                $rail->allowableStress === null ? 'missing' : $print->print(Dimension::Pressure, $rail->allowableStress->toPascals()),
            )],
            [
                'Feet',
                sprintf('%d of “%s”', $plan->attachmentCount(), $design->kit->foot->name())
                    .($design->kit->foot->holes() === [] ? '' : " with “{$design->kit->fastener->name()}”"),
            ],
        ];
    }

    private static function wind(Site $site, Printer $print): string
    {
        $speed = static fn (?Speed $speed): string => $speed === null ? 'no speed entered' : $print->print(Dimension::Speed, $speed->toSi());

        return match (true) {
            $site->standard->isAsce7() => "{$speed($site->windSpeed)}, exposure {$site->exposure->value}, risk category {$site->riskCategory->value}",
            $site->en !== null && $site->standard === Standard::En => "{$speed($site->en->basicVelocity)}, terrain {$site->en->terrain->value}",
            $site->asNzs !== null => "region {$site->asNzs->region?->value}, terrain {$site->asNzs->terrain->value}, importance {$site->riskCategory->value}",
            default => 'not entered',
        };
    }
}
