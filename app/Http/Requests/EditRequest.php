<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Desk\Chosen;
use App\Models\Design;
use App\Models\Job;
use App\Planning\Newest;
use Garnetine\Core\Design\Edit\JobEdits;
use Garnetine\Core\Design\Project;
use Garnetine\Core\Document\DocumentInvalid;
use Illuminate\Foundation\Http\FormRequest;

/** The envelope of a change: which design it was made from, the edits, whose contents the core judges, and whose tape is on view. */
final class EditRequest extends FormRequest
{
    /** @return array<string, list<string>> */
    public function rules(): array
    {
        return [
            'base' => ['required', 'integer'],
            'sequence' => ['nullable', 'integer'],
            'path' => ['sometimes', 'string', 'max:200'],
            'tape_of' => ['nullable', 'string', 'max:40'],
            'edits' => ['present', 'list'],
            'key' => ['nullable', 'uuid'],
            'tab' => ['nullable', 'uuid'],
        ];
    }

    public function base(Job $job): Design
    {
        return $job->designs()->whereKey($this->integer('base'))->firstOrFail();
    }

    public function baseDocument(Job $job): Project
    {
        return Design::documentOf($job, $this->integer('base'));
    }

    /** By which a repeated save is known. */
    public function key(): ?string
    {
        return $this->filled('key') ? $this->string('key')->toString() : null;
    }

    /** The one run whose tape is wanted; null for all, an empty text for none. */
    public function tapeOf(): ?string
    {
        return $this->has('tape_of') ? $this->string('tape_of')->toString() : null;
    }

    /** The place of this look among those of its tab; null where no newer one may make it void. */
    public function newest(): ?Newest
    {
        return $this->filled('tab') ? new Newest($this->string('tab')->toString(), $this->integer('sequence')) : null;
    }

    /**
     * The job with the edits made, on the surface and the block in view where they name none.
     *
     * @throws DocumentInvalid if one of them cannot be made
     */
    public function applied(Project $project): Project
    {
        $table = Chosen::table($project);
        if ($table !== null) {
            return JobEdits::apply($project, $this->edits(), $table);
        }
        $chosen = Chosen::of($project);

        return JobEdits::apply($project, $this->edits(), $chosen->surface, $chosen->block);
    }

    /**
     * @return list<mixed>
     *
     * @throws DocumentInvalid if one of them would write somebody's name
     */
    private function edits(): array
    {
        $edits = array_values($this->array('edits'));
        foreach ($edits as $edit) {
            $path = is_array($edit) && is_string($edit['path'] ?? null) ? explode('/', $edit['path'])[1] ?? '' : '';
            if ($path === 'confirmations') {
                throw DocumentInvalid::at('/confirmations', 'signatures by signing alone', 'an edit');
            }
            if ($path === 'own_copies' && ($edit['remove'] ?? null) !== true) {
                throw DocumentInvalid::at('/own_copies', 'values that somebody reads in an own copy, entered as such', 'an edit');
            }
        }

        return $edits;
    }
}
