<?php

declare(strict_types=1);

namespace App\Pace;

use App\Bench\Bench;
use App\Ledger\Record;
use JackRest\Core\Job\Pace;

/**
 * What was done of a step of a job in one go, and how long it took.
 *
 * @property int $work_job_id
 * @property int $step of the job, from 0
 * @property string $operation empty: an edge was honed
 * @property int $units parts it was done to
 * @property float $usual_minutes from memory, for as many
 * @property float $minutes 0: nothing was timed
 * @property string $timed_at ISO 8601
 */
final class StepTime extends Record
{
    /** Times that are looked back on: a hand gets quicker. */
    private const LATELY = 20;

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['step' => 'integer', 'units' => 'integer', 'usual_minutes' => 'float', 'minutes' => 'float'];
    }

    /** @return array<string, Pace> what is learnt, by operation */
    public static function paces(Bench $bench): array
    {
        $times = [];
        $timed = self::of($bench)->where('operation', '!=', '')->where('minutes', '>', 0)->latest('timed_at');
        foreach ($timed->latest('id')->toBase()
            ->get(['operation', 'usual_minutes', 'minutes']) as $row) {
            /** @var \stdClass&object{operation: string, usual_minutes: float|int, minutes: float|int} $row */
            if (Pace::isTimed((float) $row->usual_minutes, (float) $row->minutes)) {
                $times[$row->operation][] = [(float) $row->usual_minutes, (float) $row->minutes];
            }
        }
        $paces = array_map(
            static fn (array $done): ?Pace => Pace::of(array_slice($done, 0, self::LATELY)),
            $times,
        );

        return array_filter($paces, static fn (?Pace $pace): bool => $pace !== null);
    }
}
