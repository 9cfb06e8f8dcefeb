<?php

declare(strict_types=1);

namespace Garnetine\Core\Ground\Piles;

use Garnetine\Core\Design\Ground\Racking\PileSection;
use Garnetine\Core\Design\Ground\Racking\PullTests;
use Garnetine\Core\Design\Ground\TableDesign;
use Garnetine\Core\Finding\Code;
use Garnetine\Core\Finding\Finding;
use Garnetine\Core\Ground\ConcretePosts;
use Garnetine\Core\Ground\PostInGround;
use Garnetine\Core\Ground\Steps;
use Garnetine\Core\Ground\TableCheck;
use Garnetine\Core\Ground\TablePost;
use Garnetine\Core\Ground\Tested;
use Garnetine\Core\Ground\TestedPile;
use Garnetine\Core\Load\Coefficients;
use Garnetine\Core\Load\Printed;
use Garnetine\Core\Quantity\Length;

/** Piles or ground screws that go in as deep as they were tested, in however many rows: what they are asked and how they are driven. */
final readonly class DrivenPiles
{
    public function __construct(
        private TableDesign $design,
        private PileSection $pile,
        private Length $adjusts,
        private PullTests $tests,
        private Coefficients $coefficients,
    ) {
    }

    /**
     * @param array<string, PileSection> $sections By their key
     *
     * @return list<Finding>
     */
    public static function unknown(array $sections): array
    {
        $findings = [];
        foreach ($sections as $key => $section) {
            array_push($findings, ...$section->isKnown() ? [] : [Finding::of(Code::SectionUnknown, "/table/racking/$key", ['section' => $section->name])]);
        }

        return $findings;
    }

    /**
     * @param list<non-empty-list<float>> $rows_m Heights of the heads over the ground, by row
     *
     * @return list<Finding>
     */
    public function asked(int $piles, array $rows_m): array
    {
        return [
            ...Tested::asked($this->tests, false, $piles),
            ...Tested::aboveFrost($this->design, $this->tests),
            ...$this->outOfReach($rows_m),
        ];
    }

    /**
     * @param list<non-empty-list<float>> $rows_m
     *
     * @return list<Finding> Heads that cannot be brought to one height where all piles are as long and go in as deep
     */
    private function outOfReach(array $rows_m): array
    {
        $reach_m = 2 * $this->adjusts->toMetres();
        foreach ($rows_m as $heights_m) {
            $apart_m = max($heights_m) - min($heights_m);
            if (Printed::over($apart_m, $reach_m)) {
                return [Finding::of(Code::HeadsOutOfReach, '/table/racking/adjusts_m', ['apart_m' => $apart_m, 'reach_m' => $reach_m])];
            }
        }

        return [];
    }

    /** @param list<string> $heightFrom Where it was entered how high the heads are */
    public function foundation(array $heightFrom): TestedPile
    {
        return new TestedPile(
            PostInGround::of($this->design->table, $this->coefficients, $heightFrom, $this->pile->width->toMetres()),
            $this->tests->embedment->toMetres(),
            Tested::bears_N($this->tests, true) ?? 0.0,
            Tested::bears_N($this->tests, false),
            $this->tests->sidewaysAt?->toMetres() ?? 0.0,
        );
    }

    /**
     * What is told of all of them alike, and what another formula says of those that are held sideways by the code's.
     *
     * @param list<TableCheck> $checks
     * @param string $heightAt Where it was entered how high the heads are
     *
     * @return list<Finding>
     */
    public function told(array $checks, string $heightAt): array
    {
        return [
            ...ConcretePosts::assumed($this->design, $heightAt, '/table/racking/pile/second_moment_m4'),
            Finding::of(Code::PressedAsPulled, '/table/racking/tests/each'),
            ...Tested::bears_N($this->tests, false) === null ? $this->byBroms($checks) : [],
        ];
    }

    /**
     * @param list<TableCheck> $checks
     *
     * @return list<Finding> Of the pile of which most is asked; none where the report has no strength of the ground
     */
    private function byBroms(array $checks): array
    {
        $report = $this->design->table->soil->report;
        if ($report === null) {
            return [];
        }
        [$most, $worst] = [0.0, null];
        foreach ($checks as $check) {
            [$depth_m, $height_m] = [$check->values['depth_m'] ?? null, $check->values['height_m'] ?? null];
            if ($check->what !== 'sideways' || !is_float($depth_m) || !is_float($height_m)) {
                continue;
            }
            $allows_N = Broms::allows_N($report, $this->coefficients, $this->pile->width->toMetres(), $depth_m, abs($height_m));
            if ($allows_N !== null && $check->demand_si / max($allows_N, 1e-6) > $most) {
                $most = $check->demand_si / max($allows_N, 1e-6);
                $worst = [
                    'place' => $check->place, 'demand_N' => $check->demand_si, 'capacity_N' => $check->capacity_si, 'allows_N' => $allows_N,
                    'height_m' => abs($height_m),
                ];
            }
        }

        return $worst === null ? [] : [Finding::of(Printed::over($most, 1.0) ? Code::BromsLess : Code::BromsBeside, '/table/soil/report', $worst)];
    }

    /**
     * @param non-empty-list<TablePost> $posts
     *
     * @return list<array{code: string, values: array<string, float|int|string>, cautions: list<string>}>
     */
    public function steps(array $posts): array
    {
        return [
            Steps::one(
                'drive',
                ['posts' => count($posts), 'depth_m' => $posts[0]->depth_m, 'adjusts_m' => $this->adjusts->toMetres()],
                'driver',
                'auger',
            ),
            Steps::one('driven', ['document' => $this->tests->document === '' ? '–' : $this->tests->document]),
        ];
    }
}
