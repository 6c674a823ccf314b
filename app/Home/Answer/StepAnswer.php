<?php

declare(strict_types=1);

namespace App\Home\Answer;

use App\Http\Answer;
use JackRest\Core\Calculation\Field;

/** A figure one step further. */
final readonly class StepAnswer extends Answer
{
    public function __construct(#[Field('as it would be typed')] public string $typed)
    {
    }
}
