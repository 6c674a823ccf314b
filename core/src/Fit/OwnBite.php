<?php

declare(strict_types=1);

namespace JackRest\Core\Fit;

/** A saw's own factor on the model's bite, from counted strokes: their geometric mean, with the least and the most. */
final readonly class OwnBite
{
    private function __construct(public float $factor, public int $counts, public float $least, public float $most)
    {
    }

    /** @param  list<SawCount>  $counts */
    public static function from(array $counts): ?self
    {
        if ($counts === []) {
            return null;
        }
        $factors = array_map(static fn (SawCount $count): float => $count->factor(), $counts);

        return new self(
            exp(array_sum(array_map(log(...), $factors)) / count($factors)),
            count($factors),
            min($factors),
            max($factors),
        );
    }
}
