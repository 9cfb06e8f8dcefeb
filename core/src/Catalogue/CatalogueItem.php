<?php

declare(strict_types=1);

namespace Garnetine\Core\Catalogue;

use Garnetine\Core\Design\Design;
use Garnetine\Core\Design\Edit\Edits;
use Garnetine\Core\Document\CanonicalJson;
use Garnetine\Core\Document\DocumentInvalid;
use Garnetine\Core\Document\Fault;
use Garnetine\Core\Document\Writer;

/** One item of a catalogue: the values of a part of a design, as its maker's document gives them. */
final readonly class CatalogueItem
{
    /** @param array<string, mixed> $values By key, as in a design's document */
    private function __construct(public CataloguePart $part, public string $name, public array $values)
    {
    }

    /**
     * An item as it was read from outside.
     *
     * @param Design $design Any: the values must stand in it
     *
     * @throws DocumentInvalid if a value is missing, unknown or out of range, or values contradict each other; places are the item's
     */
    public static function read(CataloguePart $part, mixed $values, Design $design): self
    {
        try {
            $with = Edits::apply($design, [['path' => $part->pointer(), 'value' => $values]]);
        } catch (DocumentInvalid $invalid) {
            throw new DocumentInvalid(array_map(
                static fn (Fault $fault): Fault => new Fault(substr($fault->path, strlen($part->pointer())), $fault->expected, $fault->found),
                $invalid->faults,
            ));
        }
        $item = self::of($part, $with);
        $faults = $item->contradictions($with);

        return $faults === [] ? $item : throw new DocumentInvalid($faults);
    }

    /** The part of a design as it stands. */
    public static function of(CataloguePart $part, Design $design): self
    {
        $value = json_decode((string) json_encode(Writer::toArray($design), JSON_PRESERVE_ZERO_FRACTION), true);
        foreach (explode('/', substr($part->pointer(), 1)) as $key) {
            $value = is_array($value) ? $value[$key] ?? null : null;
        }
        /** @var array<string, mixed> $values */
        $values = is_array($value) ? $value : throw new \LogicException("A design has a {$part->value}.");

        return new self($part, is_string($values['name'] ?? null) ? $values['name'] : '', $values);
    }

    /** Whether another has the same values, as designs write them. */
    public function equals(self $other): bool
    {
        return $this->part === $other->part && CanonicalJson::encode($this->values) === CanonicalJson::encode($other->values);
    }

    /** @return list<array<string, mixed>> Edits that put it into a design; what is made up is marked as the example's */
    public function edits(bool $isMadeUp = false): array
    {
        return [['path' => $this->part->pointer(), 'value' => $this->values] + ($isMadeUp ? ['made_up' => true] : [])];
    }

    /** @return list<Fault> Values that are each allowed and not together */
    private function contradictions(Design $design): array
    {
        $faults = [];
        foreach ($this->part === CataloguePart::Module ? $design->module->ratings : [] as $index => $rating) {
            $side = $rating->side->value === 'long' ? $design->module->length : $design->module->width;
            if ($rating->to->toMetres() <= $rating->from->toMetres() || $rating->to->toMetres() > $side->toMetres() / 2 + 1e-9) {
                $faults[] = new Fault(
                    "/ratings/$index/to_m",
                    'a clamp zone that ends beyond where it begins and within half of the side',
                    (string) $rating->to->toMetres(),
                );
            }
        }
        $allowed = array_filter(
            array_intersect_key($this->values, array_flip(['up_N', 'down_N', 'along_N', 'allowable_stress_Pa', 'pull_out_N'])),
            static fn (mixed $value): bool => $value !== null,
        );
        if ($allowed !== [] && trim(is_string($this->values['document'] ?? null) ? $this->values['document'] : '') === '') {
            $faults[] = new Fault('/document', 'the document that gives '.implode(', ', array_keys($allowed)), 'none');
        }
        [$thread_m, $length_m] = [$this->values['thread_m'] ?? null, $this->values['length_m'] ?? null];
        if ($this->part === CataloguePart::Fastener && is_float($thread_m) && is_float($length_m) && $thread_m > $length_m + 1e-9) {
            $faults[] = new Fault('/thread_m', 'a thread no longer than the screw', (string) $thread_m);
        }
        $row = $this->part === CataloguePart::Rail ? $design->kit->rail->spans?->disorder() : null;
        if ($row !== null) {
            $faults[] = new Fault(
                "/spans/rows/$row/load_Pa",
                'rows of ever greater loads, none with a longer span than the one before',
                'row '.($row + 1).' out of order',
            );
        }
        if ($this->part === CataloguePart::Foot && $design->kit->foot->isOffItsBase()) {
            $faults[] = new Fault('/length_m', 'a base that reaches past its holes and the line of its load', 'a shorter one');
        }

        return $faults;
    }
}
