<?php

declare(strict_types=1);

namespace App\Kit\Answer;

use App\Http\Answer;
use App\Http\Answer\FieldAnswer;
use JackRest\Core\Calculation\Field;

/** A question of fit. */
final readonly class FitAnswer extends Answer
{
    /**
     * @param  list<FieldAnswer>  $fields
     */
    public function __construct(
        #[Field('its name within the program')] public string $id,
        #[Field('the question it answers')] public string $asks,
        #[Field('the question in few words')] public string $short,
        #[Field('whether the wood\'s hardness is asked')] public bool $wantsHardness,
        #[Field('what is asked', of: FieldAnswer::class)] public array $fields,
    ) {
    }
}
