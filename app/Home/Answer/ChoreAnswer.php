<?php

declare(strict_types=1);

namespace App\Home\Answer;

use App\Http\Answer;
use App\Http\Answer\AboutAnswer;
use JackRest\Core\Calculation\Field;
use JackRest\Desk\ToDo\ChoreKind;

/** What is to be done before work. */
final readonly class ChoreAnswer extends Answer
{
    public function __construct(
        #[Field('which kind it is')] public ChoreKind $kind,
        #[Field('ready to be read')] public string $says,
        #[Field('why it is so')] public string $why,
        #[Field('how long it takes')] public ?int $minutes,
        #[Field('the record it is about')] public AboutAnswer $about,
    ) {
    }
}
