<?php

declare(strict_types=1);

namespace Garnetine\Core\Plan;

use Garnetine\Core\Attachment\RunPlan;
use Garnetine\Core\Design\Block\CrossRails;
use Garnetine\Core\Design\Block\ShortRails;
use Garnetine\Core\Design\BlockPart;
use Garnetine\Core\Design\Design;
use Garnetine\Core\Design\Kit\SpanDirection;
use Garnetine\Core\Finding\Code;
use Garnetine\Core\Finding\Finding;

/** What is said of a maker's table of spans. */
final class SpanFindings
{
    /**
     * Whether the allowable stress of rails is not asked: there are none, or the table alone tells what they bear. It knows loads along the slope too,
     * and every rail is one that it knows.
     */
    public static function isEnough(Design $design): bool
    {
        $unknown = array_filter($design->parts(), static fn (BlockPart $part): bool => $part->design->block->arrangement instanceof ShortRails
            || $part->design->block->arrangement instanceof CrossRails);
        if (!$design->hasRails()) {
            return true;
        }

        return $design->kit->rail->spans?->direction === SpanDirection::Both && $unknown === [];
    }

    /**
     * @param list<RunPlan> $plans
     *
     * @return list<Finding>
     */
    public static function of(Design $design, array $plans): array
    {
        $table = $design->kit->rail->spans;
        if ($table === null || !$design->hasRails()) {
            return [];
        }
        $row = $table->disorder();
        $open = $table->open($design->kit->capacities);
        if ($row !== null || $open !== null) {
            return [
                ...$row === null ? [] : [Finding::of(Code::SpanTableDisordered, "/kit/rail/spans/rows/$row/load_Pa", ['row' => $row + 1])],
                ...$open === null ? [] : [Finding::of(Code::SpanTableOpen, "/kit/rail/spans/$open", ['why' => "spans.$open"])],
            ];
        }
        $worst = null;
        foreach ($plans as $plan) {
            $worst = $plan->check->spans !== null && $plan->check->spans->load_Pa > ($worst->check->spans->load_Pa ?? -1.0) ? $plan : $worst;
        }
        $limit = $worst?->check->spans;
        if ($worst === null || $limit === null) {
            return [];
        }
        $most_Pa = max([0.0, ...array_map(static fn ($row): float => $row->load->toPascals(), $table->rows)]);
        $values = ['run' => $worst->run->id, 'load_Pa' => $limit->load_Pa, 'tributary_m' => $table->tributary->toMetres()];

        return [$limit->isBeyondTable()
            ? Finding::of(Code::BeyondTable, '/kit/rail/spans/rows', $values + ['most_Pa' => $most_Pa])
            : Finding::of(Code::SpansByTable, '/kit/rail/spans/document', $values + ['bay_m' => $limit->bay_m, 'overhang_m' => $limit->overhang_m])];
    }

    /** @return list<Finding>|null Of a run that does not hold, what of it is too long for the table with a foot on every place; null where that is not why */
    public static function tooLong(Design $design, RunPlan $plan): ?array
    {
        [$run, $limit, $table] = [$plan->run, $plan->check->spans, $design->kit->rail->spans];
        if ($limit === null || $table === null || $limit->isBeyondTable()) {
            // Beyond its table: said already.
            return $limit === null ? null : [];
        }
        $beyond = $limit->beyond($run->candidates_m, $run->clamps_m[0], $run->clamps_m[count($run->clamps_m) - 1]);

        return $beyond === null ? null : [Finding::of(Code::SpanShort, '/kit/rail/spans/rows', [
            'run' => $run->id, 'load_Pa' => $limit->load_Pa, 'tributary_m' => $table->tributary->toMetres(),
        ] + $beyond)];
    }
}
