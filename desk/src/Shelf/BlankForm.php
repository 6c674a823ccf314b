<?php

declare(strict_types=1);

namespace JackRest\Desk\Shelf;

use JackRest\Desk\Form\FormField;
use JackRest\Desk\Form\Quantity;
use JackRest\Desk\Timber\WoodFields;

/** What is measured of a blank. */
final class BlankForm
{
    /** @return list<FormField> */
    public static function fields(): array
    {
        $size = static fn (string $name, string $label, float $least, float $most): FormField => new FormField(
            $name, Quantity::Length, $least, $most, $label, missing: 'Measure this first.',
        );

        return [
            $size('length', 'Length', 20, 6000),
            $size('width', 'Width', 5, 1000),
            $size('thickness', 'Thickness', 2, 300),
            WoodFields::ring('Look at its end: at which angle do the rings meet the face?'),
            WoodFields::runout(),
        ];
    }
}
