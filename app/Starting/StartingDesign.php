<?php

declare(strict_types=1);

namespace App\Starting;

use App\Company\CompanyCatalogue;
use Garnetine\Core\Catalogue\CataloguePart;
use Garnetine\Core\Design\DesignFile;
use Garnetine\Core\Design\Edit\JobEdits;
use Garnetine\Core\Design\Examples;
use Garnetine\Core\Design\Project;
use Garnetine\Core\Design\Signing\OwnCopy;
use Garnetine\Core\Document\Writer;

/** Where a new job starts: a blank survey with the made-up kit, an uploaded design, or a job's archive. */
final class StartingDesign
{
    /** @param string $account Name of the account that brings it in */
    public static function from(string $document, string $name, string $units, string $account, Answers $answers = new Answers()): Project
    {
        if (trim($document) !== '') {
            $project = DesignFile::read(Archive::designIn($document));
            $read = array_map(
                static fn (OwnCopy $copy): array => ['name' => mb_substr("$account, from a file: {$copy->name}", 0, 80)] + Writer::toArray($copy),
                $project->ownCopies,
            );

            // Signatures are acts of accounts here: what a file claims is none. Values that it says were read stand with who says so.
            return JobEdits::apply($project, [
                ...array_map(static fn (string $surface): array => ['on' => $surface, 'path' => '/confirmations', 'value' => []], $project->allIds()),
                ['path' => '/name', 'typed' => $name], ['path' => '/own_copies', 'value' => $read],
            ], $project->first());
        }
        if ($answers->isGround) {
            $table = DesignFile::read((string) file_get_contents(base_path('docs/examples/blank-table.json')));

            return JobEdits::apply($table, [
                ['path' => '/name', 'typed' => $name], ['path' => '/units', 'typed' => $units], ...$answers->ofTable(),
            ], $table->first());
        }
        $blank = DesignFile::read((string) file_get_contents(base_path('docs/examples/blank-survey.json')));
        $surface = $blank->chosen(null);

        return JobEdits::apply(
            $blank->with($surface, Examples::mark($blank->design($surface))),
            [
                ['path' => '/name', 'typed' => $name], ['path' => '/units', 'typed' => $units],
                ...$answers->edits(self::parts($answers->kit)),
            ],
            $surface,
        );
    }

    /** @return array<string, array<string, mixed>> Made up, by their keys in a kit: the screw first, with which the foot was proven */
    private static function parts(?StartingKit $kit): array
    {
        $fastener = $kit?->fastener();

        return [
            ...$fastener === null ? [] : ['fastener' => CompanyCatalogue::madeUp(CataloguePart::Fastener, $fastener)],
            ...$kit === null ? [] : ['foot' => CompanyCatalogue::madeUp(CataloguePart::Foot, $kit->foot())],
        ];
    }
}
