<?php

declare(strict_types=1);

namespace JackRest\Core\Edge;

/** How the schools go from coarse to fine; common practice. */
enum GritPath: string
{
    case LeastTime = 'least-time';
    case TwoStones = 'two-stones';
    case FullLadder = 'full-ladder';
    case StopEarly = 'stop-early';

    /** Whether it goes whichever way is quickest. */
    public function isFree(): bool
    {
        return $this === self::LeastTime || $this === self::StopEarly;
    }

    /**
     * The path this school takes, or null where the stones at hand allow none.
     *
     * @throws \JackRest\Core\Calculation\InvalidInput when no stone is fine enough
     */
    public function over(HoningPlanInput $job): ?HoningPath
    {
        return match ($this) {
            self::LeastTime, self::StopEarly => HoningPaths::of($job)->quickest(),
            self::TwoStones => HoningPaths::of($job)->ofLength(2),
            self::FullLadder => self::everyStone($job),
        };
    }

    /** From the stone that makes it quickest through every size there is, to the first that is fine enough. */
    private static function everyStone(HoningPlanInput $job): ?HoningPath
    {
        $best = null;
        $ladder = self::ladder($job);
        for ($from = 0; $from < count($ladder); $from++) {
            $path = self::through(array_slice($ladder, $from), $job);
            $best = $path !== null && ($best === null || $path->totalSeconds < $best->totalSeconds) ? $path : $best;
        }

        return $best;
    }

    /** @return list<Abrasive> coarse to fine down to the first fine enough, one of each size */
    private static function ladder(HoningPlanInput $job): array
    {
        $stones = $job->abrasives;
        usort(
            $stones,
            static fn (Abrasive $a, Abrasive $b): int => [$b->particleUm, $a->id] <=> [$a->particleUm, $b->id],
        );
        $ladder = [];
        foreach ($stones as $stone) {
            $last = $ladder[count($ladder) - 1] ?? null;
            if ($last !== null && ($last->particleUm === $stone->particleUm || $last->particleUm <= $job->finishUm)) {
                continue;
            }
            $ladder[] = $stone;
        }

        return $ladder;
    }

    /** @param  list<Abrasive>  $stones */
    private static function through(array $stones, HoningPlanInput $job): ?HoningPath
    {
        // One stone alone is no ladder, unless there is but one that is fine enough.
        if (count($stones) < 2 && count($job->abrasives) > 1) {
            return null;
        }
        $model = new StrokeModel($job);
        $steps = [];
        $before = null;
        foreach ($stones as $stone) {
            $steps[] = $model->step($before, $stone);
            $before = $stone;
        }

        return new HoningPath(
            $steps,
            array_sum(array_map(static fn (HoningStep $step): float => $step->seconds, $steps)),
        );
    }
}
