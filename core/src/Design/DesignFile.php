<?php

declare(strict_types=1);

namespace Garnetine\Core\Design;

use Garnetine\Core\Design\Edit\Typed;
use Garnetine\Core\Document\CanonicalJson;
use Garnetine\Core\Document\DocumentInvalid;
use Garnetine\Core\Document\Json;
use Garnetine\Core\Document\Reader;
use Garnetine\Core\Document\Schema;
use Garnetine\Core\Document\Writer;

/** The design of a job as text: reading any known version, writing the newest, and its hash. */
final class DesignFile
{
    /** @throws DocumentInvalid If the text is no design that this build knows. */
    public static function read(string $text): Project
    {
        $document = Json::read($text);
        $version = $document->schema ?? null;
        if (is_int($version) && $version > Project::SCHEMA) {
            throw DocumentInvalid::at('/schema', 'a version up to '.Project::SCHEMA, "version $version, made by a newer Garnetine");
        }
        $project = Reader::read(Project::class, Typed::agreeing(Upgrades::toNewest($document)));
        $faults = $project->faults();
        if ($faults !== []) {
            throw new DocumentInvalid($faults);
        }

        return $project;
    }

    public static function write(Project $project): string
    {
        return CanonicalJson::encode(Writer::toArray($project));
    }

    /** SHA-256 over the canonical bytes without what was typed, so that equal roofs have equal hashes. */
    public static function hash(Project $project): string
    {
        return CanonicalJson::hash(array_diff_key(Writer::toArray($project), ['as_typed' => null]));
    }

    /**
     * The hash of a design as it is written, whatever its version.
     *
     * @throws DocumentInvalid if the text is no JSON object
     */
    public static function hashAsWritten(string $text): string
    {
        return CanonicalJson::hash(array_diff_key((array) Json::read($text), ['as_typed' => null]));
    }

    /** @return array<string, mixed> */
    public static function schema(): array
    {
        return Schema::of(Project::class, 'Garnetine design, version '.Project::SCHEMA);
    }
}
