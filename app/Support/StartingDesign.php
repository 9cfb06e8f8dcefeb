<?php

declare(strict_types=1);

namespace App\Support;

use Garnetine\Core\Design\Design;
use Garnetine\Core\Design\DesignFile;
use Garnetine\Core\Design\Edits;
use Garnetine\Core\Design\Examples;
use Garnetine\Core\Design\OwnCopy;
use Garnetine\Core\Document\Writer;

/** Where a new job starts: a blank survey with the made-up kit, an uploaded design, or a job's archive. */
final class StartingDesign
{
    /** @param string $account Name of the account that brings it in */
    public static function from(string $document, string $name, string $units, string $account): Design
    {
        if (trim($document) !== '') {
            $design = DesignFile::read(Archive::designIn($document));

            // Signatures are acts of accounts here: what a file claims is none. Values that it says were read stand with who says so.
            return Edits::apply($design, [
                ['path' => '/name', 'typed' => $name], ['path' => '/confirmations', 'value' => []],
                ['path' => '/own_copies', 'value' => array_map(static fn (OwnCopy $copy): array => ['name' => mb_substr("$account, from a file: {$copy->name}", 0, 80)] + Writer::toArray($copy), $design->ownCopies)],
            ]);
        }
        $blank = DesignFile::read((string) file_get_contents(base_path('docs/examples/blank-survey.json')));

        return Edits::apply(Examples::mark($blank), [['path' => '/name', 'typed' => $name], ['path' => '/units', 'typed' => $units]]);
    }
}
