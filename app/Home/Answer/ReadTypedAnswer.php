<?php

declare(strict_types=1);

namespace App\Home\Answer;

use App\Http\Answer;
use JackRest\Core\Calculation\Field;
use JackRest\Desk\Form\Reading;

/** One field as it is typed. */
final readonly class ReadTypedAnswer extends Answer
{
    public function __construct(#[Field('what it is understood as')] public Reading $reading)
    {
    }
}
