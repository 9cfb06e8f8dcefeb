<?php

declare(strict_types=1);

namespace App\Starting;

use App\Desk\BecauseView;
use App\Models\Design;
use App\Planning\Planning;
use Garnetine\Core\Because\Becauses;
use Garnetine\Core\Document\DocumentInvalid;
use Garnetine\Core\Plan\Build;
use Garnetine\Core\Plan\PlanDocument;

/**
 * A job as one file: the design's bytes with their hash, the plan's, and every because, so that it reads without this application
 * and begins a job in another company.
 */
final class Archive
{
    public static function of(Design $design): string
    {
        $plan = Planning::all($design->document());
        $bytes = PlanDocument::write($plan);
        $becauses = [];
        foreach ($plan->all() as $id => $one) {
            foreach (Becauses::paths($one) as $path) {
                $becauses[$id][$path] = BecauseView::of($one, Becauses::of($one, $path));
            }
        }

        return json_encode([
            'garnetine_archive' => 2, 'build' => Build::hash(), 'design' => $design->bytes, 'design_hash' => hash('sha256', $design->bytes),
            'plan' => $bytes, 'plan_hash' => hash('sha256', $bytes), 'becauses' => $becauses,
        ], JSON_THROW_ON_ERROR | JSON_UNESCAPED_UNICODE | JSON_UNESCAPED_SLASHES)."\n";
    }

    /**
     * The design's bytes in an archive; what is no archive is given back as it came.
     *
     * @throws DocumentInvalid if the archive is newer than known, or its design was changed
     */
    public static function designIn(string $document): string
    {
        if (!str_contains(substr($document, 0, 200), '"garnetine_archive"')) {
            return $document;
        }
        try {
            $archive = (array) json_decode($document, true, 128, JSON_THROW_ON_ERROR);
        } catch (\JsonException $fault) {
            throw DocumentInvalid::at('', 'an archive, in JSON', lcfirst($fault->getMessage()));
        }
        // In version 1 the reasons stood without their surface; the design is found alike.
        if (!in_array($archive['garnetine_archive'] ?? null, [1, 2], true)) {
            throw DocumentInvalid::at('/garnetine_archive', 'version 1 or 2', 'another one');
        }
        $design = $archive['design'] ?? null;
        if (!is_string($design) || hash('sha256', $design) !== ($archive['design_hash'] ?? null)) {
            throw DocumentInvalid::at('/design', 'the design whose hash the archive names', 'another one');
        }

        return $design;
    }
}
