<?php

declare(strict_types=1);

namespace App\Actions\Designs;

use App\Models\Design;
use App\Models\Job;
use App\Models\User;
use App\Planning\Planning;
use Garnetine\Core\Design\DesignFile;
use Garnetine\Core\Design\Project;
use Illuminate\Support\Facades\DB;

/** Saves a design after the one that it was made from. A lost race is kept beside the main line; nothing is overwritten. */
final class SaveDesign
{
    /**
     * @param Design|null $base The design that was changed; null for a job's first
     * @param string|null $key Made by whoever saves; what was stored with it is the answer again
     */
    public function handle(Job $job, User $author, ?Design $base, Project $document, string $change, string $kind = 'edit', ?string $key = null): Design
    {
        return DB::transaction(static function () use ($job, $author, $base, $document, $change, $kind, $key): Design {
            Job::query()->whereKey($job->id)->lockForUpdate()->firstOrFail();
            $stored = self::stored($job, $key);
            if ($stored !== null) {
                return $stored;
            }
            $hash = DesignFile::hash($document);
            $bytes = DesignFile::write($document);
            $newest = $job->designs()->where('is_side', false)->orderByDesc('number')->first();
            if ($kind === 'edit' && $base !== null && $newest?->id === $base->id && $newest->bytes === $bytes) {
                return $newest;
            }
            $highest = $job->designs()->max('number');
            $design = $job->designs()->create([
                'number' => (is_numeric($highest) ? (int) $highest : 0) + 1,
                'parent_id' => $base?->id,
                'author_id' => $author->id,
                'is_side' => $newest !== null && $newest->id !== $base?->id,
                'kind' => $kind,
                'save_key' => $key,
                'bytes' => $bytes,
                'hash' => $hash,
                'change' => mb_strimwidth($change, 0, 400, '…'),
            ]);
            Planning::written();
            if (!$design->is_side) {
                $job->update(['name' => $document->name]);
                $job->touch();
            }

            return $design;
        });
    }

    /** What was saved with a key before. */
    public static function stored(Job $job, ?string $key): ?Design
    {
        return $key === null ? null : $job->designs()->where('save_key', $key)->first();
    }
}
