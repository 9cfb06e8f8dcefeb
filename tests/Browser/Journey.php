<?php

declare(strict_types=1);

namespace Tests\Browser;

/** A way through the worksheets of which the acts are counted: a value entered, a button pressed, a stage gone to. */
trait Journey
{
    private const MOST_ACTS = 80;

    private int $acts = 0;

    private function act(\Closure $act): void
    {
        $act();
        ++$this->acts;
        $this->settled();
    }

    private function to(string $stage): void
    {
        $this->act(fn () => $this->click("//nav//a[contains(., '$stage')]"));
        $this->seeText($stage, 'main h2');
    }

    /** @param array<string, string> $entries By place on the worksheet */
    private function enter(array $entries): void
    {
        foreach ($entries as $path => $text) {
            $this->act(fn () => $this->fill($path, $text));
        }
    }

    private function endJourney(string $name): void
    {
        fwrite(STDERR, "$name in {$this->acts} acts.\n");
        self::assertLessThanOrEqual(self::MOST_ACTS, $this->acts);
    }
}
