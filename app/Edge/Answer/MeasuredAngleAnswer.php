<?php

declare(strict_types=1);

namespace App\Edge\Answer;

use App\Http\Answer;
use JackRest\Core\Calculation\Field;

/** The angle that the bevel's length gives. */
final readonly class MeasuredAngleAnswer extends Answer
{
    public function __construct(
        #[Field('the angle, degrees')] public float $deg,
        #[Field('ready to be read')] public string $text,
        #[Field('how far the measured angle may be wrong')] public string $give,
    ) {
    }
}
