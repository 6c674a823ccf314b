<?php

declare(strict_types=1);

namespace App\Edge\Answer;

use App\Http\Answer;
use App\Http\Answer\WrittenAnswer;
use JackRest\Core\Calculation\Field;

/** One entry of an edge's diary. */
final readonly class EdgeEntryAnswer extends Answer
{
    public function __construct(
        #[Field('where or when')] public string $at,
        #[Field('which kind it is')] public string $kind,
        #[Field('ready to be read')] public string $says,
        #[Field('its entry in the diary of the bench; null: it has none of its own')]
        public ?WrittenAnswer $written,
        #[Field('as it would be typed')] public TypedEntryAnswer $typed,
    ) {
    }
}
