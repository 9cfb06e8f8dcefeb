<?php

declare(strict_types=1);

namespace Garnetine\Core\Ground;

/** The case of many in which most is asked of one thing. */
final readonly class Most
{
    private function __construct(public float $value, public TableCase $case)
    {
    }

    /**
     * @param list<TableCase> $cases
     * @param \Closure(TableCase): float $asked
     *
     * @return self|null Null where there are no cases
     */
    public static function of(array $cases, \Closure $asked): ?self
    {
        $most = null;
        foreach ($cases as $case) {
            $value = $asked($case);
            if ($most === null || $value > $most->value) {
                $most = new self($value, $case);
            }
        }

        return $most;
    }
}
