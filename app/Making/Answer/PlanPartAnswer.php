<?php

declare(strict_types=1);

namespace App\Making\Answer;

use App\Http\Answer;
use JackRest\Core\Calculation\Field;

/** One part of a plan. */
final readonly class PlanPartAnswer extends Answer
{
    public function __construct(
        #[Field('its name within the program')] public string $key,
        #[Field('what it is called')] public string $name,
        #[Field('how many')] public int $count,
        #[Field('finished size, ready to be read')] public string $size,
        #[Field('rough size, ready to be read')] public string $rough,
        #[Field('of which wood')] public string $wood,
    ) {
    }
}
