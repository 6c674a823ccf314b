<?php

declare(strict_types=1);

namespace App\Carry;

use Illuminate\Support\Carbon;
use JackRest\Desk\Count;
use RuntimeException;

/** What the file of a bench says of itself. */
final readonly class BenchHead
{
    /** What is told of it before it comes; what was removed counts, for it comes too. */
    private const TOLD = [
        'tools' => 'tool', 'edges' => 'edge', 'references' => 'reference', 'works' => 'work', 'photos' => 'photograph',
    ];

    /** @param  array<string, int>  $lines  how many each table has */
    private function __construct(
        public int $benchId,
        public string $name,
        private string $written,
        public array $lines,
    ) {
    }

    /** @throws RuntimeException when it is none, or a later version's */
    public static function read(string $json, string $called): self
    {
        $head = json_decode($json, true);
        $bench = is_array($head) ? $head['bench'] ?? null : null;
        $lines = is_array($head) ? $head['tables'] ?? null : null;
        if (
            ! is_array($head) || ($head['format'] ?? null) !== BenchFile::FORMAT || ! is_array($bench) ||
            ! is_int($bench['id'] ?? null) || ! is_string($bench['name'] ?? null) || ! is_array($lines) ||
            ! is_string($head['written'] ?? null) || strtotime($head['written']) === false
        ) {
            throw new RuntimeException("$called is no file of a bench.");
        }
        if (($head['version'] ?? 0) > BenchFile::VERSION) {
            throw new RuntimeException('That file was written by a later version of Jack Rest.');
        }
        $counted = [];
        foreach ($lines as $table => $count) {
            $counted[(string) $table] = is_int($count) ? $count : 0;
        }

        return new self($bench['id'], $bench['name'], $head['written'], $counted);
    }

    /** What it would bring, in one sentence. */
    public function says(): string
    {
        $things = [];
        foreach (self::TOLD as $table => $word) {
            $count = $this->lines[$table] ?? 0;
            $things = $count === 0 ? $things : [...$things, Count::of($count, $word)];
        }
        $lines = Count::of($this->lines['diary_entries'] ?? 0, 'line');

        return "“{$this->name}” as of ".Carbon::parse($this->written)->format('j F Y').': '.
            implode(', ', [...$things, "$lines of its diary"]).'.';
    }
}
