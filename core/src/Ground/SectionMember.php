<?php

declare(strict_types=1);

namespace Garnetine\Core\Ground;

use Garnetine\Core\Design\Ground\Racking\PileSection;
use Garnetine\Core\Load\Coefficients;
use Garnetine\Core\Load\Duration;
use Garnetine\Core\Quantity\Dimension;

/** A steel section by what its document says: pushed and bent at once as the sum of both shares (a choice on the safe side). */
final readonly class SectionMember implements Member
{
    private function __construct(
        private float $moment_Nm,
        private float $shear_N,
        private float $axial_N,
        private float $stiffness_Nm2,
        private float $width_m,
    ) {
    }

    /** Null where one of its values is not known. */
    public static function of(PileSection $section, Coefficients $coefficients): ?self
    {
        return $section->moment === null || $section->shear === null || $section->axial === null || $section->secondMoment === null ? null : new self(
            $section->moment->toSi(),
            $section->shear->toSi(),
            $section->axial->toSi(),
            $section->secondMoment->toSi() * $coefficients->value('aisc_360_16/members', 'modulus_ksi') * Dimension::Pressure->units()['ksi'],
            $section->width->toMetres(),
        );
    }

    public function turned(): Member
    {
        return $this;
    }

    public function stiffness_Nm2(): float
    {
        return $this->stiffness_Nm2;
    }

    public function moment_Nm(Duration $lasts): float
    {
        return $this->moment_Nm;
    }

    public function shear_N(Duration $lasts): float
    {
        return $this->shear_N;
    }

    public function together(float $down_N, float $moment_Nm, float $height_m, Duration $lasts): float
    {
        return abs($down_N) / $this->axial_N + $moment_Nm / $this->moment_Nm;
    }

    /** Both added up, as if its weaker way bore as much: the document's moment has to be that of the weaker way. */
    public function bentBy(float $up_Nm, float $across_Nm): float
    {
        return abs($up_Nm) + abs($across_Nm);
    }

    public function thick_m(): float
    {
        return $this->width_m;
    }

    public function says(): string
    {
        return 'entered_';
    }

    public function source(): string
    {
        return 'As entered, by its document';
    }

    public function keys(): array
    {
        return ['moment_Nm', 'shear_N', 'axial_N', 'second_moment_m4'];
    }
}
