<?php

declare(strict_types=1);

namespace JackRest\Desk\Timber;

use JackRest\Desk\Form\FormField;
use JackRest\Desk\Form\Quantity;

/** The air and what it does to wood, asked in the same way wherever it is read. */
final class AirFields
{
    /** Colder or warmer than any shop is refused where it is read: it may be in °F. */
    public static function temperature(string $name, ?string $missing = null): FormField
    {
        return new FormField($name, Quantity::Temperature, -20, 60, 'Temperature', missing: $missing);
    }

    public static function humidity(string $name, ?string $missing = null): FormField
    {
        return new FormField(
            $name,
            Quantity::Percent,
            0,
            100,
            'Humidity',
            complaint: 'Humidity lies between 0 and 100 %.',
            missing: $missing,
        );
    }

    public static function moisture(string $name): FormField
    {
        $saturated = 'Above 30 % wood does not move: its fibres are saturated.';

        return new FormField($name, Quantity::Percent, 0, 30, 'By a moisture meter', complaint: $saturated);
    }
}
