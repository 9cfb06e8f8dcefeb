<?php

declare(strict_types=1);

namespace Garnetine\Core\Ground\Loading;

use Garnetine\Core\Design\Ground\TableDesign;
use Garnetine\Core\Finding\Finding;
use Garnetine\Core\Ground\TableFace;
use Garnetine\Core\Ground\TableLoads;
use Garnetine\Core\Load\Coefficients;
use Garnetine\Core\Load\Figures;
use Garnetine\Core\Quantity\Speed;

/** What a loading standard says of open tables on the ground. One is chosen for a job; nothing else asks which it is. */
interface TableStandard
{
    /** @return list<Finding> What is asked of the place, and why the standard cannot be applied; without a refusal, loads() can */
    public function asked(TableDesign $design, Coefficients $coefficients): array;

    /** @return list<Finding> Of a tilt that its figures have no rows for */
    public function steep(TableDesign $design): array;

    /** @return list<Finding> What it is read to say, to be confirmed */
    public function assumptions(TableDesign $design, Figures $figures): array;

    /** At which level its winds are: strength, characteristic, ultimate. */
    public function level(): string;

    /** The speed that its pressures are made from. */
    public function speed(TableDesign $design): Speed;

    /** Pressure of the wind at the height of the modules, written down among the figures. */
    public function pressure_Pa(TableDesign $design, TableFace $face, Coefficients $coefficients, Figures $figures): float;

    /** Wind of that pressure and snow on the modules as they stand, written down among the figures. */
    public function loads(TableDesign $design, TableFace $face, float $q_Pa, Coefficients $coefficients, Figures $figures): TableLoads;
}
