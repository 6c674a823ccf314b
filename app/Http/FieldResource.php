<?php

declare(strict_types=1);

namespace App\Http;

use JackRest\Core\Measure\LengthFormatter;
use JackRest\Desk\Form\Field;
use JackRest\Desk\Form\Form;
use JackRest\Desk\Form\Reading;

/** Fields as a page draws them, and what was typed into them. */
final class FieldResource
{
    /**
     * @param  string  $usual  what stands for the figure where nothing is typed
     * @return array<string, mixed>
     */
    public static function of(Field $field, LengthFormatter $format, string $usual = '', ?float $value = null): array
    {
        return [
            'name' => $field->name,
            'label' => $field->label,
            'hint' => $field->hint,
            'quantity' => $field->quantity->value,
            'isLength' => $field->quantity->isLength(),
            'isReading' => $field->isReading,
            'step' => $field->step,
            'typed' => $value === null ? '' : $field->typed($value, $format),
            'usual' => $usual,
            'when' => self::when($field->when),
            'isAside' => $field->isAside ?? ! $field->isReading,
        ];
    }

    /**
     * @param  array{string, string}|null  $when
     * @return array{choice: string, is: string}|null
     */
    public static function when(?array $when): ?array
    {
        return $when === null ? null : ['choice' => $when[0], 'is' => $when[1]];
    }

    /** Every reading of a form, by the fields' names. */
    public static function readings(?Form $form): object
    {
        return (object) array_map(self::reading(...), $form->readings ?? []);
    }

    /**
     * @return array{typed: string, value: float|null, understood: string|null, error: string|null, doubt: string|null,
     * instead: string|null}
     */
    public static function reading(Reading $reading): array
    {
        return [
            'typed' => $reading->typed,
            'value' => $reading->value,
            'understood' => $reading->understood,
            'error' => $reading->error,
            'doubt' => $reading->doubt,
            'instead' => $reading->instead,
        ];
    }
}
