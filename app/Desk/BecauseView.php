<?php

declare(strict_types=1);

namespace App\Desk;

use Garnetine\Core\Because\Because;
use Garnetine\Core\Message\Texts;
use Garnetine\Core\Plan\Plan;
use Garnetine\Core\Plan\TablePlan;

/**
 * A because as texts for a screen or a page.
 *
 * @phpstan-type BecauseNode array{
 *     title: string,
 *     value: string,
 *     formula: string,
 *     source: string|null,
 *     confidence: string|null,
 *     confirmed_by: string|null,
 *     input: string|null,
 *     typed: string|null,
 *     // Who entered it last, and with which design.
 *     entered: array{by: string, at: string, design: int}|null,
 *     // Whether nobody did: it is the value that a blank job begins with.
 *     example: bool,
 *     // Each of them one as this.
 *     children: list<array<string, mixed>>,
 * }
 */
final readonly class BecauseView
{
    private function __construct(private Texts $texts, private ?Entered $entered, private ?Chosen $seen)
    {
    }

    /**
     * @param Entered|null $entered Tells who entered what; on paper nobody asks
     * @param Chosen|null $seen The block in view, from where places are told; else from the first
     *
     * @return BecauseNode
     */
    public static function of(Plan|TablePlan $plan, Because $because, ?Entered $entered = null, ?Chosen $seen = null): array
    {
        return (new self(Texts::of($plan->design), $entered, $seen))->node($because);
    }

    /** @return BecauseNode */
    private function node(Because $because): array
    {
        $entered = $because->input === null || $because->isExample ? null : $this->entered?->at($because->input);

        return [
            'title' => $this->texts->title($because), 'value' => $this->texts->valueOf($because), 'formula' => $this->texts->formula($because),
            'source' => $because->source, 'confidence' => $because->confidence, 'confirmed_by' => $because->confirmedBy,
            'input' => $because->input === null
                ? null
                : $this->seen?->seen($because->input) ?? $because->input, 'typed' => $because->typed, 'entered' => $entered,
            'example' => $because->isExample || (
                $because->input !== null
                && $this->entered !== null
                && $entered === null
            ),
            'children' => array_map($this->node(...), $because->children),
        ];
    }
}
