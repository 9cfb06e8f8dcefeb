<?php

declare(strict_types=1);

namespace App\Desk;

use Garnetine\Core\Covering\Shingles;
use Garnetine\Core\Design\Design;
use Garnetine\Core\Design\Ground\Racking\PileRow;
use Garnetine\Core\Design\Ground\Racking\PileTable;
use Garnetine\Core\Design\Ground\Racking\Pole;
use Garnetine\Core\Design\Ground\Racking\Racking;
use Garnetine\Core\Design\Ground\Racking\SpikeFrames;
use Garnetine\Core\Design\Ground\Racking\TwoRows;
use Garnetine\Core\Design\Ground\TableDesign;
use Garnetine\Core\Design\Site\Site;
use Garnetine\Core\Design\Surface\FirePlane;
use Garnetine\Core\Design\Surface\NoWorkKind;
use Garnetine\Core\Design\Surface\SurveyAnswer;
use Garnetine\Core\Document\Field;
use Garnetine\Core\Document\Kinds;
use Garnetine\Core\Document\Shape;
use Garnetine\Core\Foot\Standoff;
use Garnetine\Core\Message\Texts;
use Garnetine\Core\Quantity\Quantity;
use Garnetine\Core\Quantity\QuantityText;

/**
 * Every value of a design as a worksheet shows it: its name, its text, and what may be chosen.
 *
 * @phpstan-type Choice array{
 *     value: string,
 *     text: string,
 * }
 * @phpstan-type FieldInfo array{
 *     label: string,
 *     kind: 'quantity'|'count'|'text'|'choice',
 *     text: string,
 *     optional: bool,
 *     value?: string|null,
 *     choices?: list<Choice>,
 *     // Whether nobody entered it: it came with the blank job.
 *     example: bool,
 *     // What was typed, where that is in other units than the job's.
 *     typed?: string|null,
 * }
 * @phpstan-type SurveyItem array{
 *     item: string,
 *     label: string,
 *     answer: string|null,
 *     by: string|null,
 *     on: string|null,
 *     photo: string|null,
 * }
 */
final class FieldView
{
    /** What no worksheet enters: signatures, what is drawn, and what a surface and its block are. */
    private const ELSEWHERE = [
        '/confirmations', '/own_copies', '/block/left_out', '/block/surface', '/block/module', '/block/kit', '/surface/kind', '/table/module',
    ];

    /** @return array<string, FieldInfo> By JSON pointer */
    public static function all(Design|TableDesign $design, Texts $texts): array
    {
        $fields = [];
        self::walk($design, '', $design, $texts, $fields);

        return $fields;
    }

    /** @return array<string, int> Lengths of the lists that worksheets go through */
    public static function counts(Design|TableDesign $design): array
    {
        if ($design instanceof TableDesign) {
            return [
                '/table/ground/levels' => count($design->table->ground->levels), '/table/built' => count($design->table->built),
                '/table/seasons' => count($design->table->seasons), '/table/bed' => $design->table->bed === null ? 0 : 1,
                '/table/services' => $design->table->services === null ? 0 : 1,
                '/table/place' => $design->table->place === null ? 0 : 1, '/site/buried' => count($design->site->buried),
                ...self::areas($design->site),
                '/table/position' => $design->table->position === null ? 0 : 1,
                '/table/crew' => $design->table->crew === null ? 0 : 1, '/table/crew/forecast' => count($design->table->crew->forecast ?? []),
                '/table/sunshine' => $design->table->sunshine === null ? 0 : 1,
                '/table/sunshine/horizon' => count($design->table->sunshine->horizon ?? []),
                '/table/measured' => $design->table->measured === null ? 0 : 1,
                '/table/soil/report' => $design->table->soil->report === null ? 0 : 1,
                '/table/footing/doubling' => $design->table->footing->doubling === null ? 0 : 1, ...self::listsOfRacking($design->table->racking),
                '/table/racking/brace' => $design->table->racking instanceof TwoRows && $design->table->racking->sizes()->brace !== null ? 1 : 0,
                '/module/ratings' => count($design->module->ratings),
                ...self::site($design->site),
            ];
        }

        return [
            '/surface/no_work_rectangles' => count($design->surface->noWorkRectangles), '/surface/no_work_circles' => count($design->surface->noWorkCircles),
            '/module/ratings' => count($design->module->ratings), '/surface/penetrations' => count($design->surface->penetrations),
            '/block/left_out' => count($design->block->leftOut), '/block/pins' => count($design->block->pins),
            '/block/bars' => count($design->block->bars), '/rules/remnants' => count($design->rules->remnants),
            '/surface/snow_features' => count($design->surface->snowFeatures),
            '/surface/outline' => count($design->surface->outline), '/surface/framing/own' => count($design->surface->framing->own),
            '/surface/framing/lap' => $design->surface->framing->lap === null ? 0 : 1,
            ...self::site($design->site),
            '/kit/foot/post' => $design->kit->foot instanceof Standoff && $design->kit->foot->post !== null ? 1 : 0,
            '/kit/rail/spans' => $design->kit->rail->spans === null ? 0 : 1, '/kit/rail/spans/rows' => count($design->kit->rail->spans->rows ?? []),
            '/kit/edge_foot' => $design->kit->edgeFoot === null ? 0 : 1,
            '/kit/under' => $design->kit->under === null ? 0 : 1, '/kit/bonding' => $design->kit->bonding === null ? 0 : 1,
            '/given' => $design->given === null ? 0 : 1, '/fire' => $design->fire === null ? 0 : 1,
        ];
    }

