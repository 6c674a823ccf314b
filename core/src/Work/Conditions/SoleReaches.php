<?php

declare(strict_types=1);

namespace JackRest\Core\Work\Conditions;

use JackRest\Core\Fit\SoleFit;
use JackRest\Core\Fit\SoleFitInput;
use JackRest\Core\Measure\LengthFormatter;
use JackRest\Core\Work\Condition;
use JackRest\Core\Work\Fact;
use JackRest\Core\Work\Facts;
use JackRest\Core\Work\Shortfall;

/** The sole is long enough to leave the board straight within its tolerance ({@see SoleFit}). */
final readonly class SoleReaches implements Condition
{
    /** The last, thin shaving of a jointed edge, mm. Common practice. */
    public const SHAVING_MM = 0.05;

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

        return $needed === null || ($sizes['length'] ?? INF) >= $needed;
    }

    public function says(LengthFormatter $format): string
    {
        return 'sole long enough that it cannot dip into a hollow deeper than the tolerance';
    }

    public function shortfall(array $sizes, Facts $facts): Shortfall
    {
        return new Shortfall('sole length', 'at least', self::neededMm($facts), $sizes['length'] ?? null);
    }

    private static function neededMm(Facts $facts): ?float
    {
        $board = $facts->get(Fact::Length);
        $tolerance = $facts->get(Fact::Tolerance);

        return $board === null || $tolerance === null
            ? null
            : (new SoleFit)(new SoleFitInput($board, $board, self::SHAVING_MM, $tolerance))->soleNeededMm;
    }
}
