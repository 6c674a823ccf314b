<?php

declare(strict_types=1);

namespace App\Home\Answer;

use App\Http\Answer;
use App\Http\Answer\AboutAnswer;
use JackRest\Core\Calculation\Field;

/** What is to be done when there is a minute. */
final readonly class UpkeepAnswer extends Answer
{
    public function __construct(
        #[Field('its name within the program')] public string $key,
        #[Field('ready to be read')] public string $says,
        #[Field('why it is so')] public string $why,
        #[Field('how long it takes')] public ?int $minutes,
        #[Field('the record it is about')] public AboutAnswer $about,
        #[Field('what pressing it records; null: nothing')] public ?string $does,
    ) {
    }
}
