<?php

declare(strict_types=1);

namespace Garnetine\Core\Under;

use Garnetine\Core\Attachment\RunPlan;
use Garnetine\Core\Design\Block\HangsOn;
use Garnetine\Core\Design\BlockPart;
use Garnetine\Core\Design\Design;
use Garnetine\Core\Design\Kit\FrameKind;
use Garnetine\Core\Design\YesNo;
use Garnetine\Core\Finding\Code;
use Garnetine\Core\Finding\Finding;
use Garnetine\Core\Layout\Placement;
use Garnetine\Core\Quantity\Length;

/** What is under the modules of a surface besides what carries them. */
final readonly class Beneath
{
    /**
     * @param list<Box> $boxes
     * @param list<array{block: int, row: int, string: int, from: int, to: int, modules: int}> $strings
     */
    private function __construct(private Design $design, public array $boxes, public array $strings, public ?EarthPaths $earth)
    {
    }

    /**
     * Nothing where the kit has neither boxes nor lugs.
     *
     * @param list<array{BlockPart, Placement}> $blocks
     * @param list<RunPlan> $plans All rails, with their feet
     */
    public static function of(Design $design, array $blocks, array $plans): ?self
    {
        [$under, $bonding] = [$design->kit->under, $design->kit->bonding];
        if ($under === null && $bonding === null) {
            return null;
        }
        $boxes = $strings = [];
        $frames = 0;
        foreach ($blocks as [$part, $placement]) {
            // On feet alone clamps join what lies above them to what lies below, but nothing joins columns.
            $isJoined = $bonding?->clampsBond === YesNo::Yes && $part->design->block->arrangement->hasRails();
            $frames += $isJoined || $part->design->module->frame === FrameKind::Frameless ? 0 : $placement->count;
            array_push($boxes, ...$under === null ? [] : Hanging::of($under, $part, $placement, $plans));
            array_push($strings, ...$under === null ? [] : Strings::of($under, $part->number, $placement));
        }

        $box = $under->length ?? Length::ofSi(0.0);

        return new self($design, $boxes, $strings, $bonding === null ? null : EarthPaths::of($bonding, $plans, $boxes, $box, $frames));
    }

    /** @return list<array{kind: 'box'|'lug', at_m: float}> What hangs on a rail or is set to it, by the rail's name, with its place along it */
    public function on(string $rail): array
    {
        $boxes = array_filter($this->boxes, static fn (Box $box): bool => $box->run?->id === $rail);
        $lugs = array_filter($this->earth->lugs ?? [], static fn (array $lug): bool => $lug['run']->id === $rail);

        return [
            ...array_map(static fn (Box $box): array => ['kind' => 'box', 'at_m' => $box->at_m], array_values($boxes)),
            ...array_map(static fn (array $lug): array => ['kind' => 'lug', 'at_m' => $lug['at_m']], array_values($lugs)),
        ];
    }

    /** @return list<Finding> */
    public function findings(): array
    {
        return [...$this->boxFindings(), ...$this->earthFindings()];
    }

    /** @return list<Finding> */
    private function boxFindings(): array
    {
        $under = $this->design->kit->under;
        $none = [];
        $without = $under?->hangsOn === HangsOn::Frame ? [] : array_filter($this->boxes, static fn (Box $box): bool => $box->run === null);
        foreach ($without as $box) {
            array_push($none, ...array_unique(["{$box->first->row}.{$box->first->column}", "{$box->last->row}.{$box->last->column}"]));
        }
        $findings = $under === null || $none === [] ? [] : [
            Finding::of(Code::UnderNoRoom, '/kit/under/length_m', [
                'name' => $under->name, 'modules' => implode(', ', array_slice($none, 0, 12)).(count($none) > 12 ? ' …' : ''),
            ]),
        ];
        $short = array_filter($this->strings, static fn (array $string): bool => $string['modules'] < ($under->stringLeast ?? 0));
        foreach (array_slice(array_values($short), 0, 1) as $string) {
            $findings[] = Finding::of(Code::StringShort, '/kit/under/string_least', [
                'row' => $string['row'], 'modules' => $string['modules'], 'least' => $under->stringLeast ?? 0, 'strings' => count($short),
            ]);
        }

        return $findings;
    }

    /** @return list<Finding> */
    private function earthFindings(): array
    {
        $bonding = $this->design->kit->bonding;
        if ($bonding === null || $this->earth === null) {
            return [];
        }
        $broken = array_values(array_unique(array_map(static fn (array $splice): string => $splice['run']->id, $this->earth->broken)));

        return [
            ...trim($bonding->document) === '' ? [Finding::of(Code::BondingUndocumented, '/kit/bonding/document', ['lug' => $bonding->name])] : [],
            ...$bonding->metal->eatsAluminium() ? [Finding::of(Code::CopperOnAluminium, '/kit/bonding/metal', ['lug' => $bonding->name])] : [],
            ...$broken === [] ? [] : [
                Finding::of(
                    Code::BondBroken,
                    '/kit/bonding/splices_bond',
                    ['splices' => count($this->earth->broken), 'runs' => implode(', ', array_slice($broken, 0, 12))],
                ),
            ],
            Finding::of(Code::BondingToSign, '/kit/bonding/name', [
                'lugs' => count($this->earth->lugs), 'jumpers' => count($this->earth->jumpers), 'frames' => $this->earth->frames,
            ]),
        ];
    }
}
