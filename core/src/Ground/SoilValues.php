<?php

declare(strict_types=1);

namespace Garnetine\Core\Ground;

use Garnetine\Core\Design\Ground\Field\Soil;
use Garnetine\Core\Design\Ground\Field\SoilReport;
use Garnetine\Core\Finding\Code;
use Garnetine\Core\Finding\Finding;
use Garnetine\Core\Load\Coefficients;

/**
 * What the ground bears, as allowable values: presumptive ones by its class, or those of a report on it.
 *
 * Source: IBC 2018, Table 1806.2, §1806.3.2 (cohesion, at most half of what presses); recalled.
 */
final readonly class SoilValues
{
    private const TABLE = 'ibc_2018/soils';
    private const REPORT = '/table/soil/report';
    private const PSF_Pa = 47.880258980336;
    private const FT_M = 0.3048;

    private function __construct(private string $class, private ?SoilReport $report, private Coefficients $coefficients, private string $at)
    {
    }

    /** @param string $at Where its class was entered */
    public static function of(Soil $soil, Coefficients $coefficients, string $at = '/table/soil/kind'): self
    {
        return new self($soil->kind->value, $soil->report, $coefficients, $at);
    }

    /**
     * What is asked before anything is computed with it.
     *
     * @param bool $slides Whether something is held by what slides over it
     *
     * @return list<Finding>
     */
    public static function asked(Soil $soil, bool $slides = false): array
    {
        $report = $soil->report;
        if ($report === null) {
            return $soil->kind->hasValues() ? [] : [Finding::of(Code::SoilWithoutValues, '/table/soil/kind', ['soil' => 'choice.kind.'.$soil->kind->value])];
        }

        if ($report->bearing === null || $report->lateral === null) {
            return [Finding::of(Code::SoilReportEmpty, self::REPORT)];
        }

        return [
            ...$report->isNamed() ? [] : [Finding::of(Code::SoilReportOpen, self::REPORT, ['open' => 'soil_report.named'])],
            ...$slides && $report->friction === null && $report->cohesion === null
                ? [Finding::of(Code::SoilReportOpen, self::REPORT, ['open' => 'soil_report.sliding'])] : [],
            Finding::of(Code::SoilByReport, self::REPORT, ['document' => $report->document, 'by' => $report->by]),
        ];
    }

    public function bearing_Pa(): float
    {
        return $this->report?->bearing?->toPascals() ?? $this->coefficients->value(self::TABLE, "bearing/$this->class") * self::PSF_Pa;
    }

    /** Against the side, for each foot of depth. */
    public function lateral_psf(): float
    {
        return $this->report?->lateral === null ? $this->coefficients->value(self::TABLE, "lateral/$this->class")
            : $this->report->lateral->toPascals() / self::PSF_Pa * self::FT_M / $this->report->lateralAt->toMetres();
    }

    /** Along the side of what stands in it; nothing in soils that have no such value. */
    public function side_Pa(): float
    {
        return match (true) {
            $this->report !== null => $this->report->side?->toPascals() ?? 0.0,
            Coefficients::has(self::TABLE, "side/$this->class") => $this->coefficients->value(self::TABLE, "side/$this->class") * self::PSF_Pa,
            default => 0.0,
        };
    }

    /** Whether what slides over it is held by cohesion, and not by a share of the weight. */
    public function isCohesive(): bool
    {
        return $this->report === null ? !Coefficients::has(self::TABLE, "sliding/$this->class") : $this->report->friction === null;
    }

    /** What holds something of a weight that slides over so much of it. */
    public function grips_N(float $down_N, float $area_m2): float
    {
        $down_N = max(0.0, $down_N);
        if (!$this->isCohesive()) {
            return ($this->report->friction ?? $this->coefficients->value(self::TABLE, "sliding/$this->class")) * $down_N;
        }
        $cohesion_Pa = $this->report === null ? $this->side_Pa() : $this->report->cohesion?->toPascals() ?? 0.0;

        return min($cohesion_Pa * $area_m2, $down_N / 2);
    }

    /**
     * Where a value comes from.
     *
     * @param string $what bearing, lateral or sliding
     *
     * @return list<string>
     */
    public function from(string $what): array
    {
        $sliding = $this->isCohesive() ? ['cohesion_Pa', 'side'] : ['friction', 'sliding'];
        [$entered, $key] = match ($what) {
            'lateral' => [['lateral_Pa', 'lateral_at_m'], 'lateral'],
            'sliding' => [[$sliding[0]], $sliding[1]],
            default => [['bearing_Pa'], 'bearing'],
        };

        return $this->report === null ? [$this->at, 'coefficient:'.self::TABLE."/$key/$this->class"]
            : array_map(static fn (string $one): string => self::REPORT."/$one", $entered);
    }

    /** As it is cited, after a clause that goes with it. */
    public function source(string $clause = ''): string
    {
        $values = $this->report === null ? 'Table 1806.2' : '';

        return $this->report !== null && $clause === '' ? "{$this->report->document}, {$this->report->by}"
            : 'IBC 2018, '.implode(', ', array_filter([$clause, $values])).($this->report === null ? '' : "; {$this->report->document}");
    }
}
