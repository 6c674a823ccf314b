<?php

declare(strict_types=1);

namespace App\Kit\Answer;

use App\Http\Answer;
use JackRest\Core\Calculation\Field;

/** Every question of fit. */
final readonly class FitsAnswer extends Answer
{
    /**
     * @param  list<FitAnswer>  $fits
     */
    public function __construct(#[Field('question by question', of: FitAnswer::class)] public array $fits)
    {
    }
}
