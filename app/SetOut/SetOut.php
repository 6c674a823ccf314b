<?php

declare(strict_types=1);

namespace App\SetOut;

use App\Ledger\Record;
use App\Work\GoesWithWork;
use App\Work\Work;
use JackRest\Desk\SetOut\SetOutQuestion;
use JackRest\Desk\ToDo\Topic;

/**
 * Something that was set out for a work, as it was typed.
 *
 * @property int $work_id
 * @property SetOutQuestion $question
 * @property string $name what it is of, where the work has several of a kind; empty: its question says it
 * @property array<string, string> $typed by field
 * @property array<string, string> $choices
 * @property \Illuminate\Support\Carbon|null $updated_at
 * @property Work $work
 */
final class SetOut extends Record
{
    use GoesWithWork;

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['question' => SetOutQuestion::class, 'typed' => 'array', 'choices' => 'array'];
    }

    public function label(): string
    {
        return $this->name === '' ? $this->question->label() : $this->name;
    }

    public function whole(): Work
    {
        return Work::withTrashed()->whereKey($this->work_id)->firstOrFail();
    }

    public function topic(): Topic
    {
        return new Topic('work', $this->work_id);
    }
}
