<?php

declare(strict_types=1);

namespace App\Paper;

use Garnetine\Core\Attachment\Check\Worked;
use Garnetine\Core\Attachment\Fastening\LinkRatio;
use Garnetine\Core\Attachment\RunPlan;
use Garnetine\Core\Load\Combination;
use Garnetine\Core\Message\Texts;
use Garnetine\Core\Plan\Plan;
use Garnetine\Core\Quantity\Dimension;
use Garnetine\Core\Quantity\Force;
use Garnetine\Core\Quantity\Length;
use Garnetine\Core\Quantity\Printer;
use Garnetine\Core\Quantity\UnitSystem;
use Garnetine\Core\Rail\Run;

/**
 * The numbers from which somebody follows one rail span and one foot by hand, and the reserves of all others.
 *
 * Loads at the clamps of a run in the state that governs; figures are texts, ready to read.
 *
 * @phpstan-type WorkedState array{
 *     run: string,
 *     case: string,
 *     snow: string|null,
 *     // Snow lies in a pattern, lighter at some clamps.
 *     partial: bool,
 *     // The wind pulls, and weight holds down.
 *     pulls: bool,
 *     duration: string,
 *     area: string,
 *     pressures: list<list<string>>,
 *     feet: list<string>,
 *     per_module: list<string>,
 *     clamps: list<list<string>>,
 * }
 * @phpstan-type CalculationData array{
 *     tolerance: string,
 *     factor: string,
 *     combinations: list<list<string>>,
 *     span: array{
 *         run: string,
 *         case: string,
 *         snow: string|null,
 *         // Snow lies in a pattern, lighter at some clamps.
 *         partial: bool,
 *         // The wind pulls, and weight holds down.
 *         pulls: bool,
 *         duration: string,
 *         area: string,
 *         pressures: list<list<string>>,
 *         feet: list<string>,
 *         per_module: list<string>,
 *         clamps: list<list<string>>,
 *         at: string,
 *         bay: string,
 *         over: list<list<string>>,
 *         normal: string,
 *         along: string,
 *         capacity_normal: string,
 *         capacity_along: string,
 *         ratio: string,
 *         reserve: string,
 *     }|null,
 *     foot: array{
 *         run: string,
 *         case: string,
 *         snow: string|null,
 *         // Snow lies in a pattern, lighter at some clamps.
 *         partial: bool,
 *         // The wind pulls, and weight holds down.
 *         pulls: bool,
 *         duration: string,
 *         area: string,
 *         pressures: list<list<string>>,
 *         feet: list<string>,
 *         per_module: list<string>,
 *         clamps: list<list<string>>,
 *         foot: int,
 *         member: int,
 *         at: string,
 *         tributary: string,
 *         width: string,
 *         normal: string,
 *         along: string,
 *         tension: string,
 *         // What a leg makes of that at its foot.
 *         on_leg: string|null,
 *         height: string,
 *         heel: string,
 *         links: list<list<string>>,
 *     }|null,
 *     runs: list<array{
 *         id: string,
 *         candidates: string,
 *         rail: list<string>|null,
 *         splice: list<string>|null,
 *         feet: list<list<string>>,
 *     }>,
 * }
 */
