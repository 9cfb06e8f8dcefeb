<?php

declare(strict_types=1);

namespace Garnetine\Core\Design;

use Garnetine\Core\Design\Block\LayOut;
use Garnetine\Core\Design\Block\Pattern;
use Garnetine\Core\Design\Block\RailsCut;
use Garnetine\Core\Design\Block\RunDatum;
use Garnetine\Core\Design\Kit\Remnant;
use Garnetine\Core\Design\Site\RidgeReading;
use Garnetine\Core\Design\Surface\SlopeDatum;
use Garnetine\Core\Document\Copy;
use Garnetine\Core\Document\Items;
use Garnetine\Core\Document\Range;
use Garnetine\Core\Document\Text;
use Garnetine\Core\Quantity\Length;

/** Choices of the planner. */
final readonly class Rules
{
    /** How far a foot may stand from its mark unless entered. Source: common practice, no source (¼ in). */
    public const USUAL_PLACING_IN = 0.25;

    private const USUAL_TRIM_IN = 2.0;

    /** @param list<Remnant> $remnants */
    public function __construct(
        public Pattern $pattern,
        public RidgeReading $ridgeReading,
        /** Who took the milder reading of the ridge, when it is taken. */
        #[Text(120)]
        public ?string $ridgeReadingBy,
        public RunDatum $runDatum,
        public SlopeDatum $slopeDatum,
        /** Height of the control chalk line over the eave edge. */
        #[Range(0, 60)]
        public ?Length $controlLine,
        public bool $inchesOnly,
        /** How far a foot may stand from its mark; a quarter of an inch unless entered. */
        #[Range(0.0015, 0.0254)]
        public ?Length $placingTolerance = null,
        /** How well the company brings feet into line; an eighth of an inch unless entered. */
        #[Range(0.0015, 0.0127)]
        public ?Length $lineTolerance = null,
        /** No bay longer than this, but for the last from the datum where that is allowed. */
        #[Range(0.2, 5)]
        public ?Length $greatestBay = null,
        public bool $lastBayMayBeLonger = true,
        public LayOut $layOut = LayOut::Chalk,
        /** By the company's own rule a row of n modules takes n times a module's width and this of rail; null where it has none. */
        #[Range(0, 0.2)]
        public ?Length $rowRuleEach = null,
        /** And this once. */
        #[Range(0, 2)]
        public ?Length $rowRuleOnce = null,
        /** Rests of the rail that are in store, to be cut first. */
        #[Items(Remnant::class, 60)]
        public array $remnants = [],
        /** Rests from this length on are kept; null where that was not said. */
        #[Range(0.05, 10)]
        public ?Length $keepFrom = null,
        public RailsCut $railsCut = RailsCut::OnGround,
        /** What an end that is trimmed in place is longer before. */
        #[Range(0.006, 0.3)]
        public ?Length $trim = null,
    ) {
    }

    /** What a rail is longer at either end until it is trimmed in place (m): 2 in unless entered. Source: common practice, no source. */
    public function trim_m(): float
    {
        return $this->railsCut === RailsCut::Trimmed ? ($this->trim ?? Length::ofInches(self::USUAL_TRIM_IN))->toMetres() : 0.0;
    }

    /** The same with the ridge read the milder way. */
    public function milder(): self
    {
        return Copy::of($this, ridgeReading: RidgeReading::Ridge, ridgeReadingBy: 'compared');
    }
}
