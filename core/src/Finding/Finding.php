<?php

declare(strict_types=1);

namespace Garnetine\Core\Finding;

/** What the check says about a design: a code and typed quantities; the text comes from the messages. */
final readonly class Finding
{
    public FindingKind $kind;
    public Scope $scope;

    /**
     * @param string $at JSON pointer into the design, or "" for the whole
     * @param array<string, float|int|string> $values By name; the ending of a name gives its unit
     */
    private function __construct(public Code $code, public string $at, public array $values, public ?string $clearedBy)
    {
        $this->kind = $code->kind();
        $this->scope = $code->scope($at);
    }

    /** @param array<string, float|int|string> $values */
    public static function of(Code $code, string $at = '', array $values = []): self
    {
        return new self($code, $at, $values, null);
    }

    /** Whether it blocks: nobody mended it or signed for it. */
    public function isOpenStop(): bool
    {
        return $this->kind === FindingKind::Stop && $this->clearedBy === null;
    }

    /** Whether nothing is issued for construction with it: an open stop, or a case that is not covered. */
    public function blocks(): bool
    {
        return $this->isOpenStop() || $this->kind === FindingKind::Refusal;
    }

    /** Whether a named person may sign for this stop instead of mending it. */
    public function isClearable(): bool
    {
        return $this->code->isClearable();
    }

    /** Where on the way it is mended. */
    public function stage(): Stage
    {
        return $this->code->stage($this->at);
    }

    public function clearedBy(string $name): self
    {
        return new self($this->code, $this->at, $this->values, $name);
    }

    /** What a named person signs for: the stop and its figures, so that other figures need a new signature. */
    public function subject(): string
    {
        return 'stop/'.$this->code->value.($this->values === [] ? '' : '/'.substr(
            hash('sha256', json_encode($this->values, JSON_THROW_ON_ERROR | JSON_PRESERVE_ZERO_FRACTION)),
            0,
            12,
        ));
    }

    /** @param array{at: string, cleared_by: string|null, code: string, kind: string, scope: string, values: array<string, float|int|string>} $written */
    public static function ofArray(array $written): self
    {
        return new self(Code::from($written['code']), $written['at'], $written['values'], $written['cleared_by']);
    }

    /** @return array<string, mixed> */
    public function toArray(): array
    {
        return [
            'at' => $this->at, 'clearable' => $this->isClearable(), 'cleared_by' => $this->clearedBy, 'code' => $this->code->value,
            'kind' => $this->kind->value,
            'scope' => $this->scope->value, 'subject' => $this->subject(), 'values' => (object) $this->values,
        ];
    }
}
