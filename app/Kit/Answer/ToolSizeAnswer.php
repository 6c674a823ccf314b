<?php

declare(strict_types=1);

namespace App\Kit\Answer;

use App\Http\Answer;
use JackRest\Core\Calculation\Field;

/** One size of a tool. */
final readonly class ToolSizeAnswer extends Answer
{
    public function __construct(
        #[Field('what it is called')] public string $name,
        #[Field('what is read beside it')] public string $label,
        #[Field('ready to be read')] public string $text,
        #[Field('as it would be typed')] public string $typed,
        #[Field('whether it was measured')] public bool $measured,
    ) {
    }
}
