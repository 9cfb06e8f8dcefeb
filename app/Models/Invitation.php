<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Support\Carbon;

/**
 * A link that lets one person into a company, once, for a week. Only its hash is kept.
 *
 * @property int $id
 * @property int $company_id
 * @property Role $role
 * @property Carbon $expires_at
 * @property Carbon|null $used_at
 * @property Company|null $company
 */
final class Invitation extends Model
{
    public const UPDATED_AT = null;
    public const DAYS = 7;

    protected $fillable = ['company_id', 'invited_by', 'role', 'token_hash', 'expires_at', 'used_at'];

    protected function casts(): array
    {
        return ['role' => Role::class, 'expires_at' => 'datetime', 'used_at' => 'datetime'];
    }

    /** @return BelongsTo<Company, $this> */
    public function company(): BelongsTo
    {
        return $this->belongsTo(Company::class);
    }

    public static function hashOf(string $token): string
    {
        return hash('sha256', $token);
    }

    /** The invitation behind a link, as long as it is good. */
    public static function open(string $token): ?self
    {
        return self::query()->where('token_hash', self::hashOf($token))->whereNull('used_at')->where('expires_at', '>', now())->first();
    }
}
