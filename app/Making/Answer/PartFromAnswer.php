<?php

declare(strict_types=1);

namespace App\Making\Answer;

use App\Http\Answer;
use JackRest\Core\Calculation\Field;
use JackRest\Core\Shelf\Fitness;

/** The wood that a part can come from. */
final readonly class PartFromAnswer extends Answer
{
    public function __construct(
        #[Field('the record\'s number')] public int $id,
        #[Field('what it is called')] public string $name,
        #[Field('ready to be read')] public string $says,
        #[Field('how fit it is')] public Fitness $fitness,
    ) {
    }
}
