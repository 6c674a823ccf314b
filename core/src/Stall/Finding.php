<?php

declare(strict_types=1);

namespace JackRest\Core\Stall;

/** What one check of a second-hand tool came to. */
final readonly class Finding
{
    /**
     * @param  Outcome|null  $outcome  null: the check was not made yet
     * @param  Mending|null  $mending  what putting it right takes, where that is the outcome
     * @param  float|null  $valueMm  what was measured; null: it was judged by eye
     */
    private function __construct(
        public Check $check,
        public ?Outcome $outcome,
        public ?Mending $mending,
        public ?float $valueMm = null,
    ) {
    }

    public static function byEye(Check $check, ?Outcome $outcome): self
    {
        return new self($check, $outcome, $outcome === Outcome::Mend ? $check->mending : null);
    }

    /** @param  non-empty-list<float>  $readMm  every reading that the check asks for */
    public static function measured(Check $check, Measured $measured, array $readMm): self
    {
        $value = $measured->valueMm($readMm);
        $outcome = $measured->outcome($value);
        $outcome = $outcome === Outcome::WalkAway && $check->walkAway === null ? Outcome::Mend : $outcome;
        if ($outcome !== Outcome::Mend) {
            return new self($check, $outcome, null, $value);
        }
        $mending = $check->mending === null ? null : $measured->mending($check->mending, $value);

        return new self($check, $mending === null ? Outcome::WalkAway : Outcome::Mend, $mending, $value);
    }
}
