<?php

declare(strict_types=1);

namespace App\Instrument\Answer;

use App\Http\Answer;
use JackRest\Core\Calculation\Field;

/** What the instrument reads now. */
final readonly class InstrumentReadingAnswer extends Answer
{
    public function __construct(#[Field('as it would be typed')] public string $typed)
    {
    }
}
