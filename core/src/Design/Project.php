<?php

declare(strict_types=1);

namespace Garnetine\Core\Design;

use Garnetine\Core\Design\Block\Block;
use Garnetine\Core\Design\Block\Parting;
use Garnetine\Core\Design\Ground\Table;
use Garnetine\Core\Design\Ground\TableDesign;
use Garnetine\Core\Design\Kit\Kit;
use Garnetine\Core\Design\Kit\ModuleType;
use Garnetine\Core\Design\Signing\Confirmation;
use Garnetine\Core\Design\Signing\OwnCopy;
use Garnetine\Core\Design\Site\Given;
use Garnetine\Core\Design\Site\Site;
use Garnetine\Core\Design\Surface\Corner;
use Garnetine\Core\Design\Surface\Fire;
use Garnetine\Core\Design\Surface\FireRoof;
use Garnetine\Core\Design\Surface\OwnMember;
use Garnetine\Core\Design\Surface\Surface;
use Garnetine\Core\Design\Surface\SurveyAnswer;
use Garnetine\Core\Document\Copy;
use Garnetine\Core\Document\DocumentInvalid;
use Garnetine\Core\Document\Fault;
use Garnetine\Core\Document\Items;
use Garnetine\Core\Document\Keyed;
use Garnetine\Core\Document\Range;
use Garnetine\Core\Document\Text;
use Garnetine\Core\Quantity\UnitSystem;

/**
 * The input document of a job, closed: nothing outside it changes its plan, except the build. Surfaces, blocks, modules and kits
 * stand by ids that never change; a block names what it lies on and what it is made of, so that two may share a kit.
 */
final class Project
{
    public const SCHEMA = 4;

    public const MOST_TABLES = 250;
    public const ID = '[a-z][a-z0-9_-]{0,39}';
    private const PLACE = '(/[a-zA-Z0-9_-]{1,60}){1,8}';

    /** @var array<string, Design> By surface and block in view, read once */
    private array $designs = [];

    /**
     * @param array<string, ModuleType> $modules
     * @param array<string, Kit> $kits
     * @param array<string, Surface> $surfaces
     * @param array<string, Block> $blocks
     * @param array<string, Table> $tables On the ground
     * @param array<string, SurveyAnswer> $survey By survey item
     * @param list<Confirmation> $confirmations
     * @param list<OwnCopy> $ownCopies Of one value the last counts
     * @param array<string, string> $origins By JSON pointer, where values come from that nobody entered: see Examples
     * @param array<string, string> $asTyped What the user typed, by JSON pointer; never computed with
     */
    public function __construct(
        #[Range(self::SCHEMA, self::SCHEMA)]
        public readonly int $schema,
        #[Text(120, shortest: 1)]
        public readonly string $name,
        public readonly UnitSystem $units,
        public readonly Site $site,
        #[Keyed(ModuleType::class, null, 20, self::ID)]
        public readonly array $modules,
        #[Keyed(Kit::class, null, 20, self::ID)]
        public readonly array $kits,
        #[Keyed(Surface::class, null, 24, self::ID)]
        public readonly array $surfaces,
        #[Keyed(Block::class, null, 24, self::ID)]
        public readonly array $blocks,
        public readonly Rules $rules,
        public readonly ?Given $given,
        #[Keyed(SurveyAnswer::class, SurveyAnswer::ITEMS, 60)]
        public readonly array $survey,
        #[Items(Confirmation::class, 500)]
        public readonly array $confirmations,
        #[Items(OwnCopy::class, 500)]
        public readonly array $ownCopies,
        #[Keyed(null, null, 5_000, self::PLACE, 60)]
        public readonly array $asTyped,
        #[Text(160)]
        public readonly string $client = '',
        #[Text(160)]
        public readonly string $address = '',
        #[Keyed(null, null, 5_000, self::PLACE, 20, Examples::ORIGIN)]
        public readonly array $origins = [],
        public readonly ?Fire $fire = null,
        #[Keyed(Table::class, null, self::MOST_TABLES, self::ID)]
        public readonly array $tables = [],
    ) {
    }

    /** A job of one surface, which is called so. */
    public static function ofOne(Design $design, string $id = 'plane-1'): self
    {
        $part = new Part($id, $id, $design->block->module, $design->block->kit);
        $empty = new self(self::SCHEMA, $design->name, $design->units, $design->site, [], [], [], [], $design->rules, null, [], [], [], []);

        return $empty->put($part, $design);
    }

