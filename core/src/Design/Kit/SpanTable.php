<?php

declare(strict_types=1);

namespace Garnetine\Core\Design\Kit;

use Garnetine\Core\Document\Items;
use Garnetine\Core\Document\Range;
use Garnetine\Core\Document\Text;
use Garnetine\Core\Quantity\Length;

/** How far a rail may span by its maker's table: for the bending of the rail alone, never for what holds it. */
final readonly class SpanTable
{
    /** @param list<SpanRow> $rows Loads ascending, spans descending */
    public function __construct(
        #[Text(160)]
        public string $document,
        /** What its loads are: at the level of allowable stresses, or of strength. */
        public CapacityFormat $basis,
        public SpanDirection $direction,
        /** Width of modules that one rail of the table carries. */
        #[Range(0.1, 5)]
        public Length $tributary,
        /** The most that an overhang may be, of the span that the table gives under the load, whatever bay is beside it. */
        #[Range(0, 0.5)]
        public float $overhangShare,
        #[Items(SpanRow::class, 60)]
        public array $rows,
    ) {
    }

    /** The span of the row at a load or next above it; null beyond the table. */
    public function span_m(float $load_Pa): ?float
    {
        foreach ($this->rows as $row) {
            if ($row->load->toPascals() >= $load_Pa - 1e-6) {
                return $row->span->toMetres();
            }
        }

        return null;
    }

    /** @return 'rows'|'document'|'basis'|null What of it is still to be entered, or does not go with a kit; null where it can be used as far as that goes */
    public function open(CapacityFormat $capacities): ?string
    {
        return match (true) {
            $this->rows === [] => 'rows',
            trim($this->document) === '' => 'document',
            $this->basis !== $capacities => 'basis',
            default => null,
        };
    }

    /** The first row that has a lesser load than the one before it, or a longer span; null where all are in order. */
    public function disorder(): ?int
    {
        foreach (array_slice($this->rows, 1, null, true) as $index => $row) {
            $before = $this->rows[$index - 1] ?? $row;
            if ($row->load->toPascals() <= $before->load->toPascals() || $row->span->toMetres() > $before->span->toMetres()) {
                return $index;
            }
        }

        return null;
    }
}
