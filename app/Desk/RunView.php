<?php

declare(strict_types=1);

namespace App\Desk;

use Garnetine\Core\Attachment\RunPlan;
use Garnetine\Core\Crew\Tapes;
use Garnetine\Core\Design\Block\ShortRails;
use Garnetine\Core\Message\Texts;
use Garnetine\Core\Plan\Marking;
use Garnetine\Core\Plan\Plan;
use Garnetine\Core\Quantity\Dimension;

/**
 * The runs with their feet and tapes.
 *
 * @phpstan-import-type Tone from Standing
 *
 * Where a line crosses a member that a foot could stand on, and what the planner decided there.
 *
 * @phpstan-type Crossing array{
 *     member: int,
 *     x_m: float,
 *     hand: 'free'|'foot'|'pinned'|'barred',
 * }
 *
 * For drawing.
 * @phpstan-type Foot array{
 *     number: int,
 *     x_m: float,
 *     word: Tone,
 *     strong: bool,
 * }
 *
 * For reading.
 * @phpstan-type FootRow array{
 *     // Members on to the next foot, this one not counted.
 *     on: int|null,
 *     // The stronger one that edge zones have.
 *     strong: bool,
 *     number: int,
 *     member: int,
 *     tape: string,
 *     reserve: string,
 *     word: Tone,
 *     link: string,
 *     up: string,
 *     along: string,
 *     bay: string|null,
 *     // What still holds it where its screws miss; null of feet that have no columns for that.
 *     missed: string|null,
 *     // Another member that would hold, or none; null before the plan is saved.
 *     other: int|'none'|null,
 * }
 * @phpstan-type TapeMark array{
 *     kind: 'foot'|'member'|'barred'|'splice'|'clamp'|'box'|'lug'|'end'|'line',
 *     label: string,
 *     x_m: float,
 *     tape_m: float,
 *     text: string,
 * }
 * @phpstan-type Run array{
 *     id: string,
 *     line: string,
 *     // The number of its block on the surface, and its line within that.
 *     block: int,
 *     letter: string,
 *     // Whether it runs up the slope, so that places along it are heights.
 *     up: bool,
 *     // Whether it lies on other rails, with crossings and no feet.
 *     on_rails: bool,
 *     // Whether it carries others.
 *     lower: bool,
 *     // Up the slope from the eave, or from the left edge.
 *     at_m: float,
 *     // The rib or member that it lies over up the slope.
 *     over: int|null,
 *     // Feet alone, with no rail on them.
 *     bare: bool,
 *     x0_m: float,
 *     x1_m: float,
 *     splices_m: list<float>,
 *     holds: bool,
 *     length: string,
 *     feet_count: int,
 *     bound: int|null,
 *     rail_reserve: string|null,
 *     rail_word: Tone,
 *     in_line: string|null,
 *     hinged: bool,
 *     height: string,
 *     // The number of the purlin that it lies on.
 *     purlin: int|null,
 *     // Whether it is a piece of rail under one clamp.
 *     piece: bool,
 *     // Whether it lies on each place that it crosses, and is held there.
 *     on_each: bool,
 *     above_butt: string|null,
 *     above_butt_m: float|null,
 *     feet: list<Foot>,
 *     // Where the line crosses members; in a preview of the run on view alone.
 *     places: list<Crossing>,
 *     // Like the tape, in a preview of the run on view alone.
 *     table: list<FootRow>,
 *     tape: list<TapeMark>,
 * }
 */
final class RunView
{
    /**
     * @param string|null $tapeOf The one run that is given its tape and the table of its feet, null for all
     *
     * @return list<Run>
     */
    public static function all(Plan $plan, Texts $texts, ?string $tapeOf = null): array
    {
        return array_map(static fn (RunPlan $run): array => self::run($plan, $run, $texts, $tapeOf === null || $tapeOf === $run->run->id), $plan->everyRun());
    }

