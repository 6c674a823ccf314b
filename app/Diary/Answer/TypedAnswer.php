<?php

declare(strict_types=1);

namespace App\Diary\Answer;

use App\Http\Answer;
use JackRest\Core\Calculation\Field;

/** An entry as it was typed, to be typed again. */
final readonly class TypedAnswer extends Answer
{
    public function __construct(
        #[Field('the entry\'s number')] public int $id,
        #[Field('which kind it is')] public string $kind,
        #[Field('what it comes to, in one sentence')] public string $sentence,
        #[Field('the day it happened, ISO 8601')] public string $happenedOn,
        #[Field('mm or inch: what a length without a unit was in; null: not known')] public ?string $unit,
        #[Field('the request as it was sent, without its version, as JSON; null: not known')] public ?string $body,
    ) {
    }
}
