<?php

declare(strict_types=1);

namespace App\Tool\Answer;

use App\Http\Answer;
use JackRest\Core\Calculation\Field;
use JackRest\Core\Measure\DimensionUnit;

/** A dimension of a kind of tool. */
final readonly class DimensionAnswer extends Answer
{
    public function __construct(
        #[Field('what it is called')] public string $name,
        #[Field('what is read beside it')] public string $label,
        #[Field('the unit')] public DimensionUnit $unit,
        #[Field('what stands for it where nothing is typed')] public string $usual,
        #[Field('how much one step adds, mm')] public float $stepMm,
        #[Field('whether it is asked of every tool of its kind')] public bool $asked,
    ) {
    }
}
