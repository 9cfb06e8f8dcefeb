<?php

declare(strict_types=1);

namespace App\Company;

use App\Models\Company;
use App\Models\User;
use App\Policies\Permissions;
use Garnetine\Core\Document\DocumentInvalid;
use Garnetine\Core\Document\Json;
use Garnetine\Core\Document\Reader;
use Garnetine\Core\Document\Writer;
use Garnetine\Core\Quantity\Printer;
use Garnetine\Core\Rates\Effort;
use Garnetine\Core\Rates\Rates;

/** What work and parts cost a company: its own figures, which crews never see and no plan, page or file holds. */
final class CompanyRates
{
    /** By key: what it is of, and whether it is minutes or money. */
    public const LABELS = [
        'hour' => ['An hour of one person', 'money'],
        'start_minutes' => ['A roof before and after all: ladders, ropes, cleaning', 'min'],
        'foot_minutes' => ['Each foot, found, drilled, sealed and bolted', 'min'],
        'rail_minutes' => ['Each piece of rail, cut, carried and aligned', 'min'],
        'crossing_minutes' => ['Each crossing of two rails', 'min'],
        'module_minutes' => ['Each module, carried, clamped and torqued', 'min'],
        'foot_price' => ['A foot with its screws and what seals it', 'money'],
        'bar_price' => ['A bar of rail in its stock length', 'money'],
        'splice_price' => ['A splice', 'money'],
        'crossing_price' => ['What holds two rails that cross', 'money'],
        'clamp_price' => ['A clamp', 'money'],
        'post_metre_price' => ['A metre of what stands in the ground', 'money'],
        'bag_price' => ['A bag of concrete', 'money'],
    ];

    /** Those of the user's company, where there are any and the user may see them. */
    public static function of(?User $user): ?Rates
    {
        return $user?->company?->rates === null || !Permissions::allow($user->role, 'rates') ? null : self::read($user->company->rates);
    }

    /**
     * @param array<string, mixed> $values By key; what is empty is open
     *
     * @throws DocumentInvalid with the key of what is no rate
     */
    public static function read(array $values): Rates
    {
        $known = array_intersect_key($values, self::LABELS + ['currency' => 0]);
        $currency = is_string($known['currency'] ?? null) ? $known['currency'] : '';
        $number = static fn (mixed $one): mixed => is_string($one) && is_numeric(trim($one)) ? (float) trim($one) : ($one === '' ? null : $one);
        $all = ['currency' => $currency] + array_map($number, $known) + array_fill_keys(array_keys(self::LABELS), null);

        return Reader::read(Rates::class, Json::read(json_encode($all, JSON_THROW_ON_ERROR)));
    }

    public static function keep(Company $company, Rates $rates): void
    {
        $company->rates = Writer::toArray($rates);
        $company->save();
    }

    /**
     * For the page of the company; null for who may not see them
     *
     * @return array{currency: string, rates: list<array{key: string, name: string, unit: string, value: float|null}>}|null
     */
    public static function shown(User $user): ?array
    {
        if (!Permissions::allow($user->role, 'rates')) {
            return null;
        }
        $rates = self::of($user);
        $values = $rates === null ? [] : (array) Writer::toArray($rates);
        $list = [];
        foreach (self::LABELS as $key => [$name, $unit]) {
            $value = $values[$key] ?? null;
            $list[] = ['key' => $key, 'name' => $name, 'unit' => $unit, 'value' => is_float($value) || is_int($value) ? (float) $value : null];
        }

        return ['currency' => $rates->currency ?? '', 'rates' => $list];
    }

    /** In words: "14.5 h, USD 1,240"; what is open is named in place of what rests on it. */
    public static function says(Rates $rates, Effort $effort): string
    {
        $open = array_map(static fn (string $key): string => lcfirst(self::LABELS[$key][0]), $effort->missing);

        return implode(', ', [
            ...$effort->hours === null ? [] : [Printer::number($effort->hours, 1).' h'],
            ...$effort->cost === null ? [] : [$rates->currency.' '.Printer::number(round($effort->cost), 0)],
            ...$open === [] ? [] : ['no rate for '.implode(', ', $open)],
        ]);
    }
}
