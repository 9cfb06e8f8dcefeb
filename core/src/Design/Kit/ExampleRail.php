<?php

declare(strict_types=1);

namespace Garnetine\Core\Design\Kit;

use Garnetine\Core\Design\Site\Standard;
use Garnetine\Core\Quantity\Force;
use Garnetine\Core\Quantity\Length;

/** Three made-up rails with their clamps and bolts, to begin with until a maker's values are entered; the light one comes with a foot on one lag. */
enum ExampleRail: string
{
    case Light = 'light';
    case Standard = 'standard';
    case Heavy = 'heavy';

    private const DOCUMENT = 'made up: enter the maker’s values';

    /** @return array<string, mixed> By JSON pointer */
    public function changes(): array
    {
        // in³, in³, in⁴, lb/ft, lb·in, ft; then lb: clamp up and along, bolt up and along.
        [$sx, $sy, $ix, $mass, $splice, $stock, $clampUp, $clampAlong, $boltUp, $boltAlong] = match ($this) {
            self::Light => [0.178, 0.192, 0.148, 0.56, 1_900, 14, 450, 180, 900, 350],
            self::Standard => [0.372, 0.312, 0.421, 0.79, 4_300, 14, 600, 250, 1_200, 500],
            self::Heavy => [0.758, 0.528, 1.156, 1.21, 8_900, 17, 800, 350, 1_700, 700],
        };
        $inch = Length::ofInches(1.0)->toMetres();
        $pound = Force::ofPounds(1.0)->toNewtons();
        $psi = $pound / $inch ** 2;
        $name = ucfirst($this->value).' example';

        return [
            '/kit/rail/name' => "$name rail", '/kit/rail/document' => self::DOCUMENT,
            '/kit/rail/section_modulus_x_m3' => $sx * $inch ** 3, '/kit/rail/section_modulus_y_m3' => $sy * $inch ** 3,
            '/kit/rail/second_moment_x_m4' => $ix * $inch ** 4,
            '/kit/rail/elastic_modulus_Pa' => 10_100_000 * $psi, '/kit/rail/allowable_stress_Pa' => 19_500 * $psi,
            '/kit/rail/line_mass_kg_per_m' => $mass * 0.45359237 / (12 * $inch), '/kit/rail/splice_moment_Nm' => $splice * $pound * $inch,
            '/kit/rail/stock_length_m' => 12 * $stock * $inch,
            '/kit/clamp/name' => "$name clamp", '/kit/clamp/document' => self::DOCUMENT, '/kit/clamp/up_N' => $clampUp * $pound,
            '/kit/clamp/along_N' => $clampAlong * $pound,
            '/kit/bolt/name' => "$name bolt", '/kit/bolt/document' => self::DOCUMENT, '/kit/bolt/up_N' => $boltUp * $pound,
            '/kit/bolt/along_N' => $boltAlong * $pound,
        ] + ($this !== self::Light ? [] : [
            '/kit/foot/name' => "$name foot, one lag", '/kit/foot/document' => self::DOCUMENT, '/kit/foot/up_N' => 520 * $pound,
            '/kit/foot/down_N' => 1_200 * $pound, '/kit/foot/along_N' => 330 * $pound,
            '/kit/foot/rail_height_m' => 3 * $inch, '/kit/foot/base/heel_m' => 1.5 * $inch,
        ]);
    }
}
