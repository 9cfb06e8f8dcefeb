<?php

declare(strict_types=1);

namespace App\Http\Requests;

use Garnetine\Core\Design\Signing\Confirmation;
use Garnetine\Core\Document\DocumentInvalid;
use Garnetine\Core\Document\Reader;
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
            'password' => ['nullable', 'string', 'max:200'],
        ];
    }

    /**
     * The signatures, all by one person on one day.
     *
     * @param string $account Of whoever is logged in
     * @param string $on As 2026-05-12
     *
     * @return non-empty-list<Confirmation>
     *
     * @throws DocumentInvalid if a subject is none
     */
    public function confirmations(string $account, string $on): array
    {
        $signed = [];
        foreach ($this->array('subjects') as $one) {
            $signed[] = Reader::read(Confirmation::class, (object) [
                'subject' => is_array($one) ? $one['subject'] ?? '' : '', 'value' => is_array($one) ? $one['value'] ?? '' : '',
                'name' => $this->string('name')->value(), 'on' => $on, 'reason' => $this->string('reason')->value(), 'account' => $account,
            ]);
        }

        return $signed !== [] ? $signed : throw new \LogicException('The rules ask for one subject at least.');
    }
}
