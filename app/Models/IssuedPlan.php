<?php

declare(strict_types=1);

namespace App\Models;

use Garnetine\Core\Plan\Status;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Database\Eloquent\Relations\HasMany;
use Illuminate\Support\Carbon;

/**
 * A plan released to a crew or for signing: its bytes are kept for ever; the database refuses updates and deletes.
 *
 * @property int $id
 * @property int $job_id
 * @property int $design_id
 * @property int $revision
 * @property string $status preliminary or confirmed, when it was issued
 * @property Purpose|null $purpose Null for those of before: as the status says
 * @property non-empty-list<string>|null $surfaces Ids of those that it is of; null for all
 * @property string $build
 * @property string $note
 * @property string $bytes
 * @property string $hash
 * @property Carbon $created_at
 * @property Job|null $job
 * @property Design|null $design
 * @property User|null $issuer
 * @property \Illuminate\Database\Eloquent\Collection<int, Paper> $papers
 */
final class IssuedPlan extends Model
{
    public const UPDATED_AT = null;

    protected $fillable = ['job_id', 'design_id', 'revision', 'issued_by', 'status', 'purpose', 'surfaces', 'build', 'note', 'bytes', 'hash'];

    protected function casts(): array
    {
        return ['created_at' => 'datetime', 'purpose' => Purpose::class, 'surfaces' => 'array'];
    }

    public function isForConstruction(): bool
    {
        return $this->purpose === null ? $this->status === Status::Confirmed->value : $this->purpose === Purpose::Construction;
    }

    /** @return list<string> Names of the surfaces of its design that it leaves out */
    public function leftOut(): array
    {
        if ($this->surfaces === null) {
            return [];
        }
        $project = Design::query()->findOrFail($this->design_id)->document();

        return array_values(array_map($project->nameOf(...), array_diff($project->allIds(), $this->surfaces)));
    }

    /** @return BelongsTo<Job, $this> */
    public function job(): BelongsTo
    {
        return $this->belongsTo(Job::class);
    }

    /** @return BelongsTo<Design, $this> */
    public function design(): BelongsTo
    {
        return $this->belongsTo(Design::class);
    }

    /** @return BelongsTo<User, $this> */
    public function issuer(): BelongsTo
    {
        return $this->belongsTo(User::class, 'issued_by');
    }

    /** @return HasMany<Paper, $this> */
    public function papers(): HasMany
    {
        return $this->hasMany(Paper::class)->orderBy('id');
    }
}
