<?php

declare(strict_types=1);

namespace JackRest\Desk\Reference;

use JackRest\Desk\Form\FormField;
use JackRest\Desk\Form\Quantity;

/** Fields that most tests have, asked in the same way everywhere. Usual values: common practice, no source. */
final class TestFields
{
    private const LEAST_MM = 0.0001;

    public static function shaving(float $usual): FormField
    {
        $complaint = 'A shaving is thicker than 0 and thinner than 1 mm.';

        return new FormField(
            'shaving',
            Quantity::Length,
            self::LEAST_MM,
            1,
            'One shaving',
            'ten in a pack: type 0.5 mm / 10',
            $complaint,
            begins: $usual,
            step: 0.005,
        );
    }

    public static function tolerance(string $label, string $hint, float $usual): FormField
    {
        $complaint = 'A tolerance is more than 0 and less than 20 mm.';

        return new FormField(
            'tolerance',
            Quantity::Length,
            self::LEAST_MM,
            20,
            $label,
            $hint,
            $complaint,
            begins: $usual,
            step: 0.01,
        );
    }

    /** @param  array{string, string}|null  $when */
    public static function lineWidth(float $usual, ?array $when = null, ?bool $isAside = null): FormField
    {
        $complaint = 'A knifed or pencilled line is no wider than 3 mm.';

        return new FormField(
            'lineWidth',
            Quantity::Length,
            0,
            3,
            'Width of a line',
            '',
            $complaint,
            begins: $usual,
            step: 0.01,
            when: $when,
            isAside: $isAside,
        );
    }
}
