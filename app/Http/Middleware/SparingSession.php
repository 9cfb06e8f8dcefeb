<?php

declare(strict_types=1);

namespace App\Http\Middleware;

use Illuminate\Http\Request;
use Illuminate\Session\Middleware\StartSession;
use Illuminate\Session\Store;

/** Writes a session that did not change once a minute, to tell that it lives, and not at every preview of a drag. */
final class SparingSession extends StartSession
{
    private const EVERY_S = 60;
    private const WRITTEN = 'written_at';

    /** @var array<array-key, mixed> As it was read */
    private array $read = [];

    /** @param Store $session */
    #[\Override]
    protected function startSession(Request $request, $session): Store
    {
        parent::startSession($request, $session);
        $this->read = $session->all();

        return $session;
    }

    /** @param Request $request */
    #[\Override]
    protected function saveSession($request): void
    {
        $session = $request->session();
        $written = $session->get(self::WRITTEN);
        $flashed = [...(array) $session->get('_flash.old', []), ...(array) $session->get('_flash.new', [])];
        if ($flashed === [] && is_int($written) && now()->getTimestamp() < $written + self::EVERY_S && $session->all() === $this->read) {
            return;
        }
        $session->put(self::WRITTEN, now()->getTimestamp());
        parent::saveSession($request);
    }
}
