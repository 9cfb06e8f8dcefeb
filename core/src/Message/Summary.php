<?php

declare(strict_types=1);

namespace Garnetine\Core\Message;

use Garnetine\Core\Because\Because;
use Garnetine\Core\Plan\Plan;
use Garnetine\Core\Plan\ProjectPlan;
use Garnetine\Core\Plan\TablePlan;
use Garnetine\Core\Plan\TableWay;

/** A plan, or a because, as plain text for a terminal. */
final class Summary
{
    /** All surfaces, one after the other. */
    public static function project(ProjectPlan $plan): string
    {
        $isOne = count($plan->all()) === 1;

        return implode("\n", [
            ...array_map(static fn (Plan $one): string => ($isOne ? '' : "{$one->design->surface->name}: ").self::plan($one), array_values($plan->plans)),
            ...array_map(static fn (TablePlan $one): string => ($isOne ? '' : "{$one->design->table->name}: ").self::table($one), array_values($plan->tables)),
        ]);
    }

    /** @return list<string> How it stands, and what is said of it */
    private static function head(Plan|TablePlan $plan, Texts $texts, string $stands): array
    {
        $summary = $plan->summary();
        $lines = [$plan->design->name, strtoupper($texts->say('status.'.$plan->status()->value)), ''];
        $lines[] = "{$summary['modules']} modules, {$summary['attachments']} $stands".($summary['least_reserve'] === null ? ''
            : ', least reserve '.Texts::reserve($summary['least_reserve']));
        foreach ($plan->findings as $finding) {
            $lines[] = sprintf(
                '  %-10s %s%s',
                $finding->kind->value,
                $texts->finding($finding),
                $finding->clearedBy === null ? '' : " (cleared by {$finding->clearedBy})",
            );
        }

        return $lines;
    }

    public static function table(TablePlan $plan): string
    {
        $printer = $plan->design->printer();
        $texts = Texts::of($plan->design);
        $lines = self::head($plan, $texts, 'posts');
        foreach ($plan->posts as $post) {
            $worst = $plan->worstOf($post->place->id);
            $lines[] = sprintf(
                '  %-3s %s  reserve %s %s',
                $post->place->id,
                $post->blocks !== null ? sprintf('blocks %3d', $post->blocks) : sprintf(
                    'depth %s  over ground %s%s%s',
                    self::padded($printer->length($post->depth_m), 8),
                    self::padded($printer->length($post->place->height_m), 11),
                    $post->cut_m === null ? '' : '  cut '.self::padded($printer->tape($post->cut_m), 12),
                    $post->bags > 0.0 ? sprintf('  bags %-6s', $post->bags) : '',
                ),
                self::padded($worst === null ? '' : Texts::reserve($worst->reserve()), 6),
                $worst === null ? '' : $texts->say("because.table_{$worst->what}", ['place' => $post->place->id]),
            );
        }
        foreach (NorthTexts::of($plan) as $says) {
            $lines[] = "  $says";
        }
        foreach ($plan->setOut->diagonals ?? [] as $diagonal) {
            $lines[] = sprintf('  diagonal %s–%s %s', $diagonal['from'], $diagonal['to'], $printer->tape($diagonal['level_m']));
        }
        // Of piles no hole is told: all are driven alike.
        $isDug = count(array_unique(array_map(static fn (TableWay $way): string => (string) $way->hole_m, $plan->ways))) > 1;
        foreach ($plan->ways as $way) {
            $lines[] = sprintf(
                '  on %2d posts%s: %s',
                $way->posts,
                $isDug ? ' in holes of '.$printer->length($way->hole_m) : '',
                $way->holds ? "holds, {$printer->length($way->depth_m ?? 0.0)} deep".($isDug ? ", $way->bags bags" : '') : 'does not hold',
            );
        }

        return implode("\n", $lines)."\n";
    }

    public static function plan(Plan $plan): string
    {
        $printer = $plan->design->printer();
        $texts = Texts::of($plan->design);
        $lines = self::head($plan, $texts, 'attachments');
        if ($plan->blocks[0]->lines !== null) {
            $lines[] = '';
            $lines[] = 'Chalk lines, from the '.$texts->choice('/rules/slope_datum', $plan->design->rules->slopeDatum->value);
            foreach ($plan->tapes()->slope() as $mark) {
                $lines[] = sprintf('  %-3s %s', $mark['line'], $printer->tape($mark['tape_m']));
            }
            $uprights = $plan->tapes()->uprights();
            if ($uprights !== []) {
                $lines[] = 'Chalk lines up the slope, from the '.$texts->choice('/rules/run_datum', $plan->design->rules->runDatum->value);
            }
            foreach ($uprights as $mark) {
                $lines[] = sprintf('  %-3s %s', $mark['line'], $printer->tape($mark['tape_m']));
            }
        }
        foreach ($plan->supports as $run) {
            $lines[] = '';
            $lines[] = sprintf(
                'Run %s: %d feet%s',
                $run->run->id,
                count($run->picks),
                match (true) {
                    $run->bound === null => ', does not hold',
                    !$run->run->isRail => ', one in the clamp zone of either end',
                    $run->run->onEach => ', one on each that it crosses',
                    $run->bound === count($run->picks) => ', the fewest that hold',
                    default => '',
                },
            );
            foreach ($run->verdict()->attachments ?? [] as $place => $attachment) {
                $latitude = $plan->latitudes[$run->run->id][$place] ?? null;
                $lines[] = sprintf(
                    '  %2d  %s %s %-3d reserve %s %s%s',
                    $place + 1,
                    self::padded($printer->tape($plan->tapes()->ofFoot_m($run->run->line, $attachment->x_m)), 12),
                    $texts->stand(),
                    $run->members()[$place],
                    self::padded(Texts::reserve($attachment->worst->reserve()), 6),
                    $texts->say('link.'.$attachment->worst->link->value).($attachment->isEdge ? ', stronger foot' : ''),
                    $latitude === null || (!$latitude->isSought && $latitude->otherMember === null)
                        ? ''
                        : ($latitude->otherMember === null ? ", no other {$texts->stand()}" : ", or {$texts->stand()} {$latitude->otherMember}"),
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

    public static function because(Plan|TablePlan $plan, Because $because, int $depth = 0): string
    {
        $texts = Texts::of($plan->design);
        $indent = str_repeat('  ', $depth);
        $value = $texts->valueOf($because);
        $text = $indent.$texts->title($because).($value === '' ? '' : ": $value")."\n";
        $notes = array_filter([
            $texts->formula($because),
            $because->typed === null ? null : 'entered as "'.$because->typed.'"',
            $because->source === null ? null : $because->source.($because->confidence === null ? ''
                : " ({$because->confidence}, ".($because->confirmedBy === null ? 'to confirm' : 'confirmed by '.$because->confirmedBy).')'),
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
