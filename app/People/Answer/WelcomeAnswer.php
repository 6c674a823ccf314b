<?php

declare(strict_types=1);

namespace App\People\Answer;

use App\Http\Answer;
use JackRest\Core\Calculation\Field;

/** Who came in, or went. */
final readonly class WelcomeAnswer extends Answer
{
    public function __construct(
        #[Field('what they are called')] public string $name,
    ) {
    }
}
