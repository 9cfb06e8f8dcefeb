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
        $checks = ['database' => self::asked(static fn (): array => [DB::scalar('select 1') === 1, 'answers']), 'disk' => self::disk()];
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
