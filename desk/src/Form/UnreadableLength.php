<?php

declare(strict_types=1);

namespace JackRest\Desk\Form;

use DomainException;

/** A typed length that cannot be understood; the message says what would be. */
final class UnreadableLength extends DomainException
{
    public static function empty(): self
    {
        return new self('Type a length, such as 9.5, 3/8 in or 12 thou.');
    }

    public static function notANumber(string $text): self
    {
        return new self("“{$text}” is not a length. Type a number, such as 9.5, 3/8 in or 12 thou.");
    }

    public static function zeroDenominator(string $text): self
    {
        return new self("“{$text}” divides by zero. A fraction needs a number under its line, such as 1/8.");
    }

    public static function unknownUnit(string $unit): self
    {
        return new self("“{$unit}” is no unit known here. Use mm, cm, m, µm, in, \" or thou.");
    }

    public static function improperMixed(string $text): self
    {
        return new self("“{$text}” mixes a whole number with a fraction over one. Write 1 1/8 or 9/8.");
    }

    public static function paperNotMeasured(): self
    {
        return new self('How thick is your paper? Measure ten sheets in a pack, and say so under True.');
    }

    public static function tooLong(): self
    {
        return new self('That is longer than any bench. Check the unit.');
    }
}
