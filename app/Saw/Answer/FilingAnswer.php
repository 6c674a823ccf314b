<?php

declare(strict_types=1);

namespace App\Saw\Answer;

use App\Http\Answer;
use JackRest\Core\Calculation\Field;

/** When something was filed or turned. */
final readonly class FilingAnswer extends Answer
{
    public function __construct(
        #[Field('the record\'s number')] public int $id,
        #[Field('when it was done, ready to be read')] public string $filedOn,
        #[Field('ready to be read')] public string $says,
    ) {
    }
}
