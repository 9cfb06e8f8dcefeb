<?php

declare(strict_types=1);

namespace Garnetine\Core\Message;

use Garnetine\Core\Because\Because;
use Garnetine\Core\Design\Design;
use Garnetine\Core\Design\Ground\TableDesign;
use Garnetine\Core\Design\Surface\Outline;
use Garnetine\Core\Finding\Finding;
use Garnetine\Core\Quantity\Dimension;
use Garnetine\Core\Quantity\Printer;

/** Sentences for codes and typed quantities, in the units of the job. */
final class Texts
{
    /** @var array<string, string> */
    private static array $templates = [];

    /**
     * @param 'member'|'rib'|'seam'|'purlin'|'course'|'place' $stand What feet along a line are counted by, as a kind of member says
     * @param array{string, string} $sides Where tapes begin at the left, and at the right: a hip has no rake
     */
    public function __construct(
        private readonly Printer $printer,
        private readonly string $stand = 'member',
        private readonly array $sides = ['left rake', 'right rake'],
    ) {
        if (self::$templates === []) {
            /** @var array<string, string> $messages */
            $messages = require dirname(__DIR__, 2).'/messages/en.php';
            /** @var array<string, string> $fields */
            $fields = require dirname(__DIR__, 2).'/messages/fields_en.php';
            /** @var array<string, string> $ground */
            $ground = require dirname(__DIR__, 2).'/messages/ground_en.php';
            /** @var array<string, string> $kinds */
            $kinds = require dirname(__DIR__, 2).'/messages/ground_kinds_en.php';
            self::$templates = $messages + $fields + $ground + $kinds;
        }
    }

    /** Texts about a design, in its units and words. */
    public static function of(Design|TableDesign $design): self
    {
        if ($design instanceof TableDesign) {
            return new self($design->printer());
        }
        $outline = Outline::of($design->surface);
        $side = static fn (string $side, float $hip_m): string => $hip_m > 0.0 || $outline->given !== [] ? "$side corner" : "$side rake";

        return new self($design->printer(), $design->stand(), [$side('left', $outline->leftHip_m), $side('right', $outline->rightHip_m)]);
    }

    public function has(string $code): bool
    {
        return isset(self::$templates[$code]);
    }

    /** @param array<string, mixed> $values By name; the ending of a name gives its unit */
    public function say(string $code, array $values = []): string
    {
        [$template, $quoted] = [self::$templates[$code] ?? $code, []];
        // What acts on a table at another tilt than the planned one says so, whatever it asks.
        $tilted = isset($values['tilt_rad']) && !str_contains($template, '{tilt}') ? ', '.$this->say('table.tilted', ['tilt_rad' => $values['tilt_rad']]) : '';
        foreach ($values as $name => $value) {
            $dimension = Dimension::ofKey($name);
            $short = $dimension === null ? $name : rtrim(substr($name, 0, -strlen($dimension->value)), '_');
            $quoted['{'.$short.'}'] = match (true) {
                $name === 'coefficient' && is_string($value) => $this->coefficient($value),
                $name === 'modules' && is_string($value) => self::modules($value),
                $name === 'combination' && is_string($value) => $this->say($value).$tilted,
                default => $this->value($value, $dimension),
            };
        }

        return strtr($template, $quoted + $this->words());
    }

    /** @return array<string, string> What stands in brackets in a text, in the words of this design */
    private function words(): array
    {
        return [
            '[member]' => $this->stand, '[members]' => $this->stand.'s', '[Member]' => ucfirst($this->stand),
            '[Bearer]' => in_array($this->stand, ['rib', 'purlin'], true) ? 'Purlin' : 'Member', '[left]' => $this->sides[0], '[right]' => $this->sides[1],
        ];
    }

    /** @return 'member'|'rib'|'seam'|'purlin'|'course'|'place' What feet along a line are counted by */
    public function stand(): string
    {
        return $this->stand;
    }

    public function finding(Finding $finding): string
    {
        $text = $this->say('finding.'.$finding->code->value, $finding->values);
        $cure = $finding->values['cure'] ?? null;
        $text = is_string($cure) ? "$text {$this->say($cure, $finding->values)}" : $text;

        return isset($finding->values['block']) ? $this->say('block.of', ['block' => $finding->values['block']]).' '.$text : $text;
    }

    public function title(Because $because): string
    {
        if ($because->code === 'coefficient') {
            return $this->coefficient((string) $because->values['id']);
        }

        return $this->say('because.'.$because->code, $because->values);
    }

    /** The name of a published value by its id. */
    public function coefficient(string $id): string
    {
        // The longest known beginning names it; what is left fills the blank.
        for ($known = $id; $known !== ''; $known = substr($known, 0, (int) strrpos($known, '/'))) {
            if (isset(self::$templates["coefficient.$known"])) {
                $key = ltrim(substr($id, strlen($known)), '/');

                return strtr(self::$templates["coefficient.$known"], ['{key}' => self::$templates["choice.species.$key"] ?? self::key($key)]);
            }
        }

        return $id;
    }

