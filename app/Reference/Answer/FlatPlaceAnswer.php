<?php

declare(strict_types=1);

namespace App\Reference\Answer;

use App\Http\Answer;
use JackRest\Core\Calculation\Field;

/** A place on a surface and what stands there. */
final readonly class FlatPlaceAnswer extends Answer
{
    public function __construct(
        #[Field('how far across, mm')] public float $acrossMm,
        #[Field('how far along, mm')] public float $alongMm,
        #[Field('what to take off, mm')] public float $removeMm,
        #[Field('the same, ready to be read')] public string $remove,
        #[Field('how much of the most, 0 to 1')] public float $share,
    ) {
    }
}
