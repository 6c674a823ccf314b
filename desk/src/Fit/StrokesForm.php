<?php

declare(strict_types=1);

namespace JackRest\Desk\Fit;

use JackRest\Desk\Form\FormField;
use JackRest\Desk\Form\Quantity;

/** Strokes counted through a cut, by which a saw's own bite is learnt. */
final class StrokesForm
{
    /** @return list<FormField> */
    public static function fields(): array
    {
        return [
            new FormField(
                'thickness',
                Quantity::Length,
                1,
                300,
                'Stock',
                complaint: 'Stock is between 1 and 300 mm thick.',
            ),
            new FormField('depth', Quantity::Length, 1, 1000, 'Cut', complaint: 'A cut is between 1 and 1000 mm deep.'),
            new FormField('strokes', Quantity::Count, 1, 5000, 'Strokes', complaint: 'Between 1 and 5000 strokes.'),
        ];
    }
}
