<?php

declare(strict_types=1);

namespace Bench;

/** One line of the table: what was measured, and what it may be at most. */
final readonly class Figure
{
    /** @param  float|null  $limit  null: told and not judged */
    public function __construct(
        public string $what,
        public float $value,
        public string $unit = 'ms',
        public ?float $limit = null,
    ) {
    }

    /** A count that must be reached, where others may not be passed. */
    public function isMissed(): bool
    {
        return match (true) {
            $this->limit === null => false,
            $this->unit === '' => $this->value < $this->limit,
            default => $this->value > $this->limit,
        };
    }

    public function line(): string
    {
        return sprintf(
            '%-86s %10s %-3s %-20s%s',
            $this->what,
            round($this->value, 2),
            $this->unit,
            $this->most(),
            $this->isMissed() ? ' MISSED' : '',
        );
    }

    public function row(): string
    {
        $value = trim(round($this->value, 2)." {$this->unit}");
        $judged = $this->isMissed() ? '**missed**' : '';

        return '| '.trim($this->what)." | $value | {$this->most()} | $judged |";
    }

    private function most(): string
    {
        return $this->limit === null || $this->unit === '' ? '' : 'limit '.round($this->limit, 1)." {$this->unit}";
    }
}
