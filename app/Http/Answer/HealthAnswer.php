<?php

declare(strict_types=1);

namespace App\Http\Answer;

use App\Http\Answer;
use JackRest\Core\Calculation\Field;

/** Whether the application answers. */
final readonly class HealthAnswer extends Answer
{
    public function __construct(#[Field('whether it is there')] public string $status)
    {
    }
}
