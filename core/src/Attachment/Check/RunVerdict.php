<?php

declare(strict_types=1);

namespace Garnetine\Core\Attachment\Check;

use Garnetine\Core\Attachment\Fastening\LinkRatio;

/** The whole check of one layout of feet under a run. */
final readonly class RunVerdict
{
    /**
     * @param list<AttachmentVerdict> $attachments
     * @param LinkRatio|null $rail Null when the layout was given up before it was complete
     */
    public function __construct(
        public float $worst,
        public array $attachments,
        public ?LinkRatio $rail,
        public float $railAt_m,
        public ?LinkRatio $splice,
        /** Moments there, about the strong and the weak axis, by size. */
        public float $railNormal_Nm = 0.0,
        public float $railAlong_Nm = 0.0,
    ) {
    }

    public static function failed(float $worst): self
    {
        return new self($worst, [], null, 0.0, null);
    }
}
