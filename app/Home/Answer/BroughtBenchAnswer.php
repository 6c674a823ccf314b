<?php

declare(strict_types=1);

namespace App\Home\Answer;

use App\Http\Answer;
use JackRest\Core\Calculation\Field;

/** What the file of a bench would bring. */
final readonly class BroughtBenchAnswer extends Answer
{
    public function __construct(
        #[Field('what it will be called here')] public string $name,
        #[Field('what it has, ready to be read')] public string $says,
    ) {
    }
}
