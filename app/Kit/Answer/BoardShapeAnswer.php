<?php

declare(strict_types=1);

namespace App\Kit\Answer;

use App\Http\Answer;
use App\Http\Answer\ToolOutlineAnswer;
use JackRest\Core\Calculation\Field;

/** What tools of one kind and size have in common. */
final readonly class BoardShapeAnswer extends Answer
{
    public function __construct(
        #[Field('which kind it is')] public string $kind,
        #[Field('which group it belongs to')] public string $group,
        #[Field('its outline')] public ToolOutlineAnswer $outline,
    ) {
    }
}
