<?php

declare(strict_types=1);

namespace App\Planning;

use Garnetine\Core\Attachment\Search\NotWanted;

/**
 * Which look of one tab is its newest: a large plan that a newer look has made void ends soon, so that the newer one gets its turn.
 * Told by a file on each server, and only while a large plan is under way; elsewhere the older plan just ends by itself.
 */
final readonly class Newest
{
    private string $file;

    /** @param string $tab The random name that it gives itself */
    public function __construct(string $tab, private int $sequence)
    {
        $this->file = storage_path('framework/turns/tab-').substr(hash('sha256', $tab), 0, 32);
    }

    /**
     * A large plan begins.
     *
     * @throws NotWanted
     */
    public function begin(): void
    {
        $this->mustBeWanted();
        @file_put_contents($this->file, (string) $this->sequence);
    }

    /**
     * Whatever is asked, it makes a large plan that is under way for the tab void.
     *
     * @throws NotWanted
     */
    public function supersede(): void
    {
        if (is_file($this->file)) {
            $this->begin();
        }
    }

    public function isWanted(): bool
    {
        return (int) @file_get_contents($this->file) <= $this->sequence;
    }

    /** @throws NotWanted */
    public function mustBeWanted(): void
    {
        if (!$this->isWanted()) {
            throw new NotWanted();
        }
    }

    public function end(): void
    {
        if ($this->isWanted()) {
            @unlink($this->file);
        }
    }
}
