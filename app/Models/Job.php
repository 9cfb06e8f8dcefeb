<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\HasMany;
use Illuminate\Support\Carbon;

/**
 * @property int $id
 * @property int $company_id
 * @property string $name
 * @property Carbon $updated_at
 */
final class Job extends Model
{
    protected $fillable = ['company_id', 'name'];

    /** @return HasMany<Design, $this> */
    public function designs(): HasMany
    {
        return $this->hasMany(Design::class);
    }

    /** @return HasMany<IssuedPlan, $this> */
    public function issuedPlans(): HasMany
    {
        return $this->hasMany(IssuedPlan::class);
    }

    /** The newest design of the main line. */
    public function current(): Design
    {
        return $this->designs()->where('is_side', false)->orderByDesc('number')->firstOrFail();
    }
}
