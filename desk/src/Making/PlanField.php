<?php

declare(strict_types=1);

namespace JackRest\Desk\Making;

use Closure;
use JackRest\Core\Measure\DimensionUnit;

/** A size that is chosen for a plan; one that is not takes its usual proportion from those before it. */
final readonly class PlanField
{
    /**
     * @param  Closure(PlanSizes): float  $usual  from the sizes before it
     * @param  float  $step  what an arrow key steps by
     */
    private function __construct(
        public string $name,
        public string $label,
        public string $hint,
        public DimensionUnit $unit,
        public float $least,
        public float $most,
        public float $step,
        public Closure $usual,
    ) {
    }

    /** @param  float|Closure(PlanSizes): float  $usual */
    public static function length(string $name, string $label, float|Closure $usual, float $least, float $most, string $hint = '', float $step = 1.0): self
    {
        return new self($name, $label, $hint, DimensionUnit::Length, $least, $most, $step, is_float($usual) ? static fn (): float => $usual : $usual);
    }

    public static function degrees(string $name, string $label, float $usual, float $least, float $most, string $hint): self
    {
        return new self($name, $label, $hint, DimensionUnit::Degrees, $least, $most, 0.5, static fn (): float => $usual);
    }
}
