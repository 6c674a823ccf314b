<?php

declare(strict_types=1);

namespace App\Ledger;

use App\Bench\Bench;
use Illuminate\Support\Carbon;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

/**
 * The one way to write. Each record is one transaction and one diary entry; undoing is an entry of its own.
 *
 * @phpstan-type Row array<string, mixed>
 * @phpstan-type RowChange array{table: string, id: int, before: Row|null, after: Row|null}
 */
final readonly class Ledger
{
    /** How much of a number survives being kept. */
    private const KEPT = 1e-12;

    public function __construct(public Bench $bench, private Once $once = new Once())
    {
    }

    /**
     * @param  Record|string  $subject  what it is about; by name where it is no record, or is created by it
     * @param  callable(Changes): void  $write
     *
     * @throws Conflict
     */
    public function record(string $kind, Record|string $subject, string $sentence, callable $write): DiaryEntry
    {
        return $this->inTransaction(function () use ($kind, $subject, $sentence, $write): DiaryEntry {
            $this->once->claim($this->bench);
            $changes = new Changes($this->bench);
            $write($changes);

            $about = $subject instanceof Record ? Subject::record($subject) : Subject::named($subject, $changes);

            return $this->entry($kind, $about->columns(), $sentence, $changes->made());
        });
    }

    /**
     * Saves the state of something under way, such as the stroke count of a session, without a diary entry.
     *
     * @param  callable(Changes): void  $write
     *
     * @throws Conflict
     */
    public function save(callable $write): void
    {
        $this->inTransaction(fn () => $write(new Changes($this->bench)));
    }

    /** @throws CannotUndo */
    public function undo(DiaryEntry $entry): DiaryEntry
    {
        return $this->inTransaction(function () use ($entry): DiaryEntry {
            $this->once->claim($this->bench);
            if ($entry->undoneBy()->exists()) {
                throw CannotUndo::already();
            }
            $reversed = array_map($this->reverse(...), array_reverse($entry->changes));

            $about = $entry->only(['subject', 'subject_type', 'subject_id']);

            return $this->entry('undo', $about, "Undone: {$entry->sentence}", $reversed, $entry->id);
        });
    }

    /**
     * @param  RowChange  $change
     * @return RowChange
     */
    private function reverse(array $change): array
    {
        if (
            ! Schema::hasTable($change['table']) ||
            ! Schema::hasColumns($change['table'], array_keys([...$change['before'] ?? [], ...$change['after'] ?? []]))
        ) {
            throw CannotUndo::laidAnew();
        }
        $row = DB::table($change['table'])->where('bench_id', $this->bench->id)->where('id', $change['id']);
        $now = (array) $row->first();
        foreach ($change['after'] ?? [] as $column => $value) {
            if (! self::same($now[$column] ?? null, $value)) {
                throw CannotUndo::builtUpon();
            }
        }
        if (($now['deleted_at'] ?? null) !== null && $change['after'] !== null) {
            throw CannotUndo::builtUpon();
        }
        $values = match (true) {
            $change['before'] === null => ['deleted_at' => Carbon::now()->toDateTimeString()],
            $change['after'] === null => ['deleted_at' => null],
            default => $change['before'],
        };
        $row->update([...$values, 'version' => DB::raw('version + 1')]);

        return [
            'table' => $change['table'],
            'id' => $change['id'],
            'before' => $change['after'],
            'after' => $change['before'],
        ];
    }

    /**
     * SQLite hands numbers back as it keeps them: 1 and "1" and 1.0 and true are the same value, and of a fraction it
     * is given 14 figures.
     */
    private static function same(mixed $kept, mixed $written): bool
    {
        $written = is_bool($written) ? (int) $written : $written;

        return is_numeric($kept) && is_numeric($written)
            ? abs((float) $kept - (float) $written) <= self::KEPT * max(1.0, abs((float) $written))
            : $kept === $written;
    }

    /**
     * @param  array<string, mixed>  $about  columns of what it is about
     * @param  list<RowChange>  $changes
     */
    private function entry(
        string $kind,
        array $about,
        string $sentence,
        array $changes,
        ?int $undoes = null,
    ): DiaryEntry {
        return DiaryEntry::of($this->bench)->create([
            'written_at' => Carbon::now()->toIso8601ZuluString(),
            'kind' => $kind,
            ...$about,
            'sentence' => $sentence,
            'changes' => $changes,
            'undoes_id' => $undoes,
        ]);
    }

    /**
     * @template T
     *
     * @param  callable(): T  $work
     * @return T
     */
    private function inTransaction(callable $work): mixed
    {
        return DB::transaction(function () use ($work): mixed {
            // A write first: SQLite then holds the write lock, and what is read below cannot change under us.
            $this->bench->newQuery()->whereKey($this->bench->id)->increment('revision');

            return $work();
        });
    }
}
