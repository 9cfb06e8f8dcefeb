<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Models\Role;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\Rule;

/** What a member is to be. */
final class MemberRequest extends FormRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return ['role' => ['sometimes', Rule::enum(Role::class)], 'disabled' => ['sometimes', 'boolean']];
    }

    public function role(): ?Role
    {
        return Role::tryFrom($this->string('role')->value());
    }
}
