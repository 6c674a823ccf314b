<?php

declare(strict_types=1);

namespace App\ShadowBoard\Answer;

use App\Http\Answer;
use App\Http\Answer\ToolOutlineAnswer;
use JackRest\Core\Calculation\Field;

/** A tool and where it hangs. */
final readonly class HungToolAnswer extends Answer
{
    public function __construct(
        #[Field('the record\'s number')] public int $id,
        #[Field('what it is called')] public string $name,
        #[Field('mm from the left')] public float $xMm,
        #[Field('mm from the top')] public float $yMm,
        #[Field('whether it lies a quarter turned')] public bool $isTurned,
        #[Field('its outline')] public ToolOutlineAnswer $outline,
    ) {
    }
}
