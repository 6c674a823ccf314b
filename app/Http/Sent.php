<?php

declare(strict_types=1);

namespace App\Http;

/** What was sent in a list, after its rules have passed it: the rules say what it is, and here it becomes that. */
final class Sent
{
    /** @return list<int> each once */
    public static function ints(mixed $sent): array
    {
        $whole = array_filter((array) $sent, is_numeric(...));

        return array_values(array_unique(array_map(intval(...), $whole)));
    }

    /**
     * @return array<string, string> as it was typed, by name
     */
    public static function texts(mixed $sent): array
    {
        $texts = [];
        foreach ((array) $sent as $name => $text) {
            $texts[(string) $name] = is_scalar($text) ? (string) $text : '';
        }

        return $texts;
    }

    /** @return list<array<string, mixed>> */
    public static function rows(mixed $sent): array
    {
        $rows = [];
        foreach ((array) $sent as $row) {
            $rows[] = array_combine(array_map(strval(...), array_keys((array) $row)), array_values((array) $row));
        }

        return $rows;
    }
}
