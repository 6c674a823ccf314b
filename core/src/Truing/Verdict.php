<?php

declare(strict_types=1);

namespace JackRest\Core\Truing;

/** An error with its uncertainty against a tolerance. */
enum Verdict: string
{
    case Within = 'within';
    case Outside = 'outside';
    case CannotTell = 'cannot-tell';

    public function says(): string
    {
        return match ($this) {
            self::Within => 'within tolerance',
            self::Outside => 'outside tolerance',
            self::CannotTell => 'can’t tell',
        };
    }

    /** An uncertainty of nought means that nothing is known of it, so nothing can be told. */
    public static function of(float $errorMm, float $uncertaintyMm, float $toleranceMm): self
    {
        return match (true) {
            $uncertaintyMm === 0.0 => self::CannotTell,
            abs($errorMm) + $uncertaintyMm <= $toleranceMm => self::Within,
            abs($errorMm) - $uncertaintyMm > $toleranceMm => self::Outside,
            default => self::CannotTell,
        };
    }
}
