<?php

declare(strict_types=1);

namespace App\Work\Answer;

use App\Http\Answer;
use JackRest\Core\Calculation\Field;

/** A measure of a pattern. */
final readonly class MeasureAnswer extends Answer
{
    public function __construct(
        #[Field('what it is called')] public string $name,
        #[Field('what is read beside it')] public string $label,
        #[Field('what stands for it where nothing is typed')] public string $usual,
        #[Field('the usual measure, mm')] public float $usualMm,
    ) {
    }
}
