<?php

declare(strict_types=1);

namespace App\Starting;

use Garnetine\Core\Design\RoofKind;
use Garnetine\Core\Design\Standard;

/** What a new job is asked before its worksheets; null where it stays as on the blank survey, to be entered. */
final readonly class Answers
{
    /** Roofs that can be planned without an engineer's pressures, and under shingles. */
    public const ROOFS = [RoofKind::TwoSidedGable, RoofKind::Hip, RoofKind::Shed];

    public function __construct(public ?RoofKind $roof = null, public ?Standard $standard = null, public ?StartingKit $kit = null)
    {
    }

    /**
     * @param array<string, mixed>|null $foot The made-up foot of the kit, by key
     *
     * @return list<array<string, mixed>> Edits of the blank survey
     */
    public function edits(?array $foot): array
    {
        return [...$this->roof(), ...$this->standard(), ...$this->kit === null ? [] : [
            ['command' => 'rail', 'rail' => $this->kit->rail()->value],
            ...$foot === null ? [] : [['path' => '/kit/foot', 'value' => $foot, 'made_up' => true]],
        ]];
    }

    /** @return list<array<string, mixed>> */
    private function roof(): array
    {
        $madeUp = static fn (string $path, float $value): array => ['path' => $path, 'value' => $value, 'made_up' => true];

        return match ($this->roof) {
            null => [],
            // A hip plane needs other sizes than the blank survey's to be one at all.
            RoofKind::Hip => [
                ['path' => '/surface/roof_kind', 'typed' => 'hip'], $madeUp('/surface/left_hip_m', 3.048), $madeUp('/surface/right_hip_m', 3.048),
                $madeUp('/surface/framing/first_member_m', 0.6096),
            ],
            default => [['path' => '/surface/roof_kind', 'typed' => $this->roof->value]],
        };
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
