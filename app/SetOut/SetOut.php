<?php

declare(strict_types=1);

namespace App\SetOut;

use App\Bench\Bench;
use App\Ledger\Record;
use App\Work\Work;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Database\Eloquent\Relations\HasMany;
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
    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['question' => SetOutQuestion::class, 'typed' => 'array', 'choices' => 'array'];
    }

    /** @return HasMany<static, Bench> those whose work is there: what was set out goes and comes back with it */
    public static function of(Bench $bench): HasMany
    {
        $all = parent::of($bench);
        $all->whereHas('work');

        return $all;
    }

    /** @return BelongsTo<Work, $this> */
    public function work(): BelongsTo
    {
        return $this->belongsTo(Work::class);
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
