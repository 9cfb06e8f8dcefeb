<?php

declare(strict_types=1);

namespace Garnetine\Core\Because;

use Garnetine\Core\Design\Design;
use Garnetine\Core\Design\Ground\TableDesign;
use Garnetine\Core\Load\Coefficient;
use Garnetine\Core\Load\Coefficients;
use Garnetine\Core\Load\Figures;
use Garnetine\Core\Plan\Clearances;

/** Becauses of figures, each from what it says that it was made of: other figures, published values, what was entered. */
final readonly class FigureBecauses implements Explains
{
    public function __construct(private Design|TableDesign $design, private Figures $figures, private Coefficients $coefficients)
    {
    }

    public function paths(): array
    {
        return array_keys($this->figures->all());
    }

    public function at(string $path): ?Because
    {
        $figure = $this->figures->at($path);
        if ($figure === null) {
            return null;
        }
        $children = [];
        foreach ($figure->from as $from) {
            $children[] = match (true) {
                str_starts_with($from, '/') => Inputs::at($this->design, $from),
                str_starts_with($from, 'coefficient:') => $this->ofId(substr($from, strlen('coefficient:'))),
                default => $this->at($from),
            };
        }

        return new Because($figure->code, $figure->values, $figure->source, $figure->confidence, children: array_values(array_filter($children)));
    }

    public function ofId(string $id): Because
    {
        return self::ofCoefficient($this->design, $this->coefficients->lookId($id));
    }

    /** @param list<Because> $children */
    public static function ofCoefficient(Design|TableDesign $design, Coefficient $coefficient, array $children = []): Because
    {
        return new Because(
            'coefficient',
            ['value' => $coefficient->value, 'id' => $coefficient->id] + ($coefficient->note === null ? [] : ['note' => 'note.'.$coefficient->note]),
            $coefficient->source,
            $coefficient->confidence->value,
            Clearances::coefficient($design, $coefficient),
            children: $children,
        );
    }
}
