<?php

declare(strict_types=1);

namespace Garnetine\Core\Document;

/** Tables as spreadsheets read them. No cell that is written can run as a formula, and none that is read may be one. */
final class Csv
{
    /** A leading = + - @, tab or return, after whatever is not seen, full-width ones too. */
    private const FORMULA = '/^[\s\p{C}\p{Z}]*(?:[=+\-@\t\r|%＝＋－＠％｜\x{2212}]|[\t\r])/u';

    /** @param iterable<list<string>> $rows */
    public static function write(iterable $rows): string
    {
        $stream = self::stream();
        foreach ($rows as $row) {
            fputcsv($stream, array_map(self::safe(...), $row), escape: '', eol: "\r\n");
        }
        rewind($stream);

        return (string) stream_get_contents($stream);
    }

    /** A leading apostrophe keeps a cell a text. */
    private static function safe(string $cell): string
    {
        return self::isFormula($cell) ? "'".$cell : $cell;
    }

    /** Whether a spreadsheet might run it; a cell that cannot be read counts as one. */
    public static function isFormula(string $cell): bool
    {
        return !is_numeric($cell) && preg_match(self::FORMULA, $cell) !== 0;
    }

    /**
     * Cells parted by commas, or by semicolons where the first row has more of these; trimmed, and without the apostrophe that write() puts before some.
     *
     * @return iterable<int, list<string>> By the number of the row, from 1; rows with nothing in them are left out
     *
     * @throws DocumentInvalid if it is no text
     */
    public static function read(string $text): iterable
    {
        if (!mb_check_encoding($text, 'UTF-8')) {
            throw DocumentInvalid::at('', 'a table in UTF-8', 'other bytes');
        }
        $text = (string) preg_replace('/^\xEF\xBB\xBF/', '', $text);
        $first = (string) strtok($text, "\r\n");
        $stream = self::stream();
        fwrite($stream, $text);
        rewind($stream);
        $separator = substr_count($first, ';') > substr_count($first, ',') ? ';' : ',';
        for ($number = 1; ($cells = fgetcsv($stream, null, $separator, '"', '')) !== false; ++$number) {
            $cells = array_map(static fn (?string $cell): string => trim((string) $cell), $cells);
            if (array_filter($cells, static fn (string $cell): bool => $cell !== '') !== []) {
                yield $number => $cells;
            }
        }
    }

    /** @return resource */
    private static function stream()
    {
        return fopen('php://temp', 'r+') ?: throw new \RuntimeException('No temporary stream.');
    }
}
