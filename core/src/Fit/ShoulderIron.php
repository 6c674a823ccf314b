<?php

declare(strict_types=1);

namespace JackRest\Core\Fit;

use JackRest\Core\Calculation\Field;

/** One shoulder plane at one joint. */
final readonly class ShoulderIron
{
    public function __construct(
        #[Field('width of the iron')] public float $ironMm,
        #[Field('how it covers the shoulder')] public ShoulderVerdict $verdict,
        #[Field('whether it goes into the groove')] public ?bool $intoGroove = null,
    ) {
    }
}
