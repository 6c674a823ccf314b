<?php

declare(strict_types=1);

namespace JackRest\Core\Truing;

use JackRest\Core\Calculation\Field;

/** One continuous stroke; over a single station it starts and stops at the same place. */
final readonly class ShavingPass
{
    public function __construct(
        #[Field('where the stroke starts, mm')] public float $fromMm,
        #[Field('where it stops, mm')] public float $toMm,
    ) {
    }

    public function lengthMm(): float
    {
        return $this->toMm - $this->fromMm;
    }
}
