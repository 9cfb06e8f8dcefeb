<?php

declare(strict_types=1);

namespace App\Actions\Designs;

use App\Models\Design;
use App\Models\PlanCache;
use Garnetine\Core\Plan\Build;
use Garnetine\Core\Plan\PlanDocument;
use Garnetine\Core\Plan\Planner;

/** The plan of a design as bytes, computed once for each design and build. */
final class PlanDesign
{
    public function handle(Design $design): string
    {
        $key = ['design_hash' => $design->hash, 'build' => Build::hash()];
        $known = PlanCache::query()->where($key)->first();
        if ($known !== null) {
            return $known->bytes;
        }
        $bytes = PlanDocument::write(Planner::plan($design->document()));
        PlanCache::query()->insertOrIgnore($key + ['bytes' => $bytes, 'created_at' => now()]);

        return $bytes;
    }
}
