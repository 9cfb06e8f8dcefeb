<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Desk\Chosen;
use App\Models\Job;
use App\Weather\WeatherSource;
use Garnetine\Core\Design\Ground\Built\Forecast;
use Garnetine\Core\Design\Ground\TableDesign;
use Garnetine\Core\Document\DocumentInvalid;
use Garnetine\Core\Quantity\Dimension;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;

/**
 * The weather of the days on which a table is built: as texts, and as what the worksheet would hold with it.
 *
 * @phpstan-type Weather array{
 *     source: string,
 *     days: list<array{on: string, rain: bool, gust: string}>,
 *     // What the worksheet would hold with it: what is entered of other days, and these.
 *     forecast: list<array{on: string|null, rain: bool, gust_m_per_s: float}>,
 * }
 */
final class WeatherController extends Controller
{
    /** As far ahead as anybody foretells it. */
    private const DAYS = 14;

    /** @throws DocumentInvalid where nobody said when the crew begins */
    public function __invoke(Request $request, Job $job, WeatherSource $source): JsonResponse
    {
        $project = $job->current()->document();
        $design = $project->table(Chosen::table($project) ?? abort(404));
        $from = $design->table->crew?->from;
        $first = $from === null ? false : \DateTimeImmutable::createFromFormat('!Y-m-d', $from);
        if ($first === false) {
            throw DocumentInvalid::at('/table/crew/from', 'the first day on the site', 'none');
        }

        return new JsonResponse(self::told($design, $source->name(), $source->days($first, self::DAYS)));
    }

    /**
     * @param list<Forecast> $days
     *
     * @return Weather
     */
    private static function told(TableDesign $design, string $source, array $days): array
    {
        return [
            'source' => $source,
            'days' => array_map(static fn (Forecast $one): array => [
                'on' => (string) $one->on, 'rain' => $one->rain, 'gust' => $design->printer()->print(Dimension::Speed, $one->gust->toSi()),
            ], $days),
            'forecast' => array_map(
                static fn (Forecast $one): array => ['on' => $one->on, 'rain' => $one->rain, 'gust_m_per_s' => $one->gust->toSi()],
                self::with($design, $days),
            ),
        ];
    }

    /**
     * What is entered of other days, and these.
     *
     * @param list<Forecast> $days
     *
     * @return list<Forecast>
     */
    private static function with(TableDesign $design, array $days): array
    {
        $told = array_map(static fn (Forecast $one): ?string => $one->on, $days);
        $kept = array_filter($design->table->crew->forecast ?? [], static fn (Forecast $one): bool => $one->on !== null && !in_array($one->on, $told, true));

        return [...array_values($kept), ...$days];
    }
}
