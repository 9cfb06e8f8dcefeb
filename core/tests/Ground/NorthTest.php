<?php

declare(strict_types=1);

namespace Garnetine\Core\Tests\Ground;

use Garnetine\Core\Design\Ground\TableDesign;
use Garnetine\Core\Ground\North;
use Garnetine\Core\Message\NorthTexts;
use Garnetine\Core\Message\StormTexts;
use Garnetine\Core\Plan\Depth;
use Garnetine\Core\Plan\TablePlanner;
use Garnetine\Core\Tests\Support\TableScenario;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;

/** How true north is found where a table is set out. */
final class NorthTest extends TestCase
{
    /** @param array<string, mixed> $changes */
    private static function design(array $changes, float $latitude = 45.0, float $longitude = -93.2, ?string $on = '2026-06-05', ?float $ahead = -5.0): TableDesign
    {
        return TableScenario::of()->with($changes + ['/table/declination_rad' => null, '/table/position' => [
            'latitude_rad' => deg2rad($latitude), 'longitude_rad' => deg2rad($longitude), 'on' => $on, 'clock_ahead' => $ahead,
        ]])->design();
    }

    #[TestWith([45.0, -93.2, -5.0, true, 67.6])]
    #[TestWith([-34.0, 18.5, 2.0, false, 33.4])]
    #[TestWith([60.2, 25.0, 3.0, true, 52.4])]
    #[TestWith([45.0, 179.0, -11.0, true, 67.6])]
    public function test_the_shadow_at_noon_by_the_clock_lies_true_north_and_south(float $latitude, float $longitude, float $ahead, bool $isNorth, float $height): void
    {
        // By hand: noon is 12 h − 4 min a degree east + what the clock is ahead − the equation of time, +1.5 min on 5 June; the sun's declination is 22.6°.
        $north = North::of(self::design([], $latitude, $longitude, ahead: $ahead));
        self::assertEqualsWithDelta(fmod(60 * (12 * 60 - 4 * $longitude + 60 * $ahead - 1.5) + 86_400, 86_400), $north->noon_s, 10.0);
        self::assertSame($isNorth, $north->shadowIsNorth);
        self::assertEqualsWithDelta($height, $north->noonHeight?->toDegrees(), 0.15);
        // In a minute the sun turns by a quarter of a degree, more along the level the higher it stands.
        self::assertEqualsWithDelta(0.25 * cos(deg2rad(22.6)) / cos(deg2rad($height)), $north->inMinute?->toDegrees(), 0.01);
    }

    public function test_what_is_entered_goes_before_the_model_and_bearings_follow(): void
    {
        $plan = TablePlanner::plan(self::design([]), Depth::Checks);
        $north = $plan->setOut->north ?? self::fail();
        self::assertEqualsWithDelta([$north->computed?->toRadians(), $plan->design->table->bearing->toRadians()], [$north->declination?->toRadians(), ($plan->setOut->facesCompass_rad ?? 0.0) + ($north->computed?->toRadians() ?? 0.0)], 1e-12);
        self::assertStringContainsString('on 2026-06-05, by the World Magnetic Model of 2025', NorthTexts::of($plan)[0]);
        self::assertStringContainsString('at 13:11 by the clock the shadow of a plumb line lies true north and south and points north', NorthTexts::of($plan)[1]);
        $entered = TablePlanner::plan(self::design(['/table/declination_rad' => deg2rad(-3.5)]), Depth::Checks);
        self::assertEqualsWithDelta(deg2rad(-3.5), $entered->setOut?->north->declination?->toRadians(), 1e-12);
        self::assertSame('The compass points 3.50° west of true north, as entered.', NorthTexts::of($entered)[0]);
        // Beside the magnetic pole a needle points nowhere.
        $pole = TablePlanner::plan(self::design([], 84.9, 140.0), Depth::Checks);
        self::assertSame([null, null, 'By compass: declination not known.'], [$pole->setOut?->north->computed, $pole->setOut?->facesCompass_rad, NorthTexts::of($pole)[0]]);
    }

    #[TestWith([45.0, null, -5.0])]
    #[TestWith([45.0, '2026-02-30', -5.0])]
    #[TestWith([45.0, '2026-06-05', null])]
    #[TestWith([22.6, '2026-06-05', -5.0])]
    #[TestWith([-84.0, '2026-06-05', -5.0])]
    public function test_no_hour_is_told_without_a_day_a_clock_or_a_shadow(float $latitude, ?string $on, ?float $ahead): void
    {
        $north = North::of(self::design([], $latitude, on: $on, ahead: $ahead));
        self::assertNull($north->noon_s);
        self::assertSame($on !== '2026-06-05', $north->computed === null);
    }

    public function test_a_card_for_storms_says_what_the_plan_counts_on(): void
    {
        $told = static fn (string $kind, array $changes = []): array => StormTexts::of(TablePlanner::plan(TableScenario::kind($kind)->with($changes)->design(), Depth::Checks));
        self::assertStringContainsString('planned for 105 mph as it stands', $told('timber')[0]);
        self::assertStringContainsString('those at the edges first', $told('timber')[2]);
        $stow = ['up_to_m_per_s' => 22.352, 'sensor' => 'a cup on the barn', 'without_power' => 'a spring does', 'by' => 'E. Sorrel'];
        $proven = $told('pole', ['/table/racking/stow' => $stow]);
        self::assertSame('It is planned tilted for 50 mph and lying flat for 105 mph: a cup on the barn lays it flat, and without power a spring does. See that it lies flat before that wind comes.', $proven[0]);
        // A stow that nobody proved is not counted on.
        self::assertStringContainsString('as it stands', $told('pole', ['/table/racking/stow' => ['sensor' => ''] + $stow])[0]);
        self::assertSame([], StormTexts::of(TablePlanner::plan(TableScenario::of()->with(['/table/soil/kind' => 'fill'])->design(), Depth::Checks)));
    }
}
