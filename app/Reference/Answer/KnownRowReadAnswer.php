<?php

declare(strict_types=1);

namespace App\Reference\Answer;

use App\Http\Answer;
use JackRest\Core\Calculation\Field;
use JackRest\Core\Truing\Verdict;
use JackRest\Desk\Form\Reading;

/** One square beside the known one. */
final readonly class KnownRowReadAnswer extends Answer
{
    public function __construct(
        #[Field('the gap that was read')] public Reading $gap,
        #[Field('its error, ready to be read; null: not yet')] public ?string $error,
        #[Field('which way it leans, ready to be read')] public ?string $leans,
        #[Field('what it comes to')] public ?Verdict $verdict,
    ) {
    }
}
