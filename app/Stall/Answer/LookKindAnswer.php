<?php

declare(strict_types=1);

namespace App\Stall\Answer;

use App\Http\Answer;
use JackRest\Core\Calculation\Field;

/** A kind of tool that can be looked over. */
final readonly class LookKindAnswer extends Answer
{
    public function __construct(
        #[Field('its value')] public string $value,
        #[Field('what is read beside it')] public string $label,
        #[Field('which form of tool it has')] public string $form,
    ) {
    }
}
