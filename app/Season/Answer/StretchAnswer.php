<?php

declare(strict_types=1);

namespace App\Season\Answer;

use App\Http\Answer;
use JackRest\Core\Calculation\Field;

/** A stretch of recorded air. */
final readonly class StretchAnswer extends Answer
{
    public function __construct(
        #[Field('the record\'s number')] public int $id,
        #[Field('which state of it this is')] public int $version,
        #[Field('ready to be read')] public string $says,
    ) {
    }
}
