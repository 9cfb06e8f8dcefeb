<?php

declare(strict_types=1);

namespace App\Http\Middleware;

use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Symfony\Component\HttpFoundation\Response;

/** Texts that no database keeps are refused where they come in: control characters, and bytes that are no text. */
final class PlainInput
{
    private const DEEPEST = 30;

    /** @param \Closure(Request): Response $next */
    public function handle(Request $request, \Closure $next): Response
    {
        $path = self::wrong($request->query->all(), '') ?? self::wrong($request->input(), '');
        if ($path === null) {
            return $next($request);
        }
        $fault = ['path' => $path, 'expected' => 'plain text, without control characters', 'found' => 'something else'];

        return new JsonResponse(['code' => 'input_unreadable', 'message' => "$path: expected {$fault['expected']}.", 'faults' => [$fault]], 422);
    }

    private static function wrong(mixed $input, string $path, int $depth = 0): ?string
    {
        if (is_string($input)) {
            return preg_match('/^[^\x00-\x08\x0b\x0c\x0e-\x1f\x7f]*\z/u', $input) === 1 ? null : $path;
        }
        if ($depth > self::DEEPEST) {
            return $path;
        }
        foreach (is_array($input) ? $input : [] as $key => $value) {
            $place = $path.'/'.mb_strimwidth(mb_scrub((string) preg_replace('/[\x00-\x1f]/', '?', (string) $key)), 0, 60, '…');
            $wrong = self::wrong((string) $key, $place, $depth + 1) ?? self::wrong($value, $place, $depth + 1);
            if ($wrong !== null) {
                return $wrong;
            }
        }

        return null;
    }
}
