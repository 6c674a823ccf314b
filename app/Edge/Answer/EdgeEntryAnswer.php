<?php

declare(strict_types=1);

namespace App\Edge\Answer;

use App\Http\Answer;
use JackRest\Core\Calculation\Field;

/** One entry of an edge's diary. */
final readonly class EdgeEntryAnswer extends Answer
{
    public function __construct(
        #[Field('where or when')] public string $at,
        #[Field('which kind it is')] public string $kind,
        #[Field('ready to be read')] public string $says,
        #[Field('its entry in the diary of the bench; null: it was imported, or comes from a session')]
        public ?int $entry,
        #[Field('as it would be typed')] public TypedEntryAnswer $typed,
    ) {
    }
}
