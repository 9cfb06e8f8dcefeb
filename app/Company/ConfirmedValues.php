<?php

declare(strict_types=1);

namespace App\Company;

use App\Models\Job;
use App\Models\User;
use Garnetine\Core\Design\Signing\Confirmation;
use Garnetine\Core\Load\Coefficient;
use Garnetine\Core\Load\Coefficients;
use Garnetine\Core\Plan\Plan;
use Garnetine\Core\Plan\TablePlan;
use Illuminate\Support\Facades\DB;

/** Published values that somebody of a company confirmed in one job: they count in its others, with who confirmed them and when. */
final class ConfirmedValues
{
    private const OF = 'coefficient/';

    /** @param list<Confirmation> $confirmations Just signed */
    public static function keep(User $by, Job $job, array $confirmations): void
    {
        $rows = [];
        foreach ($confirmations as $one) {
            $recalled = str_starts_with($one->subject, self::OF) ? Coefficients::ofId(substr($one->subject, strlen(self::OF))) : null;
            if ($recalled !== null && $recalled->text() === $one->value) {
                $rows[] = [
                    'company_id' => $job->company_id, 'entered_by' => $by->id, 'job_id' => $job->id, 'coefficient' => $recalled->id, 'value' => $one->value,
                    'source' => $recalled->source, 'name' => $one->name, 'account' => $one->account, 'on' => $one->on, 'reason' => $one->reason,
                    'created_at' => now(),
                ];
            }
        }
        DB::table('confirmed_values')->insert($rows);
    }

    /**
     * What others of the company confirmed and the design of these plans has not: the same value, by the same document and edition.
     *
     * @return list<Confirmation> The newest of each
     */
    public static function offers(int $company, Plan|TablePlan ...$plans): array
    {
        $open = [];
        foreach ($plans as $plan) {
            $open += array_column($plan->unconfirmed(), null, 'id');
        }
        $offers = [];
        foreach ($open === [] ? [] : DB::select(
            'select distinct on (coefficient, value, source) coefficient, value, source, name, account, "on", reason from confirmed_values where company_id = ? order by coefficient, value, source, id desc',
            [$company],
        ) as $row) {
            /** @var \stdClass&object{coefficient: string, value: string, source: string, name: string, account: string, on: string, reason: string} $row */
            $asked = $open[$row->coefficient] ?? null;
            if ($asked instanceof Coefficient && $asked->text() === $row->value && $asked->source === $row->source) {
                $offers[] = new Confirmation(self::OF.$row->coefficient, $row->value, $row->name, $row->on, $row->reason, $row->account);
            }
        }

        return $offers;
    }
}
