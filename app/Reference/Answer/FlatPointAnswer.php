<?php

declare(strict_types=1);

namespace App\Reference\Answer;

use App\Http\Answer;
use JackRest\Core\Calculation\Field;

/** A place on a surface. */
final readonly class FlatPointAnswer extends Answer
{
    public function __construct(
        #[Field('how far across, mm')] public float $acrossMm,
        #[Field('how far along, mm')] public float $alongMm,
    ) {
    }
}