    /** @return list<string> Ids of the surfaces, in their order */
    public function ids(): array
    {
        $ids = array_map(strval(...), array_keys($this->surfaces));
        natsort($ids);

        return array_values($ids);
    }

    /**
     * The surface of an id, or the first where there is none of it.
     *
     * @throws \OutOfBoundsException where the job has tables alone
     */
    public function chosen(?string $id): string
    {
        return $id !== null && isset($this->surfaces[$id]) ? $id : $this->ids()[0] ?? throw new \OutOfBoundsException('The job has no surface.');
    }

    /** @return list<string> Ids of the tables, in their order */
    public function tableIds(): array
    {
        $ids = array_map(strval(...), array_keys($this->tables));
        natsort($ids);

        return array_values($ids);
    }

    /** @return list<string> Ids of surfaces, then of tables */
    public function allIds(): array
    {
        return [...$this->ids(), ...$this->tableIds()];
    }

    /** Of a surface or a table. */
    public function nameOf(string $id): string
    {
        return $this->surfaces[$id]->name ?? $this->tables[$id]->name;
    }

    /** Where people begin: the first surface, or in a job of tables alone the first table. */
    public function first(): string
    {
        return $this->allIds()[0] ?? throw new \LogicException('A job has a surface or a table.');
    }

    public function partOfTable(string $table): Part
    {
        return Part::ofTable($table, $this->tables[$table]->module);
    }

    /** What the plan of one table follows from. */
    public function table(string $id): TableDesign
    {
        $part = $this->partOfTable($id);

        return new TableDesign(
            $this->name,
            $this->units,
            $this->site,
            $this->tables[$id],
            $this->modules[$part->module],
            $this->signed($part),
            $this->ownCopies,
            self::places($this->asTyped, $part->here(...)),
            $this->client,
            $this->address,
            self::places($this->origins, $part->here(...)),
        );
    }

    /**
     * The job with another design of one of its tables; what that shares with others changes for them too.
     *
     * @throws DocumentInvalid where it is to be of other modules, which stay as they are
     */
    public function withTable(string $id, TableDesign $design): self
    {
        $part = $this->partOfTable($id);
        if ($design->table->module !== $part->module) {
            throw DocumentInvalid::at('/table/module', 'the table to stay of its modules', '"'.$design->table->module.'"');
        }
        $elsewhere = static fn (string $pointer): bool => $part->here($pointer) === null;

        return Copy::of(
            $this,
            name: $design->name,
            units: $design->units,
            site: $design->site,
            modules: [$part->module => $design->module] + $this->modules,
            tables: [$id => $design->table] + $this->tables,
            confirmations: $this->signedWith($part, $design->confirmations),
            ownCopies: $design->ownCopies,
            asTyped: self::places($design->asTyped, $part->inJob(...)) + array_filter($this->asTyped, $elsewhere, ARRAY_FILTER_USE_KEY),
            client: $design->client,
            address: $design->address,
            origins: self::places($design->origins, $part->inJob(...)) + array_filter($this->origins, $elsewhere, ARRAY_FILTER_USE_KEY),
        );
    }

    /**
     * A further table like one that is there, of the same modules; what was signed, staked or dug of the one is not of the other, nor where it stands.
     *
     * @throws DocumentInvalid where there are too many
     */
    public function withTableLike(string $of): self
    {
        if (count($this->tables) >= self::MOST_TABLES) {
            throw DocumentInvalid::at('/tables', 'at most '.self::MOST_TABLES.' tables', 'one more');
        }
        for ($number = count($this->tables) + 1; isset($this->tables["table-$number"]) || isset($this->surfaces["table-$number"]); ++$number);
        $design = $this->table($of);
        $part = Part::ofTable("table-$number", $this->tables[$of]->module);
        $dug = static fn (string $pointer): bool => preg_match('~^/table/(measured|built|place)\b~', $pointer) !== 1;

        return Copy::of(
            $this,
            tables: $this->tables + ["table-$number" => Copy::of($design->table, name: "Table $number", measured: null, built: [], place: null)],
            asTyped: $this->asTyped + self::places(array_filter($design->asTyped, $dug, ARRAY_FILTER_USE_KEY), $part->inJob(...)),
            origins: $this->origins + self::places(array_filter($design->origins, $dug, ARRAY_FILTER_USE_KEY), $part->inJob(...)),
        );
    }

