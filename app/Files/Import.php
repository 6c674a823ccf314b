<?php

declare(strict_types=1);

namespace App\Files;

use App\Bench\Bench;
use App\Files\Answer\ImportQuestionAnswer;
use App\Files\Answer\WrongLineAnswer;
use App\Http\HiddenCharacters;
use App\Ledger\Changes;
use App\Ledger\DiaryEntry;
use App\Ledger\Ledger;
use JackRest\Core\Calculation\InvalidInput;

/** A file to be taken in: what it would bring, line by line, and what cannot be read. */
final readonly class Import
{
    /** How many lines are read between two reports of progress. */
    private const STEP = 250;

    /**
     * @param  list<array<string, mixed>>  $lines  those that can be taken in
     * @param  list<WrongLineAnswer>  $wrong
     * @param  int  $here  lines that are here already
     * @param  ImportQuestionAnswer|null  $question  to be answered before it is taken in
     * @param  list<string>  $notes  of the file as a whole
     */
    private function __construct(
        private Table $table,
        private string $name,
        private string $fingerprint,
        public array $lines,
        public array $wrong,
        public int $here,
        public ?string $before,
        public ?ImportQuestionAnswer $question,
        public array $notes,
    ) {
    }

    /**
     * @param  array<string, string>  $cells
     *
     * @throws InvalidInput
     */
    private static function refuseHidden(array $cells): void
    {
        foreach ($cells as $column => $cell) {
            if (HiddenCharacters::areIn($cell)) {
                throw InvalidInput::because($column, "“{$column}” holds a character that cannot be printed.");
            }
        }
    }

    /**
     * @param  string  $answer  to the file's question, where it raised one
     * @param  (callable(int, int): void)|null  $told  is told how many lines of how many have been read
     *
     * @throws InvalidInput when it is no such table
     */
    public static function of(
        Table $table,
        Bench $bench,
        string $name,
        string $text,
        string $answer = '',
        ?callable $told = null,
    ): self {
        $foreign = $table instanceof ForeignTable ? $table : null;
        $rows = CsvTable::read(
            $text,
            $table->columns(),
            $table->needed(),
            $foreign === null ? null : $foreign->heading(...),
        )->rows;
        $foreign?->look(array_column($rows, 'cells'), $answer);
        $lines = [];
        $wrong = [];
        $here = 0;
        foreach ($rows as $index => ['line' => $number, 'cells' => $cells]) {
            if ($told !== null && $index % self::STEP === 0) {
                $told($index, count($rows));
            }
            try {
                self::refuseHidden($cells);
                $line = $table->line($bench, $cells);
                $line === null ? $here++ : ($lines[] = $line);
            } catch (InvalidInput $problem) {
                $wrong[] = new WrongLineAnswer(
                    line: $number,
                    says: implode(' ', array_map(static fn ($error): string => $error->message, $problem->errors)),
                );
            }
        }
        $fingerprint = hash('sha256', $text);
        $before = ImportedFile::of($bench)
            ->where('fingerprint', $fingerprint)
            ->where('what', $table->name())
            ->latest('id')
            ->first();

        return new self(
            $table,
            $name,
            $fingerprint,
            $lines,
            $wrong,
            $here,
            $before?->created_at?->toDateString(),
            $foreign?->question(),
            $foreign?->notes($lines) ?? [],
        );
    }

    /** @return list<string> what the first lines would become */
    public function first(int $count): array
    {
        return array_map($this->table->says(...), array_slice($this->lines, 0, $count));
    }

    public function take(Ledger $ledger): DiaryEntry
    {
        $count = count($this->lines);
        if ($this->question !== null) {
            throw InvalidInput::because('answer', $this->question->says);
        }
        if ($count === 0) {
            throw InvalidInput::because(
                'text',
                $this->here > 0 ? 'All of it is here already.' : 'There is no line in it that can be imported.',
            );
        }
        $lines = $count === 1 ? '1 line' : "$count lines";

        return $ledger->record(
            'file-taken-in',
            $this->table->name(),
            "Imported $lines of the {$this->table->name()} from {$this->name}.",
            function (Changes $changes) use ($count): void {
                $this->table->write($changes, $this->lines);
                $changes->create(ImportedFile::of($changes->bench), [
                    'what' => $this->table->name(),
                    'name' => $this->name,
                    'fingerprint' => $this->fingerprint,
                    'lines' => $count,
                ]);
            },
        );
    }
}
