<?php

declare(strict_types=1);

namespace JackRest\Core\Work\Conditions;

use JackRest\Core\Fit\BraceFit;
use JackRest\Core\Fit\BraceFitInput;
use JackRest\Core\Measure\LengthFormatter;
use JackRest\Core\Work\Condition;
use JackRest\Core\Work\Fact;
use JackRest\Core\Work\Facts;
use JackRest\Core\Work\Shortfall;

/** The brace's sweep is long enough to turn the bit without straining ({@see BraceFit}). */
final readonly class SweepTurns implements Condition
{
    public function __construct(private string $kind)
    {
    }

    public function kind(): string
    {
        return $this->kind;
    }

    public function holds(array $sizes, Facts $facts): bool
    {
        $needed = self::neededMm($facts);

        return $needed === null || ($sizes['sweep'] ?? INF) >= $needed;
    }

    public function says(LengthFormatter $format): string
    {
        return 'sweep long enough to turn the bit in this wood';
    }

    public function shortfall(array $sizes, Facts $facts): Shortfall
    {
        return new Shortfall('sweep', 'at least', self::neededMm($facts), $sizes['sweep'] ?? null);
    }

    private static function neededMm(Facts $facts): ?float
    {
        $diameter = $facts->get(Fact::Diameter);

        return $diameter === null
            ? null
            : (new BraceFit())(new BraceFitInput($diameter, $facts->hardness))->sweepNeededMm;
    }
}
