<?php

declare(strict_types=1);

namespace JackRest\Core\Rack;

/**
 * How fast a stone really cuts, in times the model, from counted strokes.
 *
 * One session says model strokes ÷ counted strokes. Factors multiply, so their mean is the geometric one and
 * their spread a ratio: two thirds of sessions lie between factor ÷ spread and factor · spread (the logarithms'
 * standard deviation; plain statistics). From three sessions on it takes the place of the default; fewer say too
 * little (from memory).
 */
final readonly class OwnCut
{
    public const USED_FROM = 3;

    private function __construct(public float $factor, public float $spread, public int $sessions)
    {
    }

    /** @param  list<StrokesCounted>  $counts */
    public static function from(array $counts): ?self
    {
        $logs = [];
        foreach ($counts as $count) {
            if ($count->counted > 0 && $count->modelStrokes > 0.0) {
                $logs[] = log($count->modelStrokes / $count->counted);
            }
        }
        $n = count($logs);
        if ($n === 0) {
            return null;
        }
        $mean = array_sum($logs) / $n;
        $squares = array_sum(array_map(static fn (float $log): float => ($log - $mean) ** 2, $logs));

        return new self(exp($mean), $n > 1 ? exp(sqrt($squares / ($n - 1))) : 1.0, $n);
    }

    public function isUsed(): bool
    {
        return $this->sessions >= self::USED_FROM;
    }
}
