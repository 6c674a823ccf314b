<?php

declare(strict_types=1);

namespace App\Upgrade;

use App\Http\InTerminal;

/** Whether the database can be opened at the start, and the way back where it cannot. */
final readonly class Opening
{
    /**
     * @param  string  $mark  a file that is there once a bench was begun: a database that is missing then was lost
     */
    public function __construct(private DatabaseFile $file, private Copies $copies, private string $mark)
    {
    }

    public static function ofApplication(): self
    {
        return new self(DatabaseFile::ofApplication(), Copies::ofApplication(), storage_path('.begun'));
    }

    /** @return list<string> what is wrong and what can be done, line by line; none: it can be opened */
    public function trouble(): array
    {
        if ($this->file->isEmpty() && ! is_file($this->mark) && $this->copies->all() === []) {
            return [];
        }
        $trouble = $this->file->trouble();

        return $trouble === null ? [] : ["The database {$this->file->path} cannot be used: $trouble", ...$this->ways()];
    }

    /** @return list<string> */
    public function ways(): array
    {
        $copies = $this->copies->all();
        $lines = $copies === [] ? ['There is no copy of it.'] : ['Copies, the latest first:'];
        foreach ($copies as $path => $at) {
            $lines[] = "  $at  $path";
        }
        if ($copies !== []) {
            $lines[] = 'Go back to one with '.InTerminal::command('restore FILE').
                '; what is there now is set aside, not deleted.';
        }
        $lines[] = 'Start with an empty one with '.InTerminal::command('restore --new').
            '; what is there now is set aside, not deleted.';

        return $lines;
    }

    /** A first start has no database yet. */
    public function lay(): void
    {
        if (! is_file($this->file->path)) {
            touch($this->file->path);
        }
        chmod($this->file->path, 0600);
    }

    public function begun(): void
    {
        touch($this->mark);
    }

    /** The next start is a first one: what stands there is laid aside. */
    public function beginAnew(): ?string
    {
        $aside = $this->copies->layAside();
        @unlink($this->mark);

        return $aside;
    }
}
