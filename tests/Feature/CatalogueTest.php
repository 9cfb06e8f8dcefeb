<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Company\CompanyCatalogue;
use App\Models\Job;
use App\Models\User;
use Garnetine\Core\Catalogue\CataloguePart;
use Garnetine\Core\Design\Examples;
use Illuminate\Foundation\Testing\RefreshDatabase;
use Illuminate\Http\UploadedFile;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Queue;
use Illuminate\Support\ViewErrorBag;
use Illuminate\Testing\TestResponse;
use PHPUnit\Framework\Attributes\DataProvider;
use Tests\TestCase;

/** The company's catalogue: what fits the roof in hand, taken into designs, kept in versions, carried out and in. */
final class CatalogueTest extends TestCase
{
    use RefreshDatabase;

    private User $user;

    private Job $job;

    protected function setUp(): void
    {
        parent::setUp();
        Queue::fake();
        $this->user = $this->planner();
        $this->job = $this->exampleJob($this->user);
        $this->actingAs($this->user);
    }

    /** @return TestResponse<\Symfony\Component\HttpFoundation\Response> */
    private function at(string $path): TestResponse
    {
        return $this->postJson("/jobs/{$this->job->id}/catalogue/$path", ['base' => $this->job->current()->id, 'edits' => []]);
    }

    private static function id(mixed $item): int
    {
        $id = data_get($item, 'id');

        return is_int($id) ? $id : self::fail('An item has no id.');
    }

    public function test_each_item_says_how_the_plan_stands_with_it_and_what_is_made_up_stays_so(): void
    {
        $items = collect((array) $this->at('rail')->assertOk()->json('items'))->keyBy('name');
        self::assertSame(['Light example rail', 'Standard example rail', 'Heavy example rail'], $items->keys()->all());
        self::assertSame([true, false, 1], [data_get($items['Heavy example rail'], 'made_up'), data_get($items['Heavy example rail'], 'is_here'), data_get($items['Heavy example rail'], 'version')]);
        // A stiffer rail never needs more feet, and what is told is what is planned once it is taken.
        self::assertLessThanOrEqual(data_get($items['Light example rail'], 'feet'), data_get($items['Heavy example rail'], 'feet'));
        $taken = $this->at('rail/'.self::id($items['Heavy example rail']))->assertOk();
        self::assertSame([data_get($items['Heavy example rail'], 'feet'), 'From the catalogue: Heavy example rail, made up'], [$taken->json('summary.attachments'), $this->job->current()->change]);
        self::assertContains('/kit/rail/section_modulus_x_m3', Examples::left($this->job->current()->surface('plane-1'))['/kit/rail']);
        self::assertSame('made up: enter the maker’s values', $this->job->current()->surface('plane-1')->kit->rail->document);
        self::assertTrue(data_get(collect((array) $this->at('rail')->json('items'))->keyBy('name')['Heavy example rail'], 'is_here'));
        $this->at('rail/999999')->assertStatus(404);
        $this->at('roof')->assertStatus(404);
        foreach (CataloguePart::cases() as $part) {
            self::assertNotSame([], $this->at($part->value)->assertOk()->json('items'), $part->value);
        }
    }

    public function test_what_is_kept_has_versions_is_the_companys_and_comes_back_whole(): void
    {
        $this->at('rail/keep')->assertOk()->assertExactJson(['name' => 'Quoin 2 rail', 'version' => 1]);
        $this->at('rail/keep')->assertExactJson(['name' => 'Quoin 2 rail', 'version' => 1]);
        $save = fn (array $edits): TestResponse => $this->postJson("/jobs/{$this->job->id}/designs", ['base' => $this->job->current()->id, 'edits' => $edits])->assertOk();
        $before = $this->job->current()->surface('plane-1')->kit->rail;
        $save([['path' => '/kit/rail/stock_length_m', 'typed' => '15 ft']]);
        $this->at('rail/keep')->assertExactJson(['name' => 'Quoin 2 rail', 'version' => 2]);
        $items = array_values(array_filter((array) $this->at('rail')->json('items'), static fn (mixed $one): bool => data_get($one, 'made_up') === false));
        self::assertSame([['Quoin 2 rail', 2, $this->user->name, true]], array_map(static fn (mixed $one): array => [data_get($one, 'name'), data_get($one, 'version'), data_get($one, 'by'), data_get($one, 'is_here')], $items));
        $save([['path' => '/kit/rail/stock_length_m', 'typed' => '12 ft']]);
        $this->at('rail/'.self::id($items[0]))->assertOk();
        $rail = $this->job->current()->surface('plane-1')->kit->rail;
        self::assertSame('From the catalogue: Quoin 2 rail, version 2', $this->job->current()->change);
        self::assertEqualsWithDelta(15 * 0.3048, $rail->stockLength->toMetres(), 1e-9);
        self::assertEquals($before->sectionModulusX, $rail->sectionModulusX);
        self::assertSame([], array_filter(array_keys($this->job->current()->surface('plane-1')->origins), static fn (string $at): bool => str_starts_with($at, '/kit/rail')));
        // Without its document no allowable is kept.
        $save([['path' => '/kit/rail/document', 'typed' => ' ']]);
        $this->at('rail/keep')->assertStatus(422)->assertJsonPath('faults.0.path', '/document');
        // Nor a rail whose table of spans contradicts itself.
        $rows = static fn (float $last_Pa): array => [['load_Pa' => 900.0, 'span_m' => 1.9], ['load_Pa' => $last_Pa, 'span_m' => 1.8]];
        $spans = ['document' => 'Table 4', 'basis' => 'allowable', 'direction' => 'both', 'tributary_m' => 0.8, 'overhang_share' => 0.4];
        $save([['path' => '/kit/rail/document', 'typed' => 'sheet 9'], ['path' => '/kit/rail/spans', 'value' => $spans + ['rows' => $rows(800.0)]]]);
        $this->at('rail/keep')->assertStatus(422)->assertJsonPath('faults.0.path', '/spans/rows/1/load_Pa');
        self::assertSame(2, DB::table('catalogue_items')->count());
        $save([['path' => '/kit/rail/spans', 'value' => $spans + ['rows' => $rows(1000.0)]]]);
        $this->at('rail/keep')->assertExactJson(['name' => 'Quoin 2 rail', 'version' => 3]);
        // Another company sees nothing of it.
        $other = $this->planner('Other Roofs');
        self::assertSame([], CompanyCatalogue::names($other->company_id));
        $theirs = $this->exampleJob($other);
        $this->actingAs($other)->postJson("/jobs/{$theirs->id}/catalogue/rail/".self::id($items[0]), ['base' => $theirs->current()->id, 'edits' => []])->assertStatus(404);
    }

