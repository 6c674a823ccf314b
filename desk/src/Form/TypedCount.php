<?php

declare(strict_types=1);

namespace JackRest\Desk\Form;

/** Whole numbers, and yes or no, as they are typed. */
final class TypedCount
{
    public static function whole(string $typed): Reading
    {
        return preg_match('/^\s*\d{1,4}\s*$/', $typed) === 1
            ? Reading::understood($typed, (float) $typed)
            : Reading::unreadable($typed, 'Type a whole number, such as 5.');
    }

    /** Yes is 1, no is 0. */
    public static function yesNo(string $typed): Reading
    {
        return match (strtolower(trim($typed))) {
            'yes', 'y', '1', 'true' => Reading::understood($typed, 1.0),
            'no', 'n', '0', 'false' => Reading::understood($typed, 0.0),
            default => Reading::unreadable($typed, 'Type yes or no.'),
        };
    }
}
