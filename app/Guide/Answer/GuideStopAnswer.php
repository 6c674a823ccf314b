<?php

declare(strict_types=1);

namespace App\Guide\Answer;

use App\Http\Answer;
use JackRest\Core\Calculation\Field;

/** A stop of the setting board. */
final readonly class GuideStopAnswer extends Answer
{
    public function __construct(
        #[Field('the angle, degrees')] public float $angleDeg,
        #[Field('how far the iron stands out, mm')] public float $projectionMm,
        #[Field('ready to be read')] public string $text,
    ) {
    }
}