    /** @return Run */
    private static function run(Plan $plan, RunPlan $run, Texts $texts, bool $withTape): array
    {
        $printer = $plan->design->printer();
        $rail = $run->run->isRail ? $run->verdict()?->rail : null;

        return [
            'id' => $run->run->id, 'line' => $run->run->line->name(), 'block' => $run->run->line->block, 'letter' => $run->run->line->letter,
            'up' => $run->run->line->isUpSlope, 'on_rails' => $run->run->line->isOnRails, 'lower' => $run->run->line->isLower,
            'at_m' => $run->run->line->at_m, 'over' => $run->run->line->over, 'purlin' => $run->run->line->purlin,
            'bare' => !$run->run->isRail,
            'piece' => !$run->run->isRail || $plan->design->parts()[$run->run->line->block - 1]->design->block->arrangement instanceof ShortRails,
            'x0_m' => $run->run->x0_m, 'x1_m' => $run->run->x1_m, 'splices_m' => $run->run->splices_m, 'holds' => $run->holds(),
            'length' => $printer->length($run->run->x1_m - $run->run->x0_m),
            'feet_count' => count($run->picks), 'bound' => $run->bound, 'on_each' => $run->run->onEach,
            'rail_reserve' => $rail === null ? null : Texts::reserve($rail->reserve()), 'rail_word' => $rail === null ? 'plain' : Texts::word($rail->reserve()),
            'in_line' => $run->inLine_m() === null
                ? null
                : $printer->length(floor($run->inLine_m() / $plan->design->units->cut_m() + 1e-6) * $plan->design->units->cut_m()),
            'hinged' => $run->run->spliceIsHinge && $run->run->splices_m !== [],
            'height' => $printer->tape($plan->tapes()->ofLine_m($run->run->line)),
            'above_butt' => $run->run->line->aboveButt_m === null
                ? null
                : $printer->length($run->run->line->aboveButt_m), 'above_butt_m' => $run->run->line->aboveButt_m,
            'feet' => self::feet($run),
            'places' => $withTape && !$run->run->line->isOnRails ? self::places($run) : [],
            'table' => $withTape ? self::table($plan, $run, $texts) : [],
            'tape' => $withTape ? array_map(
                static fn (array $mark): array => $mark + ['text' => $printer->tape($mark['tape_m'])],
                $plan->tapes()->run($run),
            ) : [],
        ];
    }

    /** @return list<Foot> For drawing */
    private static function feet(RunPlan $run): array
    {
        $feet = [];
        foreach ($run->verdict()->attachments ?? [] as $place => $verdict) {
            $feet[] = ['number' => $place + 1, 'x_m' => $verdict->x_m, 'strong' => $verdict->isEdge, 'word' => Texts::word($verdict->worst->reserve())];
        }

        return $feet;
    }

    /** @return list<Crossing> Where the line crosses members that a foot could stand on, ascending, and what the planner decided there */
    private static function places(RunPlan $run): array
    {
        $places = array_map(static fn (array $barred): array => $barred + ['hand' => 'barred'], $run->run->hand->barred);
        foreach ($run->run->candidates_m as $pick => $x_m) {
            $places[] = ['member' => $run->run->members[$pick], 'x_m' => $x_m, 'hand' => match (true) {
                in_array($pick, $run->run->hand->pinned, true) => 'pinned',
                in_array($pick, $run->picks, true) => 'foot',
                default => 'free',
            }];
        }
        usort($places, static fn (array $one, array $other): int => $one['x_m'] <=> $other['x_m']);

        return $places;
    }

    /** @return list<FootRow> For reading */
    private static function table(Plan $plan, RunPlan $run, Texts $texts): array
    {
        $printer = $plan->design->printer();
        $feet = [];
        $feet_m = $run->feet_m();
        foreach ($run->verdict()->attachments ?? [] as $place => $verdict) {
            $latitude = $plan->latitudes[$run->run->id][$place] ?? null;
            $fallBack = $plan->fallBacks[$run->run->id][$place] ?? null;
            $reserve = $verdict->worst->reserve();
            $feet[] = [
                'strong' => $verdict->isEdge, 'number' => $place + 1, 'member' => $run->members()[$place], 'tape' => $printer->tape($plan->tapes()->ofFoot_m(
                    $run->run->line,
                    $verdict->x_m,
                )),
                'reserve' => Texts::reserve($reserve), 'word' => Texts::word($reserve), 'link' => $texts->say('link.'.$verdict->worst->link->value),
                'up' => $printer->print(Dimension::Force, $verdict->up_N), 'along' => $printer->print(Dimension::Force, $verdict->along_N),
                'on' => $run->run->line->isOnRails ? null : Marking::membersOn($plan, $run, $place),
                'bay' => isset($feet_m[$place + 1]) ? $printer->length($feet_m[$place + 1] - $feet_m[$place]) : null,
                'missed' => $fallBack === null ? null : $texts->say('missed.'.match (true) {
                    $fallBack->aside && $fallBack->deck => 'both',
                    $fallBack->aside => 'aside',
                    $fallBack->deck => 'deck',
                    default => 'none',
                }),
                'other' => $latitude === null ? null : ($latitude->otherMember ?? ($latitude->isSought ? 'none' : null)),
            ];
        }

        return $feet;
    }
}