    /** @return array<string, int> What a place has whatever stands there */
    private static function site(Site $site): array
    {
        return [
            '/site/hill' => $site->hill === null ? 0 : 1, '/site/en' => $site->en === null ? 0 : 1,
            '/site/as_nzs' => $site->asNzs === null ? 0 : 1, '/site/as_nzs/shielding' => $site->asNzs?->shielding === null ? 0 : 1,
        ];
    }

    /** @return array<string, int> */
    private static function areas(Site $site): array
    {
        $corners = [];
        foreach ($site->noDig as $index => $area) {
            $corners["/site/no_dig/$index/corners"] = count($area->corners);
        }

        foreach ($site->soils as $index => $area) {
            $corners["/site/soils/$index/corners"] = count($area->corners);
        }

        return ['/site/no_dig' => count($site->noDig), '/site/soils' => count($site->soils)] + $corners;
    }

    /** @return array<string, int> What some kinds of tables have and others have not */
    private static function listsOfRacking(Racking $racking): array
    {
        return [
            '/table/racking/tests/each' => $racking instanceof PileTable || $racking instanceof PileRow || $racking instanceof SpikeFrames
                ? count($racking->tests->each) : 0,
            '/table/racking/resin' => $racking instanceof SpikeFrames && $racking->resin !== null ? 1 : 0,
            '/table/racking/stow' => $racking instanceof Pole && $racking->stow !== null ? 1 : 0,
        ];
    }

    /** @return list<SurveyItem> */
    public static function survey(Design $design, Texts $texts): array
    {
        return array_map(static fn (string $item): array => [
            'item' => $item, 'label' => $texts->say("survey.$item"), 'answer' => $design->survey[$item]->answer ?? null,
            'by' => $design->survey[$item]->by ?? null, 'on' => $design->survey[$item]->on ?? null, 'photo' => $design->survey[$item]->photo ?? null,
        ], array_values(array_diff(SurveyAnswer::ITEMS, $design->surface->covering instanceof Shingles ? [] : SurveyAnswer::OF_SHINGLES)));
    }

    /** @param array<string, FieldInfo> $fields */
    private static function walk(object $part, string $path, Design|TableDesign $design, Texts $texts, array &$fields): void
    {
        foreach (Shape::of($part::class)->fields as $key => $field) {
            $pointer = "$path/$key";
            $value = $part->{$field->property};
            if ($field->keyed !== null || in_array($pointer, self::ELSEWHERE, true)) {
                continue;
            }
            if (is_array($value)) {
                foreach ($value as $index => $item) {
                    if (is_object($item)) {
                        self::walk($item, "$pointer/$index", $design, $texts, $fields);
                    }
                }
            } elseif (is_object($value) && !$value instanceof Quantity && !$value instanceof \BackedEnum) {
                $kinds = Kinds::of($field->type);
                if ($kinds !== []) {
                    $fields["$pointer/kind"] = self::kind("$pointer/kind", (string) Kinds::nameOf($value::class), array_keys($kinds), $design, $texts);
                }
                self::walk($value, $pointer, $design, $texts, $fields);
            } elseif (!class_exists($field->type) || is_a($field->type, Quantity::class, true) || is_a($field->type, \BackedEnum::class, true)) {
                $fields[$pointer] = self::field($field, $pointer, $value, $design, $texts);
            }
        }
    }

