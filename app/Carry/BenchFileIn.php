<?php

declare(strict_types=1);

namespace App\Carry;

use RuntimeException;
use ZipArchive;

/** The file of a bench, read: what it has, line by line. */
final class BenchFileIn
{
    // Larger ones are none that a bench makes. A zip of a megabyte may hold a thousand: each part is bounded before it
    // is unpacked, as it says it is, and again as it turns out to be.
    private const MOST_BYTES = 1_000_000_000;

    private const MOST_HEAD_BYTES = 1_000_000;

    private const MOST_TABLE_BYTES = 64_000_000;

    private const MOST_PHOTO_BYTES = 20_000_000;

    private readonly ZipArchive $zip;

    public readonly BenchHead $head;

    /**
     * @param  string  $called  as whoever gives it calls it; empty: by its path
     *
     * @throws RuntimeException when it is no such file
     */
    public function __construct(string $path, string $called = '')
    {
        $called = $called === '' ? $path : $called;
        $this->zip = new ZipArchive();
        if (! is_file($path) || $this->zip->open($path, ZipArchive::RDONLY) !== true) {
            throw new RuntimeException("$called is no file of a bench.");
        }
        $size = 0;
        for ($entry = 0; $entry < $this->zip->numFiles; $entry++) {
            $size += (int) ($this->zip->statIndex($entry)['size'] ?? 0);
        }
        if ($size > self::MOST_BYTES) {
            throw self::tooLarge();
        }
        $this->head = BenchHead::read((string) $this->part(BenchFile::HEAD, self::MOST_HEAD_BYTES), $called);
    }

    /** @return list<int> the numbers of its records */
    public function numbers(string $table): array
    {
        return array_values(array_filter(array_column($this->told($table), 'id'), is_int(...)));
    }

    /** @return list<string> */
    public function tables(): array
    {
        return array_keys($this->head->lines);
    }

    /**
     * Line by line, as they are told.
     *
     * @return list<array<string, mixed>>
     *
     * @throws RuntimeException when something of it is not as this version has it
     */
    public function told(string $table): array
    {
        if (! in_array($table, BenchTables::all(), true)) {
            throw new RuntimeException("That file has a table “{$table}” that this version does not know.");
        }
        $columns = BenchTables::columns($table);
        $lines = explode("\n", rtrim((string) $this->part(BenchFile::table($table), self::MOST_TABLE_BYTES), "\n"));
        $lines = array_values(array_filter($lines, static fn (string $line): bool => $line !== ''));
        if (count($lines) !== $this->head->lines[$table]) {
            throw new RuntimeException(
                "That file is not whole: “{$table}” should have {$this->head->lines[$table]} lines.",
            );
        }

        return array_map(fn (string $line): array => $this->line($line, $columns), $lines);
    }

    /**
     * @param  array<string, Column>  $columns
     * @return array<string, mixed>
     */
    private function line(string $line, array $columns): array
    {
        /** @var array<string, mixed> $told a line is an object, or has no number */
        $told = (array) json_decode($line, flags: JSON_THROW_ON_ERROR);
        $isOurs = array_diff_key($told, $columns) === [] && ($told['bench_id'] ?? null) === $this->head->benchId;
        if (! $isOurs || ! is_int($told['id'] ?? null)) {
            throw new RuntimeException('A line of that file is not as this version has it: '.mb_substr($line, 0, 80));
        }

        return $told;
    }

    /** As it was taken; null: the file does not have it. */
    public function photo(string $name): ?string
    {
        return $this->part(BenchFile::photo($name), self::MOST_PHOTO_BYTES);
    }

    /** @throws RuntimeException when it is larger than that */
    private function part(string $name, int $most): ?string
    {
        $stat = $this->zip->statName($name);
        if ($stat === false) {
            return null;
        }
        $part = $stat['size'] > $most ? throw self::tooLarge() : $this->zip->getFromName($name, $most + 1);
        if (is_string($part) && strlen($part) > $most) {
            throw self::tooLarge();
        }

        return is_string($part) ? $part : null;
    }

    private static function tooLarge(): RuntimeException
    {
        return new RuntimeException('That file is larger than any bench.');
    }
}
