<?php

declare(strict_types=1);

namespace App\Edge\Answer;

use App\Http\Answer;
use JackRest\Core\Calculation\Field;

/** How long an edge stayed sharp. */
final readonly class EdgeSpanAnswer extends Answer
{
    public function __construct(
        #[Field('how long it stayed sharp, by the edge\'s clock')] public float $length,
        #[Field('when it ended, ISO 8601')] public string $endedAt,
    ) {
    }
}
