<?php

declare(strict_types=1);

namespace Garnetine\Core\Design;

use Garnetine\Core\Document\DocumentInvalid;

/** Brings a design of an older version to the newest, one version at a time. A frozen design of each stays with the tests. */
final class Upgrades
{
    /** @throws DocumentInvalid if an old design has keys of a newer version */
    public static function toNewest(\stdClass $document): \stdClass
    {
        $upgraded = clone $document;
        if (($upgraded->schema ?? null) === 1) {
            // Version 2: values from the company's own copies of the standards.
            if (property_exists($upgraded, 'own_copies')) {
                throw DocumentInvalid::at('/own_copies', 'no key of this name in version 1', 'an unknown key');
            }
            $upgraded->own_copies = [];
            $upgraded->schema = 2;
        }

        return $upgraded;
    }
}
