<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Models\Invitation;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Http\Exceptions\HttpResponseException;
use Illuminate\Validation\Rules\Password;

/** Somebody with an invitation makes an account. */
final class JoinRequest extends FormRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            'name' => ['required', 'string', 'max:120'],
            'email' => ['required', 'string', 'lowercase', 'email:rfc', 'max:190', 'unique:users,email'],
            'password' => ['required', 'string', Password::min(10), 'max:200'],
        ];
    }

    /** An invitation that is not good is told before anything is said of an address. */
    protected function prepareForValidation(): void
    {
        $token = $this->route('token');
        if (!is_string($token) || Invitation::open($token) === null) {
            throw new HttpResponseException(redirect('/invitation/'.(is_string($token) ? $token : '')));
        }
        $this->merge(['email' => strtolower(trim($this->string('email')->value()))]);
    }
}
