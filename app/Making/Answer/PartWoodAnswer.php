<?php

declare(strict_types=1);

namespace App\Making\Answer;

use App\Http\Answer;
use JackRest\Core\Calculation\Field;

/** Where the wood for one part of a plan comes from. */
final readonly class PartWoodAnswer extends Answer
{
    public function __construct(
        #[Field('the part\'s name within the program')] public string $key,
        #[Field('the blank it is cut from; null: none on the shelf will do')] public ?PartFromAnswer $from,
        #[Field('what is wrong; null: nothing')] public ?string $wrong,
        #[Field('whether the user chose it')] public bool $isChosen,
    ) {
    }
}
