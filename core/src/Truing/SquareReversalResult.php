<?php

declare(strict_types=1);

namespace JackRest\Core\Truing;

use JackRest\Core\Calculation\Field;

final readonly class SquareReversalResult
{
    public function __construct(
        #[Field('how far the tip is out of square, mm; positive toward the stock')] public float $errorMm,
        #[Field('the same as an angle, degrees')] public float $errorDeg,
        #[Field('angle between blade and stock, degrees')] public float $innerAngleDeg,
        #[Field('expanded uncertainty of the error (95 of 100 tests), mm')] public float $expandedUncertaintyMm,
        #[Field('which way the blade leans, where that can be told')] public Lean $lean,
        #[Field('to be taken off at the heel, mm')] public float $removeAtHeelMm,
        #[Field('to be taken off at the tip, mm')] public float $removeAtTipMm,
        #[Field('shavings that take it off')] public ?int $shavings = null,
        #[Field('the error against the tolerance')] public ?Verdict $verdict = null,
    ) {
    }
}
