<?php

declare(strict_types=1);

namespace Garnetine\Core\Ground;

use Garnetine\Core\Load\Duration;

/** One combination of what acts on a table, with one wind, one snow and one bound of how firmly the posts stand. */
final readonly class TableCase
{
    /**
     * Posts: of each post, the front row first: down (lifted negative), sideways without a sign, and what bends it at the ground, counted positive where
     * that comes from the same push.
     * Braced: of braced posts, what a case bends them across with: on the top sideways and down; pressed and bent at the ground and at the brace; E·I
     * times how far the top goes.
     *
     * @param list<array{float, float, float}> $posts
     * @param list<array{top_N: float, presses_N: float, bent: non-empty-list<array{float, float}>, bow_Nm3: float}> $braced
     * @param list<float> $braces What pulls each brace; pressed negative
     * @param array{float, float} $beams Greatest moments in the front and the rear beam, as from up to down
     */
    public function __construct(
        public string $combination,
        public string $wind,
        public string $snow,
        /** Whether posts give way below the ground; null where nothing stands in it. */
        public ?bool $isSoft,
        public array $posts,
        public array $beams = [0.0, 0.0],
        /** Of the modules, where that is not the one planned. */
        public ?float $tilt_rad = null,
        public array $braced = [],
        public array $braces = [],
        /** False where an earlier case of the list pushes the posts alike, and only presses on them otherwise. */
        public bool $pushesAnew = true,
    ) {
    }

    /** @return array<string, float|string> As values of a figure: keys of texts, and the tilt */
    public function values(): array
    {
        return ['combination' => $this->combination, 'wind' => $this->wind, 'snow' => $this->snow, 'bound' => match ($this->isSoft) {
            true => 'bound.soft', false => 'bound.firm', null => 'bound.none',
        }]
            + ($this->tilt_rad === null ? [] : ['tilt_rad' => $this->tilt_rad]);
    }

    /** Of the figure of its wind, at its own tilt. */
    public function windPath(): string
    {
        return 'loads/'.($this->tilt_rad === null ? '' : sprintf('at_%g/', round(rad2deg($this->tilt_rad), 2))).$this->wind;
    }

    /** Whether it bends posts along the row. */
    public function isAlong(): bool
    {
        return $this->wind === 'open_wind.along';
    }

    /** Whether wind may lift what only a part of its weight holds: against that things are held that hold by weight. */
    public function isLifting(): bool
    {
        return in_array($this->combination, ['table_combination.06d_w', 'table_combination.06g_w', 'table_combination.06g_wu'], true);
    }

    /** Whether nothing acts but weight. */
    public function isWeightAlone(): bool
    {
        return $this->lasts() === Duration::Dead;
    }

    /** The shortest of what acts. */
    public function lasts(): Duration
    {
        return match ($this->combination) {
            'table_combination.d', 'table_combination.g' => Duration::Dead,
            'table_combination.d_s', 'table_combination.g_s' => Duration::Snow,
            default => Duration::Wind,
        };
    }
}
