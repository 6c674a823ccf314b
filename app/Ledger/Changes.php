<?php

declare(strict_types=1);

namespace App\Ledger;

use App\Bench\Bench;
use Illuminate\Database\Eloquent\Relations\HasMany;
use Illuminate\Support\Carbon;

/**
 * The writes of one diary entry, each remembered with what stood there before and after.
 *
 * @phpstan-import-type RowChange from Timeline
 */
final class Changes
{
    /** What a row is beside its values. */
    private const KEEPING = ['id', 'bench_id', 'version', 'deleted_at', 'created_at', 'updated_at'];

    /** Longer values are not kept a second time, bytes: they are written once and stay as they are. */
    private const LONG = 4096;

    /** @var list<RowChange> */
    private array $made = [];

    /** @var list<Record> what was created or changed */
    private array $touched = [];

    /** @var list<array{Record, Record, string, string, string}> */
    private array $parts = [];

    /**
     * @param  Carbon  $at  the moment that what is written belongs to
     * @param  list<string>  $countedUp  rows whose versions the undoing of what is corrected counted up
     */
    public function __construct(
        public readonly Bench $bench,
        public readonly Carbon $at,
        private readonly array $countedUp = [],
    ) {
    }

    /**
     * Gives something that was created here an entry of its own in the diary, to be corrected and undone alone.
     *
     * @param  string  $happenedOn  ISO 8601
     */
    public function part(Record $made, string $kind, Record $subject, string $sentence, string $happenedOn): void
    {
        $this->parts[] = [$made, $subject, $kind, $sentence, $happenedOn];
    }

    /** @return list<array{Record, Record, string, string, string}> what, about what, kind, sentence, day */
    public function parts(): array
    {
        return $this->parts;
    }

    /**
     * @template T of Record
     *
     * @param  HasMany<T, covariant \Illuminate\Database\Eloquent\Model>  $records
     * @param  array<string, mixed>  $values
     * @return T
     */
    public function create(HasMany $records, array $values): Record
    {
        $record = $records->create(['bench_id' => $this->bench->id, ...$values])->refresh();
        $this->made[] = [
            'table' => $record->getTable(),
            'id' => $record->id,
            'before' => null,
            'after' => array_filter(
                array_diff_key($record->getRawOriginal(), array_flip(self::KEEPING)),
                static fn (mixed $value): bool => ! is_string($value) || strlen($value) <= self::LONG,
            ),
        ];
        $this->touched[] = $record;

        return $record;
    }

    /**
     * @param  array<string, mixed>  $values
     * @param  int|null  $seenVersion  the version the user was looking at; null where the change does not depend on it
     * @param  list<string>  $added  columns that something is added to: undone, only that is taken off again
     *
     * @throws Conflict when somebody else changed the record meanwhile
     */
    public function update(Record $record, array $values, ?int $seenVersion = null, array $added = []): void
    {
        $this->asItIsNow($record, $seenVersion);
        $before = $record->getRawOriginal();
        $record->fill($values);
        $changed = $record->getDirty();
        if ($changed === [] && $seenVersion === null) {
            return;
        }
        $this->touched[] = $record;
        // Recorded upon counts as changed: a second window must be told even where no column differs.
        $record->version++;
        $record->save();
        if ($changed === []) {
            return;
        }
        $added = array_values(array_intersect($added, array_keys($changed)));
        $this->made[] = [
            'table' => $record->getTable(),
            'id' => $record->id,
            'before' => array_intersect_key($before, $changed),
            'after' => $changed,
            ...$added === [] ? [] : ['added' => $added],
        ];
    }

    /**
     * Takes a record off the bench; undoing brings it back.
     *
     * @throws Conflict when somebody else changed the record meanwhile
     */
    public function delete(Record $record, ?int $seenVersion = null): void
    {
        $this->asItIsNow($record, $seenVersion);
        $record->version++;
        $record->save();
        $record->delete();
        $this->touched[] = $record;
        $this->made[] = ['table' => $record->getTable(), 'id' => $record->id, 'before' => [], 'after' => null];
    }

    /**
     * Read again under the write lock: it was loaded before the lock was had, and may have changed between.
     *
     * @throws Conflict
     */
    private function asItIsNow(Record $record, ?int $seenVersion): void
    {
        $now = $record->newQueryWithoutScopes()->toBase()->where('id', $record->id)->first();
        $record->setRawAttributes((array) $now, true);
        $since = count(array_keys($this->countedUp, "{$record->getTable()} {$record->id}", true));
        if ($record->trashed() || ($seenVersion !== null && $record->version - $since !== $seenVersion)) {
            throw new Conflict($record);
        }
    }

    /** What was touched and has this name; null: nothing. */
    public function named(string $name): ?Record
    {
        foreach ($this->touched as $record) {
            if (($record->getAttributes()['name'] ?? null) === $name && Subject::typeOf($record) !== null) {
                return $record;
            }
        }

        return null;
    }

    /**
     * @return list<RowChange>
     */
    public function made(): array
    {
        return $this->made;
    }
}
