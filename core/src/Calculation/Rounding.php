<?php

declare(strict_types=1);

namespace JackRest\Core\Calculation;

/**
 * Whole numbers of strokes, shavings and honings from quotients.
 *
 * A quotient within 1e-9 of a whole number is that number: 0.3/0.1 must be three shavings, not four.
 */
final class Rounding
{
    private const NEAR = 1e-9;

    public static function up(float $quotient): int
    {
        return self::whole(self::snapped($quotient) ?? ceil($quotient));
    }

    public static function down(float $quotient): int
    {
        return self::whole(self::snapped($quotient) ?? floor($quotient));
    }

    /** The nearest whole number, a half upward. */
    public static function nearest(float $quotient): int
    {
        return self::down($quotient + 0.5);
    }

    private static function snapped(float $quotient): ?float
    {
        $whole = floor($quotient + 0.5);

        return abs($quotient - $whole) <= self::NEAR ? $whole : null;
    }

    private static function whole(float $number): int
    {
        return is_finite($number) && abs($number) < 2 ** 53 ? (int) $number : throw InvalidInput::tooLarge();
    }
}
