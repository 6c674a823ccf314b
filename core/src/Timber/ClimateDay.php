<?php

declare(strict_types=1);

namespace JackRest\Core\Timber;

use JackRest\Core\Calculation\Field;

/** The air from a day on. */
final readonly class ClimateDay
{
    public function __construct(
        #[Field('day from which it holds')] public float $day,
        #[Field('temperature, °C', atLeast: -20, atMost: 60)] public float $tempC,
        #[Field('relative humidity, per cent', atLeast: 0, atMost: 100)] public float $rhPct,
    ) {
    }
}
