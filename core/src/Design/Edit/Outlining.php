<?php

declare(strict_types=1);

namespace Garnetine\Core\Design\Edit;

use Garnetine\Core\Design\Design;
use Garnetine\Core\Design\Surface\Corner;
use Garnetine\Core\Design\Surface\EdgeKind;
use Garnetine\Core\Design\Surface\Outline;
use Garnetine\Core\Design\Surface\RoofKind;
use Garnetine\Core\Document\DocumentInvalid;
use Garnetine\Core\Geometry\FromTape;
use Garnetine\Core\Geometry\PointsFile;
use Garnetine\Core\Quantity\Dimension;
use Garnetine\Core\Quantity\QuantityNotUnderstood;
use Garnetine\Core\Quantity\QuantityText;

/**
 * Edits of an outline by its corners: {command: "corners"} begins with the shape as it is; {corner: {index, x_m, y_m}} moves one,
 * {corner: {after}} adds one half-way to the next; {tape: {edges, diagonals, proof}} lays out what was measured, as texts; {points: text} takes
 * a table of corners, or a drawing.
 *
 * @internal
 */
final readonly class Outlining
{
    public function __construct(private Design $design)
    {
    }

    /** @return list<array{x_m: float, y_m: float, edge: string, setback_m: float, overhang_m: float}> The shape as it is, by its corners */
    public function asItIs(): array
    {
        $surface = $this->design->surface;
        $outline = Outline::of($surface);
        $edges = $outline->edges();

        return array_map(static fn (array $corner, array $edge): array => self::entry($corner, $edge[0], $edge[1], $edge[2]), $outline->corners(), $edges);
    }

    /** @return array<string, mixed> By JSON pointer, what changes */
    public function corner(mixed $edit): array
    {
        $outline = $this->design->surface->outline;
        $index = is_array($edit) ? $edit['index'] ?? $edit['after'] ?? null : null;
        if (!is_array($edit) || !is_int($index) || !isset($outline[$index])) {
            throw DocumentInvalid::at('/surface/outline', 'a corner of this outline', is_int($index) ? (string) $index : get_debug_type($index));
        }
        if (array_key_exists('after', $edit)) {
            $next = $outline[($index + 1) % count($outline)];
            $middle = [($outline[$index]->x->toMetres() + $next->x->toMetres()) / 2, ($outline[$index]->y->toMetres() + $next->y->toMetres()) / 2];
            $all = array_map(
                static fn (Corner $one): array => self::entry(
                    [$one->x->toMetres(), $one->y->toMetres()],
                    $one->edge,
                    $one->setback->toMetres(),
                    $one->overhang->toMetres(),
                ),
                $outline,
            );
            array_splice(
                $all,
                $index + 1,
                0,
                [self::entry($middle, $outline[$index]->edge, $outline[$index]->setback->toMetres(), $outline[$index]->overhang->toMetres())],
            );

            return ['/surface/outline' => $all];
        }
        $mark_m = $this->design->units->roofMark_m();
        $place = [];
        foreach (['x_m', 'y_m'] as $key) {
            $value = $edit[$key] ?? null;
            if ((!is_float($value) && !is_int($value)) || !is_finite((float) $value) || abs($value) > 1000) {
                throw DocumentInvalid::at("/surface/outline/$index/$key", 'a number of metres', get_debug_type($value));
            }
            $place["/surface/outline/$index/$key"] = max(0.0, round($value / $mark_m) * $mark_m);
        }

        return $place;
    }

    /** @return list<array<string, mixed>> The corners of what was measured */
    public function taped(mixed $tape): array
    {
        $edges_m = $this->lengths(is_array($tape) ? $tape['edges'] ?? null : null, 'edges');
        $diagonals_m = $this->lengths(is_array($tape) ? $tape['diagonals'] ?? '' : '', 'diagonals');
        $proof_m = $this->lengths(is_array($tape) ? $tape['proof'] ?? '' : '', 'proof');
        if (count($edges_m) < 3 || count($edges_m) > 40) {
            throw DocumentInvalid::at('/surface/outline', 'three to forty edges, from the lower left corner along the eave', (string) count($edges_m));
        }
        if (count($diagonals_m) !== count($edges_m) - 3) {
            throw DocumentInvalid::at(
                '/surface/outline',
                (count($edges_m) - 3).' diagonals for '.count($edges_m).' edges, from the first corner to the third and on',
                (string) count($diagonals_m),
            );
        }
        $corners = FromTape::corners($edges_m, $diagonals_m);
        if (is_int($corners)) {
            throw DocumentInvalid::at('/surface/outline', 'edges and diagonals that reach each other', "none at corner $corners");
        }
        if ($proof_m !== []) {
            $print = $this->design->printer();
            $is_m = hypot($corners[3 % count($corners)][0] - $corners[1][0], $corners[3 % count($corners)][1] - $corners[1][1]);
            if (abs($is_m - $proof_m[0]) > FromTape::CLOSES_M + 1e-9) {
                throw DocumentInvalid::at(
                    '/surface/outline',
                    'a plane that closes: from the second corner to the fourth '.$print->tape($is_m).' by the others',
                    $print->tape($proof_m[0]).', '.$print->length(abs($is_m - $proof_m[0])).' off',
                );
            }
        }

        return $this->outlined($corners, array_fill(0, count($corners), ''));
    }

    /** @return list<array<string, mixed>> The corners that a file tells, see PointsFile */
    public function pointed(mixed $text): array
    {
        if (!is_string($text)) {
            throw DocumentInvalid::at('/surface/outline', 'the text of a table of corners, or of a drawing', get_debug_type($text));
        }
        $found = PointsFile::read($text, '/surface/outline');
        foreach ($found['edges'] as $kind) {
            if ($kind !== '' && EdgeKind::tryFrom($kind) === null) {
                $kinds = implode(', ', array_column(EdgeKind::cases(), 'value'));

                throw DocumentInvalid::at('/surface/outline', "edges of the kinds $kinds", '"'.mb_strimwidth($kind, 0, 40, '…').'"');
            }
        }

        return $this->outlined($found['corners'], $found['edges']);
    }

    /**
     * @param list<array{float, float}> $corners
     * @param list<string> $kinds Of the edges that are told; empty texts of others
     *
     * @return list<array<string, mixed>> With edges as they were, or as they likely are
     */
    private function outlined(array $corners, array $kinds): array
    {
        $before = $this->design->surface->outline === [] ? $this->asItIs() : [];
        $known = $this->design->surface->outline;

        return array_map(function (array $corner, int $index) use ($corners, $kinds, $known, $before): array {
            $next = $corners[($index + 1) % count($corners)];
            $like = count($known) === count($corners) ? $known[$index] : null;
            if ($like !== null && $kinds[$index] === '') {
                return self::entry($corner, $like->edge, $like->setback->toMetres(), $like->overhang->toMetres());
            }
            $kind = EdgeKind::tryFrom($kinds[$index]) ?? $this->guessed($corner, $next);
            $same = array_values(array_filter($before, static fn (array $one): bool => $one['edge'] === $kind->value))[0] ?? null;

            return self::entry($corner, $kind, $same['setback_m'] ?? 0.0, $same['overhang_m'] ?? 0.0);
        }, $corners, array_keys($corners));
    }

    /**
     * @param array{float, float} $from
     * @param array{float, float} $to
     */
    private function guessed(array $from, array $to): EdgeKind
    {
        $isLevel = abs($to[1] - $from[1]) < 0.2 * abs($to[0] - $from[0]);

        return match (true) {
            $isLevel => $to[0] > $from[0] ? EdgeKind::Eave : EdgeKind::Ridge,
            $this->design->surface->roofKind === RoofKind::Hip => EdgeKind::Hip,
            default => EdgeKind::Rake,
        };
    }

    /** @return list<float> */
    private function lengths(mixed $text, string $what): array
    {
        if (!is_string($text) || strlen($text) > 1_000) {
            throw DocumentInvalid::at('/surface/outline', "lengths of $what, with commas between", get_debug_type($text));
        }
        $lengths_m = [];
        foreach (array_filter(array_map(trim(...), explode(',', $text)), static fn (string $one): bool => $one !== '') as $one) {
            try {
                $lengths_m[] = QuantityText::read(Dimension::Length, $one);
            } catch (QuantityNotUnderstood $fault) {
                throw DocumentInvalid::at('/surface/outline', "$what: {$fault->expected}", '"'.$fault->found.'"');
            }
        }
        foreach ($lengths_m as $length_m) {
            if ($length_m < 0.05 || $length_m > 200) {
                throw DocumentInvalid::at('/surface/outline', "$what between 2 in and 650 ft", $this->design->printer()->length($length_m));
            }
        }

        return $lengths_m;
    }

    /**
     * @param array{float, float} $corner
     *
     * @return array{x_m: float, y_m: float, edge: string, setback_m: float, overhang_m: float}
     */
    private static function entry(array $corner, EdgeKind $edge, float $setback_m, float $overhang_m): array
    {
        return ['x_m' => $corner[0], 'y_m' => $corner[1], 'edge' => $edge->value, 'setback_m' => $setback_m, 'overhang_m' => $overhang_m];
    }
}
