<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use Illuminate\Http\JsonResponse;
use Illuminate\Support\Facades\DB;

/** Whether this server can do its work: database, migrations, queue, disk. Answers 503 when not. */
final class ReadyController extends Controller
{
    private const LONGEST_WAIT_S = 300;
    private const LEAST_DISK_BYTES = 200_000_000;

    public function __invoke(): JsonResponse
    {
        $checks = ['database' => self::asked(self::database(...)), 'disk' => self::disk(), 'papers' => self::asked(self::papers(...))];
        if ($checks['database']['ok']) {
            $checks += ['migrations' => self::asked(self::migrations(...)), 'queue' => self::asked(self::queue(...))];
        }
        $ready = !in_array(false, array_column($checks, 'ok'), true);

        return new JsonResponse(['ready' => $ready, 'checks' => $checks], $ready ? 200 : 503);
    }

    /**
     * @param callable(): array{bool, string} $check
     *
     * @return array{ok: bool, says: string}
     */
    private static function asked(callable $check): array
    {
        try {
            [$ok, $says] = $check();

            return ['ok' => $ok, 'says' => $says];
        } catch (\Throwable $trouble) {
            report($trouble);

            return ['ok' => false, 'says' => 'does not answer'];
        }
    }

    /** @return array{bool, string} It takes a row, which is then taken back */
    private static function database(): array
    {
        DB::beginTransaction();
        try {
            $isWritten = DB::table('sessions')->insert(['id' => 'ready-'.bin2hex(random_bytes(8)), 'payload' => '', 'last_activity' => 0]);
        } finally {
            DB::rollBack();
        }

        return [$isWritten, 'answers and writes'];
    }

    /** @return array{bool, string} A byte where papers are made */
    private static function papers(): array
    {
        $file = (string) tempnam(sys_get_temp_dir(), 'garnetine-ready');
        $isWritten = @file_put_contents($file, '.') === 1;
        @unlink($file);

        return [$isWritten, $isWritten ? 'can be made' : 'nothing can be written where they are made'];
    }

    /** @return array{bool, string} */
    private static function migrations(): array
    {
        $files = array_map(static fn (string $file): string => basename($file, '.php'), glob(database_path('migrations/*.php')) ?: []);
        $open = array_filter($files, static fn (string $file): bool => DB::table('migrations')->where('migration', $file)->doesntExist());

        return [$open === [], $open === [] ? 'all done' : count($open).' not run'];
    }

    /** @return array{bool, string} */
    private static function queue(): array
    {
        // Papers alone: nobody waits for what is planned ahead.
        $oldest = DB::table('queue_jobs')->where('queue', 'default')->whereNull('reserved_at')->min('available_at');
        $wait_s = is_numeric($oldest) ? max(0, time() - (int) $oldest) : 0;

        return [$wait_s < self::LONGEST_WAIT_S, $wait_s === 0 ? 'nothing waits' : "the oldest waits $wait_s s"];
    }

    /** @return array{ok: bool, says: string} */
    private static function disk(): array
    {
        $free = @disk_free_space(storage_path());

        return ['ok' => $free !== false && $free > self::LEAST_DISK_BYTES, 'says' => $free === false ? 'unknown' : round($free / 1e9, 1).' GB free'];
    }
}