    /** Paths are strips. */
    private static function isNoCircle(string $pointer, \BackedEnum $case): bool
    {
        return $case instanceof NoWorkKind && $case->isPath() && str_starts_with($pointer, '/surface/no_work_circles/');
    }

    /**
     * @param list<string> $kinds
     *
     * @return FieldInfo
     */
    private static function kind(string $pointer, string $kind, array $kinds, Design|TableDesign $design, Texts $texts): array
    {
        return [
            'kind' => 'choice', 'text' => $texts->choice($pointer, $kind), 'value' => $kind,
            'choices' => array_map(static fn (string $one): array => ['value' => $one, 'text' => $texts->choice($pointer, $one)], $kinds),
            'label' => $texts->field($pointer), 'optional' => false, 'example' => isset($design->origins[$pointer]),
        ];
    }

    /** @return FieldInfo */
    private static function field(Field $field, string $pointer, mixed $value, Design|TableDesign $design, Texts $texts): array
    {
        $view = [
            'label' => $texts->field($pointer),
            'kind' => 'text',
            'text' => '',
            'optional' => $field->optional,
            'example' => isset($design->origins[$pointer]),
        ];
        if (is_a($field->type, \BackedEnum::class, true)) {
            return [
                'kind' => 'choice', 'text' => $value instanceof \BackedEnum ? $texts->choice($pointer, (string) $value->value) : '',
                'value' => $value instanceof \BackedEnum ? (string) $value->value : null,
                'choices' => array_map(
                    static fn (\BackedEnum $case): array => ['value' => (string) $case->value, 'text' => $texts->choice($pointer, (string) $case->value)],
                    array_values(array_filter($field->type::cases(), static fn (\BackedEnum $case): bool => !self::isNoCircle($pointer, $case))),
                ),
            ] + $view;
        }
        if ($field->type === 'bool') {
            return [
                'kind' => 'choice',
                'text' => $value === true ? 'yes' : 'no',
                'value' => $value === true ? 'yes' : 'no',
                'choices' => [['value' => 'yes', 'text' => 'yes'], ['value' => 'no', 'text' => 'no']],
            ] + $view;
        }
        if ($pointer === '/surface/fire/path_on' && $design instanceof Design && $design->fireRoof !== null) {
            $names = array_map(static fn (FirePlane $plane): string => $plane->surface->name, $design->fireRoof->planes);
            $others = array_diff_key($names, [$design->fireRoof->here => true]);

            return [
                'kind' => 'choice', 'text' => is_string($value) ? $names[$value] ?? $value : '', 'value' => is_string($value) ? $value : null,
                'choices' => array_map(static fn (string $id, string $name): array => ['value' => $id, 'text' => $name], array_keys($others), $others),
            ] + $view;
        }
        $typed = $value instanceof Quantity ? $design->asTyped[$pointer] ?? null : null;
        $isForeign = $typed !== null && !in_array(QuantityText::system($value::dimension(), $typed), [null, $design->units], true);
        $text = match (true) {
            $typed !== null && !$isForeign => $typed,
            $value instanceof Quantity => $design->printer()->print($value::dimension(), $value->toSi()),
            is_float($value) => rtrim(rtrim(sprintf('%.4F', $value), '0'), '.'),
            is_int($value), is_string($value) => (string) $value,
            default => '',
        };

        return [
            'kind' => $field->type === 'int' || $field->type === 'float' ? 'count' : (Shape::dimension($field->type) === null ? 'text' : 'quantity'),
            'text' => $text,
            'typed' => $isForeign ? $typed : null,
        ] + $view;
    }
}
