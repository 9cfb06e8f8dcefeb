<?php

declare(strict_types=1);

namespace Garnetine\Core\Attachment\Search;

/** Whoever asked for the plan has asked for another since: there is no plan, and nothing is wrong. */
final class NotWanted extends \RuntimeException
{
}
