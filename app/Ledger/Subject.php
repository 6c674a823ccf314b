<?php

declare(strict_types=1);

namespace App\Ledger;

use Illuminate\Database\Eloquent\Relations\Relation;

/** What an entry of the diary is about: a record by kind and number, and what it was called then. */
final readonly class Subject
{
    private function __construct(public string $name, public ?string $type, public ?int $id)
    {
    }

    public static function record(Record $record): self
    {
        $name = $record->getAttributes()['name'] ?? '';

        return new self(is_scalar($name) ? (string) $name : '', self::typeOf($record), $record->id);
    }

    /** Something that is known by its name alone, unless it was touched under it. */
    public static function named(string $name, Changes $changes): self
    {
        $record = $changes->named($name);

        return new self($name, $record === null ? null : self::typeOf($record), $record?->id);
    }

    /** The kind that records of this class have in the diary; null: they have none. */
    public static function typeOf(Record $record): ?string
    {
        $type = array_search($record::class, Relation::morphMap(), true);

        return $type === false ? null : (string) $type;
    }

    /** @return array{subject: string, subject_type: string|null, subject_id: int|null} */
    public function columns(): array
    {
        return [
            'subject' => $this->name,
            'subject_type' => $this->type,
            'subject_id' => $this->type === null ? null : $this->id,
        ];
    }

    public function isOf(DiaryEntry $entry): bool
    {
        return $this->columns()['subject_type'] === $entry->subject_type &&
            $this->columns()['subject_id'] === $entry->subject_id;
    }
}
