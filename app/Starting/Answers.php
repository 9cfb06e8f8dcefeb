<?php

declare(strict_types=1);

namespace App\Starting;

use Garnetine\Core\Design\Site\Standard;
use Garnetine\Core\Design\Surface\RoofKind;

/** What a new job is asked before its worksheets; null where it stays as on the blank survey, to be entered. */
final readonly class Answers
{
    /** Coverings that are planned on, by kind. */
    public const COVERINGS = ['asphalt_shingles', 'metal', 'seamed_metal', 'tile'];

    /** Roofs that can be planned without an engineer's pressures. */
    public const ROOFS = [RoofKind::TwoSidedGable, RoofKind::Hip, RoofKind::Shed];

    public function __construct(
        public ?RoofKind $roof = null,
        public ?Standard $standard = null,
        public ?StartingKit $kit = null,
        public ?string $covering = null,
        public bool $isGround = false,
        public string $table = 'pipe_table',
    ) {
    }

    /** @return list<array<string, mixed>> Edits of the blank table: its kind, on so few modules as that may carry */
    public function ofTable(): array
    {
        $few = match ($this->table) {
            'single_post' => ['/table/rows' => 1, '/table/columns' => 2],
            // The gap that frames of the usual thickness leave.
            'spike_frames', 'ballast_frames' => ['/table/rows' => 1, '/table/column_gap_m' => 0.0127],
            default => [],
        };

        return $this->table === 'pipe_table' ? [] : [
            ['path' => '/table/racking/kind', 'typed' => $this->table],
            ...array_map(self::madeUp(...), array_keys($few), $few),
        ];
    }

    /**
     * @param array<string, array<string, mixed>> $parts Made-up parts of the kit, by key
     *
     * @return list<array<string, mixed>> Edits of the blank survey
     */
    public function edits(array $parts): array
    {
        return [
            ...$this->roof(), ...$this->covering(), ...$this->standard(),
            ...$this->kit === null ? [] : [['command' => 'rail', 'rail' => $this->kit->rail()->value]],
            ...array_map(static fn (string $part, array $values): array => self::madeUp("/kit/$part", $values), array_keys($parts), $parts),
            // Screws in a sheet hold in such a one as they were tested on.
            ...$this->kit !== StartingKit::Short ? [] : [
                ['path' => '/block/arrangement/kind', 'typed' => 'short_rails'], self::madeUp('/surface/covering/sheet', $parts['foot']['for_sheet'] ?? ''),
                self::madeUp('/surface/covering/sheet_thickness_m', $parts['foot']['for_thickness_m'] ?? 0.0006),
            ],
        ];
    }

    /** @return list<array<string, mixed>> */
    private function roof(): array
    {
        return match ($this->roof) {
            null => [],
            // A hip plane needs other sizes than the blank survey's to be one at all.
            RoofKind::Hip => [
                ['path' => '/surface/roof_kind', 'typed' => 'hip'], self::madeUp('/surface/left_hip_m', 3.048), self::madeUp('/surface/right_hip_m', 3.048),
                self::madeUp('/surface/framing/first_member_m', 0.6096),
            ],
            default => [['path' => '/surface/roof_kind', 'typed' => $this->roof->value]],
        };
    }

    /** @return list<array<string, mixed>> Panels with seams, tiles on battens, or sheets on purlins of sizes on which the example's rails find theirs */
    private function covering(): array
    {
        if ($this->covering === 'seamed_metal') {
            // 4 lb/ft², common practice, no source.
            return [['path' => '/surface/covering/kind', 'typed' => 'seamed_metal'], self::madeUp('/surface/dead_load_Pa', 191.5)];
        }
        if ($this->covering === 'tile') {
            return [
                ['path' => '/surface/covering/kind', 'typed' => 'tile'], ['path' => '/surface/framing/kind', 'typed' => 'rafter'],
                self::madeUp('/surface/deck', 'none'),
                // 12 lb/ft², common practice, no source.
                self::madeUp('/surface/dead_load_Pa', 574.6),
            ];
        }

        return $this->covering !== 'metal' ? [] : [
            [
                'path' => '/surface/covering/kind', 'typed' => 'metal',
            ], ['path' => '/surface/framing/kind', 'typed' => 'purlin'], self::madeUp('/surface/deck', 'none'),
            self::madeUp('/surface/covering/lower_screws_m', 0.3), self::madeUp(
                '/surface/covering/upper_screws_m',
                4.55,
            ), self::madeUp('/surface/covering/spaces_between', 5),
            self::madeUp('/surface/framing/width_m', 0.07), self::madeUp('/surface/framing/depth_m', 0.045),
            // 4 lb/ft², common practice, no source.
            self::madeUp('/surface/dead_load_Pa', 191.5),
        ];
    }

    /** @return array<string, mixed> An edit to a value that nobody entered */
    private static function madeUp(string $path, mixed $value): array
    {
        return ['path' => $path, 'value' => $value, 'made_up' => true];
    }

    /** @return list<array<string, mixed>> The standard with all that belongs to it and has one answer */
    private function standard(): array
    {
        $chosen = ['path' => '/site/standard', 'typed' => $this->standard?->value];
        $design = ['path' => '/kit/capacities', 'typed' => 'design'];
        $snow = static fn (string $kind): array => ['path' => '/site/ground_snow_kind', 'typed' => $kind];

        return match ($this->standard) {
            null => [],
            Standard::Asce716 => [$chosen],
            Standard::Asce722 => [$chosen, $snow('strength')],
            Standard::En => [$chosen, $design, $snow('characteristic'), ['path' => '/site/en', 'add' => true]],
            Standard::AsNzs2011, Standard::AsNzs2021 => [$chosen, $design, $snow('characteristic'), ['path' => '/site/as_nzs', 'add' => true]],
        };
    }
}
