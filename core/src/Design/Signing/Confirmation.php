<?php

declare(strict_types=1);

namespace Garnetine\Core\Design\Signing;

use Garnetine\Core\Document\Text;

/** A named person stands for something: a coefficient read in their own copy, a stop, or the roof structure. */
final readonly class Confirmation
{
    public function __construct(
        /** "coefficient/…"; "stop/…" or "structure", of a surface by its id: "surface/south/stop/…". */
        #[Text(160, '[a-zA-Z0-9_/.:-]{1,160}')]
        public string $subject,
        /** What was confirmed, as it stood then: when it changes, the confirmation lapses. */
        #[Text(160)]
        public string $value,
        #[Text(80, shortest: 2)]
        public string $name,
        #[Text(10, Text::DATE)]
        public string $on,
        #[Text(400)]
        public string $reason,
        /** Whose account it was signed with: of that person, or of the one in whose presence somebody without an account signed. */
        #[Text(120)]
        public string $account = '',
    ) {
    }

    /** The same signature, its subject told from another place. */
    public function on(string $subject): self
    {
        return $subject === $this->subject ? $this : new self($subject, $this->value, $this->name, $this->on, $this->reason, $this->account);
    }

    /** Who stands for it, with the account beside the name where that is another's. */
    public function who(): string
    {
        return $this->account === '' || $this->account === $this->name ? $this->name : "{$this->name}, in the presence of {$this->account}";
    }
}
