<?php

declare(strict_types=1);

namespace App\Http\Answer;

use App\Http\Answer;
use JackRest\Core\Calculation\Field;
use JackRest\Core\Outline\Material;

/** One part of a tool in its outline. */
final readonly class OutlineBodyAnswer extends Answer
{
    public function __construct(
        #[Field('SVG path data, mm')] public string $path,
        #[Field('what it is made of; null: steel')] public ?Material $of,
    ) {
    }
}
