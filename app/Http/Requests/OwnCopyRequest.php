<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Models\Design;
use App\Models\Job;
use Garnetine\Core\Design\Signing\OwnCopy;
use Illuminate\Foundation\Http\FormRequest;

/** A value as somebody read it in the company's own copy. */
final class OwnCopyRequest extends FormRequest
{
    /** @return array<string, list<string>> */
    public function rules(): array
    {
        return [
            'base' => ['required', 'integer'], 'coefficient' => ['required', 'string', 'max:120'], 'value' => [
                'required',
                'numeric',
                'between:-1000000,1000000',
            ],
            'document' => ['required', 'string', 'max:160'], 'clause' => ['required', 'string', 'max:80'], 'name' => ['required', 'string', 'min:2', 'max:80'],
        ];
    }

    public function base(Job $job): Design
    {
        return $job->designs()->whereKey($this->integer('base'))->firstOrFail();
    }

    public function copy(): OwnCopy
    {
        $text = fn (string $key): string => $this->string($key)->trim()->value();

        return new OwnCopy($text('coefficient'), $this->float('value'), $text('document'), $text('clause'), $text('name'), now()->toDateString());
    }
}
