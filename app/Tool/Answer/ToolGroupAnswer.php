<?php

declare(strict_types=1);

namespace App\Tool\Answer;

use App\Http\Answer;
use JackRest\Core\Calculation\Field;

/** A group of tools. */
final readonly class ToolGroupAnswer extends Answer
{
    public function __construct(
        #[Field('its name within the program')] public string $id,
        #[Field('what is read beside it')] public string $label,
        #[Field('what this group is for')] public string $teaches,
        #[Field('its place among the groups a beginner fills first, from 1; null: none of them')] public ?int $first,
    ) {
    }
}
