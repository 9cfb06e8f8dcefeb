<?php

declare(strict_types=1);

namespace Garnetine\Core\Tests\Support;

use Garnetine\Core\Quantity\Dimension;

/** Reads quantities back out of sentences, with factors of its own: what a person would understand. */
final class Spoken
{
    /** SI for one of each, by dimension. */
    private const UNITS = [
        'm' => ['in' => 0.0254, '"' => 0.0254, 'mm' => 0.001], 'm2' => ['ft²' => 0.09290304, 'in²' => 6.4516e-4, 'mm²' => 1e-6, 'm²' => 1.0], 'm3' => ['in³' => 1.6387064e-5, 'cm³' => 1e-6], 'm4' => ['in⁴' => 4.162314256e-7, 'cm⁴' => 1e-8],
        'Pa' => ['psf' => 47.88025898, 'Pa' => 1.0, 'psi' => 6894.757293, 'ksi' => 6894757.293, 'MPa' => 1e6], 'N' => ['lb' => 4.4482216153, 'N' => 1.0], 'Nm' => ['lb·in' => 0.11298482903, 'lb·ft' => 1.3558179483, 'N·m' => 1.0],
        'rad' => ['°' => 0.017453292520], 'm_per_s' => ['mph' => 0.44704, 'm/s' => 1.0], 'kg' => ['lb' => 0.45359237, 'kg' => 1.0], 'kg_per_m' => ['lb/ft' => 1.488163944, 'kg/m' => 1.0],
    ];
    private const SIGNS = ['½' => 1 / 2, '¼' => 1 / 4, '¾' => 3 / 4, '⅛' => 1 / 8, '⅜' => 3 / 8, '⅝' => 5 / 8, '⅞' => 7 / 8];

    /** @return array{float, float}|null Value in SI and what it may be off by its last figure; null where the text is no quantity of the kind */
    public static function read(Dimension $dimension, string $text): ?array
    {
        if (preg_match('~^(−?)(?:(\d+)\' ?)?(\d+(?:\.(\d+))?(?![\d/]))? ?(?:(\d+)/(\d+)|([½¼¾⅛⅜⅝⅞]))? ?(\D*)$~u', $text, $found) !== 1 || !isset(self::UNITS[$dimension->value][$found[8]])) {
            return null;
        }
        $factor = self::UNITS[$dimension->value][$found[8]];
        $value = 12 * (float) $found[2] + (float) $found[3] + ($found[6] === '' ? 0.0 : (float) $found[5] / (float) $found[6]) + (self::SIGNS[$found[7]] ?? 0.0);
        $last = $factor === 0.0254 && $found[4] === '' ? 1 / 16 : 10.0 ** -strlen($found[4]);

        return [($found[1] === '' ? 1 : -1) * $value * $factor, (0.5 + 1e-6) * $last * $factor];
    }

    /**
     * What stands where a sentence's template has its blanks.
     *
     * @return array<string, string>|null By blank; null where it is another sentence
     */
    public static function blanks(string $template, string $text): ?array
    {
        $seen = [];
        $pattern = (string) preg_replace_callback('~\\\\\{(\w+)\\\\\}~', static function (array $blank) use (&$seen): string {
            $isNew = !isset($seen[$blank[1]]);
            $seen[$blank[1]] = true;

            return $isNew ? "(?<$blank[1]>[−\\d].*?|.*?)" : "\\k<$blank[1]>";
        }, preg_quote($template, '~'));

        return preg_match("~^$pattern$~u", $text, $found) === 1 ? array_filter($found, is_string(...), ARRAY_FILTER_USE_KEY) : null;
    }
}
