<?php

declare(strict_types=1);

namespace Garnetine\Core\Design;

use Garnetine\Core\Covering\ScrewedMetal;
use Garnetine\Core\Covering\SeamedMetal;
use Garnetine\Core\Design\Block\Block;
use Garnetine\Core\Design\Block\Orientation;
use Garnetine\Core\Design\Block\Pattern;
use Garnetine\Core\Design\Block\TiltLegs;
use Garnetine\Core\Design\Kit\Kit;
use Garnetine\Core\Design\Kit\ModuleRating;
use Garnetine\Core\Design\Kit\ModuleSide;
use Garnetine\Core\Design\Kit\ModuleType;
use Garnetine\Core\Design\Kit\RailRelation;
use Garnetine\Core\Design\Signing\Confirmation;
use Garnetine\Core\Design\Signing\OwnCopy;
use Garnetine\Core\Design\Site\Given;
use Garnetine\Core\Design\Site\Site;
use Garnetine\Core\Design\Surface\Fire;
use Garnetine\Core\Design\Surface\FireRoof;
use Garnetine\Core\Design\Surface\MemberKind;
use Garnetine\Core\Design\Surface\Surface;
use Garnetine\Core\Design\Surface\SurveyAnswer;
use Garnetine\Core\Document\Copy;
use Garnetine\Core\Document\Derived;
use Garnetine\Core\Document\Items;
use Garnetine\Core\Document\Keyed;
use Garnetine\Core\Document\Text;
use Garnetine\Core\Quantity\Length;
use Garnetine\Core\Quantity\Printer;
use Garnetine\Core\Quantity\UnitSystem;

/**
 * One surface of a job with its blocks and all that its plan follows from: a part of a Project, with places told from here
 * ("/surface/width_m"). One block is seen as "/block", of "/module"; further ones stand by their ids ("/blocks/north-2").
 */
