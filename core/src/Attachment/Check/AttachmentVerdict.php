<?php

declare(strict_types=1);

namespace Garnetine\Core\Attachment\Check;

use Garnetine\Core\Attachment\Fastening\LinkRatio;

/** What one attachment of a run bears, and which link is the weakest. */
final readonly class AttachmentVerdict
{
    /** @param list<LinkRatio> $links The worst first: every link that bears anything where that was asked for, else the worst alone */
    public function __construct(
        public LinkRatio $worst,
        public array $links,
        public float $x_m,
        public float $tributary_m,
        /** Largest pull normal to the roof. */
        public float $up_N,
        /** Largest push. */
        public float $down_N,
        public float $along_N,
        /** Largest pull in the lag, the foot's lever included. */
        public float $tension_N,
        /** Modules that this attachment carries, as the reaction of one module's weight. */
        public float $modules,
        /** Whether it is the stronger one that edge zones have. */
        public bool $isEdge = false,
    ) {
    }

    /** The worse of two checks of one attachment, link by link. */
    public function worse(self $other): self
    {
        $links = [];
        foreach ([...$this->links, ...$other->links] as $one) {
            $known = $links[$one->link->value] ?? null;
            $links[$one->link->value] = $known === null || $one->ratio > $known->ratio ? $one : $known;
        }
        usort($links, static fn (LinkRatio $one, LinkRatio $two): int => $two->ratio <=> $one->ratio);

        return new self(
            $links[0] ?? $this->worst,
            $links,
            $this->x_m,
            $this->tributary_m,
            max($this->up_N, $other->up_N),
            max($this->down_N, $other->down_N),
            max($this->along_N, $other->along_N),
            max($this->tension_N, $other->tension_N),
            $this->modules,
            $this->isEdge,
        );
    }
}
