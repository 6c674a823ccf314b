<?php

declare(strict_types=1);

namespace App\Home\Answer;

use App\Http\Answer;
use JackRest\Core\Calculation\Field;
use JackRest\Core\Measure\LengthUnit;

/** What every page needs to know. */
final readonly class PulseAnswer extends Answer
{
    public function __construct(
        #[Field('counts up with every change')] public int $revision,
        #[Field('the user\'s unit')] public LengthUnit $unit,
        #[Field('light, dark, or as the system has it', among: ['system', 'light', 'dark'])] public string $ground,
        #[Field('the bench\'s name')] public string $bench,
        #[Field('where the air is read; null: nowhere')] public ?string $instrumentUrl,
        #[Field('who is signed in; empty: nobody has to')] public string $person,
        #[Field('whether they may write here')] public bool $mayRecord,
    ) {
    }
}
