<?php

declare(strict_types=1);

namespace App\Carry;

/** A column of a table, as its file has it. */
final readonly class Column
{
    public const JSON = 'json';

    /** @param  string  $type  integer, number, string, or json: whatever JSON holds */
    public function __construct(public string $type, public bool $isRequired)
    {
    }

    /** @return array<string, mixed> of JSON Schema, draft 2020-12 */
    public function schema(): array
    {
        return match (true) {
            $this->type === self::JSON => [],
            $this->isRequired => ['type' => $this->type],
            default => ['type' => [$this->type, 'null']],
        };
    }

    /** As it stands in a line of the file. */
    public function told(mixed $value): mixed
    {
        return $this->type === self::JSON && is_string($value)
            ? json_decode($value, flags: JSON_THROW_ON_ERROR)
            : $value;
    }

    /** As the database keeps it. */
    public function kept(mixed $told): mixed
    {
        return $this->type === self::JSON && $told !== null ? BenchFile::json($told) : $told;
    }
}
