<?php

declare(strict_types=1);

namespace Garnetine\Core\Because;

/** Tells the reasons of some of the values of a plan. */
interface Explains
{
    /** @return list<string> Every path of theirs that a screen or a page may ask for */
    public function paths(): array;

    /** @return Because|null Null where the plan has no value of that path */
    public function at(string $path): ?Because;
}
