<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Support\ForgivingStore;
use Illuminate\Database\QueryException;
use Illuminate\Filesystem\Filesystem;
use Illuminate\Foundation\Testing\RefreshDatabase;
use Illuminate\Log\Events\MessageLogged;
use Illuminate\Support\Facades\Artisan;
use Illuminate\Support\Facades\Cache;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Event;
use Illuminate\Support\Facades\Route;
use Tests\TestCase;

/** When the database cannot write or is away: nothing half-written, and an answer that says what to do. */
final class StoreTroubleTest extends TestCase
{
    use RefreshDatabase;

    private function refuseInserts(string $state): void
    {
        DB::unprepared("create or replace function no_more() returns trigger language plpgsql as $$ begin raise exception 'refused by a test' using errcode = '$state'; end $$;
            drop trigger if exists no_more on designs; create trigger no_more before insert on designs for each row execute function no_more();");
    }

    public function test_the_applications_role_cannot_change_what_is_kept_for_ever(): void
    {
        $job = $this->exampleJob($this->planner());
        DB::unprepared('create role garnetine_test nologin');
        self::assertSame(0, Artisan::call('garnetine:grant', ['role' => 'garnetine_test']));
        self::assertSame(1, Artisan::call('garnetine:grant', ['role' => 'x"; drop table jobs']));
        DB::unprepared('set local role garnetine_test');
        DB::select('select last_value from designs_id_seq');
        $job->update(['name' => 'Another']);
        self::assertSame(1, $job->designs()->count());
        foreach (['designs', 'issued_plans', 'own_copies', 'confirmed_values'] as $table) {
            foreach (["update $table set id = id", "delete from $table", "truncate $table", "alter table $table disable trigger all", "drop table $table"] as $statement) {
                DB::beginTransaction();
                try {
                    DB::unprepared($statement);
                    self::fail("The application may: $statement");
                } catch (QueryException $refused) {
                    self::assertSame('42501', (string) $refused->getCode(), $statement);
                }
                DB::rollBack();
            }
        }
        DB::unprepared('reset role');
    }

    public function test_a_lost_write_of_the_cache_fails_nothing(): void
    {
        $lost = new ForgivingStore(new Filesystem(), '/dev/null/none');
        self::assertSame([false, false, null], [$lost->put('a', 1, 60), $lost->add('a', 1, 60), $lost->get('a')]);
        config(['cache.stores.file.path' => '/dev/null/none', 'cache.default' => 'file', 'cache.limiter' => 'file']);
        Cache::forgetDriver('file');
        self::assertInstanceOf(ForgivingStore::class, Cache::store('file')->getStore());
        $this->getJson('/ready')->assertOk()->assertJsonPath('checks.database.says', 'answers and writes')->assertJsonPath('checks.papers.ok', true);
        self::assertSame(0, DB::table('sessions')->where('id', 'like', 'ready-%')->count());
    }

    public function test_a_full_disk_changes_nothing_says_so_and_lets_the_save_through_once_there_is_room(): void
    {
        $user = $this->planner();
        $job = $this->exampleJob($user);
        $before = $job->current();
        $save = fn () => $this->postJson("/jobs/{$job->id}/designs", ['base' => $before->id, 'edits' => [['path' => '/site/mean_roof_height_m', 'typed' => '18 ft']]]);
        $this->actingAs($user);
        $this->refuseInserts('53100');
        $save()->assertStatus(507)->assertJsonPath('code', 'disk_full')->assertJsonPath('faults', []);
        self::assertSame([$before->id, 1], [$job->current()->id, $job->designs()->count()]);
        $this->getJson("/jobs/{$job->id}/view")->assertOk()->assertJsonPath('design.number', 1);
        $this->refuseInserts('57P01');
        $save()->assertStatus(503)->assertJsonPath('code', 'database_away')->assertHeader('Retry-After');
        $this->refuseInserts('22012');
        $save()->assertStatus(500);
        // No value stands in the log, of the statement or of what is wrong with it.
        $logged = '';
        Event::listen(MessageLogged::class, static function (MessageLogged $line) use (&$logged): void {
            $logged .= $line->message.json_encode($line->context);
        });
        $save()->assertStatus(500);
        self::assertStringContainsString('insert into \"designs\"', $logged);
        self::assertStringNotContainsString($before->hash, $logged);
        self::assertStringNotContainsString('quince', strtolower($logged));
        // What fails at a commit is no query.
        Route::get('/commit', static fn (): never => throw new class('SQLSTATE[57P01]: terminating connection') extends \PDOException {
            /** @var string */
            protected $code = '57P01';
        });
        $this->getJson('/commit')->assertStatus(503)->assertJsonPath('code', 'database_away')->assertHeader('Retry-After');
        DB::unprepared('drop trigger no_more on designs');
        $save()->assertOk()->assertJsonPath('design.number', 2);
    }
}
