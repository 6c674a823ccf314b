<?php

declare(strict_types=1);

namespace App\Blank\Answer;

use App\Http\Answer;
use App\Http\Answer\WrittenAnswer;
use JackRest\Core\Calculation\Field;

/** One measuring of a resting blank. */
final readonly class RestVisitAnswer extends Answer
{
    public function __construct(
        #[Field('when it was measured, ISO 8601')] public string $measuredAt,
        #[Field('bow, ready to be read')] public string $bow,
        #[Field('wind, ready to be read')] public string $wind,
        #[Field('cup, ready to be read')] public string $cup,
        #[Field('its entry in the diary; null: it has none of its own')] public ?WrittenAnswer $written,
    ) {
    }
}
