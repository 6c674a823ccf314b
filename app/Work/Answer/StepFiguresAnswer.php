<?php

declare(strict_types=1);

namespace App\Work\Answer;

use App\Http\Answer;
use JackRest\Core\Calculation\Field;
use JackRest\Desk\Form\Reading;

/** The figures of one step of a work. */
final readonly class StepFiguresAnswer extends Answer
{
    /**
     * @param  array<string, Reading>  $figures
     */
    public function __construct(
        #[Field('the figures, by name', of: Reading::class, keyed: true)] public array $figures,
    ) {
    }
}
