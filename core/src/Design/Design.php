<?php

declare(strict_types=1);

namespace Garnetine\Core\Design;

use Garnetine\Core\Document\Items;
use Garnetine\Core\Document\Keyed;
use Garnetine\Core\Document\Text;
use Garnetine\Core\Quantity\Length;
use Garnetine\Core\Quantity\Printer;
use Garnetine\Core\Quantity\UnitSystem;

/** One surface of a job with its block and all that its plan follows from: a part of a Project, with places told from here ("/surface/width_m"). */
final readonly class Design
{
    /**
     * @param array<string, SurveyAnswer> $survey By survey item
     * @param list<Confirmation> $confirmations
     * @param list<OwnCopy> $ownCopies Of one value the last counts
     * @param array<string, string> $origins By JSON pointer, where values come from that nobody entered: see Examples
     * @param array<string, string> $asTyped What the user typed, by JSON pointer; never computed with
     */
    public function __construct(
        #[Text(120, shortest: 1)]
        public string $name,
        public UnitSystem $units,
        public Site $site,
        public Surface $surface,
        public ModuleType $module,
        public Block $block,
        public Kit $kit,
        public Rules $rules,
        public ?Given $given,
        #[Keyed(SurveyAnswer::class, SurveyAnswer::ITEMS, 60)]
        public array $survey,
        #[Items(Confirmation::class, 500)]
        public array $confirmations,
        #[Items(OwnCopy::class, 500)]
        public array $ownCopies,
        #[Keyed(null, null, 400, '/[a-z0-9_/A-Z-]{1,120}', 60)]
        public array $asTyped,
        #[Text(160)]
        public string $client = '',
        #[Text(160)]
        public string $address = '',
        #[Keyed(null, null, 400, '/[a-z0-9_/A-Z-]{1,120}', 20, Examples::ORIGIN)]
        public array $origins = [],
    ) {
    }

    /** The same design under other rules, with nothing signed. */
    public function under(Rules $rules): self
    {
        return new self(
            $this->name,
            $this->units,
            $this->site,
            $this->surface,
            $this->module,
            $this->block,
            $this->kit,
            $rules,
            $this->given,
            $this->survey,
            [],
            $this->ownCopies,
            [],
            $this->client,
            $this->address,
            $this->origins,
        );
    }

    /** A like surface under another name, on which nothing is signed. */
    public function named(string $name): self
    {
        return new self(
            $this->name,
            $this->units,
            $this->site,
            $this->surface->named($name),
            $this->module,
            $this->block,
            $this->kit,
            $this->rules,
            $this->given,
            $this->survey,
            array_values(array_filter($this->confirmations, static fn (Confirmation $one): bool => str_starts_with($one->subject, 'coefficient/'))),
            $this->ownCopies,
            $this->asTyped,
            $this->client,
            $this->address,
            $this->origins,
        );
    }

    /** A module along the eave, as it lies. */
    public function moduleAcross(): Length
    {
        return $this->block->orientation === Orientation::Portrait ? $this->module->width : $this->module->length;
    }

    /** A module up the slope, as it lies. */
    public function moduleUp(): Length
    {
        return $this->block->orientation === Orientation::Portrait ? $this->module->length : $this->module->width;
    }

    /** The side of a module that its clamps hold, and rails along the eave cross. */
    public function heldSide(): ModuleSide
    {
        return $this->block->orientation === Orientation::Portrait ? ModuleSide::Long : ModuleSide::Short;
    }

    public function printer(): Printer
    {
        return new Printer($this->units, $this->rules->inchesOnly);
    }
}
