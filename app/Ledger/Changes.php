<?php

declare(strict_types=1);

namespace App\Ledger;

use App\Bench\Bench;
use Illuminate\Database\Eloquent\Relations\HasMany;

/** The writes of one diary entry, each remembered with what stood there before and after. */
final class Changes
{
    /** @var list<array{table: string, id: int, before: array<string, mixed>|null, after: array<string, mixed>|null}> */
    private array $made = [];

    /** @var list<Record> what was created or changed */
    private array $touched = [];

    public function __construct(public readonly Bench $bench)
    {
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
        $this->made[] = ['table' => $record->getTable(), 'id' => $record->id, 'before' => null, 'after' => []];
        $this->touched[] = $record;

        return $record;
    }

    /**
     * @param  array<string, mixed>  $values
     * @param  int|null  $seenVersion  the version the user was looking at; null where the change does not depend on it
     *
     * @throws Conflict when somebody else changed the record meanwhile
     */
    public function update(Record $record, array $values, ?int $seenVersion = null): void
    {
        if ($seenVersion !== null && $record->version !== $seenVersion) {
            throw new Conflict($record);
        }
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
        $this->made[] = [
            'table' => $record->getTable(),
            'id' => $record->id,
            'before' => array_intersect_key($before, $changed),
            'after' => $changed,
        ];
    }

    /**
     * Takes a record off the bench; undoing brings it back.
     *
     * @throws Conflict when somebody else changed the record meanwhile
     */
    public function delete(Record $record, ?int $seenVersion = null): void
    {
        if ($seenVersion !== null && $record->version !== $seenVersion) {
            throw new Conflict($record);
        }
        $record->version++;
        $record->save();
        $record->delete();
        $this->touched[] = $record;
        $this->made[] = ['table' => $record->getTable(), 'id' => $record->id, 'before' => [], 'after' => null];
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
     * @return list<array{table: string, id: int, before: array<string, mixed>|null, after: array<string, mixed>|null}>
     */
    public function made(): array
    {
        return $this->made;
    }
}
