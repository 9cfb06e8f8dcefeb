<?php

declare(strict_types=1);

namespace Garnetine\Core\Load;

/** How surely a published value is remembered. LOW values are not in the data at all. */
enum Confidence: string
{
    case High = 'high';
    case Medium = 'medium';
    /** Read in the company's own copy of the document, by a named person. */
    case Own = 'own copy';
}
