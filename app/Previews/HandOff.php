<?php

declare(strict_types=1);

namespace App\Previews;

/**
 * Hands a preview to the process that keeps the application loaded (garnetine:previews), so that a drag does not load it twenty
 * times a second. Called by public/index.php before anything else is loaded, so it stands alone; where no such process listens,
 * or none takes it up, the request goes the usual way.
 *
 * @phpstan-type Asked array{server: array<array-key, mixed>, cookies: array<array-key, mixed>, body: string}
 * @phpstan-type Answered array{status: int, headers: array<array-key, mixed>, body: string}
 */
final class HandOff
{
    /** Where the process listens: a Unix socket. */
    public const SOCKET = 'PREVIEW_SOCKET';

    /** Sent when a request is taken up. */
    public const TAKEN = '+';

    /** Within half a second; where all processes are busy with large roofs, the usual way is the quicker. */
    private const TAKEN_US = 500_000;
    private const ANSWER_S = 60;

    /** Whether the request was a preview and has been answered. */
    public static function isAnswered(): bool
    {
        $socket = getenv(self::SOCKET);
        if (!is_string($socket) || $socket === '' || !self::isPreview($_SERVER['REQUEST_METHOD'] ?? null, $_SERVER['REQUEST_URI'] ?? null)) {
            return false;
        }
        $connection = @stream_socket_client('unix://'.$socket, timeout: self::TAKEN_US / 1e6);
        if ($connection === false) {
            return false;
        }
        stream_set_timeout($connection, 0, self::TAKEN_US);
        fwrite($connection, serialize(['server' => self::server($_SERVER), 'cookies' => $_COOKIE, 'body' => (string) file_get_contents('php://input')]));
        stream_socket_shutdown($connection, STREAM_SHUT_WR);
        if (fread($connection, 1) !== self::TAKEN) {
            return false;
        }
        stream_set_timeout($connection, self::ANSWER_S);
        $answer = self::answered((string) stream_get_contents($connection))
            // Taken up once, it is not planned a second time here: who asked tries again.
            ?? [
                'status' => 503,
                'headers' => ['Content-Type' => ['application/json'], 'Retry-After' => ['1']],
                'body' => '{"code": "preview_lost", "message": "The preview was lost on its way. Try again.", "faults": []}',
            ];
        http_response_code($answer['status']);
        foreach ($answer['headers'] as $name => $values) {
            foreach (is_array($values) ? $values : [] as $value) {
                header($name.': '.(is_string($value) ? $value : ''), false);
            }
        }
        echo $answer['body'];

        return true;
    }

    private static function isPreview(mixed $method, mixed $uri): bool
    {
        return $method === 'POST' && is_string($uri) && preg_match('~^/jobs/\d+/preview$~D', $uri) === 1;
    }

    /**
     * The part of the server's values that tells of the request: what else may stand there is the surroundings of this process.
     *
     * @param array<array-key, mixed> $values
     *
     * @return array<string, string>
     */
    private static function server(array $values): array
    {
        $kept = [];
        foreach ($values as $name => $value) {
            if (
                is_string($name)
                && is_scalar($value)
                && preg_match('~^(HTTP_|HTTPS$|CONTENT_|REQUEST_|REMOTE_|SERVER_|SCRIPT_|QUERY_STRING$|PHP_SELF$)~', $name) === 1
            ) {
                $kept[$name] = (string) $value;
            }
        }

        return $kept;
    }

    /** @return Asked|null Null when that is no whole request */
    public static function asked(string $bytes): ?array
    {
        $message = self::message($bytes);
        $server = $message['server'] ?? null;
        $cookies = $message['cookies'] ?? null;
        $body = $message['body'] ?? null;

        return is_array($server) && is_array($cookies) && is_string($body) ? ['server' => $server, 'cookies' => $cookies, 'body' => $body] : null;
    }

    /** @param Answered $answer */
    public static function answer(array $answer): string
    {
        return serialize($answer);
    }

    /** @return Answered|null Null when the process ended before its answer was whole */
    private static function answered(string $bytes): ?array
    {
        $message = self::message($bytes);
        $status = $message['status'] ?? null;
        $headers = $message['headers'] ?? null;
        $body = $message['body'] ?? null;

        return is_int($status) && is_array($headers) && is_string($body) ? ['status' => $status, 'headers' => $headers, 'body' => $body] : null;
    }

    /** @return array<array-key, mixed> Empty when that is no whole message */
    private static function message(string $bytes): array
    {
        $message = @unserialize($bytes, ['allowed_classes' => false]);

        return is_array($message) ? $message : [];
    }
}
