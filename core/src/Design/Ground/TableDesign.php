<?php

declare(strict_types=1);

namespace Garnetine\Core\Design\Ground;

use Garnetine\Core\Design\Block\Orientation;
use Garnetine\Core\Design\Examples;
use Garnetine\Core\Design\Ground\Racking\InHoles;
use Garnetine\Core\Design\Ground\Racking\PileRow;
use Garnetine\Core\Design\Ground\Racking\TwoRows;
use Garnetine\Core\Design\Kit\ModuleType;
use Garnetine\Core\Design\Signing\Confirmation;
use Garnetine\Core\Design\Signing\OwnCopy;
use Garnetine\Core\Design\Site\Site;
use Garnetine\Core\Document\Copy;
use Garnetine\Core\Document\Items;
use Garnetine\Core\Document\Keyed;
use Garnetine\Core\Document\Text;
use Garnetine\Core\Quantity\Length;
use Garnetine\Core\Quantity\Printer;
use Garnetine\Core\Quantity\UnitSystem;

/**
 * One table of a job with all that its plan follows from: a part of a Project, with places told from here ("/table/tilt_rad"), as a
 * Design is for a surface.
 */
final readonly class TableDesign
{
    /**
     * @param list<Confirmation> $confirmations
     * @param list<OwnCopy> $ownCopies Of one value the last counts
     * @param array<string, string> $asTyped What the user typed, by JSON pointer; never computed with
     * @param array<string, string> $origins By JSON pointer, where values come from that nobody entered: see Examples
     */
    public function __construct(
        #[Text(120, shortest: 1)]
        public string $name,
        public UnitSystem $units,
        public Site $site,
        public Table $table,
        public ModuleType $module,
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

    public function printer(): Printer
    {
        return new Printer($this->units);
    }

    /** The same with another racking, footing or number of columns, with nothing typed of it. */
    public function on(Table $table): self
    {
        return Copy::of($this, table: $table, asTyped: []);
    }

    /** Weight of all modules, in newtons. */
    public function modules_N(): float
    {
        return $this->module->mass->toSi() * 9.80665 * $this->table->rows * $this->table->columns;
    }

    /** Size of a module along the row. */
    public function moduleAcross(): Length
    {
        return $this->table->orientation === Orientation::Portrait ? $this->module->width : $this->module->length;
    }

    /** Size of a module up the slope. */
    public function moduleUp(): Length
    {
        return $this->table->orientation === Orientation::Portrait ? $this->module->length : $this->module->width;
    }

    /**
     * The example's values that nobody entered, by the part of the design in which they are.
     *
     * @return array<string, list<string>> Pointers by the pointer of their part
     */
    public function examplesLeft(): array
    {
        $left = [];
        foreach (array_filter(array_keys($this->origins), $this->counts(...)) as $pointer) {
            $parts = explode('/', (string) $pointer);
            $left[match ($parts[1] ?? '') {
                'table' => '/table/'.($parts[2] ?? ''),
                'module' => '/table/module',
                default => '/'.($parts[1] ?? ''),
            }][] = (string) $pointer;
        }
        ksort($left);

        return $left;
    }

    /** Whether its standard and its kind make use of a place at all. */
    private function counts(string|int $pointer): bool
    {
        return match (true) {
            $pointer === '/table/footing/hole_m' => $this->table->racking instanceof InHoles,
            $pointer === '/table/ground/across_rad', $pointer === '/table/ground/along_rad' => $this->table->ground->levels === []
                || !($this->table->racking instanceof TwoRows || $this->table->racking instanceof PileRow),
            str_starts_with((string) $pointer, '/site/') => Examples::countsAtSite($this->site, (string) $pointer),
            default => true,
        };
    }
}
