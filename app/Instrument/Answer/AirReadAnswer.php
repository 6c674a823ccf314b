<?php

declare(strict_types=1);

namespace App\Instrument\Answer;

use App\Http\Answer;
use JackRest\Core\Calculation\Field;

/** The air as an instrument reads it now. */
final readonly class AirReadAnswer extends Answer
{
    public function __construct(
        #[Field('temperature, as it would be typed')] public string $temperature,
        #[Field('relative humidity, as it would be typed')] public string $humidity,
    ) {
    }
}
