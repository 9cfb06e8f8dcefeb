<?php

declare(strict_types=1);

namespace Garnetine\Core\Design\Site;

use Garnetine\Core\Design\Ground\Field\BuriedLine;
use Garnetine\Core\Design\Ground\Field\NoDigArea;
use Garnetine\Core\Design\Ground\Field\SoilArea;
use Garnetine\Core\Design\Surface\RoofSupports;
use Garnetine\Core\Design\YesNo;
use Garnetine\Core\Document\Items;
use Garnetine\Core\Document\Range;
use Garnetine\Core\Document\Text;
use Garnetine\Core\Quantity\Length;
use Garnetine\Core\Quantity\Pressure;
use Garnetine\Core\Quantity\Speed;

/** What the place and the building demand. */
final readonly class Site
{
    /**
     * @param list<BuriedLine> $buried
     * @param list<NoDigArea> $noDig
     * @param list<SoilArea> $soils
     */
    public function __construct(
        public Standard $standard,
        public CombinationSet $combinations,
        public RiskCategory $riskCategory,
        #[Range(20, 120)]
        public Speed $windSpeed,
        public WindSpeedKind $windSpeedKind,
        public bool $lowWindSpeedConfirmed,
        public Exposure $exposure,
        public Topography $topography,
        #[Range(1, 4)]
        public ?float $kzt,
        #[Text(160)]
        public ?string $kztSource,
        public ?Hill $hill,
        #[Range(-430, 5000)]
        public Length $groundElevation,
        #[Range(1.5, 300)]
        public Length $meanRoofHeight,
        #[Range(2, 300)]
        public Length $buildingLength,
        #[Range(2, 300)]
        public Length $buildingWidth,
        #[Range(0, 20_000)]
        public Pressure $groundSnow,
        public GroundSnowKind $groundSnowKind,
        public RoofExposure $roofExposure,
        public Thermal $thermal,
        /** On the level, from the eave's edge, its overhang included. */
        #[Range(0.5, 60)]
        public Length $eaveToRidge,
        public RoofSupports $roofSupports,
        public YesNo $freeSlidePath,
        /** Whether snow on the roof above lies against the array's upper edge. */
        public YesNo $arrayHoldsSnow,
        /** Winter wind parameter of ASCE 7-22. */
        #[Range(0.1, 1)]
        public ?float $winterWind,
        public ?EnSite $en,
        public ?AsNzsSite $asNzs,
        /** What was marked on the ground where tables stand. */
        #[Items(BuriedLine::class, 60)]
        public array $buried = [],
        /** Ground that nothing is dug in. */
        #[Items(NoDigArea::class, 60)]
        public array $noDig = [],
        /** Parts of the field with a soil of their own. */
        #[Items(SoilArea::class, 24)]
        public array $soils = [],
    ) {
    }
}
