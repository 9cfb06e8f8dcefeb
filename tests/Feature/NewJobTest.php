<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\Job;
use App\Starting\Answers;
use App\Starting\StartingKit;
use Garnetine\Core\Design\Site\Standard;
use Garnetine\Core\Design\Surface\RoofKind;
use Garnetine\Core\Document\Kinds;
use Garnetine\Core\Finding\Finding;
use Garnetine\Core\Finding\FindingKind;
use Garnetine\Core\Layout\LineBands;
use Garnetine\Core\Plan\Depth;
use Garnetine\Core\Plan\Planner;
use Illuminate\Foundation\Testing\RefreshDatabase;
use PHPUnit\Framework\Attributes\DataProvider;
use Tests\TestCase;

/** What a new job is asked first: it begins as the answers say, with nothing missing but what is to be measured or read. */
final class NewJobTest extends TestCase
{
    use RefreshDatabase;

    /** Refusals of a job that nobody measured yet: what only the place, the document or the maker tells. */
    private const TO_ENTER = ['en_velocity_missing', 'as_nzs_region_missing', 'dormer_or_valley', 'higher_or_lower_roof', 'winter_wind_missing', 'coefficient_missing', 'figure_missing'];

    /** @return iterable<string, array{RoofKind, Standard, StartingKit}> The kit is for a covering */
    public static function answers(): iterable
    {
        foreach (Answers::ROOFS as $roof) {
            foreach (Standard::cases() as $standard) {
                $kit = StartingKit::cases()[(count($seen ??= []) + intdiv(count($seen), 5)) % count(StartingKit::cases())];
                $seen[] = $kit;
                yield "$roof->value, $standard->value, $kit->value" => [$roof, $standard, $kit];
            }
        }
    }

    #[DataProvider('answers')]
    public function test_a_job_begins_as_the_answers_say(RoofKind $roof, Standard $standard, StartingKit $kit): void
    {
        $this->actingAs($this->planner())->post('/jobs', ['name' => 'Fern Street 9', 'units' => 'mm', 'roof' => $roof->value, 'standard' => $standard->value, 'kit' => $kit->value, 'covering' => $kit->covering()])->assertRedirect();
        $design = Job::query()->where('name', 'Fern Street 9')->firstOrFail()->current()->surface();
        self::assertSame([$roof, $standard, $kit->foot(), $kit->covering()], [$design->surface->roofKind, $design->site->standard, Kinds::nameOf($design->kit->foot::class), Kinds::nameOf($design->surface->covering::class)]);
        // What was answered is entered; what came with it is still the example's.
        self::assertSame([false, false, true, true], [isset($design->origins['/surface/roof_kind']), isset($design->origins['/site/standard']), isset($design->origins['/kit/foot/name']), isset($design->origins['/kit/rail/name'])]);
        self::assertSame($standard === Standard::En, $design->site->en !== null);
        self::assertSame(in_array($standard, [Standard::AsNzs2011, Standard::AsNzs2021], true), $design->site->asNzs !== null);
        $refusals = array_map(static fn (Finding $one): string => $one->code->value, array_values(array_filter(Planner::plan($design, Depth::Checks)->findings, static fn (Finding $one): bool => $one->kind === FindingKind::Refusal)));
        self::assertSame([], array_values(array_diff($refusals, self::TO_ENTER)));
        // Its rails lie on purlins, or its plates between battens, where there are any.
        $at_m = $design->block->y->toMetres();
        self::assertNotSame([], array_filter(LineBands::of($design)?->heights_m($design, $design->block->rows) ?? [[0.0, INF]], static fn (array $range): bool => $at_m >= $range[0] && $at_m <= $range[1]));
    }

    public function test_an_answer_that_there_is_not_starts_nothing(): void
    {
        $this->actingAs($this->planner());
        foreach (['roof' => 'gambrel', 'standard' => 'asce7-05', 'kit' => 'glue', 'covering' => 'membrane'] as $what => $answer) {
            $this->post('/jobs', ['name' => 'Fern Street 9', 'units' => 'mm', $what => $answer])->assertSessionHasErrors($what);
        }
        // A kit for another covering.
        $this->post('/jobs', ['name' => 'Fern Street 9', 'units' => 'mm', 'covering' => 'metal', 'kit' => 'one_lag'])->assertSessionHasErrors('kit');
        self::assertSame(0, Job::query()->count());
    }
}
