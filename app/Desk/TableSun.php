<?php

declare(strict_types=1);

namespace App\Desk;

use Garnetine\Core\Design\Ground\TableDesign;
use Garnetine\Core\Ground\TableFace;
use Garnetine\Core\Message\Texts;
use Garnetine\Core\Plan\TablePlanner;
use Garnetine\Core\Quantity\Printer;
use Garnetine\Core\Sun\SunPaths;

/**
 * Tilts beside each other, and the light of the months at a table.
 *
 * @phpstan-import-type TableBeside from TableAsked
 */
final class TableSun
{
    /** @return TableBeside['sun'] Null where nobody said how clear the months are; bearings and heights in degrees */
    public static function of(TableDesign $design): ?array
    {
        $report = TablePlanner::sun($design);
        $texts = Texts::of($design);
        $choices = [];
        foreach ($report->choices ?? [] as $choice) {
            $tilts = array_map(static fn (int $tilt_deg, int $from, ?int $day): string => match (true) {
                $day !== null => $texts->say('sun.from_day', ['tilt' => $tilt_deg, 'month' => "month.$from", 'day' => $day]),
                in_array($choice['what'], ['sun.one_axis', 'sun.two_axes'], true) => $texts->say('sun.up_to', ['tilt' => $tilt_deg]),
                count($choice['from']) === 1 => "{$tilt_deg}°",
                default => $texts->say('sun.from', ['tilt' => $tilt_deg, 'month' => "month.$from"]),
            }, $choice['tilts_deg'], $choice['from'], $choice['days'] ?? []);
            $choices[] = [
                'name' => $texts->say($choice['what']), 'tilts' => implode(', ', $tilts), 'keeps' => Printer::number(100 * $choice['keeps'], 1).' %',
                'is_here' => $choice['what'] === 'sun.here',
            ];
        }

        $pitches = array_map(static fn (array $one): array => [
            'says' => $texts->say($one['pitch_m'] === null ? 'sun.no_pitch' : 'sun.pitch', [
                'from' => $one['from'], 'to' => $one['to'], 'pitch_m' => $one['pitch_m'] ?? 0.0,
                'clear_m' => max(0.0, ($one['pitch_m'] ?? 0.0) - TableFace::chordOf_m($design) * cos($design->table->tilt()->toRadians())),
            ]),
            'is_usual' => $one['is_usual'],
        ], TablePlanner::pitches($design));

        $degrees = static fn (float $bearing, float $elevation): array => [round(rad2deg($bearing), 2), round(rad2deg($elevation), 2)];
        $sunshine = $design->table->sunshine;

        return $report === null || $sunshine === null ? null : [
            'paths' => array_map(static fn (array $path): array => [
                'name' => $texts->say("sun.day.{$path['day']}"),
                'points' => array_map(static fn (array $one): array => $degrees($one['bearing_rad'], $one['elevation_rad']), $path['points']),
            ], SunPaths::of($sunshine->latitude->toDegrees())),
            'horizon' => array_map(static fn (array $one): array => $degrees(...$one), TablePlanner::horizon($sunshine)->points ?? []),
            'hidden' => $report->hidden > 0.0 ? $texts->say('sun.hidden', ['share' => Printer::number(100 * $report->hidden, 1)]) : '',
            'every_way' => self::everyWay($design, $texts),
            'choices' => $choices, 'pitches' => $pitches, 'months' => array_map(
                static fn (float $light, int $month): array => ['name' => $texts->say("month.$month"), 'light' => $light],
                $report->months,
                array_keys($report->months),
            )];
    }

    /**
     * By bearing, from east to west over noon, and each third tilt
     *
     * @return array{keeps: array<int, array<int, float>>, best: array{int, int}, here: array{float, float}, says: string}|null
     */
    private static function everyWay(TableDesign $design, Texts $texts): ?array
    {
        $way = TablePlanner::everyWay($design);

        return $way === null ? null : [
            'keeps' => array_map(static fn (array $tilts): array => array_map(
                static fn (float $keeps): float => round(100 * $keeps, 1),
                array_filter($tilts, static fn (int $tilt): bool => $tilt % 3 === 0, ARRAY_FILTER_USE_KEY),
            ), $way->keeps),
            'best' => [$way->bestBearing_deg, $way->bestTilt_deg],
            'here' => [round($design->table->bearing->toDegrees(), 1), round($design->table->tilt()->toDegrees(), 1)],
            'says' => $texts->say('sun.every_way', [
                'tilt' => $way->bestTilt_deg, 'bearing' => $way->bestBearing_deg, 'keeps' => Printer::number(100 * $way->here, 1),
            ]),
        ];
    }
}
