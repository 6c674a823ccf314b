<?php

declare(strict_types=1);

namespace App\Edge\Answer;

use App\Http\Answer;
use JackRest\Core\Calculation\Field;

/** Where one could stop earlier. */
final readonly class EarlierAnswer extends Answer
{
    public function __construct(
        #[Field('the grit to stop at, µm')] public string $stopUm,
        #[Field('ready to be read')] public string $says,
    ) {
    }
}
