<?php

declare(strict_types=1);

namespace Garnetine\Core\Crew;

use Garnetine\Core\Attachment\RunPlan;
use Garnetine\Core\Design\Block\RunDatum;
use Garnetine\Core\Design\Design;
use Garnetine\Core\Design\Surface\SlopeDatum;
use Garnetine\Core\Framing\Members;
use Garnetine\Core\Layout\Course;
use Garnetine\Core\Rail\RailLine;
use Garnetine\Core\Under\Beneath;

/**
 * Running dimensions as a crew walks them: the slope tape (chalk height of every hole line) and one tape along each run.
 */
final readonly class Tapes
{
    /** @param list<RailLine> $lines Of all blocks */
    public function __construct(private Design $design, private Members $members, private array $lines, private ?Beneath $beneath = null)
    {
    }

    /**
     * From the datum outward; the number of the butt line below, 0 where there is none.
     *
     * @return list<array{line: string, y_m: float, tape_m: float, above_butt_m: float|null, butt: int, purlin: int|null}>
     */
    public function slope(): array
    {
        $marks = [];
        $course = Course::of($this->design->surface);
        foreach (array_filter($this->lines, static fn (RailLine $line): bool => !$line->isUpSlope && !$line->isOnRails) as $line) {
            $marks[] = [
                'line' => $line->name(), 'y_m' => $line->holeAt_m, 'tape_m' => $this->onSlope_m($line->holeAt_m), 'above_butt_m' => $line->aboveButt_m,
                'butt' => $course?->butt($line->holeAt_m) ?? 0, 'purlin' => $line->purlin,
            ];
        }
        usort($marks, static fn (array $one, array $other): int => abs($one['tape_m']) <=> abs($other['tape_m']));

        return $marks;
    }

    /** @return list<array{line: string, y_m: float, tape_m: float}> The middles of the rails across that lie on others, from the datum outward */
    public function layer(): array
    {
        $marks = array_map(
            fn (RailLine $line): array => ['line' => $line->name(), 'y_m' => $line->at_m, 'tape_m' => $this->onSlope_m($line->at_m)],
            array_values(array_filter($this->lines, static fn (RailLine $line): bool => $line->isOnRails)),
        );
        usort($marks, static fn (array $one, array $other): int => abs($one['tape_m']) <=> abs($other['tape_m']));

        return $marks;
    }

    /** @return list<array{line: string, x_m: float, tape_m: float, over: int|null}> The lines of holes up the slope, from the datum of runs outward */
    public function uprights(): array
    {
        $marks = array_map(fn (RailLine $line): array => [
            'line' => $line->name(), 'x_m' => $line->holeAt_m, 'tape_m' => $this->alongEave_m($line->holeAt_m, 0.0), 'over' => $line->over,
        ], array_values(array_filter($this->lines, static fn (RailLine $line): bool => $line->isUpSlope)));
        usort($marks, static fn (array $one, array $other): int => abs($one['tape_m']) <=> abs($other['tape_m']));

        return $marks;
    }

    public function onSlope_m(float $y_m): float
    {
        return match ($this->design->rules->slopeDatum) {
            SlopeDatum::Eave => $y_m,
            SlopeDatum::Ridge => $this->design->surface->slopeLength->toMetres() - $y_m,
            SlopeDatum::ControlLine => $y_m - ($this->design->rules->controlLine?->toMetres() ?? 0.0),
        };
    }

    /** A place on a run as it stands on the tape from the run's datum; of rails up the slope on that of the slope. */
    public function onRun_m(RailLine $line, float $along_m): float
    {
        return $line->isUpSlope ? $this->onSlope_m($along_m) : $this->alongEave_m($along_m, $this->members->shiftAt_m($line->holeAt_m));
    }

    /** Where the line of its holes is on the other tape: that of the slope, or for rails up the slope that of runs. */
    public function ofLine_m(RailLine $line): float
    {
        return $line->isUpSlope ? $this->alongEave_m($line->holeAt_m, 0.0) : $this->onSlope_m($line->holeAt_m);
    }

    /** The same of a foot, where its hole is. */
    public function ofFoot_m(RailLine $line, float $along_m): float
    {
        return $this->onRun_m($line, $along_m + $line->holeUp_m);
    }

    private function alongEave_m(float $x_m, float $shift_m): float
    {
        return match ($this->design->rules->runDatum) {
            RunDatum::LeftRake => $x_m,
            RunDatum::RightRake => $this->design->surface->width->toMetres() - $x_m,
            RunDatum::FirstMember => $x_m - $this->members->first->toMetres() - $shift_m,
        };
    }

    /**
     * @return list<array{kind: 'foot'|'member'|'barred'|'splice'|'clamp'|'box'|'lug'|'end'|'line', label: string, x_m: float, tape_m: float}> Ascending along the tape
     */
    public function run(RunPlan $run): array
    {
        $feet = [];
        foreach ($run->feet_m() as $place => $x_m) {
            $feet[] = ['foot', (string) ($place + 1), $x_m];
        }
        $marks = [
            ...$feet,
            ...array_map(static fn (int $member, float $x_m): array => ['member', (string) $member, $x_m], $run->run->members, $run->run->candidates_m),
            ...array_map(static fn (array $barred): array => ['barred', (string) $barred['member'], $barred['x_m']], $run->run->hand->barred),
            ...array_map(static fn (float $x_m): array => ['splice', '', $x_m], $run->run->splices_m),
            ...array_map(static fn (float $x_m): array => ['clamp', '', $x_m], $run->run->clamps_m),
            ...array_map(static fn (array $mark): array => [$mark['kind'], '', $mark['at_m']], $this->beneath?->on($run->run->id) ?? []),
            ...$run->run->isRail ? [['end', '', $run->run->x0_m], ['end', '', $run->run->x1_m]] : [],
        ];
        $tape = array_map(fn (array $mark): array => [
            'kind' => $mark[0], 'label' => $mark[1], 'x_m' => $mark[2],
            'tape_m' => in_array($mark[0], ['foot', 'member', 'barred'], true)
                ? $this->ofFoot_m($run->run->line, $mark[2]) : $this->onRun_m($run->run->line, $mark[2]),
        ], $marks);
        usort($tape, static fn (array $one, array $other): int => $one['tape_m'] <=> $other['tape_m']);

        return $tape;
    }
}
