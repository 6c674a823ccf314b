<?php

declare(strict_types=1);

namespace App\Stall\Answer;

use App\Http\Answer;
use JackRest\Core\Calculation\Field;

/** A photograph. */
final readonly class PhotoAnswer extends Answer
{
    public function __construct(
        #[Field('the record\'s number')] public int $id,
        #[Field('which state of the record this is')] public int $version,
        #[Field('width, pixels')] public int $width,
        #[Field('height, pixels')] public int $height,
    ) {
    }
}
