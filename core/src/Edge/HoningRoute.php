<?php

declare(strict_types=1);

namespace JackRest\Core\Edge;

/** A sequence of stones under comparison: its time, its length and its ids decide, in this order. */
final readonly class HoningRoute
{
    // Sums of the same seconds in another order may differ in the last bits; a microsecond is no difference.
    private const SAME_SECONDS = 1e-6;

    /** @param  non-empty-list<Abrasive>  $stones */
    public function __construct(public array $stones, public float $seconds)
    {
    }

    public function then(Abrasive $stone, float $seconds): self
    {
        return new self([...$this->stones, $stone], $this->seconds + $seconds);
    }

    public function last(): Abrasive
    {
        return $this->stones[count($this->stones) - 1];
    }

    public function beats(?self $other): bool
    {
        return $other === null || $this->against($other) < 0;
    }

    /** Negative when this one is better. */
    public function against(self $other): int
    {
        if (abs($this->seconds - $other->seconds) > self::SAME_SECONDS) {
            return $this->seconds <=> $other->seconds;
        }

        return [count($this->stones), $this->ids()] <=> [count($other->stones), $other->ids()];
    }

    /** @return list<string> */
    private function ids(): array
    {
        return array_map(static fn (Abrasive $stone): string => $stone->id, $this->stones);
    }
}
