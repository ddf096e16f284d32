<?php

declare(strict_types=1);

namespace App\Shelf\PartsList;

/**
 * A parts list as RFC 4180 has it, kept as UTF-8 in a file of ours; encoding, separator and decimal sign of the
 * original are recognised.
 */
final readonly class CsvFile
{
    private const SEPARATORS = [';', "\t", ','];
    private const LONGEST_CELL = 2000;
    private const MOST_LINES = 50_000;

    /**
     * Reads the heading and counts the records.
     *
     * @param string $path of our own copy, UTF-8 without byte order mark
     *
     * @return array{Reading, int} and the number of records below the heading
     *
     * @throws UnreadableList If there is no heading, no record, a required column is missing or named twice, or there
     *     are too many lines.
     */
    public static function open(string $path, string $encoding): array
    {
        $separator = self::separatorOf((string) fgets(self::handle($path)));
        $columns = [];
        $unknown = [];
        $total = 0;
        $decimals = ['.' => 0, ',' => 0];
        foreach (self::records($path, $separator, 0) as $i => [$cells]) {
            if ($i === 0) {
                [$columns, $unknown] = self::heading($cells);
                continue;
            }
            ++$total;
            foreach (array_intersect($columns, Columns::DECIMAL) as $at => $_) {
                if (preg_match('/([.,])\d+$/', trim($cells[$at] ?? ''), $sign) === 1) {
                    ++$decimals[$sign[1]];
                }
            }
            if ($total > self::MOST_LINES) {
                throw UnreadableList::because(sprintf('It has more than %d lines: divide it.', self::MOST_LINES));
            }
        }
        if ($total === 0) {
            throw UnreadableList::because('There is no line below the heading.');
        }

        return [
            new Reading(
                $encoding,
                $separator,
                $decimals[','] > $decimals['.'] ? ',' : '.',
                $columns,
                $unknown,
            ),
            $total,
        ];
    }

    /**
     * Text as UTF-8, and what it was.
     *
     * @return array{string, string}
     *
     * @throws UnreadableList If the bytes are no text.
     */
    public static function decoded(string $bytes): array
    {
        foreach (["\xFF\xFE" => 'UTF-16LE', "\xFE\xFF" => 'UTF-16BE'] as $mark => $name) {
            if (str_starts_with($bytes, $mark)) {
                return [(string) mb_convert_encoding(substr($bytes, 2), 'UTF-8', $name), 'UTF-16'];
            }
        }
        $bytes = str_starts_with($bytes, "\xEF\xBB\xBF") ? substr($bytes, 3) : $bytes;
        if (str_contains($bytes, "\0")) {
            throw UnreadableList::because('This is no text file.');
        }

        return mb_check_encoding($bytes, 'UTF-8')
            ? [$bytes, 'UTF-8']
            : [(string) mb_convert_encoding($bytes, 'UTF-8', 'Windows-1252'), 'Windows-1252'];
    }

    /**
     * Records from a byte offset on, each with the line it begins at and the offset behind it.
     *
     * @return \Generator<int, array{list<string>, int, int}>
     */
    public static function records(string $path, string $separator, int $offset, int $line = 1): \Generator
    {
        $file = self::handle($path);
        fseek($file, $offset);
        for ($i = 0; ($cells = fgetcsv(
            $file,
            null,
            $separator,
            '"',
            '',
        )) !== false;) {
            $began = $line;
            $texts = array_map(static fn(?string $c): string => mb_substr((string) $c, 0, self::LONGEST_CELL), $cells);
            $line += self::linesOf($texts);
            if ($texts !== ['']) {
                yield $i++ => [array_values($texts), $began, (int) ftell($file)];
            }
        }
        fclose($file);
    }

    /**
     * Lines that a record takes up in an editor: one, and one more for every line break in a quoted cell.
     *
     * @param list<string> $cells
     */
    public static function linesOf(array $cells): int
    {
        return 1 + array_sum(array_map(static fn(string $t): int => substr_count($t, "\n"), $cells));
    }

    /**
     * Text of one record, quoted where RFC 4180 asks for it; cells that a spreadsheet would take for a formula are
     * disarmed.
     */
    public static function line(string ...$cells): string
    {
        return implode(',', array_map(static function (string $cell): string {
            $safe = preg_match('/^[=+@\t\r]|^-(?!\d*[.,]?\d*$)/', $cell) === 1 ? "'" . $cell : $cell;

            return preg_match('/[",\r\n]/', $safe) === 1 ? '"' . str_replace('"', '""', $safe) . '"' : $safe;
        }, $cells)) . "\r\n";
    }

    /** @return resource */
    private static function handle(string $path)
    {
        $file = fopen($path, 'r');

        return $file === false ? throw UnreadableList::because('It is no longer here: send it again.') : $file;
    }

    private static function separatorOf(string $heading): string
    {
        $counts = array_map(static fn(string $s): int => substr_count($heading, $s), self::SEPARATORS);

        return self::SEPARATORS[(int) array_search(max($counts), $counts, true)];
    }

    /**
     * @param list<string> $cells
     *
     * @return array{list<string>, list<string>}
     */
    private static function heading(array $cells): array
    {
        $columns = array_map(static fn(string $c): string => Columns::named($c) ?? '', $cells);
        $known = array_values(array_filter($columns, static fn(string $c): bool => $c !== ''));
        $missing = array_diff(Columns::required(in_array(Columns::PHONE, $known, true)), $known);
        if ($missing !== []) {
            throw UnreadableList::because(
                'The first line must name the columns; missing: ' . implode(', ', $missing) . '.',
            );
        }
        if ($known !== array_values(array_unique($known))) {
            throw UnreadableList::because(
                'A column is named twice: '
                    . implode(', ', array_unique(array_diff_assoc($known, array_unique($known))))
                    . '.',
            );
        }

        return [
            $columns,
            array_values(array_diff_key($cells, array_filter($columns, static fn(string $c): bool => $c !== ''))),
        ];
    }
}
