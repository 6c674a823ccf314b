<?php

declare(strict_types=1);

namespace App\Rack\Answer;

use App\Http\Answer;
use JackRest\Core\Calculation\Field;

/** A kind of stone. */
final readonly class MediumAnswer extends Answer
{
    public function __construct(
        #[Field('its value')] public string $value,
        #[Field('what is read beside it')] public string $label,
        #[Field('how long it lasts')] public string $lasts,
        #[Field('how its grit is counted')] public string $scale,
    ) {
    }
}
