<?php

declare(strict_types=1);

namespace App\Ledger;

/**
 * What has a page of its own and is a part of something else: it goes with that, and does not come back without it.
 *
 * What was recorded of a thing that is gone stays as it is.
 */
final class Kinship
{
    /** By the table of the part: the table of its whole, and the column that says which. */
    private const WHOLES = ['edges' => ['tools', 'tool_id'], 'references' => ['tools', 'tool_id']];

    /** @return array{string, string}|null the table of the whole, and the part's column that says which; null: none */
    public static function wholeOf(string $table): ?array
    {
        return self::WHOLES[$table] ?? null;
    }

    /** @return array<string, string> the column that says which, by the table of the part */
    public static function partsOf(string $table): array
    {
        $parts = [];
        foreach (self::WHOLES as $part => [$whole, $column]) {
            if ($whole === $table) {
                $parts[$part] = $column;
            }
        }

        return $parts;
    }
}
