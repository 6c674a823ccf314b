<?php

declare(strict_types=1);

namespace JackRest\Desk\Making;

use Closure;
use JackRest\Desk\Form\FormField;
use JackRest\Desk\Form\Quantity;

/** A size that is chosen for a plan; one that is not takes its usual proportion from those before it. */
final readonly class PlanField
{
    /** @param  Closure(PlanSizes): float  $usual  from the sizes before it */
    private function __construct(public FormField $field, public Closure $usual)
    {
    }

    /** @param  float|Closure(PlanSizes): float  $usual */
    public static function length(
        string $name,
        string $label,
        float|Closure $usual,
        float $least,
        float $most,
        string $hint = '',
        float $step = 1.0,
    ): self {
        $field = new FormField($name, Quantity::Length, $least, $most, $label, $hint, step: $step);

        return new self($field, is_float($usual) ? static fn (): float => $usual : $usual);
    }

    public static function degrees(
        string $name,
        string $label,
        float $usual,
        float $least,
        float $most,
        string $hint,
    ): self {
        $field = new FormField($name, Quantity::Degrees, $least, $most, $label, $hint, step: 0.5);

        return new self($field, static fn (): float => $usual);
    }
}
