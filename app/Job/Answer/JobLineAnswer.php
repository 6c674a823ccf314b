<?php

declare(strict_types=1);

namespace App\Job\Answer;

use App\Http\Answer;
use JackRest\Core\Calculation\Field;

/** A job, in a line. */
final readonly class JobLineAnswer extends Answer
{
    public function __construct(
        #[Field('the record\'s number')] public int $id,
        #[Field('what is made')] public string $name,
        #[Field('how it stands, ready to be read')] public string $says,
        #[Field('whether it is finished')] public bool $isMade,
    ) {
    }
}
