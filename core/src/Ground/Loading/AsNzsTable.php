<?php

declare(strict_types=1);

namespace Garnetine\Core\Ground\Loading;

use Garnetine\Core\Design\Ground\TableDesign;
use Garnetine\Core\Design\Site\AsNzsSite;
use Garnetine\Core\Design\Site\Site;
use Garnetine\Core\Document\Copy;
use Garnetine\Core\Finding\Code;
use Garnetine\Core\Finding\Finding;
use Garnetine\Core\Ground\TableFace;
use Garnetine\Core\Ground\TableLoads;
use Garnetine\Core\Ground\TableSnow;
use Garnetine\Core\Load\AsNzs\AsNzsQuestions;
use Garnetine\Core\Load\AsNzs\SiteWind;
use Garnetine\Core\Load\Coefficients;
use Garnetine\Core\Load\Figures;
use Garnetine\Core\Quantity\Length;
use Garnetine\Core\Quantity\Speed;

/**
 * Open tables by AS/NZS 1170: as monoslope free roofs, whose coefficients a named person reads in an own copy. Snow is not computed.
 *
 * What a table bears is an allowable value, and the wind is at the ultimate limit state: it counts by 1/1.5, and weight that holds by 0.9/1.5.
 *
 * Source: AS/NZS 1170.2:2011 and 2021; AS/NZS 1170.0:2002, §4.2.2; recalled.
 */
final class AsNzsTable implements TableStandard
{
    /** Of a plate across the wind (common practice, no source). */
    private const END = 2.0;
    /** Heights are no less than the first of the standard's table. */
    private const LEAST_M = 3.0;
    private const SAME_DEG = 0.05;

    public function asked(TableDesign $design, Coefficients $coefficients): array
    {
        $site = $design->site;
        if ($site->asNzs === null) {
            return [Finding::of(Code::AsNzsMissing, '/site/as_nzs', [])];
        }
        $ids = array_filter(
            ['tilt_deg', 'kl', ...array_merge(...array_map(static fn (string $key): array => ["$key/down", "$key/up"], FreeRoof::KEYS))],
            static fn (string $key): bool => $coefficients->lacks(FreeRoof::TABLE, $key),
        );

        return [
            ...AsNzsQuestions::wind(Copy::of($site, meanRoofHeight: Length::ofMetres(self::LEAST_M)), $site->asNzs),
            ...$site->groundSnow->toPascals() > 0.0
                ? [Finding::of(Code::FigureMissing, '/site/ground_snow_Pa', ['document' => 'AS/NZS 1170.3', 'figure' => 'the snow load on the table'])] : [],
            ...array_map(
                static fn (string $key): Finding => Finding::of(Code::CoefficientMissing, '/own_copies', ['coefficient' => FreeRoof::TABLE."/$key"]),
                array_values($ids),
            ),
            ...$ids === [] ? $this->steep($design) : [],
        ];
    }

    /** At a tilt for which nobody read them. */
    public function steep(TableDesign $design): array
    {
        $coefficients = new Coefficients($design->ownCopies);
        if ($coefficients->lacks(FreeRoof::TABLE, 'tilt_deg')) {
            return [];
        }
        $read_deg = $coefficients->value(FreeRoof::TABLE, 'tilt_deg');

        return abs($design->table->tilt()->toDegrees() - $read_deg) > self::SAME_DEG ? [Finding::of(Code::TiltNotRead, '/table/tilt_rad', [
            'tilt_rad' => $design->table->tilt()->toRadians(), 'read_rad' => deg2rad($read_deg),
        ])] : [];
    }

    public function assumptions(TableDesign $design, Figures $figures): array
    {
        return [
            Finding::of(Code::TableFreeRoof, '/site/as_nzs'),
            Finding::of(Code::BothFlows, '/site/as_nzs'),
            Finding::of(Code::TableAllowable, '/site/standard', ['loads' => 'table_allowable.ultimate']),
        ];
    }

    public function level(): string
    {
        return 'ultimate';
    }

    public function speed(TableDesign $design): Speed
    {
        return self::wind($design->site, self::LEAST_M, new Coefficients($design->ownCopies))->regional;
    }

    public function pressure_Pa(TableDesign $design, TableFace $face, Coefficients $coefficients, Figures $figures): float
    {
        $wind = self::wind($design->site, $face->meanHeight_m, $coefficients);
        $wind->write($figures, $design->site);

        return $wind->q->toPascals();
    }

    private static function wind(Site $site, float $height_m, Coefficients $coefficients): SiteWind
    {
        $asNzs = self::site($site);
        $region = $asNzs->region ?? throw new \LogicException('A table without a region was to be refused.');

        return SiteWind::at(Copy::of($site, meanRoofHeight: Length::ofMetres(max(self::LEAST_M, $height_m))), $asNzs, $region, $coefficients);
    }

    public function loads(TableDesign $design, TableFace $face, float $q_Pa, Coefficients $coefficients, Figures $figures): TableLoads
    {
        $roof = new FreeRoof($q_Pa, $coefficients);
        // Read, so that it stands among the values that the plan is made of.
        $coefficients->value(FreeRoof::TABLE, 'tilt_deg');

        return new TableLoads($roof->cases($figures), TableSnow::none($figures), $roof, $q_Pa, self::END * $q_Pa, TableCombinations::ultimate());
    }

    private static function site(Site $site): AsNzsSite
    {
        return $site->asNzs ?? throw new \LogicException('A table to AS/NZS without its entries was to be refused.');
    }
}
