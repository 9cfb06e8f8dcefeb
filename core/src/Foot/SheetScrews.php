<?php

declare(strict_types=1);

namespace Garnetine\Core\Foot;

use Garnetine\Core\Covering\Covering;
use Garnetine\Core\Covering\ScrewedMetal;
use Garnetine\Core\Document\Range;
use Garnetine\Core\Document\Text;
use Garnetine\Core\Quantity\Force;
use Garnetine\Core\Quantity\Length;

/**
 * The rail itself on the crest of a rib, screwed to the sheet alone on both of its sides: it bears what a test on such a sheet gave,
 * and no more than the thickness of the sheet holds the screws by.
 */
final readonly class SheetScrews implements Foot
{
    use OneFastener;

    public function __construct(
        #[Text(120, shortest: 1)]
        public string $name,
        #[Text(160)]
        public string $document,
        #[Range(1, 1e5)]
        public ?Force $up,
        #[Range(1, 1e5)]
        public ?Force $down,
        #[Range(1, 1e5)]
        public ?Force $along,
        /** Height of the rail's axis over the crest, h. */
        #[Range(0.005, 0.5)]
        public Length $railHeight,
        /** Of the rail, its flange. */
        public FootBase $base,
        /** Of the seal between rail and crest. */
        #[Range(0.0005, 0.02)]
        public Length $pad,
        /** From the lower screw to the upper one, s. */
        #[Range(0.01, 0.3)]
        public Length $betweenScrews,
        /** From the downslope edge of the rail to the line of the load, r. */
        #[Range(0.005, 0.3)]
        public Length $loadLine,
        /** From the downslope edge of the rail to the upslope one, w. */
        #[Range(0.02, 0.6)]
        public Length $length,
        /** The thinnest sheet that its allowables were tested on. */
        #[Range(0.0003, 0.003)]
        public Length $forThickness,
        /** Of what the sheets of the test were made, as its document says. */
        #[Text(80)]
        public string $forSheet,
        /** Width of the seal along the eave; null where not measured. */
        #[Range(0.005, 0.3)]
        public ?Length $padWidth = null,
    ) {
    }

    public function limits(): FootLimits
    {
        $lower_m = $this->base->heel->toMetres();
        $upper_m = $lower_m + $this->betweenScrews->toMetres();

        return new FootLimits(
            $this->up?->toSi() ?? INF,
            $this->down?->toSi() ?? INF,
            $this->along?->toSi() ?? INF,
            $this->railHeight->toMetres(),
            $lower_m,
            new TwoInLineLever($this->railHeight->toMetres(), $lower_m, $upper_m, $this->loadLine->toMetres(), max($this->length->toMetres(), $upper_m)),
        );
    }

    public function coverings(): array
    {
        return [ScrewedMetal::class];
    }

    public function flashing(): null
    {
        return null;
    }

    public function over(Covering $covering): Length
    {
        return $this->pad;
    }

    public function slot(): Length
    {
        return Length::ofMetres(0.0);
    }

    /** The rail lies on the line of its load. */
    public function holeOffset(): Length
    {
        return $this->base->heel->minus($this->loadLine);
    }

    public function holes(): array
    {
        return [0.0, $this->betweenScrews->toMetres()];
    }

    public function intoSheet(): bool
    {
        return true;
    }

    public function isBolted(): bool
    {
        return false;
    }

    public function padOn(Covering $covering): PadOnFlat
    {
        return new PadOnFlat($this->padWidth, $covering instanceof ScrewedMetal ? $covering->crestFlat : null);
    }

    public function isOffItsBase(): bool
    {
        return max($this->base->heel->plus($this->betweenScrews)->toMetres(), $this->loadLine->toMetres()) > $this->length->toMetres() + 1e-9;
    }

    public function sitsOnDeck(): bool
    {
        return false;
    }

    public function attaching(): string
    {
        return 'attach_in_sheet';
    }

    public function sealing(): string
    {
        return 'sheet_screws';
    }
}
