<?php

declare(strict_types=1);

namespace Garnetine\Core\Ground;

use Garnetine\Core\Ground\Loading\ElementWind;
use Garnetine\Core\Ground\Loading\TableCombinations;

/** What acts on the modules of a table: wind on its halves and on its parts, and snow. */
final readonly class TableLoads
{
    private const NO_WIND = 'table_case.no_wind';
    /** Of modules in their frames, seen from the end of a row (common practice, no source). */
    public const THICK_M = 0.05;
    public const NO_SNOW = 'table_case.no_snow';

    /** @param non-empty-list<OpenWind> $winds */
    public function __construct(
        public array $winds,
        public TableSnow $snow,
        public ElementWind $elements,
        public float $q_Pa,
        /** Of the wind on the end of the table, at the level of the standard. */
        public float $end_Pa,
        public TableCombinations $combinations,
    ) {
    }

    /**
     * Every combination with every wind and every snow.
     *
     * @return list<Together>
     */
    public function together(): array
    {
        $all = [];
        foreach ($this->combinations->all as [$name, $dead, $snow, $wind]) {
            foreach ($snow > 0.0 ? $this->snow->cases : [null] as $lies) {
                foreach ($wind > 0.0 ? $this->winds : [null] as $blows) {
                    $all[] = new Together(
                        $name,
                        $blows === null ? self::NO_WIND : $blows->code,
                        $lies[0] ?? self::NO_SNOW,
                        $dead,
                        $blows === null ? 0.0 : $wind * $blows->lower_Pa,
                        $blows === null ? 0.0 : $wind * $blows->upper_Pa,
                        $snow * $this->snow->ps_Pa * ($lies[1] ?? 0.0),
                        $snow * $this->snow->ps_Pa * ($lies[2] ?? 0.0),
                        $lies[3] ?? null,
                    );
                }
            }
        }

        return $all;
    }

    /** The greatest push of any wind across the modules, at the level of the standard. */
    public function most_N(TableFace $face): float
    {
        return max(array_map(static fn (OpenWind $wind): float => abs($wind->lower_Pa + $wind->upper_Pa) * $face->area_m2() / 2, $this->winds));
    }

    /**
     * What pushes along the row, which is looked at alone: the greater of what blows on the end and a twentieth of the
     * greatest push across (a choice on the safe side).
     *
     * @param float $end_m How thick the table is, seen from its end
     */
    public function along_N(TableFace $face, float $end_m): float
    {
        return $this->combinations->mostWind() * max($this->end_Pa * $face->chord_m * $end_m, 0.05 * $this->most_N($face));
    }
}
