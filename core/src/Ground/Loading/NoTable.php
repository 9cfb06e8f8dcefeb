<?php

declare(strict_types=1);

namespace Garnetine\Core\Ground\Loading;

use Garnetine\Core\Design\Ground\TableDesign;
use Garnetine\Core\Finding\Code;
use Garnetine\Core\Finding\Finding;
use Garnetine\Core\Ground\TableFace;
use Garnetine\Core\Ground\TableLoads;
use Garnetine\Core\Load\Coefficients;
use Garnetine\Core\Load\Figures;
use Garnetine\Core\Quantity\Speed;

/** A standard of which nothing is known for open tables: every one is refused. */
final class NoTable implements TableStandard
{
    public function asked(TableDesign $design, Coefficients $coefficients): array
    {
        return [Finding::of(Code::TableStandard, '/site/standard', ['standard' => 'choice.standard.'.$design->site->standard->value])];
    }

    public function steep(TableDesign $design): array
    {
        return [];
    }

    public function assumptions(TableDesign $design, Figures $figures): array
    {
        return [];
    }

    public function level(): string
    {
        return 'strength';
    }

    public function speed(TableDesign $design): Speed
    {
        return $design->site->windSpeed;
    }

    public function pressure_Pa(TableDesign $design, TableFace $face, Coefficients $coefficients, Figures $figures): float
    {
        throw new \LogicException('A table to a standard without figures for it was to be refused.');
    }

    public function loads(TableDesign $design, TableFace $face, float $q_Pa, Coefficients $coefficients, Figures $figures): TableLoads
    {
        throw new \LogicException('A table to a standard without figures for it was to be refused.');
    }
}
