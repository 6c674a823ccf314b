<?php

declare(strict_types=1);

namespace App\Files;

use App\Files\Answer\ImportQuestionAnswer;

/** A table written by somebody else's instrument: its headings vary, and the file as a whole may raise a question. */
interface ForeignTable extends Table
{
    /** The column a heading means; a heading that means none stays as it is. */
    public function heading(string $name): string;

    /**
     * Looks over all lines before the first is read.
     *
     * @param  list<array<string, string>>  $lines
     * @param  string  $answer  what the user answered to its questions, by commas; empty: nothing yet
     */
    public function look(array $lines, string $answer): void;

    /** What must be answered before it is taken in. */
    public function question(): ?ImportQuestionAnswer;

    /**
     * What is worth knowing of the file as a whole.
     *
     * @param  list<array<string, mixed>>  $lines
     * @return list<string>
     */
    public function notes(array $lines): array;
}
