<?php

declare(strict_types=1);

namespace App\Kit\Answer;

use App\Http\Answer;
use JackRest\Core\Calculation\Field;

/** What to get next, and why. */
final readonly class KitNextAnswer extends Answer
{
    public function __construct(
        #[Field('ready to be read')] public string $says,
        #[Field('why it is so')] public string $why,
        #[Field('its name among what can be got')] public ?string $offer,
        #[Field('the tool\'s number; null: none')] public ?int $toolId,
        #[Field('whether it is made and not bought')] public bool $made,
    ) {
    }
}
