<?php

declare(strict_types=1);

namespace App\Kit\Answer;

use App\Http\Answer;
use JackRest\Core\Calculation\Field;

/** What would be bought instead. */
final readonly class PurchaseAnswer extends Answer
{
    public function __construct(
        #[Field('its name among what can be got')] public string $offer,
        #[Field('what it is called')] public string $name,
        #[Field('ready to be read')] public string $says,
    ) {
    }
}
