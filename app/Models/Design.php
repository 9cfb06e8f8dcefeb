<?php

declare(strict_types=1);

namespace App\Models;

use Garnetine\Core\Design\Design as SurfaceDesign;
use Garnetine\Core\Design\DesignFile;
use Garnetine\Core\Design\Project;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Support\Carbon;

/**
 * One version of a job's input, immutable once saved: the database refuses updates and deletes.
 *
 * @property int $id
 * @property int $job_id
 * @property int $number
 * @property int|null $parent_id
 * @property int $author_id
 * @property bool $is_side
 * @property string $bytes Canonical JSON
 * @property string $hash
 * @property string $kind edit, undo or redo
 * @property string $change
 * @property string|null $save_key Made by whoever saved it
 * @property Carbon $created_at
 * @property User|null $author
 * @property Job|null $job
 */
final class Design extends Model
{
    public const UPDATED_AT = null;

    /** Documents kept after reading: those of the planners who drag just now. */
    private const KEPT = 16;

    /** @var array<string, Project> By their bytes, or by job and number */
    private static array $documents = [];

    protected $fillable = ['job_id', 'number', 'parent_id', 'author_id', 'is_side', 'kind', 'bytes', 'hash', 'change', 'save_key'];

    protected function casts(): array
    {
        return ['is_side' => 'boolean', 'created_at' => 'datetime'];
    }

    /** @return BelongsTo<User, $this> */
    public function author(): BelongsTo
    {
        return $this->belongsTo(User::class, 'author_id');
    }

    /** @return BelongsTo<Job, $this> */
    public function job(): BelongsTo
    {
        return $this->belongsTo(Job::class);
    }

    public function document(): Project
    {
        return self::kept($this->bytes, fn (): Project => DesignFile::read($this->bytes));
    }

    /** The design of one of its surfaces: of the first where none of them is named so. */
    public function surface(?string $id = null): SurfaceDesign
    {
        return $this->document()->design($this->document()->chosen($id));
    }

    /** What somebody's next change goes onto: this design, or the newest when only they have saved since, as in another window. */
    public function ownNewest(User $author): self
    {
        $later = self::query()->where('job_id', $this->job_id)->where('is_side', false)->where('number', '>', $this->number);
        if ($this->is_side || (clone $later)->where('author_id', '!=', $author->id)->exists()) {
            return $this;
        }

        return $later->orderByDesc('number')->first() ?? $this;
    }

    /**
     * The document of one of a job's designs, without asking the database for it twenty times a second while it is dragged: a saved
     * design never changes. The job as it stands is part of the key, since after a restore its next design may have a number anew.
     */
    public static function documentOf(Job $job, int $id): Project
    {
        return self::kept(
            $id.' of '.json_encode($job->getRawOriginal(), JSON_THROW_ON_ERROR),
            static fn (): Project => $job->designs()->whereKey($id)->firstOrFail()->document(),
        );
    }

    /** @param \Closure(): Project $read */
    private static function kept(string $key, \Closure $read): Project
    {
        if (!isset(self::$documents[$key])) {
            $document = $read();
            self::$documents = array_slice([$key => $document] + self::$documents, 0, self::KEPT, true);
        }

        return self::$documents[$key];
    }
}
