<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Models\Design;
use App\Models\Job;
use Illuminate\Foundation\Http\FormRequest;

/** The envelope of a change: which design it was made from, and the edits, whose contents the core judges. */
final class EditRequest extends FormRequest
{
    /** @return array<string, list<string>> */
    public function rules(): array
    {
        return ['base' => ['required', 'integer'], 'sequence' => ['nullable', 'integer'], 'path' => ['sometimes', 'string', 'max:200'], 'edits' => ['present', 'list']];
    }

    public function base(Job $job): Design
    {
        return $job->designs()->whereKey($this->integer('base'))->firstOrFail();
    }

    /** @return list<mixed> */
    public function edits(): array
    {
        return array_values($this->array('edits'));
    }
}
