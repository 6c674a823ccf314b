<?php

declare(strict_types=1);

namespace App\Ledger;

use App\Bench\Bench;
use App\Sum\Sums;
use Illuminate\Support\Carbon;
use Illuminate\Support\Facades\DB;

/**
 * The one way to write. Each record is one transaction and one diary entry; undoing is an entry of its own.
 *
 * @phpstan-import-type RowChange from Timeline
 */
final readonly class Ledger
{
    public function __construct(
        public Bench $bench,
        private Once $once = new Once(),
        private AsSent $sent = new AsSent(),
        private WrittenBy $writtenBy = new WrittenBy(),
    ) {
    }

    /** The moment that what is written belongs to: now, or when the entry that it corrects was written. */
    public function at(): Carbon
    {
        $corrected = $this->corrected();

        return match (true) {
            $corrected === null => Carbon::now(),
            $corrected->happened_on === null => Carbon::parse($corrected->written_at),
            default => Carbon::parse($corrected->happened_on)->setTime(12, 0),
        };
    }

    private function corrected(): ?DiaryEntry
    {
        return $this->sent->corrects === null
            ? null
            : DiaryEntry::of($this->bench)->findOrFail($this->sent->corrects);
    }

    /**
     * One entry. Where it corrects another, that is undone first and kept.
     *
     * @param  Record|string  $subject  what it is about; by name where it is no record, or is created by it
     * @param  callable(Changes): void  $write
     * @param  string|null  $happenedOn  ISO 8601, the day it happened; null: today, or that of what it corrects
     *
     * @throws Conflict
     * @throws CannotUndo
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
            $corrected = $this->corrected();
            $changes = new Changes(
                $this->bench,
                $this->at(),
                $corrected === null ? [] : $this->takeBack($corrected),
            );
            if ($corrected !== null && $subject instanceof Record) {
                $subject->refresh();
            }
            $write($changes);

            $about = $subject instanceof Record ? Subject::record($subject) : Subject::named($subject, $changes);
            if ($corrected !== null && ! Correctable::mayReplace($corrected, $kind, $about)) {
                throw CannotUndo::elsewhere();
            }
            $entry = $this->entry(
                $kind,
                [
                    ...$about->columns(),
                    'happened_on' => self::day($happenedOn ?? $corrected?->day()),
                    'typed' => $this->sent->typed,
                ],
                $sentence,
                $changes->made(),
            );
            Parts::write($entry, $changes->parts());

            return $entry;
        });
    }

    /**
     * Undoes what is corrected.
     *
     * @return list<string> rows whose versions that counted up, each as often
     *
     * @throws CannotUndo
     */
    private function takeBack(DiaryEntry $entry): array
    {
        return array_map(
            static fn (array $change): string => "{$change['table']} {$change['id']}",
            $this->undo($entry)->changes,
        );
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
        $this->inTransaction(fn () => $write(new Changes($this->bench, Carbon::now())));
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
            $undoing = Undoing::of($entry, $this->bench);
            $about = $entry->only(['subject', 'subject_type', 'subject_id']);
            $sentence = "Undone: {$entry->sentence}{$undoing->remark()}";

            return $this->entry('undo', $about, $sentence, $undoing->changes(), $entry->id);
        });
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
            'written_by' => $this->writtenBy->name,
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
        // The second wall: whatever way led here, a reader writes nothing.
        abort_unless($this->writtenBy->mayWrite, 403, 'You may look at this bench, and write nothing.');

        return DB::transaction(function () use ($work): mixed {
            // A write first: SQLite then holds the write lock, and what is read below cannot change under us.
            $this->bench->newQuery()->whereKey($this->bench->id)->increment('revision');

            $done = $work();
            app(Sums::class)->renew($this->bench);

            return $done;
        });
    }
}
