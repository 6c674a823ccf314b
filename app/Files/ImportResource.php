<?php

declare(strict_types=1);

namespace App\Files;

/** What a file would bring. */
final class ImportResource
{
    private const SHOWN = 8;

    /** A file of another kind is wrong in every line: nobody reads thousands of complaints. */
    private const WRONG_SHOWN = 50;

    /** @return array<string, mixed> */
    public static function of(Import $import): array
    {
        return [
            'sound' => count($import->lines),
            'first' => $import->first(self::SHOWN),
            'here' => $import->here,
            'wrong' => array_slice($import->wrong, 0, self::WRONG_SHOWN),
            'wrongCount' => count($import->wrong),
            'before' => $import->before,
            'question' => $import->question,
            'notes' => $import->notes,
        ];
    }
}
