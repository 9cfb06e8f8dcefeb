<?php

declare(strict_types=1);

namespace Garnetine\Core\Ground;

use Garnetine\Core\Design\Ground\Field\SoilKind;
use Garnetine\Core\Design\Ground\TableDesign;
use Garnetine\Core\Design\YesNo;
use Garnetine\Core\Finding\Code;
use Garnetine\Core\Finding\Finding;

/** What tables on posts in concrete are asked and told alike. */
final class ConcretePosts
{
    /** @return list<Finding> What is taken for granted of posts that sway */
    public static function assumed(TableDesign $design, string $heightAt, string $memberAt): array
    {
        $table = $design->table;
        $doubling = $table->footing->doubling;

        return [
            Finding::of(Code::TwoBounds, $heightAt),
            Finding::of(Code::SwayOfSteel, $memberAt),
            Finding::of(Code::FrostTakesNone, '/table/soil/frost_depth_m'),
            ...$table->soil->kind === SoilKind::Clay && $table->soil->report === null ? [Finding::of(Code::SideByCohesion, '/table/soil/kind')] : [],
            ...$doubling?->isNamed() === true ? [Finding::of(
                Code::SoilDoubled,
                '/table/footing/doubling',
                ['by' => $doubling->by, 'why' => $doubling->why],
            )] : [],
        ];
    }

    /**
     * A smooth post is pulled out of its concrete.
     *
     * @param list<TableCheck> $checks
     *
     * @return list<Finding>
     */
    public static function bolted(array $checks, YesNo $crossBolt): array
    {
        $isPulled = array_filter($checks, static fn (TableCheck $check): bool => $check->what === 'lift' && $check->demand_si > 0.0) !== [];

        return $isPulled && $crossBolt !== YesNo::Yes ? [Finding::of(Code::SmoothPost, '/table/racking/cross_bolt')] : [];
    }
}
