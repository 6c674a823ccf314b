<?php

declare(strict_types=1);

namespace App\Eye;

use App\Bench\Bench;
use Illuminate\Support\Carbon;
use Illuminate\Support\Collection;
use JackRest\Core\Eye\Exercise;
use JackRest\Core\Eye\Sight;
use JackRest\Desk\Eye\EyeWords;

/** What the eye of whoever works at a bench was found to see, by its last runs. */
final class SeenByEye
{
    /** An eye is looked at again after so many days; from memory. */
    public const OLD_DAYS = 90;

    /** Runs that are looked at together. */
    public const TOGETHER = 3;

    /** @return Collection<string, EyeRun> the last run that ended, by exercise */
    public static function last(Bench $bench): Collection
    {
        return EyeRun::of($bench)->whereNotNull('ended_at')->oldest('ended_at')->oldest('id')->get()->toBase()
            ->keyBy(static fn (EyeRun $run): string => $run->exercise->value);
    }

    /** @return array<string, float> mm at a hand's distance, by instrument */
    public static function mm(Bench $bench): array
    {
        $mm = [];
        foreach (self::last($bench) as $run) {
            $instrument = $run->exercise->instrument();
            if ($instrument !== null && $run->seen !== null) {
                $mm[$instrument->value] = Sight::atHand($run->seen, EyeWords::HAND_MM);
            }
        }

        return $mm;
    }

    /** @return list<Exercise> whose last run has grown old */
    public static function old(Bench $bench): array
    {
        $since = Carbon::now()->subDays(self::OLD_DAYS)->toIso8601ZuluString();

        return array_values(
            self::last($bench)
                ->filter(static fn (EyeRun $run): bool => $run->ended_at < $since)
                ->map(static fn (EyeRun $run): Exercise => $run->exercise)
                ->all(),
        );
    }
}
