<?php

declare(strict_types=1);

namespace JackRest\Core\Work;

/** An operation as one work asks for it: with its own numbers, and how well it must be done. */
final readonly class Task
{
    public function __construct(
        public Operation $operation,
        public Facts $facts = new Facts,
        public int $minGrade = 3,
    ) {
    }

    /** Two tasks of one key are served by the same tools. */
    public function key(): string
    {
        return "{$this->operation->id} {$this->minGrade} {$this->facts->key()}";
    }

    public function atGrade(int $minGrade): self
    {
        return new self($this->operation, $this->facts, $minGrade);
    }
}
