<?php

declare(strict_types=1);

namespace App\Making\Answer;

use App\Http\Answer;
use JackRest\Core\Calculation\Field;

/** Something being made, in the list. */
final readonly class ListedMakingAnswer extends Answer
{
    public function __construct(
        #[Field('the record\'s number')] public int $id,
        #[Field('what it is called')] public string $name,
        #[Field('ready to be read')] public string $says,
        #[Field('whether it rests')] public bool $isWaiting,
        #[Field('whether it is finished')] public bool $isMade,
    ) {
    }
}
