<?php

declare(strict_types=1);

namespace App\Reference\Answer;

use App\Http\Answer;
use App\Http\Answer\WrittenAnswer;
use JackRest\Core\Calculation\Field;
use JackRest\Core\Truing\Verdict;

/** One test of a reference. */
final readonly class TestedAnswer extends Answer
{
    public function __construct(
        #[Field('the record\'s number')] public int $id,
        #[Field('when it was tested, ISO 8601')] public string $testedAt,
        #[Field('its error, mm')] public float $errorMm,
        #[Field('how uncertain that is, for 95 of 100 tests, mm')] public float $uncertaintyMm,
        #[Field('its error, ready to be read')] public string $error,
        #[Field('what it comes to')] public Verdict $verdict,
        #[Field('what was found, ready to be read')] public ?string $found,
        #[Field('what was taken off, ready to be read')] public ?string $taken,
        #[Field('which tests belong together')] public string $series,
        #[Field('its entry in the diary; null: it has none of its own')] public ?WrittenAnswer $written,
    ) {
    }
}