    /** @throws DocumentInvalid where nothing else is in the job */
    public function withoutTable(string $table): self
    {
        if (count($this->allIds()) < 2) {
            throw DocumentInvalid::at("/tables/$table", 'a table beside others', 'the only one');
        }
        $kept = $this->less(["/tables/$table"], $this->surfaces, array_values(
            array_filter($this->confirmations, static fn (Confirmation $one): bool => !str_starts_with($one->subject, "table/$table/")),
        ));

        return Copy::of($kept, tables: array_diff_key($kept->tables, [$table => true]));
    }

    /** @return list<Confirmation> What was signed of a part of the job, as it is told from there */
    private function signed(Part $part): array
    {
        $confirmations = [];
        foreach ($this->confirmations as $one) {
            $subject = $part->subjectHere($one->subject);
            if ($subject !== null) {
                $confirmations[] = $one->on($subject);
            }
        }

        return $confirmations;
    }

    /**
     * @param list<Confirmation> $here What is signed of the part now
     *
     * @return list<Confirmation> With what was signed elsewhere
     */
    private function signedWith(Part $part, array $here): array
    {
        $confirmations = array_values(array_filter($this->confirmations, static fn (Confirmation $one): bool => $part->subjectHere($one->subject) === null));
        foreach ($here as $one) {
            $confirmations[] = $one->on($part->subjectInJob($one->subject));
        }

        return $confirmations;
    }

    /** @return non-empty-list<string> Ids of the blocks on a surface, in their order */
    public function blocksOn(string $surface): array
    {
        $ids = array_map(strval(...), array_keys(array_filter($this->blocks, static fn (Block $block): bool => $block->surface === $surface)));
        natsort($ids);

        return $ids === [] ? throw new \OutOfBoundsException("No block lies on $surface.") : array_values($ids);
    }

    /** The block of an id on a surface, or the first where there is none of it. */
    public function chosenBlock(string $surface, ?string $id): string
    {
        $blocks = $this->blocksOn($surface);

        return in_array($id, $blocks, true) ? $id : $blocks[0];
    }

    /** @param string|null $block In view; the first where none is named */
    public function part(string $surface, ?string $block = null): Part
    {
        $id = $this->chosenBlock($surface, $block);
        $seen = $this->blocks[$id];
        $others = [];
        foreach (array_diff($this->blocksOn($surface), [$id]) as $other) {
            $others[] = "/blocks/$other";
            array_push($others, ...$this->blocks[$other]->module === $seen->module ? [] : ["/modules/{$this->blocks[$other]->module}"]);
        }

        return new Part($surface, $id, $seen->module, $seen->kit, array_values(array_unique($others)));
    }

    /**
     * What the plan of one surface follows from. A plan is made of it as it is seen from the first block.
     *
     * @param string|null $block In view; the first where none is named
     */
    public function design(string $surface, ?string $block = null): Design
    {
        $part = $this->part($surface, $block);

        return $this->designs["$surface/{$part->block}"] ??= $this->read($part);
    }

    private function read(Part $part): Design
    {
        // Numbered as they are listed, whatever was put in last.
        $ids = array_diff($this->blocksOn($part->surface), [$part->block]);
        $others = array_combine($ids, array_map(fn (string $id): Block => $this->blocks[$id], $ids));

        return new Design(
            $this->name,
            $this->units,
            $this->site,
            $this->surfaces[$part->surface],
            $this->modules[$part->module],
            $this->blocks[$part->block],
            $this->kits[$part->kit],
            $this->rules,
            $this->given,
            $this->survey,
            $this->signed($part),
            $this->ownCopies,
            self::places($this->asTyped, $part->here(...)),
            $this->client,
            $this->address,
            self::places($this->origins, $part->here(...)),
            $others,
            array_diff_key(
                array_intersect_key($this->modules, array_flip(array_map(static fn (Block $other): string => $other->module, $others))),
                [$part->module => true],
            ),
            $this->fire,
            FireRoof::of($this, $part->surface),
        );
    }

    /** The job with another design of one of its surfaces; what that shares with others changes for them too. */
    public function with(string $surface, Design $design, ?string $block = null): self
    {
        return $this->put($this->part($surface, $block), $design);
    }

