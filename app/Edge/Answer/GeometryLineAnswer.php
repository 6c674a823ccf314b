<?php

declare(strict_types=1);

namespace App\Edge\Answer;

use App\Http\Answer;
use JackRest\Core\Calculation\Field;

/** One line of the geometry. */
final readonly class GeometryLineAnswer extends Answer
{
    public function __construct(
        #[Field('what is read beside it')] public string $label,
        #[Field('ready to be read')] public string $text,
        #[Field('ready to be read')] public string $says,
    ) {
    }
}
