<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\HasMany;

/**
 * @property int $id
 * @property string $name
 * @property array<string, mixed>|null $rates See CompanyRates
 */
final class Company extends Model
{
    protected $fillable = ['name'];

    /** @var array<string, string> */
    protected $casts = ['rates' => 'array'];

    /** Never part of what is sent. */
    protected $hidden = ['rates'];

    /** @return HasMany<User, $this> */
    public function users(): HasMany
    {
        return $this->hasMany(User::class);
    }

    /** @return HasMany<Job, $this> */
    public function jobs(): HasMany
    {
        return $this->hasMany(Job::class);
    }
}
