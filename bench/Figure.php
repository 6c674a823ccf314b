<?php

declare(strict_types=1);

namespace Bench;

/** One line of the table: what was measured, and what it may be at most. */
final readonly class Figure
{
    /**
     * @param  float|null  $limit  null: told and not judged
     * @param  float  $othersPct  what others took of this machine's time meanwhile, per cent
     */
    public function __construct(
        public string $what,
        public float $value,
        public string $unit = 'ms',
        public ?float $limit = null,
        public float $othersPct = 0.0,
    ) {
    }

    /** The same, measured while others took so much of this machine's time. */
    public function beside(float $othersPct): self
    {
        return new self($this->what, $this->value, $this->unit, $this->limit, $othersPct);
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
            rtrim(($this->isMissed() ? ' MISSED' : '').' '.$this->disturbed()),
        );
    }

    public function row(): string
    {
        $value = trim(round($this->value, 2)." {$this->unit}");
        $judged = trim(($this->isMissed() ? '**missed**' : '').' '.$this->disturbed());

        return '| '.trim($this->what)." | $value | {$this->most()} | $judged |";
    }

    /** A machine that was not quiet is told of where it matters. */
    private function disturbed(): string
    {
        return $this->limit !== null && $this->othersPct > OthersTime::QUIET_PCT
            ? 'others took '.round($this->othersPct).' %'
            : '';
    }

    private function most(): string
    {
        return $this->limit === null || $this->unit === '' ? '' : 'limit '.round($this->limit, 1)." {$this->unit}";
    }
}
