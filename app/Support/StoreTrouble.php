<?php

declare(strict_types=1);

namespace App\Support;

use Illuminate\Database\QueryException;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Illuminate\Support\Facades\Log;
use Symfony\Component\HttpFoundation\Response as Answer;

/** What is said when the database cannot do what it is there for: full, gone, or overrun. Nothing was changed then. */
final class StoreTrouble
{
    private const FULL = 'The disk of the server is full. Nothing was changed, what was saved before is safe, and what you typed is still here. Whoever runs the server makes room; then try again.';
    private const AWAY = 'The database does not answer just now. What you typed is still here; what was just sent may have been saved, which the next try finds out. Try again in a moment.';

    /** Null when the trouble is another one. */
    public static function answer(\PDOException $trouble, Request $request): ?Answer
    {
        $state = (string) $trouble->getCode();
        [$code, $message, $status] = match (true) {
            // disk_full, and what PostgreSQL says when it cannot write its own log
            $state === '53100', str_contains($trouble->getMessage(), 'No space left on device') => ['disk_full', self::FULL, 507],
            // connection failures, shutting down or starting up, too many connections
            str_starts_with($state, '08'), in_array(
                $state,
                ['7', '57P01', '57P02', '57P03', '53300'],
                true,
            ), str_contains(
                $trouble->getMessage(),
                'server closed the connection',
            ), str_contains($trouble->getMessage(), 'no connection to the server') => ['database_away', self::AWAY, 503],
            default => ['', '', 0],
        };
        if ($status === 0) {
            return null;
        }
        $headers = ['Retry-After' => '5'];

        return $request->expectsJson() ? new JsonResponse(['code' => $code, 'message' => $message, 'faults' => []], $status, $headers)
            : new Response($message, $status, $headers + ['Content-Type' => 'text/plain; charset=utf-8']);
    }

    /** What goes into the log: the statement and why it failed, without the values in either. */
    public static function log(\PDOException $trouble): bool
    {
        $why = strtok($trouble->getPrevious()?->getMessage() ?? ($trouble instanceof QueryException ? '' : $trouble->getMessage()), "\n");
        Log::error(
            'The database refused.',
            [
                'state' => (string) $trouble->getCode(),
                'why' => $why === false ? '' : mb_strimwidth($why, 0, 300, '…'),
                'statement' => $trouble instanceof QueryException ? mb_strimwidth($trouble->getSql(), 0, 400, '…') : 'begin, commit or rollback',
            ],
        );

        return false;
    }
}