final readonly class CalculationView
{
    private Printer $print;

    private function __construct(private Plan $plan, private Texts $texts)
    {
        $this->print = $plan->design->printer();
    }

    /** @return CalculationData|null */
    public static function of(Plan $plan, Texts $texts): ?array
    {
        if ($plan->capacities === null || $plan->loads === null) {
            return null;
        }
        $view = new self($plan, $texts);
        $placing = $plan->capacities->placing;

        return [
            'tolerance' => $view->length($placing->tolerance_m), 'factor' => Printer::number($placing->factor, 4),
            'combinations' => array_map(
                static fn (Combination $one): array => [
                    $one->code,
                    Printer::number($one->dead, 2),
                    Printer::number($one->snow, 3),
                    Printer::number($one->wind, 2),
                ],
                $plan->loads->combinations->strength,
            ),
            'span' => $view->span(Worked::span($plan->everyRun())),
            'foot' => $view->foot(Worked::foot($plan->supports)),
            'runs' => array_map($view->run(...), $plan->everyRun()),
        ];
    }

    private function isUs(): bool
    {
        return $this->plan->design->units === UnitSystem::Us;
    }

    private function length(float $metres): string
    {
        return $this->print->length($metres);
    }

    private function force(float $newtons): string
    {
        return $this->isUs() ? Printer::number(Force::ofSi($newtons)->toPounds(), 1).' lb' : Printer::number($newtons, 0).' N';
    }

    private function whole(float $newtons): string
    {
        return $this->print->print(Dimension::Force, $newtons);
    }

    private function moment(float $newtonMetres): string
    {
        if (!is_finite($newtonMetres)) {
            return 'not entered';
        }

        // One unit for all, so that they are compared at sight.
        return $this->isUs() ? Printer::number(
            Force::ofSi($newtonMetres)->toPounds() / Length::ofInches(1.0)->toMetres(),
            0,
        ).' lb·in' : Printer::number($newtonMetres, 1).' N·m';
    }

    /** @return CalculationData['span'] */
    private function span(?Worked $worked): ?array
    {
        if ($worked === null) {
            return null;
        }
        $capacities = $worked->run->check->capacities;
        $feet_m = $worked->run->feet_m();

        return $this->state($worked) + [
            'at' => $this->onTape($worked->run, $worked->at_m),
            'bay' => $worked->place === null
                ? 'the overhang'
                : 'the bay from foot '.($worked->place + 1).' to foot '.($worked->place + 2).', '
                    .$this->length($feet_m[$worked->place + 1] - $feet_m[$worked->place]),
            'over' => array_map(
                fn (float $x_m, float $normal_Nm, float $along_Nm): array => [
                    $this->onTape($worked->run, $x_m),
                    $this->moment($normal_Nm),
                    $this->moment($along_Nm),
                ],
                $feet_m,
                $worked->state->normal->moments_Nm,
                $worked->state->along->moments_Nm,
            ),
            'normal' => $this->moment($worked->normal_Nm), 'along' => $this->moment($worked->along_Nm),
            'capacity_normal' => $this->moment($capacities->railNormal_Nm), 'capacity_along' => $this->moment($capacities->railAlong_Nm),
            'ratio' => Printer::number($worked->ratio, 3), 'reserve' => Texts::reserve($capacities->placing->reserve($worked->ratio)),
        ];
    }

    /** @return CalculationData['foot'] */
    private function foot(?Worked $worked): ?array
    {
        if ($worked === null || $worked->foot === null || $worked->place === null) {
            return null;
        }

        return $this->state($worked) + [
            'foot' => $worked->place + 1, 'member' => $worked->run->members()[$worked->place], 'at' => $this->onTape($worked->run, $worked->at_m),
            'tributary' => $this->length($worked->foot->tributary_m), 'width' => $this->length($worked->run->run->tributary_m),
            'normal' => $this->force($worked->state->normal->reactions_N[$worked->place]),
            'along' => $this->force($worked->state->along->reactions_N[$worked->place]),
            'on_leg' => $this->onLeg(
                $worked->run->run,
                $worked->state->normal->reactions_N[$worked->place],
                $worked->state->along->reactions_N[$worked->place],
            ),
            'tension' => $this->force($worked->foot->tension_N), 'height' => $this->length($worked->run->check->capacities->railHeight_m),
            'heel' => $this->length($worked->run->check->capacities->heel_m),
            'links' => array_map($this->link(...), $worked->foot->links),
        ];
    }

    /** What a leg makes of the forces on its rail; null where the rail lies on its foot. */
    private function onLeg(Run $run, float $up_N, float $along_N): ?string
    {
        if ($run->legs === null) {
            return null;
        }
        [$pull_N, $push_N] = $run->legs->turned($up_N, $along_N, 0.0);

        return $this->texts->say('calculation.on_leg', ['pull' => $this->force($pull_N), 'push' => $this->force($push_N)]);
    }

    /** @return WorkedState The loads at the clamps in the state that governs, and where the feet stand */
    private function state(Worked $worked): array
    {
        [$run, $state] = [$worked->run->run, $worked->state];
        $clamps = [];
        foreach ($run->clamps_m as $clamp => $x_m) {
            $areas_m2 = array_sum(array_map(static fn (array $areas): float => $areas[$clamp], $run->windAreas_m2));
            $clamps[] = [
                (string) ($clamp + 1), $this->onTape($worked->run, $x_m), Printer::number($run->shares[$clamp], 4), Printer::number($state->snow[$clamp], 2),
                $this->print->print(Dimension::Area, $areas_m2), $this->force($state->wind_N[$clamp]), $this->force($state->normal_N[$clamp]),
                $this->force($state->along_N[$clamp]),
            ];
        }
        $pressures = [];
        foreach ($run->suctions as $index => $suction) {
            $pressures[] = [
                'zone '.(explode('/', $suction->figure)[2] ?? '').(str_ends_with($suction->figure, 'exposed') ? ', exposed' : ''),
                $this->print->print(Dimension::Pressure, $state->pressures_Pa[$index]),
            ];
        }

        return [
            'run' => $run->id, 'case' => $state->case->code, 'snow' => $state->case->snow, 'duration' => Printer::number($state->case->cd, 2),
            'pulls' => $state->case->windUp > 0.0, 'partial' => min([1.0, ...$state->snow]) < 1.0,
            'area' => $this->print->print(Dimension::Area, $state->area_m2), 'pressures' => $pressures,
            'feet' => array_map(fn (float $x_m): string => $this->onTape($worked->run, $x_m), $worked->run->feet_m()),
            'per_module' => [$this->force($state->case->normal_N), $this->force($state->case->along_N), Printer::number($state->case->windUp, 2)],
            'clamps' => $clamps,
        ];
    }

    /** @param list<int> $numbers Ascending; three and more in a row as from–to */
    private static function listed(array $numbers): string
    {
        $rows = [];
        foreach ($numbers as $number) {
            $last = array_key_last($rows);
            if ($last !== null && $number === $rows[$last][1] + 1) {
                $rows[$last][1] = $number;
            } else {
                $rows[] = [$number, $number];
            }
        }

        return implode(', ', array_map(static fn (array $row): string => match ($row[1] - $row[0]) {
            0 => (string) $row[0],
            1 => "$row[0], $row[1]",
            default => "$row[0]–$row[1]",
        }, $rows));
    }

    /** @return CalculationData['runs'][int] Every reserve of a run and its feet */
    private function run(RunPlan $run): array
    {
        $verdict = $run->wholeVerdict();
        $feet = [];
        foreach ($verdict->attachments ?? [] as $place => $foot) {
            $feet[] = [
                (string) ($place + 1), (string) $run->members()[$place], $this->onTape($run, $foot->x_m), $this->length($foot->tributary_m),
                Printer::number($foot->modules, 3), $this->whole($foot->up_N), $this->whole($foot->down_N),
                $this->whole($foot->along_N), $this->whole($foot->tension_N), $this->texts->say('link.'.$foot->worst->link->value),
                Printer::number($foot->worst->ratio, 3), Texts::reserve($foot->worst->reserve()),
            ];
        }

        return [
            'id' => $run->run->id, 'candidates' => self::listed($run->run->members),
            'rail' => $verdict?->rail === null
                ? null
                : [
                    $this->moment($verdict->railNormal_Nm),
                    $this->moment($verdict->railAlong_Nm),
                    $verdict->rail->case->code,
                    Printer::number($verdict->rail->ratio, 3),
                    Texts::reserve($verdict->rail->reserve()),
                ],
            'splice' => $verdict?->splice === null
                ? null
                : [
                    $this->moment($verdict->splice->demand_si),
                    $this->moment($verdict->splice->capacity_si),
                    Printer::number($verdict->splice->ratio, 3),
                    Texts::reserve($verdict->splice->reserve()),
                ],
            'feet' => $feet,
        ];
    }

    /** @return list<string> */
    private function link(LinkRatio $link): array
    {
        return [
            $this->texts->say('link.'.$link->link->value), $link->case->code, $this->force($link->demand_si), is_finite($link->capacity_si)
                ? $this->force($link->capacity_si)
                : 'not entered',
            str_starts_with($link->link->value, 'lag')
                ? Printer::number($link->case->cd, 2)
                : '–', Printer::number($link->ratio, 3), Texts::reserve($link->reserve()),
        ];
    }

    private function onTape(RunPlan $run, float $x_m): string
    {
        return $this->print->tape($this->plan->tapes()->ofFoot_m($run->run->line, $x_m));
    }
}
