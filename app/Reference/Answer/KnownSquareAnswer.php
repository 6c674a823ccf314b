<?php

declare(strict_types=1);

namespace App\Reference\Answer;

use App\Http\Answer;
use JackRest\Core\Calculation\Field;

/** A square that can be compared. */
final readonly class KnownSquareAnswer extends Answer
{
    public function __construct(
        #[Field('the record\'s number')] public int $id,
        #[Field('what it is called')] public string $name,
        #[Field('how good it has to be')] public string $tolerance,
        #[Field('its last error, ready to be read; null: never tested')] public ?string $error,
    ) {
    }
}
