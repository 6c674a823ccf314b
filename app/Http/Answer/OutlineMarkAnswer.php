<?php

declare(strict_types=1);

namespace App\Http\Answer;

use App\Http\Answer;
use JackRest\Core\Calculation\Field;

/** A dimension on an outline. */
final readonly class OutlineMarkAnswer extends Answer
{
    public function __construct(
        #[Field('what it is called')] public string $name,
        #[Field('from where')] public DrawnPointAnswer $from,
        #[Field('to where')] public DrawnPointAnswer $to,
    ) {
    }
}
