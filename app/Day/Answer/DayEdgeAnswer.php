<?php

declare(strict_types=1);

namespace App\Day\Answer;

use App\Http\Answer;
use JackRest\Core\Calculation\Field;

/** An edge of the day. */
final readonly class DayEdgeAnswer extends Answer
{
    public function __construct(
        #[Field('the record\'s number')] public int $id,
        #[Field('what it is called')] public string $name,
        #[Field('ready to be read')] public string $says,
        #[Field('whether it is due')] public bool $due,
        #[Field('whether it is left out')] public bool $left,
        #[Field('whether it is honed on that day')] public bool $chosen,
    ) {
    }
}
