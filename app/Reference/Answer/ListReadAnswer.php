<?php

declare(strict_types=1);

namespace App\Reference\Answer;

use App\Http\Answer;
use JackRest\Core\Calculation\Field;
use JackRest\Desk\Form\Reading;

/** A list of readings, as they were understood. */
final readonly class ListReadAnswer extends Answer
{
    /**
     * @param  list<Reading>  $readings
     * @param  list<FlatPointAnswer>  $places
     */
    public function __construct(
        #[Field('its name within the program')] public string $id,
        #[Field('what it is called')] public string $name,
        #[Field('what was typed and how it was understood, by field', of: Reading::class)] public array $readings,
        #[Field('whether all of it is read')] public bool $isRead,
        #[Field('place by place', of: FlatPointAnswer::class)] public array $places,
    ) {
    }
}
