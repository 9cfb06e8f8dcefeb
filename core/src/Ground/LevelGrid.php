<?php

declare(strict_types=1);

namespace Garnetine\Core\Ground;

use Garnetine\Core\Document\DocumentInvalid;
use Garnetine\Core\Geometry\LengthTable;

/** Levels of the ground at the crossings of lines east and north of the mark of a job, between which they are taken evenly; nothing beyond. */
final readonly class LevelGrid
{
    public const MOST_BYTES = 1_000_000;
    private const MOST = 10_000;

    /** Lines that are nearer to each other are one. */
    private const SAME_M = 0.02;

    /**
     * @param non-empty-list<float> $easts Ascending
     * @param non-empty-list<float> $norths
     * @param array<int, array<int, float>> $levels_m By place of its east and of its north
     */
    private function __construct(private array $easts, private array $norths, private array $levels_m)
    {
    }

    /**
     * @param string $text A table with columns east, north and level
     *
     * @throws DocumentInvalid naming the line, and where levels are in one line, missing at a crossing, or twice
     */
    public static function read(string $text, string $at): self
    {
        if (strlen($text) > self::MOST_BYTES) {
            throw DocumentInvalid::at($at, 'a file of at most 1 MB', sprintf('%.1f MB', strlen($text) / 1e6));
        }
        $points = [];
        foreach (LengthTable::rows($text, ['east', 'north', 'level'], $at) as $line => $row) {
            $points[$line] = $row['m'];
            if (count($points) > self::MOST) {
                throw DocumentInvalid::at($at, 'at most '.self::MOST.' levels', "more by line $line");
            }
        }
        [$easts, $norths] = [self::lines(array_column($points, 'east')), self::lines(array_column($points, 'north'))];
        if (count($easts) < 2 || count($norths) < 2) {
            throw DocumentInvalid::at($at, 'levels at the crossings of two lines or more, each way', $points === [] ? 'none' : 'all in one line');
        }
        $levels_m = [];
        foreach ($points as $line => $point) {
            [$column, $row] = [self::nearest($easts, $point['east']), self::nearest($norths, $point['north'])];
            if (isset($levels_m[$column][$row])) {
                throw DocumentInvalid::at(
                    $at,
                    'each crossing once',
                    sprintf('%.2f m east, %.2f m north again in line %d', $point['east'], $point['north'], $line),
                );
            }
            $levels_m[$column][$row] = $point['level'];
        }
        foreach ($easts as $column => $east) {
            foreach ($norths as $row => $north) {
                if (!isset($levels_m[$column][$row])) {
                    throw DocumentInvalid::at($at, 'a level at every crossing of its lines', sprintf('none at %.2f m east, %.2f m north', $east, $north));
                }
            }
        }

        return new self($easts, $norths, $levels_m);
    }

    /** @return float|null Null outside of it */
    public function at_m(float $east_m, float $north_m): ?float
    {
        [$column, $row] = [self::cell($this->easts, $east_m), self::cell($this->norths, $north_m)];
        if ($column === null || $row === null) {
            return null;
        }
        $across = ($east_m - $this->easts[$column]) / ($this->easts[$column + 1] - $this->easts[$column]);
        $up = ($north_m - $this->norths[$row]) / ($this->norths[$row + 1] - $this->norths[$row]);
        $low_m = $this->levels_m[$column][$row] * (1 - $across) + $this->levels_m[$column + 1][$row] * $across;
        $high_m = $this->levels_m[$column][$row + 1] * (1 - $across) + $this->levels_m[$column + 1][$row + 1] * $across;

        return $low_m * (1 - $up) + $high_m * $up;
    }

    /**
     * @param list<float> $places
     *
     * @return list<float> Ascending, those that are the same once
     */
    private static function lines(array $places): array
    {
        sort($places);
        $lines = [];
        foreach ($places as $place) {
            array_push($lines, ...$lines === [] || $place - $lines[count($lines) - 1] > self::SAME_M ? [$place] : []);
        }

        return $lines;
    }

    /** @param non-empty-list<float> $lines */
    private static function nearest(array $lines, float $place): int
    {
        $away = array_map(static fn (float $line): float => abs($line - $place), $lines);

        return (int) array_search(min($away), $away, true);
    }

    /**
     * @param non-empty-list<float> $lines
     *
     * @return int|null Of the line before; null outside
     */
    private static function cell(array $lines, float $place): ?int
    {
        for ($line = 0; $line < count($lines) - 1; ++$line) {
            if ($place >= $lines[$line] - 1e-9 && $place <= $lines[$line + 1] + 1e-9) {
                return $line;
            }
        }

        return null;
    }
}
