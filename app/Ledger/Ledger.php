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
    /** Entries of an edge's own diary can be undone in any order: what happened to it later stands. */
    private const LATER_WINS = 'edge-';

    /** How much of a number survives being kept. */
    private const KEPT = 1e-12;

    public function __construct(public Bench $bench, private Once $once = new Once())
    {
    }

    /**
     * @param  Record|string  $subject  what it is about; by name where it is no record, or is created by it
     * @param  callable(Changes): void  $write
     * @param  string|null  $happenedOn  ISO 8601, the day it happened; null: today
     *
     * @throws Conflict
     */
    public function record(
        string $kind,
        Record|string $subject,
        string $sentence,
        callable $write,
        ?string $happenedOn = null,
    ): DiaryEntry {
        return $this->inTransaction(function () use ($kind, $subject, $sentence, $write, $happenedOn): DiaryEntry {
            $this->once->claim($this->bench);
            $changes = new Changes($this->bench);
            $write($changes);

            $about = $subject instanceof Record ? Subject::record($subject) : Subject::named($subject, $changes);

            return $this->entry(
                $kind,
                [...$about->columns(), 'happened_on' => self::day($happenedOn)],
                $sentence,
                $changes->made(),
            );
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

    /**
     * An entry is corrected: the old one is undone and kept, the new one written beside it.
     *
     * @template T
     *
     * @param  callable(): T  $again  writes it anew
     * @return T
     *
     * @throws CannotUndo
     */
    public function correct(DiaryEntry $entry, callable $again): mixed
    {
        return $this->inTransaction(function () use ($entry, $again): mixed {
            $this->undo($entry);

            return $again();
        });
    }

    /** The day alone, where it is another than today. */
    private static function day(?string $happenedOn): ?string
    {
        $day = $happenedOn === null ? null : substr($happenedOn, 0, 10);

        return $day === Carbon::now()->toDateString() ? null : $day;
    }

    /** @throws CannotUndo */
    public function undo(DiaryEntry $entry): DiaryEntry
    {
        return $this->inTransaction(function () use ($entry): DiaryEntry {
            $this->once->claim($this->bench);
            if ($entry->undoneBy()->exists()) {
                throw CannotUndo::already();
            }
            $laterWins = str_starts_with($entry->kind, self::LATER_WINS);
            $reversed = array_map(
                fn (array $change): array => $this->reverse($change, $laterWins),
                array_reverse($entry->changes),
            );

            $about = $entry->only(['subject', 'subject_type', 'subject_id']);

            return $this->entry('undo', $about, "Undone: {$entry->sentence}", $reversed, $entry->id);
        });
    }

    /**
     * @param  RowChange  $change
     * @param  bool  $laterWins  whether what a later entry made of a row stays as it is
     * @return RowChange
     */
    private function reverse(array $change, bool $laterWins): array
    {
        if (
            ! Schema::hasTable($change['table']) ||
            ! Schema::hasColumns($change['table'], array_keys([...$change['before'] ?? [], ...$change['after'] ?? []]))
        ) {
            throw CannotUndo::laidAnew();
        }
        $row = DB::table($change['table'])->where('bench_id', $this->bench->id)->where('id', $change['id']);
        /** @var Row $now */
        $now = (array) $row->first();
        if ($laterWins && $change['before'] !== null && $change['after'] !== null) {
            $change = self::untouchedSince($change, $now);
        }
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
     * Of a row that was changed again since, only what still is as it was made then.
     *
     * @param  RowChange  $change
     * @param  Row  $now
     * @return RowChange
     */
    private static function untouchedSince(array $change, array $now): array
    {
        $same = array_filter(
            $change['after'] ?? [],
            static fn (mixed $value, string $column): bool => self::same($now[$column] ?? null, $value),
            ARRAY_FILTER_USE_BOTH,
        );

        return [
            ...$change,
            'before' => array_intersect_key($change['before'] ?? [], $same),
            'after' => $same,
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
