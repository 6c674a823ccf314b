<?php

declare(strict_types=1);

namespace App\Files\Answer;

use App\Http\Answer;
use JackRest\Core\Calculation\Field;

/** A line of a file that is wrong. */
final readonly class WrongLineAnswer extends Answer
{
    public function __construct(
        #[Field('which line, from 1')] public int $line,
        #[Field('ready to be read')] public string $says,
    ) {
    }
}
