<?php

declare(strict_types=1);

namespace App\Files;

use App\Files\Answer\ImportPreviewAnswer;

/** What a file would bring. */
final class ImportResource
{
    private const SHOWN = 8;

    /** A file of another kind is wrong in every line: nobody reads thousands of complaints. */
    private const WRONG_SHOWN = 50;

    public static function of(Import $import): ImportPreviewAnswer
    {
        return new ImportPreviewAnswer(
            sound: count($import->lines),
            first: $import->first(self::SHOWN),
            here: $import->here,
            wrong: array_slice($import->wrong, 0, self::WRONG_SHOWN),
            wrongCount: count($import->wrong),
            before: $import->before,
            question: $import->question,
            notes: $import->notes,
        );
    }
}
