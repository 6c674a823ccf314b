<?php

declare(strict_types=1);

namespace App\Rack\Answer;

use App\Http\Answer;
use JackRest\Core\Calculation\Field;

/** A step from one grit to the next. */
final readonly class RackGapAnswer extends Answer
{
    public function __construct(
        #[Field('from where')] public string $from,
        #[Field('to where')] public string $to,
        #[Field('which kind it is', among: ['double', 'jump', 'step'])] public string $kind,
        #[Field('how many times finer, ready to be read')] public string $times,
    ) {
    }
}
