<?php

declare(strict_types=1);

namespace JackRest\Core\Measure;

use JackRest\Core\Calculation\InvalidInput;

/** The straight line through points that leaves the least squares: slope = Σ(x−x̄)(y−ȳ) ÷ Σ(x−x̄)². Legendre, 1805. */
final readonly class LeastSquares
{
    private function __construct(public float $slope, public float $intercept)
    {
    }

    /**
     * @param  non-empty-list<array{float, float}>  $points
     *
     * @throws InvalidInput when all points stand over one another
     */
    public static function line(array $points): self
    {
        $n = count($points);
        $x = array_sum(array_column($points, 0)) / $n;
        $y = array_sum(array_column($points, 1)) / $n;
        $square = array_sum(array_map(static fn (array $point): float => ($point[0] - $x) ** 2, $points));
        if ($square <= 0.0) {
            throw InvalidInput::because('points', 'must lie at two different places at least');
        }
        $slope =
            array_sum(array_map(static fn (array $point): float => ($point[0] - $x) * ($point[1] - $y), $points)) /
            $square;

        return new self($slope, $y - $slope * $x);
    }

    public function at(float $x): float
    {
        return $this->intercept + $this->slope * $x;
    }
}
