<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Foundation\Auth\User as Authenticatable;
use Illuminate\Notifications\Notifiable;
use Illuminate\Support\Carbon;

/**
 * @property int $id
 * @property int $company_id
 * @property string $name
 * @property string $email
 * @property Role $role
 * @property Carbon|null $disabled_at
 * @property Company|null $company
 */
final class User extends Authenticatable
{
    use Notifiable;

    protected $fillable = ['company_id', 'name', 'email', 'password', 'role', 'disabled_at'];

    protected $hidden = ['password', 'remember_token'];

    /** @var array<string, string> */
    protected $attributes = ['role' => 'planner'];

    protected function casts(): array
    {
        return ['password' => 'hashed', 'role' => Role::class, 'disabled_at' => 'datetime'];
    }

    /** @return BelongsTo<Company, $this> */
    public function company(): BelongsTo
    {
        return $this->belongsTo(Company::class);
    }
}
