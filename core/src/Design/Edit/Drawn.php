<?php

declare(strict_types=1);

namespace Garnetine\Core\Design\Edit;

use Garnetine\Core\Design\Block\Bar;
use Garnetine\Core\Design\Block\Cell;
use Garnetine\Core\Design\Block\Pin;
use Garnetine\Core\Design\Design;
use Garnetine\Core\Design\Kit\ExampleRail;
use Garnetine\Core\Design\Surface\NoWorkCircle;
use Garnetine\Core\Design\Surface\NoWorkRectangle;
use Garnetine\Core\Design\Typical;
use Garnetine\Core\Document\DocumentInvalid;
use Garnetine\Core\Document\Writer;

/**
 * Changes made with the hand on the sheet: modules in and out, the block moved or centred, no-work areas drawn, moved and sized.
 *
 * What a hand draws has no grain: places come in metres and are brought to the marks of the job's tape here.
 *
 * @internal
 */
final readonly class Drawn
{
    /** The least side of an area that a hand can draw. */
    private const LEAST_M = 0.05;

    private float $mark_m;

    private function __construct(private Design $design)
    {
        $this->mark_m = $design->units->roofMark_m();
    }

    /** @param array<mixed> $edit */
    public static function is(array $edit): bool
    {
        return in_array($edit['command'] ?? null, ['centre', 'rail', 'corners'], true)
            || array_intersect(['toggle', 'move', 'area', 'pin', 'bar', 'corner', 'tape', 'points'], array_keys($edit)) !== [];
    }

    /**
     * The places that a drawn edit changes, with their new values.
     *
     * @param array<mixed> $edit
     *
     * @return array<string, mixed> By JSON pointer
     */
    public static function changes(Design $design, array $edit): array
    {
        $drawn = new self($design);

        return match (true) {
            isset($edit['toggle']) => $drawn->toggled($edit['toggle']),
            isset($edit['move']) => $drawn->moved($edit['move']),
            isset($edit['area']) => $drawn->area($edit['area']),
            isset($edit['pin']) => $drawn->pinned($edit['pin']),
            isset($edit['bar']) => $drawn->barred($edit['bar']),
            isset($edit['corner']) => (new Outlining($design))->corner($edit['corner']),
            isset($edit['points']) => ['/surface/outline' => (new Outlining($design))->pointed($edit['points'])],
            isset($edit['tape']) => ['/surface/outline' => (new Outlining($design))->taped($edit['tape'])],
            ($edit['command'] ?? null) === 'corners' => ['/surface/outline' => (new Outlining($design))->asItIs()],
            ($edit['command'] ?? null) === 'rail' => self::exampleRail($edit['rail'] ?? null),
            default => $drawn->centred(),
        };
    }

    /** @return array<string, mixed> */
    private function toggled(mixed $cell): array
    {
        $block = $this->design->block;
        $row = is_array($cell) ? $cell['row'] ?? null : null;
        $column = is_array($cell) ? $cell['column'] ?? null : null;
        if (!is_int($row) || !is_int($column) || $row < 1 || $column < 1 || $row > $block->rows || $column > $block->columns) {
            throw DocumentInvalid::at('/block/left_out', 'row and column of a module of the block', json_encode($cell) ?: 'something else');
        }
        $others = array_values(array_filter($block->leftOut, static fn (Cell $other): bool => $other->row !== $row || $other->column !== $column));
        $out = array_map(static fn (Cell $other): array => ['row' => $other->row, 'column' => $other->column], $others);

        return ['/block/left_out' => count($others) < count($block->leftOut) ? $out : [...$out, ['row' => $row, 'column' => $column]]];
    }

    /**
     * A foot pinned where a line crosses a member, or let go; a bar there gives way to it.
     *
     * @return array<string, mixed>
     */
    private function pinned(mixed $crossing): array
    {
        [$line, $member] = self::crossing($crossing, '/block/pins');
        $others = array_values(array_filter($this->design->block->pins, static fn (Pin $pin): bool => $pin->line !== $line || $pin->member !== $member));
        $bars = array_values(
            array_filter($this->design->block->bars, static fn (Bar $bar): bool => $bar->member !== $member || ($bar->line ?? $line) !== $line),
        );
        $pins = array_map(Writer::toArray(...), $others);

        return [
            '/block/pins' => count($others) < count($this->design->block->pins) ? $pins : [...$pins, ['line' => $line, 'member' => $member]],
            '/block/bars' => array_map(Writer::toArray(...), $bars),
        ];
    }

    /**
     * A member that takes no foot on a line, or does again; a pin there gives way to it.
     *
     * @return array<string, mixed>
     */
    private function barred(mixed $crossing): array
    {
        [$line, $member] = self::crossing($crossing, '/block/bars');
        $others = array_values(
            array_filter($this->design->block->bars, static fn (Bar $bar): bool => $bar->member !== $member || ($bar->line ?? $line) !== $line),
        );
        $pins = array_values(array_filter($this->design->block->pins, static fn (Pin $pin): bool => $pin->line !== $line || $pin->member !== $member));
        $bars = array_map(Writer::toArray(...), $others);

        return [
            '/block/bars' => count($others) < count($this->design->block->bars) ? $bars : [...$bars, ['member' => $member, 'line' => $line]],
            '/block/pins' => array_map(Writer::toArray(...), $pins),
        ];
    }

    /** @return array<string, mixed> */
    private static function exampleRail(mixed $name): array
    {
        $rail = is_string($name) ? ExampleRail::tryFrom($name) : null;

        return $rail?->changes() ?? throw DocumentInvalid::at(
            '/kit/rail',
            'light, standard or heavy',
            mb_strimwidth(json_encode($name) ?: 'something else', 0, 60, '…'),
        );
    }

    /** @return array{string, int} */
    private static function crossing(mixed $crossing, string $path): array
    {
        $line = is_array($crossing) ? $crossing['line'] ?? null : null;
        $member = is_array($crossing) ? $crossing['member'] ?? null : null;
        if (!is_string($line) || !is_int($member) || preg_match('/^[A-Z]{1,2}\z/', $line) !== 1 || $member < 1) {
            throw DocumentInvalid::at($path, 'a line and the number of a member', mb_strimwidth(json_encode($crossing) ?: 'something else', 0, 60, '…'));
        }

        return [$line, $member];
    }

    /**
     * The block's lower left corner to a place.
     *
     * @return array<string, mixed>
     */
    private function moved(mixed $to): array
    {
        return ['/block/x_m' => $this->metres($to, 'x_m', '/block/x_m', 0.0), '/block/y_m' => $this->metres($to, 'y_m', '/block/y_m', 0.0)];
    }

    /**
     * Equal margins to both rakes, to the sixteenth or the millimetre.
     *
     * @return array<string, mixed>
     */
    private function centred(): array
    {
        $design = $this->design;
        $block_m = $design->block->columns * $design->moduleAcross()->toMetres()
            + ($this->design->block->columns - 1) * $this->design->block->columnGap->toMetres();
        $step_m = $design->units->cut_m();

        return ['/block/x_m' => round(($design->surface->width->toMetres() - $block_m) / 2 / $step_m) * $step_m];
    }

    /**
     * An area by the box around it: {id, round, x_m, y_m, width_m, height_m}; without an id it is a new one.
     *
     * @return array<string, mixed>
     */
    private function area(mixed $box): array
    {
        $isRound = is_array($box) && ($box['round'] ?? false) === true;
        $list = $isRound ? '/surface/no_work_circles' : '/surface/no_work_rectangles';
        $areas = $isRound ? $this->design->surface->noWorkCircles : $this->design->surface->noWorkRectangles;
        $id = is_array($box) ? $box['id'] ?? null : null;
        $width_m = $this->metres($box, 'width_m', $list, self::LEAST_M);
        $height_m = $isRound ? $width_m : $this->metres($box, 'height_m', $list, self::LEAST_M);
        $half_m = $isRound ? $width_m / 2 : 0.0;
        $size = [
            'x_m' => $this->metres($box, 'x_m', $list, 0.0) + $half_m, 'y_m' => $this->metres($box, 'y_m', $list, 0.0) + $half_m,
        ] + ($isRound ? ['diameter_m' => $width_m] : ['width_m' => $width_m, 'height_m' => $height_m]);
        if ($id === null) {
            return [
                $list => [
                    ...array_map(Writer::toArray(...), $areas),
                    $size + Typical::entry($list, array_map(static fn (NoWorkRectangle|NoWorkCircle $one): string => $one->id, $areas)),
                ],
            ];
        }
        foreach ($areas as $index => $area) {
            if ($area->id === $id) {
                $changes = [];
                foreach ($size as $key => $value_m) {
                    $changes["$list/$index/$key"] = $value_m;
                }

                return $changes;
            }
        }
        throw DocumentInvalid::at($list, 'an area of this design', is_string($id) ? '"'.mb_strimwidth($id, 0, 40).'"' : get_debug_type($id));
    }

    private function metres(mixed $from, string $key, string $path, float $least_m): float
    {
        $value = is_array($from) ? $from[$key] ?? null : null;
        if ((!is_float($value) && !is_int($value)) || !is_finite((float) $value) || abs($value) > 1000) {
            throw DocumentInvalid::at(
                $path,
                "$key, a number of metres",
                is_scalar($value) ? mb_strimwidth(var_export($value, true), 0, 40) : get_debug_type($value),
            );
        }

        return max(ceil($least_m / $this->mark_m) * $this->mark_m, round($value / $this->mark_m) * $this->mark_m);
    }
}
