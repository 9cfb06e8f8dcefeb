<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Hazards\HazardLookup;
use App\Hazards\PlaceHazards;
use App\Models\Job;
use Garnetine\Core\Quantity\Dimension;
use Garnetine\Core\Quantity\Printer;
use Garnetine\Core\Quantity\UnitSystem;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;

/** Site hazards by place, in the units and for the risk category of a job, as texts that can be entered. */
final class HazardController extends Controller
{
    public function __invoke(Request $request, Job $job, HazardLookup $lookup): JsonResponse
    {
        $design = $job->current()->document();
        $printer = new Printer($design->units, $design->rules->inchesOnly);
        $place = $request->query('place');

        return new JsonResponse(['source' => $lookup->name(), 'places' => array_map(static fn (PlaceHazards $found): array => [
            'place' => $found->place,
            'wind' => $printer->print(Dimension::Speed, $found->windSpeed($design->site->riskCategory)->toSi()),
            'snow' => $printer->print(Dimension::Pressure, $found->groundSnow->toSi()),
            'elevation' => $design->units === UnitSystem::Us
                ? number_format($found->elevation->toFeet(), 0, '.', '').' ft'
                : number_format($found->elevation->toMetres(), 0, '.', '').' m',
            'risk_category' => $design->site->riskCategory->value,
        ], $lookup->find(is_string($place) ? mb_strimwidth($place, 0, 60) : ''))]);
    }
}