final readonly class Design
{
    /**
     * @param array<string, SurveyAnswer> $survey By survey item
     * @param list<Confirmation> $confirmations
     * @param list<OwnCopy> $ownCopies Of one value the last counts
     * @param array<string, string> $origins By JSON pointer, where values come from that nobody entered: see Examples
     * @param array<string, string> $asTyped What the user typed, by JSON pointer; never computed with
     * @param array<string, Block> $blocks Further ones on the surface
     * @param array<string, ModuleType> $modules Those that further blocks are of, where it is not $module
     */
    public function __construct(
        #[Text(120, shortest: 1)]
        public string $name,
        public UnitSystem $units,
        public Site $site,
        public Surface $surface,
        public ModuleType $module,
        public Block $block,
        public Kit $kit,
        public Rules $rules,
        public ?Given $given,
        #[Keyed(SurveyAnswer::class, SurveyAnswer::ITEMS, 60)]
        public array $survey,
        #[Items(Confirmation::class, 500)]
        public array $confirmations,
        #[Items(OwnCopy::class, 500)]
        public array $ownCopies,
        #[Keyed(null, null, 400, '/[a-z0-9_/A-Z-]{1,120}', 60)]
        public array $asTyped,
        #[Text(160)]
        public string $client = '',
        #[Text(160)]
        public string $address = '',
        #[Keyed(null, null, 400, '/[a-z0-9_/A-Z-]{1,120}', 20, Examples::ORIGIN)]
        public array $origins = [],
        #[Keyed(Block::class, null, 24, Project::ID)]
        public array $blocks = [],
        #[Keyed(ModuleType::class, null, 20, Project::ID)]
        public array $modules = [],
        public ?Fire $fire = null,
        #[Derived]
        public ?FireRoof $fireRoof = null,
    ) {
    }

    /** @return non-empty-list<BlockPart> The blocks of the surface, each with the design as it is seen from there; the one in view first */
    public function parts(): array
    {
        $parts = [new BlockPart(1, $this, '/block', '/module')];
        foreach ($this->blocks as $id => $block) {
            $parts[] = new BlockPart(
                count($parts) + 1,
                $this->seen($block),
                "/blocks/$id",
                isset($this->modules[$block->module]) ? "/modules/{$block->module}" : '/module',
            );
        }

        return $parts;
    }

    private function seen(Block $block): self
    {
        return Copy::of(
            $this,
            module: $this->modules[$block->module] ?? $this->module,
            block: $block,
            asTyped: [],
            origins: [],
            blocks: [],
            modules: [],
        );
    }

    /** The same design under other rules, with nothing signed. */
    public function under(Rules $rules): self
    {
        return Copy::of($this, rules: $rules, confirmations: [], asTyped: []);
    }

    /** The block in view without the others of its surface. */
    public function alone(): self
    {
        return Copy::of($this, blocks: [], modules: []);
    }

    /** Left and right exchanged: the surface with all on it and the block in view, with nothing typed or decided of what moved. */
    public function mirrored(): self
    {
        $wide = $this->moduleAcross()->times($this->block->columns)->plus($this->block->columnGap->times($this->block->columns - 1));
        $ofSurface = 'outline|framing/own|framing/lap|no_work_\w+|penetrations|snow_features|left_\w+|right_\w+|setbacks/(left|right)_m';
        $moved = "~^/(block/(x_m|left_out|pins|bars)|surface/($ofSurface))\\b~";
        $kept = static fn (string|int $pointer): bool => preg_match($moved, (string) $pointer) === 0;

        return Copy::of(
            $this,
            surface: $this->surface->mirrored(),
            block: $this->block->mirrored($this->surface->width->minus($this->block->x)->minus($wide)),
            asTyped: array_filter($this->asTyped, $kept, ARRAY_FILTER_USE_KEY),
            blocks: [],
            modules: [],
        );
    }

    /** The block in view put beside where it lies, whole, with nothing typed or decided of it: above, below, right or left, where there is room first. */
    public function beside(): self
    {
        $block = $this->block;
        $wide_m = $block->columns * ($this->moduleAcross()->toMetres() + $block->columnGap->toMetres());
        $high_m = $block->rows * ($this->moduleUp()->toMetres() + $block->rowGap->toMetres());
        [$x_m, $y_m, $room_m] = [$block->x->toMetres(), $block->y->toMetres(), Length::ofFeet(1)->toMetres()];
        $places = [[$x_m, $y_m + $high_m + $room_m], [$x_m, $y_m - $high_m - $room_m], [$x_m + $wide_m + $room_m, $y_m], [$x_m - $wide_m - $room_m, $y_m]];
        $fits = array_filter(
            $places,
            fn (array $at): bool => $at[0] >= 0 && $at[1] >= 0 && $at[0] + $wide_m <= $this->surface->width->toMetres()
                && $at[1] + $high_m <= $this->surface->slopeLength->toMetres(),
        );
        [$toX_m, $toY_m] = array_values($fits)[0] ?? $places[0];
        $mark_m = $this->units->roofMark_m();
        $elsewhere = static fn (string|int $pointer): bool => preg_match('~^/block/(x_m|y_m|left_out|pins|bars)\b~', (string) $pointer) === 0;

        return Copy::of(
            $this,
            block: $block->at(Length::ofMetres(round($toX_m / $mark_m) * $mark_m), Length::ofMetres(min(60.0, round($toY_m / $mark_m) * $mark_m))),
            asTyped: array_filter($this->asTyped, $elsewhere, ARRAY_FILTER_USE_KEY),
            origins: array_filter($this->origins, $elsewhere, ARRAY_FILTER_USE_KEY),
            blocks: [],
            modules: [],
        );
    }

    /** A like surface under another name, on which nothing is signed. */
    public function named(string $name): self
    {
        return Copy::of(
            $this,
            surface: $this->surface->named($name),
            confirmations: array_values(array_filter(
                $this->confirmations,
                static fn (Confirmation $one): bool => str_starts_with($one->subject, 'coefficient/'),
            )),
        );
    }

    /** A module along the eave, as it lies. */
    public function moduleAcross(): Length
    {
        return $this->block->orientation === Orientation::Portrait ? $this->module->width : $this->module->length;
    }

    /** A module up the slope, as it lies. */
    public function moduleUp(): Length
    {
        return ($this->block->orientation === Orientation::Portrait ? $this->module->length : $this->module->width)->times($this->slant());
    }

    /** How much steeper its modules are than the roof: nothing but of modules on legs. */
    public function overRoof_rad(): float
    {
        return $this->block->arrangement instanceof TiltLegs ? $this->block->tiltFromRoof->toRadians() : 0.0;
    }

    /** What of a length up a module lies over the roof, square to that. */
    public function slant(): float
    {
        return cos($this->overRoof_rad());
    }

    /** How steep its modules are. */
    public function modulePitch_rad(): float
    {
        return $this->surface->pitch->toRadians() + $this->overRoof_rad();
    }

    /** The face of a module, in m². */
    public function module_m2(): float
    {
        return $this->module->length->toMetres() * $this->module->width->toMetres();
    }

    /** The side of a module that its clamps hold, and its rails cross, or lie under. */
    public function heldSide(): ModuleSide
    {
        $isAcross = !$this->block->arrangement->isUpSlope() && !$this->block->arrangement->liesBetweenRows();

        return ($this->block->orientation === Orientation::Portrait) === $isAcross ? ModuleSide::Long : ModuleSide::Short;
    }

    /**
     * Of the side that is held as it is held, by their place in the module's list; on feet alone the first, for they stand anywhere in its zone
     *
     * @return array<int, ModuleRating>
     */
    public function ratingsHeld(): array
    {
        $relation = match (true) {
            !$this->block->arrangement->hasRails() => RailRelation::AtFeet,
            $this->block->arrangement->liesBetweenRows() => RailRelation::Along,
            default => RailRelation::Crossing,
        };
        $held = array_filter($this->module->ratings, fn (ModuleRating $rating): bool => $rating->side === $this->heldSide() && $rating->relation === $relation
            && $rating->to->toMetres() >= $rating->from->toMetres());

        return $relation === RailRelation::AtFeet ? array_slice($held, 0, 1, true) : $held;
    }

    /** Where a module is held by itself along its rails, from either of its ends; null where neighbours share a clamp. */
    public function clampAt_m(): ?float
    {
        return $this->sharedAt_m() ?? $this->kit->clamp->frameHole?->toMetres();
    }

    /**
     * Where a module is clamped along its held sides, from either of its ends, on feet alone in the mean; null on rails that cross them, and where no
     * such rating is entered.
     */
    public function sharedAt_m(): ?float
    {
        $zone = $this->block->arrangement->liesBetweenRows() ? array_values($this->ratingsHeld())[0] ?? null : null;

        return $zone === null ? null : ($zone->from->toMetres() + $zone->to->toMetres()) / 2;
    }

    /** Whether any block of the surface has rails. */
    public function hasRails(): bool
    {
        return array_filter($this->parts(), static fn (BlockPart $part): bool => $part->design->block->arrangement->hasRails()) !== [];
    }

    /** A module as far as it reaches from rail to rail: up the slope, or along the eave where rails run up. */
    public function moduleBeside(): Length
    {
        return $this->block->arrangement->isUpSlope() ? $this->moduleAcross() : $this->moduleUp();
    }

    /** A module along its rails. */
    public function moduleAlong(): Length
    {
        return $this->block->arrangement->isUpSlope() ? $this->moduleUp() : $this->moduleAcross();
    }

    /** Whether feet hold in the deck, where no member is known under it. */
    public function onDeck(): bool
    {
        return $this->surface->framing->kind === MemberKind::DeckOnly;
    }

    /** @return list<array{float, float}> The fasteners of a foot: how far each is aside of the first, and how far up the slope, in metres */
    public function holesEach(): array
    {
        $inDeck = $this->onDeck() ? $this->kit->foot->missed(true)?->deckHoles : null;

        return $inDeck ?? array_map(static fn (float $above_m): array => [0.0, $above_m], $this->kit->foot->holes());
    }

    /** How many fasteners so many feet take, of which some are the stronger ones of edge zones. */
    public function screws(int $feet, int $strong): int
    {
        return ($feet - $strong) * count($this->holesEach()) + $strong * ($this->kit->edgeFoot->screws ?? 0);
    }

    /** Whether feet of neighbouring rails keep off each other's members: rails on purlins each have one of their own. */
    public function isStaggered(): bool
    {
        return $this->rules->pattern === Pattern::Staggered && !$this->surface->framing->kind->runAcross() && !$this->onDeck();
    }

    /** From one place for a foot to the next along a rail: members up the slope, ribs over purlins, or seams. */
    public function standSpacing(): Length
    {
        $covering = $this->surface->covering;

        return match (true) {
            $covering instanceof ScrewedMetal && $this->block->arrangement->standsUpSlope() => $covering->space(),
            $covering instanceof ScrewedMetal && $this->surface->framing->kind->runAcross() => $covering->ribPitch,
            $covering instanceof SeamedMetal => $covering->seamPitch,
            default => $this->surface->framing->spacing,
        };
    }

    /**
     * Where across a module its rails may lie, from its lower end, of rails up the slope from its left side: the clamp zones of the side
     * that is held, in the nearer or the further half.
     *
     * @return list<array{float, float}> From and to, in metres; from is past to where a zone leaves nothing
     */
    public function railZones_m(bool $isUpper): array
    {
        [$length_m, $slant] = [$this->moduleBeside()->toMetres(), $this->slant()];
        $zones = [];
        // One between rows lies in the middle of the gap.
        $beside_m = $this->block->arrangement->liesBetweenRows() ? $this->block->rowGap->toMetres() / 2 : null;
        foreach ($this->ratingsHeld() as $rating) {
            [$from_m, $to_m] = $beside_m !== null ? [-$beside_m, -$beside_m] : [
                $rating->from->toMetres() * $slant, min($rating->to->toMetres() * $slant, $length_m / 2),
            ];
            $zones[] = $isUpper ? [$length_m - $to_m, $length_m - $from_m] : [$from_m, $to_m];
        }

        return $zones;
    }

    /**
     * What feet along a rail are counted by, as a kind of member says: of feet under rails up the slope what these cross
     *
     * @return 'member'|'rib'|'seam'|'purlin'|'course'|'place'
     */
    public function stand(): string
    {
        $covering = $this->surface->covering;

        return match (true) {
            $this->onDeck() => 'place',
            !$this->block->arrangement->standsUpSlope() => $covering->stand(),
            $covering instanceof ScrewedMetal => 'purlin',
            default => 'course',
        };
    }

    public function printer(): Printer
    {
        return new Printer($this->units, $this->rules->inchesOnly);
    }
}
