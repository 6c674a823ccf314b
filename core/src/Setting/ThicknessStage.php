<?php

declare(strict_types=1);

namespace JackRest\Core\Setting;

use JackRest\Core\Calculation\Field;

/** A board brought to one thickness, and what it may do while it rests after that. */
final readonly class ThicknessStage
{
    public function __construct(
        #[Field('thickness to stop at, mm')] public float $toMm,
        #[Field('to be taken off, mm')] public float $removeMm,
        #[Field('shavings from each face')] public int $shavingsPerFace,
        #[Field('moisture before it, per cent')] public float $mcPct,
        #[Field('cup to expect of the rest after it, mm')] public float $cupMm,
    ) {
    }
}
