<?php

declare(strict_types=1);

namespace App\Blank\Answer;

use App\Http\Answer;
use JackRest\Core\Calculation\Field;
use JackRest\Core\Shelf\Fitness;

/** What speaks for a blank or against it. */
final readonly class BlankReasonAnswer extends Answer
{
    public function __construct(
        #[Field('how fit it is')] public Fitness $fitness,
        #[Field('ready to be read')] public string $says,
    ) {
    }
}
