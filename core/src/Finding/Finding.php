<?php

declare(strict_types=1);

namespace Garnetine\Core\Finding;

/** What the check says about a design: a code and typed quantities; the text comes from the messages. */
final readonly class Finding
{
    /**
     * @param string $at JSON pointer into the design, or "" for the whole
     * @param array<string, float|int|string> $values By name; the ending of a name gives its unit
     */
    public function __construct(
        public FindingKind $kind,
        public string $code,
        public Scope $scope = Scope::Job,
        public string $at = '',
        public array $values = [],
        public ?string $clearedBy = null,
    ) {
    }

    /**
     * @param array<string, float|int|string> $values
     */
    public static function stop(string $code, string $at = '', array $values = [], Scope $scope = Scope::Surface): self
    {
        return new self(FindingKind::Stop, $code, $scope, $at, $values);
    }

    /**
     * @param array<string, float|int|string> $values
     */
    public static function refusal(string $code, string $at = '', array $values = [], Scope $scope = Scope::Surface): self
    {
        return new self(FindingKind::Refusal, $code, $scope, $at, $values);
    }

    /**
     * @param array<string, float|int|string> $values
     */
    public static function warning(string $code, string $at = '', array $values = []): self
    {
        return new self(FindingKind::Warning, $code, Scope::Surface, $at, $values);
    }

    /**
     * @param array<string, float|int|string> $values
     */
    public static function assumption(string $code, string $at = '', array $values = []): self
    {
        return new self(FindingKind::Assumption, $code, Scope::Surface, $at, $values);
    }

    /** Stops that are a matter of judgement. All others lack an input or break a method, and no signature mends that. */
    private const CLEARABLE = [
        'member_share', 'one_share_too_much', 'across_setback', 'over_no_work_area', 'plate_below_butt', 'cover_short', 'shank_hole_needed', 'run_too_long', 'rafter_screen_fails', 'en_velocity_high',
    ];

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
        return $this->kind === FindingKind::Stop && in_array($this->code, self::CLEARABLE, true);
    }

    public function clearedBy(string $name): self
    {
        return new self($this->kind, $this->code, $this->scope, $this->at, $this->values, $name);
    }

    /** What a named person signs for: the stop and its figures, so that other figures need a new signature. */
    public function subject(): string
    {
        return 'stop/'.$this->code.($this->values === [] ? '' : '/'.substr(hash('sha256', json_encode($this->values, JSON_THROW_ON_ERROR | JSON_PRESERVE_ZERO_FRACTION)), 0, 12));
    }

    /** @param array{at: string, cleared_by: string|null, code: string, kind: string, scope: string, values: array<string, float|int|string>} $written */
    public static function ofArray(array $written): self
    {
        return new self(FindingKind::from($written['kind']), $written['code'], Scope::from($written['scope']), $written['at'], $written['values'], $written['cleared_by']);
    }

    /** @return array<string, mixed> */
    public function toArray(): array
    {
        return [
            'at' => $this->at, 'clearable' => $this->isClearable(), 'cleared_by' => $this->clearedBy, 'code' => $this->code, 'kind' => $this->kind->value,
            'scope' => $this->scope->value, 'subject' => $this->subject(), 'values' => (object) $this->values,
        ];
    }
}
