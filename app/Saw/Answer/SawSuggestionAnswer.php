<?php

declare(strict_types=1);

namespace App\Saw\Answer;

use App\Http\Answer;
use JackRest\Core\Calculation\Field;

/** How a saw could be filed. */
final readonly class SawSuggestionAnswer extends Answer
{
    public function __construct(
        #[Field('ready to be read')] public string $says,
        #[Field('rake, as it would be typed')] public string $rake,
        #[Field('fleam, as it would be typed')] public string $fleam,
        #[Field('set, as it would be typed; null: not told')] public ?string $set,
        #[Field('whether it stands so already')] public bool $isMet,
    ) {
    }
}
