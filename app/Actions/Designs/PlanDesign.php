<?php

declare(strict_types=1);

namespace App\Actions\Designs;

use App\Models\Design;
use App\Models\PlanCache;
use App\Planning\Planning;
use Garnetine\Core\Plan\Build;
use Garnetine\Core\Plan\PlanDocument;

/** The plan of a design as bytes, computed once for each design and build. */
final class PlanDesign
{
    public function handle(Design $design): string
    {
        $known = $this->known($design);
        if ($known !== null) {
            return $known;
        }
        $bytes = PlanDocument::write(Planning::all($design->document()));
        PlanCache::query()->insertOrIgnore(self::key($design) + ['bytes' => $bytes, 'created_at' => now()]);

        return $bytes;
    }

    /** Null when it was not computed yet. */
    public function known(Design $design): ?string
    {
        return PlanCache::query()->where(self::key($design))->first()?->bytes;
    }

    /** @return array{design_hash: string, build: string} */
    private static function key(Design $design): array
    {
        return ['design_hash' => $design->hash, 'build' => Build::hash()];
    }
}
