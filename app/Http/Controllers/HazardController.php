<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Hazards\HazardLookup;
use App\Hazards\PlaceHazards;
use App\Models\Job;
use Garnetine\Core\Design\Project;
use Garnetine\Core\Quantity\Dimension;
use Garnetine\Core\Quantity\Printer;
use Garnetine\Core\Quantity\UnitSystem;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;

/**
 * Site hazards by place, in the units and for the risk category of a job, as texts that can be entered.
 *
 * @phpstan-type Hazards array{
 *     source: string,
 *     places: list<array{place: string, wind: string, snow: string, elevation: string, risk_category: string}>,
 * }
 */
final class HazardController extends Controller
{
    public function __invoke(Request $request, Job $job, HazardLookup $lookup): JsonResponse
    {
        $place = $request->query('place');

        return new JsonResponse(self::told($job->current()->document(), $lookup, is_string($place) ? mb_strimwidth($place, 0, 60) : ''));
    }

    /** @return Hazards */
    private static function told(Project $design, HazardLookup $lookup, string $place): array
    {
        $printer = new Printer($design->units, $design->rules->inchesOnly);

        return ['source' => $lookup->name(), 'places' => array_map(static fn (PlaceHazards $found): array => [
            'place' => $found->place,
            'wind' => $printer->print(Dimension::Speed, $found->windSpeed($design->site->riskCategory)->toSi()),
            'snow' => $printer->print(Dimension::Pressure, $found->groundSnow->toSi()),
            'elevation' => $design->units === UnitSystem::Us
                ? number_format($found->elevation->toFeet(), 0, '.', '').' ft'
                : number_format($found->elevation->toMetres(), 0, '.', '').' m',
            'risk_category' => $design->site->riskCategory->value,
        ], $lookup->find($place))];
    }
}
