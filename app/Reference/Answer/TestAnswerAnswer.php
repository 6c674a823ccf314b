<?php

declare(strict_types=1);

namespace App\Reference\Answer;

use App\Http\Answer;
use JackRest\Core\Calculation\Field;
use JackRest\Core\Truing\Verdict;

/** What a test says. */
final readonly class TestAnswerAnswer extends Answer
{
    public function __construct(
        #[Field('its error without its sign, ready to be read')] public string $error,
        #[Field('its error, mm')] public float $errorMm,
        #[Field('how it stands to its tolerance; null: it has none')] public ?Verdict $verdict,
        #[Field('how it stands to its tolerance, ready to be read')] public string $standing,
        #[Field('what was found, ready to be read')] public ?string $found,
    ) {
    }
}
