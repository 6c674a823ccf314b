<?php

declare(strict_types=1);

namespace JackRest\Core\Measure;

/** A length in mm; may be negative where a direction is meant. */
final readonly class Length
{
    public function __construct(public float $mm)
    {
    }

    public static function fromInches(float $inches): self
    {
        return new self($inches * LengthUnit::MM_PER_INCH);
    }

    public static function fromThou(float $thou): self
    {
        return new self($thou * LengthUnit::MM_PER_INCH / 1000);
    }
}
