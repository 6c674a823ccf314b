<?php

declare(strict_types=1);

namespace JackRest\Core\Work;

/** How a dimension must stand to a number. */
enum Relation: string
{
    case AtLeast = 'at least';
    case AtMost = 'at most';
    case Same = 'just';

    /** Within half a millimetre a chisel is as wide as its mortise. Common practice. */
    private const SAME_WITHIN_MM = 0.5;

    public function holds(float $has, float $takes): bool
    {
        return match ($this) {
            self::AtLeast => $has >= $takes - 1e-9,
            self::AtMost => $has <= $takes + 1e-9,
            self::Same => abs($has - $takes) <= self::SAME_WITHIN_MM + 1e-9,
        };
    }
}
