<?php

declare(strict_types=1);

namespace App\Support;

use App\Actions\Designs\PlanDesign;
use App\Models\Job;
use App\Models\User;
use Garnetine\Core\Message\Texts;

/** The jobs of a user's company, newest change first, each with where it stands. */
final class JobList
{
    public function __construct(private readonly PlanDesign $planDesign)
    {
    }

    /** @return list<array<string, mixed>> */
    public function of(User $user): array
    {
        $jobs = Job::query()->where('company_id', $user->company_id)->orderByDesc('updated_at')->limit(200)->get();
        $list = [];
        foreach ($jobs as $job) {
            $design = $job->current();
            /** @var array{status: string, summary: array{modules: int, attachments: int, least_reserve: float|null, open_stops: int, refusals: int}} $plan */
            $plan = json_decode($this->planDesign->handle($design), true, 64, JSON_THROW_ON_ERROR);
            $reserve = $plan['summary']['least_reserve'];
            $list[] = [
                'id' => $job->id, 'name' => $job->name, 'number' => $design->number, 'author' => $design->author?->name,
                'changed_at' => $design->created_at->toIso8601ZuluString(), 'modules' => $plan['summary']['modules'], 'attachments' => $plan['summary']['attachments'],
                'reserve' => $reserve === null ? null : Texts::reserve($reserve), 'reserve_word' => $reserve === null ? null : Texts::word($reserve),
                'stops' => $plan['summary']['open_stops'], 'refused' => $plan['summary']['refusals'] > 0,
                'status' => CompanyCopies::offers($job->company_id, $design->document()) === [] ? $plan['status'] : 'out of date',
            ];
        }

        return $list;
    }
}
