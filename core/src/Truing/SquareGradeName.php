<?php

declare(strict_types=1);

namespace JackRest\Core\Truing;

/** The grades of squares, the finest first. */
enum SquareGradeName: string
{
    case DoubleNought = '00';
    case Nought = '0';
    case One = '1';
    case Two = '2';

    /**
     * Largest error of a blade L mm long, in µm: 2 + L/100, 5 + L/50, 10 + L/20, 20 + L/10 (DIN 875-1, from memory).
     */
    public function toleranceUm(float $lengthMm): float
    {
        return match ($this) {
            self::DoubleNought => 2 + $lengthMm / 100,
            self::Nought => 5 + $lengthMm / 50,
            self::One => 10 + $lengthMm / 20,
            self::Two => 20 + $lengthMm / 10,
        };
    }
}
