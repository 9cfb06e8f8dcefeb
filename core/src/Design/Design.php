<?php

declare(strict_types=1);

namespace Garnetine\Core\Design;

use Garnetine\Core\Document\Items;
use Garnetine\Core\Document\Keyed;
use Garnetine\Core\Document\Range;
use Garnetine\Core\Document\Text;
use Garnetine\Core\Quantity\Printer;
use Garnetine\Core\Quantity\UnitSystem;

/** The input document of a job, closed: nothing outside it changes its plan, except the build. */
final readonly class Design
{
    public const SCHEMA = 3;

    /**
     * @param list<Penetration> $penetrations Holes that are not attachments
     * @param array<string, SurveyAnswer> $survey By survey item
     * @param list<Confirmation> $confirmations
     * @param list<OwnCopy> $ownCopies Of one value the last counts
     * @param array<string, string> $origins By JSON pointer, where values come from that nobody entered: see Examples
     * @param array<string, string> $asTyped What the user typed, by JSON pointer; never computed with
     */
    public function __construct(
        #[Range(self::SCHEMA, self::SCHEMA)]
        public int $schema,
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
        #[Items(Penetration::class, 500)]
        public array $penetrations,
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
            $this->schema,
            $this->name,
            $this->units,
            $this->site,
            $this->surface,
            $this->module,
            $this->block,
            $this->kit,
            $rules,
            $this->given,
            $this->penetrations,
            $this->survey,
            [],
            $this->ownCopies,
            [],
            $this->client,
            $this->address,
            $this->origins,
        );
    }

    public function printer(): Printer
    {
        return new Printer($this->units, $this->rules->inchesOnly);
    }
}
