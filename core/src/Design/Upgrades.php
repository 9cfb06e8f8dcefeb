<?php

declare(strict_types=1);

namespace Garnetine\Core\Design;

use Garnetine\Core\Document\DocumentInvalid;

/** Brings a design of an older version to the newest, one version at a time. A frozen design of each stays with the tests. */
final class Upgrades
{
    /** @throws DocumentInvalid if an old design has keys of a newer version */
    public static function toNewest(\stdClass $document): \stdClass
    {
        $upgraded = clone $document;
        if (($upgraded->schema ?? null) === 1) {
            // Version 2: values from the company's own copies of the standards.
            if (property_exists($upgraded, 'own_copies')) {
                throw DocumentInvalid::at('/own_copies', 'no key of this name in version 1', 'an unknown key');
            }
            $upgraded->own_copies = [];
            $upgraded->schema = 2;
        }
        if (($upgraded->schema ?? null) === 2) {
            $upgraded = self::toThree($upgraded);
        }

        return $upgraded;
    }

    /** Version 3: other standards, given pressures, hills, what snow drifts against, capacities of two formats. */
    private static function toThree(\stdClass $document): \stdClass
    {
        $added = [
            '' => ['given' => null],
            'site' => ['combinations' => 'asd', 'array_holds_snow' => 'no', 'ground_snow_kind' => 'nominal', 'hill' => null, 'winter_wind' => null, 'en' => null, 'as_nzs' => null],
            'surface' => ['snow_features' => [], 'left_hip_m' => 0.0, 'right_hip_m' => 0.0],
            'surface/framing' => ['span_m' => null, 'grade' => null],
            'kit' => ['capacities' => 'allowable'],
            'kit/lag' => ['pull_out_N' => null],
        ];
        $upgraded = clone $document;
        foreach ($added as $path => $keys) {
            $part = $upgraded;
            foreach ($path === '' ? [] : explode('/', $path) as $key) {
                if (!($part->{$key} ?? null) instanceof \stdClass) {
                    // Not an object: the reader says so.
                    continue 2;
                }
                $part->{$key} = clone $part->{$key};
                $part = $part->{$key};
            }
            foreach ($keys as $key => $value) {
                if (property_exists($part, $key)) {
                    throw DocumentInvalid::at(($path === '' ? '' : "/$path")."/$key", 'no key of this name in version 2', 'an unknown key');
                }
                $part->{$key} = $value;
            }
        }
        $upgraded->schema = 3;

        return $upgraded;
    }
}
