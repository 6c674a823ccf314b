<?php

declare(strict_types=1);

namespace App\School\Answer;

use App\Http\Answer;
use App\Http\Answer\ToolOutlineAnswer;
use JackRest\Core\Calculation\Field;

/** An answer to it. */
final readonly class SchoolAnswerAnswer extends Answer
{
    public function __construct(
        #[Field('its name within the program')] public string $id,
        #[Field('what it is called')] public string $name,
        #[Field('why one says so')] public string $because,
        #[Field('the tool it comes down to; null: none')] public ?ToolOutlineAnswer $outline,
    ) {
    }
}
