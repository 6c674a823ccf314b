<?php

declare(strict_types=1);

namespace JackRest\Core\Edge;

use JackRest\Core\Calculation\Calculates;

/**
 * Which stones, in which order, with how many strokes.
 *
 * Among all strictly finer sequences that end fine enough, the one with the least total seconds; on a tie
 * fewer stones, then ids in alphabetical order. Strokes and seconds of a step: {@see StrokeModel}.
 * Found exactly by dynamic programming over (number of stones, last stone).
 */
#[Calculates('honing-plan', 'Stones, strokes and seconds for an edge')]
final class HoningPlan
{
    public function __invoke(HoningPlanInput $job): HoningPlanResult
    {
        $times = new HoningTimes($job);
        $paths = (new HoningPaths($job, $times))->bestByLength();
        $best = array_shift($paths);
        $used = array_map(static fn (HoningStep $step): string => $step->id, $best->path);

        return new HoningPlanResult(
            $best->path,
            $best->totalSeconds,
            $paths,
            self::skipped($job, new HoningDetour($times), $used, $best->totalSeconds),
        );
    }

    /**
     * @param  list<string>  $used
     * @return list<SkippedStone>
     */
    private static function skipped(
        HoningPlanInput $job,
        HoningDetour $through,
        array $used,
        float $bestSeconds,
    ): array {
        $skipped = [];
        foreach ($job->abrasives as $abrasive) {
            if (! in_array($abrasive->id, $used, true)) {
                $seconds = $through->secondsThrough($abrasive);
                $skipped[] = new SkippedStone($abrasive->id, $seconds === null ? null : $seconds - $bestSeconds);
            }
        }

        return $skipped;
    }
}
