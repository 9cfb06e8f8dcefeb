<?php

declare(strict_types=1);

namespace App\Http\Requests;

use Illuminate\Foundation\Http\FormRequest;

final class ConfirmationRequest extends FormRequest
{
    /** @return array<string, list<string>> */
    public function rules(): array
    {
        return [
            'base' => ['required', 'integer'],
            'subjects' => ['required', 'list', 'min:1', 'max:200'],
            'subjects.*.subject' => ['required', 'string', 'max:160'],
            'subjects.*.value' => ['present', 'string', 'max:160'],
            'name' => ['required', 'string', 'min:2', 'max:80'],
            'reason' => ['required', 'string', 'min:3', 'max:400'],
        ];
    }
}
