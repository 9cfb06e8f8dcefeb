<?php

declare(strict_types=1);

namespace App\Hazards;

use Garnetine\Core\Quantity\Length;
use Garnetine\Core\Quantity\Pressure;
use Garnetine\Core\Quantity\Speed;

/** A dozen invented towns with invented hazards, for trying the look-up; no real place has these values. */
final class SimulatedGazetteer implements HazardLookup
{
    /** Town: wind speeds for risk categories I to IV in mph, ground snow in psf, elevation in ft. */
    private const TOWNS = [
        'Ash Corner' => [[105, 112, 120, 125], 20, 640],
        'Brindle Pass' => [[100, 105, 115, 120], 85, 6210],
        'Copper Fell' => [[98, 104, 112, 116], 55, 4380],
        'Elderwick' => [[106, 114, 122, 127], 30, 210],
        'Low Hesper' => [[105, 115, 120, 125], 5, 95],
        'Marrow Ford' => [[105, 115, 120, 125], 15, 300],
        'Northwade' => [[107, 116, 124, 129], 60, 830],
        'Pennant Rise' => [[102, 110, 118, 122], 40, 2950],
        'Quill Harbor' => [[128, 138, 148, 154], 10, 14],
        'Saltmere' => [[140, 152, 163, 170], 0, 8],
        'Tarn Hollow' => [[103, 109, 117, 121], 70, 1720],
        'Wythe Landing' => [[118, 127, 136, 141], 25, 40],
    ];

    public function name(): string
    {
        return 'simulated gazetteer of invented towns';
    }

    public function find(string $text): array
    {
        $wanted = mb_strtolower(trim($text));
        $found = [];
        foreach (self::TOWNS as $town => [$speeds_mph, $snow_psf, $elevation_ft]) {
            if ($wanted === '' || str_contains(mb_strtolower($town), $wanted)) {
                $speeds = array_map(static fn (int $speed_mph): Speed => Speed::ofMilesPerHour((float) $speed_mph), $speeds_mph);
                $found[] = new PlaceHazards(
                    $town,
                    array_combine(['I', 'II', 'III', 'IV'], $speeds),
                    Pressure::ofPsf((float) $snow_psf),
                    Length::ofFeet((float) $elevation_ft),
                );
            }
        }

        return array_slice($found, 0, 12);
    }
}
