<?php

declare(strict_types=1);

namespace App\Home\Answer;

use App\Http\Answer;
use JackRest\Core\Calculation\Field;

/** A size of what is drawn. */
final readonly class SizeToldAnswer extends Answer
{
    public function __construct(
        #[Field('mm')] public float $mm,
        #[Field('ready to be read')] public string $says,
    ) {
    }
}
