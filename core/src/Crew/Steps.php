<?php

declare(strict_types=1);

namespace Garnetine\Core\Crew;

use Garnetine\Core\Attachment\Fastening\FastenerInMember;
use Garnetine\Core\Attachment\Fastening\WoodWindow;
use Garnetine\Core\Attachment\RunPlan;
use Garnetine\Core\Design\Block\CrossRails;
use Garnetine\Core\Design\Block\HangsOn;
use Garnetine\Core\Design\Block\LayOut;
use Garnetine\Core\Design\Block\RailsCut;
use Garnetine\Core\Design\Block\ShortRails;
use Garnetine\Core\Design\Block\TiltLegs;
use Garnetine\Core\Design\Design;
use Garnetine\Core\Design\Kit\FrameKind;
use Garnetine\Core\Fastener\LagScrew;
use Garnetine\Core\Foot\RoofScrew;
use Garnetine\Core\Quantity\Length;

/** The steps of the job in working order, with the cautions that belong to each; texts are in the messages. */
final readonly class Steps
{
    /** Steps by how the lines are brought onto the roof. */
    private const MARKED = [LayOut::Chalk->value => 'mark', LayOut::Ruler->value => 'mark_by_ruler', LayOut::Gauge->value => 'mark_by_gauge'];

    /** And by where rails are cut. */
    private const RAILS = [RailsCut::OnGround->value => 'rails', RailsCut::OnRoof->value => 'rails_on_roof', RailsCut::Trimmed->value => 'rails_long'];

    /** What every foot goes through, of the steps of the job, by their codes on any covering. */
    private const AT_FOOT = '/^(anchors|find.*|roof_screw_.*|shank_hole|attach.*|seal_.*)$/';

    /** @param list<array{code: string, values: array<string, float|int|string>, cautions: list<string>, at_foot: bool}> $steps */
    private function __construct(public array $steps)
    {
    }

    /** @param list<RunPlan> $plans */
    public static function of(Design $design, array $plans, ?FastenerInMember $held, ?WoodWindow $window): self
    {
        $feet = array_sum(array_map(static fn (RunPlan $plan): int => count($plan->picks), $plans));
        [$lines, $uprights] = [self::lines($plans, false), self::lines($plans, true)];
        $anchors = count(array_filter($design->surface->penetrations, static fn ($hole): bool => $hole->kind->value === 'roof_anchor'));
        $inLine_m = self::inLine_m($design, $plans);
        $inSheet = $design->kit->foot->intoSheet();
        $rails = [
            $inSheet ? 'rails_in_sheet' : self::RAILS[$design->rules->railsCut->value],
            self::rails($design),
            [$design->rules->railsCut === RailsCut::OnRoof && !$inSheet ? 'saw_on_roof' : 'saw'],
        ];
        $steps = [
            ['lines_and_ladder', [], ['power_lines', 'ladder']],
            ['anchors', ['anchors' => $anchors], ['fall_protection', 'never_alone']],
            ...self::mark($design, $lines, $uprights),
            [
                $inSheet ? 'find_on_ribs' : ($design->onDeck() ? 'find_on_deck' : 'find'),
                ['feet' => $feet, 'bite_m' => Length::ofInches(1.0)->toMetres(), 'bite_most_m' => Length::ofInches(1.5)->toMetres()],
                $inSheet ? [] : ['wires_in_attic'],
            ],
            ...$inSheet ? [$rails] : [],
            ...$uprights > 0 ? [['feet_along', ['turned' => ($design->kit->foot->underRailUp()->turns ?? false) ? 'feet.turned' : 'feet.unturned'], []]] : [],
            ...self::atEdge($design, $plans),
            ...self::roofScrew($design),
            self::attach($design, $held, $window),
            ...self::sealantWindow($design),
            [
                'seal_'.$design->kit->foot->sealing(),
                ['sealant' => $design->kit->sealant->name, 'cover_m' => $design->kit->foot->flashing()?->makersCover?->toMetres() ?? 0.0],
                ['no_open_hole'],
            ],
            ...$inSheet || !$design->hasRails() ? [] : [$rails, ['align', ['within_m' => $inLine_m, 'slot_m' => $design->kit->foot->slot()->toMetres()], []]],
            ...self::legs($design),
            ...$design->kit->foot->isBolted() && $design->hasRails() ? [['torque', [], ['makers_torque']], ['torque_mark', [], []]] : [],
            ...self::crossing($design),
            ...self::beneath($design),
            [...self::modules($design), ['electric', 'lifting', ...$design->module->frame === FrameKind::Frameless ? ['glass_edges'] : []]],
            [$design->kit->clamp->frameHole === null ? 'torque_clamps' : 'torque_frame_bolts', [], ['makers_torque']],
            ...$design->hasRails() && $design->rules->railsCut === RailsCut::Trimmed && !$inSheet ? [['trim_ends', self::rails($design), ['saw_on_roof']]] : [],
            ['wiring', [], ['electrician']],
            ['clean', [], []],
            ['photograph', [], []],
            ['anchors_out', ['anchors' => $anchors], ['fall_protection']],
        ];

        return new self(self::told($design, $held, $steps));
    }

    /**
     * @param list<array{string, array<string, float|int|string>, list<string>}> $steps By code, what they say, and their cautions
     *
     * @return list<array{code: string, values: array<string, float|int|string>, cautions: list<string>, at_foot: bool}> As they are done on this covering
     */
    private static function told(Design $design, ?FastenerInMember $held, array $steps): array
    {
        $list = [];
        foreach ($steps as [$code, $values, $cautions]) {
            if ($code === 'attach' && $held !== null && self::needsShankHole($design, $held)) {
                $list[] = [
                    'code' => 'shank_hole',
                    'values' => ['shank_m' => $held->shank->toMetres(), 'diameter_m' => $design->kit->fastener->diameter()->toMetres()],
                    'cautions' => [], 'at_foot' => true,
                ];
            }
            $own = $design->surface->covering->cautions((string) preg_replace('/^(mark|attach|seal)_.*/', '$1', $code));
            $list[] = [
                'code' => $design->surface->covering->step($code), 'values' => $values, 'cautions' => [...$cautions, ...$own],
                'at_foot' => preg_match(self::AT_FOOT, $code) === 1,
            ];
        }

        return $list;
    }

    /** @return array{end_m: float, trim_m?: float} */
    private static function rails(Design $design): array
    {
        $trim_m = $design->rules->trim_m();

        return ['end_m' => $design->kit->rail->endPastModule->toMetres()] + ($trim_m > 0.0 ? ['trim_m' => $trim_m] : []);
    }

    /** @param list<RunPlan> $plans */
    private static function lines(array $plans, bool $areUpSlope): int
    {
        $own = array_filter($plans, static fn (RunPlan $plan): bool => $plan->run->line->isUpSlope === $areUpSlope);

        return count(array_unique(array_map(static fn (RunPlan $plan): string => $plan->run->line->name(), $own)));
    }

    /** @return list<array{string, array{lines: int}, list<string>}> How lines are marked, across and up the slope */
    private static function mark(Design $design, int $lines, int $uprights): array
    {
        $across = $design->kit->foot->intoSheet() ? 'mark_on_ribs' : self::MARKED[$design->rules->layOut->value];

        return [
            ...$lines > 0 || $uprights === 0 ? [[$across, ['lines' => $lines], ['edges']]] : [],
            ...$uprights > 0 ? [[$design->surface->framing->kind->runAcross() ? 'mark_up_ribs' : 'mark_up_members', ['lines' => $uprights], ['edges']]] : [],
        ];
    }

    /** @return list<array{string, array{crossing: string}, list<string>}> How rails across are laid on lower ones */
    private static function crossing(Design $design): array
    {
        $steps = [];
        foreach ($design->parts() as $part) {
            $crossing = $part->design->block->arrangement;
            array_push($steps, ...$crossing instanceof CrossRails ? [['cross_rails', ['crossing' => $crossing->name], ['makers_torque']]] : []);
        }

        return $steps;
    }

    /** @return array{string, array<string, float|string>} How modules are laid and held */
    private static function modules(Design $design): array
    {
        return match (true) {
            $design->block->arrangement instanceof ShortRails => ['modules_on_pieces', ['clear_m' => $design->block->arrangement->clear->toMetres()]],
            !$design->block->arrangement->hasRails() => ['modules_on_feet', ['gap_m' => $design->block->rowGap->toMetres()]],
            $design->sharedAt_m() !== null => ['modules_shared', ['clamp_m' => $design->sharedAt_m(), 'gap_m' => $design->block->rowGap->toMetres()]],
            $design->kit->clamp->frameHole !== null => [
                'modules_bolted',
                ['bolt' => $design->kit->clamp->name, 'hole_m' => $design->kit->clamp->frameHole->toMetres()],
            ],
            default => ['modules', ['end_m' => $design->kit->rail->endPastModule->toMetres()]],
        };
    }

    /** @return list<array{string, array<string, int|string>, list<string>}> What is put on the rails before the modules lie over it */
    private static function beneath(Design $design): array
    {
        [$under, $bonding] = [$design->kit->under, $design->kit->bonding];

        return [
            ...$bonding === null ? [] : [['bonding', ['lug' => $bonding->name], ['electrician']]],
            ...$under === null ? [] : [[
                $under->hangsOn === HangsOn::Frame ? 'under_frames' : 'under_modules',
                ['name' => $under->name, 'clips' => $under->clips],
                ['electrician', 'lifting'],
            ]],
        ];
    }

    /** @return list<array{string, array<string, float|string>, list<string>}> How warm it is to be where something is sealed, as far as its data sheet says */
    private static function sealantWindow(Design $design): array
    {
        $sealant = $design->kit->sealant;
        [$from, $to] = [$sealant->appliedFrom?->toCelsius(), $sealant->appliedTo?->toCelsius()];

        return $from === null && $to === null ? [] : [[match (true) {
            $to === null => 'sealant_from',
            $from === null => 'sealant_to',
            default => 'sealant_window',
        }, ['sealant' => $sealant->name] + array_filter(['from_celsius' => $from, 'to_celsius' => $to], static fn (?float $one): bool => $one !== null), []]];
    }

    /**
     * @param list<RunPlan> $plans
     *
     * @return list<array{string, array{name: string, feet: int, screws: int}, list<string>}> Where feet are other ones
     */
    private static function atEdge(Design $design, array $plans): array
    {
        $feet = array_sum(array_map(static fn (RunPlan $plan): int => count(array_filter($plan->atEdge())), $plans));
        $edge = $design->kit->edgeFoot;

        return $edge === null || $feet === 0 ? [] : [['edge_feet', ['name' => $edge->name, 'feet' => $feet, 'screws' => $edge->screws], ['makers_torque']]];
    }

    /** @return list<array{string, array{legs: string, over_rad: float}, list<string>}> How legs are set */
    private static function legs(Design $design): array
    {
        $steps = [];
        foreach ($design->parts() as $part) {
            $legs = $part->design->block->arrangement;
            array_push(
                $steps,
                ...$legs instanceof TiltLegs ? [['tilt_legs', ['legs' => $legs->name, 'over_rad' => $part->design->overRoof_rad()], ['makers_torque']]] : [],
            );
        }

        return $steps;
    }

    /** @return list<array{string, array<string, float|string>, list<string>}> What is done with a screw of the roof that is in the way */
    private static function roofScrew(Design $design): array
    {
        return match ($design->kit->foot->spent()?->screw) {
            RoofScrew::Beside => [['roof_screw_beside', ['by_m' => $design->kit->foot->spent()->besideBy?->toMetres() ?? 0.0], ['no_open_hole']]],
            RoofScrew::Same => [['roof_screw_same', ['screw' => $design->kit->fastener->name()], ['no_open_hole']]],
            default => [],
        };
    }

    /** @return array{string, array<string, float|int|string>, array{}} How a foot is fastened */
    private static function attach(Design $design, ?FastenerInMember $held, ?WoodWindow $window): array
    {
        $pilot = $design->kit->fastener->pilot();

        return [match (true) {
            $design->onDeck() => 'attach_on_deck',
            $design->kit->foot->attaching() !== null => $design->kit->foot->attaching(),
            $held?->isSteel === true => 'attach_in_steel',
            $pilot === null => 'attach_bare',
            default => 'attach',
        }, [
            ...$pilot === null ? [] : ['pilot_m' => $pilot->toMetres()],
            ...$design->onDeck() ? ['screws' => count($design->holesEach())] : [],
            'thread_m' => $held?->threadInMember->toMetres() ?? 0.0,
            'window_m' => $window?->told_m($design->units->cut_m()) ?? 0.0,
        ], []];
    }

    /** Whether its smooth shank reaches into the member, and a hole of its size is drilled for that. */
    public static function needsShankHole(Design $design, FastenerInMember $held): bool
    {
        $fastener = $design->kit->fastener;

        return $fastener instanceof LagScrew && $fastener->shankHole && $held->shank->toMetres() > $held->above->toMetres();
    }

    /**
     * How far out of line the feet of any run may stand, down to the mark of a tape.
     *
     * @param list<RunPlan> $plans
     */
    private static function inLine_m(Design $design, array $plans): float
    {
        $least_m = INF;
        foreach ($plans as $plan) {
            $least_m = min($least_m, $plan->inLine_m() ?? INF);
        }

        return is_finite($least_m) ? floor($least_m / $design->units->cut_m() + 1e-6) * $design->units->cut_m() : 0.0;
    }
}
