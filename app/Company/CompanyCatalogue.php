<?php

declare(strict_types=1);

namespace App\Company;

use App\Models\User;
use Garnetine\Core\Catalogue\CatalogueItem;
use Garnetine\Core\Catalogue\CataloguePart;
use Garnetine\Core\Catalogue\CatalogueTable;
use Garnetine\Core\Design\Design;
use Garnetine\Core\Design\DesignFile;
use Garnetine\Core\Document\CanonicalJson;
use Garnetine\Core\Document\DocumentInvalid;
use Garnetine\Core\Document\Fault;
use Illuminate\Support\Facades\DB;

/**
 * The parts that a company uses again, each in versions; beside them a set that is made up, to begin with.
 *
 * @phpstan-type Kept array{id: int, item: CatalogueItem, version: int, by: string, made_up: bool}
 */
final class CompanyCatalogue
{
    private const STARTER = 'resources/catalogue.json';

    /** Keeps an item as the next version of its name; the same again is none. */
    public static function keep(User $by, CatalogueItem $item): int
    {
        return DB::transaction(static function () use ($by, $item): int {
            DB::selectOne('select pg_advisory_xact_lock(?)', [$by->company_id]);
            $newest = DB::table('catalogue_items')->where([
                'company_id' => $by->company_id,
                'part' => $item->part->value,
                'name' => $item->name,
            ])->orderByDesc('version')->first();
            $values = json_encode($item->values, JSON_THROW_ON_ERROR | JSON_PRESERVE_ZERO_FRACTION);
            if ($newest !== null && CanonicalJson::encode(json_decode($newest->values, true)) === CanonicalJson::encode($item->values)) {
                return (int) $newest->version;
            }
            $version = 1 + (int) ($newest->version ?? 0);
            DB::table('catalogue_items')->insert([
                'company_id' => $by->company_id, 'kept_by' => $by->id, 'part' => $item->part->value, 'name' => $item->name, 'version' => $version,
                'values' => $values, 'created_at' => now(),
            ]);

            return $version;
        });
    }

    /**
     * The newest of each name, then what is made up.
     *
     * @return list<Kept>
     */
    public static function all(int $company, CataloguePart $part, Design $design): array
    {
        $kept = [];
        foreach (DB::select(
            'select distinct on (name) c.id, c.name, c.version, c.values, u.name as by from catalogue_items c join users u on u.id = c.kept_by where c.company_id = ? and c.part = ? order by name, version desc',
            [$company, $part->value],
        ) as $row) {
            /** @var \stdClass&object{id: int, name: string, version: int, values: string, by: string} $row */
            $item = self::readable($part, $row->values, $design);
            array_push($kept, ...$item === null ? [] : [['id' => $row->id, 'item' => $item, 'version' => $row->version, 'by' => $row->by, 'made_up' => false]]);
        }
        foreach (self::starter($design) as $index => $item) {
            array_push($kept, ...$item->part === $part ? [['id' => -1 - $index, 'item' => $item, 'version' => 1, 'by' => '', 'made_up' => true]] : []);
        }

        return $kept;
    }

    /** What an older build kept and this one cannot read is not offered. */
    private static function readable(CataloguePart $part, string $values, Design $design): ?CatalogueItem
    {
        try {
            return CatalogueItem::read($part, json_decode($values, true, 16, JSON_THROW_ON_ERROR), $design);
        } catch (DocumentInvalid) {
            return null;
        }
    }

    /** @return list<CatalogueItem> */
    private static function starter(Design $design): array
    {
        return self::items((string) file_get_contents(base_path(self::STARTER)), $design);
    }

    /** @return array<string, mixed> The values of the first made-up item of a kind */
    public static function madeUp(CataloguePart $part, string $kind): array
    {
        foreach (self::starter(self::plain()) as $item) {
            if ($item->part === $part && ($item->values['kind'] ?? null) === $kind) {
                return $item->values;
            }
        }

        throw new \LogicException("No made-up {$part->value} is a $kind.");
    }

    /** @return list<array{part: string, name: string, version: int}> */
    public static function names(int $company): array
    {
        return array_values(array_map(
            static fn (\stdClass $row): array => ['part' => (string) $row->part, 'name' => (string) $row->name, 'version' => (int) $row->version],
            DB::select(
                'select part, name, max(version) as version from catalogue_items where company_id = ? group by part, name order by part, name',
                [$company],
            ),
        ));
    }

