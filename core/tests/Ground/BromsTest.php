<?php

declare(strict_types=1);

namespace Garnetine\Core\Tests\Ground;

use Garnetine\Core\Design\Ground\Racking\PileRow;
use Garnetine\Core\Design\Ground\Racking\PileTable;
use Garnetine\Core\Design\Typical;
use Garnetine\Core\Finding\Finding;
use Garnetine\Core\Ground\Piles\Broms;
use Garnetine\Core\Ground\TableCheck;
use Garnetine\Core\Message\Texts;
use Garnetine\Core\Plan\Depth;
use Garnetine\Core\Plan\TablePlan;
use Garnetine\Core\Plan\TablePlanner;
use Garnetine\Core\Tests\Support\TableScenario;
use PHPUnit\Framework\TestCase;

/** Source: Broms 1964, short piles, free head; recalled. */
final class BromsTest extends TestCase
{
    private const FT = 0.3048;
    private const LB = 4.4482216152605;
    private const PSF = 47.880258980336;

    public function test_the_worked_piles(): void
    {
        $clay_N = Broms::inClay_N(1000 * self::PSF, 0.5 * self::FT, 6 * self::FT, 3 * self::FT);
        $sand_N = Broms::inSand_N(deg2rad(30), 110 * self::PSF / self::FT, 0.5 * self::FT, 6 * self::FT, 3 * self::FT);
        self::assertEqualsWithDelta([4674.0, 1980.0], [$clay_N / self::LB, $sand_N / self::LB], 0.5);
        self::assertSame(0.0, Broms::inClay_N(5e4, 0.2, 0.3, 1.0));
    }

    /** f, g and the greatest moment as they are printed, and the moment about the head of the push by slices of sand. */
    public function test_what_holds_a_pile_balances_it(): void
    {
        mt_srand(11);
        for ($try = 0; $try < 50; ++$try) {
            [$shear_Pa, $wide_m, $depth_m, $height_m] = [mt_rand(10, 200) * 1e3, mt_rand(5, 40) / 100, mt_rand(80, 350) / 100, mt_rand(0, 300) / 100];
            $push_N = Broms::inClay_N($shear_Pa, $wide_m, $depth_m, $height_m);
            $f_m = $push_N / (9 * $shear_Pa * $wide_m);
            $g_m = $depth_m - 1.5 * $wide_m - $f_m;
            self::assertEqualsWithDelta(1.0, $push_N * ($height_m + 1.5 * $wide_m + 0.5 * $f_m) / (2.25 * $wide_m * $g_m ** 2 * $shear_Pa), 1e-9);
            $turns_Nm = 0.0;
            for ($slice = 0; $slice < 1000; ++$slice) {
                $down_m = ($slice + 0.5) * $depth_m / 1000;
                $turns_Nm += 3 * 3.0 * 18e3 * $down_m * $wide_m * $depth_m / 1000 * ($depth_m - $down_m);
            }
            self::assertEqualsWithDelta(1.0, Broms::inSand_N(deg2rad(30), 18e3, $wide_m, $depth_m, $height_m) * ($height_m + $depth_m) / $turns_Nm, 1e-5);
        }
    }

    public function test_it_is_told_beside_the_code_of_the_pile_of_which_most_is_asked(): void
    {
        $tests = ['/table/racking/tests/each' => array_fill(0, 3, ['up_N' => 2.1e4, 'sideways_N' => null])];
        $report = static fn (?float $shear_Pa, ?float $friction_deg = null): array => ['/table/soil/report' => [
            'document' => 'Borings 4', 'by' => 'E. Sorrel', 'bearing_Pa' => 9e4, 'lateral_Pa' => 6e3, 'shear_strength_Pa' => $shear_Pa,
            'friction_angle_rad' => $friction_deg === null ? null : deg2rad($friction_deg),
        ] + Typical::entry('/table/soil/report', [])];
        foreach (['piles', 'row'] as $kind) {
            /** @return array{string, array<string, float|int|string>, string, TablePlan} */
            $told = static function (array $changes) use ($kind, $tests): array {
                $plan = TablePlanner::plan(TableScenario::kind($kind)->with($changes + $tests)->design(), Depth::Checks);
                $found = array_values(array_filter($plan->findings, static fn (Finding $finding): bool => str_starts_with($finding->code->value, 'broms_')));

                return [$found === [] ? '' : $found[0]->code->value, $found === [] ? [] : $found[0]->values, $found === [] ? '' : Texts::of($plan->design)->finding($found[0]), $plan];
            };
            [$code, $one, $text, $plan] = $told($report(2e5));
            $check = $plan->checks["posts/{$one['place']}/sideways"];
            $pushes = array_filter($plan->checks, static fn (TableCheck $one): bool => $one->what === 'sideways');
            self::assertSame(['broms_beside', $check->demand_si, $check->capacity_si], [$code, $one['demand_N'], $one['capacity_N']]);
            self::assertGreaterThanOrEqual(max([0.0, ...array_map(static fn (TableCheck $one): float => $one->ratio, array_values($pushes))]) - 1e-9, $check->ratio);
            $racking = $plan->design->table->racking;
            self::assertTrue($racking instanceof PileTable || $racking instanceof PileRow);
            [$wide_m, $depth_m, $height_m] = [$racking->pile->width->toMetres(), (float) $check->values['depth_m'], abs((float) $check->values['height_m'])];
            self::assertEqualsWithDelta(Broms::inClay_N(2e5, $wide_m, $depth_m, $height_m) / 3, $one['allows_N'], 1e-6);
            // The less of both; a warning where that is less than what pushes.
            [$code, $both] = $told($report(2e5, 20.1));
            self::assertEqualsWithDelta(Broms::inSand_N(deg2rad(20.1), 110 * self::PSF / self::FT, $wide_m, $depth_m, $height_m) / 3, $both['allows_N'], 1e-3);
            self::assertSame($both['allows_N'] < $both['demand_N'] ? 'broms_less' : 'broms_beside', $code);
            [$code, , $text] = $told($report(2e3));
            self::assertSame('broms_less', $code);
            self::assertStringContainsString('less than the', $text);
            // Nothing is said where nothing is known, or where piles were pulled sideways.
            self::assertSame('', $told($report(null))[0]);
            self::assertSame('', $told(['/table/racking/tests/each' => array_fill(0, 3, ['up_N' => 2.1e4, 'sideways_N' => 9e3])] + $report(2e3))[0]);
        }
    }
}
