<?php

declare(strict_types=1);

namespace Garnetine\Core\Tests\Catalogue;

use Garnetine\Core\Catalogue\CatalogueItem;
use Garnetine\Core\Catalogue\CataloguePart;
use Garnetine\Core\Catalogue\CatalogueTable;
use Garnetine\Core\Document\DocumentInvalid;
use Garnetine\Core\Tests\Support\Scenario;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** A catalogue as a table: what is written comes back, values may bring their unit, and a cell that is not understood is named. */
final class CatalogueTableTest extends TestCase
{
    private const CLAMP = "part,name,document,up_N,along_N,grips_both_rails,torque_Nm\r\n";

    /** @return list<CatalogueItem> Of every part and kind */
    private static function items(): array
    {
        $design = Scenario::of()->design();
        $made = json_decode((string) file_get_contents(dirname(__DIR__, 3).'/resources/catalogue.json'), true);
        $items = [];
        foreach (is_array($made) && is_array($made['items']) ? $made['items'] : [] as $one) {
            self::assertTrue(is_array($one) && is_string($one['part']));
            $items[] = CatalogueItem::read(CataloguePart::from($one['part']), $one['values'], $design);
        }

        return $items;
    }

    public function test_what_is_written_comes_back(): void
    {
        $items = self::items();
        self::assertCount(count(CataloguePart::cases()), array_unique(array_map(static fn (CatalogueItem $one): string => $one->part->value, $items)));
        $csv = CatalogueTable::write($items);
        foreach ([$csv, "\xEF\xBB\xBF".$csv, str_replace("\r\n", "\n\n", $csv)] as $text) {
            $read = array_map(static fn (array $one): CatalogueItem => CatalogueItem::read($one['part'], $one['values'], Scenario::of()->design()), array_values(CatalogueTable::read($text)));
            self::assertSame([], array_filter($items, static fn (CatalogueItem $one, int $index): bool => !$one->equals($read[$index]), ARRAY_FILTER_USE_BOTH));
            self::assertCount(count($items), $read);
        }
    }

    public function test_values_may_bring_their_unit_and_a_name_is_never_run(): void
    {
        $read = CatalogueTable::read("part;name;document;up_N;along_N;grips_both_rails;torque_Nm\n\nclamp;'=1+1;data sheet 5;900 lb;1.2 kN;Yes;");
        self::assertSame([3], array_keys($read));
        self::assertSame(['name' => '=1+1', 'document' => 'data sheet 5', 'up_N' => 900 * 4.4482216152605, 'along_N' => 1200.0, 'torque_Nm' => null, 'grips_both_rails' => true], [
            'name' => $read[3]['values']['name'], 'document' => $read[3]['values']['document'], 'up_N' => $read[3]['values']['up_N'], 'along_N' => $read[3]['values']['along_N'], 'torque_Nm' => $read[3]['values']['torque_Nm'], 'grips_both_rails' => $read[3]['values']['grips_both_rails'],
        ]);
        $item = CatalogueItem::read(CataloguePart::Clamp, $read[3]['values'], Scenario::of()->design());
        self::assertStringContainsString("clamp,,'=1+1,", str_replace('"', '', CatalogueTable::write([$item])));
        $foot = CatalogueTable::read("part,kind,name,hole_offset_m\nfoot,standoff,S,-1.5 in");
        self::assertSame(-0.0381, round((float) (is_float($foot[2]['values']['hole_offset_m']) ? $foot[2]['values']['hole_offset_m'] : 0.0), 6));
    }

    /** @return iterable<string, array{string, string, string}> The table, where it is refused, and what was expected */
    public static function broken(): iterable
    {
        yield 'other bytes' => ["part,name\n\xFF\xFE,x", '', 'UTF-8'];
        yield 'no part' => ["name,up_N\nx,3", 'row 1', 'a column "part"'];
        yield 'a column twice' => ["part,name,name\nclamp,a,b", 'row 1', 'none twice'];
        yield 'a part that there is not' => ["part,name\nroof,a", 'row 2, column part', 'one of module'];
        yield 'a kind that there is not' => ["part,kind,name\nfoot,suction_cup,a", 'row 2, column kind', 'one of flashed_foot'];
        yield 'a column of nothing' => [str_replace('torque_Nm', 'colour', self::CLAMP).'clamp,C,d,900,300,yes,red', 'row 2, column colour', 'nothing in this column for a clamp'];
        yield 'a column of another part' => ["part,name,document,kerf_m\nsealant,S,d,0.003", 'row 2, column kerf_m', 'nothing in this column'];
        yield 'a formula' => [self::CLAMP.'clamp,=HYPERLINK("x"),d,900,300,yes,', 'row 2, column name', 'a value'];
        yield 'a formula behind what is not seen' => [self::CLAMP."clamp,\u{200B}@SUM(1),d,900,300,yes,", 'row 2, column name', 'a value'];
        yield 'a formula that looks like a size' => [self::CLAMP.'clamp,C,d,-1+cmd(2),300,yes,', 'row 2, column up_N', 'a value'];
        yield 'another unit' => [self::CLAMP.'clamp,C,d,900 ft,300,yes,', 'row 2, column up_N', 'a number in N, or with its unit'];
        yield 'too many cells' => [self::CLAMP.'clamp,C,d,900,300,yes,,5', 'row 2', '7 cells'];
        yield 'too many rows' => [self::CLAMP.str_repeat("clamp,C,d,900,300,yes,\n", 5_001), 'row 5002', 'at most 5000 items'];
    }

    #[DataProvider('broken')]
    public function test_a_cell_that_is_not_understood_is_named(string $csv, string $at, string $expected): void
    {
        try {
            CatalogueTable::read($csv);
            self::fail('It was taken.');
        } catch (DocumentInvalid $invalid) {
            self::assertSame($at, $invalid->faults[0]->path);
            self::assertStringContainsString($expected, $invalid->faults[0]->expected);
        }
    }
}
