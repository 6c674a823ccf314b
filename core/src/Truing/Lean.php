<?php

declare(strict_types=1);

namespace JackRest\Core\Truing;

/** Which way a square's blade leans. */
enum Lean: string
{
    case TowardStock = 'toward-stock';
    case AwayFromStock = 'away-from-stock';
    case Square = 'square';

    /** An error no larger than its uncertainty cannot be told from square. */
    public static function of(float $errorMm, float $uncertaintyMm): self
    {
        return match (true) {
            abs($errorMm) <= $uncertaintyMm => self::Square,
            $errorMm > 0 => self::TowardStock,
            default => self::AwayFromStock,
        };
    }

    public function label(): string
    {
        return match ($this) {
            self::TowardStock => 'leans toward the stock',
            self::AwayFromStock => 'leans away from the stock',
            self::Square => 'square as far as can be read',
        };
    }
}
