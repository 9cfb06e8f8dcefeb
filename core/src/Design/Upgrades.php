<?php

declare(strict_types=1);

namespace Garnetine\Core\Design;

use Garnetine\Core\Covering\Covering;
use Garnetine\Core\Design\Surface\SurfaceKind;
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

        $upgraded = ($upgraded->schema ?? null) === 3 ? self::toFour($upgraded) : $upgraded;

        return ($upgraded->schema ?? null) === 4 ? self::withKinds($upgraded) : $upgraded;
    }

    /** Version 3: other standards, given pressures, hills, what snow drifts against, capacities of two formats. */
    private static function toThree(\stdClass $document): \stdClass
    {
        $added = [
            '' => ['given' => null],
            'site' => [
                'combinations' => 'asd',
                'array_holds_snow' => 'no',
                'ground_snow_kind' => 'nominal',
                'hill' => null,
                'winter_wind' => null,
                'en' => null,
                'as_nzs' => null,
            ],
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

    /** Where values of a foot stand since it is of a kind, with a base and a flashing. */
    private const FOOT = [
        'base_thickness_m' => 'base/thickness_m', 'plate_material' => 'base/material', 'heel_m' => 'base/heel_m', 'lateral_N' => 'base/lateral_N',
        'lateral_document' => 'base/lateral_document',
        'flashing_thickness_m' => 'flashing/thickness_m', 'flashing_width_m' => 'flashing/width_m', 'flashing_below_m' => 'flashing/below_m',
        'flashing_above_m' => 'flashing/above_m',
        'makers_cover_m' => 'flashing/makers_cover_m',
    ];

    /** The pointer of version 4, within the design of a surface, to what one of version 3 led to. */
    private static function moved(string $pointer): string
    {
        foreach (self::FOOT as $from => $to) {
            if ($pointer === "/kit/foot/$from") {
                return "/kit/foot/$to";
            }
        }

        return (string) preg_replace(['~^/penetrations/~', '~^/rules/(pins|bars)/~'], ['/surface/penetrations/', '/block/$1/'], $pointer);
    }

    private static function kit(mixed $kit): mixed
    {
        if (!$kit instanceof \stdClass || !($kit->foot ?? null) instanceof \stdClass) {
            return $kit;
        }
        $foot = get_object_vars($kit->foot);
        $parts = ['base' => [], 'flashing' => []];
        foreach (array_intersect_key(self::FOOT, $foot) as $from => $to) {
            [$part, $key] = explode('/', $to);
            $parts[$part][$key] = $foot[$from];
        }
        $kit->foot = (object) ([
            'kind' => 'flashed_foot',
            'base' => (object) $parts['base'],
            'flashing' => (object) $parts['flashing'],
        ] + array_diff_key($foot, self::FOOT));

        return $kit;
    }

    /** Version 4: surfaces, blocks, modules and kits by ids, holes with their surface, pins and bars with their block; what was signed stays signed. */
    private static function toFour(\stdClass $document): \stdClass
    {
        $upgraded = clone $document;
        foreach (['surfaces', 'blocks', 'modules', 'kits'] as $key) {
            if (property_exists($upgraded, $key)) {
                throw DocumentInvalid::at("/$key", 'no key of this name in version 3', 'an unknown key');
            }
        }
        $part = new Part('plane-1', 'plane-1', 'module-1', 'kit-1');
        $copy = static fn (string $key): mixed => ($document->{$key} ?? null) instanceof \stdClass ? clone $document->{$key} : $document->{$key} ?? null;
        [$surface, $block, $rules] = [$copy('surface'), $copy('block'), $copy('rules')];
        if ($surface instanceof \stdClass) {
            $surface->kind = SurfaceKind::RoofPlane->value;
            $surface->name = 'Roof';
            $surface->penetrations = $document->penetrations ?? null;
            unset($surface->id);
        }
        if ($block instanceof \stdClass) {
            [$block->surface, $block->module, $block->kit] = [$part->surface, $part->module, $part->kit];
            unset($block->id);
            foreach (['pins', 'bars'] as $hand) {
                if ($rules instanceof \stdClass && property_exists($rules, $hand)) {
                    $block->{$hand} = $rules->{$hand};
                    unset($rules->{$hand});
                }
            }
        }
        $upgraded->surfaces = (object) ['plane-1' => $surface];
        $upgraded->blocks = (object) ['plane-1' => $block];
        $upgraded->modules = (object) ['module-1' => $document->module ?? null];
        $upgraded->kits = (object) ['kit-1' => self::kit($copy('kit'))];
        $upgraded->rules = $rules;
        unset($upgraded->surface, $upgraded->block, $upgraded->module, $upgraded->kit, $upgraded->penetrations);
        foreach (['as_typed', 'origins'] as $map) {
            if (($document->{$map} ?? null) instanceof \stdClass) {
                $places = [];
                foreach (get_object_vars($document->{$map}) as $pointer => $value) {
                    $places[$part->inJob(self::moved((string) $pointer))] = $value;
                }
                $upgraded->{$map} = (object) $places;
            }
        }
        if (is_array($document->confirmations ?? null)) {
            $upgraded->confirmations = array_map(static function (mixed $one) use ($part): mixed {
                if (!$one instanceof \stdClass || !is_string($one->subject ?? null)) {
                    return $one;
                }
                $same = clone $one;
                $same->subject = $part->subjectInJob($one->subject);

                return $same;
            }, $document->confirmations);
        }
        $upgraded->schema = 4;

        return $upgraded;
    }

    /** Values that moved from a surface into its shingles. */
    private const SHINGLES = ['shingle_thickness_m', 'underlayment_thickness_m', 'lower_butt_m', 'upper_butt_m', 'courses_between'];

    /**
     * Within version 4: the lag screw of a kit became a fastener of the kind "lag", the covering of a surface one of several kinds; days of a crew got a
     * name of their own.
     */
    private static function withKinds(\stdClass $document): \stdClass
    {
        $kits = self::changed($document, 'kits', self::withFastener(...));
        $surfaces = self::changed($document, 'surfaces', self::withCovering(...));
        $tables = self::changed($document, 'tables', self::withCrew(...));
        if ($kits === [] && $surfaces === [] && $tables === []) {
            return $document;
        }
        $upgraded = clone $document;
        foreach (['kits' => $kits, 'surfaces' => $surfaces, 'tables' => $tables] as $map => $changed) {
            if ($changed !== []) {
                $upgraded->{$map} = (object) ($changed + self::map($document, $map));
            }
        }
        foreach (['as_typed', 'origins'] as $map) {
            if (($document->{$map} ?? null) instanceof \stdClass) {
                $upgraded->{$map} = (object) self::replaced(self::map($document, $map), $surfaces);
            }
        }
        foreach ($surfaces as $id => $surface) {
            // What nobody ever entered, as nothing asked for it.
            $kind = $surface->covering instanceof \stdClass ? $surface->covering->kind : '';
            foreach (in_array($kind, ['metal', 'tile'], true) ? array_keys(Covering::TYPICAL[$kind]) : [] as $key) {
                $upgraded->origins = (object) (["/surfaces/$id/covering/$key" => Examples::ORIGIN] + self::map($upgraded, 'origins'));
            }
        }

        return $upgraded;
    }

    /**
     * @param \Closure(\stdClass): (\stdClass|null) $change Null where nothing is to be changed
     *
     * @return array<string, \stdClass> Those of a map that were changed, by id
     */
    private static function changed(\stdClass $document, string $map, \Closure $change): array
    {
        return array_filter(array_map(
            static fn (mixed $part): ?\stdClass => $part instanceof \stdClass ? $change(clone $part) : null,
            self::map($document, $map),
        ));
    }

    /** @return array<string, mixed> */
    private static function map(\stdClass $document, string $map): array
    {
        /** @var array<string, mixed> $entries */
        $entries = ($document->{$map} ?? null) instanceof \stdClass ? get_object_vars($document->{$map}) : [];

        return $entries;
    }

    private static function withFastener(\stdClass $kit): ?\stdClass
    {
        if (!($kit->lag ?? null) instanceof \stdClass || property_exists($kit, 'fastener')) {
            return null;
        }
        $kit->fastener = (object) (['kind' => 'lag'] + get_object_vars($kit->lag));
        unset($kit->lag);

        return $kit;
    }

    /** The days of a crew once stood under a name that told less. */
    private static function withCrew(\stdClass $table): ?\stdClass
    {
        if (!property_exists($table, 'work') || property_exists($table, 'crew')) {
            return null;
        }
        $table->crew = $table->work;
        unset($table->work);

        return $table;
    }

    private static function withCovering(\stdClass $surface): ?\stdClass
    {
        $covering = $surface->covering ?? null;
        if ($covering instanceof \stdClass && ($covering->kind ?? null) === 'tile' && count(get_object_vars($covering)) === 1) {
            // Once nothing was told of tiles.
            $surface->covering = (object) (['kind' => 'tile'] + Covering::TYPICAL['tile']);

            return $surface;
        }
        if (!is_string($covering)) {
            return null;
        }
        $own = array_intersect_key(get_object_vars($surface), array_flip(self::SHINGLES));
        $surface->covering = (object) (['kind' => $covering === 'other' ? 'other_covering' : $covering] + match ($covering) {
            'asphalt_shingles' => $own,
            default => Covering::TYPICAL[$covering] ?? [],
        });
        foreach (array_keys($own) as $key) {
            unset($surface->{$key});
        }

        return $surface;
    }

    /**
     * A map by pointers, as they lead to the same values after the change.
     *
     * @param array<string, mixed> $places
     * @param array<string, \stdClass> $surfaces Those with a covering of a kind
     *
     * @return array<string, mixed>
     */
    private static function replaced(array $places, array $surfaces): array
    {
        $replaced = [];
        foreach ($places as $pointer => $value) {
            $pointer = (string) preg_replace(['~^(/kits/[^/]+)/lag/~', '~^(/tables/[^/]+)/work(?=/|$)~'], ['$1/fastener/', '$1/crew'], $pointer);
            [, $map, $id, $key] = explode('/', $pointer) + ['', '', '', ''];
            $covering = $map === 'surfaces' ? $surfaces[$id]->covering ?? null : null;
            if ($covering instanceof \stdClass && in_array($key, self::SHINGLES, true)) {
                if (!property_exists($covering, $key)) {
                    continue;
                }
                $pointer = "/surfaces/$id/covering/$key";
            }
            $replaced[$covering !== null && $pointer === "/surfaces/$id/covering" ? "$pointer/kind" : $pointer] = $value;
        }

        return $replaced;
    }
}
