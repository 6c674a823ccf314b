<?php

declare(strict_types=1);

namespace App\Care\Answer;

use App\Http\Answer;
use JackRest\Core\Calculation\Field;

/** Something that is used up. */
final readonly class StockAnswer extends Answer
{
    public function __construct(
        #[Field('the record\'s number')] public int $id,
        #[Field('which state of the record this is')] public int $version,
        #[Field('its name within the program')] public string $key,
        #[Field('what is read beside it')] public string $label,
        #[Field('ready to be read')] public string $says,
        #[Field('whether there is little left')] public bool $isLow,
        #[Field('how much of the most, 0 to 1')] public float $share,
    ) {
    }
}
