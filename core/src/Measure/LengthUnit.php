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

    public function other(): self
    {
        return $this === self::Millimetre ? self::Inch : self::Millimetre;
    }
}
