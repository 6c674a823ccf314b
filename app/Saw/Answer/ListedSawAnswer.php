<?php

declare(strict_types=1);

namespace App\Saw\Answer;

use App\Http\Answer;
use JackRest\Core\Calculation\Field;

/** A saw in the list. */
final readonly class ListedSawAnswer extends Answer
{
    public function __construct(
        #[Field('the record\'s number')] public int $id,
        #[Field('what it is called')] public string $name,
        #[Field('ready to be read')] public string $says,
    ) {
    }
}
