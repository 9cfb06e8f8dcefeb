<?php

declare(strict_types=1);

namespace Garnetine\Core\Plan;

use Garnetine\Core\Design\Arrangement;
use Garnetine\Core\Design\Design;
use Garnetine\Core\Design\Edits;
use Garnetine\Core\Design\Pattern;
use Garnetine\Core\Document\Kinds;
use Garnetine\Core\Rail\CuttingList;

/** The block in view as crews of other schools would lay it: rails each way that there is, feet of neighbouring rails staggered or stacked; each planned. */
final readonly class Schools
{
    /** @param list<array{path: string, typed: string}> $edits That make it so; none for the one that is planned */
    private function __construct(public Pattern $pattern, public string $arrangement, public Plan $plan, public array $edits)
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
        $schools = [new self($design->rules->pattern, $here, $plan($design), [])];
        foreach (array_keys(Arrangement::KINDS) as $arrangement) {
            foreach (self::patterns($design) as $pattern) {
                $edits = [
                    ...$pattern === $design->rules->pattern ? [] : [['path' => '/rules/pattern', 'typed' => $pattern->value]],
                    ...$arrangement === $here ? [] : [['path' => '/block/arrangement/kind', 'typed' => $arrangement]],
                ];
                array_push($schools, ...$edits === [] ? [] : [new self($pattern, $arrangement, $plan(Edits::apply($design, $edits)), $edits)]);
            }
        }

        return $schools;
    }

    /** @return list<Pattern> Where every rail has what it lies on for itself, there is nothing to stagger */
    private static function patterns(Design $design): array
    {
        $isByMember = $design->surface->covering->stand() === 'member';

        return $isByMember ? Pattern::cases() : [$design->rules->pattern];
    }

    /** How often the roof is pierced. */
    public function holes(): int
    {
        return $this->plan->attachmentCount() * count($this->plan->design->kit->foot->holes());
    }

    /** How many bars of rail it takes. */
    public function bars(): int
    {
        $runs = array_merge(...array_map(static fn (BlockPlan $block): array => $block->runs, $this->plan->blocks));

        return count(CuttingList::of($this->plan->design, $runs)->stock);
    }
}
