<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Starting\Answers;
use App\Starting\StartingKit;
use Garnetine\Core\Design\Ground\Racking\Racking;
use Garnetine\Core\Design\Site\Standard;
use Garnetine\Core\Design\Surface\RoofKind;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\Rule;

final class NewJobRequest extends FormRequest
{
    /** @return array<string, mixed> */
    public function rules(): array
    {
        return [
            'name' => ['required', 'string', 'max:120'], 'units' => ['required', Rule::in(['ft_in', 'mm'])], 'document' => ['nullable', 'string'],
            'roof' => ['nullable', Rule::enum(RoofKind::class)->only(Answers::ROOFS)], 'standard' => ['nullable', Rule::enum(Standard::class)],
            'kit' => ['nullable', Rule::enum(StartingKit::class)->only($this->kits())], 'covering' => ['nullable', Rule::in(Answers::COVERINGS)],
            'where' => ['nullable', Rule::in(['roof', 'ground'])], 'table' => ['nullable', Rule::in(array_keys(Racking::KINDS))],
        ];
    }

    /** @return list<StartingKit> Those for the covering that is answered */
    private function kits(): array
    {
        $covering = $this->string('covering', 'asphalt_shingles')->toString();

        return array_values(array_filter(StartingKit::cases(), static fn (StartingKit $kit): bool => $kit->covering() === $covering));
    }

    public function answers(): Answers
    {
        return new Answers(
            $this->enum('roof', RoofKind::class),
            $this->enum('standard', Standard::class),
            $this->enum('kit', StartingKit::class),
            $this->string('covering')->toString(),
            $this->string('where')->toString() === 'ground',
            $this->string('table')->toString() ?: 'pipe_table',
        );
    }
}
