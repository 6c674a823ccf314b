<?php

declare(strict_types=1);

namespace App\Work\Answer;

use App\Http\Answer;
use JackRest\Core\Calculation\Field;

/** What a work begins with. */
final readonly class PatternAnswer extends Answer
{
    /**
     * @param  list<MeasureAnswer>  $measures
     */
    public function __construct(
        #[Field('its name within the program')] public string $id,
        #[Field('what it is called')] public string $name,
        #[Field('ready to be read')] public string $says,
        #[Field('which form it has')] public string $form,
        #[Field('what is measured on it', of: MeasureAnswer::class)] public array $measures,
    ) {
    }
}
