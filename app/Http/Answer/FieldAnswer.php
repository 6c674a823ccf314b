<?php

declare(strict_types=1);

namespace App\Http\Answer;

use App\Http\Answer;
use JackRest\Core\Calculation\Field;
use JackRest\Core\Measure\LengthFormatter;
use JackRest\Desk\Form\FormField;
use JackRest\Desk\Form\Quantity;

/** One figure that is asked. */
final readonly class FieldAnswer extends Answer
{
    public function __construct(
        #[Field('what it is called')] public string $name,
        #[Field('what is read beside it')] public string $label,
        #[Field('how it is measured')] public string $hint,
        #[Field('what is measured')] public Quantity $quantity,
        #[Field('whether the user\'s unit stands in it')] public bool $isLength,
        #[Field('whether it is read anew at each test')] public bool $isReading,
        #[Field('how much one step adds')] public float $step,
        #[Field('as it would be typed')] public string $typed,
        #[Field('what stands for it where nothing is typed')] public string $usual,
        #[Field('when it is asked; null: always')] public ?WhenAnswer $when,
        #[Field('whether it stands aside of the readings')] public bool $isAside,
    ) {
    }

    /** @param  string  $usual  what stands for the figure where nothing is typed */
    public static function of(FormField $field, LengthFormatter $format, string $usual = '', ?float $value = null): self
    {
        return new self(
            name: $field->name,
            label: $field->label,
            hint: $field->hint,
            quantity: $field->quantity,
            isLength: $field->quantity->isLength(),
            isReading: $field->isReading,
            step: $field->step,
            typed: $value === null ? '' : $field->typed($value, $format),
            usual: $usual,
            when: WhenAnswer::of($field->when),
            isAside: $field->isAside ?? ! $field->isReading,
        );
    }
}