    /** Modules as people count them: "1.3, 1.4, 2.8" are "modules 3, 4 of row 1, 8 of row 2". */
    private static function modules(string $list): string
    {
        $rows = [];
        preg_match_all('/(\d+)\.(\d+)/', $list, $found, PREG_SET_ORDER);
        foreach ($found as [, $row, $column]) {
            $rows[$row][] = $column;
        }
        $told = array_map(static fn (int|string $row, array $columns): string => implode(', ', $columns)." of row $row", array_keys($rows), $rows);

        return (count($found) === 1 ? 'module ' : 'modules ').implode('; ', $told).(str_ends_with($list, '…') ? ' and more' : '');
    }

    /** A key as people read it: sizes such as 5/16 stay, other parts are told one after the other. */
    private static function key(string $key): string
    {
        return preg_match('~^\d+/\d+$~', $key) === 1 ? $key : str_replace(['_', '/'], [' ', ', '], $key);
    }

    public function formula(Because $because): string
    {
        $says = $because->code === 'coefficient' && !isset($because->values['note']) ? '' : $this->say('formula.'.$because->code, $because->values);
        // Nothing acts with it that would tell the tilt.
        $isTilted = isset($because->values['tilt_rad']) && str_starts_with($because->code, 'table_') && !isset($because->values['combination']);

        return $isTilted ? $says.', '.$this->say('table.tilted', ['tilt_rad' => $because->values['tilt_rad']]) : $says;
    }

    /**
     * The value of a because, as shown beside its title.
     *
     * @param bool $stacked Under others: bare numbers then have as many decimals as those
     */
    public function valueOf(Because $because, bool $stacked = false): string
    {
        foreach ($because->values as $name => $value) {
            if ($name === 'value' || str_starts_with($name, 'value_')) {
                if ($name === 'value' && is_float($value) && in_array($because->code, ['rail_bending', 'foot', 'module', 'clamp'], true)) {
                    return self::reserve($value);
                }
                if ($name === 'value' && is_float($value) && str_starts_with($because->code, 'table_') && isset($because->values['place'])) {
                    return self::reserve(1 - $value);
                }
                if ($because->input !== null && is_string($value)) {
                    return $this->choice($because->input, $value);
                }

                if ($stacked && is_float($value) && $name === 'value') {
                    return Printer::number($value, 3);
                }
                $text = $this->value($value, Dimension::ofKey($name));

                return is_float($value) && $name === 'value' && !str_contains($text, '.') ? $text.'.0' : $text;
            }
        }

        return '';
    }

    /** The name of what is entered at a JSON pointer. */
    public function field(string $pointer): string
    {
        $pattern = (string) preg_replace(['~^/(block|module|surface|kit|table)s/[^/]+~', '~/\d+(?=/|$)~'], ['/$1', '/*'], $pointer);

        return self::$templates[$pattern] ?? ucfirst(str_replace('_', ' ', substr((string) strrchr($pointer, '/'), 1)));
    }

    public function choice(string $pointer, string $value): string
    {
        $key = substr((string) strrchr($pointer, '/'), 1);

        return strtr(self::$templates["choice.$key.$value"] ?? self::$templates["word.$value"] ?? $value, $this->words());
    }

    /** A reserve as people say it: 12 %, or by how much it fails; never rounded up. */
    public static function reserve(float $reserve): string
    {
        return Printer::number(floor(100 * $reserve + 1e-6), 0).' %';
    }

    /** @return 'fails'|'tight'|'holds' Holds from a tenth of reserve, tight below, fails under zero */
    public static function word(float $reserve): string
    {
        return match (true) {
            $reserve < -1e-9 => 'fails',
            $reserve < 0.10 => 'tight',
            default => 'holds',
        };
    }

    private function value(mixed $value, ?Dimension $dimension): string
    {
        if ($dimension !== null && (is_float($value) || is_int($value))) {
            return $this->printer->print($dimension, (float) $value);
        }
        if (is_float($value)) {
            return rtrim(rtrim(Printer::number($value, 3), '0'), '.');
        }
        if (!is_string($value)) {
            return is_int($value) ? (string) $value : '';
        }
        if (str_starts_with($value, '/')) {
            return $this->field($value);
        }

        return self::$templates[$value] ?? self::$templates["link.$value"] ?? self::$templates["word.$value"] ?? self::$templates["choice.kind.$value"]
            ?? self::$templates["choice.roof_kind.$value"] ?? self::$templates["choice.material.$value"] ?? self::$templates["choice.wind_speed_kind.$value"]
                ?? $value;
    }
}
