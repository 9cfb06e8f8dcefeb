<?php

declare(strict_types=1);

namespace App\Support;

use Garnetine\Core\Design\Design;
use Garnetine\Core\Design\DesignFile;
use Garnetine\Core\Design\Edits;
use Garnetine\Core\Design\Examples;

/** Where a new job starts: a blank survey with the made-up kit, an uploaded design, or a job's archive. */
final class StartingDesign
{
    public static function from(string $document, string $name, string $units): Design
    {
        if (trim($document) !== '') {
            // Signatures are acts of accounts here: what a file claims is none.
            return Edits::apply(DesignFile::read(Archive::designIn($document)), [['path' => '/name', 'typed' => $name], ['path' => '/confirmations', 'value' => []]]);
        }
        $blank = DesignFile::read((string) file_get_contents(base_path('docs/examples/blank-survey.json')));

        return Edits::apply(Examples::mark($blank), [['path' => '/name', 'typed' => $name], ['path' => '/units', 'typed' => $units]]);
    }
}
