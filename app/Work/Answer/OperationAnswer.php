<?php

declare(strict_types=1);

namespace App\Work\Answer;

use App\Http\Answer;
use JackRest\Core\Calculation\Field;

/** An operation. */
final readonly class OperationAnswer extends Answer
{
    /**
     * @param  list<OperationFactAnswer>  $facts
     */
    public function __construct(
        #[Field('its name within the program')] public string $id,
        #[Field('what it is called')] public string $name,
        #[Field('ready to be read')] public string $says,
        #[Field('what is asked about it', of: OperationFactAnswer::class)] public array $facts,
    ) {
    }
}
