<?php

declare(strict_types=1);

namespace App\Files;

use JackRest\Core\Calculation\InvalidInput;

/** A CSV file as rows by column name: comma, semicolon or tab, with or without a byte-order mark (RFC 4180). */
final readonly class CsvTable
{
    private const SEPARATORS = [',', ';', "\t"];

    /** @param  list<array{line: int, cells: array<string, string>}>  $rows */
    private function __construct(public array $rows, public string $separator)
    {
    }

    /**
     * @param  list<string>  $columns  those it must have; others are ignored
     * @param  (callable(string): string)|null  $heading  the column that a heading in small letters means; as
     *     it stands if not given
     *
     * @throws InvalidInput when it is no such table
     */
    public static function read(string $text, array $columns, string $needed, ?callable $heading = null): self
    {
        $text = self::asUtf8($text);
        $separator = self::separator($text);
        $lines = self::lines($text, $separator);
        $heading ??= static fn (string $name): string => $name;
        $head = array_map(
            static fn (?string $name): string => $heading(mb_strtolower(trim((string) $name))),
            array_shift($lines)['cells'] ?? [],
        );
        if (! in_array($needed, $head, true)) {
            throw InvalidInput::because(
                'text',
                "The first line must name the columns, “{$needed}” among them: ".implode(', ', $columns).'.',
            );
        }
        $rows = [];
        foreach ($lines as ['line' => $line, 'cells' => $cells]) {
            if (implode('', $cells) !== '') {
                $rows[] = ['line' => $line, 'cells' => self::named($head, $cells)];
            }
        }

        return new self($rows, $separator);
    }

    /**
     * @param  list<string>  $columns
     * @param  list<array<string, string|int|float|null>>  $rows
     */
    public static function write(array $columns, array $rows): string
    {
        $file = fopen('php://temp', 'r+');
        assert($file !== false);
        fputcsv($file, $columns, ',', '"', '', "\r\n");
        foreach ($rows as $row) {
            fputcsv(
                $file,
                array_map(
                    static fn (string $column): string => self::harmless((string) ($row[$column] ?? '')),
                    $columns,
                ),
                ',',
                '"',
                '',
                "\r\n",
            );
        }
        rewind($file);

        return "\xEF\xBB\xBF".stream_get_contents($file);
    }

    /** What a spreadsheet begins a formula with, in narrow and full-width forms; OWASP, CSV injection. */
    private const FORMULA = '/^\s*[=+\-@＝＋－＠]|^[\t\r]/u';

    /** A spreadsheet must not take a note for a formula; a number below nought is none. */
    private static function harmless(string $cell): string
    {
        return ! is_numeric($cell) && preg_match(self::FORMULA, $cell) === 1 ? "'$cell" : $cell;
    }

    private static function asUtf8(string $text): string
    {
        $text = str_starts_with($text, "\xEF\xBB\xBF") ? substr($text, 3) : $text;

        return mb_check_encoding($text, 'UTF-8') ? $text : mb_convert_encoding($text, 'UTF-8', 'Windows-1252');
    }

    /** The one that the first line holds most of. */
    private static function separator(string $text): string
    {
        $first = strtok($text, "\r\n");
        $counts = array_map(
            static fn (string $separator): int => substr_count((string) $first, $separator),
            self::SEPARATORS,
        );

        return self::SEPARATORS[(int) array_search(max($counts), $counts, true)];
    }

    /** @return list<array{line: int, cells: list<string|null>}> with the number of the line each begins on */
    private static function lines(string $text, string $separator): array
    {
        $file = fopen('php://temp', 'r+');
        assert($file !== false);
        fwrite($file, str_replace(["\r\n", "\r"], "\n", $text));
        rewind($file);
        $lines = [];
        $line = 1;
        while (($cells = fgetcsv($file, null, $separator, '"', '')) !== false) {
            $lines[] = ['line' => $line, 'cells' => $cells];
            $line += 1 + substr_count(implode('', $cells), "\n");
        }
        fclose($file);

        return $lines;
    }

    /**
     * @param  list<string>  $head
     * @param  list<string|null>  $cells
     * @return array<string, string>
     */
    private static function named(array $head, array $cells): array
    {
        $named = [];
        foreach ($head as $index => $name) {
            $named[$name] = trim(ltrim(trim((string) ($cells[$index] ?? '')), "'"));
        }

        return $named;
    }
}
