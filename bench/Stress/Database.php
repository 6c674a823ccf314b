<?php

declare(strict_types=1);

namespace Bench\Stress;

use PDO;
use RuntimeException;

/** The bench's database read past the application, which may be dead just now. */
final readonly class Database
{
    private PDO $base;

    public function __construct(string $data)
    {
        $this->base = new PDO("sqlite:$data/jackrest.sqlite");
    }

    public function isWhole(): bool
    {
        return $this->column('PRAGMA integrity_check') === ['ok'];
    }

    /** @return list<array{id: int, version: int}> */
    public function tools(): array
    {
        $sql = 'SELECT id, version FROM tools WHERE deleted_at IS NULL ORDER BY id';
        $rows = $this->base->query($sql, PDO::FETCH_ASSOC);
        /** @var list<array{id: int, version: int}> $tools */
        $tools = $rows === false ? throw new RuntimeException('There are no tools.') : $rows->fetchAll();

        return $tools;
    }

    /** @return list<string> the first column of what is asked for */
    public function column(string $sql): array
    {
        $rows = $this->base->query($sql);
        if ($rows === false) {
            throw new RuntimeException("Nothing comes of $sql");
        }

        return array_values(array_map(strval(...), $rows->fetchAll(PDO::FETCH_COLUMN)));
    }
}