    private function put(Part $part, Design $design): self
    {
        $elsewhere = static fn (string $pointer): bool => $part->here($pointer) === null;

        return new self(
            self::SCHEMA,
            $design->name,
            $design->units,
            $design->site,
            [$part->module => $design->module] + $design->modules + $this->modules,
            [$part->kit => $design->kit] + $this->kits,
            [$part->surface => $design->surface] + $this->surfaces,
            [$part->block => $design->block->on($part)] + $design->blocks + $this->blocks,
            $design->rules,
            $design->given,
            $design->survey,
            $this->signedWith($part, $design->confirmations),
            $design->ownCopies,
            self::places($design->asTyped, $part->inJob(...)) + array_filter($this->asTyped, $elsewhere, ARRAY_FILTER_USE_KEY),
            $design->client,
            $design->address,
            self::places($design->origins, $part->inJob(...)) + array_filter($this->origins, $elsewhere, ARRAY_FILTER_USE_KEY),
            $design->fire,
            $this->tables,
        );
    }

    /**
     * A further surface like one that is there, or like that in a mirror, with blocks like its, of the same modules and kit; what was signed of the one
     * is not of the other.
     *
     * @throws DocumentInvalid where there are too many
     */
    public function withCopy(string $of, bool $mirrored = false): self
    {
        for ($number = count($this->surfaces) + 1; isset($this->surfaces["plane-$number"]) || isset($this->blocks["plane-$number"]); ++$number);
        if (count($this->surfaces) >= 24) {
            throw DocumentInvalid::at('/surfaces', 'at most 24 surfaces', 'one more');
        }
        $numbered = array_filter($this->surfaces[$of]->framing->own, static fn (OwnMember $one): bool => $one->number < OwnMember::FIRST_MORE);
        if ($mirrored && $numbered !== []) {
            throw DocumentInvalid::at(
                "/surfaces/$of/framing/own",
                'members of their own alone, from '.OwnMember::FIRST_MORE.' on: others count from the left',
                (string) array_values($numbered)[0]->number,
            );
        }
        $job = $this;
        foreach ($this->blocksOn($of) as $index => $block) {
            $part = $this->part($of, $block);
            $design = $this->design($of, $block)->named("Plane $number");
            $design = $mirrored ? $design->mirrored() : $design;
            $job = $job->put(
                new Part("plane-$number", $index === 0 ? "plane-$number" : $job->freeBlock("plane-$number"), $part->module, $part->kit),
                $design->alone(),
            );
        }

        return $job;
    }

    /**
     * A further block on a surface, like one that is there, of the same modules and kit, with no module left out; where there is room beside that.
     *
     * @throws DocumentInvalid where there are too many
     */
    public function withBlock(string $surface, ?string $like = null): self
    {
        if (count($this->blocks) >= 24) {
            throw DocumentInvalid::at('/blocks', 'at most 24 blocks', 'one more');
        }
        $part = $this->part($surface, $like);
        $design = $this->design($surface, $like)->alone()->beside();

        return $this->put(new Part($surface, $this->freeBlock($surface), $part->module, $part->kit), $design);
    }

    /**
     * A block in as many as have no rail that is longer than its maker allows, beside one another.
     *
     * @throws DocumentInvalid where none is, or there would be too many blocks
     */
    public function withParted(string $surface, ?string $block): self
    {
        $part = $this->part($surface, $block);
        $design = $this->design($surface, $block)->alone();
        $blocks = Parting::of($design);
        if (count($this->blocks) + count($blocks) - 1 > 24) {
            throw DocumentInvalid::at('/blocks', 'at most 24 blocks', count($blocks) - 1 .' more');
        }
        $job = $this;
        foreach ($blocks as $index => $one) {
            $decided = $index === 0 ? '~^/block/(rows|columns|left_out|pins|bars)\b~' : '~^/block/(x_m|y_m|rows|columns|left_out|pins|bars)\b~';
            $kept = static fn (string|int $pointer): bool => preg_match($decided, (string) $pointer) === 0;
            $to = $index === 0 ? $part->block : $job->freeBlock($surface);
            $job = $job->put(new Part($surface, $to, $part->module, $part->kit), Copy::of(
                $design,
                block: $one,
                asTyped: array_filter($design->asTyped, $kept, ARRAY_FILTER_USE_KEY),
                origins: array_filter($design->origins, $kept, ARRAY_FILTER_USE_KEY),
            ));
        }

        return $job;
    }

    private function freeBlock(string $surface): string
    {
        for ($number = 2; isset($this->blocks["$surface-$number"]); ++$number);

        return "$surface-$number";
    }

