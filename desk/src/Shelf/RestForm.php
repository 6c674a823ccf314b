<?php

declare(strict_types=1);

namespace JackRest\Desk\Shelf;

use JackRest\Core\Measure\LengthFormatter;
use JackRest\Core\Shelf\RestReading;
use JackRest\Desk\Form\Form;
use JackRest\Desk\Form\FormField;
use JackRest\Desk\Form\Quantity;

/** A blank measured before and after its rest. */
final class RestForm
{
    private const MOST_MM = 50.0;

    /** @return list<FormField> */
    public static function fields(LengthFormatter $format): array
    {
        $firewood = "A blank that is out by more than {$format->dimension(self::MOST_MM)} is firewood. Check the unit.";
        $out = static fn (string $name, string $label): FormField => new FormField(
            $name, Quantity::Length, -self::MOST_MM, self::MOST_MM, $label,
            complaint: $firewood, isReading: true, missing: 'Measure this too; 0 if there is none.',
        );

        return [$out('bow', 'Bow'), $out('wind', 'Wind'), $out('cup', 'Cup')];
    }

    /** The measure; null while one of the three is missing or wrong. */
    public static function reading(Form $form, float $day): ?RestReading
    {
        [$bow, $wind, $cup] = array_map($form->value(...), ['bow', 'wind', 'cup']);

        return $bow === null || $wind === null || $cup === null ? null : new RestReading($day, $bow, $wind, $cup);
    }
}
