<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Model;

/**
 * Plans of working designs, by design and build: only a cache, a plan can always be computed again.
 *
 * @property string $bytes
 */
final class PlanCache extends Model
{
    public const UPDATED_AT = null;

    public $incrementing = false;

    protected $table = 'plans';

    protected $fillable = ['design_hash', 'build', 'bytes'];
}
