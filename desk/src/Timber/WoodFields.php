<?php

declare(strict_types=1);

namespace JackRest\Desk\Timber;

use JackRest\Desk\Form\FormField;
use JackRest\Desk\Form\Quantity;

/** How the grain of a piece lies, asked in the same way wherever wood is described. */
final class WoodFields
{
    public static function ring(?string $missing = null): FormField
    {
        $complaint = 'Rings lie between 0° (flatsawn) and 90° (quartersawn).';

        return new FormField(
            'ring',
            Quantity::Degrees,
            0,
            90,
            'Rings to the face',
            '0° flatsawn, 90° quartersawn',
            $complaint,
            missing: $missing,
        );
    }

    public static function runout(): FormField
    {
        $complaint = 'Grain that runs out by more than 45° is end grain.';

        return new FormField('runout', Quantity::Degrees, 0, 45, 'Grain runs out by', 'along the edge', $complaint);
    }
}
