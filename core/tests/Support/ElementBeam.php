<?php

declare(strict_types=1);

namespace Garnetine\Core\Tests\Support;

/** A beam of cubic elements, a node at every clamp, foot, splice and hinge; banded elimination. EI is one. */
final class ElementBeam
{
    public bool $stands = true;

    /** @var list<array{float, int, bool}> Place, node, whether it is a splice */
    public array $sections = [];

    /** @var list<float> */
    private array $nodes;

    /** @var list<int> First degree of freedom of each node: v, then θ left, then θ right at a hinge */
    private array $first = [];

    /** @var array<int, array<int, float>> */
    private array $matrix = [];

    private int $size = 0;

    /**
     * @param list<float> $feet
     * @param list<float> $clamps
     * @param list<float> $hinges
     * @param list<float> $splices
     */
    public function __construct(private readonly array $feet, private readonly array $clamps, private readonly array $hinges, array $splices)
    {
        $all = [...$feet, ...$clamps, ...$hinges, ...$splices];
        sort($all);
        $nodes = [];
        foreach ($all as $x) {
            if ($nodes === [] || $x - $nodes[count($nodes) - 1] > 1e-9) {
                $nodes[] = $x;
            }
        }
        $this->nodes = $nodes;
        foreach ($nodes as $i => $x) {
            $this->first[] = $this->size;
            $this->size += $this->isAt($x, $hinges) ? 3 : 2;
            if ($i > 0 && $i < count($nodes) - 1 || $this->isAt($x, $feet)) {
                $this->sections[] = [$x, $i, $this->isAt($x, $splices)];
            }
        }
        $this->assemble();
    }

    /** @param list<float> $places */
    private function isAt(float $x, array $places): bool
    {
        foreach ($places as $place) {
            if (abs($place - $x) <= 1e-9) {
                return true;
            }
        }

        return false;
    }

    /** @return array{int, int, int, int} Degrees of freedom of the element from node i to i + 1 */
    private function dofs(int $i): array
    {
        $hinged = ($this->first[$i + 1] ?? $this->size) - $this->first[$i] === 3;

        return [$this->first[$i], $this->first[$i] + ($hinged ? 2 : 1), $this->first[$i + 1], $this->first[$i + 1] + 1];
    }

    /** @return list<list<float>> */
    private function element(float $l): array
    {
        return [
            [12 / $l ** 3, 6 / $l ** 2, -12 / $l ** 3, 6 / $l ** 2], [6 / $l ** 2, 4 / $l, -6 / $l ** 2, 2 / $l],
            [-12 / $l ** 3, -6 / $l ** 2, 12 / $l ** 3, -6 / $l ** 2], [6 / $l ** 2, 2 / $l, -6 / $l ** 2, 4 / $l],
        ];
    }

    private function assemble(): void
    {
        $a = array_fill(0, $this->size, []);
        for ($i = 0; $i < count($this->nodes) - 1; ++$i) {
            $dofs = $this->dofs($i);
            foreach ($this->element($this->nodes[$i + 1] - $this->nodes[$i]) as $r => $row) {
                foreach ($row as $c => $value) {
                    $a[$dofs[$r]][$dofs[$c]] = ($a[$dofs[$r]][$dofs[$c]] ?? 0.0) + $value;
                }
            }
        }
        foreach ($this->nodes as $i => $x) {
            if ($this->isAt($x, $this->feet)) {
                $a[$this->first[$i]] = [$this->first[$i] => 1.0];
                foreach ($a as $r => $row) {
                    if ($r !== $this->first[$i]) {
                        unset($a[$r][$this->first[$i]]);
                    }
                }
            }
        }
        // LU without pivoting: the matrix is positive definite where the beam stands.
        for ($c = 0; $c < $this->size; ++$c) {
            $pivot = $a[$c][$c] ?? 0.0;
            if ($pivot < 1e-7) {
                $this->stands = false;

                return;
            }
            for ($r = $c + 1; $r < min($this->size, $c + 8); ++$r) {
                if (isset($a[$r][$c])) {
                    $f = $a[$r][$c] / $pivot;
                    foreach ($a[$c] as $k => $value) {
                        if ($k > $c) {
                            $a[$r][$k] = ($a[$r][$k] ?? 0.0) - $f * $value;
                        }
                    }
                    $a[$r][$c] = $f;
                }
            }
        }
        $this->matrix = $a;
    }

    /**
     * @param list<float> $loads At the clamps
     *
     * @return array{moments: array<int, array{float, float}>, reactions: list<float>} Sagging moments left and right of each node
     */
    public function under(array $loads): array
    {
        $b = array_fill(0, $this->size, 0.0);
        $atNode = array_fill(0, count($this->nodes), 0.0);
        foreach ($this->clamps as $c => $x) {
            foreach ($this->nodes as $i => $node) {
                if (abs($node - $x) <= 1e-9) {
                    $atNode[$i] += $loads[$c];
                }
            }
        }
        foreach ($this->nodes as $i => $x) {
            $b[$this->first[$i]] = $this->isAt($x, $this->feet) ? 0.0 : -$atNode[$i];
        }
        for ($r = 0; $r < $this->size; ++$r) {
            for ($c = max(0, $r - 7); $c < $r; ++$c) {
                $b[$r] -= ($this->matrix[$r][$c] ?? 0.0) * $b[$c];
            }
        }
        for ($r = $this->size - 1; $r >= 0; --$r) {
            for ($c = $r + 1; $c < min($this->size, $r + 8); ++$c) {
                $b[$r] -= ($this->matrix[$r][$c] ?? 0.0) * $b[$c];
            }
            $b[$r] /= $this->matrix[$r][$r];
        }
        $forces = $atNode;
        $moments = array_fill(0, count($this->nodes), [0.0, 0.0]);
        for ($i = 0; $i < count($this->nodes) - 1; ++$i) {
            $k = $this->element($this->nodes[$i + 1] - $this->nodes[$i]);
            $u = array_map(static fn (int $dof): float => $b[$dof], $this->dofs($i));
            $f = array_map(static fn (array $row): float => $row[0] * $u[0] + $row[1] * $u[1] + $row[2] * $u[2] + $row[3] * $u[3], $k);
            $forces[$i] += $f[0];
            $forces[$i + 1] += $f[2];
            $moments[$i] = [$moments[$i][0], -$f[1]];
            $moments[$i + 1] = [$f[3], 0.0];
        }
        $reactions = [];
        foreach ($this->nodes as $i => $x) {
            if ($this->isAt($x, $this->feet)) {
                $reactions[] = $forces[$i];
            }
        }

        return ['moments' => $moments, 'reactions' => $reactions];
    }
}