    /** The whole catalogue of a company as a file. */
    public static function file(int $company): string
    {
        $items = array_map(
            static fn (array $one): array => ['part' => $one['part'], 'version' => $one['version'], 'values' => json_decode($one['values'])],
            self::newest($company),
        );

        return json_encode(
            ['catalogue' => 1, 'items' => $items],
            JSON_THROW_ON_ERROR | JSON_PRETTY_PRINT | JSON_UNESCAPED_UNICODE | JSON_UNESCAPED_SLASHES | JSON_PRESERVE_ZERO_FRACTION,
        );
    }

    /** The same as a table; what this build cannot read is not in it. */
    public static function table(int $company): string
    {
        $design = self::plain();
        $items = array_map(
            static fn (array $one): ?CatalogueItem => self::readable(CataloguePart::from($one['part']), $one['values'], $design),
            self::newest($company),
        );

        return CatalogueTable::write(array_values(array_filter($items)));
    }

    /** @return list<array{part: string, version: int, values: string}> The newest of each name */
    private static function newest(int $company): array
    {
        /** @var list<\stdClass&object{part: string, version: int, values: string}> $rows */
        $rows = DB::select(
            'select distinct on (part, name) part, name, version, values from catalogue_items where company_id = ? order by part, name, version desc',
            [$company],
        );

        return array_map(static fn (\stdClass $row): array => ['part' => $row->part, 'version' => $row->version, 'values' => $row->values], $rows);
    }

    /**
     * Reads a file whole or not at all: as JSON, or as a table.
     *
     * @return list<CatalogueItem>
     *
     * @throws DocumentInvalid with the place in the file of each fault
     */
    public static function items(string $text, ?Design $design = null): array
    {
        $design ??= self::plain();
        $items = $faults = [];
        foreach (str_starts_with(ltrim($text), '{') ? self::listed($text) : self::tabled($text) as [$part, $values, $at]) {
            try {
                $items[] = CatalogueItem::read($part, $values, $design);
            } catch (DocumentInvalid $invalid) {
                array_push(
                    $faults,
                    ...array_map(static fn (Fault $fault): Fault => new Fault($at($fault->path), $fault->expected, $fault->found), $invalid->faults),
                );
            }
        }

        return $faults === [] ? $items : throw new DocumentInvalid($faults);
    }

    /**
     * @return list<array{CataloguePart, mixed, \Closure(string): string}> Part, values, and where in the file a value of them stands
     *
     * @throws DocumentInvalid
     */
    private static function listed(string $json): array
    {
        try {
            $file = json_decode($json, true, 24, JSON_THROW_ON_ERROR);
        } catch (\JsonException) {
            throw DocumentInvalid::at('', 'a catalogue as JSON, or as a table', 'something else');
        }
        $list = is_array($file) && ($file['catalogue'] ?? null) === 1 ? $file['items'] ?? null : null;
        if (!is_array($list) || !array_is_list($list) || count($list) > CatalogueTable::MOST) {
            throw DocumentInvalid::at(
                '/items',
                'a list of at most '.CatalogueTable::MOST.' items of a catalogue of version 1',
                is_array($list) ? count($list).' items' : 'none',
            );
        }
        $items = $faults = [];
        foreach ($list as $index => $one) {
            if (is_array($one) && ($one['part'] ?? null) === 'lag' && is_array($one['values'] ?? null)) {
                // As catalogues were written while lag screws were the only fasteners.
                $one = ['part' => CataloguePart::Fastener->value, 'values' => ['kind' => 'lag'] + $one['values']] + $one;
            }
            $part = is_array($one) && is_string($one['part'] ?? null) ? CataloguePart::tryFrom($one['part']) : null;
            if (!is_array($one) || $part === null) {
                $faults[] = new Fault("/items/$index/part", 'one of '.implode(', ', array_column(CataloguePart::cases(), 'value')), 'something else');
                continue;
            }
            $items[] = [$part, $one['values'] ?? null, static fn (string $path): string => "/items/$index/values$path"];
        }

        return $faults === [] ? $items : throw new DocumentInvalid($faults);
    }

    /**
     * @return list<array{CataloguePart, mixed, \Closure(string): string}>
     *
     * @throws DocumentInvalid
     */
    private static function tabled(string $csv): array
    {
        $items = [];
        foreach (CatalogueTable::read($csv) as $row => $one) {
            $items[] = [$one['part'], $one['values'], static fn (string $path): string => CatalogueTable::cell($row, $path)];
        }

        return $items !== [] ? $items : throw DocumentInvalid::at('', 'a catalogue as JSON, or as a table with a row for each item', 'none');
    }

    private static function plain(): Design
    {
        return DesignFile::read((string) file_get_contents(base_path('docs/examples/quince-lane.json')))->design('plane-1');
    }
}
