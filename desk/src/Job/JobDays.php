<?php

declare(strict_types=1);

namespace JackRest\Desk\Job;

use JackRest\Core\Job\JobTimeline;
use JackRest\Desk\Count;

/** The days on which a job gets where: batch by batch, and what is done by the date it is wanted. */
final readonly class JobDays
{
    /**
     * @param  list<string>  $ends  ISO date by step that is not done
     * @param  string  $day  ISO date when all of it is done
     */
    private function __construct(public array $ends, public string $day)
    {
    }

    /**
     * @param  list<JobStep>  $steps  those not done
     * @param  list<float>  $minutes  what is left of each
     * @param  array<int, float>  $resting  days by batch
     * @param  string  $today  ISO date
     */
    public static function of(array $steps, array $minutes, float $perDay, array $resting, string $today): self
    {
        $timeline = JobTimeline::of(array_map(
            static fn (JobStep $step, float $left): array => [$step->batch, $left, $step->restDays],
            $steps,
            $minutes,
        ), $perDay, $resting);
        $dayOf = static fn (float $days): string => gmdate('Y-m-d',
            (int) strtotime("$today 12:00 UTC") + 86_400 * (int) max(0, ceil($days - 1e-9) - 1));

        return new self(array_map($dayOf, $timeline->ends), $dayOf($timeline->days));
    }

    /** @param  list<JobStep>  $steps  those of {@see $ends} */
    public function byDate(?string $due, array $steps, int $pieces, int $batch): ?string
    {
        return self::reached($due, $this->day, $steps, $this->ends, $pieces, $batch);
    }

    /**
     * What is done by the date it is wanted; null: no date is.
     *
     * @param  string  $day  when all of it is done
     * @param  list<JobStep>  $steps  that are not done
     * @param  list<string>  $ends  when each of them is
     */
    public static function reached(
        ?string $due,
        string $day,
        array $steps,
        array $ends,
        int $pieces,
        int $batch,
    ): ?string {
        if ($due === null) {
            return null;
        }
        $wanted = gmdate('j F', (int) strtotime("$due 12:00 UTC"));
        if ($day <= $due) {
            return "Wanted by $wanted: all of it is done by then.";
        }
        $late = [];
        foreach ($steps as $index => $step) {
            if ($ends[$index] > $due) {
                $late[$step->batch] = true;
            }
        }
        $done = 0;
        for ($one = 0; $one * $batch < $pieces; $one++) {
            $done += isset($late[$one]) ? 0 : min($batch, $pieces - $one * $batch);
        }

        return $done === 0
            ? "Wanted by $wanted: none is done by then."
            : "Wanted by $wanted: $done of ".Count::of($pieces, 'piece').' are done by then.';
    }
}
