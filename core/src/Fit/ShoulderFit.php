<?php

declare(strict_types=1);

namespace JackRest\Core\Fit;

use JackRest\Core\Calculation\Calculates;

/**
 * Which shoulder plane for this stock.
 *
 * A shoulder is half of what stock and tenon differ by. An iron as wide covers it in one pass, half as wide in
 * two; a narrower one rocks. In a groove the iron must be no wider than the groove. Common practice, no source.
 */
#[Calculates('shoulder-fit', 'Which shoulder plane for this stock')]
final class ShoulderFit
{
    public function __invoke(ShoulderFitInput $joint): ShoulderFitResult
    {
        $shoulder = ($joint->stockThicknessMm - $joint->tenonThicknessMm) / 2;

        return new ShoulderFitResult($shoulder, array_map(static fn (float $iron): ShoulderIron => new ShoulderIron(
            $iron,
            match (true) {
                $iron >= $shoulder - 1e-9 => ShoulderVerdict::Good,
                $iron >= $shoulder / 2 - 1e-9 => ShoulderVerdict::TwoPasses,
                default => ShoulderVerdict::Narrow,
            },
            $joint->grooveMm === null ? null : $iron <= $joint->grooveMm + 1e-9,
        ), $joint->ironsMm));
    }
}