    /** @throws DocumentInvalid where it is the only one */
    public function without(string $surface): self
    {
        if (count($this->surfaces) < 2) {
            throw DocumentInvalid::at("/surfaces/$surface", 'a surface beside others', 'the only one');
        }
        $gone = ["/surfaces/$surface", ...array_map(static fn (string $block): string => "/blocks/$block", $this->blocksOn($surface))];

        return $this->less(
            $gone,
            array_diff_key($this->surfaces, [$surface => true]),
            array_values(array_filter($this->confirmations, static fn (Confirmation $one): bool => !str_starts_with($one->subject, "surface/$surface/"))),
        );
    }

    /** @throws DocumentInvalid where it is the only one of its surface */
    public function withoutBlock(string $surface, ?string $block): self
    {
        if ($block === null || count($this->blocksOn($surface)) < 2 || !in_array($block, $this->blocksOn($surface), true)) {
            throw DocumentInvalid::at('/blocks/'.($block ?? ''), 'a block beside others on its surface', $block === null ? 'none' : 'the only one, or none');
        }

        return $this->less(["/blocks/$block"], $this->surfaces, $this->confirmations);
    }

    /**
     * @param list<string> $gone Places that are taken out
     * @param array<string, Surface> $surfaces
     * @param list<Confirmation> $confirmations
     */
    private function less(array $gone, array $surfaces, array $confirmations): self
    {
        $kept = static fn (string|int $pointer): bool => !in_array(implode('/', array_slice(explode('/', (string) $pointer), 0, 3)), $gone, true);

        return Copy::of(
            $this,
            surfaces: $surfaces,
            blocks: array_filter($this->blocks, static fn (string|int $id): bool => !in_array("/blocks/$id", $gone, true), ARRAY_FILTER_USE_KEY),
            confirmations: $confirmations,
            asTyped: array_filter($this->asTyped, $kept, ARRAY_FILTER_USE_KEY),
            origins: array_filter($this->origins, $kept, ARRAY_FILTER_USE_KEY),
        );
    }

    /**
     * What does not fit together, though each value is allowed.
     *
     * @return list<Fault>
     */
    public function faults(): array
    {
        $faults = $this->surfaces === [] && $this->tables === [] ? [new Fault('/surfaces', 'a surface or a table, or more', 'none')] : [];
        foreach ($this->tables as $id => $table) {
            if (!isset($this->modules[$table->module])) {
                $faults[] = new Fault("/tables/$id/module", 'the id of one of the modules', '"'.$table->module.'"');
            }
            if (isset($this->surfaces[$id])) {
                $faults[] = new Fault("/tables/$id", 'an id that no surface has', "\"$id\"");
            }
        }
        foreach ($this->surfaces as $id => $surface) {
            foreach ($surface->outline === [] ? [] : [
                'width_m' => [$surface->width, 'x'],
                'slope_length_m' => [$surface->slopeLength, 'y'],
            ] as $key => [$size, $axis]) {
                $reach_m = max([0.0, ...array_map(static fn (Corner $corner): float => $corner->{$axis}->toMetres(), $surface->outline)]);
                if (abs($reach_m - $size->toMetres()) > 1e-6) {
                    $faults[] = new Fault("/surfaces/$id/$key", "as far as the corners reach, $reach_m", (string) $size->toMetres());
                }
            }
        }
        $lies = [];
        foreach ($this->blocks as $id => $block) {
            foreach (['surface' => $this->surfaces, 'module' => $this->modules, 'kit' => $this->kits] as $what => $there) {
                if (!isset($there[$block->{$what}])) {
                    $faults[] = new Fault("/blocks/$id/$what", 'the id of one of the '.$what.'s', '"'.$block->{$what}.'"');
                }
            }
            $kit = $lies[$block->surface] ??= $block->kit;
            if ($block->kit !== $kit) {
                $faults[] = new Fault("/blocks/$id/kit", "the kit of the other blocks on its surface, $kit", '"'.$block->kit.'"');
            }
        }
        foreach (array_keys(array_diff_key($this->surfaces, $lies)) as $bare) {
            $faults[] = new Fault("/surfaces/$bare", 'a block that lies on it', 'none');
        }

        return $faults;
    }

    /**
     * @param array<string, string> $places
     * @param \Closure(string): ?string $name
     *
     * @return array<string, string>
     */
    private static function places(array $places, \Closure $name): array
    {
        $named = [];
        foreach ($places as $pointer => $value) {
            $other = $name((string) $pointer);
            if ($other !== null) {
                $named[$other] = $value;
            }
        }

        return $named;
    }
}
