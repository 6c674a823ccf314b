<?php

declare(strict_types=1);

namespace JackRest\Core\Measure;

/** The unit a user works in; a bare number is in it. */
enum LengthUnit: string
{
    case Millimetre = 'mm';
    case Inch = 'inch';

    /** One inch is exactly 25.4 mm (international inch, 1959). */
    public const MM_PER_INCH = 25.4;

    public function mm(): float
    {
        return match ($this) {
            self::Millimetre => 1.0,
            self::Inch => self::MM_PER_INCH,
        };
    }

    /**
     * A bare figure with this unit written behind it, as it is kept when the unit changes; all else as it was typed.
     */
    public function behind(string $typed): string
    {
        return preg_match('~^\s*[-−+]?[\d.,/\s-]*\d[.,]?\s*$~u', $typed) === 1
            ? trim($typed).($this === self::Inch ? ' in' : ' mm')
            : $typed;
    }

    public function other(): self
    {
        return $this === self::Millimetre ? self::Inch : self::Millimetre;
    }
}
