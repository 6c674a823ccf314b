<?php

declare(strict_types=1);

namespace JackRest\Core\Kit;

use JackRest\Core\Calculation\InvalidInput;

/** Prices and weights as whole numbers of their smallest step, so that ties are ties and sums are exact. */
final class WholeNumbers
{
    private const SCALES = [1, 10, 100, 1_000, 10_000, 100_000, 1_000_000, 10_000_000, 100_000_000, 1_000_000_000];

    private const LARGEST = 1e14;

    /**
     * The smallest power of ten that makes every number whole; a billion where none does.
     *
     * @param  list<float>  $numbers
     */
    public static function scaleFor(array $numbers): int
    {
        $scale = 1;
        foreach (self::SCALES as $candidate) {
            if (array_sum($numbers) * $candidate > self::LARGEST) {
                break;
            }
            $scale = $candidate;
            if (self::allWhole($numbers, $scale)) {
                break;
            }
        }

        return array_sum($numbers) > self::LARGEST ? throw InvalidInput::tooLarge() : $scale;
    }

    /**
     * @param  list<float>  $numbers
     * @return list<int>
     */
    public static function scaled(array $numbers, int $scale): array
    {
        return array_map(static fn (float $number): int => (int) round($number * $scale), $numbers);
    }

    /** @param  list<float>  $numbers */
    private static function allWhole(array $numbers, int $scale): bool
    {
        foreach ($numbers as $number) {
            if (abs($number * $scale - round($number * $scale)) > 1e-6) {
                return false;
            }
        }

        return true;
    }
}