    public function test_a_catalogue_is_carried_out_and_into_another_company(): void
    {
        $this->at('rail/keep')->assertOk();
        $this->at('module/keep')->assertOk();
        $file = (string) $this->get('/company/catalogue.json')->assertOk()->getContent();
        $other = $this->planner('Other Roofs');
        $this->actingAs($other)->post('/company/catalogue', ['file' => UploadedFile::fake()->createWithContent('c.json', $file)])->assertRedirect('/company');
        self::assertSame([['module', 'Pomelo 330, 60 cells', 1], ['rail', 'Quoin 2 rail', 1]], array_map(array_values(...), CompanyCatalogue::names($other->company_id)));
        self::assertSame($file, (string) $this->get('/company/catalogue.json')->getContent());
        $this->get('/company')->assertOk()->assertSee('Quoin 2 rail');
        // The same as a table, into a third.
        $table = (string) $this->get('/company/catalogue.csv')->assertOk()->assertHeader('Content-Type', 'text/csv; charset=utf-8')->getContent();
        $third = $this->planner('Third Roofs');
        $this->actingAs($third)->post('/company/catalogue', ['file' => UploadedFile::fake()->createWithContent('c.csv', $table)])->assertRedirect('/company');
        self::assertSame($file, (string) $this->get('/company/catalogue.json')->getContent());
    }

    /** @return iterable<string, array{string, string}> The file and what is said of it */
    public static function broken(): iterable
    {
        $item = static fn (array $changes): string => (string) json_encode(['catalogue' => 1, 'items' => [['part' => 'sealant', 'values' => ['name' => 'Good', 'document' => 'x']], ['part' => 'clamp', 'values' => $changes + ['name' => 'C', 'document' => 'y', 'up_N' => 900.0, 'along_N' => 300.0, 'grips_both_rails' => true, 'torque_Nm' => null]]]]);
        yield 'no JSON' => ['{', 'a catalogue as JSON'];
        yield 'another version' => ['{"catalogue": 2, "items": []}', '/items'];
        yield 'no list' => ['{"catalogue": 1, "items": {"a": 1}}', '/items'];
        yield 'a part that there is not' => ['{"catalogue": 1, "items": [{"part": "roof"}]}', '/items/0/part'];
        yield 'a value out of range' => [$item(['up_N' => -1.0]), '/items/1/values/up_N'];
        yield 'a text for a number' => [$item(['up_N' => 'much']), '/items/1/values/up_N'];
        yield 'an unknown value' => [$item(['colour' => 'red']), '/items/1/values/colour'];
        yield 'an allowable without a document' => [$item(['document' => '']), '/items/1/values/document'];
        yield 'a thread longer than its screw' => ["part,kind,name,document,gauge,length_m,thread_m,drill_guide\nfastener,wood_screw,W,d,14,3 in,3.01 in,no", 'row 2, column thread_m'];
        yield 'a table with nothing in it' => ["part,name\n", 'a row for each item'];
        yield 'a value of a table that is out of range' => ["part,name,document,up_N,along_N,grips_both_rails,torque_Nm\nsealant,Good,x,,,,\nclamp,C,d,-5,300,yes,", 'row 3, column up_N'];
        yield 'an allowable of a table without a document' => ["part,name,document,up_N,along_N,grips_both_rails,torque_Nm\nclamp,C,,900,300,yes,", 'row 2, column document'];
        yield 'a zone past half of the side' => ['{"catalogue": 1, "items": [{"part": "module", "values": {"name": "M", "length_m": 1.7, "width_m": 1.0, "mass_kg": 20, "ratings": [{"side": "long", "from_m": 0.3, "to_m": 0.9, "down_Pa": 2400, "up_Pa": 2400, "basis": "design", "factor": 1.5, "document": "z"}]}}]}', '/items/0/values/ratings/0/to_m'];
    }

    #[DataProvider('broken')]
    public function test_a_file_is_taken_whole_or_not_at_all(string $file, string $says): void
    {
        $this->post('/company/catalogue', ['file' => UploadedFile::fake()->createWithContent('c.json', $file)])->assertSessionHasErrors('catalogue');
        $errors = session('errors');
        self::assertStringContainsString($says, $errors instanceof ViewErrorBag ? $errors->first('catalogue') : '');
        self::assertSame(0, DB::table('catalogue_items')->count());
    }
}
