<?php

declare(strict_types=1);

namespace App\Http\Requests;

use Illuminate\Foundation\Http\FormRequest;

final class LoginRequest extends FormRequest
{
    /** @return array<string, list<string>> */
    public function rules(): array
    {
        return ['email' => ['required', 'string', 'email', 'max:190'], 'password' => ['required', 'string', 'max:200']];
    }

    /** @return array{email: string, password: string} */
    public function credentials(): array
    {
        return ['email' => $this->string('email')->lower()->value(), 'password' => $this->string('password')->value()];
    }
}
