<?php

declare(strict_types=1);

namespace App\Edge\Answer;

use App\Http\Answer;
use JackRest\Core\Calculation\Field;

/** What a plane can be for. */
final readonly class CurveRoleAnswer extends Answer
{
    /**
     * @param  list<CurveReliefAnswer>  $reliefs
     */
    public function __construct(
        #[Field('its value')] public string $value,
        #[Field('what is read beside it')] public string $label,
        #[Field('why it is so')] public string $why,
        #[Field('the relief for each wood', of: CurveReliefAnswer::class)] public array $reliefs,
    ) {
    }
}
