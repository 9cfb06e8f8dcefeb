<?php

declare(strict_types=1);

namespace Garnetine\Core\Ground\TwoRows;

use Garnetine\Core\Design\Ground\Racking\Brace;
use Garnetine\Core\Finding\Code;
use Garnetine\Core\Finding\Finding;
use Garnetine\Core\Ground\Holding;
use Garnetine\Core\Ground\Materials;
use Garnetine\Core\Ground\Most;
use Garnetine\Core\Ground\PostPlace;
use Garnetine\Core\Ground\Steps;
use Garnetine\Core\Ground\TableCase;
use Garnetine\Core\Ground\TableCheck;
use Garnetine\Core\Quantity\Printer;

/** The braces of a table, one at each front post. */
final readonly class Bracing
{
    private const AT = '/table/racking/brace';

    public function __construct(private Brace $brace, private TableShape $shape)
    {
    }

    /** @return list<Finding> */
    public function asked(): array
    {
        $findings = [...Holding::missing($this->brace->pull, self::AT.'/pull_N'), ...Holding::missing($this->brace->push, self::AT.'/push_N')];
        $ends = ['front_at_m' => [$this->brace->frontAt, $this->shape->front_m], 'rear_at_m' => [$this->brace->rearAt, $this->shape->rear_m]];
        foreach ($ends as $key => [$at, $posts_m]) {
            array_push($findings, ...$at->toMetres() <= min($posts_m) + 1e-9 ? [] : [
                Finding::of(Code::BraceOffPost, self::AT."/$key", ['at_m' => $at->toMetres(), 'post_m' => min($posts_m)]),
            ]);
        }

        return $findings;
    }

    /**
     * @param list<TableCase> $cases
     *
     * @return list<TableCheck> Of each brace, pulled and pressed
     */
    public function checks(array $cases): array
    {
        $checks = [];
        foreach (array_keys($this->shape->posts_m) as $post) {
            foreach ([
                'brace_pull' => [1, $this->brace->pull, 'pull_N'], 'brace_push' => [-1, $this->brace->push, 'push_N'],
            ] as $what => [$sign, $bears, $key]) {
                $most = Most::of($cases, static fn (TableCase $case): float => $sign * ($case->braces[$post] ?? 0.0));
                $id = PostPlace::name($post, 1);
                array_push($checks, ...$most === null ? [] : Holding::force($what, $id, max(0.0, $most->value), $bears, $most->case, self::AT."/$key"));
            }
        }

        return $checks;
    }

    /** @return non-empty-array<string, array{float, float, float, float}> By column of posts, seen from the end of the row, as TableSide has them */
    public function struts(): array
    {
        $struts = [];
        $edge_m = max($this->shape->frontGround_m) + $this->shape->lowEdge_m;
        foreach ($this->shape->front_m as $post => $_) {
            $struts[rtrim(PostPlace::name($post, 1), '1')] = [
                $this->shape->frontAt_m(), $this->shape->frontGround_m[$post] + $this->brace->frontAt->toMetres() - $edge_m,
                $this->shape->frontAt_m() + $this->shape->between_m, $this->shape->rearGround_m[$post] + $this->brace->rearAt->toMetres() - $edge_m,
            ];
        }

        return $struts;
    }

    /** Of the longest, from bolt to bolt. */
    private function long_m(): float
    {
        return max(array_map(static fn (array $strut): float => hypot($strut[2] - $strut[0], $strut[3] - $strut[1]), $this->struts()));
    }

    /** @return array{item: string, name: string, count: int, document: string} */
    public function material(Printer $printer): array
    {
        $name = "{$this->brace->name}, {$printer->length($this->long_m())} from bolt to bolt";

        return Materials::item('brace', $name, count($this->shape->posts_m), $this->brace->document);
    }

    /** @return array{code: string, values: array<string, float|int|string>, cautions: list<string>} */
    public function step(): array
    {
        return Steps::one('braces', [
            'braces' => count($this->shape->posts_m), 'front_m' => $this->brace->frontAt->toMetres(), 'rear_m' => $this->brace->rearAt->toMetres(),
            'long_m' => $this->long_m(),
        ]);
    }
}
