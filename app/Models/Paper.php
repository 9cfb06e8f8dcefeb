<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Model;

/**
 * The PDF of an issued plan and how far its making has come. Once there are bytes, the database refuses to change them.
 *
 * @property int $issued_plan_id
 * @property string $state waiting, making, done or failed
 * @property int $percent
 * @property string $trouble
 * @property int|null $pages
 * @property string|null $hash
 */
final class Paper extends Model
{
    public const CREATED_AT = null;

    public $incrementing = false;

    protected $primaryKey = 'issued_plan_id';

    protected $fillable = ['issued_plan_id', 'state', 'percent', 'trouble', 'pages', 'hash'];
}
