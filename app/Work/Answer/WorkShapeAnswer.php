<?php

declare(strict_types=1);

namespace App\Work\Answer;

use App\Http\Answer;
use JackRest\Core\Calculation\Field;

/** What a work of the list is drawn by. */
final readonly class WorkShapeAnswer extends Answer
{
    /** @param  array<string, float>  $measuresMm */
    public function __construct(
        #[Field('the work\'s number')] public int $work,
        #[Field('its measures, by name, mm', of: 'number', keyed: true)] public array $measuresMm,
    ) {
    }
}
