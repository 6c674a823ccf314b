<?php

declare(strict_types=1);

namespace App\Edge\Answer;

use App\Http\Answer;
use JackRest\Core\Calculation\Field;

/** An angle that was measured. */
final readonly class AngleMeasuredAnswer extends Answer
{
    public function __construct(
        #[Field('where or when')] public string $at,
        #[Field('the angle, degrees')] public float $deg,
    ) {
    }
}
