<?php

declare(strict_types=1);

namespace JackRest\Core\Work;

use JackRest\Core\Work\Conditions\Compares;
use JackRest\Core\Work\Conditions\SoleReaches;
use JackRest\Core\Work\Conditions\SweepTurns;
use JackRest\Core\Work\Conditions\TeethSuit;
use JackRest\Core\Work\Conditions\WorkWithin;

/** Which numbers of the work decide anything about an operation: those that its ways' conditions ask for. */
final class FactsOf
{
    /** @return list<Fact> */
    public static function operation(Operation $operation): array
    {
        $facts = [];
        foreach ($operation->ways as $way) {
            foreach ($way->conditions as $condition) {
                foreach (self::condition($condition) as $fact) {
                    $facts[$fact->value] = $fact;
                }
            }
        }

        return array_values($facts);
    }

    /** @return list<Fact> */
    private static function condition(Condition $condition): array
    {
        return match (true) {
            $condition instanceof Compares, $condition instanceof WorkWithin => [$condition->fact],
            $condition instanceof SoleReaches => [Fact::Length, Fact::Tolerance],
            $condition instanceof TeethSuit => [Fact::Thickness, Fact::Depth],
            $condition instanceof SweepTurns => [Fact::Diameter],
            default => [],
        };
    }
}
