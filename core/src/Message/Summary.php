<?php

declare(strict_types=1);

namespace Garnetine\Core\Message;

use Garnetine\Core\Because\Because;
use Garnetine\Core\Plan\Plan;
use Garnetine\Core\Plan\ProjectPlan;

/** A plan, or a because, as plain text for a terminal. */
final class Summary
{
    /** All surfaces, one after the other. */
    public static function project(ProjectPlan $plan): string
    {
        return implode(
            "\n",
            array_map(static fn (Plan $one): string => (count($plan->plans) > 1 ? "{$one->design->surface->name}: " : '').self::plan($one), $plan->plans),
        );
    }

    public static function plan(Plan $plan): string
    {
        $printer = $plan->design->printer();
        $texts = Texts::of($plan->design);
        $lines = [$plan->design->name, strtoupper($texts->say('status.'.$plan->status()->value)), ''];
        $lines[] = sprintf(
            '%d modules, %d attachments%s',
            $plan->moduleCount(),
            $plan->attachmentCount(),
            $plan->leastReserve() === null ? '' : ', least reserve '.Texts::reserve($plan->leastReserve()),
        );
        foreach ($plan->findings as $finding) {
            $lines[] = sprintf(
                '  %-10s %s%s',
                $finding->kind->value,
                $texts->finding($finding),
                $finding->clearedBy === null ? '' : " (cleared by {$finding->clearedBy},
            )");
        }
        if ($plan->blocks[0]->lines !== null) {
            $lines[] = '';
            $lines[] = 'Chalk lines, from the '.$texts->choice('/rules/slope_datum', $plan->design->rules->slopeDatum->value);
            foreach ($plan->tapes()->slope() as $mark) {
                $lines[] = sprintf('  %-3s %s', $mark['line'], $printer->tape($mark['tape_m']));
            }
        }
        foreach ($plan->supports as $run) {
            $lines[] = '';
            $lines[] = sprintf(
                'Run %s: %d feet%s',
                $run->run->id,
                count($run->picks),
                $run->bound === null ? ', does not hold' : ($run->bound === count($run->picks) ? ', the fewest that hold' : ''),
            );
            foreach ($run->verdict()->attachments ?? [] as $place => $attachment) {
                $latitude = $plan->latitudes[$run->run->id][$place] ?? null;
                $lines[] = sprintf(
                    '  %2d  %s member %-3d reserve %s %s%s',
                    $place + 1,
                    self::padded($printer->tape($plan->tapes()->onRun_m($run->run->line, $attachment->x_m)), 12),
                    $run->members()[$place],
                    self::padded(Texts::reserve($attachment->worst->reserve()), 6),
                    $texts->say('link.'.$attachment->worst->link->value),
                    $latitude === null || (!$latitude->isSought && $latitude->otherMember === null)
                        ? ''
                        : ($latitude->otherMember === null ? ', no other member' : ', or member '.$latitude->otherMember),
                );
            }
        }

        return implode("\n", $lines)."\n";
    }

    /** To so many letters, of which some are longer in bytes. */
    private static function padded(string $text, int $letters): string
    {
        return $text.str_repeat(' ', max(0, $letters - mb_strlen($text)));
    }

    public static function because(Plan $plan, Because $because, int $depth = 0): string
    {
        $texts = Texts::of($plan->design);
        $indent = str_repeat('  ', $depth);
        $value = $texts->valueOf($because);
        $text = $indent.$texts->title($because).($value === '' ? '' : ": $value")."\n";
        $notes = array_filter([
            $texts->formula($because),
            $because->typed === null ? null : 'entered as "'.$because->typed.'"',
            $because->source === null ? null : $because->source.($because->confidence === null ? '' : " ({$because->confidence}, ".($because->confirmedBy === null ? 'to confirm' : 'confirmed by '.$because->confirmedBy).')'),
        ], static fn (?string $note): bool => $note !== null && $note !== '');
        foreach ($notes as $note) {
            $text .= "$indent    $note\n";
        }
        foreach ($because->children as $child) {
            $text .= self::because($plan, $child, $depth + 1);
        }

        return $text;
    }
}
