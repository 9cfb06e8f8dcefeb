<?php

declare(strict_types=1);

namespace App\Listing;

use Garnetine\Core\Finding\Finding;

/**
 * What is read of the bytes of a stored plan, by this build: all surfaces together.
 *
 * @phpstan-type Summary array{modules: int, attachments: int, least_reserve: float|null, unconfirmed: int}
 * @phpstan-type Surface array{structure?: array{signed_by: string|null}, findings: list<array{at: string, cleared_by: string|null, code: string, kind: string, scope: string, values: array<string, float|int|string>}>, modules?: list<array{block: int, x_m: float, y_m: float}>, coefficients: list<array{id: string}>, missing?: list<string>}
 */
final readonly class StoredPlan
{
    /**
     * @param Summary $summary
     * @param array<string, Surface> $surfaces And tables, which have no structure, missing values or modules of their own
     */
    private function __construct(public array $summary, private array $surfaces)
    {
    }

    public static function read(string $bytes): self
    {
        /** @var array{summary: Summary, surfaces: array<string, Surface>, tables?: array<string, Surface>} $plan */
        $plan = json_decode($bytes, true, 64, JSON_THROW_ON_ERROR);

        return new self($plan['summary'], $plan['surfaces'] + ($plan['tables'] ?? []));
    }

    /** @return list<Finding> Surface by surface */
    public function findings(): array
    {
        return array_map(Finding::ofArray(...), array_merge(...array_column($this->surfaces, 'findings')));
    }

    /** The first of several surfaces with something at a stage that stops the plan; null where none has, or there is one. */
    public function stoppedAt(string $stage): ?string
    {
        foreach (count($this->surfaces) > 1 ? $this->surfaces : [] as $surface => $plan) {
            foreach (array_map(Finding::ofArray(...), $plan['findings']) as $finding) {
                if ($finding->blocks() && $finding->stage()->value === $stage) {
                    return $surface;
                }
            }
        }

        return null;
    }

    /** @return list<string> Ids of published values that matter to it */
    public function concerned(): array
    {
        $coefficients = array_merge(...array_column($this->surfaces, 'coefficients'));

        return [...array_column($coefficients, 'id'), ...array_merge(...array_column($this->surfaces, 'missing'))];
    }

    /** Whether the structure under every surface is. */
    public function isSigned(): bool
    {
        return !in_array(null, array_column(array_column($this->surfaces, 'structure'), 'signed_by'), true);
    }

    /** @return list<array{block: int, x_m: float, y_m: float}> */
    public function modules(string $surface): array
    {
        return $this->surfaces[$surface]['modules'] ?? [];
    }
}
