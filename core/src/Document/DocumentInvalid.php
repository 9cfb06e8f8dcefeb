<?php

declare(strict_types=1);

namespace Garnetine\Core\Document;

use Garnetine\Core\CoreException;

/** A document that the reader refuses, with everything that is wrong with it. */
final class DocumentInvalid extends \InvalidArgumentException implements CoreException
{
    /** @param non-empty-list<Fault> $faults */
    public function __construct(public readonly array $faults)
    {
        $first = $faults[0];
        parent::__construct(sprintf(
            '%s: expected %s, found %s%s',
            $first->path === '' ? 'the document' : $first->path,
            $first->expected,
            $first->found,
            count($faults) > 1 ? sprintf(' (and %d more)', count($faults) - 1) : '',
        ));
    }

    public static function at(string $path, string $expected, string $found): self
    {
        return new self([new Fault($path, $expected, $found)]);
    }

    public function errorCode(): string
    {
        return 'document_invalid';
    }
}
