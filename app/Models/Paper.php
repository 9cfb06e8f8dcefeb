<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;

/**
 * A PDF of an issued plan and how far its making has come. Once there are bytes, the database refuses to change them.
 *
 * @property int $id
 * @property int $issued_plan_id
 * @property PaperKind $kind
 * @property 'waiting'|'making'|'done'|'failed' $state waiting, making, done or failed
 * @property int $percent
 * @property string $trouble
 * @property int|null $pages
 * @property string|null $hash
 */
final class Paper extends Model
{
    public const CREATED_AT = null;

    protected $fillable = ['issued_plan_id', 'kind', 'state', 'percent', 'trouble', 'pages', 'hash'];

    /** @return BelongsTo<IssuedPlan, $this> */
    public function issuedPlan(): BelongsTo
    {
        return $this->belongsTo(IssuedPlan::class);
    }

    protected function casts(): array
    {
        return ['kind' => PaperKind::class];
    }
}
