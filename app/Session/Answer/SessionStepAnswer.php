<?php

declare(strict_types=1);

namespace App\Session\Answer;

use App\Http\Answer;
use JackRest\Core\Calculation\Field;

/** One step of a session. */
final readonly class SessionStepAnswer extends Answer
{
    public function __construct(
        #[Field('its heading')] public string $title,
        #[Field('size of the grit, µm')] public float $particleUm,
        #[Field('how many')] public int $count,
        #[Field('how long, s')] public float $seconds,
        #[Field('how to know that it is done')] public string $see,
        #[
            Field('which kind it is', among: ['grind', 'hone', 'strop', 'plane', 'rub', 'file', 'cut', 'make', 'do']),
        ]
        public string $kind,
        #[Field('what stands small beside it')] public string $beside,
        #[Field('ready to be read')] public string $says,
        #[Field('what the count counts')] public string $of,
    ) {
    }
}
