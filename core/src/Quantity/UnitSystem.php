<?php

declare(strict_types=1);

namespace Garnetine\Core\Quantity;

/** The units that a job is measured and shown in. */
enum UnitSystem: string
{
    /** Feet, inches and sixteenths; pounds; psf; mph. */
    case Us = 'ft_in';
    /** Millimetres; newtons; pascals; m/s. */
    case Metric = 'mm';

    /** The step to which marks on the roof are rounded: 1/8 in or 1 mm. */
    public function roofMark_m(): float
    {
        return $this === self::Us ? 0.0254 / 8 : 0.001;
    }

    /** The step to which pieces are cut: 1/16 in or 1 mm. */
    public function cut_m(): float
    {
        return $this === self::Us ? 0.0254 / 16 : 0.001;
    }
}
