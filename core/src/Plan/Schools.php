<?php

declare(strict_types=1);

namespace Garnetine\Core\Plan;

use Garnetine\Core\Attachment\RunPlan;
use Garnetine\Core\Design\Block\Arrangement;
use Garnetine\Core\Design\Block\Pattern;
use Garnetine\Core\Design\Block\TiltLegs;
use Garnetine\Core\Design\Design;
use Garnetine\Core\Design\Edit\Edits;
use Garnetine\Core\Document\Kinds;
use Garnetine\Core\Rail\CuttingList;
use Garnetine\Core\Rail\Run;
use Garnetine\Core\Rates\Effort;
use Garnetine\Core\Rates\Rates;

/** The block in view as crews of other schools would lay it: rails each way that there is, feet of neighbouring rails staggered or stacked; each planned. */
final readonly class Schools
{
    /**
     * @param list<array{path: string, typed: string}> $edits That make it so; none for the one that is planned
     * @param bool $isByMember Whether feet may be staggered, or stacked
     */
    private function __construct(public Pattern $pattern, public string $arrangement, public Plan $plan, public array $edits, public bool $isByMember)
    {
    }

    /**
     * @param \Closure(Design): Plan $plan
     *
     * @return non-empty-list<self> The one that is planned first
     */
    public static function of(Design $design, \Closure $plan): array
    {
        $here = (string) Kinds::nameOf($design->block->arrangement::class);
        $schools = [new self($design->rules->pattern, $here, $plan($design), [], self::isByMember($design))];
        foreach (self::ways($design->block->arrangement) as $arrangement) {
            $lies = $arrangement === $here ? [] : [['path' => '/block/arrangement/kind', 'typed' => $arrangement]];
            $there = $lies === [] ? $design : Edits::apply($design, $lies);
            foreach (self::isByMember($there) ? Pattern::cases() : [$design->rules->pattern] as $pattern) {
                $edits = [...$pattern === $design->rules->pattern ? [] : [['path' => '/rules/pattern', 'typed' => $pattern->value]], ...$lies];
                array_push($schools, ...$edits === [] ? [] : [
                    new self($pattern, $arrangement, $plan(Edits::apply($design, $edits)), $edits, self::isByMember($there)),
                ]);
            }
        }

        return $schools;
    }

    /** @return list<string> Kinds of arrangement that modules may have as they lie: steeper than the roof they need legs, and along it none */
    private static function ways(Arrangement $here): array
    {
        return array_keys(array_filter(Arrangement::KINDS, static fn (string $kind): bool => ($kind === TiltLegs::class) === $here instanceof TiltLegs));
    }

    /** Where every rail has what it lies on for itself, or there is none, there is nothing to stagger. */
    private static function isByMember(Design $design): bool
    {
        return $design->stand() === 'member' && $design->block->arrangement->hasRails();
    }

    /** How often the roof is pierced. */
    public function holes(): int
    {
        $strong = array_sum(array_map(static fn (RunPlan $run): int => count(array_filter($run->atEdge())), $this->plan->supports));

        return $this->plan->design->screws($this->plan->attachmentCount(), $strong);
    }

    /** How many bars of rail it takes. */
    public function bars(): int
    {
        return count($this->cutting()->stock);
    }

    /** What it takes by a company's rates. */
    public function effort(Rates $rates): Effort
    {
        $clamped = BlockPlan::runsOf($this->plan->blocks, static fn (BlockPlan $block): array => $block->runs);

        return Effort::ofRoof($rates, [
            'feet' => $this->plan->attachmentCount(),
            'pieces' => count($this->cutting()->pieces),
            'bars' => $this->bars(),
            'splices' => array_sum(array_map(static fn (Run $run): int => count($run->splices_m), $this->rails())),
            'crossings' => array_sum(array_map(static fn (RunPlan $upper): int => count($upper->picks), $this->plan->uppers())),
            'clamps' => array_sum(array_map(static fn (Run $run): int => count($run->clamps_m), $clamped)),
            'modules' => $this->plan->moduleCount(),
        ]);
    }

    private function cutting(): CuttingList
    {
        return CuttingList::of($this->plan->design, $this->rails());
    }

    /** @return list<Run> */
    private function rails(): array
    {
        return BlockPlan::runsOf($this->plan->blocks, static fn (BlockPlan $block): array => $block->rails());
    }
}
