<?php

declare(strict_types=1);

namespace JackRest\Desk\Stall;

use JackRest\Core\Measure\LengthFormatter;
use JackRest\Core\Stall\Measured;

/** What was measured at the stall, beside what is sound. */
final readonly class MeasuredWords
{
    public function __construct(private Measured $measured, private LengthFormatter $format)
    {
    }

    public function says(float $valueMm): string
    {
        return $this->length($valueMm).'; '.$this->limit();
    }

    /** From where on, or up to where, it is sound. */
    public function limit(): string
    {
        return ($this->measured->moreIsBetter ? 'sound from ' : 'sound up to ').$this->length($this->measured->soundMm);
    }

    /** Gaps to a hundredth, sizes to a tenth. */
    private function length(float $mm): string
    {
        return abs($mm) < 2.0 ? $this->format->small($mm) : $this->format->dimension($mm);
    }
}
