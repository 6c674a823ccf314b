<?php

declare(strict_types=1);

namespace App\Carry;

/** The whole bench as one open file: what every part of it is called and how it is written. */
final class BenchFile
{
    public const FORMAT = 'jack-rest-bench';

    public const VERSION = 1;

    public const HEAD = 'bench.json';

    public static function table(string $name): string
    {
        return "tables/$name.jsonl";
    }

    public static function schema(string $name): string
    {
        return "schema/$name.schema.json";
    }

    public static function photo(string $name): string
    {
        return 'photos/'.basename($name);
    }

    public static function json(mixed $value, int $flags = 0): string
    {
        return json_encode($value, $flags | JSON_UNESCAPED_SLASHES | JSON_UNESCAPED_UNICODE |
            JSON_PRESERVE_ZERO_FRACTION | JSON_THROW_ON_ERROR);
    }

    public const README = <<<'TEXT'
        # A bench of Jack Rest

        This is a whole bench: its tools, edges, references, works and diary, with every photograph.

        - `bench.json` says what this is: its format with its version, the version of the program that wrote it, the
          bench's name, the day, the layout of the database, and how many lines each table has.
        - `tables/*.jsonl` are the records: one line of JSON each (JSON Lines), by number. Lengths in millimetres
          (`_mm`), angles in degrees (`_deg`), particles in micrometres (`_um`), days and times as ISO 8601. A record
          that was removed has a day in `deleted_at`. `tool_id`, `edge_id` and the like are the `id` of a line of
          another table.
        - `schema/*.schema.json` tells of each table what stands in a line (JSON Schema, draft 2020-12).
        - `photos/` are the photographs, under the names that `tables/photos.jsonl` has for them.

        Nothing else is needed to read it. `./jackrest bring FILE`, or the page of benches, makes a bench of it again.

        TEXT;
}
