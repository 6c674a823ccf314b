<?php

declare(strict_types=1);

namespace JackRest\Core\Job;

use JackRest\Core\Measure\StudentT;

/**
 * How long somebody takes for an operation, as a factor of the minutes from memory, learnt from the times it was done:
 * the logarithms of the factors have a mean and a spread (common practice for times of work, which are skewed).
 */
final readonly class Pace
{
    /** Times before which nothing is learnt. */
    public const FROM = 3;

    /** Of the next times this share lies between low and high. */
    private const SHARE = 0.8;

    /** More than this many times as long as planned, and longer than {@see PAUSE_S}, was no work: somebody was away. */
    private const AWAY = 3.0;

    private const PAUSE_S = 600.0;

    /** Less than this share of what was planned was not timed, but told afterwards. From memory, as the two above. */
    private const TOLD = 0.2;

    private function __construct(public float $factor, public float $low, public float $high, public int $times)
    {
    }

    /**
     * @param  list<array{float, float}>  $done  planned and real minutes, each time, both above 0
     * @return self|null null: not done often enough yet
     */
    public static function of(array $done): ?self
    {
        $logs = [];
        foreach ($done as [$planned, $real]) {
            if ($planned > 0 && $real > 0) {
                $logs[] = log($real / $planned);
            }
        }
        $count = count($logs);
        if ($count < self::FROM) {
            return null;
        }
        $mean = array_sum($logs) / $count;
        $squares = array_sum(array_map(static fn (float $log): float => ($log - $mean) ** 2, $logs));
        $spread = sqrt($squares / ($count - 1) * (1 + 1 / $count));
        $reach = StudentT::quantile((1 + self::SHARE) / 2, $count - 1) * $spread;

        return new self(exp($mean), exp($mean - $reach), exp($mean + $reach), $count);
    }

    /**
     * How much of the time between two taps was work: all of it, unless it was so long that somebody was away; then
     * what was planned.
     */
    public static function worked(float $seconds, float $plannedSeconds): float
    {
        $isAway = $seconds > self::PAUSE_S && $seconds > self::AWAY * $plannedSeconds;

        return max(0.0, $isAway ? $plannedSeconds : $seconds);
    }

    /** Whether a time is one, and not taps that were made all together when the work was done. */
    public static function isTimed(float $planned, float $real): bool
    {
        return $planned > 0 && $real >= self::TOLD * $planned;
    }
}
