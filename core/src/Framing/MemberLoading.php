<?php

declare(strict_types=1);

namespace Garnetine\Core\Framing;

use Garnetine\Core\Attachment\RunPlan;
use Garnetine\Core\Design\Design;
use Garnetine\Core\Load\Coefficients;
use Garnetine\Core\Load\SiteLoads;

/** What the members of one design bear under any choice of feet. */
final readonly class MemberLoading
{
    public function __construct(private Design $design, private Members $members, private SiteLoads $loads, private Coefficients $coefficients)
    {
    }

    /** @param list<RunPlan> $plans */
    public function under(array $plans): MemberShares
    {
        return MemberShares::of($this->design, $plans, $this->members, $this->loads, $this->coefficients);
    }
}
