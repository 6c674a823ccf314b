<?php

declare(strict_types=1);

namespace JackRest\Core\Job;

use JackRest\Core\Calculation\InvalidInput;

/**
 * When each line of a job is done, working so many minutes a day on the average. While one batch rests the next is gone
 * on with; when everything rests, nothing is done.
 */
final readonly class JobTimeline
{
    /** @param  list<float>  $ends  days from the start when each line is done, in the order of the lines */
    private function __construct(public array $ends, public float $days)
    {
    }

    /**
     * @param  list<array{int, float, float}>  $lines  batch, minutes, days of rest after it
     * @param  array<int, float>  $resting  days that a batch still rests, by batch
     *
     * @throws InvalidInput
     */
    public static function of(array $lines, float $minutesPerDay, array $resting = []): self
    {
        if ($minutesPerDay <= 0.0 || ! is_finite($minutesPerDay)) {
            throw InvalidInput::because('minutesPerDay', 'must be more than nothing');
        }
        $now = 0.0;
        $until = $resting;
        $ends = [];
        $left = $lines;
        while ($left !== []) {
            $line = self::doable($left, $until, $now);
            if ($line === null) {
                $waits = array_map(static fn (array $line): float => $until[$line[0]] ?? 0.0, $left);
                $now = min($waits === [] ? [$now] : $waits);

                continue;
            }
            [$batch, $minutes, $rest] = $left[$line];
            $now += $minutes / $minutesPerDay;
            $ends[$line] = $now;
            if ($rest > 0) {
                $until[$batch] = $now + $rest;
            }
            unset($left[$line]);
        }
        ksort($ends);

        return new self(array_values($ends), $ends === [] ? 0.0 : max($ends));
    }

    /**
     * @param  array<int, array{int, float, float}>  $left
     * @param  array<int, float>  $until
     */
    private static function doable(array $left, array $until, float $now): ?int
    {
        foreach ($left as $index => [$batch]) {
            if (($until[$batch] ?? 0.0) <= $now + 1e-9) {
                return $index;
            }
        }

        return null;
    }
}
